#include "core/plan/ticket.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/sheet/lettering.h"

#include <algorithm>
#include <bit>

namespace fusuma {

namespace {

/// FNV-1a, 64 bits. Source: Fowler, Noll and Vo's published constants (from memory).
class Fingerprint {
  public:
    void add(std::uint64_t value) {
        for (int i = 0; i < 8; ++i, value >>= 8)
            sum = (sum ^ (value & 255)) * 1099511628211ULL;
    }
    void add(Point p) {
        add(std::bit_cast<std::uint64_t>(p.x));
        add(std::bit_cast<std::uint64_t>(p.y));
    }
    std::uint64_t sum = 14695981039346656037ULL;
};

std::string code_of(std::uint64_t number) {
    // Without those that are easily mistaken for others.
    static constexpr std::string_view letters = "ACDEFHJKLMNPRTUVWXY3479";
    std::string code;
    for (int i = 0; i < 4; ++i, number /= letters.size())
        code += letters[number % letters.size()];
    return code;
}

Document without_tickets(Document document) {
    document.tickets.clear();
    return document;
}

/// Is all that is printed or cut of a page out of this place?
bool is_free(const JobPlan& plan, std::size_t page, const Rect& place) {
    for (const Mark& mark : plan.pages[page].marks) {
        const double clear = std::max(mark.radius, mark.keep_clear);
        if (place.overlaps({mark.centre - Point{clear, clear}, mark.centre + Point{clear, clear}}))
            return false;
    }
    for (const PlannedCopy& copy : plan.copies)
        if (copy.page == static_cast<int>(page)) {
            Rect taken = copy->cut_box;
            taken.include(copy->print_box);
            if (place.overlaps(taken))
                return false;
        }
    return true;
}

std::optional<Point> place_for_code(const JobPlan& plan, std::size_t page, const Rect& room, Size size) {
    std::optional<Point> in_zone;
    constexpr double step = 3; // mm
    for (const bool at_bottom : {true, false})
        for (double x = room.max.x - size.width; x >= room.min.x; x -= step) {
            const Point at{x, at_bottom ? room.max.y - size.height : room.min.y};
            const Rect place{at, at + Point{size.width, size.height}};
            if (!is_free(plan, page, place))
                continue;
            if (combine(plan.pages[page].zone, {corners_of(place)}, Combine::overlap_only).empty())
                return at;
            in_zone = in_zone.value_or(at);
        }
    return in_zone;
}

} // namespace

Ticket frozen(const Document& document, const JobPlan& plan, std::string when) {
    Ticket ticket{{}, std::move(when), plan.paper, {}, std::make_shared<const Document>(without_tickets(document))};
    Fingerprint print;
    for (const char c : ticket.printed)
        print.add(static_cast<std::uint64_t>(c));
    for (const PagePlan& page : plan.pages) {
        ticket.pages.push_back({page.marks, page.cuts});
        for (const CutPath& cut : page.cuts) {
            print.add(cut.line.start);
            print.add(cut.line.segments.size());
        }
    }
    do {
        ticket.code = code_of(print.sum >> 8);
        print.add(1);
    } while (find_ticket(document, ticket.code));
    return ticket;
}

JobPlan with_code(JobPlan plan, const Document& document, const std::string& code) {
    constexpr double height = 2; // mm
    const Rect room = printable(unmirrored(document.sheet)).grown(-0.3);
    if (document.sheet.photographed)
        return plan; // nothing is printed
    for (std::size_t page = 0; page < plan.pages.size() && !room.empty(); ++page) {
        std::string words = code;
        if (plan.pages.size() > 1)
            words += " " + std::to_string(page + 1) + "/" + std::to_string(plan.pages.size());
        if (const auto at = place_for_code(plan, page, room, {lettering_width(words, height), height}))
            plan.pages[page].prints.push_back({{Rgb{90, 90, 90}, {}, lettering(words, *at, height)}, CopyId::none});
    }
    return plan;
}

std::vector<Said> changes_since(const Ticket& ticket, const Document& now) {
    const Document& then = *ticket.document;
    std::vector<Said> changes;
    if (now.sheet.paper != then.sheet.paper)
        changes.push_back("The paper is another."_said);
    if (now.sheet.is_mirrored != then.sheet.is_mirrored)
        changes.push_back(now.sheet.is_mirrored ? "The sheet is mirrored now."_said
                                                : "The sheet is no longer mirrored."_said);
    else if (marks(now.sheet) != marks(then.sheet))
        changes.push_back("The marks lie elsewhere."_said);
    if (now.sheet.photographed != then.sheet.photographed)
        changes.push_back(now.sheet.photographed ? "What lies on the board is cut now."_said
                                                 : "The sheet is printed now."_said);
    if (now.sheet.division != then.sheet.division)
        changes.push_back("The page is divided differently."_said);
    if (now.pages != then.pages)
        changes.push_back("There are other pages."_said);
    for (const auto& sticker : then.stickers)
        if (const auto same = now.find(sticker->id); then.copies_of(sticker->id) > 0 && same && *same != *sticker)
            changes.push_back("“{sticker}” was changed."_said.with("sticker", sticker->name));
    if (now.placements.size() != then.placements.size()) {
        const bool more = now.placements.size() > then.placements.size();
        const auto count =
            more ? now.placements.size() - then.placements.size() : then.placements.size() - now.placements.size();
        changes.push_back(more ? "%n copies were added."_said.counted(count, "%n copy was added.")
                               : "%n copies were taken away."_said.counted(count, "%n copy was taken away."));
    } else {
        std::size_t moved = 0;
        for (Placement a : now.placements) {
            const Placement* before = then.copy(a.id);
            Placement b = before ? *before : Placement{};
            a.locked = b.locked = false;
            a.group = b.group = 0;
            moved += a == b ? 0 : 1;
        }
        if (moved > 0)
            changes.push_back("%n copies were moved."_said.counted(moved, "%n copy was moved."));
    }
    return changes;
}

Document with_ticket_added(Document document, Ticket ticket) {
    document.tickets.push_back(std::make_shared<const Ticket>(std::move(ticket)));
    return document;
}

int Ticket::sheets_cut() const {
    int sheets = 0;
    for (const Cut& one : cut)
        sheets += one.sheets;
    return sheets;
}

Document with_sheet_cut(Document document, const std::string& code, const std::string& machine,
                        const std::string& material) {
    for (auto& ticket : document.tickets) {
        if (ticket->code != code)
            continue;
        Ticket counted = *ticket;
        const auto known = std::ranges::find_if(
            counted.cut, [&](const Ticket::Cut& c) { return c.machine == machine && c.material == material; });
        if (known != counted.cut.end())
            ++known->sheets;
        else
            counted.cut.push_back({machine, material, 1});
        ticket = std::make_shared<const Ticket>(std::move(counted));
    }
    return document;
}

Document with_ticket_removed(Document document, const std::string& code) {
    std::erase_if(document.tickets, [&](const auto& ticket) { return ticket->code == code; });
    return document;
}

std::shared_ptr<const Ticket> find_ticket(const Document& document, const std::string& code) {
    const auto it = std::ranges::find_if(document.tickets, [&](const auto& ticket) { return ticket->code == code; });
    return it == document.tickets.end() ? nullptr : *it;
}

} // namespace fusuma
