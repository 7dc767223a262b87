#pragma once

#include "core/geometry/outline.h"

namespace fusuma {

// Results have outer polygons counter-clockwise on screen and holes clockwise. Millimetre coordinates up to about ±10 m
// are safe.

enum class Combine { join, take_out, overlap_only, exclude };
enum class FillRule { even_odd, nonzero };

/// Joins, subtracts, intersects two regions, or leaves what only one of them covers.
/// @param rule         how both are read
/// @param keep_points  points along straight edges stay, so that every edge can be traced back to where it came from
[[nodiscard]] Polygons combine(const Polygons& a, const Polygons& b, Combine how, FillRule rule = FillRule::even_odd,
                               bool keep_points = false);
/// The finest step of coordinates in results, mm.
inline constexpr double boolean_step = 1e-5;

} // namespace fusuma
