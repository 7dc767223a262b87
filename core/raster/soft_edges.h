#pragma once

#include "core/raster/image.h"
#include "core/raster/lab.h"
#include "core/work.h"

namespace fusuma {

/// How many pixels a picture's sharpest edges are wide: what lies on either side of them is that much apart, as the
/// edge's steepest slope goes. About 2.4 for a hard edge, more in pictures that were enlarged or are out of focus.
/// Looks at a few hundred places. 0 where there are no edges.
[[nodiscard]] double width_of_edges(const Image& image);
inline constexpr double crisp_edge = 2.8; ///< px; as blended by drawing programs
inline constexpr double soft_edge = 3.2;  ///< px; wider than colours beside each other tell

/// Sets the edges of blurred art where it is half covered. Blur spreads an edge over several pixels, which
/// all differ from the ground: counted as art they would make it wider. Along the edge each pixel's share becomes its
/// difference from the ground, beside the largest one nearby. Throws Stopped when asked to stop.
/// @param ground    the ground's colour
/// @param coverage  as told by colour, 0 on sure ground; changed within the blur's width of it
/// @param narrowest px; where the art's edges are no wider, nothing is done
void place_soft_edges(const Image& image, Rgb ground, Coverage& coverage, double narrowest, const Work& work = {});

} // namespace fusuma
