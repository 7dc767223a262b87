#pragma once

#include <QRectF>
#include <QString>
#include <vector>

namespace fusuma::app {

/// Something that a view shows and a person can choose: a copy, a node, a part, a mark. Keys go from one to the next,
/// and screen readers read them.
struct Thing {
    int id = 0;   ///< unique in its view, the same as long as the thing is there
    QString name; ///< with place, size and state: "Puffin, 42.8 by 54 mm, outside the cut zone"
    QRectF box;   ///< px of the view
    bool is_chosen = false;
    bool can_be_chosen = true;
};
using Things = std::vector<Thing>;

/// The thing that keys go to next: by one in their order; −1 when there is none further on.
[[nodiscard]] int next_thing(const Things& things, bool forward);
/// The nearest one in a direction from the one that is chosen, else the first; −1 when there is none.
/// @param way  unit vector, y down
[[nodiscard]] int thing_towards(const Things& things, QPointF way);

} // namespace fusuma::app
