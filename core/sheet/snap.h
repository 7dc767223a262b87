#pragma once

#include "core/geometry/point.h"

#include <vector>

namespace fusuma {

/// A line to show while something snaps to it, mm.
struct Guide {
    Point from, to;
    bool operator==(const Guide&) const = default;
};

struct Snapped {
    Point by; ///< mm to move so that things line up
    std::vector<Guide> guides;
};

/// What a box that is being moved lines up with: edges and middles of the others and of the frames, places a gap away
/// from an edge, and the middle between two neighbours. Each direction on its own, the nearest within `reach` mm wins.
/// @param frames  boxes to lie in, such as the cut zone and the paper
[[nodiscard]] Snapped snapped(const Rect& box, const std::vector<Rect>& others, const std::vector<Rect>& frames,
                              double gap, double reach);

} // namespace fusuma
