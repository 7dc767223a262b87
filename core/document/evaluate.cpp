#include "core/document/evaluate.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

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

Tracing traced(const Isolation& isolation, const TraceSettings& settings, const Work& work) {
    return isolation.drawn ? Tracing{isolation.drawn->outline} : trace(isolation.coverage, settings, work);
}

Outlined outlined(const Isolation& isolation, const Tracing& tracing, const Sticker& sticker, double width) {
    const Frame frame = frame_of(sticker);
    const double scale = width / frame.size.width;
    Outlined result;
    result.artwork = {width, scale * frame.size.height};
    result.from_picture = frame.from_picture.then(Transform::scale(scale, scale));
    const Transform from_pixels =
        Transform::shift({double(isolation.origin.x), double(isolation.origin.y)}).then(result.from_picture);
    result.from_art = Transform::scale(isolation.size.x, isolation.size.y).then(from_pixels);
    Cleaned clean = cleaned(transformed(tracing.outline, from_pixels), sticker.clean);
    result.outline = std::move(clean.outline);
    if (isolation.drawn) {
        result.is_outline_cut = isolation.drawn->is_outline_cut;
        result.own_lines = isolation.drawn->lines;
        for (OwnLine& line : result.own_lines)
            line.path = line.is_open ? mapped_line(line.path, from_pixels) : transformed(line.path, from_pixels);
    }
    result.dropped = std::move(clean.dropped);
    result.left_out = tracing.left_out;
    result.coarsened = tracing.coarsened;
    result.thinnest = thinnest_place(result.outline);
    return result;
}

namespace {

/// The border's lengths as they are, or grown with the artwork.
BorderSettings lengths_at(const Sticker& sticker, double width) {
    return sticker.border.scales_with_art ? scaled(sticker.border, width / sticker.width) : sticker.border;
}

Rims rims_at(const Sticker& sticker, double width) {
    return sticker.border.scales_with_art ? scaled(sticker.rims, width / sticker.width) : sticker.rims;
}

double px_of(const Outlined& outlined) {
    return std::sqrt(std::abs(outlined.from_picture.determinant()));
}

DerivedLine derived_line(const Outlined& outlined, const Border& derived, const Sticker& sticker, double width) {
    return {derived.line, outlined.outline, reach_of(lengths_at(sticker, width), rims_at(sticker, width)),
            outlined.from_picture};
}

} // namespace

std::vector<Contour> Cut::open() const {
    std::vector<Contour> lines;
    for (const CutLine& line : hand.lines)
        if (line.is_open)
            lines.push_back(line.path);
    return lines;
}

Rect Cut::box() const {
    Rect box = bounds(closed);
    for (const Contour& line : open())
        box.include(bounds(line));
    for (const OwnLine& line : own)
        box.include(bounds(line.path));
    return box;
}

BorderSettings border_at(const Outlined& outlined, const Sticker& sticker, double width) {
    BorderSettings settings = mapped(lengths_at(sticker, width), outlined.from_picture);
    settings.width = reach_of(settings, rims_at(sticker, width));
    return settings;
}

Cut cut_of(const Outlined& outlined, std::shared_ptr<const Border> derived, const Sticker& sticker, double width) {
    Cut cut;
    cut.derived = std::move(derived);
    cut.hand = applied(sticker.hand, derived_line(outlined, *cut.derived, sticker, width));
    cut.closed = sticker.hand.empty() ? cut.derived->line : closed_lines(cut.hand.lines);
    cut.is_cut = outlined.is_outline_cut;
    cut.own = outlined.own_lines;
    return cut;
}

HandWork hand_for(const Sticker& sticker, const StickerResult& result, const CutLines& lines) {
    const double width = result.outlined->artwork.width;
    return recorded(lines, derived_line(*result.outlined, *result.cut->derived, sticker, width), sticker.hand,
                    result.cut->hand.does_not_apply);
}

int continuation_px(const Isolation& isolation, const Outlined& outlined, const Sticker& sticker, double width) {
    const BorderSettings border_settings = lengths_at(sticker, width);
    const Rims rims = rims_at(sticker, width);
    if (isolation.drawn && isolation.drawn->ground)
        return 0; // the one colour of its edge goes on
    const bool bleeds_art = sticker.bleed.kind == Bleed::Kind::art && sticker.bleed.width > 0;
    double reach = bleeds_art ? std::max(0.0, reach_of(border_settings, rims)) + sticker.bleed.width : 0;
    const bool bleeds_rim = sticker.bleed.kind == Bleed::Kind::rim;
    double along = 0;
    for (const Rim& rim : rims.inner) {
        along += rim.width;
        if (rim.fill.kind == Fill::Kind::art)
            reach = std::max(reach, along + (bleeds_rim ? sticker.bleed.width : 0));
    }
    if (rims.border.kind == Fill::Kind::art && border_settings.width > 0)
        reach = std::max(reach, along + border_settings.width + (bleeds_rim ? sticker.bleed.width : 0));
    if (reach <= 0)
        return 0;
    // Bridges and mitres lie farther out than the plain border.
    const double mitred = border_settings.corners == Corners::mitre ? border_settings.mitre_limit : 1;
    const double joined = std::max(border_settings.join, border_settings.least_gap) / 2;
    const int longer = std::max(isolation.size.x, isolation.size.y);
    return std::clamp(static_cast<int>(std::ceil((reach * mitred + joined) / px_of(outlined))) + 2, 1,
                      std::max(64, longer));
}

std::vector<PrintLayer> print_of(const Isolation& isolation, const Outlined& outlined, const Cut& cut,
                                 const Sticker& sticker, double width,
                                 const std::shared_ptr<const Continued>& continued_art) {
    std::vector<PrintLayer> layers;
    const double soft_edge = 2 * px_of(outlined);
    const std::optional<Rgb> ground = isolation.drawn ? isolation.drawn->ground : std::nullopt;
    Transform from_continued;
    std::shared_ptr<const Image> image;
    if (continued_art) {
        image = {continued_art, &continued_art->image};
        const double w = isolation.size.x, h = isolation.size.y, m = continued_art->margin;
        from_continued = Transform::scale((w + 2 * m) / w, (h + 2 * m) / h)
                             .then(Transform::shift({-m / w, -m / h}))
                             .then(outlined.from_art);
    }
    for (PrintedArea& printed : printed_areas(outlined.outline, cut.closed, lengths_at(sticker, width),
                                              rims_at(sticker, width), sticker.bleed, soft_edge)) {
        if (const auto colour = printed.colour ? printed.colour : ground)
            layers.push_back({*colour, {}, std::move(printed.area)});
        else if (image)
            layers.push_back({PrintArt(image), from_continued, std::move(printed.area)});
    }
    layers.push_back({isolation.art, outlined.from_art, {}});
    return layers;
}

std::optional<double> width_for_finished(const StickerResult& result, const Sticker& sticker, Side side,
                                         double finished) {
    const auto along = [&](const Rect& box) { return side == Side::width ? box.width() : box.height(); };
    const double art = along(bounds(result.outline())), whole = along(bounds(result.cut_line()));
    const double rim = whole - art;
    constexpr double least = 0.5; // mm
    if (art <= 0)
        return std::nullopt;
    if (sticker.border.scales_with_art)
        return finished >= least ? std::optional(result.outlined->artwork.width * finished / whole) : std::nullopt;
    if (finished - rim < least)
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
    sticker.border = mapped(std::move(sticker.border), Transform::scale(1 / factor, 1 / factor));
    sticker.hand = scaled(std::move(sticker.hand), 1 / factor);
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
