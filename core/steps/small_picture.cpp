#include "core/steps/small_picture.h"

#include "core/units.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

SmallPicture small_picture(const Picture& picture, int most_px, const Work& work) {
    const int longer = std::max(picture.pixels.width(), picture.pixels.height());
    SmallPicture small{std::make_shared<Picture>(), std::max(1, (longer + most_px - 1) / most_px)};
    small.picture->pixels = reduced(*picture.pixels.get(work.part(0, 0)), small.factor, work);
    return small;
}

Sticker with_picture(Sticker sticker, std::shared_ptr<const Picture> picture, double factor) {
    const double scale = mm_per_px(sticker) * factor;
    sticker.artwork = PictureArtwork{std::move(picture)};
    sticker.background = seen_from(std::move(sticker.background), {}, factor);
    for (HoleChoice& choice : sticker.border.by_hand)
        choice.at = {choice.at.x / factor, choice.at.y / factor};
    sticker.hand = scaled(std::move(sticker.hand), 1 / factor);
    sticker.trace.smoothing_px /= factor;
    if (const double usual = TraceSettings{}.detail_px; sticker.trace.detail_px > usual)
        sticker.trace.detail_px = std::max(usual, sticker.trace.detail_px / factor);
    if (auto& crop = sticker.framing.crop) {
        const auto place = [factor](int v) { return static_cast<int>(std::lround(v / factor)); };
        const int left = place(crop->x), top = place(crop->y);
        crop = PixelBox{left, top, std::max(1, place(crop->x + crop->width) - left),
                        std::max(1, place(crop->y + crop->height) - top)};
    }
    sticker.width = scale * frame_of(sticker).size.width;
    return sticker;
}

Sticker relaid(Sticker sticker, std::shared_ptr<const Picture> picture) {
    const auto& before = std::get<PictureArtwork>(sticker.artwork).picture;
    if (before->flat && picture->flat && before->flat->by == picture->flat->by) {
        const double factor = before->dpi / picture->dpi;
        return with_picture(std::move(sticker), std::move(picture), factor);
    }
    BackgroundSettings& b = sticker.background;
    b.pockets_at.clear();
    b.strokes.clear();
    b.focus.reset();
    b.subject_box.reset();
    b.piece.reset();
    sticker.border.by_hand.clear();
    sticker.hand = {};
    sticker.framing.crop.reset();
    sticker.artwork = PictureArtwork{std::move(picture)};
    sticker.width = frame_of(sticker).size.width * mm_per_inch / std::get<PictureArtwork>(sticker.artwork).picture->dpi;
    return sticker;
}

} // namespace fusuma
