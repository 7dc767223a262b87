#pragma once

#include "core/geometry/point.h"
#include "core/geometry/transform.h"

#include <vector>

namespace fusuma {

/// Corner points in order; the last joins the first.
using Polygon = std::vector<Point>;
using Polygons = std::vector<Polygon>;

/// One piece of a contour, from where the piece before it ended to `end`.
struct Segment {
    enum class Kind { line, cubic };
    Kind kind = Kind::line;
    Point control1; ///< first Bézier control point; unused for lines
    Point control2; ///< second Bézier control point; unused for lines
    Point end;
    bool operator==(const Segment&) const = default;

    static Segment line_to(Point end) { return {Kind::line, {}, {}, end}; }
    static Segment cubic_to(Point c1, Point c2, Point end) { return {Kind::cubic, c1, c2, end}; }
};

/// One closed curve. The last segment ends at `start`.
struct Contour {
    Point start;
    std::vector<Segment> segments;
    bool operator==(const Contour&) const = default;
};

/// Closed curves that together bound a region, filled by the even-odd rule. Outer contours run counter-clockwise on
/// screen, holes clockwise, so the signed areas add up to the area of the region.
struct Outline {
    std::vector<Contour> contours;
    bool operator==(const Outline&) const = default;

    [[nodiscard]] bool empty() const { return contours.empty(); }
};

/// The rectangle's corners, counter-clockwise on screen from the top left.
[[nodiscard]] inline Polygon corners_of(const Rect& r) {
    return {r.min, {r.min.x, r.max.y}, r.max, {r.max.x, r.min.y}};
}

/// The point at `t` (0–1) of a segment that begins at `from`.
[[nodiscard]] Point point_on(Point from, const Segment& segment, double t);
/// The part of a segment between two of its parameters, 0 ≤ first ≤ last ≤ 1. Its curve is the same.
[[nodiscard]] Segment part_of(Point from, const Segment& segment, double first, double last);
/// A segment with all its points mapped.
[[nodiscard]] Segment transformed(const Segment& segment, const Transform& map);

/// A closed contour of straight lines through the points.
[[nodiscard]] Contour contour_of(const Polygon& polygon);

/// Every point mapped. A mirroring map also reverses the contours, so that outer ones stay counter-clockwise.
[[nodiscard]] Contour transformed(const Contour& contour, const Transform& map);
[[nodiscard]] Outline transformed(const Outline& outline, const Transform& map);

/// An open line mapped; unlike a contour's its direction means nothing.
[[nodiscard]] Contour mapped_line(const Contour& line, const Transform& map);

/// The contour walked the other way round.
[[nodiscard]] Contour reversed(const Contour& contour);

/// Points on the contour such that the polygon stays within `tolerance` (same unit as the contour, > 0) of it.
[[nodiscard]] Polygon flatten(const Contour& contour, double tolerance);
[[nodiscard]] Polygons flatten(const Outline& outline, double tolerance);
/// The same for an open line, or a contour to be walked to its end: the last segment's end is among the points.
[[nodiscard]] std::vector<Point> flatten_line(const Contour& line, double tolerance);

} // namespace fusuma
