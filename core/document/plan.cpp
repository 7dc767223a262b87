#include "core/document/plan.h"

#include "core/document/cluster.h"
#include "core/document/print_apart.h"
#include "core/geometry/box_grid.h"
#include "core/geometry/measure.h"
#include "core/sheet/room.h"

namespace fusuma {

namespace {

constexpr double plan_tolerance = 0.02; // mm

Rect box_of(const PrintLayer& layer, const Transform& map) {
    if (layer.area.empty()) {
        const Transform whole = layer.from_unit.then(map);
        Rect box;
        for (const Point corner : {Point{0, 0}, Point{1, 0}, Point{1, 1}, Point{0, 1}})
            box.include(whole.apply(corner));
        return box;
    }
    Rect box;
    for (const Polygon& polygon : layer.area)
        for (const Point p : polygon)
            box.include(map.apply(p));
    return box;
}

/// From the sticker's millimetres to the paper's.
Transform to_page(const Outlined& outlined, const Sticker& sticker, const Placement& placement) {
    return Transform::scale(1 / outlined.artwork.width, 1 / outlined.artwork.height).then(placed(sticker, placement));
}

} // namespace

std::shared_ptr<const Drawn> Evaluator::drawn(const Artwork& artwork, const Work& work) {
    if (const auto* art = std::get_if<DrawingArtwork>(&artwork))
        return drawings.get(artwork, [&] { return fusuma::drawn(*art->drawing, *art->parts); });
    if (const auto* art = std::get_if<LabelArtwork>(&artwork))
        return drawings.get(artwork, [&] { return set_label(*art->design, art->row).drawn; });
    if (const auto* art = std::get_if<ClusterArtwork>(&artwork))
        return drawings.get(artwork, [&] { return fusuma::drawn(*art->cluster, *this, work); });
    return nullptr;
}

Isolation Evaluator::make_isolation(const Sticker& sticker, const Work& work) {
    if (const auto* picture = std::get_if<PictureArtwork>(&sticker.artwork))
        return isolate(*picture, sticker.framing.crop, sticker.background, work);
    return isolate(sticker.artwork, *drawn(sticker.artwork, work));
}

/// Labels of a list differ in what is printed inside their edge and in nothing else, so all else is worked out once.
std::optional<StickerResult> Evaluator::as_first_row(const Sticker& sticker, double width, const Work& work) {
    const auto* label = std::get_if<LabelArtwork>(&sticker.artwork);
    if (!label || label->row == 0 || label->design->shape.kind == LabelShape::lettering || label->design->letters_cut)
        return std::nullopt;
    auto isolation = std::make_shared<const Isolation>(make_isolation(sticker, work));
    if (sticker.bleed.kind != Bleed::Kind::none && !isolation->drawn->ground)
        return std::nullopt; // the colours at its edge are its own
    Sticker first = sticker;
    first.artwork = LabelArtwork{label->design, 0};
    StickerResult result = *evaluate(first, width, work);
    result.print.back().ink = isolation->art; // the art comes last
    result.isolation = std::move(isolation);
    return result;
}

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
    return results.get(key, [&]() -> StickerResult {
        if (auto row = as_first_row(sticker, width, work))
            return std::move(*row);
        const TraceKey& trace_key = key.outline.trace;
        const auto isolation =
            isolations.get(trace_key.isolation, [&] { return make_isolation(sticker, work.part(0, 0.4)); });
        const auto tracing =
            tracings.get(trace_key, [&] { return traced(*isolation, sticker.trace, work.part(0.4, 0.7)); });
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
        continuation =
            continuations.get({isolation_key, reach}, [&] { return continued(*isolation->pixels(), reach, work); });
    }
    return {isolation, outline, cut, print_of(*isolation, *outline, *cut, sticker, width, continuation)};
}

std::shared_ptr<const StickerResult> Evaluator::preview(const Sticker& sticker, const Work& work) {
    constexpr int most_px = 1000;
    const auto* art = std::get_if<PictureArtwork>(&sticker.artwork);
    const auto picture = art ? art->picture : nullptr;
    const bool is_small = !art || std::max(picture->pixels.width, picture->pixels.height) <= most_px * 3 / 2;
    Sticker shown = sticker;
    if (!is_small) {
        const auto small = small_pictures.get(picture, [&] { return small_picture(*picture, most_px, work); });
        shown = with_picture(sticker, small->picture, small->factor);
    }
    const IsolationKey key{shown.artwork, shown.framing.crop, shown.background};
    const auto isolation = isolations.get(key, [&] { return make_isolation(shown, work); });
    // Small pictures are traced as for the full result, which then finds the work done.
    const TraceKey trace_key{key, shown.trace};
    const auto tracing = is_small
                             ? tracings.get(trace_key, [&] { return traced(*isolation, shown.trace, work); })
                             : sketches.get(trace_key, [&] { return sketch(isolation->coverage, shown.trace, work); });
    const OutlineKey outline_key{trace_key, shown.framing, shown.clean, shown.width};
    const auto make_outline = [&] { return outlined(*isolation, *tracing, shown, shown.width); };
    const auto outline =
        is_small ? outlines.get(outline_key, make_outline) : std::make_shared<const Outlined>(make_outline());
    const auto derived = std::make_shared<const Border>(
        border(outline->outline, border_at(*outline, shown, shown.width), Care::preview));
    return std::make_shared<const StickerResult>(finish(isolation, key, outline, derived, shown, shown.width, work));
}

std::shared_ptr<const StickerResult> Evaluator::evaluate(const Sticker& sticker, const Placement& placement,
                                                         const Work& work) {
    const Sticker copied = in_proportions_of(sticker, placement);
    return evaluate(copied, copied.width * placement.scale, work);
}

std::size_t Evaluator::PlacedKey::Hash::operator()(const PlacedKey& key) const {
    std::size_t hash = std::hash<const void*>{}(key.sticker.get());
    const Placement& p = key.placement;
    for (const double value : {p.centre.x, p.centre.y, p.turn, p.scale, p.stretch})
        mix_hash(hash, std::hash<double>{}(value));
    return hash;
}

std::shared_ptr<const PlacedCopy> Evaluator::placed_copy(const Document& document, const Placement& placement) {
    PlacedKey key{document.find(placement.sticker), placement};
    key.placement.page = key.placement.group = 0;
    key.placement.locked = false;
    return placed_copies.get(key, [&] {
        auto copy = std::make_shared<PlacedCopy>();
        copy->sticker = key.sticker;
        copy->placement = key.placement;
        copy->result = evaluate(*key.sticker, placement);
        copy->map = to_page(*copy->result->outlined, *key.sticker, placement);
        copy->line = transformed(copy->result->cut_line(), copy->map);
        copy->cut = flatten(copy->line, plan_tolerance);
        copy->cut_box = copy->closed_box = bounds(copy->cut);
        copy->cut_mm2 = area(copy->line);
        copy->cut_mm = copy->result->cut->is_cut ? length(copy->line) : 0;
        for (const Contour& open : copy->result->cut->open()) {
            copy->open.push_back(mapped_line(open, copy->map));
            copy->cut_mm += length(copy->open.back());
            copy->open_points.push_back(flatten_line(copy->open.back(), plan_tolerance));
            copy->cut_box.include(bounds(Polygons{copy->open_points.back()}));
        }
        for (OwnLine line : copy->result->cut->own) {
            line.path = line.is_open ? mapped_line(line.path, copy->map) : transformed(line.path, copy->map);
            copy->cut_box.include(bounds(line.path));
            copy->own.push_back(std::move(line));
        }
        for (const PrintLayer& layer : copy->result->print)
            copy->print_box.include(box_of(layer, copy->map));
        const Rect &cut = copy->closed_box, &print = copy->print_box;
        if (!cut.empty() && !print.empty())
            copy->past_cut = std::max({0.0, cut.min.x - print.min.x, cut.min.y - print.min.y, print.max.x - cut.max.x,
                                       print.max.y - cut.max.y});
        const Sticker& s = *key.sticker;
        copy->least_gap = bleeds(s.border, s.rims, s.bleed) ? 2 * s.bleed.width : 0;
        return copy;
    });
}

std::shared_ptr<const JobPlan> Evaluator::plan(const Document& document) {
    return plans.get(document, [&] { return make_plan(document); });
}

PlanTotals totals(const JobPlan& plan) {
    PlanTotals sum;
    double used = 0;
    const auto add = [&sum](CutKind kind, double mm) {
        (kind == CutKind::kiss ? sum.kiss_mm : kind == CutKind::score ? sum.score_mm : sum.through_mm) += mm;
    };
    for (const auto& copy : plan.copies)
        if (copy) {
            used += copy->cut_mm2;
            add(copy->sticker->cut, copy->cut_mm);
            for (const OwnLine& line : copy->own)
                add(line.kind, length(line.path));
        }
    for (const PagePlan& page : plan.pages) {
        for (const Polygon& polygon : page.zone)
            sum.zone_mm2 += signed_area(polygon);
        for (const CutPath& cut : page.cuts)
            if (cut.placement == no_copy)
                add(cut.kind, length(cut.line));
        sum.cuts += page.cuts.size();
    }
    sum.used_share = sum.zone_mm2 > 0 ? used / sum.zone_mm2 : 0;
    return sum;
}

namespace {

Transform correction_of(const SheetSettings& sheet) {
    const PrinterProfile& printer = sheet.printer;
    const Point middle{sheet.paper.width / 2, sheet.paper.height / 2};
    return Transform::shift(-middle)
        .then(Transform::scale(printer.stretch_x, printer.stretch_y))
        .then(Transform::shift(middle + printer.shift));
}

CutPath rectangle(const Rect& r, CutKind kind) {
    return {contour_of(corners_of(r)), kind, no_copy};
}

} // namespace

PagePlan Evaluator::make_page(const Document& document, const JobPlan& plan, int number) {
    const auto zone = zones.get(document.sheet, [&] {
        Polygons polygons = cut_zone(document.sheet);
        const Rect largest = Room(polygons).largest_rectangle();
        return Zone{std::move(polygons), largest,
                    document.sheet.division.is_whole() ? std::vector<Rect>{} : small_sheets(document.sheet),
                    marks(document.sheet)};
    });
    PagePlan page;
    page.marks = zone->marks;
    page.zone = zone->polygons;
    page.largest_place = zone->largest_place;
    page.small_sheets = zone->small_sheets;
    page.sheet = zone;

    std::vector<Rect> cut_boxes(plan.copies.size()); // empty for copies on other pages
    for (std::size_t i = 0; i < plan.copies.size(); ++i)
        if (plan.copies[i] && document.placements[i].page == number)
            cut_boxes[i] = plan.copies[i]->closed_box;
    const BoxGrid grid(std::move(cut_boxes));
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        const auto& copy = plan.copies[i];
        if (!copy || document.placements[i].page != number)
            continue;
        if (copy->result->cut->is_cut)
            for (const Contour& contour : copy->line.contours)
                page.cuts.push_back({contour, copy->sticker->cut, i});
        for (const Contour& open : copy->open)
            page.cuts.push_back({open, copy->sticker->cut, i, true});
        for (const OwnLine& line : copy->own)
            page.cuts.push_back({line.path, line.kind, i, line.is_open});
        std::vector<std::shared_ptr<const PlacedCopy>> near{copy};
        for (const std::size_t k : grid.overlapping(copy->print_box.grown(copy->past_cut)))
            if (k != i)
                near.push_back(plan.copies[k]);
        Facts::Things about(near.begin(), near.end());
        about.push_back(zone);
        const auto layers =
            facts.get<std::vector<PrintLayer>>(std::move(about), [&] { return printed_apart(near, page.marks); });
        for (const PrintLayer& layer : *layers)
            page.prints.push_back({layer, i});
    }
    if (document.sheet.division.cut != Division::Cut::none)
        for (const Rect& small : page.small_sheets)
            page.cuts.push_back(rectangle(
                small, document.sheet.division.cut == Division::Cut::score ? CutKind::score : CutKind::through));
    return page;
}

JobPlan Evaluator::make_plan(const Document& document) {
    JobPlan plan{document.sheet.paper, {}, {}, correction_of(document.sheet), {}};
    for (const Placement& placement : document.placements) {
        plan.page_of.push_back(placement.page);
        plan.copies.push_back(document.find(placement.sticker) ? placed_copy(document, placement) : nullptr);
    }
    for (int page = 0; page < document.pages; ++page)
        plan.pages.push_back(make_page(document, plan, page));
    placed_copies.next_round();
    facts.next_round();
    return plan;
}

} // namespace fusuma
