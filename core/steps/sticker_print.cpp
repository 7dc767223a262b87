#include "core/steps/sticker_print.h"

#include "core/units.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

int continuation_px(const Isolation& isolation, const SizedOutline& outline, const PrintSettings& settings) {
    const auto& [border, rims, bleed] = settings;
    if (isolation.drawn && isolation.drawn->ground)
        return 0; // the one colour of its edge goes on
    const bool bleeds_art = bleed.kind == Bleed::Kind::art && bleed.width > 0;
    double reach = bleeds_art ? std::max(0.0, reach_of(border, rims)) + bleed.width : 0;
    const bool bleeds_rim = bleed.kind == Bleed::Kind::rim;
    double along = 0;
    for (const Rim& rim : rims.inner) {
        along += rim.width;
        if (rim.fill.kind == Fill::Kind::art)
            reach = std::max(reach, along + (bleeds_rim ? bleed.width : 0));
    }
    if (rims.border.kind == Fill::Kind::art && border.width > 0)
        reach = std::max(reach, along + border.width + (bleeds_rim ? bleed.width : 0));
    if (reach <= 0)
        return 0;
    // Bridges and mitres lie farther out than the plain border.
    const double mitred = border.corners == Corners::mitre ? border.mitre_limit : 1;
    const double joined = std::max(border.join, border.least_gap) / 2;
    const int longer = std::max(isolation.size.x, isolation.size.y);
    return std::clamp(static_cast<int>(std::ceil((reach * mitred + joined) / mm_per_px(outline))) + 2, 1,
                      std::max(64, longer));
}

int px_for_one(const SizedOutline& outline) {
    constexpr double enough_dpi = 300;
    return static_cast<int>(std::clamp(mm_per_inch / mm_per_px(outline) / enough_dpi, 1.0, 1000.0));
}

std::vector<PrintLayer> print_of(const Isolation& isolation, const SizedOutline& outline, const Cut& cut,
                                 const PrintSettings& settings, const std::shared_ptr<const Continued>& continued_art) {
    std::vector<PrintLayer> layers;
    const double soft_edge = 2 * mm_per_px(outline);
    const std::optional<Rgb> ground = isolation.drawn ? isolation.drawn->ground : std::nullopt;
    Transform from_continued;
    std::optional<Pixels> image;
    if (continued_art) {
        image = continued_art->image;
        const double w = isolation.size.x, h = isolation.size.y, k = continued_art->factor;
        const double m = k * continued_art->margin;
        from_continued = Transform::scale(k * image->width() / w, k * image->height() / h)
                             .then(Transform::shift({-m / w, -m / h}))
                             .then(outline.from_art);
    }
    for (PrintedArea& printed :
         printed_areas(outline.outline, cut.region, settings.border, settings.rims, settings.bleed, soft_edge)) {
        if (const auto colour = printed.colour ? printed.colour : ground)
            layers.push_back(
                {.ink = *colour, .from_unit = {}, .area = std::move(printed.area), .is_pattern = printed.is_pattern});
        else if (image)
            layers.push_back({PrintArt(*image), from_continued, std::move(printed.area)});
    }
    layers.push_back({isolation.art, outline.from_art, {}, isolation.inked});
    return layers;
}

} // namespace fusuma
