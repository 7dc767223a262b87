#include "core/document/arrange.h"
#include "core/preflight/rules.h"

namespace fusuma {

void short_bleed(const PreflightInput& input, Findings& findings) {
    constexpr double rounding_mm = 0.05;
    const Document& document = input.document;
    struct Left {
        double mm = 0;
        Point at;
        std::string beside;
        std::vector<std::size_t> copies;
    };
    std::vector<Left> left(input.plan.copies.size());
    double most = 0;
    for (std::size_t i = 0; i < left.size(); ++i)
        if (input.plan.copies[i]) {
            left[i] = {input.plan.copies[i]->least_gap / 2, {}, {}, {i}};
            most = std::max(most, input.plan.copies[i]->least_gap);
        }
    const auto needs = [&](std::size_t i, std::size_t k) {
        return std::max(input.plan.copies[i]->least_gap, input.plan.copies[k]->least_gap);
    };
    if (most > 0)
        for_neighbours(input, most, needs, [&](std::size_t i, std::size_t k) {
            const Nearest& nearest = beside(input, i, k)->nearest;
            if (nearest.distance == 0) // overlapping cut lines are another rule's
                return;
            for (const auto& [of, other] : {std::pair{i, k}, {k, i}})
                if (nearest.distance / 2 < left[of].mm)
                    left[of] = {nearest.distance / 2, nearest.at, name_of_copy(input, other), {of, other}};
        });
    for (std::size_t i = 0; i < left.size(); ++i) {
        const auto& copy = input.plan.copies[i];
        if (!copy || copy->least_gap == 0)
            continue;
        const int number = document.placements[i].page;
        const double asked = copy->least_gap / 2;
        for (const Mark& mark : input.plan.pages[static_cast<std::size_t>(number)].marks) {
            if (!Rect{mark.centre, mark.centre}.grown(mark.keep_clear + asked).overlaps(copy->cut_box))
                continue;
            const Nearest nearest = nearest_on(copy->cut, mark.centre);
            const double room = nearest.distance - mark.keep_clear;
            if (room > 0 && room < left[i].mm)
                left[i] = {room, nearest.at, "a mark", {i}};
        }
        if (left[i].mm > asked - rounding_mm)
            continue;
        findings.push_back({.rule = "short-bleed",
                            .severity = Severity::to_look_at,
                            .message = copy->sticker->name + ": " + format_length(left[i].mm, document.unit) +
                                       " of bleed remain beside " + left[i].beside + ", " +
                                       format_length(asked, document.unit) + " wanted",
                            .page = number + 1,
                            .at = left[i].at,
                            .copies = left[i].copies,
                            .fix = Fix{"Move it away", [&evaluator = input.evaluator, i](const Document& now) {
                                           return moved_to_free_place(now, evaluator, i);
                                       }}});
    }
}

} // namespace fusuma
