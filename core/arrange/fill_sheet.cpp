#include "core/arrange/fill_sheet.h"

#include "core/arrange/free_place.h"
#include "core/cutting/doubled.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <tuple>

namespace fusuma {

namespace {

constexpr double fine = 0.01; // mm

/// The room that a copy takes, its open lines and what of the artwork's own reaches farther as thin strips.
Polygons all_room(const PlacedCopy& copy) {
    const Polygons room = flatten(copy.region, fine);
    Polygons strips;
    for (const CopyLine& line : copy.lines) {
        const bool is_own = line.origin == StickerLine::Origin::artwork;
        const auto is_in_room = [&](Point p) { return copy.inside().contains(p); };
        if ((!line.is_open && !is_own) || (is_own && std::ranges::all_of(line.points, is_in_room)))
            continue;
        const std::size_t edges = line.points.size() - (line.is_open ? 1 : 0);
        for (std::size_t i = 0; i < edges; ++i) {
            const Point from = line.points[i], to = line.points[(i + 1) % line.points.size()];
            const Point along = 0.02 * unit(to - from), aside{-along.y, along.x};
            strips.push_back({from - along + aside, from - along - aside, to + along - aside, to + along + aside});
        }
    }
    return strips.empty() ? room : combine(room, combine(strips, {}, Combine::join, FillRule::nonzero), Combine::join);
}

double bleed_of(const PlacedCopy& copy) {
    return copy.least_gap / 2;
}

FillTask task_on(const Document& document, Planner& planner, int page) {
    const auto plan = planner.plan(document);
    const PagePlan& on = plan->pages[static_cast<std::size_t>(page)];
    FillTask task;
    task.zone = on.zone;
    task.marks = on.marks;
    task.printable = printable(document.sheet);
    // Curves bulge past their flattened lines. Lines nearer than that to each other would count as one, cut twice.
    task.gap = std::max(document.sheet.gap, 2 * same_line_mm) + 1.2 * fine;
    return task;
}

FillItem item_for(const Document& document, Planner& planner, const Placement& kind, int wanted) {
    Placement at_origin = kind;
    at_origin.centre = {};
    const auto copy = planner.placed_copy(document, at_origin);
    return {all_room(*copy), bleed_of(*copy), wanted};
}

void fix(FillTask& task, const Document& document, Planner& planner, const Placement& placement) {
    const auto copy = planner.placed_copy(document, placement);
    if (Polygons outline = all_room(*copy); !outline.empty())
        task.fixed.push_back({std::move(outline), bleed_of(*copy)});
}

Document with_copies(Document document, const std::vector<Placement>& kinds, const std::vector<FilledCopy>& copies,
                     int page) {
    for (const FilledCopy& copy : copies) {
        Placement placement = kinds[copy.item];
        placement.centre = copy.centre;
        placement.turn += copy.turn;
        placement.page = page;
        document.put(placement);
    }
    return document;
}

/// A page's copies that may be moved, by what they are; `members` are their ids, copy by copy.
struct Movable {
    FillTask task;
    std::vector<Placement> kinds;
    std::vector<FilledCopy> copies;
    std::vector<CopyId> members;
};

Movable movable_on(const Document& document, Planner& planner, int page) {
    Movable found;
    found.task = task_on(document, planner, page);
    for (const Placement& p : document.placements) {
        if (p.page != page || !document.find(p.sticker))
            continue;
        if (p.locked) {
            fix(found.task, document, planner, p);
            continue;
        }
        Placement kind = p;
        kind.id = CopyId::none;
        kind.centre = {};
        kind.group = 0;
        auto at = std::find(found.kinds.begin(), found.kinds.end(), kind);
        if (at == found.kinds.end()) {
            FillItem item = item_for(document, planner, kind, 0);
            if (item.outline.empty())
                continue;
            found.task.items.push_back(std::move(item));
            found.kinds.push_back(kind);
            at = found.kinds.end() - 1;
        }
        const auto item = static_cast<std::size_t>(at - found.kinds.begin());
        ++found.task.items[item].wanted;
        found.copies.push_back({item, p.centre, 0});
        found.members.push_back(p.id);
    }
    return found;
}

double largest_rest(const Document& document, Planner& planner, int page, Rect* where = nullptr) {
    const auto plan = planner.plan(document);
    Room room(plan->pages[static_cast<std::size_t>(page)].zone);
    for (const PlannedCopy& copy : plan->copies)
        if (copy.page == page && !copy->cut_box.empty())
            room.block(copy->cut_box.grown(gap_round(document, copy->sticker->id)));
    const Rect rest = room.largest_rectangle();
    if (where)
        *where = rest;
    return rest.width() * rest.height();
}

void report_on(FillReport& report, Planner& planner, int page) {
    const auto plan = planner.plan(report.document);
    double zone = 0, used = 0;
    for (const Polygon& polygon : plan->pages[static_cast<std::size_t>(page)].zone)
        zone += signed_area(polygon);
    for (const PlannedCopy& copy : plan->copies)
        if (copy.page == page)
            used += copy->room_mm2;
    report.used_share = zone > 0 ? used / zone : 0;
    report.left_mm2 = std::max(0.0, zone - used);
    largest_rest(report.document, planner, page, &report.largest_rest);
}

Document with_centres(Document document, const std::map<CopyId, Point>& centres) {
    for (Placement& p : document.placements)
        if (const auto it = centres.find(p.id); it != centres.end())
            p.centre = it->second;
    return document;
}

/// New copies of a list's labels get its rows in reading order, over and over when there are more.
void number_rows(Document& document, Planner& planner, const FillOrder& order, std::size_t first) {
    const auto sticker = document.find(order.sticker);
    const auto* label = sticker ? std::get_if<LabelArtwork>(&sticker->artwork) : nullptr;
    if (!label || !label->design->table || label->design->shape.kind == LabelShape::lettering)
        return;
    std::vector<std::size_t> fresh;
    for (std::size_t i = first; i < document.placements.size(); ++i)
        if (document.placements[i].sticker == order.sticker)
            fresh.push_back(i);
    if (fresh.empty())
        return;
    const double line = planner.placed_copy(document, document.placements[fresh.front()])->cut_box.height() / 2;
    std::ranges::sort(fresh, {}, [&](std::size_t i) {
        const Placement& p = document.placements[i];
        return std::tuple(p.page, std::lround(p.centre.y / std::max(line, 0.1)), p.centre.x);
    });
    for (std::size_t k = 0; k < fresh.size(); ++k)
        document.placements[fresh[k]].row = k % label->design->rows();
}

} // namespace

int FillReport::copies() const {
    return std::accumulate(placed.begin(), placed.end(), 0);
}

FillReport fill_sheet(const Document& document, Planner& planner, const FillRequest& request, const Work& work,
                      const std::function<void(const Document&)>& improved) {
    FillReport report{document, std::vector<int>(request.orders.size()), 0, 0, {}};
    if (request.is_fresh)
        std::erase_if(report.document.placements, [&](const Placement& p) {
            return p.page == request.page && !p.locked &&
                   std::any_of(request.orders.begin(), request.orders.end(),
                               [&](const FillOrder& order) { return order.sticker == p.sticker; });
        });
    const std::size_t first_fresh = report.document.placements.size();
    const int after_last = std::min(most_pages, request.page + request.pages);
    for (int page = request.page; page < after_last; ++page) {
        if (page >= report.document.pages)
            report.document = with_page_added(std::move(report.document));
        FillTask task = task_on(report.document, planner, page);
        task.way = request.way;
        task.turns = request.turns;
        task.seed = request.seed;
        task.rounds = request.rounds;
        for (const Placement& p : report.document.placements)
            if (p.page == page && report.document.find(p.sticker))
                fix(task, report.document, planner, p);
        const bool was_empty = std::none_of(report.document.placements.begin(), report.document.placements.end(),
                                            [page](const Placement& p) { return p.page == page; });
        std::vector<Placement> kinds;
        std::vector<std::size_t> order_of;
        for (std::size_t i = 0; i < request.orders.size(); ++i) {
            const FillOrder& order = request.orders[i];
            const int left = order.wanted < 0 ? -1 : order.wanted - report.placed[i];
            if (left == 0 || !report.document.find(order.sticker))
                continue;
            const Placement kind{
                .sticker = order.sticker, .scale = order.scale, .stretch = order.stretch, .row = order.row};
            FillItem item = item_for(report.document, planner, kind, left);
            if (item.outline.empty())
                continue;
            task.items.push_back(std::move(item));
            kinds.push_back(kind);
            order_of.push_back(i);
        }
        if (task.items.empty())
            break;
        const Filled filled = fill(task, work, [&](const Filled& so_far) {
            if (improved)
                improved(with_copies(report.document, kinds, so_far.copies, page));
        });
        report.document = with_copies(std::move(report.document), kinds, filled.copies, page);
        for (const FilledCopy& copy : filled.copies)
            ++report.placed[order_of[copy.item]];
        const bool is_all = std::all_of(order_of.begin(), order_of.end(), [&](std::size_t i) {
            return request.orders[i].wanted >= 0 && report.placed[i] >= request.orders[i].wanted;
        });
        if (is_all || (filled.copies.empty() && was_empty) || work.stop.stop_requested())
            break;
    }
    for (const FillOrder& order : request.orders)
        number_rows(report.document, planner, order, first_fresh);
    // A page that was begun for what fits nowhere goes again.
    while (report.document.pages > std::max(1, document.pages) &&
           std::none_of(report.document.placements.begin(), report.document.placements.end(),
                        [&](const Placement& p) { return p.page == report.document.pages - 1; }))
        --report.document.pages;
    report_on(report, planner, request.page);
    return report;
}

Document spread_on_page(const Document& document, Planner& planner, int page, const Work& work) {
    Movable all = movable_on(document, planner, page);
    const std::vector<FilledCopy> spread = spread_evenly(all.task, all.copies, work);
    std::map<CopyId, Point> centres;
    for (std::size_t i = 0; i < spread.size(); ++i)
        centres[all.members[i]] = spread[i].centre;
    return with_centres(document, centres);
}

std::optional<Document> closed_up(const Document& document, Planner& planner, int page, const Work& work) {
    Movable all = movable_on(document, planner, page);
    all.task.close_up = true;
    const Filled closed = fill(all.task, work);
    if (closed.copies.size() != all.copies.size())
        return std::nullopt;
    std::map<CopyId, Point> centres;
    std::vector<char> is_used(closed.copies.size());
    for (std::size_t i = 0; i < all.copies.size(); ++i) // any copy of a kind is as good as another
        for (std::size_t k = 0; k < closed.copies.size(); ++k)
            if (!is_used[k] && closed.copies[k].item == all.copies[i].item) {
                is_used[k] = 1;
                centres[all.members[i]] = closed.copies[k].centre;
                break;
            }
    Document moved = with_centres(document, centres);
    if (largest_rest(moved, planner, page) <= largest_rest(document, planner, page))
        return std::nullopt;
    return moved;
}

} // namespace fusuma
