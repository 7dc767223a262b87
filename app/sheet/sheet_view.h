#pragma once

#include "app/common/zoom_view.h"
#include "app/shell/session.h"

#include <optional>

class QLabel;

namespace fusuma::app {

/// The page: paper, margins, cut zone and marks, with the stickers as they will print and their cut lines over them.
class SheetView : public ZoomView {
    Q_OBJECT
  public:
    explicit SheetView(Session& project, QWidget* parent = nullptr);
    void show_finding(const Finding& finding);

  signals:
    void sticker_opened(int id);

  protected:
    void paint(QPainter& painter) override;
    void press(QMouseEvent* event) override;
    void drag(QMouseEvent* event) override;
    void release(QMouseEvent* event) override;
    bool double_click(QMouseEvent* event) override;
    bool key(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    Session& session;
    QWidget* zoom_bar;
    QLabel* zoom_text;
    enum class Hand { idle, moving, banding } hand = Hand::idle;
    QPointF pressed_at, band_to;
    Point grabbed;
    int stroke = 0;

    [[nodiscard]] std::optional<std::size_t> copy_at(QPointF view) const;
    [[nodiscard]] QPainterPath cut_path(const Placement& placement) const; ///< mm on the paper
    void paint_paper(QPainter& painter) const;
    void paint_copies(QPainter& painter) const;
    void paint_findings(QPainter& painter) const;
    void paint_selection(QPainter& painter) const;
    void refresh();
};

} // namespace fusuma::app
