#include "core/preflight/rules.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr double wanted_dpi = 300; // common practice
constexpr double soft_dpi = 150;   // common practice: below this print is visibly soft

/// Pixels per inch at which a sticker is printed; nothing for artwork without pixels.
std::optional<double> printed_dpi(const Sticker& sticker, double scale) {
    if (is_drawn(sticker.artwork))
        return std::nullopt;
    return mm_per_inch / (mm_per_px(sticker) * scale);
}

} // namespace

void low_resolution(const PreflightInput& input, Findings& findings) {
    const Document& document = input.document;
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy&, const StickerCopies& copies) {
        double scale = 0; // of its largest copy
        for (const PlannedCopy* copy : copies)
            scale = std::max(scale, (*copy)->placement.scale * std::max(1.0, (*copy)->placement.stretch));
        const auto dpi = printed_dpi(sticker, scale);
        if (!dpi || *dpi >= wanted_dpi * 0.995)
            return;
        const double width = sticker.width * *dpi / wanted_dpi;
        Finding finding = about_sticker("low-resolution", *dpi < soft_dpi ? Severity::to_fix : Severity::to_look_at,
                                        sticker.name + ": printed at " + std::to_string(std::lround(*dpi)) + " dpi, " +
                                            std::to_string(std::lround(wanted_dpi)) + " wanted",
                                        copies);
        finding.fix = Fix{"Make " + format_length(width, document.unit) + " wide",
                          [id = sticker.id, width](const Document& now) -> std::optional<Document> {
                              const auto current = now.find(id);
                              if (!current)
                                  return std::nullopt;
                              return with_sticker_changed(now, resized(*current, width));
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
