#include "core/document/print_apart.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <numbers>

namespace fusuma {

namespace {

Polygon corners_of(const Rect& box) {
    return {box.min, {box.min.x, box.max.y}, box.max, {box.max.x, box.min.y}};
}

Polygon unit_square(const Transform& map) {
    return {map.apply({0, 0}), map.apply({0, 1}), map.apply({1, 1}), map.apply({1, 0})};
}

Rect overlap(const Rect& a, const Rect& b) {
    return {{std::max(a.min.x, b.min.x), std::max(a.min.y, b.min.y)},
            {std::min(a.max.x, b.max.x), std::min(a.max.y, b.max.y)}};
}

Rect bounds_of(const std::vector<PrintLayer>& layers) {
    Rect box;
    for (const PrintLayer& layer : layers)
        box.include(bounds(layer.area.empty() ? Polygons{unit_square(layer.from_unit)} : layer.area));
    return box;
}

Polygon disc(Point centre, double radius) {
    constexpr int sides = 90;
    Polygon polygon;
    for (int i = 0; i < sides; ++i) {
        const double t = -2 * std::numbers::pi * i / sides;
        polygon.push_back(centre + radius * Point{std::cos(t), std::sin(t)});
    }
    return polygon;
}

} // namespace

PrintLayer placed(const PrintLayer& layer, const Transform& map) {
    PrintLayer result{layer.ink, layer.from_unit.then(map), {}};
    for (const Polygon& polygon : layer.area) {
        Polygon on_paper;
        for (const Point p : polygon)
            on_paper.push_back(map.apply(p));
        result.area.push_back(std::move(on_paper));
    }
    return result;
}

Polygons nearer_to(const Polygons& region, const Polygons& other, double reach) {
    constexpr int steps = 16;
    const double tolerance = std::max(0.01, reach / 60);
    Polygons nearer = combine(region, other, Combine::take_out);
    for (int i = 1; i <= steps; ++i) {
        const double far = reach * i / steps;
        const Polygons ring = combine(grown(region, {.width = far, .arc_tolerance = tolerance}),
                                      grown(other, {.width = far, .arc_tolerance = tolerance}), Combine::take_out);
        nearer = combine(nearer, ring, Combine::join);
    }
    return nearer;
}

std::vector<PrintItem> printed_apart(std::vector<CopyPrint> copies, const std::vector<Mark>& marks) {
    std::vector<Rect> cut_boxes, print_boxes;
    for (const CopyPrint& copy : copies) {
        cut_boxes.push_back(bounds(copy.cut));
        print_boxes.push_back(bounds_of(copy.layers));
    }
    std::vector<PrintItem> items;
    for (std::size_t i = 0; i < copies.size(); ++i) {
        CopyPrint& copy = copies[i];
        const Rect &cut = cut_boxes[i], &print = print_boxes[i];
        if (cut.empty()) {
            for (PrintLayer& layer : copy.layers)
                items.push_back({std::move(layer), copy.placement});
            continue;
        }
        const double reach = std::max(
            {cut.min.x - print.min.x, cut.min.y - print.min.y, print.max.x - cut.max.x, print.max.y - cut.max.y});
        Polygons taken;
        for (std::size_t k = 0; k < copies.size(); ++k) {
            if (k == i || cut_boxes[k].empty() || !print.grown(reach).overlaps(cut_boxes[k]))
                continue;
            // Only what lies near both can meet; whatever cutting the rest off does to the shapes stays out of reach.
            const Rect place = overlap(print, cut_boxes[k].grown(reach));
            if (place.empty())
                continue;
            const Polygons near{corners_of(place.grown(2 * reach + 0.1))};
            const Polygons theirs = combine(copies[k].cut, near, Combine::overlap_only);
            if (theirs.empty())
                continue;
            const Polygons nearer = nearer_to(theirs, combine(copy.cut, near, Combine::overlap_only), reach);
            taken = combine(taken, combine(nearer, {corners_of(place)}, Combine::overlap_only), Combine::join);
        }
        for (const Mark& mark : marks) {
            const Polygon clear = disc(mark.centre, mark.keep_clear);
            if (bounds(Polygons{clear}).overlaps(print))
                taken = combine(taken, combine({clear}, copy.cut, Combine::take_out), Combine::join);
        }
        for (PrintLayer& layer : copy.layers) {
            if (!taken.empty()) {
                const Polygons whole = layer.area.empty() ? Polygons{unit_square(layer.from_unit)} : layer.area;
                if (combine(whole, taken, Combine::overlap_only).empty()) {
                    items.push_back({std::move(layer), copy.placement});
                    continue;
                }
                layer.area = combine(whole, taken, Combine::take_out);
                if (layer.area.empty())
                    continue;
            }
            items.push_back({std::move(layer), copy.placement});
        }
    }
    return items;
}

} // namespace fusuma
