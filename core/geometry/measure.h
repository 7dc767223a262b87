#pragma once

#include "core/geometry/outline.h"

namespace fusuma {

/// Area inside a contour, positive for a counter-clockwise (outer) contour on screen and negative for a hole.
/// Exact for lines and cubics (Green's theorem). Unit: the contour's unit squared.
[[nodiscard]] double signed_area(const Contour& contour);
[[nodiscard]] double signed_area(const Polygon& polygon);
/// Area of the region: outer areas less holes.
[[nodiscard]] double area(const Outline& outline);
[[nodiscard]] double area(const Polygons& polygons); ///< of a region: its holes run the other way

/// Length along the curve, to about 1e-9 of its size (five-point Gauss–Legendre on quarters of each cubic).
[[nodiscard]] double length(const Contour& contour);
[[nodiscard]] double length(const Outline& outline);

/// The smallest axis-parallel box round the curves themselves (not their control points).
[[nodiscard]] Rect bounds(const Contour& contour);
[[nodiscard]] Rect bounds(const Outline& outline);
[[nodiscard]] Rect bounds(const Polygon& polygon);
[[nodiscard]] Rect bounds(const Polygons& polygons);

/// The nearest point to `p` on the edges of the polygons, and how far it is (HUGE_VAL when there are no edges). Returns
/// early with any that is nearer than `enough`.
struct Nearest {
    double distance = HUGE_VAL;
    Point at;
};
[[nodiscard]] Nearest nearest_on(const Polygons& polygons, Point p, double enough = 0);

/// Is an edge of the polygons nearer to `p` than `reach`? Quicker than the nearest where most edges are far.
[[nodiscard]] bool is_nearer(const Polygons& polygons, Point p, double reach);

/// The closest approach of two sets of edges. Crossing edges give zero. Returns early with any pair closer than
/// `enough`. `at` lies on `a`.
[[nodiscard]] Nearest closest_approach(const Polygons& a, const Polygons& b, double enough = 0);

[[nodiscard]] std::size_t node_count(const Outline& outline);

} // namespace fusuma
