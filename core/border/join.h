#pragma once

#include "core/geometry/outline.h"

namespace fusuma {

/// Which pieces of a region are to be bridged.
struct Bridging {
    double closer_than = 0;   ///< mm; pieces farther apart than this are left apart
    double width = 2;         ///< mm, of a bridge at its waist
    double tolerance = 0.002; ///< mm, of flattened arcs
};

/// The region with bridges between its pieces. They go where two pieces are nearest to each other, and only as many as
/// it takes (a minimum spanning tree, Prim's algorithm); their necks are rounded into the pieces.
/// @param region  even-odd polygons in mm, outer ones counter-clockwise on screen
[[nodiscard]] Polygons with_bridges(Polygons region, const Bridging& bridging);

} // namespace fusuma
