#include "core/steps/source_pictures.h"

#include "core/steps/isolation.h"
#include "core/steps/small_picture.h"

#include <algorithm>

namespace fusuma {

std::vector<std::shared_ptr<const Image>> source_pictures(const Sticker& sticker, int most_px, const Work& work) {
    const auto* artwork = std::get_if<PictureArtwork>(&sticker.artwork);
    if (!artwork)
        return {};
    const Pixels& whole = artwork->picture->pixels;
    const PixelBox used = frame_of(sticker).crop;
    const double part = double(std::max(used.width, used.height)) /
                        std::max({whole.width(), whole.height(), 1}); // of the picture, at most 1
    const SmallPicture small = small_picture(
        *artwork->picture, static_cast<int>(std::min(1e5, most_px / std::max(part, 1e-3))), work.part(0, 0.3));
    Sticker tried = with_picture(sticker, small.picture, small.factor);
    std::vector<std::shared_ptr<const Image>> pictures;
    for (const auto& word : words<Source>) {
        const double from = 0.3 + 0.7 * double(pictures.size()) / words<Source>.size();
        tried.background.source = word.value;
        const Lit seen = lit(std::get<PictureArtwork>(tried.artwork), tried.framing.crop, light_task(tried.background),
                             work.part(from, from + 0.05));
        pictures.push_back(isolate(seen, tried.background, work.part(from + 0.05, from + 0.1)).pixels());
    }
    return pictures;
}

} // namespace fusuma
