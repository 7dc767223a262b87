#include "core/document/arrange.h"
#include "core/geometry/boolean.h"
#include "core/preflight/rules.h"

namespace fusuma {

namespace {

struct Invaded {
    double depth = 0; ///< mm, into the area round a mark
    Point at;
    Polygons region;
};

Invaded invaded_by(const PlacedCopy& copy, const std::vector<Mark>& marks) {
    Invaded found;
    for (const Mark& mark : marks) {
        if (!Rect{mark.centre, mark.centre}.grown(mark.keep_clear).overlaps(copy.cut_box))
            continue;
        const bool covers = contains(copy.cut, mark.centre);
        Nearest nearest = nearest_on(copy.cut, mark.centre);
        for (const auto& line : copy.open_points)
            for (const Point p : line)
                if (const double far = distance(p, mark.centre); far < nearest.distance)
                    nearest = {far, p};
        const double depth = covers ? mark.keep_clear : mark.keep_clear - nearest.distance;
        if (depth <= found.depth)
            continue;
        found = {depth, covers ? mark.centre : nearest.at,
                 combine(copy.cut, {keep_clear_area(mark)}, Combine::overlap_only)};
    }
    return found;
}

} // namespace

void keep_clear(const PreflightInput& input, Findings& findings) {
    constexpr double rounding_mm = 0.02;
    for (std::size_t i = 0; i < input.plan.copies.size(); ++i) {
        const auto& copy = input.plan.copies[i];
        if (!copy || copy->cut_box.empty())
            continue;
        const int number = input.document.placements[i].page;
        const PagePlan& page = input.plan.pages[static_cast<std::size_t>(number)];
        const auto invaded =
            input.evaluator.facts.get<Invaded>({copy, page.sheet}, [&] { return invaded_by(*copy, page.marks); });
        if (invaded->depth < rounding_mm)
            continue;
        findings.push_back({.rule = "keep-clear",
                            .message = copy->sticker->name + ": reaches " +
                                       format_length(std::fmax(0.1, invaded->depth), input.document.unit) +
                                       " into a mark's keep-clear area",
                            .page = number + 1,
                            .at = invaded->at,
                            .copies = {i},
                            .region = invaded->region,
                            .fix = Fix{"Move it away", [&evaluator = input.evaluator, i](const Document& now) {
                                           return moved_to_free_place(now, evaluator, i);
                                       }}});
    }
}

} // namespace fusuma
