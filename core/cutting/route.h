#pragma once

#include "core/geometry/point.h"

#include <vector>

namespace fusuma {

/// Something to be visited: the blade arrives at `in` and goes on from `out`.
struct Stop {
    Point in, out;
};

/// An order in which to visit all stops from `home` with little travel. Nearest neighbour first, then stretches of the
/// way are turned round (2-opt) and moved elsewhere (Or-opt) for as long as that shortens it. Deterministic.
/// Source: Croes 1958 (2-opt) and Or 1976 (Or-opt), from memory.
[[nodiscard]] std::vector<std::size_t> short_route(const std::vector<Stop>& stops, Point home);

/// Length of the way between stops in that order, without the stops' own, mm.
[[nodiscard]] double travel(const std::vector<Stop>& stops, const std::vector<std::size_t>& order, Point home);

} // namespace fusuma
