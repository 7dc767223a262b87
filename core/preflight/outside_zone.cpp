#include "core/arrange/free_place.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/geometry/region.h"
#include "core/preflight/rules.h"

#include <algorithm>

namespace fusuma {

namespace {

struct Outside {
    Polygons region;
    Nearest worst{0, {}}; ///< the place farthest outside and how far it is from the zone
};

/// Of a zone in several pieces, as small sheets are, the one in which most of the copy lies: all of it belongs there.
/// @param pieces  of the zone
Polygons home_of(const PlacedCopy& copy, const Polygons& zone, const Regions& pieces) {
    if (pieces.pieces().size() < 2)
        return zone;
    double most = -1;
    const Region* home = nullptr;
    for (const Region& piece : pieces.pieces()) {
        const double shared =
            piece.box().overlaps(copy.cut_box) ? area(combine(copy.room, piece.polygons(), Combine::overlap_only)) : 0;
        if (shared > most) {
            most = shared;
            home = &piece;
        }
    }
    return home->polygons();
}

/// Does the box lie inside without coming near an edge? So do most copies, and need no closer look.
bool is_well_inside(const Rect& box, const Polygons& zone, const Regions& pieces) {
    for (const Polygon& polygon : zone)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            Rect edge;
            edge.include(polygon[i]);
            edge.include(polygon[(i + 1) % polygon.size()]);
            if (edge.overlaps(box))
                return false;
        }
    return pieces.contains(box.min);
}

Outside outside_of(const PlacedCopy& copy, const Polygons& whole_zone, const Regions& pieces) {
    constexpr double noticeable_mm2 = 0.02;
    if (is_well_inside(copy.cut_box, whole_zone, pieces))
        return {};
    const Polygons zone = home_of(copy, whole_zone, pieces);
    Outside found;
    found.region = combine(copy.room, zone, Combine::take_out);
    if (area(found.region) < noticeable_mm2)
        found.region.clear();
    Nearest last; // a place, and no less than how deep it lies: one beside it lies deeper by no more than the way there
    const auto look_at = [&](Point p) {
        if (last.distance + distance(last.at, p) <= found.worst.distance)
            return;
        last = {nearest_on(zone, p, found.worst.distance).distance, p};
        if (last.distance > found.worst.distance)
            found.worst = last;
    };
    for (const Polygon& polygon : found.region)
        for (const Point p : polygon)
            look_at(p);
    std::optional<Regions> inside; // made for the few that have such lines
    for (const CopyLine& line : copy.lines)
        if (line.is_open || line.origin == StickerLine::Origin::artwork) { // the other closed ones bound the room
            if (!inside)
                inside.emplace(zone);
            for (const Point p : line.points)
                if (!inside->contains(p))
                    look_at(p);
        }
    return found;
}

/// The largest scale at which a copy's cut line goes into a place of this size.
double scale_to_fit(const Rect& box, const Rect& place) {
    return std::fmin(place.width() / box.width(), place.height() / box.height());
}

/// Makes one copy small enough for the zone, with a little to spare, and puts it in.
std::optional<Document> made_to_fit(const Document& document, Planner& planner, CopyId id, const Work& work) {
    Document made = document;
    const auto found = std::ranges::find(made.placements, id, &Placement::id);
    if (found == made.placements.end() || found->locked)
        return std::nullopt;
    Placement& copy = *found;
    const Rect place = planner.plan(document)->pages[static_cast<std::size_t>(copy.page)].largest_place;
    // The border keeps its width, so the first guess is off; each next one is nearer.
    constexpr int most_tries = 8;
    for (int tries = 0; tries < most_tries; ++tries) {
        work.at(static_cast<double>(tries) / most_tries);
        const Rect box = planner.placed_copy(made, copy)->cut_box;
        const double scale = scale_to_fit(box, place);
        if (scale >= 1) {
            copy.centre = copy.centre + (place.centre() - box.centre());
            return made;
        }
        copy.scale *= scale * 0.999;
    }
    return std::nullopt;
}

} // namespace

void outside_zone(const PreflightInput& input, Findings& findings) {
    constexpr double noticeable_mm = 0.01;
    const Document& document = input.document;
    for (const PlannedCopy& copy : input.plan.copies) {
        if (copy->cut_box.empty())
            continue;
        const PagePlan& page = input.plan.pages[static_cast<std::size_t>(copy.page)];
        if (page.zone.empty())
            continue; // another rule's
        const auto pieces = input.planner.facts.get<Regions>({page.sheet}, [&] { return Regions(page.zone); });
        const auto outside = input.planner.facts.get<Outside>(
            {copy.placed, page.sheet}, [&] { return outside_of(*copy.placed, page.zone, *pieces); });
        const Nearest& worst = outside->worst;
        if (worst.distance < noticeable_mm)
            continue;
        bool is_near_mark = false;
        for (const Mark& mark : page.marks)
            is_near_mark = is_near_mark || distance(mark.centre, worst.at) < mark.keep_clear;
        if (is_near_mark)
            continue;
        Finding finding{.rule = "outside-zone",
                        .page = copy.page + 1,
                        .at = worst.at,
                        .copies = {copy.id},
                        .region = outside->region};
        const Rect& most = page.largest_place;
        if (copy->cut_box.width() > most.width() || copy->cut_box.height() > most.height()) {
            finding.message = "{sticker}: larger than the cut zone, which takes {width} × {height}"_said
                                  .with("sticker", copy->sticker->name)
                                  .with("width", most.width(), document.unit)
                                  .with("height", most.height(), document.unit);
            finding.fix = Fix{"Make it fit"_said,
                              [&planner = input.planner, id = copy.id](const Document& now, const Work& work) {
                                  return made_to_fit(now, planner, id, work);
                              }};
        } else {
            finding.message = "{sticker}: {length} outside the cut zone"_said.with("sticker", copy->sticker->name)
                                  .with("length", std::fmax(0.1, worst.distance), document.unit);
            finding.fix =
                Fix{"Move it in"_said, [&planner = input.planner, id = copy.id](const Document& now, const Work&) {
                        return moved_to_free_place(now, planner, id);
                    }};
        }
        findings.push_back(std::move(finding));
    }
}

} // namespace fusuma
