#pragma once

#include "core/border/border.h"
#include "core/hand/hand_work.h"
#include "core/steps/sized_outline.h"

namespace fusuma {

/// One line of a sticker that the blade follows.
struct StickerLine {
    enum class Origin {
        derived, ///< what the border gives, with the handwork done on it
        artwork, ///< a line that drawn artwork brings along
    };
    Contour path; ///< mm; when open its last segment ends where the line does
    CutKind kind = CutKind::kiss;
    bool is_open = false;
    Origin origin = Origin::derived;
    bool operator==(const StickerLine&) const = default;
};

/// How a sticker is cut.
struct Cut {
    std::shared_ptr<const Border> derived; ///< the cut line as the settings give it
    HandResult hand;                       ///< with what was done by hand
    std::vector<StickerLine> lines;        ///< all that is cut: closed derived lines, open ones, the artwork's own
    Outline region;                        ///< what the closed derived lines bound, even where they only tell the room

    [[nodiscard]] Rect box() const; ///< round the region and all lines
};

/// The derived cut line with what was done by hand.
/// @param reach  mm that the derived line lies from the outline
/// @param kind   of the derived lines
[[nodiscard]] Cut cut_of(const SizedOutline& outline, std::shared_ptr<const Border> derived, const HandWork& hand,
                         double reach, CutKind kind);

} // namespace fusuma
