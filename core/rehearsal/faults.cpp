#include "core/rehearsal/faults.h"

#include "core/cutting/drag_blade.h"

#include <algorithm>
#include <numbers>

namespace fusuma {

Transform true_place(const PracticeFaults& faults, Size paper) {
    const Point middle{paper.width / 2, paper.height / 2};
    const LoadFaults& load = faults.load;
    return map_of(faults.print.pose, middle)
        .then(map_of({load.shift, load.turn + (load.upside_down ? std::numbers::pi : 0)}, middle));
}

FaultyBlade::FaultyBlade(const MachineFaults& what, Size paper)
    : faults(what), own(map_of(what.own, {paper.width / 2, paper.height / 2})) {}

Point FaultyBlade::with_backlash(Point wanted) {
    if (!has_moved)
        held = wanted;
    has_moved = true;
    const double play = faults.backlash / 2;
    held = {std::clamp(held.x, wanted.x - play, wanted.x + play), std::clamp(held.y, wanted.y - play, wanted.y + play)};
    return held;
}

std::vector<Point> FaultyBlade::cut(const std::vector<Point>& axis) {
    std::vector<Point> moved;
    moved.reserve(axis.size());
    for (const Point p : axis)
        moved.push_back(own.apply(faults.backlash > 0 ? with_backlash(p) : p));
    return faults.blade_offset > 0 ? tip_path(moved, faults.blade_offset, facing) : moved;
}

} // namespace fusuma
