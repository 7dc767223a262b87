#pragma once

#include "app/common/zoom_view.h"
#include "app/shell/session.h"

#include <optional>

class QComboBox;
class QLabel;

namespace fusuma::app {

/// The sticker in hand at any zoom: the artwork with its outline and cut line over it, as it will print and be cut.
class BenchView : public ZoomView {
    Q_OBJECT
  public:
    explicit BenchView(Session& project, QWidget* parent = nullptr);

    enum class Look { result, artwork, coverage, outline };
    /// What the next press in the view does.
    enum class Tool { none, pick_colour, focus_box };
    void take(Tool next);

  protected:
    void paint(QPainter& painter) override;
    void press(QMouseEvent* event) override;
    void drag(QMouseEvent* event) override;
    void release(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    Session& session;
    Look look = Look::result;
    QComboBox* look_at;
    QLabel* figures;
    Tool tool = Tool::none;
    std::optional<Point> box_from; ///< mm, while a focus box is being drawn
    Point box_to;

    void refresh();
    void place_overlays();
    void paint_coverage(QPainter& painter, const StickerResult& result) const;
    void paint_focus(QPainter& painter, const Sticker& sticker, const StickerResult& result) const;
    void paint_ruler(QPainter& painter, const Rect& cut_box) const;
    void paint_empty(QPainter& painter) const;
};

} // namespace fusuma::app
