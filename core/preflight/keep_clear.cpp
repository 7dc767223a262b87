#include "core/arrange/free_place.h"
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
        const bool covers = copy.inside().contains(mark.centre);
        Nearest nearest = nearest_on(copy.room, mark.centre);
        for (const CopyLine& line : copy.lines) {
            if (!line.is_open && line.origin == StickerLine::Origin::derived)
                continue; // these bound the room
            Polygon there_and_back = line.points;
            if (line.is_open)
                there_and_back.insert(there_and_back.end(), line.points.rbegin(), line.points.rend());
            if (const Nearest near = nearest_on({there_and_back}, mark.centre); near.distance < nearest.distance)
                nearest = near;
        }
        const double depth = covers ? mark.keep_clear : mark.keep_clear - nearest.distance;
        if (depth <= found.depth)
            continue;
        found = {depth, covers ? mark.centre : nearest.at,
                 combine(copy.room, {keep_clear_area(mark)}, Combine::overlap_only)};
    }
    return found;
}

} // namespace

void keep_clear(const PreflightInput& input, Findings& findings) {
    constexpr double rounding_mm = 0.02;
    for (const PlannedCopy& copy : input.plan.copies) {
        if (copy->cut_box.empty())
            continue;
        const PagePlan& page = input.plan.pages[static_cast<std::size_t>(copy.page)];
        const auto invaded = input.planner.facts.get<Invaded>({copy.placed, page.sheet},
                                                              [&] { return invaded_by(*copy.placed, page.marks); });
        if (invaded->depth < rounding_mm)
            continue;
        findings.push_back({.rule = "keep-clear",
                            .message = "{sticker}: reaches {length} into a mark's keep-clear area"_said
                                           .with("sticker", copy->sticker->name)
                                           .with("length", std::fmax(0.1, invaded->depth), input.document.unit),
                            .page = copy.page + 1,
                            .at = invaded->at,
                            .copies = {copy.id},
                            .region = invaded->region,
                            .fix = Fix{"Move it away"_said,
                                       [&planner = input.planner, id = copy.id](const Document& now, const Work&) {
                                           return moved_to_free_place(now, planner, id);
                                       }}});
    }
}

} // namespace fusuma
