#include "core/arrange/free_place.h"
#include "core/cutting/doubled.h"
#include "core/preflight/rules.h"

namespace fusuma {

void short_bleed(const PreflightInput& input, Findings& findings) {
    constexpr double rounding_mm = 0.05;
    const Document& document = input.document;
    struct Left {
        double mm = 0;
        Point at;
        Said beside;
        std::vector<CopyId> copies;
    };
    std::vector<Left> left(input.plan.copies.size());
    double most = 0;
    for (std::size_t i = 0; i < left.size(); ++i) {
        left[i] = {input.plan.copies[i]->least_gap / 2, {}, {}, {input.plan.copies[i].id}};
        most = std::max(most, input.plan.copies[i]->least_gap);
    }
    const auto needs = [&](std::size_t i, std::size_t k) {
        return std::max(input.plan.copies[i]->least_gap, input.plan.copies[k]->least_gap);
    };
    if (most > 0)
        for_neighbours(input, most, needs, [&](std::size_t i, std::size_t k) {
            const Nearest& nearest = beside(input, i, k)->nearest;
            if (nearest.distance < same_line_mm && is_shared(input, i, k))
                return false;          // where one colour goes on into the other's, no slip is seen; see shared_edge
            if (nearest.distance == 0) // overlapping cut lines are another rule's
                return true;
            for (const auto& [of, other] : {std::pair{i, k}, {k, i}})
                if (nearest.distance / 2 < left[of].mm)
                    left[of] = {nearest.distance / 2,
                                nearest.at,
                                Said::verbatim(name_of_copy(input, other)),
                                {input.plan.copies[of].id, input.plan.copies[other].id}};
            return false;
        });
    for (std::size_t i = 0; i < left.size(); ++i) {
        const PlannedCopy& copy = input.plan.copies[i];
        if (copy->least_gap == 0)
            continue;
        const double asked = copy->least_gap / 2;
        for (const Mark& mark : input.plan.pages[static_cast<std::size_t>(copy.page)].marks) {
            if (!Rect{mark.centre, mark.centre}.grown(mark.keep_clear + asked).overlaps(copy->cut_box))
                continue;
            const Nearest nearest = nearest_on(copy->room, mark.centre);
            const double room = nearest.distance - mark.keep_clear;
            if (room > 0 && room < left[i].mm)
                left[i] = {room, nearest.at, "a mark"_said, {copy.id}};
        }
        if (left[i].mm > asked - rounding_mm)
            continue;
        findings.push_back({.rule = "short-bleed",
                            .severity = Severity::to_look_at,
                            .message = "{sticker}: {left} of bleed remain beside {other}, {asked} wanted"_said
                                           .with("sticker", copy->sticker->name)
                                           .with("left", left[i].mm, document.unit)
                                           .with("other", left[i].beside)
                                           .with("asked", asked, document.unit),
                            .page = copy.page + 1,
                            .at = left[i].at,
                            .copies = left[i].copies,
                            .fix = Fix{"Move it away"_said,
                                       [&planner = input.planner, id = copy.id](const Document& now, const Work&) {
                                           return moved_to_free_place(now, planner, id);
                                       }}});
    }
}

} // namespace fusuma
