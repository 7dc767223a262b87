#include "core/document/evaluate.h"

namespace fusuma {

namespace {

Isolation isolate_picture(const PictureArtwork& artwork, const BackgroundSettings& settings) {
    const Image& pixels = artwork.picture->pixels;
    Offer best = offer(pixels, settings);
    Isolation result{best.settings, std::move(best.why), coverage_of(pixels, best.settings), original_art(artwork)};
    const bool as_it_came = result.chosen.source == Source::alpha && !result.chosen.focus;
    if (!as_it_came) {
        const bool one_colour = result.chosen.source == Source::colour;
        result.art = std::make_shared<const Image>(
            isolated(pixels, result.coverage, one_colour ? result.chosen.colour : std::nullopt));
    }
    result.content = content_of(result.coverage);
    return result;
}

} // namespace

Isolation isolate(const Artwork& artwork, const BackgroundSettings& settings) {
    return std::visit([&](const PictureArtwork& art) { return isolate_picture(art, settings); }, artwork);
}

Traced traced(const Coverage& coverage, const TraceSettings& settings) {
    const double unit = 1.0 / coverage.width;
    return {transformed(trace(coverage, settings).outline, Transform::scale(unit, unit))};
}

StickerResult worked_out(std::shared_ptr<const Isolation> isolation, const Traced& traced, const Sticker& sticker,
                         double width) {
    StickerResult result;
    result.isolation = std::move(isolation);
    result.artwork = artwork_size(sticker, width / sticker.width);
    const Outline all = transformed(traced.outline, Transform::scale(width, width));
    result.outline = without_specks(all, sticker.ignore_specks);
    result.dropped_specks = static_cast<int>(all.contours.size() - result.outline.contours.size());
    result.cut_line = border(result.outline, sticker.border);
    return result;
}

} // namespace fusuma
