#include "core/plan/shared_cuts.h"

#include "core/cutting/doubled.h"
#include "core/geometry/box_grid.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <optional>
#include <tuple>
#include <utility>

namespace fusuma {

namespace {

struct StraightEdge {
    Point from, to;
    std::size_t path;

    [[nodiscard]] double length() const { return distance(from, to); }
    [[nodiscard]] Point way() const { return unit(to - from); }
    /// Along the edge, and aside of it.
    [[nodiscard]] Point seen_from_here(Point p) const {
        const Point by = p - from;
        return {dot(by, way()), cross(way(), by)};
    }
};

bool is_straight(Point from, const Segment& segment) {
    constexpr double unseen = 0.01; // mm
    if (segment.kind == Segment::Kind::line)
        return true;
    const Point way = unit(segment.end - from);
    return std::abs(cross(way, segment.control1 - from)) < unseen &&
           std::abs(cross(way, segment.control2 - from)) < unseen;
}

bool has_straight_edges(const Contour& line) {
    Point from = line.start;
    return std::ranges::all_of(line.segments, [&from](const Segment& segment) {
        return is_straight(std::exchange(from, segment.end), segment);
    });
}

/// How far two edges on one straight line overlap, mm: negative when they lie apart, nothing when they are on two
/// lines.
std::optional<double> overlap_of(const StraightEdge& one, const StraightEdge& other) {
    const StraightEdge &longer = one.length() < other.length() ? other : one, &shorter = &longer == &one ? other : one;
    const Point a = longer.seen_from_here(shorter.from), b = longer.seen_from_here(shorter.to);
    if (std::abs(a.y) > same_line_mm || std::abs(b.y) > same_line_mm)
        return std::nullopt;
    return std::min(longer.length(), std::max(a.x, b.x)) - std::max(0.0, std::min(a.x, b.x));
}

/// Edges that lie on one straight line and touch, as sets.
class Lines {
  public:
    explicit Lines(std::size_t edges) : first(edges) { std::iota(first.begin(), first.end(), 0); }

    std::size_t of(std::size_t edge) {
        while (first[edge] != edge)
            edge = first[edge] = first[first[edge]];
        return edge;
    }
    void join(std::size_t a, std::size_t b) {
        const std::size_t one = of(a), other = of(b);
        first[std::max(one, other)] = std::min(one, other);
    }

  private:
    std::vector<std::size_t> first;
};

/// One straight line that edges make together.
struct SharedLine {
    Point from, to;
};

/// As long as they go, on the line of the longest.
std::vector<SharedLine> straight_lines(const std::vector<StraightEdge>& edges) {
    const StraightEdge& guide = *std::ranges::max_element(edges, {}, &StraightEdge::length);
    std::vector<SharedLine> lines;
    std::vector<std::pair<double, double>> stretches;
    for (const StraightEdge& edge : edges) {
        const Point a = guide.seen_from_here(edge.from), b = guide.seen_from_here(edge.to);
        if (std::max(std::abs(a.y), std::abs(b.y)) > same_line_mm) // a chain of them has bent away from it
            lines.push_back({edge.from, edge.to});
        else
            stretches.emplace_back(std::minmax(a.x, b.x));
    }
    std::ranges::sort(stretches);
    std::vector<std::pair<double, double>> joined;
    for (const auto& [from, to] : stretches)
        if (joined.empty() || from > joined.back().second + same_line_mm)
            joined.emplace_back(from, to);
        else
            joined.back().second = std::max(joined.back().second, to);
    for (const auto& [from, to] : joined)
        lines.push_back({guide.from + from * guide.way(), guide.from + to * guide.way()});
    return lines;
}

/// In the order of their direction and then of their place, there and back in turns, which leaves short ways between.
void sort_there_and_back(std::vector<SharedLine>& lines) {
    const auto is_steep = [](const SharedLine& l) { return std::abs(l.to.y - l.from.y) > std::abs(l.to.x - l.from.x); };
    for (SharedLine& line : lines)
        if (is_steep(line) ? line.from.y > line.to.y : line.from.x > line.to.x)
            std::swap(line.from, line.to);
    std::ranges::stable_sort(lines, {}, [&](const SharedLine& l) {
        return std::tuple(is_steep(l), is_steep(l) ? l.from.x : l.from.y, is_steep(l) ? l.from.y : l.from.x);
    });
    for (std::size_t i = 1; i < lines.size(); i += 2)
        std::swap(lines[i].from, lines[i].to);
}

/// The lines of one kind: those that share go out of `paths` and come into `straight`.
void share(std::vector<CutPath>& paths, CutKind kind, std::vector<CutPath>& straight, Sharing& sharing) {
    std::vector<StraightEdge> edges;
    std::vector<Rect> boxes;
    for (std::size_t i = 0; i < paths.size(); ++i) {
        if (paths[i].kind != kind || paths[i].is_open || !has_straight_edges(paths[i].line))
            continue;
        Point from = paths[i].line.start;
        const auto add = [&](Point to) {
            if (const StraightEdge edge{std::exchange(from, to), to, i}; edge.length() > same_line_mm) {
                edges.push_back(edge);
                Rect box;
                box.include(edge.from);
                box.include(edge.to);
                boxes.push_back(box.grown(same_line_mm));
            }
        };
        for (const Segment& segment : paths[i].line.segments)
            add(segment.end);
        add(paths[i].line.start);
    }
    constexpr std::size_t most = 50'000, heap = 500; // so many on one page, or on each other, are no layout
    if (edges.size() > most)
        return;
    const BoxGrid grid(boxes);
    Lines lines(edges.size());
    std::vector<char> shares(paths.size());
    constexpr double least_shared = 0.5; // mm: less is a corner that touches
    for (std::size_t a = 0; a < edges.size(); ++a) {
        const auto near = grid.few_overlapping(boxes[a], heap);
        for (std::size_t i = 0; near && i < near->size(); ++i) {
            const std::size_t b = (*near)[i];
            if (b <= a)
                continue;
            const auto together = overlap_of(edges[a], edges[b]);
            if (!together || *together < -same_line_mm)
                continue;
            lines.join(a, b);
            if (edges[a].path != edges[b].path && *together > least_shared && dot(edges[a].way(), edges[b].way()) < 0)
                shares[edges[a].path] = shares[edges[b].path] = 1;
        }
    }
    std::map<std::size_t, std::vector<StraightEdge>> by_line;
    for (std::size_t i = 0; i < edges.size(); ++i)
        if (shares[edges[i].path])
            by_line[lines.of(i)].push_back(edges[i]);
    std::vector<SharedLine> made;
    for (const auto& [line, its_edges] : by_line)
        std::ranges::move(straight_lines(its_edges), std::back_inserter(made));
    sort_there_and_back(made);
    std::vector<CutPath> whole;
    for (std::size_t i = 0; i < paths.size(); ++i) {
        if (!shares[i]) {
            whole.push_back(std::move(paths[i]));
            continue;
        }
        const double mm = length(paths[i].line);
        sharing.saved_mm += mm;
        if (paths[i].copy == CopyId::none)
            continue;
        sharing.copies.insert(paths[i].copy);
        sharing.replaced[kind] += mm;
    }
    paths = std::move(whole);
    for (const SharedLine& line : made) {
        sharing.saved_mm -= distance(line.from, line.to);
        straight.push_back({{line.from, {Segment::line_to(line.to)}}, kind, CopyId::none, true});
    }
}

} // namespace

Sharing share_cuts(std::vector<CutPath>& cuts) {
    Sharing sharing;
    std::vector<CutPath> straight;
    for (const auto& word : words<CutKind>)
        share(cuts, word.value, straight, sharing);
    cuts.insert(cuts.end(), straight.begin(), straight.end());
    return sharing;
}

bool is_box(const PlacedCopy& copy) {
    if (copy.lines.size() != 1 || copy.lines.front().is_open || !has_straight_edges(copy.lines.front().path))
        return false;
    constexpr double unseen = 0.02; // mm
    const std::vector<Point>& points = copy.lines.front().points;
    const Rect& box = copy.cut_box;
    const auto is_on_border = [&](Point p) {
        return std::min({p.x - box.min.x, box.max.x - p.x, p.y - box.min.y, box.max.y - p.y}) < unseen;
    };
    const auto is_reached = [&](Point corner) {
        return std::ranges::any_of(points, [&](Point p) { return distance(p, corner) < 2 * unseen; });
    };
    return std::ranges::all_of(points, is_on_border) && std::ranges::all_of(corners_of(box), is_reached) &&
           copy.room_mm2 > 0.9 * box.width() * box.height();
}

} // namespace fusuma
