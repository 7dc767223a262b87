#pragma once

#include "core/geometry/point.h"

#include <vector>

namespace fusuma {

/// Where the axis of a drag blade must go for its tip to follow a line. The tip trails the axis by `offset`: along a
/// straight piece the axis runs ahead by that much, and at every corner it swivels round the tip on an arc.
/// @param line    where the tip is to go, mm; at least two points
/// @param offset  mm, > 0
/// @param facing  unit vector from tip to axis as the last cut left it; set to how this one leaves it
[[nodiscard]] std::vector<Point> axis_path(const std::vector<Point>& line, double offset, Point& facing);

/// Where the tip of a trailing blade goes when its axis is led along a path: a tractrix along each straight piece,
/// tan(φ/2) = tan(φ₀/2)·e^(−s/offset) for the angle φ between blade and motion. The tip points of each piece are at
/// most `step` mm of axis motion apart. Source: the equation of the tractrix.
/// @param facing  unit vector from tip to axis at the start; set to how it ends
[[nodiscard]] std::vector<Point> tip_path(const std::vector<Point>& axis, double offset, Point& facing,
                                          double step = 0.05);

} // namespace fusuma
