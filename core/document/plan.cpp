#include "core/document/plan.h"

#include "core/geometry/measure.h"
#include "core/sheet/room.h"

namespace fusuma {

std::shared_ptr<const StickerResult> Evaluator::evaluate(const Sticker& sticker, std::optional<double> width) {
    const StickerKey key{{{sticker.artwork, sticker.background}, sticker.trace},
                         sticker.ignore_specks,
                         width.value_or(sticker.width),
                         sticker.border};
    return results.get(key, [&] {
        const auto isolation =
            isolations.get(key.trace.isolation, [&] { return isolate(sticker.artwork, sticker.background); });
        const auto outline = outlines.get(key.trace, [&] { return traced(isolation->coverage, sticker.trace); });
        return worked_out(isolation, *outline, sticker, key.width);
    });
}

Outline Evaluator::placed_cut_line(const Document& document, const Placement& placement) {
    const auto sticker = document.find(placement.sticker);
    if (!sticker)
        return {};
    const auto result = evaluate(*sticker, sticker->width * placement.scale);
    const Transform to_page =
        Transform::scale(1 / result->artwork.width, 1 / result->artwork.height).then(placed(*sticker, placement));
    return transformed(result->cut_line, to_page);
}

std::shared_ptr<const JobPlan> Evaluator::plan(const Document& document) {
    return plans.get(document, [&] { return make_plan(document); });
}

PlanTotals totals(const JobPlan& plan) {
    PlanTotals sum;
    double used = 0;
    for (const PagePlan& page : plan.pages) {
        for (const Polygon& polygon : page.zone)
            sum.zone_mm2 += signed_area(polygon);
        for (const CutPath& cut : page.cuts) {
            used += signed_area(cut.line);
            (cut.kind == CutKind::kiss ? sum.kiss_mm : sum.through_mm) += length(cut.line);
            ++sum.cuts;
        }
    }
    sum.used_share = sum.zone_mm2 > 0 ? used / sum.zone_mm2 : 0;
    return sum;
}

JobPlan Evaluator::make_plan(const Document& document) {
    PagePlan page;
    for (std::size_t i = 0; i < document.placements.size(); ++i) {
        const Placement& placement = document.placements[i];
        const auto sticker = document.find(placement.sticker);
        if (!sticker)
            continue;
        const auto result = evaluate(*sticker, sticker->width * placement.scale);
        page.prints.push_back({result->isolation->art, placed(*sticker, placement), i});
        for (Contour& contour : placed_cut_line(document, placement).contours)
            page.cuts.push_back({std::move(contour), sticker->cut, i});
    }
    page.cuts = in_cutting_order(std::move(page.cuts));
    page.marks = marks(document.sheet);
    const auto zone = zones.get(document.sheet, [&] {
        Polygons polygons = cut_zone(document.sheet);
        const Rect largest = Room(polygons).largest_rectangle();
        return Zone{std::move(polygons), largest};
    });
    page.zone = zone->polygons;
    page.largest_place = zone->largest_place;
    return {document.sheet.paper, {std::move(page)}};
}

} // namespace fusuma
