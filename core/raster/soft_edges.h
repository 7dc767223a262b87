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

/// Sets the edges of blurred art where it is half covered. Blur spreads an edge over several pixels, which
/// all differ from the ground: counted as art they would make it wider. Along the edge each pixel's share becomes its
/// difference from the ground, beside the largest one nearby. Throws Stopped when asked to stop.
/// @param ground    the ground's colour
/// @param coverage  as told by colour, 0 on sure ground; changed within the blur's width of it
/// @param is_evened a photograph whose light was evened: its edges are always soft, and its JPEG spreads colours some
/// way
///                  into the ground. Other art is left as it is where its edges are crisp.
void place_soft_edges(const Image& image, Rgb ground, Coverage& coverage, bool is_evened, const Work& work = {});

} // namespace fusuma
