#pragma once

#include "app/common/zoom_view.h"
#include "app/sheet/resting_sheet.h"
#include "app/sheet/sheet_hand.h"

#include <QPixmap>

class QLabel;
class QPushButton;
class QTimer;

namespace fusuma::app {

/// The page: paper, margins, cut zone and marks, with the stickers as they will print and their cut lines over them.
class SheetView : public ZoomView {
    Q_OBJECT
  public:
    explicit SheetView(Model& project, QWidget* parent = nullptr);
    void show_finding(const Finding& finding);
    void set_measuring(bool on);
    void show_true_size();
    [[nodiscard]] static KeyList keys();

  signals:
    void sticker_opened(int id);
    void menu_wanted(QPoint global); ///< for the copies selected, or for the page when none is
    void mark_menu_wanted(QPoint global);

  protected:
    /// Copies in reading order, and marks.
    [[nodiscard]] Things list_things() const override;
    void take_thing(int id) override;
    void paint(QPainter& painter) override;
    void press(QMouseEvent* event) override;
    void drag(QMouseEvent* event) override;
    void release(QMouseEvent* event) override;
    bool double_click(QMouseEvent* event) override;
    bool key(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override; ///< a sticker from the tray
    void dropEvent(QDropEvent* event) override;

  private:
    Model& model;
    SheetHand hand;
    QWidget *zoom_bar, *page_bar;
    QLabel *zoom_text, *page_text;
    QPushButton *page_before, *page_after, *measure;
    RestingSheet resting;
    QTimer* draw_on; ///< while what rests is not drawn as a whole
    struct Floating {
        std::shared_ptr<const JobPlan> plan;
        QTransform view;
        Selection copies;
        int art_arrived = 0;
        QPixmap picture;
    } floating; ///< what is being moved, where it was

    [[nodiscard]] Selection live_copies() const; ///< that are not where the plan has them
    void paint_paper(QPainter& painter) const;
    void paint_resting(QPainter& painter, const Selection& without);
    void paint_live(QPainter& painter, const Selection& copies);
    void paint_search(QPainter& painter) const;
    void paint_coming(QPainter& painter) const;
    void paint_unplanned(QPainter& painter, const Sticker& sticker, const StickerResult& result,
                         const QTransform& map) const;
    void paint_findings(QPainter& painter) const;
    void paint_hand(QPainter& painter) const;
    void paint_rulers(QPainter& painter) const;
    void refresh();
    void add_zoom_bar();
    void add_page_bar();
    void place_bars();
};

} // namespace fusuma::app
