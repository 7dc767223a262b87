#include "core/preflight/preflight.h"

#include "core/preflight/rules.h"

#include <algorithm>
#include <array>

namespace fusuma {

std::string name_of_copy(const PreflightInput& input, std::size_t placement) {
    const auto sticker = input.document.find(input.document.placements[placement].sticker);
    return sticker ? sticker->name : std::string();
}

std::vector<Finding> preflight(const Document& document, Evaluator& evaluator) {
    static constexpr std::array<Rule, 5> rules{outside_zone, too_close, short_bleed, lost_handwork, low_resolution};
    constexpr double flatten_mm = 0.02;

    const auto plan = evaluator.plan(document);
    const std::size_t count = document.placements.size();
    PreflightInput input{document, *plan, evaluator, std::vector<Polygons>(count),
                         std::vector<std::vector<std::vector<Point>>>(count)};
    for (const CutPath& cut : plan->pages.front().cuts)
        if (cut.is_open)
            input.lines[cut.placement].push_back(flatten_line(cut.line, flatten_mm));
        else
            input.copies[cut.placement].push_back(flatten(cut.line, flatten_mm));

    std::vector<Finding> findings;
    for (const Rule rule : rules)
        std::ranges::move(rule(input), std::back_inserter(findings));
    std::stable_sort(findings.begin(), findings.end(),
                     [](const Finding& l, const Finding& r) { return l.severity < r.severity; });
    return findings;
}

} // namespace fusuma
