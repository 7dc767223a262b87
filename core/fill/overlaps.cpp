#include "core/fill/overlaps.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <limits>
#include <numbers>

namespace fusuma {

namespace {

constexpr double sight = 1;      // mm past what is needed that are still told apart
constexpr double mm2_for_mm = 3; // of distance, so that what is found between nodes changes its sign where it should
constexpr double clearly_apart = -mm2_for_mm * sight; // told where it does not matter how far
constexpr double doubtful = 6;                // mm² that may be wrong, where so little overlaps

double told(const Nearness& near, double spacing) {
    if (near.lacking > 0)
        return near.lacking * spacing;
    return -mm2_for_mm * std::min<double>(near.least, sight);
}

Nearness together(const Nearness& a, const Nearness& b) {
    return {a.lacking + b.lacking, std::min(a.least, b.least)};
}

double need_of(const ReadyItem& a, const ReadyItem& b) {
    return std::max(a.need, b.need);
}

Rect bounds_turned(const ReadyItem& item, double turn) {
    const Transform turned = Transform::turn(turn);
    Rect box;
    for (const Polygon& polygon : item.outline)
        for (const Point p : polygon)
            box.include(turned.apply(p));
    return box;
}

} // namespace

Overlaps::Overlaps(const FillPage& page, const std::vector<Posture>& postures, int turn_count)
    : empty(page), all(postures), turns(turn_count) {
    for (const Posture& posture : all) {
        places.push_back({.extent = empty.room_for(posture)});
        items.resize(std::max(items.size(), posture.item + 1));
        if (!places.back().extent.empty())
            items[posture.item] = posture.piece;
    }
    std::vector<Rect> boxes; // by item and turn
    for (const ReadyItem* item : items)
        for (int step = 0; step < turns; ++step)
            boxes.push_back(item ? bounds_turned(*item, turn_of(step)) : Rect{});
    const auto box_of = [&](std::size_t item, int step) {
        return boxes[item * static_cast<std::size_t>(turns) + static_cast<std::size_t>(step)];
    };
    for (std::size_t i = 0; i < items.size(); ++i)
        for (std::size_t k = 0; k < items.size(); ++k)
            for (int step = 0; step < turns; ++step) {
                Map map;
                if (i <= k && items[i] && items[k]) {
                    const Rect one = box_of(i, 0), other = box_of(k, step);
                    map.extent =
                        Rect{one.min - other.max, one.max - other.min}.grown(need_of(*items[i], *items[k]) + sight);
                }
                pairs.push_back(std::move(map));
            }
    pair_cell = cell_for_all(pairs);
    place_cell = cell_for_all(places);
    if (are_fine()) {
        lay_out(pairs, pair_cell);
        lay_out(places, place_cell);
    }
}

/// As fine as needed, and as memory allows.
double Overlaps::cell_for_all(const std::vector<Map>& maps) {
    double mm2 = 0;
    for (const Map& map : maps)
        if (!map.extent.empty())
            mm2 += map.extent.width() * map.extent.height();
    constexpr double finest = 0.5, most_nodes = 12e6;
    return std::max(finest, std::sqrt(mm2 / most_nodes));
}

bool Overlaps::are_fine() const {
    constexpr double coarsest = 0.75;
    return pair_cell <= coarsest;
}

void Overlaps::lay_out(std::vector<Map>& maps, double cell) {
    for (Map& map : maps) {
        if (map.extent.empty())
            continue;
        map.columns = static_cast<int>(map.extent.width() / cell) + 2;
        map.rows = static_cast<int>(map.extent.height() / cell) + 2;
        const std::size_t count = static_cast<std::size_t>(map.columns) * static_cast<std::size_t>(map.rows);
        map.nodes = std::make_unique<std::atomic<float>[]>(count);
        for (std::size_t i = 0; i < count; ++i)
            map.nodes[i].store(std::numeric_limits<float>::quiet_NaN(), std::memory_order_relaxed);
    }
}

double Overlaps::turn_of(int step) const {
    return 2 * std::numbers::pi * step / turns;
}

std::size_t Overlaps::pair(std::size_t item, std::size_t other, int turn) const {
    return (item * items.size() + other) * static_cast<std::size_t>(turns) + static_cast<std::size_t>(turn);
}

bool Overlaps::is_clear(double overlap) {
    return overlap > doubtful || overlap <= 0.9 * clearly_apart;
}

/// @param work_out  tells how much it is at a node
template <typename WorkOut> double Overlaps::at(const Map& map, double cell, Point p, WorkOut&& work_out) {
    const double x = (p.x - map.extent.min.x) / cell, y = (p.y - map.extent.min.y) / cell;
    const int c = static_cast<int>(x), r = static_cast<int>(y);
    const double u = x - c, v = y - r;
    const auto node = [&](int column, int row) -> double {
        std::atomic<float>& known = map.nodes[static_cast<std::size_t>(row) * static_cast<std::size_t>(map.columns) +
                                              static_cast<std::size_t>(column)];
        float value = known.load(std::memory_order_relaxed);
        if (std::isnan(value)) {
            value = static_cast<float>(work_out(map.extent.min + cell * Point{double(column), double(row)}));
            known.store(value, std::memory_order_relaxed);
        }
        return value;
    };
    return (1 - v) * ((1 - u) * node(c, r) + u * node(c + 1, r)) +
           v * ((1 - u) * node(c, r + 1) + u * node(c + 1, r + 1));
}

double Overlaps::between(const Stance& one, const Stance& other) const {
    if (one.posture->item > other.posture->item)
        return between(other, one);
    const Posture& a = *one.posture;
    const Posture& b = *other.posture;
    const Point offset = other.at - one.at;
    const Point p{a.cosine * offset.x + a.sine * offset.y, -a.sine * offset.x + a.cosine * offset.y};
    const int steps = static_cast<int>(std::lround((b.turn - a.turn) * turns / (2 * std::numbers::pi)));
    const int step = (steps % turns + turns) % turns;
    const Map& map = pairs[pair(a.item, b.item, step)];
    if (!map.extent.contains(p))
        return clearly_apart;
    return at(map, pair_cell, p, [&](Point node) {
        const ReadyItem &first = *a.piece, &second = *b.piece;
        const double need = need_of(first, second);
        const Transform there = Transform::turn(turn_of(step)).then(Transform::shift(node));
        return told(together(first.field.nearness(second.rough_edge, there, need, sight),
                             second.field.nearness(first.rough_edge, there.inverted(), need, sight)),
                    ReadyItem::few_per * (first.spacing + second.spacing) / 2);
    });
}

double Overlaps::past(const Stance& one) const {
    const Posture& posture = *one.posture;
    const Map& map = places[static_cast<std::size_t>(&posture - all.data())];
    if (!map.extent.contains(one.at))
        return nowhere;
    return at(map, place_cell, one.at, [&](Point node) {
        return told(empty.nearness(posture, posture.piece->rough_edge, node, 0),
                    ReadyItem::few_per * posture.piece->spacing);
    });
}

double Overlaps::closely_between(const Stance& one, const Stance& other, double beyond) const {
    const ReadyItem &first = *one.posture->piece, &second = *other.posture->piece;
    const double need = need_of(first, second) + beyond;
    const Transform there = Transform::turn(other.posture->turn)
                                .then(Transform::shift(other.at - one.at))
                                .then(Transform::turn(-one.posture->turn));
    return told(together(first.field.nearness(second.edge, there, need, 0),
                         second.field.nearness(first.edge, there.inverted(), need, 0)),
                (first.spacing + second.spacing) / 2);
}

double Overlaps::closely_past(const Stance& one, double beyond) const {
    return told(empty.nearness(*one.posture, one.posture->piece->edge, one.at, beyond), one.posture->piece->spacing);
}

} // namespace fusuma
