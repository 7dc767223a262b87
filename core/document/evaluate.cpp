#include "core/document/evaluate.h"

namespace fusuma {

Coverage coverage_of(const Artwork& artwork) {
    return std::visit([](const PictureArtwork& art) { return coverage_of_alpha(art.picture->pixels); }, artwork);
}

Traced traced(const Artwork& artwork, const Coverage& coverage, const TraceSettings& settings) {
    const double unit = 1.0 / coverage.width;
    const AlphaContent content =
        std::visit([](const PictureArtwork& art) { return alpha_content(art.picture->pixels); }, artwork);
    return {transformed(trace(coverage, settings), Transform::scale(unit, unit)), content};
}

StickerResult worked_out(const Traced& traced, const Sticker& sticker, double width) {
    StickerResult result;
    result.artwork = artwork_size(sticker, width / sticker.width);
    const Outline all = transformed(traced.outline, Transform::scale(width, width));
    result.outline = without_specks(all, sticker.ignore_specks);
    result.dropped_specks = static_cast<int>(all.contours.size() - result.outline.contours.size());
    result.cut_line = border(result.outline, sticker.border);
    result.content = traced.content;
    return result;
}

} // namespace fusuma
