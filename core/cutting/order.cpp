#include "core/cutting/order.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <map>
#include <numeric>

namespace fusuma {

std::vector<CutPath> in_cutting_order(std::vector<CutPath> paths) {
    struct Group {
        CutKind kind;
        std::size_t placement;
        std::vector<CutPath> paths;
    };
    std::vector<Group> groups;
    std::map<std::pair<CutKind, std::size_t>, std::size_t> known;
    for (CutPath& path : paths) {
        const auto [it, is_new] = known.try_emplace({path.kind, path.placement}, groups.size());
        if (is_new)
            groups.push_back({path.kind, path.placement, {}});
        groups[it->second].paths.push_back(std::move(path));
    }
    for (Group& group : groups)
        std::stable_sort(group.paths.begin(), group.paths.end(), [](const CutPath& l, const CutPath& r) {
            if (l.is_open != r.is_open)
                return l.is_open;
            return !l.is_open && std::abs(signed_area(l.line)) < std::abs(signed_area(r.line));
        });

    // To the nearest of the first kind that is left; compared by squares, since there may be hundreds.
    const auto rank = [](const Group& g) { return std::pair{g.kind, g.placement == no_copy}; };
    std::vector<CutPath> ordered;
    ordered.reserve(paths.size());
    std::vector<std::size_t> left(groups.size());
    std::iota(left.begin(), left.end(), std::size_t{0});
    Point at;
    while (!left.empty()) {
        std::size_t next = 0;
        double nearest = HUGE_VAL;
        for (std::size_t k = 0; k < left.size(); ++k) {
            const Group &group = groups[left[k]], &best = groups[left[next]];
            const Point way = group.paths.front().line.start - at;
            const double far = dot(way, way);
            if (rank(group) < rank(best) || (rank(group) == rank(best) && far < nearest)) {
                nearest = far;
                next = k;
            }
        }
        Group& group = groups[left[next]];
        at = group.paths.back().line.start;
        std::move(group.paths.begin(), group.paths.end(), std::back_inserter(ordered));
        left.erase(left.begin() + static_cast<std::ptrdiff_t>(next));
    }
    return ordered;
}

} // namespace fusuma
