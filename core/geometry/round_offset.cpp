#include "core/geometry/round_offset.h"

#include "core/geometry/edge_grid.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

Point point_of(const clip::IntPoint& p) {
    return {static_cast<double>(p.X), static_cast<double>(p.Y)};
}

/// How deep places lie within the grown region. Edges whose moved-out selves are all `margin` deep are left out: a place
/// nearer to the rim than half of that is covered by what is kept, as the place on the rim or near it that its nearest
/// point of the shape was moved to is not deep. What stays uncovered lies deeper, which tells it from the true rim.
class Depth {
  public:
    Depth(const clip::Paths& paths, double width_by, double tolerance)
        : width(std::abs(width_by)), margin(std::max(width / 8, 8 * tolerance)), is_asked(margin <= width / 2),
          edges(is_asked ? thinned(paths, step()) : Polygons{}) {}

    /// Steps on the shape that are finer than this make no difference.
    [[nodiscard]] double step() const { return margin / 8; }
    /// Is everything within `slack` of the place deep?
    [[nodiscard]] bool is_deep(Point p, double slack) const {
        return is_asked && slack < width - margin && edges.is_near(p, width - margin - slack);
    }
    /// Is this a place of the rim, not of a hole that was left uncovered?
    [[nodiscard]] bool is_on_rim(Point p) const { return !is_asked || !edges.is_near(p, width - margin / 4); }

  private:
    double width, margin;
    bool is_asked;
    EdgeGrid edges;

    static Polygons thinned(const clip::Paths& paths, double step) {
        Polygons all;
        for (const clip::Path& path : paths) {
            Polygon polygon;
            for (const clip::IntPoint& p : path)
                if (polygon.empty() || distance(polygon.back(), point_of(p)) >= step)
                    polygon.push_back(point_of(p));
            all.push_back(std::move(polygon));
        }
        return all;
    }
};

/// One path moved out: edges by their normals, with arcs where corners open. Where corners close, neighbouring edges
/// meet, or the path leads back through the corner, so that the folded part winds the other way and drops out. Along
/// what is left out it follows the shape itself.
class MovedOut {
  public:
    MovedOut(const clip::Path& path, double move_by, double arc_tolerance, const Depth& deep)
        : width(move_by), tolerance(arc_tolerance), depth(deep) {
        for (const clip::IntPoint& p : path)
            if (corners.empty() || corners.back() != point_of(p))
                corners.push_back(point_of(p));
        while (corners.size() > 1 && corners.front() == corners.back())
            corners.pop_back();
        const std::size_t n = corners.size();
        if (n < 3)
            return;
        for (std::size_t i = 0; i < n; ++i) {
            const Point a = corners[i], b = corners[(i + 1) % n];
            Edge edge{outward_normal(a, b), distance(a, b), true};
            edge.is_kept = !depth.is_deep(0.5 * (a + b) + width * edge.normal, edge.length / 2);
            edges.push_back(edge);
        }
        for (std::size_t i = 0; i < n; ++i)
            turn(corners[i], edges[(i + n - 1) % n], edges[i]);
    }

    clip::Path raw;

  private:
    struct Edge {
        Point normal;
        double length = 0;
        bool is_kept = true;
    };
    double width, tolerance;
    const Depth& depth;
    Polygon corners;
    std::vector<Edge> edges;
    Point on_shape{HUGE_VAL, HUGE_VAL}; ///< where the path last was on the shape, if it is still there

    void push(Point p) {
        raw.emplace_back(std::llround(p.x), std::llround(p.y));
        on_shape = {HUGE_VAL, HUGE_VAL};
    }

    void walk_on(Point corner, bool may_skip) {
        if (may_skip && distance(on_shape, corner) < depth.step())
            return;
        push(corner);
        on_shape = corner;
    }

    void turn(Point corner, const Edge& before, const Edge& after) {
        const double sine = cross(before.normal, after.normal), cosine = dot(before.normal, after.normal);
        const double angle = std::atan2(sine, cosine);
        const bool opens = angle * width >= 0, are_kept = before.is_kept && after.is_kept;
        if (opens && (are_kept || !is_arc_deep(corner, before.normal, angle))) {
            if (!before.is_kept)
                walk_on(corner, false);
            arc(corner, before.normal, angle);
            if (!after.is_kept)
                walk_on(corner, false);
            return;
        }
        const double shortened = std::abs(width * std::tan(angle / 2));
        if (!opens && are_kept && cosine > -0.9 && 2 * shortened <= std::min(before.length, after.length)) {
            push(corner + (width / (1 + cosine)) * (before.normal + after.normal));
            return;
        }
        if (before.is_kept)
            push(corner + width * before.normal);
        walk_on(corner, !before.is_kept && !after.is_kept);
        if (after.is_kept)
            push(corner + width * after.normal);
    }

    [[nodiscard]] Point on_arc(Point corner, Point normal, double by) const {
        const double c = std::cos(by), s = std::sin(by);
        return corner + width * Point{c * normal.x - s * normal.y, s * normal.x + c * normal.y};
    }

    [[nodiscard]] bool is_arc_deep(Point corner, Point from, double angle) const {
        const double length = std::abs(width * angle);
        const int parts = 1 + static_cast<int>(length / (4 * depth.step()));
        for (int i = 0; i < parts; ++i)
            if (!depth.is_deep(on_arc(corner, from, angle * (i + 0.5) / parts), length / parts / 2))
                return false;
        return true;
    }

    void arc(Point corner, Point from, double angle) {
        const double half = std::cos(angle / 2), out = std::abs(width);
        if (half > 0.5 && out / half - out <= tolerance) { // as flat as that: the corner of the edges' own lines
            push(on_arc(corner, from, angle / 2) + (1 / half - 1) * (on_arc(corner, from, angle / 2) - corner));
            return;
        }
        const double piece = 2 * std::acos(std::max(0.0, 1 - tolerance / out));
        const int pieces = std::max(1, static_cast<int>(std::ceil(std::abs(angle) / piece)));
        for (int i = 0; i <= pieces; ++i)
            push(on_arc(corner, from, angle * i / pieces));
    }
};

} // namespace

Point outward_normal(Point a, Point b) {
    const Point along = unit(b - a);
    return {along.y, -along.x}; // right of the walk
}

clip::Paths wound_region(const clip::Paths& raw, bool is_growing) {
    clip::Clipper clipper;
    clipper.AddPaths(raw, clip::ptSubject, true);
    clip::Paths result;
    if (is_growing) {
        clipper.Execute(clip::ctUnion, result, clip::pftPositive, clip::pftPositive);
        return result;
    }
    // Shrinking: what remains is where the raw offset still winds positively, found as the complement inside a frame.
    const clip::IntRect box = clipper.GetBounds();
    const clip::cInt room = 10;
    clipper.AddPath({{box.left - room, box.bottom + room},
                     {box.right + room, box.bottom + room},
                     {box.right + room, box.top - room},
                     {box.left - room, box.top - room}},
                    clip::ptSubject, true);
    clipper.ReverseSolution(true);
    clipper.Execute(clip::ctUnion, result, clip::pftNegative, clip::pftNegative);
    if (!result.empty())
        result.erase(result.begin());
    return result;
}

clip::Paths round_offset(const clip::Paths& paths, double width, double arc_tolerance) {
    const Depth depth(paths, width, arc_tolerance);
    clip::Paths raw;
    for (const clip::Path& path : paths)
        if (MovedOut moved(path, width, arc_tolerance, depth); !moved.raw.empty())
            raw.push_back(std::move(moved.raw));
    clip::Paths rim = wound_region(raw, width > 0);
    std::erase_if(rim, [&](const clip::Path& path) { return !depth.is_on_rim(point_of(path.front())); });
    return rim;
}

} // namespace fusuma
