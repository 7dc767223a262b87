#include "core/document/arrange.h"
#include "core/geometry/measure.h"
#include "core/preflight/rules.h"

namespace fusuma {

std::vector<Finding> short_bleed(const PreflightInput& input) {
    constexpr double rounding_mm = 0.05;
    const Document& document = input.document;
    std::vector<Rect> boxes;
    for (const Polygons& copy : input.copies)
        boxes.push_back(bounds(copy));

    std::vector<Finding> findings;
    for (std::size_t i = 0; i < boxes.size(); ++i) {
        const auto sticker = document.find(document.placements[i].sticker);
        if (!sticker || boxes[i].empty() || !bleeds(sticker->border, sticker->rims, sticker->bleed))
            continue;
        const double asked = sticker->bleed.width;
        double left = asked;
        Point at;
        std::string beside;
        std::vector<std::size_t> copies{i};
        for (std::size_t k = 0; k < boxes.size(); ++k) {
            if (k == i || boxes[k].empty() || !boxes[i].grown(2 * left).overlaps(boxes[k]))
                continue;
            const Nearest nearest = closest_approach(input.copies[i], input.copies[k]);
            if (nearest.distance > 0 && nearest.distance / 2 < left) { // overlapping cut lines are another rule's
                left = nearest.distance / 2;
                at = nearest.at;
                beside = name_of_copy(input, k);
                copies = {i, k};
            }
        }
        for (const Mark& mark : input.plan.pages.front().marks) {
            const Nearest nearest = nearest_on(input.copies[i], mark.centre);
            const double room = nearest.distance - mark.keep_clear;
            if (room > 0 && room < left) {
                left = room;
                at = nearest.at;
                beside = "a mark";
                copies = {i};
            }
        }
        if (left > asked - rounding_mm)
            continue;
        Finding finding{.rule = "short-bleed",
                        .severity = Severity::to_look_at,
                        .message = name_of_copy(input, i) + ": " + format_length(left, document.unit) +
                                   " of bleed remain beside " + beside + ", " + format_length(asked, document.unit) +
                                   " wanted",
                        .at = at,
                        .copies = copies};
        finding.fix = Fix{"Move it away", [&evaluator = input.evaluator, i](const Document& now) {
                              return moved_to_free_place(now, evaluator, i);
                          }};
        findings.push_back(std::move(finding));
    }
    return findings;
}

} // namespace fusuma
