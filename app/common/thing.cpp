#include "app/common/thing.h"

#include <algorithm>
#include <cmath>

namespace fusuma::app {

namespace {

int chosen_in(const Things& things, bool last) {
    int at = -1;
    for (std::size_t i = 0; i < things.size(); ++i)
        if (things[i].is_chosen && (at < 0 || last))
            at = static_cast<int>(i);
    return at;
}

} // namespace

int next_thing(const Things& things, bool forward) {
    const int count = static_cast<int>(things.size()), chosen = chosen_in(things, forward);
    for (int at = chosen < 0 ? (forward ? 0 : count - 1) : chosen + (forward ? 1 : -1); at >= 0 && at < count;
         at += forward ? 1 : -1)
        if (things[static_cast<std::size_t>(at)].can_be_chosen)
            return at;
    return -1;
}

int thing_towards(const Things& things, QPointF way) {
    const int chosen = chosen_in(things, true);
    if (chosen < 0)
        return next_thing(things, true);
    const QPointF from = things[static_cast<std::size_t>(chosen)].box.center();
    int best = -1;
    double nearest = HUGE_VAL;
    for (std::size_t i = 0; i < things.size(); ++i) {
        const QPointF by = things[i].box.center() - from;
        const double along = QPointF::dotProduct(by, way), aside = std::abs(by.x() * way.y() - by.y() * way.x());
        // What lies straight ahead comes before what is nearer but off to the side.
        if (const double distance = along + 2 * aside;
            things[i].can_be_chosen && along > 0.5 && aside <= 2 * along && distance < nearest) {
            nearest = distance;
            best = static_cast<int>(i);
        }
    }
    return best;
}

} // namespace fusuma::app
