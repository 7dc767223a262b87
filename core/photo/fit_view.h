#pragma once

#include "core/geometry/view.h"

#include <vector>

namespace fusuma {

/// A place that was seen in a photograph, and what of the plane it is known to lie on.
struct Sighting {
    enum class On { point, line, circle };
    Point px;
    On on = On::point;
    Point at;          ///< mm: the point itself, one of the line's, or the circle's middle
    Point across;      ///< of a line: at right angles to it, of length 1
    double radius = 0; ///< of a circle, mm
    double swells = 0; ///< of a circle: 1 when ink that spreads makes it larger, -1 smaller
};

/// What may be told about the lens.
enum class LensFit { keep, k1, both };

struct FittedView {
    View view;
    double residual = 0;     ///< mm, root mean square over what agrees
    std::size_t used = 0;    ///< sightings that agree
    std::vector<double> off; ///< mm by sighting
};

/// The view that leaves the least over, by Levenberg's and Marquardt's damped least squares in mm of the plane.
/// Sightings far off the others count little (Tukey's weights) and are left out in the end.
/// @param start  near enough: within a twentieth of the picture
/// @return       nothing when it does not settle
[[nodiscard]] std::optional<FittedView> fit_view(const View& start, const std::vector<Sighting>& seen, LensFit lens);

} // namespace fusuma
