#include "core/steps/isolation.h"

#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

std::shared_ptr<const Image> Isolation::pixels() const {
    if (const auto* its = std::get_if<Pixels>(&art))
        return its->get();
    std::call_once(made->once, [this] {
        made->image = std::make_shared<const Image>(
            rasterised(*std::get<std::shared_ptr<const DrawnArt>>(art), std::max(1, size.x)));
    });
    return made->image;
}

namespace {

Rect in_unit_square(const std::optional<PixelBox>& box, int width, int height) {
    Rect unit;
    if (box) {
        unit.include(Point{double(box->x) / width, double(box->y) / height});
        unit.include(Point{double(box->x + box->width) / width, double(box->y + box->height) / height});
    }
    return unit;
}

/// In mm.
Rect box_of(const Painted& painted) {
    if (painted.area)
        return bounds(painted.area->curves);
    Rect box;
    const auto* pixels = std::get_if<Pixels>(&painted.ink);
    const auto image = pixels ? pixels->get() : nullptr;
    if (const Rect used = image ? in_unit_square(inked(*image), image->width, image->height) : Rect{}; !used.empty())
        for (const Point corner : corners_of(used))
            box.include(painted.from_unit.apply(corner));
    return box;
}

std::shared_ptr<const Image> art_of(const Pixels& picture, const Mask& mask, const Work& work) {
    return std::make_shared<const Image>(isolated(*picture.get(work.part(0, 0.5)), mask, work.part(0.5, 1)));
}

} // namespace

Isolation isolate(const Lit& picture, const BackgroundSettings& settings, const Work& work, Care care) {
    const auto seen = picture.pixels.get(work.part(0, 0));
    const Image& pixels = *seen;
    const PixelPlace origin = picture.origin;
    BackgroundSettings asked = seen_from(settings, origin);
    const bool may_be_subject = asked.light.light == Light::automatic;
    asked.light.light = picture.light;
    asked.light.shadows = picture.shadows;
    Offer best = offer(pixels, asked, may_be_subject);
    CutOut cut = cut_out(pixels, best.settings, work.part(0, 0.7), care);
    Isolation result;
    result.why = picture.why.then(best.why);
    result.origin = origin;
    result.content = content_of(cut.coverage);
    result.inked = in_unit_square(inked(cut.coverage), pixels.width, pixels.height);
    const BackgroundSettings& s = best.settings;
    const bool is_whole = s.source == Source::alpha && s.pockets_at.empty() && s.strokes.empty() && !s.fill_inside &&
                          !s.focus && !s.piece;
    auto mask = std::make_shared<const Mask>(mask_of(*picture.printed.get(work.part(0, 0)), cut, work.part(0.7, 0.8)));
    result.mask = mask;
    result.art =
        is_whole
            ? picture.printed
            : Pixels(art_of(picture.printed, *mask, work.part(0.8, 1)),
                     [picture = picture.printed, mask](const Work& again) { return art_of(picture, *mask, again); });
    result.size = {pixels.width, pixels.height};
    result.chosen = seen_from(std::move(best.settings), {-origin.x, -origin.y});
    return result;
}

Isolation isolate(const Artwork& artwork, const Drawn& drawn) {
    Isolation result;
    result.size = size_px(artwork);
    result.art = drawn.art;
    const Size mm = drawn.art->size;
    for (const Painted& painted : drawn.art->shapes)
        if (const Rect box = box_of(painted); !box.empty()) {
            result.inked.include(Point{box.min.x / mm.width, box.min.y / mm.height});
            result.inked.include(Point{box.max.x / mm.width, box.max.y / mm.height});
        }
    const double px = result.size.x / drawn.art->size.width;
    Drawn in_px = drawn;
    in_px.outline = transformed(drawn.outline, Transform::scale(px, px));
    for (OwnLine& line : in_px.lines)
        line.path = transformed(line.path, Transform::scale(px, px));
    if (drawn.art->shapes.empty() && drawn.outline.empty() && drawn.lines.empty())
        result.content = AlphaContent::clear;
    result.drawn = std::move(in_px);
    return result;
}

} // namespace fusuma
