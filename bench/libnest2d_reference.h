#pragma once

#include <utility>
#include <vector>

namespace fusuma::bench {

/// The bin into which libnest2d puts each outline (closed polygons in mm), by its no-fit polygon placer from the bottom
/// left, largest first, turned by quarters; less than 0 for none.
[[nodiscard]] std::vector<int> nested(const std::vector<std::vector<std::pair<double, double>>>& outlines, double width,
                                      double height, double gap);

} // namespace fusuma::bench
