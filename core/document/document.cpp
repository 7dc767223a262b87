#include "core/document/document.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

std::shared_ptr<const Sticker> Document::find(int id) const {
    const auto it = std::find_if(stickers.begin(), stickers.end(), [id](const auto& s) { return s->id == id; });
    return it == stickers.end() ? nullptr : *it;
}

int Document::copies_of(int id) const {
    return static_cast<int>(
        std::count_if(placements.begin(), placements.end(), [id](const Placement& p) { return p.sticker == id; }));
}

const Placement* Document::copy(CopyId id) const {
    const auto it = std::ranges::find(placements, id, &Placement::id);
    return it == placements.end() ? nullptr : &*it;
}

CopyId Document::put(Placement copy) {
    copy.id = CopyId{copy_ids.take()};
    placements.push_back(copy);
    return copy.id;
}

namespace {

/// A shape's edge is the cut line; letters get a border that joins them.
void cut_as_label(Sticker& sticker, const LabelDesign& design) {
    const bool is_lettering = design.shape.kind == LabelShape::lettering;
    sticker.border.width = is_lettering ? 2 : 0;
    sticker.border.join = is_lettering ? 2 : 0;
    sticker.bleed = {is_lettering ? Bleed::Kind::none : Bleed::Kind::art, label_bleed};
}

} // namespace

Sticker with_design(Sticker sticker, std::shared_ptr<const LabelDesign> design) {
    auto& art = std::get<LabelArtwork>(sticker.artwork);
    const double before = natural_size(sticker.artwork).width;
    const bool was_lettering = art.design->shape.kind == LabelShape::lettering;
    art.design = std::move(design);
    art.row = std::min(art.row, art.design->rows() - 1);
    sticker.width *= natural_size(sticker.artwork).width / before;
    if (was_lettering != (art.design->shape.kind == LabelShape::lettering))
        cut_as_label(sticker, *art.design);
    return sticker;
}

Sticker new_sticker(Artwork artwork) {
    Sticker sticker;
    const std::string file = source_name(artwork);
    sticker.name = file.substr(0, file.rfind('.'));
    std::replace_if(
        sticker.name.begin(), sticker.name.end(), [](char c) { return c == '-' || c == '_'; }, ' ');
    if (!sticker.name.empty() && sticker.name[0] >= 'a' && sticker.name[0] <= 'z')
        sticker.name[0] = static_cast<char>(sticker.name[0] - 'a' + 'A');
    sticker.artwork = std::move(artwork);
    sticker.width = natural_size(sticker.artwork).width;
    if (const auto* label = std::get_if<LabelArtwork>(&sticker.artwork))
        cut_as_label(sticker, *label->design);
    return sticker;
}

Frame frame_of(const Sticker& sticker) {
    const PixelPlace size = size_px(sticker.artwork);
    return frame_of(size.x, size.y, sticker.framing);
}

double mm_per_px(const Sticker& sticker) {
    return sticker.width / frame_of(sticker).size.width;
}

Transform picture_to_mm(const Sticker& sticker) {
    const double scale = mm_per_px(sticker);
    return frame_of(sticker).from_picture.then(Transform::scale(scale, scale));
}

PixelBox pixels_under(const Sticker& sticker, Point corner, Point opposite) {
    const Transform to_picture = picture_to_mm(sticker).inverted();
    Rect box;
    for (const Point p : {corner, opposite, Point{corner.x, opposite.y}, Point{opposite.x, corner.y}})
        box.include(to_picture.apply(p));
    const int left = static_cast<int>(std::lround(box.min.x)), top = static_cast<int>(std::lround(box.min.y));
    return {left, top, static_cast<int>(std::lround(box.max.x)) - left, static_cast<int>(std::lround(box.max.y)) - top};
}

Sticker reframed(Sticker sticker, const Framing& framing) {
    const double scale = mm_per_px(sticker);
    sticker.framing = framing;
    sticker.width = scale * frame_of(sticker).size.width;
    return sticker;
}

Sticker resized(Sticker sticker, double width) {
    if (sticker.border.scales_with_art) {
        sticker.border = scaled(std::move(sticker.border), width / sticker.width);
        sticker.rims = scaled(std::move(sticker.rims), width / sticker.width);
    }
    sticker.width = width;
    return sticker;
}

Size artwork_size(const Sticker& sticker, double scale) {
    const Size frame = frame_of(sticker).size;
    const double width = sticker.width * scale;
    return {width, width * frame.height / frame.width};
}

Sticker in_proportions_of(Sticker sticker, const Placement& placement) {
    sticker.framing.stretch *= placement.stretch;
    if (auto* label = std::get_if<LabelArtwork>(&sticker.artwork)) {
        const Size before = size_of(*label->design, label->row);
        label->row = placement.row;
        if (label->design->shape.kind == LabelShape::lettering) // each row is as large as its own letters
            sticker.width *= size_of(*label->design, label->row).width / before.width;
    }
    return sticker;
}

Transform map_of_copy(const Sticker& sticker, const Placement& placement) {
    const auto* label = std::get_if<LabelArtwork>(&sticker.artwork);
    const bool is_lettering = label && label->design->shape.kind == LabelShape::lettering;
    Size size = artwork_size(is_lettering ? in_proportions_of(sticker, placement) : sticker, placement.scale);
    if (!is_lettering)
        size.height *= placement.stretch;
    return Transform::shift({-0.5, -0.5})
        .then(Transform::scale(placement.mirrored ? -size.width : size.width, size.height))
        .then(Transform::turn(placement.turn))
        .then(Transform::shift(placement.centre));
}

Document with_sticker_added(Document document, Sticker sticker) {
    sticker.id = document.sticker_ids.take();
    document.stickers.push_back(std::make_shared<const Sticker>(std::move(sticker)));
    return document;
}

Document with_sticker_changed(Document document, Sticker sticker) {
    for (auto& existing : document.stickers)
        if (existing->id == sticker.id) {
            existing = std::make_shared<const Sticker>(std::move(sticker));
            break;
        }
    return document;
}

Document with_sticker_removed(Document document, int id) {
    std::erase_if(document.stickers, [id](const auto& s) { return s->id == id; });
    std::erase_if(document.placements, [id](const Placement& p) { return p.sticker == id; });
    return document;
}

Document with_sticker_moved(Document document, int id, std::size_t to) {
    auto& all = document.stickers;
    const auto it = std::find_if(all.begin(), all.end(), [id](const auto& s) { return s->id == id; });
    if (it == all.end())
        return document;
    auto sticker = *it;
    all.erase(it);
    all.insert(all.begin() + static_cast<std::ptrdiff_t>(std::min(to, all.size())), std::move(sticker));
    return document;
}

Document with_page_added(Document document) {
    document.pages = std::min(document.pages + 1, most_pages);
    return document;
}

Document with_page_removed(Document document, int page) {
    std::erase_if(document.placements, [page](const Placement& p) { return p.page == page; });
    for (Placement& p : document.placements)
        p.page -= p.page > page;
    document.pages = std::max(1, document.pages - 1);
    return document;
}

} // namespace fusuma
