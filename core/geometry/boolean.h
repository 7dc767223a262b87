#pragma once

#include "core/words.h"
#include "core/geometry/outline.h"

namespace fusuma {

/// The one place that owns the integer scaling of the polygon clipper: 1 unit is 0.01 µm, so millimetre coordinates up
/// to about ±10 m are safe. Results have outer polygons counter-clockwise on screen and holes clockwise.

enum class Combine { join, take_out, overlap_only, exclude };
enum class FillRule { even_odd, nonzero };

/// Joins, subtracts, intersects two regions, or leaves what only one of them covers.
/// @param rule         how both are read
/// @param keep_points  points along straight edges stay, so that every edge can be traced back to where it came from
[[nodiscard]] Polygons combine(const Polygons& a, const Polygons& b, Combine how, FillRule rule = FillRule::even_odd,
                               bool keep_points = false);
/// The finest step of coordinates in results, mm.
inline constexpr double boolean_step = 1e-5;

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
