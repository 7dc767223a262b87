#include "core/arrange/free_place.h"

#include "core/arrange/label_list.h"
#include "core/geometry/measure.h"
#include "core/plan/shared_cuts.h"

#include <algorithm>

namespace fusuma {

namespace {

double bleed_of(const Document& document, int sticker) {
    const auto s = document.find(sticker);
    return s && bleeds(s->border, s->rims, s->bleed) ? s->bleed.width : 0;
}

} // namespace

double gap_round(const Document& document, int sticker) {
    return std::max(document.sheet.gap, 2 * bleed_of(document, sticker));
}

double gap_between(const Document& document, Planner& planner, const Selection& copies) {
    const bool may_touch =
        document.sheet.shares_cuts && std::ranges::all_of(document.placements, [&](const Placement& p) {
            return !copies.contains(p.id) || !document.find(p.sticker) || is_box(*planner.placed_copy(document, p));
        });
    return may_touch ? 0 : document.sheet.gap;
}

Room free_room(const Document& document, Planner& planner, int sticker, int page, const Selection& except) {
    const double own = gap_round(document, sticker);
    Room room(planner.plan(document)->pages[static_cast<std::size_t>(page)].zone);
    if (const double bleed = bleed_of(document, sticker); bleed > 0 && !printable(document.sheet).empty())
        room.keep_inside(printable(document.sheet).grown(-bleed));
    if (const double bleed = bleed_of(document, sticker); bleed > 0)
        for (const Mark& mark : marks(document.sheet)) // the zone keeps cut lines away, not what prints past them
            room.block(Rect{mark.centre, mark.centre}.grown(mark.keep_clear + bleed));
    for (const Placement& placement : document.placements) {
        if (placement.page != page || !document.find(placement.sticker) || except.contains(placement.id))
            continue;
        const Rect box = planner.placed_copy(document, placement)->cut_box;
        if (!box.empty())
            room.block(box.grown(std::max(own, gap_round(document, placement.sticker))));
    }
    return room;
}

Arranged place_in_rows(const Document& document, Planner& planner, int sticker_id, int copies, int page,
                       const Work& work) {
    Arranged result{document, 0};
    const auto sticker = document.find(sticker_id);
    if (!sticker || copies <= 0)
        return result;
    work.at(0);
    static_cast<void>(planner.evaluate(*sticker, std::nullopt, work)); // what takes long, and can be stopped
    Room room = free_room(document, planner, sticker_id, page);
    const double gap = gap_round(document, sticker_id);
    const auto* label = std::get_if<LabelArtwork>(&sticker->artwork);
    const bool each_has_a_shape = label && label->design->shape.kind == LabelShape::lettering;
    int tried = 0;
    for (const std::size_t row : next_rows(document, sticker_id, static_cast<std::size_t>(copies))) {
        work.at(static_cast<double>(tried++) / copies);
        const Rect box =
            planner.placed_copy(document, {.sticker = sticker_id, .row = each_has_a_shape ? row : 0})->cut_box;
        const auto at = box.empty() ? std::nullopt : room.first_place({box.width(), box.height()});
        if (!at && !each_has_a_shape)
            break;
        if (!at)
            continue;
        result.document.put({.sticker = sticker_id, .centre = *at - box.min, .page = page, .row = row});
        room.block(Rect{*at, *at + Point{box.width(), box.height()}}.grown(gap));
        ++result.placed;
    }
    return result;
}

std::optional<Document> moved_to_free_place(const Document& document, Planner& planner, CopyId id) {
    const Placement* copy = document.copy(id);
    if (!copy || copy->locked)
        return std::nullopt;
    const Placement& placement = *copy;
    const Rect box = planner.placed_copy(document, placement)->cut_box;
    const auto at = free_room(document, planner, placement.sticker, placement.page, {id})
                        .nearest_place({box.width(), box.height()}, box.min);
    if (!at)
        return std::nullopt;
    return moved(document, {id}, *at - box.min);
}

} // namespace fusuma
