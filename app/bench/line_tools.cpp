#include "app/bench/line_tools.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "core/units.h"
#include "formats/basics/in_words.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

namespace {

constexpr double reach_px = 9; // how near to a node or handle a press must be

} // namespace

LineTools::LineTools(Model& project) : model(project) {
    connect(&model.working_out, &WorkingOut::worked_out, this, &LineTools::find_selection_again);
}

std::shared_ptr<const StickerResult> LineTools::result() const {
    const auto s = model.in_hand.sticker();
    return s ? model.snapshot().result(s->id) : nullptr;
}

bool LineTools::is_worked_out() const {
    const auto s = model.in_hand.sticker();
    return s && result() && model.snapshot().document.find(s->id) == s;
}

/// Has nothing but handwork changed since the base?
bool LineTools::goes_on_from_base() const {
    const auto s = model.in_hand.sticker();
    if (!s || !base_sticker || !ahead)
        return false;
    Sticker same = *s;
    same.hand = base_sticker->hand;
    return same == *base_sticker;
}

CutLines LineTools::lines() const {
    if (dragged)
        return *dragged;
    if (!is_worked_out() && goes_on_from_base())
        return *ahead;
    const auto r = result();
    return r ? r->cut->hand.lines : CutLines{};
}

void LineTools::take(Kind next) {
    kind = next;
    is_taken = true;
    grip = Grip::none;
    dragged.reset();
    stroke.clear();
    pen.clear();
    select({});
}

void LineTools::put_down() {
    is_taken = false;
    take(Kind::nodes);
    is_taken = false;
    emit changed();
}

void LineTools::edit(const QString& label, const CutLines& next, const QString& stroke_name) {
    if (is_worked_out()) {
        base_sticker = model.in_hand.sticker();
        base_result = result();
    } else if (!goes_on_from_base()) {
        return; // something else is being worked out; its lines are not there yet
    }
    ahead = next;
    const HandWork hand = hand_for(*base_sticker, *base_result, next);
    model.in_hand.edit_sticker(
        label, [&](Sticker& sticker) { sticker.hand = hand; }, stroke_name);
}

void LineTools::select(std::set<NodePlace> nodes) {
    selected = std::move(nodes);
    selected_at.clear();
    const CutLines all = lines();
    for (const NodePlace& node : selected)
        if (node.line < all.size() && node.node < all[node.line].node_count())
            selected_at.push_back(node_at(all[node.line], node.node));
    emit changed();
}

/// One node for each place, also where two ends lie on each other, so that one can be drawn off the other.
void LineTools::find_selection_again() {
    constexpr double same = 0.02; // mm
    std::set<NodePlace> found;
    for (const Point& at : selected_at)
        if (const auto node = node_near(at, same))
            found.insert(*node);
    selected = std::move(found);
    emit changed();
}

std::optional<NodePlace> LineTools::node_near(Point mm, double reach) const {
    const CutLines all = lines();
    std::optional<NodePlace> best;
    for (std::size_t l = 0; l < all.size(); ++l)
        for (std::size_t k = 0; k < all[l].node_count(); ++k)
            if (const double far = distance(node_at(all[l], k), mm); far < reach) {
                reach = far;
                best = NodePlace{l, k};
            }
    return best;
}

std::optional<NodePlace> LineTools::end_near(Point mm, const CutLines& all, std::optional<NodePlace> but) const {
    std::optional<NodePlace> best;
    double reach = snap_mm;
    for (std::size_t l = 0; l < all.size(); ++l)
        for (const std::size_t k : {std::size_t{0}, all[l].node_count() - 1})
            if (const NodePlace node{l, k}; is_end(all, node) && node != but)
                if (const double far = distance(node_at(all[l], k), mm); far <= reach) {
                    reach = far;
                    best = node;
                }
    return best;
}

bool LineTools::grab_handle(Point mm, double reach) {
    const CutLines all = lines();
    for (const NodePlace& node : selected)
        for (const HandleSide side : {HandleSide::before, HandleSide::behind})
            if (node.line < all.size() && node.node < all[node.line].node_count())
                if (const auto at = handle_at(all[node.line], node.node, side); at && distance(*at, mm) < reach) {
                    handle_of = node;
                    handle_side = side;
                    return true;
                }
    return false;
}

void LineTools::press(Point mm, double px_per_mm, Qt::KeyboardModifiers keys) {
    if (!is_taken || !result())
        return;
    scale = px_per_mm;
    pressed_at = now_at = mm;
    const double reach = reach_px / px_per_mm;
    if (kind == Kind::free_hand) {
        grip = Grip::stroke;
        const CutLines all = lines();
        const auto end = end_near(mm, all, std::nullopt);
        stroke = {end ? node_at(all[end->line], end->node) : mm};
    } else if (kind == Kind::pen) {
        if (pen.size() > 2 && distance(mm, pen.front().end) < reach) {
            finish_pen(true);
            return;
        }
        const bool is_first = pen.empty();
        const CutLines all = lines();
        const auto end = end_near(mm, all, std::nullopt);
        const Point at = end ? node_at(all[end->line], end->node) : mm;
        pen.push_back(is_first ? Segment{Segment::Kind::line, at, at, at}
                               : Segment{Segment::Kind::line, pen.back().end, at, at});
        grip = Grip::pen_handle;
    } else if (const auto node = node_near(mm, reach)) {
        if (keys & Qt::ShiftModifier) {
            std::set<NodePlace> next = selected;
            next.contains(*node) ? static_cast<void>(next.erase(*node)) : static_cast<void>(next.insert(*node));
            select(std::move(next));
        } else if (!selected.contains(*node)) {
            select({*node});
        }
        grip = Grip::nodes;
    } else if (grab_handle(mm, reach)) {
        grip = Grip::handle;
    } else {
        if (!(keys & Qt::ShiftModifier))
            select({});
        grip = Grip::band;
    }
    emit changed();
}

void LineTools::drag(Point mm) {
    now_at = mm;
    const auto r = result();
    if (grip == Grip::stroke) {
        if (distance(stroke.back(), mm) > 1.5 / scale)
            stroke.push_back(mm);
    } else if (grip == Grip::nodes && r && distance(mm, pressed_at) * scale > 2) {
        dragged.reset();
        dragged = with_nodes_moved(lines(), chosen(), mm - pressed_at);
    } else if (grip == Grip::handle && r) {
        dragged.reset();
        dragged = with_handle_moved(lines(), handle_of, handle_side, mm);
    } else if (grip == Grip::pen_handle && distance(mm, pressed_at) * scale > 3) {
        // Drawing away from a point bends the line on both its sides.
        Segment& last = pen.back();
        last.kind = Segment::Kind::cubic;
        last.control2 = last.end - (mm - last.end);
        if (pen.size() == 1)
            last.control1 = mm;
    }
    if (grip != Grip::none)
        emit changed();
}

void LineTools::release() {
    const Grip held = std::exchange(grip, Grip::none);
    const std::optional<CutLines> moved = dragged;
    if (held == Grip::nodes && moved) {
        CutLines next = *moved;
        // An end let go of near another end is joined with it.
        if (selected.size() == 1 && is_end(next, *selected.begin())) {
            const NodePlace end = *selected.begin();
            if (const auto other = end_near(node_at(next[end.line], end.node), next, end))
                next = with_ends_joined(std::move(next), end, *other, snap_mm);
        }
        selected_at.clear();
        for (const NodePlace& node : selected)
            selected_at.push_back(node_at((*moved)[node.line], node.node));
        dragged.reset();
        edit(tr("Move nodes"), next);
    } else if (held == Grip::handle && moved) {
        dragged.reset();
        edit(tr("Bend the line"), *moved);
    } else if (held == Grip::band) {
        Rect band;
        band.include(pressed_at);
        band.include(now_at);
        std::set<NodePlace> inside = selected;
        const CutLines all = lines();
        for (std::size_t l = 0; l < all.size(); ++l)
            for (std::size_t k = 0; k < all[l].node_count(); ++k)
                if (band.contains(node_at(all[l], k)))
                    inside.insert({l, k});
        select(std::move(inside));
    } else if (held == Grip::stroke && stroke.size() > 2) {
        std::vector<Point> points = std::exchange(stroke, {});
        const CutLines all = lines();
        const bool closes = distance(points.front(), points.back()) < snap_mm && points.size() > 8;
        if (!closes)
            if (const auto end = end_near(points.back(), all, std::nullopt))
                points.push_back(node_at(all[end->line], end->node));
        if (closes)
            points.pop_back();
        add_line(drawn_line(std::move(points), !closes, 1.2 / scale), tr("Draw a cut line"));
    } else if (held == Grip::pen_handle && pen.size() > 1 && pen.back().kind == Segment::Kind::line) {
        // A straight piece, unless the point before was drawn away from.
        const bool leaves_bent = pen[pen.size() - 2].kind == Segment::Kind::cubic;
        if (leaves_bent)
            pen.back().kind = Segment::Kind::cubic;
    }
    stroke.clear();
    emit changed();
}

/// A line drawn anew is joined with the open ends that it starts or stops at.
void LineTools::add_line(CutLine line, const QString& label) {
    CutLines next = lines();
    next.push_back(std::move(line));
    for (const bool at_start : {true, false}) {
        const std::size_t own = next.size() - 1;
        if (!next[own].is_open)
            break;
        const NodePlace end{own, at_start ? 0 : next[own].node_count() - 1};
        const NodePlace far{own, at_start ? next[own].node_count() - 1 : 0};
        for (std::size_t l = 0; l < own; ++l)
            for (const std::size_t k : {std::size_t{0}, next[l].node_count() - 1})
                if (const NodePlace other{l, k}; own + 1 == next.size() && is_end(next, other) && other != far &&
                                                 distance(node_at(next[l], k), node_at(next[own], end.node)) < 1e-6) {
                    next = with_ends_joined(std::move(next), other, end, snap_mm);
                    edit(label, next);
                    return;
                }
    }
    edit(label, next);
}

void LineTools::finish_pen(bool closes) {
    const std::vector<Segment> points = std::exchange(pen, {});
    grip = Grip::none;
    if (points.size() < 2) {
        emit changed();
        return;
    }
    CutLine line{{points.front().end, {}}, !closes, -1, {}};
    const auto leaving = [&](std::size_t i) { // the handle behind a point mirrors the one before it
        if (i == 0)
            return points[0].control1;
        return points[i].kind == Segment::Kind::cubic ? points[i].end - (points[i].control2 - points[i].end)
                                                      : points[i].end;
    };
    for (std::size_t i = 1; i < points.size(); ++i) {
        const bool is_bent = points[i].kind == Segment::Kind::cubic || points[i - 1].kind == Segment::Kind::cubic;
        line.path.segments.push_back(is_bent ? Segment::cubic_to(leaving(i - 1), points[i].control2, points[i].end)
                                             : Segment::line_to(points[i].end));
    }
    if (closes) {
        const bool is_bent = points.back().kind == Segment::Kind::cubic || points.front().kind == Segment::Kind::cubic;
        const Point first = points.front().end;
        line.path.segments.push_back(
            is_bent ? Segment::cubic_to(leaving(points.size() - 1), first - (points.front().control1 - first), first)
                    : Segment::line_to(first));
    }
    line.kept.assign(line.path.segments.size(), 0);
    add_line(std::move(line), tr("Draw a cut line"));
    emit changed();
}

bool LineTools::double_click(Point mm, double px_per_mm) {
    if (!is_taken)
        return false;
    if (kind == Kind::pen) {
        finish_pen(false);
    } else if (kind == Kind::nodes) {
        const CutLines all = lines();
        const auto place = nearest_place(all, mm);
        if (place && place->distance < reach_px / px_per_mm && !node_near(mm, reach_px / px_per_mm)) {
            selected_at = {place->at};
            edit(tr("Insert a node"), with_node_inserted(all, *place));
        }
    }
    return true;
}

bool LineTools::escape() {
    if (!is_taken)
        return false;
    const bool is_drawing = !pen.empty() || grip != Grip::none || !selected.empty();
    pen.clear();
    stroke.clear();
    dragged.reset();
    grip = Grip::none;
    select({});
    return is_drawing;
}

namespace {

constexpr int nodes_of_a_line = 1 << 16; ///< in the ids that keys and screen readers know nodes by

} // namespace

Things LineTools::nodes(const QTransform& mm_to_view, Unit unit) const {
    Things all;
    if (!is_taken || kind != Kind::nodes)
        return all;
    const auto length = [&](double mm) { return length_in_words(mm, unit); };
    const CutLines now = lines();
    for (std::size_t l = 0; l < now.size(); ++l)
        for (std::size_t k = 0; k < std::min<std::size_t>(now[l].node_count(), nodes_of_a_line); ++k) {
            const Point at = node_at(now[l], k);
            const QString name = tr("Node %1 of %2, %3, %4 from the left, %5 from the top")
                                     .arg(k + 1)
                                     .arg(now[l].node_count())
                                     .arg(is_smooth(now[l], k) ? tr("smooth") : tr("corner"))
                                     .arg(length(at.x), length(at.y));
            const QPointF place = mm_to_view.map(to_qt(at));
            all.push_back({static_cast<int>(l) * nodes_of_a_line + static_cast<int>(k) + 1, name,
                           QRectF(place - QPointF(6, 6), QSizeF(12, 12)), selected.contains({l, k})});
        }
    return all;
}

void LineTools::choose_node(int id) {
    select(
        {{static_cast<std::size_t>((id - 1) / nodes_of_a_line), static_cast<std::size_t>((id - 1) % nodes_of_a_line)}});
}

KeyList LineTools::keys() {
    return {{tr("Arrows"), tr("Move the nodes chosen by 0.1 mm; with Shift 1 mm, with Alt 0.01 mm")},
            {tr("Page up, Page down"), tr("The node before, the next node")},
            {tr("Insert, Delete"), tr("A node more, one less")},
            {tr("Ctrl+A"), tr("All nodes")},
            {tr("Return, Backspace"), tr("With the pen: end the line, take back its last node")}};
}

bool LineTools::key(QKeyEvent* event) {
    if (!is_taken)
        return false;
    if (kind == Kind::pen) {
        if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
            finish_pen(false);
            return true;
        }
        if (event->key() == Qt::Key_Backspace && !pen.empty()) {
            pen.pop_back();
            emit changed();
            return true;
        }
        return false;
    }
    if (kind != Kind::nodes)
        return false;
    const auto keys = event->modifiers();
    const double by = keys & Qt::ShiftModifier ? 1 : keys & Qt::AltModifier ? 0.01 : 0.1;
    const int code = event->key();
    if (code == Qt::Key_A && keys.testFlag(Qt::ControlModifier)) {
        std::set<NodePlace> every;
        const CutLines all = lines();
        for (std::size_t l = 0; l < all.size(); ++l)
            for (std::size_t k = 0; k < all[l].node_count(); ++k)
                every.insert({l, k});
        select(std::move(every));
        return true;
    }
    if (code == Qt::Key_PageDown || code == Qt::Key_PageUp) {
        const CutLines all = lines();
        if (all.empty())
            return false;
        NodePlace at = selected.empty() ? NodePlace{0, 0} : *selected.begin();
        const std::size_t count = at.line < all.size() ? all[at.line].node_count() : 1;
        if (!selected.empty())
            at.node = (at.node + (code == Qt::Key_PageDown ? 1 : count - 1)) % count;
        select({at});
        return true;
    }
    if (selected.empty())
        return false;
    switch (code) {
    case Qt::Key_Left:
        move_selected({-by, 0});
        return true;
    case Qt::Key_Right:
        move_selected({by, 0});
        return true;
    case Qt::Key_Up:
        move_selected({0, -by});
        return true;
    case Qt::Key_Down:
        move_selected({0, by});
        return true;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        delete_selected();
        return true;
    case Qt::Key_Insert:
        insert_behind_selected();
        return true;
    default:
        return false;
    }
}

std::optional<Point> LineTools::single_node() const {
    const CutLines all = lines();
    if (selected.size() != 1 || selected.begin()->line >= all.size() ||
        selected.begin()->node >= all[selected.begin()->line].node_count())
        return std::nullopt;
    return node_at(all[selected.begin()->line], selected.begin()->node);
}

bool LineTools::can_break() const {
    return selected.size() == 1 && single_node() && !is_end(lines(), *selected.begin());
}

bool LineTools::can_join() const {
    const CutLines all = lines();
    return selected.size() == 2 &&
           std::all_of(selected.begin(), selected.end(), [&](const NodePlace& node) { return is_end(all, node); });
}

void LineTools::move_selected(Point by) {
    for (Point& at : selected_at)
        at = at + by;
    edit(tr("Move nodes"), with_nodes_moved(lines(), chosen(), by), QStringLiteral("nodes"));
}

void LineTools::move_single_to(Point mm) {
    if (const auto at = single_node())
        move_selected(mm - *at);
}

void LineTools::delete_selected() {
    const CutLines next = with_nodes_deleted(lines(), chosen());
    select({});
    edit(tr("Delete nodes"), next);
}

void LineTools::insert_behind_selected() {
    CutLines next = lines();
    selected_at.clear();
    const std::vector<NodePlace> nodes = chosen();
    for (auto node = nodes.rbegin(); node != nodes.rend(); ++node)
        if (node->line < next.size() && node->node < next[node->line].path.segments.size()) {
            const Point from = node_at(next[node->line], node->node);
            selected_at.push_back(point_on(from, next[node->line].path.segments[node->node], 0.5));
            next = with_node_inserted(std::move(next), {node->line, node->node, 0.5, {}, 0});
        }
    edit(tr("Insert nodes"), next);
}

void LineTools::smooth_selected() {
    edit(tr("Smooth"), with_smooth_nodes(lines(), chosen()));
}

void LineTools::corner_selected() {
    edit(tr("Corner"), with_corner_nodes(lines(), chosen()));
}

void LineTools::straighten_selected() {
    CutLines next = lines();
    for (const NodePlace& node : selected)
        next = with_segment_straight(std::move(next), node);
    edit(tr("Straight piece"), next);
}

void LineTools::curve_selected() {
    CutLines next = lines();
    for (const NodePlace& node : selected)
        next = with_segment_curved(std::move(next), node);
    edit(tr("Curved piece"), next);
}

void LineTools::break_selected() {
    if (can_break())
        edit(tr("Break open"), broken_at(lines(), *selected.begin()));
}

void LineTools::join_selected() {
    if (can_join())
        edit(tr("Join ends"), with_ends_joined(lines(), *selected.begin(), *selected.rbegin(), snap_mm));
}

void LineTools::leave_out(std::size_t line) {
    CutLines next = lines();
    if (line >= next.size())
        return;
    next.erase(next.begin() + static_cast<std::ptrdiff_t>(line));
    edit(tr("Do not cut a line"), next);
}

void LineTools::take_back(std::size_t left_out) {
    const auto r = result();
    if (!r || left_out >= r->cut->hand.left_out.contours.size())
        return;
    const Contour& contour = r->cut->hand.left_out.contours[left_out];
    const auto& derived = r->cut->derived->line.contours;
    const auto it = std::find(derived.begin(), derived.end(), contour);
    CutLines next = lines();
    next.push_back(
        {contour, false, static_cast<int>(it - derived.begin()), std::vector<char>(contour.segments.size(), 1)});
    edit(tr("Cut a line after all"), next);
}

void LineTools::drop_lost() {
    if (const auto r = result())
        model.in_hand.edit_sticker(tr("Drop what does not fit"), [&](Sticker& s) {
            s.hand = without_stretches(std::move(s.hand), r->cut->hand.does_not_apply);
        });
}

void LineTools::hold_lost() {
    if (const auto r = result())
        model.in_hand.edit_sticker(tr("Keep as it was"), [&](Sticker& s) {
            s.hand = held_as_they_were(std::move(s.hand), r->cut->hand.does_not_apply);
        });
}

void LineTools::paint(QPainter& painter, const QTransform& view, QPointF) const {
    if (!is_taken)
        return;
    const CutLines all = lines();
    if (dragged)
        for (const CutLine& line : all)
            draw_cut_line(painter, view.map(line.is_open ? open_path(line.path) : to_qt(line.path)), CutKind::kiss);
    if (kind == Kind::nodes)
        paint_nodes(painter, view, all);
    paint_snap(painter, view, all);
    QPainterPath drawn;
    if (!stroke.empty()) {
        drawn.moveTo(view.map(to_qt(stroke.front())));
        for (const Point p : stroke)
            drawn.lineTo(view.map(to_qt(p)));
    }
    if (!pen.empty()) {
        drawn.moveTo(view.map(to_qt(pen.front().end)));
        Point leave = pen.front().control1;
        for (std::size_t i = 1; i < pen.size(); ++i) {
            drawn.cubicTo(view.map(to_qt(leave)), view.map(to_qt(pen[i].control2)), view.map(to_qt(pen[i].end)));
            leave = pen[i].end - (pen[i].control2 - pen[i].end);
        }
    }
    if (!drawn.isEmpty())
        draw_cut_line(painter, drawn, CutKind::kiss);
    for (const Segment& point : pen) {
        painter.setPen(QPen(theme().casing, 1));
        painter.setBrush(theme().accent);
        painter.drawRect(QRectF(view.map(to_qt(point.end)) - QPointF(3, 3), QSizeF(6, 6)));
    }
    if (grip == Grip::band) {
        QColor tint = theme().accent;
        painter.setPen(QPen(tint, 1, Qt::DashLine));
        tint.setAlpha(30);
        painter.setBrush(tint);
        painter.drawRect(view.mapRect(QRectF(to_qt(pressed_at), to_qt(now_at)).normalized()));
    }
}

void LineTools::paint_nodes(QPainter& painter, const QTransform& view, const CutLines& all) const {
    painter.setRenderHint(QPainter::Antialiasing);
    for (const NodePlace& node : selected) {
        if (node.line >= all.size() || node.node >= all[node.line].node_count())
            continue;
        const QPointF at = view.map(to_qt(node_at(all[node.line], node.node)));
        for (const HandleSide side : {HandleSide::before, HandleSide::behind})
            if (const auto handle = handle_at(all[node.line], node.node, side)) {
                const QPointF end = view.map(to_qt(*handle));
                painter.setPen(QPen(theme().casing, 3));
                painter.drawLine(at, end);
                painter.setPen(QPen(theme().accent, 1.2));
                painter.drawLine(at, end);
                painter.setPen(QPen(theme().accent, 1.4));
                painter.setBrush(theme().casing);
                painter.drawEllipse(end, 4, 4);
            }
    }
    const QRectF seen = QRectF(painter.viewport()).adjusted(-8, -8, 8, 8);
    for (std::size_t l = 0; l < all.size(); ++l)
        for (std::size_t k = 0; k < all[l].node_count(); ++k) {
            const QPointF at = view.map(to_qt(node_at(all[l], k)));
            if (!seen.contains(at))
                continue;
            const bool is_selected = selected.contains({l, k});
            painter.setPen(QPen(is_selected ? theme().casing : theme().accent, 1.4));
            painter.setBrush(is_selected ? theme().accent : theme().casing);
            const double half = is_selected ? 4.5 : 3.5;
            if (is_smooth(all[l], k))
                painter.drawEllipse(at, half, half);
            else
                painter.drawRect(QRectF(at.x() - half, at.y() - half, 2 * half, 2 * half));
        }
}

/// A ring as wide as the tolerance round every end that what is in hand would be joined with.
void LineTools::paint_snap(QPainter& painter, const QTransform& view, const CutLines& all) const {
    const bool moves_end = grip == Grip::nodes && selected.size() == 1 && is_end(all, *selected.begin());
    if (!moves_end && grip != Grip::stroke && kind != Kind::pen)
        return;
    const NodePlace own = moves_end ? *selected.begin() : NodePlace{all.size(), 0};
    const Point in_hand = moves_end ? node_at(all[own.line], own.node) : now_at;
    const double radius = snap_mm * view.m11();
    const auto ring = [&](Point at) {
        const bool is_caught = distance(at, in_hand) <= snap_mm;
        QColor tint = is_caught ? theme().fine : theme().accent;
        painter.setPen(QPen(tint, is_caught ? 2.4 : 1.2, is_caught ? Qt::SolidLine : Qt::DashLine));
        tint.setAlpha(is_caught ? 70 : 25);
        painter.setBrush(tint);
        painter.drawEllipse(view.map(to_qt(at)), radius, radius);
    };
    for (std::size_t l = 0; l < all.size(); ++l)
        for (const std::size_t k : {std::size_t{0}, all[l].node_count() - 1})
            if (const NodePlace node{l, k}; is_end(all, node) && node != own)
                ring(node_at(all[l], k));
    if (stroke.size() > 8)
        ring(stroke.front());
}

} // namespace fusuma::app
