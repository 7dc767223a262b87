#pragma once

#include "core/geometry/outline.h"

#include <vector>

namespace fusuma {

enum class CutKind { kiss, through };

/// One line to cut.
struct CutPath {
    Contour line; ///< mm on the paper
    CutKind kind = CutKind::kiss;
    std::size_t placement = 0; ///< index of the copy it belongs to, into Document::placements
    bool is_open = false;      ///< the line ends where its last segment does
};

/// The order in which a cutter should take the paths: kiss before through, each copy finished before the next, open
/// lines and holes before the contour round them (they shift once the outside is free), and from copy to copy to the
/// nearest.
[[nodiscard]] std::vector<CutPath> in_cutting_order(std::vector<CutPath> paths);

} // namespace fusuma
