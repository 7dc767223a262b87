#include "core/hand/cut_line.h"

#include "core/trace/fit.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace fusuma {

namespace {

bool has(const CutLines& lines, NodePlace node) {
    return node.line < lines.size() && node.node < lines[node.line].node_count();
}

Point start_of(const CutLine& line, std::size_t segment) {
    return segment == 0 ? line.path.start : line.path.segments[segment - 1].end;
}

/// The segment before a node, if there is one.
std::optional<std::size_t> before(const CutLine& line, std::size_t node) {
    if (node > 0)
        return node - 1;
    return line.is_open ? std::nullopt : std::optional(line.path.segments.size() - 1);
}
std::optional<std::size_t> behind(const CutLine& line, std::size_t node) {
    return node < line.path.segments.size() ? std::optional(node) : std::nullopt;
}

void touch(CutLine& line, std::size_t segment) {
    line.kept[segment] = 0;
}

void set_node(CutLine& line, std::size_t node, Point to) {
    if (node == 0) {
        line.path.start = to;
        if (!line.is_open)
            line.path.segments.back().end = to;
    } else {
        line.path.segments[node - 1].end = to;
    }
}

/// A straight segment as the curve that lies on it.
void make_curve(CutLine& line, std::size_t segment) {
    Segment& s = line.path.segments[segment];
    if (s.kind == Segment::Kind::cubic)
        return;
    const Point from = start_of(line, segment);
    s = Segment::cubic_to(lerp(from, s.end, 1.0 / 3), lerp(from, s.end, 2.0 / 3), s.end);
    touch(line, segment);
}

double length_of(Point from, const Segment& s) {
    constexpr int steps = 16;
    double sum = 0;
    for (int i = 0; i < steps; ++i)
        sum += distance(point_on(from, s, static_cast<double>(i) / steps), point_on(from, s, (i + 1.0) / steps));
    return sum;
}

/// One segment in the place of two. Undoes a split exactly.
Segment merged(Point from, const Segment& first, const Segment& second) {
    if (first.kind == Segment::Kind::line && second.kind == Segment::Kind::line)
        return Segment::line_to(second.end);
    const double a = length_of(from, first), b = length_of(first.end, second);
    const double t = std::clamp(a + b > 0 ? a / (a + b) : 0.5, 0.05, 0.95);
    const bool starts_straight = first.kind == Segment::Kind::line, ends_straight = second.kind == Segment::Kind::line;
    const Point out = starts_straight ? (first.end - from) * (1.0 / 3) : (first.control1 - from);
    const Point in = ends_straight ? (first.end - second.end) * (1.0 / 3) : (second.control2 - second.end);
    return Segment::cubic_to(from + out * (1 / t), second.end + in * (1 / (1 - t)), second.end);
}

void erase_segment(CutLine& line, std::size_t segment) {
    line.path.segments.erase(line.path.segments.begin() + static_cast<std::ptrdiff_t>(segment));
    line.kept.erase(line.kept.begin() + static_cast<std::ptrdiff_t>(segment));
}

void delete_node(CutLine& line, std::size_t node) {
    auto& segments = line.path.segments;
    if (line.is_open && node == 0) {
        line.path.start = segments.front().end;
        erase_segment(line, 0);
    } else if (line.is_open && node == segments.size()) {
        erase_segment(line, segments.size() - 1);
    } else if (node == 0) { // of a closed line: start from the next node
        const Segment joined = merged(start_of(line, segments.size() - 1), segments.back(), segments.front());
        line.path.start = segments.front().end;
        segments.back() = joined;
        touch(line, segments.size() - 1);
        erase_segment(line, 0);
    } else {
        segments[node - 1] = merged(start_of(line, node - 1), segments[node - 1], segments[node]);
        touch(line, node - 1);
        erase_segment(line, node);
    }
}

bool is_too_small(const CutLine& line) {
    const auto& segments = line.path.segments;
    const bool is_straight =
        std::all_of(segments.begin(), segments.end(), [](const Segment& s) { return s.kind == Segment::Kind::line; });
    return line.node_count() < 2 || (!line.is_open && is_straight && segments.size() < 3);
}

/// The line walked the other way.
CutLine turned_round(const CutLine& line) {
    CutLine back{{}, line.is_open, line.follows, {}};
    const auto& segments = line.path.segments;
    back.path.start = segments.empty() ? line.path.start : segments.back().end;
    for (std::size_t i = segments.size(); i-- > 0;) {
        Segment s = segments[i];
        s.end = start_of(line, i);
        std::swap(s.control1, s.control2);
        back.path.segments.push_back(s);
        back.kept.push_back(0); // the derived line runs the other way
    }
    return back;
}

/// A closed line that starts at another of its nodes.
CutLine started_at(CutLine line, std::size_t node) {
    if (node == 0 || line.is_open)
        return line;
    line.path.start = node_at(line, node);
    const auto by = static_cast<std::ptrdiff_t>(node);
    std::rotate(line.path.segments.begin(), line.path.segments.begin() + by, line.path.segments.end());
    std::rotate(line.kept.begin(), line.kept.begin() + by, line.kept.end());
    return line;
}

} // namespace

Outline closed_lines(const CutLines& lines) {
    Outline outline;
    for (const CutLine& line : lines)
        if (!line.is_open)
            outline.contours.push_back(line.path);
    return outline;
}

Point node_at(const CutLine& line, std::size_t node) {
    return start_of(line, node);
}

std::optional<Point> handle_at(const CutLine& line, std::size_t node, HandleSide side) {
    const auto segment = side == HandleSide::before ? before(line, node) : behind(line, node);
    if (!segment || line.path.segments[*segment].kind == Segment::Kind::line)
        return std::nullopt;
    const Segment& s = line.path.segments[*segment];
    return side == HandleSide::before ? s.control2 : s.control1;
}

bool is_smooth(const CutLine& line, std::size_t node) {
    constexpr double least_cosine = 0.9994; // 2°
    const auto in = handle_at(line, node, HandleSide::before), out = handle_at(line, node, HandleSide::behind);
    const Point at = node_at(line, node);
    return in && out && dot(unit(at - *in), unit(*out - at)) > least_cosine;
}

std::optional<LinePlace> nearest_place(const CutLines& lines, Point p) {
    std::optional<LinePlace> best;
    const auto look = [&](std::size_t line, std::size_t segment, Point from, const Segment& s, double t) {
        const Point at = point_on(from, s, t);
        const double far = distance(at, p);
        if (!best || far < best->distance)
            best = LinePlace{line, segment, t, at, far};
    };
    for (std::size_t l = 0; l < lines.size(); ++l)
        for (std::size_t k = 0; k < lines[l].path.segments.size(); ++k) {
            const Segment& s = lines[l].path.segments[k];
            const Point from = start_of(lines[l], k);
            if (s.kind == Segment::Kind::line) {
                const Point along = s.end - from;
                const double squared = dot(along, along);
                look(l, k, from, s, squared > 0 ? std::clamp(dot(p - from, along) / squared, 0.0, 1.0) : 0);
                continue;
            }
            // Coarsely, then closer round the best: control boxes that are farther away than the best cannot matter.
            Rect box;
            for (const Point q : {from, s.control1, s.control2, s.end})
                box.include(q);
            if (best && !box.grown(best->distance).contains(p))
                continue;
            constexpr int coarse = 12;
            double near = 0, least = HUGE_VAL;
            for (int i = 0; i <= coarse; ++i)
                if (const double far = distance(point_on(from, s, i / double{coarse}), p); far < least) {
                    least = far;
                    near = i / double{coarse};
                }
            double low = std::max(0.0, near - 1.0 / coarse), high = std::min(1.0, near + 1.0 / coarse);
            for (int i = 0; i < 40; ++i) { // ternary search
                const double a = low + (high - low) / 3, b = high - (high - low) / 3;
                if (distance(point_on(from, s, a), p) < distance(point_on(from, s, b), p))
                    high = b;
                else
                    low = a;
            }
            look(l, k, from, s, (low + high) / 2);
        }
    return best;
}

CutLines with_nodes_moved(CutLines lines, const std::vector<NodePlace>& nodes, Point by) {
    for (const NodePlace& place : nodes) {
        if (!has(lines, place))
            continue;
        CutLine& line = lines[place.line];
        if (const auto s = before(line, place.node)) {
            line.path.segments[*s].control2 = line.path.segments[*s].control2 + by;
            touch(line, *s);
        }
        if (const auto s = behind(line, place.node)) {
            line.path.segments[*s].control1 = line.path.segments[*s].control1 + by;
            touch(line, *s);
        }
        set_node(line, place.node, node_at(line, place.node) + by);
    }
    return lines;
}

CutLines with_handle_moved(CutLines lines, NodePlace place, HandleSide side, Point to) {
    if (!has(lines, place))
        return lines;
    CutLine& line = lines[place.line];
    const bool stays_smooth = is_smooth(line, place.node);
    const auto in = before(line, place.node), out = behind(line, place.node);
    const auto own = side == HandleSide::before ? in : out, other = side == HandleSide::before ? out : in;
    if (!own || line.path.segments[*own].kind == Segment::Kind::line)
        return lines;
    const auto control = [&](std::size_t segment, HandleSide of) -> Point& {
        Segment& s = line.path.segments[segment];
        return of == HandleSide::before ? s.control2 : s.control1;
    };
    control(*own, side) = to;
    touch(line, *own);
    if (stays_smooth && other) {
        const Point at = node_at(line, place.node);
        Point& opposite = control(*other, side == HandleSide::before ? HandleSide::behind : HandleSide::before);
        opposite = at + distance(at, opposite) * unit(at - to);
        touch(line, *other);
    }
    return lines;
}

CutLines with_nodes_deleted(CutLines lines, std::vector<NodePlace> nodes) {
    std::sort(nodes.begin(), nodes.end());
    nodes.erase(std::unique(nodes.begin(), nodes.end()), nodes.end());
    for (auto place = nodes.rbegin(); place != nodes.rend(); ++place)
        if (has(lines, *place) && !is_too_small(lines[place->line]))
            delete_node(lines[place->line], place->node);
    std::erase_if(lines, is_too_small);
    return lines;
}

CutLines with_node_inserted(CutLines lines, const LinePlace& place) {
    if (place.line >= lines.size() || place.segment >= lines[place.line].path.segments.size())
        return lines;
    CutLine& line = lines[place.line];
    const Point from = start_of(line, place.segment);
    const Segment whole = line.path.segments[place.segment];
    const double t = place.t;
    const Segment first = part_of(from, whole, 0, t);
    Segment second = part_of(from, whole, t, 1);
    second.end = whole.end;
    const auto at = static_cast<std::ptrdiff_t>(place.segment);
    line.path.segments[place.segment] = second;
    line.path.segments.insert(line.path.segments.begin() + at, first);
    line.kept[place.segment] = 0;
    line.kept.insert(line.kept.begin() + at, 0);
    return lines;
}

CutLines with_smooth_nodes(CutLines lines, const std::vector<NodePlace>& nodes) {
    for (const NodePlace& place : nodes) {
        if (!has(lines, place))
            continue;
        CutLine& line = lines[place.line];
        const auto in = before(line, place.node), out = behind(line, place.node);
        if (!in || !out)
            continue;
        make_curve(line, *in);
        make_curve(line, *out);
        Segment &a = line.path.segments[*in], &b = line.path.segments[*out];
        const Point at = node_at(line, place.node);
        const Point along = unit(unit(at - a.control2) + unit(b.control1 - at));
        const Point direction = norm(along) > 0 ? along : unit(b.end - start_of(line, *in));
        a.control2 = at - distance(at, a.control2) * direction;
        b.control1 = at + distance(at, b.control1) * direction;
        touch(line, *in);
        touch(line, *out);
    }
    return lines;
}

CutLines with_corner_nodes(CutLines lines, const std::vector<NodePlace>& nodes) {
    for (const NodePlace& place : nodes) {
        if (!has(lines, place))
            continue;
        CutLine& line = lines[place.line];
        const Point at = node_at(line, place.node);
        if (const auto s = before(line, place.node)) {
            line.path.segments[*s].control2 = lerp(at, start_of(line, *s), 1.0 / 3);
            touch(line, *s);
        }
        if (const auto s = behind(line, place.node)) {
            line.path.segments[*s].control1 = lerp(at, line.path.segments[*s].end, 1.0 / 3);
            touch(line, *s);
        }
    }
    return lines;
}

CutLines with_segment_straight(CutLines lines, NodePlace begin) {
    if (!has(lines, begin) || !behind(lines[begin.line], begin.node))
        return lines;
    Segment& s = lines[begin.line].path.segments[begin.node];
    s = Segment::line_to(s.end);
    touch(lines[begin.line], begin.node);
    return lines;
}

CutLines with_segment_curved(CutLines lines, NodePlace begin) {
    if (has(lines, begin) && behind(lines[begin.line], begin.node))
        make_curve(lines[begin.line], begin.node);
    return lines;
}

bool is_end(const CutLines& lines, NodePlace node) {
    return has(lines, node) && lines[node.line].is_open &&
           (node.node == 0 || node.node + 1 == lines[node.line].node_count());
}

CutLines broken_at(CutLines lines, NodePlace place) {
    if (!has(lines, place) || is_end(lines, place))
        return lines;
    CutLine& line = lines[place.line];
    if (!line.is_open) {
        line = started_at(std::move(line), place.node);
        line.is_open = true;
        return lines;
    }
    CutLine rest{{node_at(line, place.node), {}}, true, line.follows, {}};
    const auto at = static_cast<std::ptrdiff_t>(place.node);
    rest.path.segments.assign(line.path.segments.begin() + at, line.path.segments.end());
    rest.kept.assign(line.kept.begin() + at, line.kept.end());
    line.path.segments.resize(place.node);
    line.kept.resize(place.node);
    lines.insert(lines.begin() + static_cast<std::ptrdiff_t>(place.line) + 1, std::move(rest));
    return lines;
}

CutLines with_ends_joined(CutLines lines, NodePlace a, NodePlace b, double tolerance) {
    if (!is_end(lines, a) || !is_end(lines, b) || a == b)
        return lines;
    const auto link = [&](CutLine& line, Point to) {
        if (distance(line.path.segments.back().end, to) > tolerance) {
            line.path.segments.push_back(Segment::line_to(to));
            line.kept.push_back(0);
        } else if (Segment& last = line.path.segments.back(); !(last.end == to)) {
            last.control2 = last.control2 + (to - last.end);
            last.end = to;
            line.kept.back() = 0;
        }
    };
    if (a.line == b.line) {
        CutLine& line = lines[a.line];
        link(line, line.path.start);
        line.is_open = false;
        return lines;
    }
    // The first line must end where the second begins.
    CutLine first = a.node == 0 ? turned_round(lines[a.line]) : lines[a.line];
    CutLine second = b.node == 0 ? lines[b.line] : turned_round(lines[b.line]);
    if (a.node == 0 && b.node != 0) { // both would be turned; walk the other way round instead
        first = lines[b.line];
        second = lines[a.line];
    }
    link(first, second.path.start);
    if (first.follows < 0) { // whatever one of them follows, the other's part is drawn beside it
        first.follows = second.follows;
    } else if (second.follows != first.follows) {
        second.kept.assign(second.kept.size(), 0);
    }
    std::ranges::copy(second.path.segments, std::back_inserter(first.path.segments));
    std::ranges::copy(second.kept, std::back_inserter(first.kept));
    lines[std::min(a.line, b.line)] = std::move(first);
    lines.erase(lines.begin() + static_cast<std::ptrdiff_t>(std::max(a.line, b.line)));
    return lines;
}

CutLine drawn_line(std::vector<Point> points, bool is_open, double tolerance) {
    CutLine line{{}, is_open, -1, {}};
    const FitSettings settings{
        .tolerance = tolerance, .line_tolerance = tolerance, .tangent_points = 4, .even_out = false};
    if (!is_open) {
        line.path = fit_closed(points, {}, settings);
    } else {
        // There and back again, with a corner at each end; the way there is the line.
        const std::size_t last = points.size() - 1;
        Polygon round = points;
        for (std::size_t i = last; i-- > 1;)
            round.push_back(points[i]);
        line.path = fit_closed(round, {{0, points.front()}, {last, points.back()}}, settings);
        const auto end = std::find_if(line.path.segments.begin(), line.path.segments.end(),
                                      [&](const Segment& s) { return s.end == points.back(); });
        if (end != line.path.segments.end())
            line.path.segments.erase(end + 1, line.path.segments.end());
    }
    line.kept.assign(line.path.segments.size(), 0);
    return line;
}

} // namespace fusuma
