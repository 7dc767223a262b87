#pragma once

#include "core/raster/image.h"
#include "core/raster/lab.h"

namespace fusuma {

/// Sets the edges of a photograph's art where it is half covered. A camera's blur spreads an edge over several pixels, which
/// all differ from the ground: counted as art they would make it wider. Along the edge each pixel's share becomes its
/// difference from the ground, beside the largest one nearby.
/// @param ground    the ground's colour
/// @param coverage  as told by colour, 0 on sure ground; changed within the blur's width of it
void place_soft_edges(const Image& image, Rgb ground, Coverage& coverage);

} // namespace fusuma
