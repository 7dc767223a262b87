#include "core/document/evaluate.h"

#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

namespace {

Isolation isolate_picture(const PictureArtwork& artwork, const std::optional<PixelBox>& crop,
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
        result.art = part ? PrintArt(part) : original_art(artwork);
    result.coverage = std::move(cut.coverage);
    result.chosen = seen_from(std::move(best.settings), {-box.x, -box.y});
    return result;
}

} // namespace

Isolation isolate(const Artwork& artwork, const std::optional<PixelBox>& crop, const BackgroundSettings& settings,
                  const Work& work) {
    return std::visit([&](const PictureArtwork& art) { return isolate_picture(art, crop, settings, work); }, artwork);
}

Outlined outlined(const Isolation& isolation, const Tracing& tracing, const Sticker& sticker, double width) {
    const Frame frame = frame_of(sticker);
    const double scale = width / frame.size.width;
    Outlined result;
    result.artwork = {width, scale * frame.size.height};
    result.from_picture = frame.from_picture.then(Transform::scale(scale, scale));
    const Transform from_pixels =
        Transform::shift({double(isolation.origin.x), double(isolation.origin.y)}).then(result.from_picture);
    result.from_art = Transform::scale(isolation.coverage.width, isolation.coverage.height).then(from_pixels);
    Cleaned clean = cleaned(transformed(tracing.outline, from_pixels), sticker.clean);
    result.outline = std::move(clean.outline);
    result.dropped = std::move(clean.dropped);
    result.left_out = tracing.left_out;
    result.coarsened = tracing.coarsened;
    result.thinnest = thinnest_place(result.outline);
    return result;
}

std::optional<double> width_for_finished(const StickerResult& result, Side side, double finished) {
    const auto along = [&](const Rect& box) { return side == Side::width ? box.width() : box.height(); };
    const double art = along(bounds(result.outline())), rim = along(bounds(result.cut_line)) - art;
    constexpr double least = 0.5; // mm
    if (art <= 0 || finished - rim < least)
        return std::nullopt;
    return result.outlined->artwork.width * (finished - rim) / art;
}

SmallPicture small_picture(const Picture& picture, int most_px, const Work& work) {
    const int longer = std::max(picture.pixels.width, picture.pixels.height);
    SmallPicture small{std::make_shared<Picture>(), std::max(1, (longer + most_px - 1) / most_px)};
    small.picture->pixels = reduced(picture.pixels, small.factor, work);
    return small;
}

Sticker with_picture(Sticker sticker, std::shared_ptr<const Picture> picture, double factor) {
    const double scale = mm_per_px(sticker) * factor;
    sticker.artwork = PictureArtwork{std::move(picture)};
    sticker.background = seen_from(std::move(sticker.background), {}, factor);
    sticker.trace.smoothing_px /= factor;
    if (auto& crop = sticker.framing.crop) {
        const auto place = [factor](int v) { return static_cast<int>(std::lround(v / factor)); };
        const int left = place(crop->x), top = place(crop->y);
        crop = PixelBox{left, top, std::max(1, place(crop->x + crop->width) - left),
                        std::max(1, place(crop->y + crop->height) - top)};
    }
    sticker.width = scale * frame_of(sticker).size.width;
    return sticker;
}

} // namespace fusuma
