#include "core/steps/replaced_artwork.h"

#include "core/steps/small_picture.h"

#include <algorithm>

namespace fusuma {

namespace {

/// Of what was set on the artwork before, nothing lies anywhere on this one.
void forget_places(Sticker& sticker) {
    sticker.background = {};
    sticker.border.by_hand.clear();
    sticker.hand = {};
    sticker.framing.crop.reset();
}

} // namespace

Sticker with_artwork_replaced(Sticker sticker, Artwork artwork) {
    const double width = sticker.width;
    const auto* picture = std::get_if<PictureArtwork>(&artwork);
    const auto* old_picture = std::get_if<PictureArtwork>(&sticker.artwork);
    auto* drawing = std::get_if<DrawingArtwork>(&artwork);
    const auto* old_drawing = std::get_if<DrawingArtwork>(&sticker.artwork);
    if (picture && old_picture) {
        const double factor = double(old_picture->picture->pixels.width()) / std::max(1, picture->picture->pixels.width());
        const PixelPlace size = size_px(artwork);
        sticker = with_picture(std::move(sticker), picture->picture, factor);
        if (auto& crop = sticker.framing.crop) {
            const double wide = std::min(crop->x + crop->width, size.x) - std::max(crop->x, 0);
            const double high = std::min(crop->y + crop->height, size.y) - std::max(crop->y, 0);
            const bool is_mostly_there =
                wide > 0 && high > 0 && 2 * wide * high >= double(crop->width) * crop->height;
            if (is_mostly_there)
                crop = on_picture(*crop, size.x, size.y);
            else
                crop.reset();
        }
    } else if (drawing && old_drawing) {
        if (drawing->drawing->parts.size() == old_drawing->drawing->parts.size())
            drawing->parts = old_drawing->parts;
        sticker.artwork = std::move(artwork);
    } else {
        forget_places(sticker);
        sticker.artwork = std::move(artwork);
    }
    sticker.width = width;
    return sticker;
}

} // namespace fusuma
