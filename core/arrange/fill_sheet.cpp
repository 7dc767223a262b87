#include "core/arrange/fill_sheet.h"

#include "core/arrange/free_place.h"
#include "core/arrange/label_list.h"
#include "core/cutting/doubled.h"
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/plan/shared_cuts.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <tuple>

namespace fusuma {

namespace {

constexpr double flattening_mm = 0.01; // mm

/// The room that a copy takes, its open lines and what of the artwork's own reaches farther as thin strips.
Polygons all_room(const PlacedCopy& copy) {
    const Polygons room = flatten(copy.region, flattening_mm);
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
    task.gap = std::max(document.sheet.gap, 2 * same_line_mm) + 1.2 * flattening_mm;
    return task;
}

FillItem item_for(const Document& document, Planner& planner, const Placement& kind, int wanted) {
    Placement at_origin = kind;
    at_origin.centre = {};
    const auto copy = planner.placed_copy(document, at_origin);
    return {all_room(*copy), bleed_of(*copy), wanted, document.sheet.shares_cuts && is_box(*copy)};
}

void fix(FillTask& task, const Document& document, Planner& planner, const Placement& placement) {
    const auto copy = planner.placed_copy(document, placement);
    if (Polygons outline = all_room(*copy); !outline.empty())
        task.fixed.push_back({std::move(outline), bleed_of(*copy), document.sheet.shares_cuts && is_box(*copy)});
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
    const double zone = area(plan->pages[static_cast<std::size_t>(page)].zone);
    double used = 0;
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

/// New copies of a list's labels get its rows in reading order.
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
    const auto rows = next_rows(document, order.sticker, fresh.size(), first);
    for (std::size_t k = 0; k < fresh.size(); ++k)
        document.placements[fresh[k]].row = rows[k];
}

/// Pages that are alike are searched once.
class PageSearch {
  public:
    Filled fill(FillTask task, const Work& work, const std::function<void(const Filled&)>& tell) {
        if (!before || !is_as_before(task)) {
            found = fusuma::fill(task, work, tell);
            before = std::move(task);
        }
        return found;
    }

  private:
    std::optional<FillTask> before;
    Filled found;

    /// Would the search go the same way? It sees how many are wanted only when it has as many.
    bool is_as_before(const FillTask& task) const {
        std::vector<int> counts(task.items.size());
        FillTask same = task;
        if (task.items.size() != before->items.size())
            return false;
        for (const FilledCopy& copy : found.copies)
            ++counts[copy.item];
        const auto is_short = [](int count, const FillItem& item) { return item.wanted < 0 || count < item.wanted; };
        for (std::size_t i = 0; i < same.items.size(); ++i) {
            if (is_short(counts[i], task.items[i]) && is_short(counts[i], before->items[i]))
                same.items[i].wanted = before->items[i].wanted;
            // One that takes as many as fit is shared out otherwise than one of a number.
            if ((task.items[i].wanted < 0) != (before->items[i].wanted < 0))
                return false;
        }
        return same == *before;
    }
};

/// One filling of pages; each way begins with the document as it was given.
class FillRun {
  public:
    FillRun(const Document& given, Planner& the_planner, const FillRequest& asked, const Work& job,
            const std::function<void(const Document&)>& tell)
        : start(given), planner(the_planner), request(asked), work(job), improved(tell) {
        if (request.is_fresh)
            std::erase_if(start.placements, [&](const Placement& p) {
                return p.page == request.page && !p.locked &&
                       std::ranges::any_of(request.orders,
                                           [&](const FillOrder& order) { return order.sticker == p.sticker; });
            });
    }

    /// Page by page, each as full as can be.
    FillReport largest_first(unsigned seed) {
        return over_pages(seed, request.pages, [](int left, int) { return left; });
    }
    /// Each of so many pages with its share of every order.
    FillReport mixed(unsigned seed, int pages) {
        return over_pages(seed, pages, [pages](int left, int page) {
            return left < 0 ? left : (left + pages - page - 1) / (pages - page);
        });
    }
    /// That the copies asked for take, by their areas.
    int least_pages() {
        double wanted = 0;
        for (const FillOrder& order : request.orders)
            if (start.find(order.sticker) && order.wanted > 0)
                wanted += order.wanted * area(item_for(start, planner, kind_of(order), order.wanted).outline);
        const double zone = area(task_on(start, planner, request.page).zone);
        return zone > 0 ? std::max(1, static_cast<int>(std::ceil(wanted / zone))) : 1;
    }

  private:
    Document start;
    Planner& planner;
    const FillRequest& request;
    const Work& work;
    const std::function<void(const Document&)>& improved;
    bool is_first = true;

    static Placement kind_of(const FillOrder& order) {
        return {.sticker = order.sticker, .scale = order.scale, .stretch = order.stretch, .row = order.row};
    }

    template <typename Share> FillReport over_pages(unsigned seed, int pages, const Share& share) {
        FillReport report{start, std::vector<int>(request.orders.size())};
        PageSearch search;
        const int after_last = std::min(most_pages, request.page + pages);
        int page = request.page;
        const auto share_of_page = [&](int left) { return share(left, page - request.page); };
        while (page < after_last && goes_on_after(page, report, search, seed, share_of_page) &&
               !work.stop.stop_requested())
            ++page;
        for (const FillOrder& order : request.orders)
            number_rows(report.document, planner, order, start.placements.size());
        is_first = false;
        return report;
    }

    /// Fills one page. @return whether the next may take more
    template <typename Share>
    bool goes_on_after(int page, FillReport& report, PageSearch& search, unsigned seed, const Share& share) {
        Document& document = report.document;
        if (page >= document.pages)
            document = with_page_added(std::move(document));
        FillTask task = task_on(document, planner, page);
        task.way = request.way;
        task.turns = request.turns;
        task.seed = seed;
        task.rounds = request.rounds;
        bool was_empty = true;
        for (const Placement& p : document.placements)
            if (p.page == page) {
                was_empty = false;
                if (document.find(p.sticker))
                    fix(task, document, planner, p);
            }
        std::vector<Placement> kinds;
        std::vector<std::size_t> order_of;
        for (std::size_t i = 0; i < request.orders.size(); ++i) {
            const FillOrder& order = request.orders[i];
            const int left = order.wanted < 0 ? -1 : order.wanted - report.placed[i];
            if (left == 0 || !document.find(order.sticker))
                continue;
            FillItem item = item_for(document, planner, kind_of(order), share(left));
            if (item.outline.empty())
                continue;
            task.items.push_back(std::move(item));
            kinds.push_back(kind_of(order));
            order_of.push_back(i);
        }
        if (task.items.empty())
            return false;
        Filled filled = search.fill(std::move(task), work, [&](const Filled& so_far) {
            if (improved && is_first) // other ways are shown when they are better
                improved(with_copies(document, kinds, so_far.copies, page));
        });
        const std::size_t room = most_copies - std::min(most_copies, document.placements.size());
        report.is_full = filled.copies.size() > room;
        filled.copies.resize(std::min(filled.copies.size(), room));
        document = with_copies(std::move(document), kinds, filled.copies, page);
        for (const FilledCopy& copy : filled.copies)
            ++report.placed[order_of[copy.item]];
        if (!filled.copies.empty())
            report.pages = page - request.page + 1;
        const bool is_all = std::ranges::all_of(order_of, [&](std::size_t i) {
            return request.orders[i].wanted >= 0 && report.placed[i] >= request.orders[i].wanted;
        });
        return !is_all && !report.is_full && (!filled.copies.empty() || !was_empty);
    }
};

} // namespace

int FillReport::copies() const {
    return std::accumulate(placed.begin(), placed.end(), 0);
}

FillReport fill_sheet(const Document& document, Planner& planner, const FillRequest& request, const Work& work,
                      const std::function<void(const Document&)>& improved) {
    FillRun run(document, planner, request, work, improved);
    FillReport report = run.largest_first(request.seed);
    const auto is_taken = [&](FillReport other) {
        const bool is_fewer = other.copies() >= report.copies() && other.pages < report.pages;
        if (is_fewer) {
            report = std::move(other);
            if (improved)
                improved(report.document);
        }
        return is_fewer;
    };
    constexpr unsigned most_tries = 3;
    const bool are_counted = std::ranges::all_of(request.orders, [](const FillOrder& o) { return o.wanted >= 0; });
    const int least = request.fewest_pages && are_counted ? run.least_pages() : report.pages;
    for (unsigned tries = 0; tries < most_tries && report.pages > least && !work.stop.stop_requested();) {
        const unsigned seed = request.seed + tries;
        const bool is_better = is_taken(run.mixed(seed, report.pages - 1)) || is_taken(run.largest_first(seed + 1));
        tries = is_better ? 0 : tries + 1;
    }
    // A page that was begun for what fits nowhere goes again.
    while (report.document.pages > std::max(1, document.pages) &&
           std::ranges::none_of(report.document.placements,
                                [&](const Placement& p) { return p.page == report.document.pages - 1; }))
        --report.document.pages;
    report_on(report, planner, request.page + report.pages - 1);
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
