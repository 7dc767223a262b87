#pragma once

#include "core/geometry/outline.h"
#include "core/geometry/transform.h"

#include <optional>
#include <vector>

namespace fusuma {

/// The unit circle from one angle to another as cubics, mapped: circles, arcs and ellipses, tilted ones seen from
/// above.
/// @param first, last  radians, at most a whole turn apart
/// @return nothing where nothing would be seen
[[nodiscard]] std::optional<Contour> ellipse_arc(const Transform& map, double first, double last);
/// Adds the piece of a polyline to `to`. A bulge is the tangent of a quarter of the arc's angle, positive to the left
/// with y upwards.
void add_bulged(Contour& path, Point to, double bulge);

/// A curve as DXF states it. Source: DXF reference, SPLINE; Piegl and Tiller, The NURBS Book, 4.2
struct DxfSpline {
    struct Control {
        Point at;
        double weight = 1;
    };
    int degree = 3;
    std::vector<double> knots; ///< rising; as many as controls, and the degree and one more
    std::vector<Control> controls;
    std::vector<Point> through; ///< what it goes through where it has no controls
    Point leaves, arrives;      ///< its direction at the ends of `through`, or (0, 0)
};

/// Its curve as cubics, exact for those of degree two and three without weights, others within a fifty-thousandth of
/// their size.
/// @return nothing where its numbers do not make one
[[nodiscard]] std::optional<Contour> path_of(const DxfSpline& spline);

} // namespace fusuma
