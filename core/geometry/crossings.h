#pragma once

#include "core/geometry/outline.h"

#include <cstddef>

namespace fusuma {

/// How often curves meet each other and themselves, seen as chords of quarter pieces: what combining them costs grows
/// with it. Pieces that lie on each other count, those that follow each other do not.
/// @param most  counting ends there; it also ends, as if there were that many, when looking alone would take too long
[[nodiscard]] std::size_t crossings(const std::vector<Contour>& curves, std::size_t most);

} // namespace fusuma
