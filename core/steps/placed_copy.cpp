#include "core/steps/placed_copy.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr double flat_within = 0.02; // mm

Rect box_of(const PrintLayer& layer, const Transform& map) {
    Rect box;
    if (layer.area.empty()) {
        const Transform whole = layer.from_unit.then(map);
        if (!layer.inked.empty())
            for (const Point corner : corners_of(layer.inked))
                box.include(whole.apply(corner));
        return box;
    }
    for (const Polygon& polygon : layer.area)
        for (const Point p : polygon)
            box.include(map.apply(p));
    return box;
}

/// From the sticker's millimetres to the paper's.
Transform to_page(const SizedOutline& outline, const Sticker& sticker, const Placement& placement) {
    return Transform::scale(1 / outline.artwork.width, 1 / outline.artwork.height)
        .then(map_of_copy(sticker, placement));
}

} // namespace

const Regions& PlacedCopy::inside() const {
    std::call_once(once, [this] { regions = Regions(room); });
    return regions;
}

std::shared_ptr<const PlacedCopy> place(std::shared_ptr<const Sticker> sticker,
                                        std::shared_ptr<const StickerResult> result, const Placement& placement) {
    auto copy = std::make_shared<PlacedCopy>();
    copy->sticker = std::move(sticker);
    copy->placement = placement;
    copy->result = std::move(result);
    copy->map = to_page(*copy->result->outlined, *copy->sticker, placement);
    copy->region = transformed(copy->result->cut_line(), copy->map);
    copy->room = flatten(copy->region, flat_within);
    copy->cut_box = copy->room_box = bounds(copy->room);
    copy->room_mm2 = area(copy->region);
    for (const StickerLine& line : copy->result->cut->lines) {
        CopyLine placed{line.is_open ? mapped_line(line.path, copy->map) : transformed(line.path, copy->map),
                        line.kind,
                        line.is_open,
                        line.origin,
                        {},
                        0};
        placed.mm = length(placed.path);
        placed.points = line.is_open ? flatten_line(placed.path, flat_within) : flatten(placed.path, flat_within);
        copy->cut_box.include(line.origin == StickerLine::Origin::artwork ? bounds(placed.path)
                                                                          : bounds(placed.points));
        copy->lines.push_back(std::move(placed));
    }
    for (const PrintLayer& layer : copy->result->print)
        copy->print_box.include(box_of(layer, copy->map));
    Rect print; // as it is when it lies straight, whatever turned boxes hold besides
    for (const PrintLayer& layer : copy->result->print)
        print.include(box_of(layer, {}));
    const Rect cut = bounds(copy->result->cut_line());
    if (!cut.empty() && !print.empty())
        copy->past_cut = std::max(std::hypot(copy->map.a, copy->map.b), std::hypot(copy->map.c, copy->map.d)) *
                         std::max({0.0, cut.min.x - print.min.x, cut.min.y - print.min.y, print.max.x - cut.max.x,
                                   print.max.y - cut.max.y});
    const Sticker& s = *copy->sticker;
    copy->least_gap = bleeds(s.border, s.rims, s.bleed) ? 2 * s.bleed.width : 0;
    return copy;
}

} // namespace fusuma
