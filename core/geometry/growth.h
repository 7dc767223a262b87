#pragma once

#include "core/words.h"
#include "core/geometry/outline.h"

namespace fusuma {

enum class Corners { round, mitre, bevel };
template <> inline constexpr std::array words<Corners>{
    Word{Corners::round, "round", "Round"},
    Word{Corners::mitre, "mitre", "Mitre"},
    Word{Corners::bevel, "bevel", "Bevel"}};

struct Growth {
    double width = 0; ///< mm, outward when positive, inward when negative
    Corners corners = Corners::round;
    double mitre_limit = 3; ///< longest tip of a mitre as a multiple of the width, ≥ 1; longer ones are cut square
    double arc_tolerance = 0.002; ///< mm, how far the flattened round corners may stray from true arcs
};

/// The region grown or shrunk by a constant distance. A region shrunk to nothing is empty, not an error.
/// @param region  even-odd polygons in mm
[[nodiscard]] Polygons grown(const Polygons& region, const Growth& growth);

/// Morphological closing by a disc: the region grown by `radius` mm and shrunk by it again. Gaps and inlets narrower
/// than the disc are filled; everything else stays. Source: Serra, Image Analysis and Mathematical Morphology, 1982
/// (from memory).
[[nodiscard]] Polygons closed(const Polygons& region, double radius, double arc_tolerance);
/// Morphological opening: shrunk, then grown. What is thinner than the disc goes.
[[nodiscard]] Polygons opened(const Polygons& region, double radius, double arc_tolerance);

} // namespace fusuma
