#pragma once

#include "app/bench/line_tools.h"

#include <QObject>
#include <QPolygonF>

class QPainter;

namespace fusuma::app {

/// What the next press in the view does.
enum class Tool {
    none,
    pick_colour,
    pocket,
    brush_add,
    brush_erase,
    brush_belongs,
    brush_foreign,
    subject_box,
    focus_box,
    crop,
    straighten,
    hole,
    nodes,
    free_hand,
    pen
};

/// The tools of the bench view: each turns presses and drags on the artwork into one edit of the sticker in hand.
/// Places come in as millimetres on the sticker and are kept as pixels of its picture.
class BenchTools : public QObject {
    Q_OBJECT
  public:
    explicit BenchTools(Model& project);

    [[nodiscard]] Tool tool() const { return taken; }
    void take(Tool next);
    /// Millimetres on the sticker; `straight` keeps a brush stroke to one line.
    void press(Point mm, double px_per_mm, Qt::KeyboardModifiers keys);
    void drag(Point mm, bool straight);
    /// True when the tool in hand has a use for it.
    bool double_click(Point mm, double px_per_mm);
    bool key(QKeyEvent* event);
    void release();
    /// Lets go of a stroke or box half drawn, or else of the tool. False when there was neither.
    bool escape();

    /// Gives the colour of the next pixel clicked to `use`.
    void pick_colour_for(std::function<void(Rgb)> use);
    /// Does the tool work on the picture as it came, rather than on the result?
    [[nodiscard]] bool is_for_picture() const { return taken != Tool::none && taken < Tool::hole; }
    [[nodiscard]] bool is_line_tool() const { return taken >= Tool::nodes; }

    LineTools lines;

    // Of a layered drawing.
    [[nodiscard]] const ShapeIds& chosen_parts() const { return parts; }
    void choose_parts(ShapeIds ids);
    void show_slivers(std::vector<Sliver> found); ///< rings them in the view
    [[nodiscard]] const std::vector<Sliver>& slivers() const { return shown_slivers; }
    /// Chooses the frontmost part at a place, mm on the sticker; with `more` besides those chosen already.
    void choose_part_at(Point mm, bool more);

    double brush_size = 24; ///< px of the picture
    double brush_hardness = 0.8;
    int chosen_stroke = -1; ///< of the sticker's, shown brightly; -1 for none

    /// Draws what is being drawn, and marks what the open tools have left on the picture.
    void paint(QPainter& painter, const QTransform& mm_to_view, QPointF pointer) const;

  signals:
    void changed(); ///< the tool, or what is being drawn
    void parts_chosen();
    void place_wanted(Point mm); ///< to be brought into view

  private:
    Model& model;
    Tool taken = Tool::none;
    std::vector<Point> drawn; ///< mm
    ShapeIds parts;
    std::vector<Sliver> shown_slivers;

    [[nodiscard]] bool is_brush() const { return taken >= Tool::brush_add && taken <= Tool::brush_foreign; }
    [[nodiscard]] bool is_box() const {
        return taken == Tool::subject_box || taken == Tool::focus_box || taken == Tool::crop;
    }
    [[nodiscard]] Stroke stroke_of(const std::vector<Point>& mm) const;
    void use_place(PixelPlace place);
    void toggle_hole(Point mm);
    void paint_holes(QPainter& painter, const QTransform& mm_to_view, QPointF pointer) const;
    std::function<void(Rgb)> colour_taker;
};

} // namespace fusuma::app
