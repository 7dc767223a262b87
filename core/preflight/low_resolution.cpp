#include "core/preflight/rules.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr double wanted_dpi = 300; // common practice
constexpr double soft_dpi = 150;   // common practice: below this print is visibly soft

struct Resolution {
    double dpi = HUGE_VAL;
    bool is_inside = false; ///< of a picture inside a drawing, a label or a cluster
};

/// The least resolution that a copy is printed at; none has artwork without pixels.
Resolution printed_at(const PlacedCopy& copy) {
    const Sticker& sticker = *copy.sticker;
    const double scale = copy.placement.scale * std::max(1.0, copy.placement.stretch);
    if (!is_drawn(sticker.artwork))
        return {mm_per_inch / (mm_per_px(sticker) * scale)};
    const auto* art = std::get_if<std::shared_ptr<const DrawnArt>>(&copy.result->isolation->art);
    if (!art || !*art)
        return {};
    Resolution least;
    const Transform to_print =
        Transform::scale(1 / (*art)->size.width, 1 / (*art)->size.height).then(copy.result->outlined->from_art);
    for (const Painted& painted : (*art)->shapes) {
        const auto* picture = std::get_if<Pixels>(&painted.ink);
        if (!picture || painted.is_gradient)
            continue;
        const Transform map = painted.from_unit.then(to_print);
        const double width = std::hypot(map.a, map.b), height = std::hypot(map.c, map.d); // mm
        constexpr double smallest = 2; // mm; smaller ones nobody looks into
        if (width < smallest || height < smallest)
            continue;
        const double dpi = mm_per_inch * std::min(picture->width() / width, picture->height() / height);
        if (dpi < least.dpi)
            least = {dpi, true};
    }
    return least;
}

} // namespace

void low_resolution(const PreflightInput& input, Findings& findings) {
    const Document& document = input.document;
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy&, const StickerCopies& copies) {
        Resolution least;
        for (const PlannedCopy* copy : copies)
            if (const Resolution its = printed_at(*copy->placed); its.dpi < least.dpi)
                least = its;
        const auto [dpi, is_inside] = least;
        if (dpi >= wanted_dpi * 0.995)
            return;
        const double width = sticker.width * dpi / wanted_dpi;
        Finding finding =
            about_sticker("low-resolution", dpi < soft_dpi ? Severity::to_fix : Severity::to_look_at,
                          (is_inside ? "{sticker}: a picture in it is printed at {dpi} dpi, {wanted} wanted"_said
                                     : "{sticker}: printed at {dpi} dpi, {wanted} wanted"_said)
                              .with("sticker", sticker.name)
                              .with("dpi", std::lround(dpi))
                              .with("wanted", std::lround(wanted_dpi)),
                          copies);
        if (!is_inside) // a label's words would shrink as well
            finding.fix = Fix{"Make it {length} wide"_said.with("length", width, document.unit),
                              [id = sticker.id, width](const Document& now, const Work&) -> std::optional<Document> {
                                  const auto current = now.find(id);
                                  if (!current)
                                      return std::nullopt;
                                  return with_sticker_changed(now, resized(*current, width));
                              }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
