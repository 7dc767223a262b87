#include "core/cutting/order.h"

#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

std::vector<CutPath> in_cutting_order(std::vector<CutPath> paths) {
    struct Group {
        CutKind kind;
        std::size_t placement;
        std::vector<CutPath> paths;
    };
    std::vector<Group> groups;
    for (CutPath& path : paths) {
        auto it = std::find_if(groups.begin(), groups.end(),
                               [&](const Group& g) { return g.kind == path.kind && g.placement == path.placement; });
        if (it == groups.end())
            it = groups.insert(groups.end(), {path.kind, path.placement, {}});
        it->paths.push_back(std::move(path));
    }
    for (Group& group : groups)
        std::stable_sort(group.paths.begin(), group.paths.end(), [](const CutPath& l, const CutPath& r) {
            if (l.is_open != r.is_open)
                return l.is_open;
            return !l.is_open && std::abs(signed_area(l.line)) < std::abs(signed_area(r.line));
        });

    std::vector<CutPath> ordered;
    Point at;
    while (!groups.empty()) {
        const auto next = std::min_element(groups.begin(), groups.end(), [&](const Group& l, const Group& r) {
            if (l.kind != r.kind)
                return l.kind < r.kind;
            if ((l.placement == no_copy) != (r.placement == no_copy))
                return r.placement == no_copy;
            return distance(at, l.paths.front().line.start) < distance(at, r.paths.front().line.start);
        });
        at = next->paths.back().line.start;
        std::move(next->paths.begin(), next->paths.end(), std::back_inserter(ordered));
        groups.erase(next);
    }
    return ordered;
}

} // namespace fusuma
