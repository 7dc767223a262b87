#include "core/fill/distance_field.h"

#include "core/geometry/edge_grid.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

DistanceField::DistanceField(const Polygons& region, double cell_mm, double margin, double reach) : cell(cell_mm) {
    const Rect extent = bounds(region);
    if (extent.empty())
        return;
    const Rect box = extent.grown(margin);
    origin = box.min;
    columns = static_cast<int>(std::ceil(box.width() / cell)) + 1;
    rows = static_cast<int>(std::ceil(box.height() / cell)) + 1;
    nodes.resize(static_cast<std::size_t>(columns) * static_cast<std::size_t>(rows));
    const EdgeGrid edges(region);
    const double most = std::min(box.width() + box.height(), 2 * reach); // what is found beyond reach saves looking
    std::vector<double> crossed;
    const double step = cell * 1.001;
    for (int r = 0; r < rows; ++r) {
        const double y = origin.y + r * cell;
        crossed.clear();
        for (const Polygon& polygon : region)
            for (std::size_t i = 0; i < polygon.size(); ++i) {
                const Point a = polygon[i], b = polygon[(i + 1) % polygon.size()];
                if ((a.y > y) != (b.y > y))
                    crossed.push_back(a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y));
            }
        std::sort(crossed.begin(), crossed.end());
        std::size_t passed = 0;
        double at_least = 0, at_most = most; // from this node to the edge
        for (int c = 0; c < columns; ++c) {
            const Point p{origin.x + c * cell, y};
            while (passed < crossed.size() && crossed[passed] <= p.x)
                ++passed;
            // A neighbour's distance bounds this one's, so the search need not look far, or at all.
            at_least -= step;
            if (at_least <= reach) {
                at_least = edges.distance_to(p, at_most);
                at_most = std::min(most, at_least + step);
            } else {
                at_most = most;
            }
            const double far = std::min(at_least, reach);
            nodes[static_cast<std::size_t>(r) * static_cast<std::size_t>(columns) + static_cast<std::size_t>(c)] =
                static_cast<float>(passed % 2 == 1 ? -far : far);
        }
    }
}

double DistanceField::at(Point p) const {
    if (nodes.empty())
        return 1e6; // nothing is there; a number that can be reckoned with
    const double u = (p.x - origin.x) / cell, v = (p.y - origin.y) / cell;
    const double cu = std::clamp(u, 0.0, columns - 1.001), cv = std::clamp(v, 0.0, rows - 1.001);
    const int c = static_cast<int>(cu), r = static_cast<int>(cv);
    const double fu = cu - c, fv = cv - r;
    const float* node =
        &nodes[static_cast<std::size_t>(r) * static_cast<std::size_t>(columns) + static_cast<std::size_t>(c)];
    const double inside =
        (1 - fv) * ((1 - fu) * node[0] + fu * node[1]) + fv * ((1 - fu) * node[columns] + fu * node[columns + 1]);
    if (u == cu && v == cv)
        return inside;
    return std::max(inside, std::hypot(u - cu, v - cv) * cell); // as far as the grid's edge at least
}

} // namespace fusuma
