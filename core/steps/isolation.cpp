#include "core/steps/isolation.h"

#include <algorithm>

namespace fusuma {

std::shared_ptr<const Image> Isolation::pixels() const {
    if (const auto* image = std::get_if<std::shared_ptr<const Image>>(&art))
        return *image;
    std::call_once(made->once, [this] {
        made->image = std::make_shared<const Image>(
            rasterised(*std::get<std::shared_ptr<const DrawnArt>>(art), std::max(1, size.x)));
    });
    return made->image;
}

Isolation isolate(const PictureArtwork& artwork, const std::optional<PixelBox>& crop,
                  const BackgroundSettings& settings, const Work& work) {
    const Image& whole = artwork.picture->pixels;
    const bool is_part =
        crop && !(on_picture(*crop, whole.width, whole.height) == PixelBox{0, 0, whole.width, whole.height});
    const PixelBox box =
        on_picture(crop.value_or(PixelBox{0, 0, whole.width, whole.height}), whole.width, whole.height);
    const auto part = is_part ? std::make_shared<const Image>(cropped(whole, box)) : nullptr;
    const Image& pixels = part ? *part : whole;
    Offer best = offer(pixels, seen_from(settings, {box.x, box.y}));
    CutOut cut = cut_out(pixels, best.settings, work.part(0, 0.7));
    Isolation result;
    result.why = std::move(best.why);
    result.origin = {box.x, box.y};
    result.content = content_of(cut.coverage);
    const bool as_it_came = best.settings.source == Source::alpha && best.settings.pockets_at.empty() &&
                            best.settings.strokes.empty() && !best.settings.fill_inside && !best.settings.focus;
    if (!as_it_came)
        result.art = std::make_shared<const Image>(isolated(pixels, cut, work.part(0.7, 1)));
    else
        result.art = part ? part : std::shared_ptr<const Image>(artwork.picture, &whole); // kept alive by the picture
    result.is_as_it_came = as_it_came && !part;
    result.size = {pixels.width, pixels.height};
    result.coverage = std::move(cut.coverage);
    result.chosen = seen_from(std::move(best.settings), {-box.x, -box.y});
    return result;
}

Isolation isolate(const Artwork& artwork, const Drawn& drawn) {
    Isolation result;
    result.size = size_px(artwork);
    result.art = drawn.art;
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
