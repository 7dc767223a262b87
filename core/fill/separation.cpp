#include "core/fill/separation.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

double Separation::Loose::overlap() const {
    double sum = past;
    for (const Contact& contact : contacts)
        sum += contact.overlap;
    return sum;
}

Separation::Separation(const Overlaps& all, std::mt19937& numbers, const Work& job)
    : overlaps(all), random(numbers), work(job) {
    for (const Posture& posture : overlaps.postures())
        cell = std::max(cell, 2 * posture.piece->radius + posture.piece->need + 2);
    const Rect& page = overlaps.page().extent();
    columns = static_cast<std::size_t>(page.width() / cell) + 1;
    rows = static_cast<std::size_t>(page.height() / cell) + 1;
}

std::size_t Separation::cell_at(Point p) const {
    const auto line = [this](double mm, std::size_t count) {
        return static_cast<std::size_t>(std::clamp(mm / cell, 0.0, static_cast<double>(count - 1)));
    };
    const Point origin = overlaps.page().extent().min;
    return line(p.y - origin.y, rows) * columns + line(p.x - origin.x, columns);
}

template <typename Visit> void Separation::for_near(Point p, Visit&& visit) const {
    const std::size_t home = cell_at(p), r = home / columns, c = home % columns;
    for (std::size_t y = r - std::min<std::size_t>(r, 1); y <= std::min(r + 1, rows - 1); ++y)
        for (std::size_t x = c - std::min<std::size_t>(c, 1); x <= std::min(c + 1, columns - 1); ++x)
            for (const std::size_t i : cells[y * columns + x])
                visit(i);
}

void Separation::lay_out(const std::vector<Stance>& copies) {
    loose.clear();
    cells.assign(columns * rows, {});
    for (std::size_t i = 0; i < copies.size(); ++i) {
        loose.push_back({.stance = copies[i], .contacts = {}});
        cells[cell_at(copies[i].at)].push_back(i);
    }
    is_close = false;
}

double Separation::between(const Stance& one, const Stance& other, double beyond) const {
    const double found = overlaps.between(one, other);
    return std::max(0.0, is_close && !overlaps.is_clear(found) ? overlaps.closely_between(one, other, beyond) : found);
}

double Separation::past(const Stance& stance, double beyond) const {
    const double found = overlaps.past(stance);
    return std::max(0.0, is_close && !overlaps.is_clear(found) ? overlaps.closely_past(stance, beyond) : found);
}

/// What a copy would overlap, by weight; no longer added up once it is enough.
/// @param as  the copy that it is, or none of them
double Separation::weighed(const Stance& stance, std::size_t as, double enough) const {
    const Loose* is = as < loose.size() ? &loose[as] : nullptr;
    const double beyond = is ? is->beyond : 0;
    double sum = (is ? is->past_weight : 1) * past(stance, beyond);
    const auto weight_of = [is](std::size_t with) {
        if (is)
            for (const Contact& contact : is->contacts)
                if (contact.with == with)
                    return contact.weight;
        return 1.0;
    };
    for_near(stance.at, [&](std::size_t i) {
        if (i == as || sum >= enough)
            return;
        if (const double here = between(stance, loose[i].stance, std::max(beyond, loose[i].beyond)); here > 0)
            sum += weight_of(i) * here;
    });
    return sum;
}

/// Slid to where it overlaps less.
Separation::Try Separation::settled(Try from, std::size_t as) {
    const Rect room = overlaps.page().room_for(*from.stance.posture);
    constexpr double widest = 2, finest = 0.05; // mm
    for (double step = widest; step > finest && from.cost > 0;) {
        const double angle = 2 * std::numbers::pi * chance();
        const Point way = step * Point{std::cos(angle), std::sin(angle)};
        bool is_better = false;
        for (const Point to : {from.stance.at + way, from.stance.at - way}) {
            if (is_better || !room.contains(to))
                continue;
            const Stance next{from.stance.posture, to};
            if (const double cost = weighed(next, as, from.cost); cost < from.cost) {
                from = {next, cost};
                is_better = true;
            }
        }
        step *= is_better ? 1.2 : 0.7;
    }
    return from;
}

const Posture& Separation::any_of(std::size_t item) {
    const std::vector<Posture>& all = overlaps.postures();
    const auto first = std::ranges::lower_bound(all, item, {}, &Posture::item);
    const auto last = std::ranges::upper_bound(all, item, {}, &Posture::item);
    return first[static_cast<std::ptrdiff_t>(chance() * static_cast<double>(last - first))];
}

Stance Separation::anywhere(const Posture& posture) {
    const Rect room = overlaps.page().room_for(posture);
    return {&posture, room.min + Point{chance() * room.width(), chance() * room.height()}};
}

/// Where a copy should go.
Stance Separation::better(std::size_t which) {
    const Stance now = loose[which].stance;
    std::vector<Try> best{{now, weighed(now, which, HUGE_VAL)}};
    constexpr std::size_t kept = 3;
    constexpr int round_here = 16, everywhere = 24;
    for (int i = 0; i < round_here + everywhere; ++i) {
        const bool is_near = i < round_here;
        const Posture& posture = is_near && chance() < 0.7 ? *now.posture : any_of(now.posture->item);
        const Rect room = overlaps.page().room_for(posture);
        if (room.empty())
            continue;
        Stance next = anywhere(posture);
        if (is_near) {
            const Point to = now.at + posture.piece->radius * Point{chance() - 0.5, chance() - 0.5};
            next.at = {std::clamp(to.x, room.min.x, room.max.x), std::clamp(to.y, room.min.y, room.max.y)};
        }
        const double enough = best.size() < kept ? HUGE_VAL : best.back().cost;
        const double cost = weighed(next, which, enough);
        if (cost >= enough)
            continue;
        best.insert(std::ranges::upper_bound(best, cost, {}, &Try::cost), {next, cost});
        if (best.size() > kept)
            best.pop_back();
    }
    Try least{now, HUGE_VAL};
    for (const Try& each : best)
        if (const Try there = settled(each, which); there.cost < least.cost)
            least = there;
    return least.stance;
}

void Separation::note_contacts(std::size_t which) {
    Loose& mine = loose[which];
    const auto set = [](std::vector<Contact>& contacts, std::size_t with, double overlap) {
        const auto known = std::ranges::find(contacts, with, &Contact::with);
        if (known != contacts.end())
            known->overlap = overlap;
        else if (overlap > 0)
            contacts.push_back({with, overlap});
    };
    for (Contact& contact : mine.contacts) {
        set(loose[contact.with].contacts, which, 0);
        contact.overlap = 0;
    }
    mine.past = past(mine.stance, mine.beyond);
    for_near(mine.stance.at, [&](std::size_t i) {
        if (i == which)
            return;
        const double here = between(mine.stance, loose[i].stance, std::max(mine.beyond, loose[i].beyond));
        if (here > 0) {
            set(mine.contacts, i, here);
            set(loose[i].contacts, which, here);
        }
    });
}

void Separation::move(std::size_t which, const Stance& to) {
    std::erase(cells[cell_at(loose[which].stance.at)], which);
    loose[which].stance = to;
    cells[cell_at(to.at)].push_back(which);
    note_contacts(which);
}

void Separation::look(bool closely) {
    is_close = closely;
    for (std::size_t i = 0; i < loose.size(); ++i)
        note_contacts(i);
}

/// The more two overlap, the heavier that becomes.
void Separation::weigh_anew() {
    double most = 0;
    for (const Loose& each : loose) {
        most = std::max(most, each.past);
        for (const Contact& contact : each.contacts)
            most = std::max(most, contact.overlap);
    }
    const auto next = [most](double weight, double overlap) {
        return overlap > 0 ? weight * (1.2 + 0.6 * overlap / most) : std::max(1.0, weight * 0.95);
    };
    for (Loose& each : loose) {
        each.past_weight = next(each.past_weight, each.past);
        for (Contact& contact : each.contacts)
            contact.weight = next(contact.weight, contact.overlap);
    }
}

/// Nothing when a copy may not stand where it is; it has to keep a little farther from everything then.
std::optional<FillPage> Separation::as_page() {
    FillPage page = overlaps.page();
    bool is_whole = true;
    for (std::size_t i = 0; i < loose.size(); ++i) {
        const auto& [posture, at] = loose[i].stance;
        if (!page.is_allowed(*posture, at)) {
            constexpr double more = 0.06; // mm
            loose[i].beyond += more;
            note_contacts(i);
            is_whole = false;
        } else if (is_whole) {
            page.put(*posture, at);
        }
    }
    return is_whole ? std::optional(std::move(page)) : std::nullopt;
}

std::optional<FillPage> Separation::parted(const std::vector<Stance>& copies) {
    lay_out(copies);
    look(false);
    constexpr int most_moves = 1200, patience = 40, most_mended = 40;
    double least = HUGE_VAL;
    for (int moves = 0, since = 0, mended = 0; moves < most_moves && since < patience && mended < most_mended;) {
        if (work.stop.stop_requested())
            throw Stopped{};
        std::vector<std::size_t> overlapping;
        double sum = 0;
        for (std::size_t i = 0; i < loose.size(); ++i)
            if (const double here = loose[i].overlap(); here > 0) {
                overlapping.push_back(i);
                sum += here;
            }
        if (overlapping.empty()) {
            if (is_close) {
                if (auto page = as_page())
                    return page;
                ++mended;
            } else {
                look(true);
            }
            least = HUGE_VAL;
            continue;
        }
        since = sum < 0.98 * least ? 0 : since + 1;
        least = std::min(least, sum);
        std::ranges::shuffle(overlapping, random);
        for (const std::size_t i : overlapping)
            if (loose[i].overlap() > 0) {
                move(i, better(i));
                ++moves;
            }
        weigh_anew();
    }
    return std::nullopt;
}

std::optional<Stance> Separation::least_overlapping(const std::vector<Stance>& copies, std::size_t item) {
    lay_out(copies);
    std::optional<Try> best;
    constexpr int tries = 200;
    for (int i = 0; i < tries; ++i) {
        const Posture& posture = any_of(item);
        if (overlaps.page().room_for(posture).empty())
            continue;
        const Stance next = anywhere(posture);
        const double enough = best ? best->cost : HUGE_VAL;
        if (const double cost = weighed(next, loose.size(), enough); !best || cost < enough)
            best = {next, cost};
    }
    if (!best)
        return std::nullopt;
    return settled(*best, loose.size()).stance;
}

} // namespace fusuma
