#include "core/arrange/free_place.h"
#include "core/geometry/boolean.h"
#include "core/preflight/rules.h"

namespace fusuma {

namespace {

/// What a copy prints that the printer cannot.
struct Clipped {
    Polygons region;
    double depth = 0;
};

Clipped clipped_of(const PlacedCopy& copy, const Rect& printable) {
    Polygons printed = copy.room;
    for (const PrintLayer& layer : copy.result->print) {
        if (layer.area.empty())
            continue; // a picture's clear edges are no print; what shows of it lies within cut line and bleed
        Polygons area;
        for (const Polygon& polygon : layer.area) {
            Polygon& on_paper = area.emplace_back();
            for (const Point p : polygon)
                on_paper.push_back(copy.map.apply(p));
        }
        printed = combine(printed, area, Combine::join);
    }
    Clipped found;
    found.region = combine(printed, {corners_of(printable)}, Combine::take_out);
    const Rect outside = bounds(found.region);
    if (!outside.empty())
        found.depth = std::fmax(std::fmax(printable.min.x - outside.min.x, printable.min.y - outside.min.y),
                                std::fmax(outside.max.x - printable.max.x, outside.max.y - printable.max.y));
    return found;
}

} // namespace

void outside_margins(const PreflightInput& input, Findings& findings) {
    constexpr double noticeable_mm = 0.05;
    const Rect room = printable(input.document.sheet);
    for (const PlannedCopy& copy : input.plan.copies) {
        const Rect all = copy->cut_box.grown(copy->least_gap / 2 + 1);
        // A cut line out there is outside the cut zone too, and that rule's.
        if (room.empty() || copy->cut_box.empty() || overlap(all, room) == all ||
            overlap(copy->cut_box, room) != copy->cut_box)
            continue;
        const auto clipped =
            input.planner.facts.get<Clipped>({copy.placed, input.plan.pages[static_cast<std::size_t>(copy.page)].sheet},
                                             [&] { return clipped_of(*copy.placed, room); });
        if (clipped->depth < noticeable_mm)
            continue;
        findings.push_back(
            {.rule = "outside-margins",
             .severity = Severity::to_look_at,
             .message = "{sticker}: {length} of its bleed lie where the printer cannot print"_said
                            .with("sticker", copy->sticker->name)
                            .with("length", std::fmax(0.1, clipped->depth), input.document.unit),
             .page = copy.page + 1,
             .at = bounds(clipped->region).centre(),
             .copies = {copy.id},
             .region = clipped->region,
             .fix = Fix{"Move it in"_said, [&planner = input.planner, id = copy.id](const Document& now, const Work&) {
                            return moved_to_free_place(now, planner, id);
                        }}});
    }
}

} // namespace fusuma
