#include "core/document/plan.h"

#include "core/geometry/measure.h"
#include "core/sheet/room.h"

namespace fusuma {

namespace {

/// From the sticker's millimetres to the paper's.
Transform to_page(const Outlined& outlined, const Sticker& sticker, const Placement& placement) {
    return Transform::scale(1 / outlined.artwork.width, 1 / outlined.artwork.height).then(placed(sticker, placement));
}

} // namespace

std::shared_ptr<const StickerResult> Evaluator::evaluate(const Sticker& sticker, std::optional<double> width,
                                                         const Work& work) {
    const StickerKey key{{{{sticker.artwork, sticker.framing.crop, sticker.background}, sticker.trace},
                          sticker.framing,
                          sticker.clean,
                          width.value_or(sticker.width)},
                         sticker.border};
    return results.get(key, [&] {
        const TraceKey& trace_key = key.outline.trace;
        const auto isolation = isolations.get(trace_key.isolation, [&] {
            return isolate(sticker.artwork, sticker.framing.crop, sticker.background, work.part(0, 0.4));
        });
        const auto tracing =
            tracings.get(trace_key, [&] { return trace(isolation->coverage, sticker.trace, work.part(0.4, 0.8)); });
        const auto outline =
            outlines.get(key.outline, [&] { return outlined(*isolation, *tracing, sticker, key.outline.width); });
        work.at(0.9);
        return StickerResult{isolation, outline, border(outline->outline, sticker.border)};
    });
}

std::shared_ptr<const StickerResult> Evaluator::preview(const Sticker& sticker, const Work& work) {
    constexpr int most_px = 1000;
    const auto& picture = std::get<PictureArtwork>(sticker.artwork).picture;
    if (std::max(picture->pixels.width, picture->pixels.height) <= most_px * 3 / 2)
        return nullptr;
    const auto small = small_pictures.get(picture, [&] { return small_picture(*picture, most_px, work); });
    const Sticker in_small = with_picture(sticker, small->picture, small->factor);
    const IsolationKey key{in_small.artwork, in_small.framing.crop, in_small.background};
    const auto isolation = isolations.get(
        key, [&] { return isolate(in_small.artwork, in_small.framing.crop, in_small.background, work); });
    const auto outline = std::make_shared<const Outlined>(
        outlined(*isolation, sketch(isolation->coverage, in_small.trace, work), in_small, in_small.width));
    return std::make_shared<const StickerResult>(
        StickerResult{isolation, outline, border(outline->outline, sticker.border, Care::preview)});
}

Outline Evaluator::placed_cut_line(const Document& document, const Placement& placement) {
    const auto sticker = document.find(placement.sticker);
    if (!sticker)
        return {};
    const auto result = evaluate(*sticker, sticker->width * placement.scale);
    return transformed(result->cut_line, to_page(*result->outlined, *sticker, placement));
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
        page.prints.push_back({result->isolation->art,
                               result->outlined->from_art.then(to_page(*result->outlined, *sticker, placement)), i});
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
