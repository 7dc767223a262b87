#pragma once

#include "app/common/key_words.h"
#include "app/common/thing.h"
#include "app/model/model.h"
#include "core/hand/cut_line.h"

#include <QObject>
#include <QTransform>
#include <set>

class QKeyEvent;
class QPainter;

namespace fusuma::app {

/// Work on the cut line by hand: nodes and handles, free-hand strokes and the pen. What is dragged is drawn from a copy
/// of the lines; letting go makes it one edit of the sticker in hand. Places are millimetres on the sticker.
class LineTools : public QObject {
    Q_OBJECT
  public:
    enum class Kind { nodes, free_hand, pen };

    explicit LineTools(Model& project);

    void take(Kind next);
    void put_down();
    void press(Point mm, double px_per_mm, Qt::KeyboardModifiers keys);
    void drag(Point mm);
    void release();
    bool double_click(Point mm, double px_per_mm);
    bool key(QKeyEvent* event);
    bool escape();
    void paint(QPainter& painter, const QTransform& mm_to_view, QPointF pointer) const;
    [[nodiscard]] Things nodes(const QTransform& mm_to_view, Unit unit) const; ///< while they are worked on
    void choose_node(int id);
    [[nodiscard]] static KeyList keys();

    double snap_mm = 1; ///< how near an end must come to another to be joined with it

    // For the panel beside the view.
    [[nodiscard]] const std::set<NodePlace>& selection() const { return selected; }
    [[nodiscard]] std::optional<Point> single_node() const; ///< where the one selected node is
    [[nodiscard]] bool can_break() const;
    [[nodiscard]] bool can_join() const; ///< two ends are selected
    void move_single_to(Point mm);
    void move_selected(Point by);
    void delete_selected();
    void insert_behind_selected();
    void smooth_selected();
    void corner_selected();
    void straighten_selected();
    void curve_selected();
    void break_selected();
    void join_selected();
    /// Whether one of the lines (by index) or of those left out is cut.
    void leave_out(std::size_t line);
    void take_back(std::size_t left_out);
    void drop_lost();
    void hold_lost();

  signals:
    void changed(); ///< what is selected or being drawn

  private:
    enum class Grip { none, nodes, handle, band, stroke, pen_handle };

    Model& model;
    Kind kind = Kind::nodes;
    bool is_taken = false;
    std::set<NodePlace> selected;
    std::vector<Point> selected_at;  ///< mm, to find the nodes again in lines worked out anew
    std::optional<CutLines> dragged; ///< the lines while they are dragged
    /// Edits that come faster than they are worked out go on from the lines of the edit before, and are kept relative
    /// to what was last worked out.
    std::shared_ptr<const Sticker> base_sticker;
    std::shared_ptr<const StickerResult> base_result;
    std::optional<CutLines> ahead;
    Grip grip = Grip::none;
    Point pressed_at, now_at;
    NodePlace handle_of;
    HandleSide handle_side = HandleSide::before;
    std::vector<Point> stroke;
    std::vector<Segment> pen; ///< the first only holds where the line starts; its control1 is the first handle
    double scale = 1;         ///< px per mm at the last press

    [[nodiscard]] std::shared_ptr<const StickerResult> result() const;
    [[nodiscard]] bool is_worked_out() const;
    [[nodiscard]] bool goes_on_from_base() const;
    [[nodiscard]] CutLines lines() const;
    void edit(const QString& label, const CutLines& next, const QString& stroke_name = {});
    void select(std::set<NodePlace> nodes);
    void find_selection_again();
    [[nodiscard]] std::vector<NodePlace> chosen() const { return {selected.begin(), selected.end()}; }
    [[nodiscard]] std::optional<NodePlace> node_near(Point mm, double reach) const;
    [[nodiscard]] std::optional<NodePlace> end_near(Point mm, const CutLines& all, std::optional<NodePlace> but) const;
    [[nodiscard]] bool grab_handle(Point mm, double reach);
    void add_line(CutLine line, const QString& label);
    void finish_pen(bool closes);
    [[nodiscard]] Point pen_end() const { return pen.back().end; }
    void paint_nodes(QPainter& painter, const QTransform& view, const CutLines& all) const;
    void paint_snap(QPainter& painter, const QTransform& view, const CutLines& all) const;
};

} // namespace fusuma::app
