#pragma once

#include "app/bench/bench_tools.h"
#include "app/bench/finished_look.h"
#include "app/common/zoom_view.h"

class QCheckBox;
class QComboBox;
class QLabel;

namespace fusuma::app {

/// The sticker in hand at any zoom: the artwork with its outline and cut line over it, as it will print and be cut.
class BenchView : public ZoomView {
    Q_OBJECT
  public:
    BenchView(Model& project, BenchTools& bench_tools, QWidget* parent = nullptr);

    enum class Look { result, artwork, coverage, outline, difference };
    void look_at(Look next);
    /// Rings a place on the sticker, or none.
    void point_at(std::optional<Point> mm);


  signals:
    void menu_wanted(Point mm, QPoint global);
    void hovered(Point mm);
    void clicked(Point mm); ///< without a tool in hand
    void left();

  protected:
    /// Nodes while they are worked on, else a drawing's parts, else the sticker itself.
    [[nodiscard]] Things list_things() const override;
    void take_thing(int id) override;
    void paint(QPainter& painter) override;
    void press(QMouseEvent* event) override;
    void drag(QMouseEvent* event) override;
    void release(QMouseEvent* event) override;
    bool double_click(QMouseEvent* event) override;
    bool key(QKeyEvent* event) override;
    bool claims(const QKeyEvent& event) const override;
    void leaveEvent(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

  private:
    Model& model;
    BenchTools& tools;
    Look look = Look::result;
    std::shared_ptr<const Mask> tinted_mask; ///< that was unpacked last, to be shown in a tint
    Coverage tinted;
    QComboBox *looks, *stocks;
    QCheckBox* peel;
    QLabel* figures;
    QPointF pointer;
    std::optional<Point> pointed_at;

    void refresh();
    void place_overlays();
    [[nodiscard]] Stock stock() const; ///< none unless the finished sticker is looked at
    [[nodiscard]] QString figures_of(const StickerResult& result) const;
    void paint_art(QPainter& painter, const Sticker& sticker, const StickerResult& result) const;
    void paint_tint(QPainter& painter, const StickerResult& result, double threshold);
    void paint_waste(QPainter& painter, const QPainterPath& cut) const;
    void paint_pointed_at(QPainter& painter) const;
    void paint_chosen_parts(QPainter& painter, const Sticker& sticker, const DrawingArtwork& art) const;
    void paint_legend(QPainter& painter, double left_out_mm2, double taken_in_mm2) const;
    void paint_outline(QPainter& painter, const SizedOutline& outlined) const;
    void paint_specks(QPainter& painter, const SizedOutline& outlined) const;
    void paint_ruler(QPainter& painter, const Rect& cut_box) const;
    void paint_empty(QPainter& painter) const;
};

} // namespace fusuma::app
