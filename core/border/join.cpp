#include "core/border/join.h"

#include "core/geometry/boolean.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "core/geometry/region.h"

#include <algorithm>

namespace fusuma {

namespace {

double distance_between(const Rect& a, const Rect& b) {
    const double x = std::max({0.0, a.min.x - b.max.x, b.min.x - a.max.x});
    const double y = std::max({0.0, a.min.y - b.max.y, b.min.y - a.max.y});
    return std::hypot(x, y);
}

/// A shortest line between two pieces.
struct Link {
    Point from, to;
    double length = HUGE_VAL;
};

Link link_between(const Region& a, const Region& b, double shorter_than) {
    if (distance_between(a.box(), b.box()) >= shorter_than)
        return {};
    const Nearest nearest = closest_approach(a.polygons(), b.polygons());
    return {nearest.at, nearest_on(b.polygons(), nearest.at).at, nearest.distance};
}

/// The links of the shortest tree through the pieces that are no longer than `most`.
std::vector<Link> shortest_links(const std::vector<Region>& pieces, double most) {
    std::vector<Link> nearest(pieces.size()), chosen;
    std::vector<char> in_tree(pieces.size());
    std::size_t latest = 0;
    for (std::size_t count = 1; count < pieces.size(); ++count) {
        in_tree[latest] = 1;
        std::size_t next = pieces.size();
        for (std::size_t i = 0; i < pieces.size(); ++i) {
            if (in_tree[i])
                continue;
            const Link link = link_between(pieces[latest], pieces[i], nearest[i].length);
            if (link.length < nearest[i].length)
                nearest[i] = link;
            if (next == pieces.size() || nearest[i].length < nearest[next].length)
                next = i;
        }
        if (nearest[next].length <= most)
            chosen.push_back(nearest[next]);
        latest = next;
    }
    return chosen;
}

Polygon bar(const Link& link, double width) {
    constexpr double overlap = 0.05; // mm that a bridge reaches into the pieces
    const Point along = link.length > 0 ? unit(link.to - link.from) : Point{1, 0};
    const Point side = width / 2 * Point{along.y, -along.x};
    const Point from = link.from - overlap * along, to = link.to + overlap * along;
    return {from + side, from - side, to - side, to + side};
}

} // namespace

Polygons with_bridges(Polygons region, const Bridging& bridging) {
    const std::vector<Link> links = shortest_links(Regions(region).pieces(), bridging.closer_than);
    if (links.empty())
        return region;
    Polygons bars;
    Rect place;
    for (const Link& link : links) {
        bars = combine(bars, {bar(link, bridging.width)}, Combine::join);
        place.include(link.from);
        place.include(link.to);
    }
    const Polygons joined = combine(region, bars, Combine::join);
    // The necks: what closing fills beside a bridge, and nothing anywhere else.
    const double radius = bridging.width;
    Polygons necks;
    for (const Polygon& filling : combine(closed(joined, radius, bridging.tolerance), joined, Combine::take_out)) {
        const bool is_real = signed_area(filling) > 2 * bridging.tolerance * radius;
        if (is_real && closest_approach({filling}, bars, bridging.tolerance).distance <= 10 * bridging.tolerance)
            necks = combine(necks, {filling}, Combine::join);
    }
    if (necks.empty())
        return joined;
    const double overlap = 2 * bridging.tolerance;
    return combine(joined, grown(necks, {.width = overlap, .arc_tolerance = bridging.tolerance}), Combine::join);
}

} // namespace fusuma
