#pragma once

#include "core/words.h"
#include "core/copy_id.h"
#include "core/geometry/outline.h"

#include <vector>

namespace fusuma {

enum class CutKind { kiss, score, through }; ///< in the order in which they are cut
template <> inline constexpr std::array words<CutKind>{
    Word{CutKind::kiss, "kiss", "Kiss cut"},
    Word{CutKind::score, "score", "Score"},
    Word{CutKind::through, "through", "Through cut"}};

/// One line to cut.
struct CutPath {
    Contour line; ///< mm on the paper
    CutKind kind = CutKind::kiss;
    CopyId copy = CopyId::none; ///< that it belongs to; none when it divides the sheet
    bool is_open = false;       ///< the line ends where its last segment does
    bool operator==(const CutPath&) const = default;
};

} // namespace fusuma
