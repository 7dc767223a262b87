#include "core/document/as_photographed.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace fusuma {

namespace {

const std::shared_ptr<const Picture>* picture_of(const Sticker& sticker) {
    const auto* artwork = std::get_if<PictureArtwork>(&sticker.artwork);
    return artwork ? &artwork->picture : nullptr;
}

/// The sticker as large and as upright as its photograph shows it.
std::shared_ptr<const Sticker> at_true_size(const std::shared_ptr<const Sticker>& sticker) {
    Sticker changed = *sticker;
    changed.framing = {.crop = sticker->framing.crop};
    const double px_per_mm = (*picture_of(*sticker))->flat->px_per_mm;
    const double width = frame_of(changed).size.width / px_per_mm;
    if (std::abs(width - changed.width) > 1e-9)
        changed = resized(std::move(changed), width);
    return changed == *sticker ? sticker : std::make_shared<const Sticker>(std::move(changed));
}

} // namespace

bool lies_on_board(const Sticker& sticker, const Rect& where) {
    constexpr double same = 0.01; // mm
    const auto* picture = picture_of(sticker);
    const auto* flat = picture && (*picture)->flat ? &*(*picture)->flat : nullptr;
    return flat && flat->by == FlatBy::board && std::abs(flat->size.width - where.width()) < same &&
           std::abs(flat->size.height - where.height()) < same;
}

Document as_photographed(Document document) {
    if (!document.sheet.photographed)
        return document;
    const Rect where = *document.sheet.photographed;
    document.sheet.is_mirrored = false;
    document.sheet.division = {};
    std::vector<std::shared_ptr<const Picture>> photographs; // a page each
    std::map<int, int> page_of;                              // by sticker
    for (auto& sticker : document.stickers) {
        if (!lies_on_board(*sticker, where))
            continue;
        sticker = at_true_size(sticker);
        const auto& picture = *picture_of(*sticker);
        const auto known =
            std::ranges::find_if(photographs, [&](const auto& other) { return is_same(other, picture); });
        page_of[sticker->id] = static_cast<int>(known - photographs.begin());
        if (known == photographs.end())
            photographs.push_back(picture);
    }
    document.pages = std::clamp(static_cast<int>(photographs.size()), 1, most_pages);
    std::set<int> placed;
    std::erase_if(document.placements, [&](Placement& copy) {
        const auto page = page_of.find(copy.sticker);
        if (page == page_of.end() || page->second >= document.pages || !placed.insert(copy.sticker).second)
            return true;
        const Sticker& sticker = *document.find(copy.sticker);
        const PixelBox crop = frame_of(sticker).crop;
        const double mm = 1 / (*picture_of(sticker))->flat->px_per_mm;
        const Point middle{crop.x + crop.width / 2.0, crop.y + crop.height / 2.0};
        copy = {.id = copy.id,
                .sticker = copy.sticker,
                .centre = where.min + mm * middle,
                .page = page->second,
                .group = copy.group,
                .locked = true};
        return false;
    });
    return document;
}

} // namespace fusuma
