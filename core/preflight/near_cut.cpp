#include "core/preflight/rules.h"
#include "core/steps/edge_colours.h"

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

Detail detail_of(const StickerResult& result) {
    constexpr double along = 0.5, inward = 0.1, first = 0.2; // mm
    constexpr int strong = 90;                               // of 3 × 255: more than shading or grain does
    Detail found;
    const ArtColours art(result);
    double seen = 0, busy = 0;
    along_cut_line(result, along, [&](Point p, Point inside, double length) {
        seen += length;
        const auto edge = art.at(p + first * inside);
        if (!edge)
            return; // the art does not reach the cut here
        for (double depth = first + inward; depth <= safety_mm; depth += inward) {
            const auto inner = art.at(p + depth * inside);
            if (!inner)
                return;
            if (std::abs(inner->red - edge->red) + std::abs(inner->green - edge->green) +
                    std::abs(inner->blue - edge->blue) <
                strong)
                continue;
            busy += length;
            if (found.depth == 0 || depth < found.depth) {
                found.depth = depth;
                found.at = p + depth * inside;
            }
            return;
        }
    });
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
        Finding finding = about_sticker(
            "near-cut", Severity::to_look_at,
            "{sticker}: detail {length} inside the cut line, where a slip shows"_said.with("sticker", sticker.name)
                .with("length", detail->depth, input.document.unit),
            copies);
        finding.at = copy.map.apply(detail->at);
        finding.fix = Fix{"Give it a border"_said,
                          [id = sticker.id](const Document& now, const Work&) -> std::optional<Document> {
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
