#include "core/document/arrange.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/preflight/rules.h"

namespace fusuma {

std::vector<Finding> too_close(const PreflightInput& input) {
    constexpr double rounding_mm = 0.02; // flattening and grid rounding do not count as too close
    const double gap = input.document.sheet.gap;
    std::vector<Rect> boxes;
    for (const Polygons& copy : input.copies)
        boxes.push_back(bounds(copy));

    std::vector<Finding> findings;
    for (std::size_t i = 0; i < boxes.size(); ++i)
        for (std::size_t k = i + 1; k < boxes.size(); ++k) {
            if (boxes[i].empty() || boxes[k].empty() || !boxes[i].grown(gap).overlaps(boxes[k]))
                continue;
            Polygons shared = combine(input.copies[i], input.copies[k], Combine::overlap_only);
            const Nearest nearest = closest_approach(input.copies[i], input.copies[k]);
            const bool overlap = !shared.empty() || nearest.distance == 0;
            if (!overlap && nearest.distance >= gap - rounding_mm)
                continue;
            const std::string names = name_of_copy(input, i) + " and " + name_of_copy(input, k);
            Finding finding{.rule = overlap ? "overlap" : "too-close",
                            .severity = overlap ? Severity::to_fix : Severity::to_look_at,
                            .message = names +
                                       (overlap ? ": their cut lines overlap"
                                                : ": " + format_length(nearest.distance, input.document.unit) +
                                                      " apart, " + format_length(gap, input.document.unit) + " wanted"),
                            .at = nearest.at,
                            .copies = {i, k},
                            .region = std::move(shared)};
            finding.fix = Fix{"Move one away", [&evaluator = input.evaluator, k](const Document& document) {
                                  return moved_to_free_place(document, evaluator, k);
                              }};
            findings.push_back(std::move(finding));
        }
    return findings;
}

} // namespace fusuma
