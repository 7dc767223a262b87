#include "core/preflight/rules.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr double safety_mm = 1.5; // common practice: prints shift by up to 1 to 2 mm between passes

/// Where art that reaches the cut line changes its colour close inside it, so that a slip cuts into something seen.
struct Detail {
    double share = 0; ///< of the cut line's length
    double depth = 0; ///< mm inside the line, of the nearest
    Point at;         ///< on the sticker, mm
};

/// The printed colour at a place of the sticker; nothing where the art is clear.
std::optional<Rgb> colour_at(const StickerResult& result, const Transform& to_unit, Point mm) {
    const auto image = result.isolation->pixels();
    const Point unit = to_unit.apply(mm);
    const int x = static_cast<int>(std::floor(unit.x * image->width));
    const int y = static_cast<int>(std::floor(unit.y * image->height));
    if (x < 0 || y < 0 || x >= image->width || y >= image->height)
        return std::nullopt;
    const std::uint8_t* pixel = &image->rgba[4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(image->width) +
                                                  static_cast<std::size_t>(x))];
    constexpr std::uint8_t solid = 200;
    return pixel[3] < solid ? std::nullopt : std::optional(Rgb{pixel[0], pixel[1], pixel[2]});
}

Detail detail_of(const StickerResult& result) {
    constexpr double along = 0.5, inward = 0.1, first = 0.2; // mm
    constexpr int strong = 90;                               // of 3 × 255: more than shading or grain does
    Detail found;
    const Transform to_unit = result.outlined->from_art.inverted();
    double seen = 0, busy = 0;
    for (const Polygon& polygon : flatten(result.cut_line(), 0.02))
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point from = polygon[i], to = polygon[(i + 1) % polygon.size()];
            const double length = distance(from, to);
            // Counter-clockwise on screen with y down: the inside lies to the left.
            const Point way = unit(to - from), inside{way.y, -way.x};
            const int parts = std::max(1, static_cast<int>(std::ceil(length / along)));
            for (int k = 0; k < parts; ++k) {
                const Point p = lerp(from, to, (k + 0.5) / parts);
                seen += length / parts;
                const auto edge = colour_at(result, to_unit, p + first * inside);
                if (!edge)
                    continue; // the art does not reach the cut here
                for (double depth = first + inward; depth <= safety_mm; depth += inward) {
                    const auto inner = colour_at(result, to_unit, p + depth * inside);
                    if (!inner)
                        break;
                    if (std::abs(inner->red - edge->red) + std::abs(inner->green - edge->green) +
                            std::abs(inner->blue - edge->blue) <
                        strong)
                        continue;
                    busy += length / parts;
                    if (found.depth == 0 || depth < found.depth) {
                        found.depth = depth;
                        found.at = p + depth * inside;
                    }
                    break;
                }
            }
        }
    found.share = seen > 0 ? busy / seen : 0;
    return found;
}

} // namespace

void near_cut(const PreflightInput& input, Findings& findings) {
    constexpr double noticeable_share = 0.02;
    for_stickers(input, [&](const Sticker& sticker, const PlacedCopy& copy, const StickerCopies& copies) {
        if (reach_at(sticker, sticker.width) > 0.3)
            return; // the border keeps the art away from the cut
        if (copy.result->isolation->drawn && copy.result->isolation->drawn->ground)
            return; // its texts keep their safety distance
        const auto detail = input.planner.facts.get<Detail>({copy.result}, [&] { return detail_of(*copy.result); });
        if (detail->share < noticeable_share)
            return;
        Finding finding = about_sticker("near-cut", Severity::to_look_at,
                                        sticker.name + ": detail " + format_length(detail->depth, input.document.unit) +
                                            " inside the cut line, where a slip shows",
                                        copies);
        finding.at = copy.map.apply(detail->at);
        finding.fix = Fix{"Give it a border", [id = sticker.id](const Document& now) -> std::optional<Document> {
                              const auto current = now.find(id);
                              if (!current)
                                  return std::nullopt;
                              Sticker wider = *current;
                              wider.border.width = BorderSettings{}.width;
                              return with_sticker_changed(now, std::move(wider));
                          }};
        findings.push_back(std::move(finding));
    });
}

} // namespace fusuma
