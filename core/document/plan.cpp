#include "core/document/plan.h"

#include "core/document/print_apart.h"
#include "core/geometry/measure.h"
#include "core/sheet/room.h"

namespace fusuma {

namespace {

/// An open line mapped; unlike a contour's its direction means nothing.
Contour moved(const Contour& line, const Transform& map) {
    Contour result{map.apply(line.start), {}};
    for (const Segment& s : line.segments)
        result.segments.push_back(transformed(s, map));
    return result;
}

/// From the sticker's millimetres to the paper's.
Transform to_page(const Outlined& outlined, const Sticker& sticker, const Placement& placement) {
    return Transform::scale(1 / outlined.artwork.width, 1 / outlined.artwork.height).then(placed(sticker, placement));
}

} // namespace

std::shared_ptr<const StickerResult> Evaluator::evaluate(const Sticker& sticker, std::optional<double> asked,
                                                         const Work& work) {
    const double width = asked.value_or(sticker.width);
    const StickerKey key{{{{sticker.artwork, sticker.framing.crop, sticker.background}, sticker.trace},
                          sticker.framing,
                          sticker.clean,
                          width},
                         sticker.border.scales_with_art ? sticker.width : 0,
                         sticker.border,
                         sticker.rims,
                         sticker.bleed,
                         sticker.hand};
    return results.get(key, [&] {
        const TraceKey& trace_key = key.outline.trace;
        const auto isolation = isolations.get(trace_key.isolation, [&] {
            return isolate(sticker.artwork, sticker.framing.crop, sticker.background, work.part(0, 0.4));
        });
        const auto tracing =
            tracings.get(trace_key, [&] { return trace(isolation->coverage, sticker.trace, work.part(0.4, 0.7)); });
        const auto outline =
            outlines.get(key.outline, [&] { return outlined(*isolation, *tracing, sticker, key.outline.width); });
        work.at(0.75);
        const BorderKey border_key{key.outline, border_at(*outline, sticker, width)};
        const auto derived = borders.get(border_key, [&] { return border(outline->outline, border_key.border); });
        return finish(isolation, trace_key.isolation, outline, derived, sticker, width, work.part(0.85, 1));
    });
}

StickerResult Evaluator::finish(const std::shared_ptr<const Isolation>& isolation, const IsolationKey& isolation_key,
                                const std::shared_ptr<const Outlined>& outline,
                                const std::shared_ptr<const Border>& derived, const Sticker& sticker, double width,
                                const Work& work) {
    const auto cut = std::make_shared<const Cut>(cut_of(*outline, derived, sticker, width));
    std::shared_ptr<const Continued> continuation;
    if (int reach = continuation_px(*isolation, *outline, sticker, width); reach > 0) {
        constexpr int step = 16; // so that a slider does not make it anew for every pixel
        reach = (reach + step - 1) / step * step;
        continuation = continuations.get({isolation_key, reach}, [&] {
            return continued(*std::get<std::shared_ptr<const Image>>(isolation->art), reach, work);
        });
    }
    return {isolation, outline, cut, print_of(*isolation, *outline, *cut, sticker, width, continuation)};
}

std::shared_ptr<const StickerResult> Evaluator::preview(const Sticker& sticker, const Work& work) {
    constexpr int most_px = 1000;
    const auto& picture = std::get<PictureArtwork>(sticker.artwork).picture;
    const bool is_small = std::max(picture->pixels.width, picture->pixels.height) <= most_px * 3 / 2;
    Sticker shown = sticker;
    if (!is_small) {
        const auto small = small_pictures.get(picture, [&] { return small_picture(*picture, most_px, work); });
        shown = with_picture(sticker, small->picture, small->factor);
    }
    const IsolationKey key{shown.artwork, shown.framing.crop, shown.background};
    const auto isolation =
        isolations.get(key, [&] { return isolate(shown.artwork, shown.framing.crop, shown.background, work); });
    // Small pictures are traced as for the full result, which then finds the work done.
    const TraceKey trace_key{key, shown.trace};
    const auto tracing = is_small
                             ? tracings.get(trace_key, [&] { return trace(isolation->coverage, shown.trace, work); })
                             : sketches.get(trace_key, [&] { return sketch(isolation->coverage, shown.trace, work); });
    const OutlineKey outline_key{trace_key, shown.framing, shown.clean, shown.width};
    const auto make_outline = [&] { return outlined(*isolation, *tracing, shown, shown.width); };
    const auto outline =
        is_small ? outlines.get(outline_key, make_outline) : std::make_shared<const Outlined>(make_outline());
    const auto derived = std::make_shared<const Border>(
        border(outline->outline, border_at(*outline, shown, shown.width), Care::preview));
    return std::make_shared<const StickerResult>(finish(isolation, key, outline, derived, shown, shown.width, work));
}

Rect Evaluator::placed_box(const Document& document, const Placement& placement) {
    Rect box;
    const auto sticker = document.find(placement.sticker);
    if (!sticker)
        return box;
    const auto result = evaluate(*sticker, sticker->width * placement.scale);
    const Transform map = to_page(*result->outlined, *sticker, placement);
    for (const CutLine& line : result->cut->hand.lines)
        box.include(bounds(moved(line.path, map)));
    return box;
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
            if (!cut.is_open)
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
    std::vector<CopyPrint> copies;
    for (std::size_t i = 0; i < document.placements.size(); ++i) {
        const Placement& placement = document.placements[i];
        const auto sticker = document.find(placement.sticker);
        if (!sticker)
            continue;
        const auto result = evaluate(*sticker, sticker->width * placement.scale);
        const Transform map = to_page(*result->outlined, *sticker, placement);
        CopyPrint copy{i, {}, {}};
        for (const PrintLayer& layer : result->print)
            copy.layers.push_back(placed(layer, map));
        Outline line = transformed(result->cut_line(), map);
        copy.cut = flatten(line, 0.02);
        copies.push_back(std::move(copy));
        for (Contour& contour : line.contours)
            page.cuts.push_back({std::move(contour), sticker->cut, i});
        for (const Contour& open : result->cut->open())
            page.cuts.push_back({moved(open, map), sticker->cut, i, true});
    }
    page.cuts = in_cutting_order(std::move(page.cuts));
    page.marks = marks(document.sheet);
    page.prints = printed_apart(std::move(copies), page.marks);
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
