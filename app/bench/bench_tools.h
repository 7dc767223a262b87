#pragma once

#include "app/shell/session.h"

#include <QObject>
#include <QPolygonF>

class QPainter;

namespace fusuma::app {

/// What the next press in the view does.
enum class Tool { none, pick_colour, pocket, brush_add, brush_erase, focus_box, crop, straighten };

/// The tools of the bench view: each turns presses and drags on the artwork into one edit of the sticker in hand.
/// Places come in as millimetres on the sticker and are kept as pixels of its picture.
class BenchTools : public QObject {
    Q_OBJECT
  public:
    explicit BenchTools(Session& project) : session(project) {}

    [[nodiscard]] Tool tool() const { return taken; }
    void take(Tool next);
    /// Millimetres on the sticker; `straight` keeps a brush stroke to one line.
    void press(Point mm);
    void drag(Point mm, bool straight);
    void release();
    /// Lets go of a stroke or box half drawn, or else of the tool. False when there was neither.
    bool escape();

    double brush_size = 24; ///< px of the picture
    double brush_hardness = 0.8;
    int chosen_stroke = -1; ///< of the sticker's, shown brightly; -1 for none

    /// Draws what is being drawn, and marks what the open tools have left on the picture.
    void paint(QPainter& painter, const QTransform& mm_to_view, QPointF pointer) const;

  signals:
    void changed(); ///< the tool, or what is being drawn

  private:
    Session& session;
    Tool taken = Tool::none;
    std::vector<Point> drawn; ///< mm

    [[nodiscard]] bool is_brush() const { return taken == Tool::brush_add || taken == Tool::brush_erase; }
    [[nodiscard]] bool is_box() const { return taken == Tool::focus_box || taken == Tool::crop; }
    [[nodiscard]] Stroke stroke_of(const std::vector<Point>& mm) const;
    void use_place(PixelPlace place);
};

} // namespace fusuma::app
