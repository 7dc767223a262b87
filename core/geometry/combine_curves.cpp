#include "core/geometry/combine_curves.h"

#include "core/geometry/box_grid.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "core/geometry/region.h"
#include "core/parallel.h"

#include <algorithm>
#include <atomic>
#include <bit>
#include <cstdint>
#include <mutex>
#include <numeric>
#include <optional>
#include <span>

namespace fusuma {

namespace {

/// A segment of some input's boundary with the point it begins at.
struct CurveSource {
    Point from;
    Segment segment;
};

/// One straight piece of a flattened source, between two of its parameters.
struct SourceEdge {
    Point from, to;
    std::size_t source = 0;
    double t_from = 0, t_to = 1;
};

/// A stretch along a source, in either direction.
struct SourceRun {
    std::optional<std::size_t> source; ///< none: a straight line
    double t_from = 0, t_to = 1;
    Point from, to;
};

Point rounded(Point p) {
    return {std::round(p.x / boolean_step) * boolean_step, std::round(p.y / boolean_step) * boolean_step};
}

/// Which edges end at a point of the clipper's grid.
class EdgeEnds {
  public:
    /// The next edge, from the first on.
    void add(Point from, Point to) {
        keys.push_back(key_of(from));
        keys.push_back(key_of(to));
    }
    void finish() {
        const int bits = std::min(31, static_cast<int>(std::bit_width(keys.size() / 2)));
        shift = 31 - bits;
        first.assign((std::size_t{2} << bits) + 1, 0);
        for (const std::uint32_t key : keys)
            ++first[key >> shift];
        std::partial_sum(first.begin(), first.end(), first.begin());
        edges.resize(keys.size());
        for (std::size_t i = keys.size(); i-- > 0;)
            edges[--first[keys[i] >> shift]] = static_cast<std::uint32_t>(i / 2);
        keys = {};
    }
    /// Those at the point, and a few others.
    [[nodiscard]] std::span<const std::uint32_t> near(Point p) const {
        const std::size_t bucket = key_of(p) >> shift;
        return {edges.data() + first[bucket], edges.data() + first[bucket + 1]};
    }

  private:
    std::vector<std::uint32_t> keys;  ///< of both ends of each edge, until all are there
    std::vector<std::uint32_t> edges; ///< by their ends' keys
    std::vector<std::uint32_t> first; ///< of the edges, for the leading bits of a key
    int shift = 0;

    static std::uint32_t key_of(Point p) {
        const auto x = static_cast<std::uint64_t>(std::llround(p.x / boolean_step));
        const auto y = static_cast<std::uint64_t>(std::llround(p.y / boolean_step));
        return static_cast<std::uint32_t>((x * 0x9E3779B97F4A7C15ULL ^ (y + 0x7F4A7C15ULL) * 0xC2B2AE3D27D4EB4FULL) >>
                                          32);
    }
};

/// The flattened boundaries of all inputs, and the way back from a polygon's edge to the curve it lies on.
class Boundaries {
  public:
    /// The contour's polygon, its pieces remembered.
    Polygon add(const Contour& contour) {
        Polygon polygon;
        Point from = contour.start;
        for (std::size_t i = 0; i <= contour.segments.size(); ++i) {
            const bool closes = i == contour.segments.size();
            const Segment segment = closes ? Segment::line_to(contour.start) : contour.segments[i];
            if (segment.kind == Segment::Kind::line && segment.end == from)
                continue;
            add_segment(from, segment, polygon);
            from = segment.end;
        }
        return polygon;
    }

    Polygons add(const Outline& outline) {
        Polygons polygons;
        for (const Contour& contour : outline.contours)
            polygons.push_back(add(contour));
        return polygons;
    }

    void finish() { ends.finish(); }

    /// The polygon with its curves back.
    [[nodiscard]] Contour curved(const Polygon& polygon) const {
        std::vector<SourceRun> runs;
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const SourceRun next =
                run_of(polygon[i], polygon[(i + 1) % polygon.size()], runs.empty() ? nullptr : &runs.back());
            if (!runs.empty() && continues(runs.back(), next)) {
                runs.back().t_to = next.t_to;
                runs.back().to = next.to;
            } else {
                runs.push_back(next);
            }
        }
        if (runs.size() > 1 && continues(runs.back(), runs.front())) {
            runs.front().t_from = runs.back().t_from;
            runs.front().from = runs.back().from;
            runs.pop_back();
        }
        Contour contour{place_of(runs.front().source, runs.front().t_from, runs.front().from), {}};
        for (std::size_t i = 0; i < runs.size(); ++i) {
            // Where two runs meet both take the same place: that of a source's own end when there is one.
            const SourceRun &run = runs[i], &after = runs[(i + 1) % runs.size()];
            Point end = place_of(run.source, run.t_to, run.to);
            if (!is_end(run.source, run.t_to))
                end = place_of(after.source, after.t_from, end);
            contour.segments.push_back(segment_of(run, end));
        }
        contour.start = contour.segments.back().end;
        return contour;
    }

    [[nodiscard]] Outline curved(const Polygons& polygons) const {
        Outline outline;
        for (const Polygon& polygon : polygons)
            if (std::abs(signed_area(polygon)) > least_mm2)
                outline.contours.push_back(curved(polygon));
        return outline;
    }

  private:
    static constexpr double near = 6 * boolean_step; ///< that the clipper moves points by
    static constexpr double least_mm2 = 1e-7;        ///< what is left of edges that lie on each other
    std::vector<CurveSource> sources;
    std::vector<SourceEdge> edges;
    EdgeEnds ends;
    mutable std::once_flag needed; // the grid, rarely
    mutable std::optional<BoxGrid> grid;

    void add_segment(Point from, const Segment& segment, Polygon& polygon) {
        const std::vector<Point> points = flatten_line({from, {segment}}, region_tolerance);
        const double steps = static_cast<double>(points.size() - 1);
        for (std::size_t k = 0; k + 1 < points.size(); ++k) {
            const Point a = rounded(points[k]), b = rounded(points[k + 1]);
            polygon.push_back(a);
            ends.add(a, b);
            edges.push_back({a, b, sources.size(), static_cast<double>(k) / steps, static_cast<double>(k + 1) / steps});
        }
        sources.push_back({from, segment});
    }

    /// Where along the edge, 0–1, the point lies; nothing when it does not lie on it.
    static std::optional<double> along(const SourceEdge& edge, Point p) {
        const Point way = edge.to - edge.from;
        const double length = norm(way);
        if (length == 0)
            return distance(p, edge.from) <= near ? std::optional(0.0) : std::nullopt;
        const double at = dot(p - edge.from, way) / length;
        if (at < -near || at > length + near || std::abs(cross(p - edge.from, way)) / length > near)
            return std::nullopt;
        return std::clamp(at / length, 0.0, 1.0);
    }

    static bool continues(const SourceRun& run, const SourceRun& next) {
        if (!run.source || run.source != next.source)
            return false;
        const bool rises = run.t_to > run.t_from;
        return rises == (next.t_to > next.t_from) && std::abs(run.t_to - next.t_from) < 1e-6;
    }

    std::optional<SourceRun> on_edge(const SourceEdge& edge, Point a, Point b) const {
        const auto at_a = along(edge, a), at_b = along(edge, b);
        if (!at_a || !at_b || *at_a == *at_b)
            return std::nullopt;
        const double span = edge.t_to - edge.t_from;
        return SourceRun{edge.source, edge.t_from + *at_a * span, edge.t_from + *at_b * span, a, b};
    }

    SourceRun run_of(Point a, Point b, const SourceRun* before) const {
        std::optional<SourceRun> best;
        const auto consider = [&](const SourceEdge& edge) {
            const auto run = on_edge(edge, a, b);
            if (run && (!best || (before && continues(*before, *run))))
                best = run;
            return best && (!before || continues(*before, *best));
        };
        for (const Point p : {a, b})
            for (const std::uint32_t edge : ends.near(p))
                if (consider(edges[edge]))
                    return *best;
        if (best)
            return *best;
        Rect box; // both ends are places where boundaries cross
        box.include(a);
        box.include(b);
        for (const std::size_t index : edge_grid().overlapping(box.grown(near)))
            if (consider(edges[index]))
                return *best;
        return best.value_or(SourceRun{std::nullopt, 0, 1, a, b});
    }

    const BoxGrid& edge_grid() const {
        std::call_once(needed, [this] {
            std::vector<Rect> boxes;
            boxes.reserve(edges.size());
            for (const SourceEdge& edge : edges) {
                Rect box;
                box.include(edge.from);
                box.include(edge.to);
                boxes.push_back(box);
            }
            grid.emplace(std::move(boxes));
        });
        return *grid;
    }

    static bool is_end(const std::optional<std::size_t>& source, double t) { return source && (t == 0 || t == 1); }

    /// The place where a run ends: the source's own end, or where the clipper put it.
    Point place_of(const std::optional<std::size_t>& source, double t, Point put) const {
        if (!is_end(source, t))
            return put;
        return t == 0 ? sources[*source].from : sources[*source].segment.end;
    }

    Segment segment_of(const SourceRun& run, Point end) const {
        if (!run.source || sources[*run.source].segment.kind == Segment::Kind::line)
            return Segment::line_to(end);
        const CurveSource& source = sources[*run.source];
        const double low = std::min(run.t_from, run.t_to), high = std::max(run.t_from, run.t_to);
        Segment part = low == 0 && high == 1 ? source.segment : part_of(source.from, source.segment, low, high);
        if (run.t_from > run.t_to)
            std::swap(part.control1, part.control2);
        part.end = end;
        return part;
    }
};

void append(Polygons& all, Polygons more) {
    std::ranges::move(more, std::back_inserter(all));
}

} // namespace

Outline region_of(const std::vector<Contour>& path, FillRule rule) {
    Boundaries boundaries;
    Polygons polygons;
    for (const Contour& contour : path)
        polygons.push_back(boundaries.add(contour));
    boundaries.finish();
    return boundaries.curved(combine(polygons, {}, Combine::join, rule, true));
}

Outline combined(const std::vector<const Outline*>& a, const std::vector<const Outline*>& b, Combine how) {
    Boundaries boundaries;
    Polygons first, second;
    for (const Outline* outline : a)
        append(first, boundaries.add(*outline));
    for (const Outline* outline : b)
        append(second, boundaries.add(*outline));
    boundaries.finish();
    return boundaries.curved(combine(first, second, how, FillRule::nonzero, true));
}

Outline combined(const Outline& a, const Outline& b, Combine how) {
    return combined(std::vector{&a}, std::vector{&b}, how);
}

namespace {

/// Two lots of united polygons as one. Those that lie beyond all of the other lot, holes above all, stay as they are.
Polygons united(Polygons left, Polygons right) {
    constexpr double margin = 100 * boolean_step;
    const Rect at_left = bounds(left).grown(margin), at_right = bounds(right).grown(margin);
    Polygons apart;
    const auto part = [&apart](Polygons& polygons, const Rect& other) {
        const auto first = std::partition(polygons.begin(), polygons.end(),
                                          [&other](const Polygon& p) { return bounds(p).overlaps(other); });
        std::move(first, polygons.end(), std::back_inserter(apart));
        polygons.erase(first, polygons.end());
    };
    part(left, at_right);
    part(right, at_left);
    append(apart, combine(left, right, Combine::join, FillRule::nonzero, true));
    return apart;
}

/// Regions that lie near each other first: their inner edges are gone before they meet those far away.
Polygons united(std::span<Polygons*> shapes, bool along_x) {
    if (shapes.size() == 1)
        return combine(*shapes[0], {}, Combine::join, FillRule::nonzero, true);
    const auto middle = shapes.begin() + static_cast<std::ptrdiff_t>(shapes.size() / 2);
    std::nth_element(shapes.begin(), middle, shapes.end(), [along_x](const Polygons* a, const Polygons* b) {
        const auto place = [along_x](const Polygons& p) {
            return p.empty() || p[0].empty() ? 0 : along_x ? p[0][0].x : p[0][0].y;
        };
        return place(*a) < place(*b);
    });
    Polygons left, right;
    const auto first = [&] { left = united({shapes.begin(), middle}, !along_x); };
    const auto second = [&] { right = united({middle, shapes.end()}, !along_x); };
    constexpr std::size_t worth_a_core = 64;
    if (shapes.size() < worth_a_core) {
        first();
        second();
    } else {
        both({}, first, second);
    }
    return united(std::move(left), std::move(right));
}

} // namespace

Outline united(const std::vector<const Outline*>& regions) {
    if (regions.empty())
        return {};
    Boundaries boundaries;
    std::vector<Polygons> shapes;
    for (const Outline* region : regions)
        shapes.push_back(boundaries.add(*region));
    boundaries.finish();
    std::vector<Polygons*> all;
    for (Polygons& shape : shapes)
        all.push_back(&shape);
    return boundaries.curved(united(all, true));
}

Outline united(const std::vector<Outline>& regions) {
    std::vector<const Outline*> all;
    for (const Outline& region : regions)
        all.push_back(&region);
    return united(all);
}

namespace {

/// A polygon that covers the same of a box: points are left out between two that lie beyond one side of it, with all
/// that lies between them. Edges that come into the box stay as they are.
Polygon near_box(const Polygon& polygon, const Rect& box) {
    const auto sides_of = [&box](Point p) {
        return (p.x < box.min.x) | (p.x > box.max.x) << 1 | (p.y < box.min.y) << 2 | (p.y > box.max.y) << 3;
    };
    Polygon kept;
    int beyond = 0; // sides beyond which all points since the last that was kept lie, itself among them
    int sides = polygon.empty() ? 0 : sides_of(polygon.front());
    for (std::size_t i = 0; i < polygon.size(); ++i) {
        const int next = sides_of(polygon[(i + 1) % polygon.size()]);
        if (beyond & sides & next) {
            beyond &= sides;
        } else {
            kept.push_back(polygon[i]);
            beyond = sides;
        }
        sides = next;
    }
    return kept;
}

/// Says when it goes that something is done, whether or not that went well.
struct TellsDone {
    std::atomic<bool>& said;
    ~TellsDone() {
        said = true;
        said.notify_all();
    }
};

} // namespace

std::vector<Outline> visible_parts(const std::vector<Outline>& back_to_front, const Work& work) {
    Boundaries boundaries;
    std::vector<Polygons> shapes;
    std::vector<Rect> boxes;
    for (const Outline& region : back_to_front) {
        shapes.push_back(boundaries.add(region));
        boxes.push_back(bounds(shapes.back()));
    }
    boundaries.finish();
    const BoxGrid grid(std::move(boxes));
    const std::size_t count = back_to_front.size();
    std::vector<Outline> seen(count);
    // From the front: what is seen of those over a region covers as much of it as they do themselves, with less edge.
    // Each waits for those over it, which were all begun before it.
    std::vector<std::atomic<bool>> is_done(count);
    for_each_of(static_cast<int>(count), work, [&](int begun) {
        const std::size_t i = count - 1 - static_cast<std::size_t>(begun);
        const TellsDone when_over{is_done[i]}; // first of all: others may be waiting when it is stopped
        work.at(begun / static_cast<double>(count));
        constexpr double margin = 100 * boolean_step;
        Polygons over;
        for (const std::size_t k : grid.overlapping(grid.box(i)))
            if (k > i) {
                is_done[k].wait(false);
                for (const Polygon& polygon : shapes[k])
                    if (Polygon near = near_box(polygon, grid.box(i).grown(margin)); near.size() > 2)
                        over.push_back(std::move(near));
            }
        if (over.empty()) {
            seen[i] = back_to_front[i];
        } else {
            shapes[i] = combine(shapes[i], over, Combine::take_out, FillRule::nonzero, true);
            seen[i] = boundaries.curved(shapes[i]);
        }
    });
    return seen;
}

std::vector<Outline> pieces_of(const Outline& region) {
    const auto nesting = nesting_of(flatten(region, 10 * region_tolerance));
    std::vector<Outline> pieces;
    std::vector<std::size_t> piece_of(region.contours.size());
    for (std::size_t i = 0; i < region.contours.size(); ++i)
        if (signed_area(region.contours[i]) > 0) {
            piece_of[i] = pieces.size();
            pieces.push_back({{region.contours[i]}});
        }
    for (std::size_t i = 0; i < region.contours.size(); ++i)
        if (signed_area(region.contours[i]) <= 0 && nesting[i])
            pieces[piece_of[*nesting[i]]].contours.push_back(region.contours[i]);
    return pieces;
}

bool is_sliver(const Outline& piece, double thickness) {
    constexpr double flat = 0.005; // mm
    return grown(flatten(piece, flat), {.width = -thickness / 2, .arc_tolerance = flat}).empty();
}

} // namespace fusuma
