#include "core/preflight/rules.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr double wanted_dpi = 300; // common practice
constexpr double soft_dpi = 150;   // common practice: below this print is visibly soft

/// Pixels per inch at which artwork of this width is printed; nothing for artwork without pixels.
std::optional<double> printed_dpi(const Artwork& artwork, double width_mm) {
    return std::visit(
        [&](const PictureArtwork& art) { return std::optional(art.picture->pixels.width / (width_mm / mm_per_inch)); },
        artwork);
}

} // namespace

std::vector<Finding> low_resolution(const PreflightInput& input) {
    const Document& document = input.document;
    std::vector<Finding> findings;
    for (const auto& sticker : document.stickers) {
        // One finding a sticker, at its largest copy.
        std::vector<std::size_t> copies;
        double scale = 0;
        for (std::size_t i = 0; i < document.placements.size(); ++i)
            if (document.placements[i].sticker == sticker->id) {
                copies.push_back(i);
                scale = std::max(scale, document.placements[i].scale);
            }
        if (copies.empty())
            continue;
        const auto dpi = printed_dpi(sticker->artwork, sticker->width * scale);
        if (!dpi || *dpi >= wanted_dpi * 0.995)
            continue;
        const double width = sticker->width * *dpi / wanted_dpi;
        Fix fix{"Make " + format_length(artwork_size(*sticker, *dpi / wanted_dpi).width, document.unit) + " wide",
                [id = sticker->id, width](const Document& now) -> std::optional<Document> {
                    const auto current = now.find(id);
                    if (!current)
                        return std::nullopt;
                    Sticker smaller = *current;
                    smaller.width = width;
                    return with_sticker_changed(now, std::move(smaller));
                }};
        const Point at = document.placements[copies.front()].centre;
        findings.push_back({.rule = "low-resolution",
                            .severity = *dpi < soft_dpi ? Severity::to_fix : Severity::to_look_at,
                            .message = sticker->name + ": printed at " + std::to_string(std::lround(*dpi)) + " dpi, " +
                                       std::to_string(std::lround(wanted_dpi)) + " wanted",
                            .at = at,
                            .copies = std::move(copies),
                            .fix = std::move(fix)});
    }
    return findings;
}

} // namespace fusuma
