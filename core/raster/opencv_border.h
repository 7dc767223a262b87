#pragma once

namespace fusuma {

/// OpenCV's way beyond a picture's edge in which the edge's pixels go on (its border type 1).
inline constexpr int edge_goes_on = 1;

} // namespace fusuma
