#pragma once

#include "core/geometry/outline.h"
#include "core/raster/image.h"

#include <vector>

namespace fusuma {

/// A true corner of a closed run of points: where in the run it is, and where the corner itself lies.
struct Corner {
    std::size_t index = 0;
    Point position;
    double blunted = 0; ///< points nearer to the corner than this are not to be believed
};

/// What single pixels add to the points of a contour: the standard deviation across it, estimated from the median of
/// the fourth differences, which smooth curves hardly have.
[[nodiscard]] double noise(const Polygon& contour);

/// Finds the corners that pixels have blunted.
///
/// For each candidate a parabola is fitted to the stretch before it and one to the stretch after, leaving out what is
/// blunted next to it. Where the two, continued, meet close by at a clear angle, and no single smooth arc explains the
/// points as well, there is a corner, placed at their meeting point. Sharp tips are continued from farther out, where
/// their sides are a few pixels apart; the square ends of bars down to 2 px are found by the area they leave. Round
/// shapes of 2 px radius and more pass without corners.
///
/// @param points    closed run in pixels, spacing about one pixel or less
/// @param coverage  what the run is a contour of
/// @return        corners by ascending index
[[nodiscard]] std::vector<Corner> blunted_corners(const Polygon& points, const Coverage& coverage);

/// Vertices of an exact polygon (flattened curves, offsets) where the direction jumps by more than flattening explains.
/// @param least_turn  radians
[[nodiscard]] std::vector<Corner> sharp_vertices(const Polygon& polygon, double least_turn);

} // namespace fusuma
