#include "core/arrange/free_place.h"
#include "core/cutting/doubled.h"
#include "core/preflight/rules.h"

namespace fusuma {

void too_close(const PreflightInput& input, Findings& findings) {
    constexpr double rounding_mm = 0.02; // flattening and grid rounding do not count as too close
    const double gap = input.document.sheet.gap;
    const bool are_all = for_neighbours(
        input, gap, [gap](std::size_t, std::size_t) { return gap; },
        [&](std::size_t i, std::size_t k) {
            const auto pair = beside(input, i, k);
            if (pair->nearest.distance < same_line_mm && is_shared(input, i, k))
                return false;
            const bool overlap = !pair->shared.empty() || pair->nearest.distance == 0;
            if (is_doubled(*pair))
                return true; // which another rule tells
            if (!overlap && pair->nearest.distance >= gap - rounding_mm)
                return false;
            findings.push_back(
                {.rule = overlap ? "overlap" : "too-close",
                 .severity = overlap ? Severity::to_fix : Severity::to_look_at,
                 .message = (overlap ? "{sticker} and {other}: their cut lines overlap"_said
                                     : "{sticker} and {other}: {length} apart, {gap} wanted"_said)
                                .with("sticker", name_of_copy(input, i))
                                .with("other", name_of_copy(input, k))
                                .with("length", pair->nearest.distance, input.document.unit)
                                .with("gap", gap, input.document.unit),
                 .page = input.plan.copies[i].page + 1,
                 .at = pair->nearest.at,
                 .copies = {input.plan.copies[i].id, input.plan.copies[k].id},
                 .region = pair->shared,
                 .fix = Fix{"Move one away"_said, [&planner = input.planner, one = input.plan.copies[i].id,
                                                   other = input.plan.copies[k].id](const Document& now, const Work&) {
                                const auto moved = moved_to_free_place(now, planner, other); // not when it is locked
                                return moved ? moved : moved_to_free_place(now, planner, one);
                            }}});
            return true;
        });
    if (!are_all)
        findings.push_back(
            {.rule = "overlap",
             .message = "{most} pairs of copies lie on each other or too close; more are not listed"_said.with(
                 "most", most_wrong_pairs)});
}

} // namespace fusuma
