#pragma once

#include "core/geometry/point.h"

#include <optional>
#include <vector>

namespace fusuma {

/// One move along a path: straight, or along an arc of less than a whole turn.
struct PathStep {
    Point to;
    std::optional<Point> centre; ///< of an arc
    bool is_clockwise = false;   ///< the arc, with y pointing up
};

/// The path from its second point on, with arcs where at least four edges in a row lie on one within the tolerance.
/// Every arc begins and ends at points of the path, and no place of either is farther from the other than the
/// tolerance.
/// @param path       at least one point
/// @param tolerance  mm, > 0
[[nodiscard]] std::vector<PathStep> with_arcs(const std::vector<Point>& path, double tolerance);

} // namespace fusuma
