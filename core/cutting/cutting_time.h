#pragma once

#include "core/cutting/material.h"

#include <vector>

namespace fusuma {

/// How long a machine takes along a path from rest to rest, s: it speeds up and slows down evenly, and takes corners
/// the slower the sharper they are (a simple model, not any machine's own).
/// @param speed  mm/s, > 0
[[nodiscard]] double seconds_along(const std::vector<Point>& path, double speed, double acceleration);

} // namespace fusuma
