#include "core/steps/sticker_result.h"

#include "core/geometry/measure.h"
#include "core/steps/step_table.h"

namespace fusuma {

double reach_at(const Sticker& sticker, double width) {
    return reach_of(lengths_at(sticker, width), rims_at(sticker, width));
}

HandWork hand_for(const Sticker& sticker, const StickerResult& result, const CutLines& lines) {
    const SizedOutline& outline = *result.outlined;
    const DerivedLine derived{result.cut->derived->line, outline.outline, reach_at(sticker, outline.artwork.width),
                              outline.from_picture};
    return recorded(lines, derived, sticker.hand, result.cut->hand.does_not_apply);
}

std::optional<double> width_for_finished(const StickerResult& result, const Sticker& sticker, Side side,
                                         double finished) {
    const auto along = [&](const Rect& box) { return side == Side::width ? box.width() : box.height(); };
    const double art = along(bounds(result.outline())), whole = along(bounds(result.cut_line()));
    const double rim = whole - art;
    constexpr double least = 0.5; // mm
    if (art <= 0)
        return std::nullopt;
    if (sticker.border.scales_with_art)
        return finished >= least ? std::optional(result.outlined->artwork.width * finished / whole) : std::nullopt;
    if (finished - rim < least)
        return std::nullopt;
    return result.outlined->artwork.width * (finished - rim) / art;
}

} // namespace fusuma
