#include "core/plan/print_apart.h"

#include "core/geometry/boolean.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

namespace {

Polygon unit_square(const Transform& map) {
    return {map.apply({0, 0}), map.apply({0, 1}), map.apply({1, 1}), map.apply({1, 0})};
}

/// Are the outlines as far from each other as that, and neither within the other?
bool lie_apart(const PlacedCopy& a, const PlacedCopy& b, double mm) {
    constexpr double unseen = 0.05; // mm
    const auto holds = [](const PlacedCopy& outer, const Polygons& inner) {
        return std::ranges::any_of(inner, [&](const Polygon& p) { return outer.inside().contains(p.front()); });
    };
    mm = std::max(0.0, mm - unseen);
    return closest_approach(a.room, b.room, mm).distance > mm && !holds(a, b.room) && !holds(b, a.room);
}

PrintLayer on_paper(const PrintLayer& layer, const Transform& map) {
    PrintLayer result{layer.ink, layer.from_unit.then(map), {}, layer.inked, layer.is_pattern};
    for (const Polygon& polygon : layer.area) {
        Polygon moved;
        for (const Point p : polygon)
            moved.push_back(map.apply(p));
        result.area.push_back(std::move(moved));
    }
    return result;
}

} // namespace

Polygons nearer_to(const Polygons& region, const Polygons& other, double reach) {
    constexpr int steps = 16;
    const double tolerance = std::max(0.01, reach / 60);
    Polygons nearer = combine(region, other, Combine::take_out);
    for (int i = 1; i <= steps && reach > 0; ++i) {
        const double far = reach * i / steps;
        const Polygons ring = combine(grown(region, {.width = far, .arc_tolerance = tolerance}),
                                      grown(other, {.width = far, .arc_tolerance = tolerance}), Combine::take_out);
        nearer = combine(nearer, ring, Combine::join);
    }
    return nearer;
}

std::vector<PrintItem> printed_apart(const std::vector<std::shared_ptr<const PlacedCopy>>& copies,
                                     const std::vector<Mark>& marks) {
    const PlacedCopy& copy = *copies.front();
    std::vector<PrintItem> layers;
    for (const PrintLayer& layer : copy.result->print)
        layers.push_back({on_paper(layer, copy.map), CopyId::none, {copy.result, &layer}, copy.map});
    if (copy.room.empty())
        return layers;
    const double reach = copy.past_cut;
    Polygons taken;
    for (std::size_t k = 1; k < copies.size(); ++k) {
        // Only what lies near both can meet; whatever cutting the rest off does to the shapes stays out of reach.
        const Rect place = overlap(copy.print_box, copies[k]->room_box.grown(reach));
        if (place.empty())
            continue;
        const Polygons near{corners_of(place.grown(2 * reach + 0.1))};
        const Polygons theirs = combine(copies[k]->room, near, Combine::overlap_only);
        if (theirs.empty())
            continue;
        const Polygons nearer = lie_apart(copy, *copies[k], 2 * reach)
                                    ? theirs // which what lies loose in this one's box is kept off, too
                                    : nearer_to(theirs, combine(copy.room, near, Combine::overlap_only), reach);
        taken = combine(taken, combine(nearer, {corners_of(place)}, Combine::overlap_only), Combine::join);
    }
    for (const Mark& mark : marks)
        if (const Polygons clear{keep_clear_area(mark)}; bounds(clear).overlaps(copy.print_box))
            taken = combine(taken, combine(clear, copy.room, Combine::take_out), Combine::join);
    if (taken.empty())
        return layers;
    std::erase_if(layers, [&](PrintItem& item) {
        PrintLayer& layer = item.layer;
        const Polygons whole = layer.area.empty() ? Polygons{unit_square(layer.from_unit)} : layer.area;
        if (combine(whole, taken, Combine::overlap_only).empty())
            return false;
        layer.area = combine(whole, taken, Combine::take_out);
        item.whole = nullptr;
        return layer.area.empty();
    });
    return layers;
}

} // namespace fusuma
