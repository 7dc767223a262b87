#include "core/preflight/rules.h"

#include <set>

namespace fusuma {

std::vector<Finding> lost_handwork(const PreflightInput& input) {
    std::vector<Finding> findings;
    std::set<int> seen;
    for (std::size_t i = 0; i < input.document.placements.size(); ++i) {
        const Placement& placement = input.document.placements[i];
        const auto sticker = input.document.find(placement.sticker);
        if (!sticker || sticker->hand.stretches.empty() || !seen.insert(sticker->id).second)
            continue;
        const auto result = input.evaluator.evaluate(*sticker, sticker->width * placement.scale);
        const std::size_t lost = result->cut->hand.does_not_apply.size();
        if (lost == 0)
            continue;
        Finding finding{.rule = "lost-handwork",
                        .severity = Severity::to_look_at,
                        .message =
                            sticker->name + ": " +
                            (lost == 1 ? "a change made by hand no longer fits its cut line"
                                       : std::to_string(lost) + " changes made by hand no longer fit its cut line"),
                        .at = placement.centre,
                        .copies = {i}};
        finding.fix = Fix{"Drop what does not fit",
                          [id = sticker->id,
                           gone = result->cut->hand.does_not_apply](const Document& now) -> std::optional<Document> {
                              const auto s = now.find(id);
                              if (!s)
                                  return std::nullopt;
                              Sticker changed = *s;
                              changed.hand = without_stretches(std::move(changed.hand), gone);
                              return with_sticker_changed(now, std::move(changed));
                          }};
        findings.push_back(std::move(finding));
    }
    return findings;
}

} // namespace fusuma
