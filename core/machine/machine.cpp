#include "core/machine/machine.h"

#include <algorithm>

namespace fusuma {

namespace {

bool is_right(BedCorner corner) {
    return corner == BedCorner::bottom_right || corner == BedCorner::top_right;
}

bool is_near(BedCorner corner) {
    return corner == BedCorner::bottom_left || corner == BedCorner::bottom_right;
}

Point way_of(Heading heading) {
    switch (heading) {
    case Heading::right:
        return {1, 0};
    case Heading::left:
        return {-1, 0};
    case Heading::up:
        return {0, -1};
    case Heading::down:
        break;
    }
    return {0, 1};
}

} // namespace

Machine plain_machine(Size paper) {
    Machine plain;
    plain.bed = paper;
    return plain;
}

Transform bed_of(const Machine& machine) {
    const Point x = way_of(machine.x_runs), y = way_of(machine.y_runs);
    return {x.x,
            x.y,
            y.x,
            y.y,
            is_right(machine.nought) ? machine.bed.width : 0,
            is_near(machine.nought) ? machine.bed.height : 0};
}

Point held_to_bed(const Machine& machine, Point place) {
    const Transform bed = bed_of(machine);
    const Point on_bed = bed.apply(place);
    return bed.inverted().apply(
        {std::clamp(on_bed.x, 0.0, machine.bed.width), std::clamp(on_bed.y, 0.0, machine.bed.height)});
}

Transform paper_on_bed(const Machine& machine, Size paper) {
    return Transform::shift({is_right(machine.nought) ? machine.bed.width - paper.width : 0,
                             is_near(machine.nought) ? machine.bed.height - paper.height : 0});
}

} // namespace fusuma
