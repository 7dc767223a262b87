#include "core/plan/planner.h"

#include "core/geometry/box_grid.h"
#include "core/geometry/measure.h"
#include "core/parallel.h"
#include "core/photo/board.h"
#include "core/plan/print_apart.h"
#include "core/sheet/room.h"

namespace fusuma {

std::shared_ptr<const JobPlan> Planner::plan(const Document& document) {
    return plans.get(document, [&] { return make_plan(document); });
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
    return {contour_of(corners_of(r)), kind, CopyId::none};
}

} // namespace

Planner::Zone Planner::zone_of(const SheetSettings& sheet) {
    Polygons polygons = cut_zone(sheet);
    const Rect largest = Room(polygons).largest_rectangle();
    return {std::move(polygons), largest, sheet.division.is_whole() ? std::vector<Rect>{} : small_sheets(sheet),
            marks(sheet)};
}

/// What is on a page that is cut where it lies: the board's rings, and the photograph inside them.
std::vector<PrintItem> Planner::photograph_on(const Document& document, int page) {
    const Rect where = *document.sheet.photographed;
    Polygons ink;
    if (can_be_board(document.sheet.paper))
        for (const Board::Mark& mark : board_on(document.sheet.paper).marks)
            std::ranges::move(flatten(ink_of(mark), 0.01), std::back_inserter(ink));
    std::vector<PrintItem> items{{{Rgb{0, 0, 0}, {}, std::move(ink)}, CopyId::none}};
    const auto shown = std::ranges::find(document.placements, page, &Placement::page);
    const auto sticker = shown != document.placements.end() ? document.find(shown->sticker) : nullptr;
    const auto* artwork = sticker ? std::get_if<PictureArtwork>(&sticker->artwork) : nullptr;
    if (artwork)
        items.push_back({{PrintArt(artwork->picture->pixels),
                          Transform::scale(where.width(), where.height()).then(Transform::shift(where.min)),
                          {}},
                         CopyId::none});
    return items;
}

PagePlan Planner::make_page(const Document& document, const JobPlan& plan, int number) {
    const auto zone = zones.get(document.sheet, [&] { return zone_of(document.sheet); });
    PagePlan page;
    page.marks = zone->marks;
    page.zone = zone->polygons;
    page.largest_place = zone->largest_place;
    page.small_sheets = zone->small_sheets;
    page.sheet = zone;

    std::vector<const PlannedCopy*> copies; // of this page
    std::vector<Rect> rooms;
    for (const PlannedCopy& copy : plan.copies)
        if (copy.page == number) {
            copies.push_back(&copy);
            rooms.push_back(copy->room_box);
        }
    if (document.sheet.photographed)
        page.prints = photograph_on(document, number);
    const BoxGrid grid(std::move(rooms));
    for (std::size_t i = 0; i < copies.size(); ++i) {
        const PlannedCopy& copy = *copies[i];
        for (const CopyLine& line : copy->lines)
            page.cuts.push_back({line.path, line.kind, copy.id, line.is_open});
        if (document.sheet.photographed)
            continue;
        std::vector<std::shared_ptr<const PlacedCopy>> near{copy.placed};
        constexpr std::size_t heap = 64; // so many on each other have no room that could be parted
        if (const auto all = grid.few_overlapping(copy->print_box.grown(copy->past_cut), heap))
            for (const std::size_t k : *all)
                if (k != i)
                    near.push_back(copies[k]->placed);
        Facts::Things about(near.begin(), near.end());
        about.push_back(zone);
        const auto layers = facts.get<std::vector<PrintItem>>(about, [&] { return printed_apart(near, page.marks); });
        for (const PrintItem& layer : *layers)
            page.prints.emplace_back(layer).copy = copy.id;
    }
    if (document.sheet.division.cut != Division::Cut::none)
        for (const Rect& small : page.small_sheets)
            page.cuts.push_back(rectangle(
                small, document.sheet.division.cut == Division::Cut::score ? CutKind::score : CutKind::through));
    if (document.sheet.shares_cuts)
        page.sharing = share_cuts(page.cuts);
    return page;
}

JobPlan Planner::make_plan(const Document& document) {
    std::set<Wanted> wanted;
    for (const Placement& placement : document.placements)
        if (const auto sticker = document.find(placement.sticker); sticker && placement.stretch == 1)
            wanted.insert({sticker, sticker->width * placement.scale});
    work_out(wanted);
    JobPlan plan{document.sheet.paper, {}, {}, correction_of(document.sheet)};
    std::vector<const Placement*> placements;
    for (const Placement& placement : document.placements)
        if (document.find(placement.sticker)) {
            placements.push_back(&placement);
            plan.copies.push_back({placement.id, placement.page, nullptr});
        }
    for_each_of(static_cast<int>(placements.size()), {}, [&](int k) { // rows of a list have texts of their own to set
        const auto i = static_cast<std::size_t>(k);
        plan.copies[i].placed = placed_copy(document, *placements[i]);
    });
    for (int page = 0; page < document.pages; ++page)
        plan.pages.push_back(make_page(document, plan, page));
    next_round();
    return plan;
}

} // namespace fusuma
