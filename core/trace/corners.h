#pragma once

#include "core/geometry/outline.h"

#include <vector>

namespace fusuma {

/// A true corner of a closed run of points: where in the run it is, and where the corner itself lies.
struct Corner {
    std::size_t index = 0;
    Point position;
};

/// Finds the corners that pixels have blunted.
///
/// For each candidate a parabola is fitted to the stretch before it and one to the stretch after, leaving out the
/// blunted `skip` next to it. Where the two, continued, meet close by at a clear angle there is a corner, placed at
/// their meeting point. Round shapes of about 5 px radius and more pass without corners, since their two parabolas
/// continue into each other.
///
/// @param points  closed run in pixels, spacing about one pixel or less
/// @return        corners by ascending index
[[nodiscard]] std::vector<Corner> blunted_corners(const Polygon& points);

/// Vertices of an exact polygon (flattened curves, offsets) where the direction jumps by more than flattening explains.
/// @param least_turn  radians
[[nodiscard]] std::vector<Corner> sharp_vertices(const Polygon& polygon, double least_turn);

} // namespace fusuma
