#pragma once

#include "core/geometry/outline.h"

#include <vector>

namespace fusuma {

enum class CutKind { kiss, score, through }; ///< in the order in which they are cut

/// In place of a copy's index for lines that divide the sheet.
constexpr std::size_t no_copy = static_cast<std::size_t>(-1);

/// One line to cut.
struct CutPath {
    Contour line; ///< mm on the paper
    CutKind kind = CutKind::kiss;
    std::size_t placement = 0; ///< index of the copy it belongs to, into Document::placements; or no_copy
    bool is_open = false;      ///< the line ends where its last segment does
    bool operator==(const CutPath&) const = default;
};

} // namespace fusuma
