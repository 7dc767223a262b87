#pragma once

#include "core/trace/corners.h"

namespace fusuma {

struct FitSettings {
    double tolerance = 0.1;       ///< farthest that the curve may stray from the points, in the points' unit, > 0
    double line_tolerance = 0.07; ///< the same for straight lines; small where the points are exact, lest a line runs
                                  ///< on into the curve behind it
    int tangent_points = 6;       ///< points on each side that decide the direction at a smooth joint
    bool even_out = true;         ///< whether the points carry the noise of single pixels
};

/// Fits lines and cubic curves to a closed run of points.
///
/// Corners divide the run into stretches. Along each, the longest piece that stays within the tolerance is taken, then
/// the next from there: a line where a line reaches nearly as far as a cubic, else a cubic by least squares with the
/// directions at its ends given, so neighbouring pieces join without a kink.
///
/// @param points   closed run, at least 3 points; spacing should be small against the size of the features
/// @param corners  by ascending index; positions may lie off the run
/// @return         a closed contour that passes through every corner position; direction of walk kept
/// Source: Schneider, "An algorithm for automatically fitting digitized curves", Graphics Gems, 1990 (from memory),
///         with greedy longest pieces in place of splitting at the largest error.
[[nodiscard]] Contour fit_closed(const Polygon& points, const std::vector<Corner>& corners,
                                 const FitSettings& settings);

/// Straight lines alone along a closed run of points, as long as they stay within `tolerance` of it.
[[nodiscard]] Contour straightened_run(const Polygon& points, double tolerance);

/// Curves through an exact polygon such as a flattened offset: vertices that turn sharply stay corners, the rest is
/// fitted within `tolerance` (mm).
[[nodiscard]] Contour fit_exact_polygon(const Polygon& polygon, double tolerance);

} // namespace fusuma
