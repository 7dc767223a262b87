#pragma once

#include "core/steps/sticker_print.h"

#include <optional>

namespace fusuma {

/// A sticker worked out at one size.
struct StickerResult {
    std::shared_ptr<const Isolation> isolation;
    std::shared_ptr<const SizedOutline> outlined;
    std::shared_ptr<const Cut> cut;
    std::vector<PrintLayer> print; ///< from back to front, mm; the art itself comes last

    [[nodiscard]] const Outline& outline() const { return outlined->outline; }
    [[nodiscard]] const Outline& cut_line() const { return cut->region; }
};

/// How far the cut line lies from the outline at one width of the artwork, mm: the border and all rims.
[[nodiscard]] double reach_at(const Sticker& sticker, double width);

/// The handwork that makes a sticker's cut line into `lines`, at the size of the result.
[[nodiscard]] HandWork hand_for(const Sticker& sticker, const StickerResult& result, const CutLines& lines);

/// The width in mm of the artwork at which the cut line's box gets this width, or this height; the border keeps its
/// millimetres at every size. Nothing when no artwork is small enough.
enum class Side { width, height };
[[nodiscard]] std::optional<double> width_for_finished(const StickerResult& result, const Sticker& sticker, Side side,
                                                       double finished);

} // namespace fusuma
