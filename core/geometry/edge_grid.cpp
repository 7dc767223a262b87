#include "core/geometry/edge_grid.h"

#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

EdgeGrid::EdgeGrid(const Polygons& polygons) : box(bounds(polygons)), perimeters(polygons.size()) {
    for (std::size_t k = 0; k < polygons.size(); ++k) {
        const Polygon& polygon = polygons[k];
        double along = 0;
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point to = polygon[(i + 1) % polygon.size()];
            edges.push_back({polygon[i], to, k, along});
            along += distance(polygon[i], to);
        }
        perimeters[k] = along;
    }
    if (box.empty())
        return;
    // About one cell per edge, but never more than a few million.
    const double wide = std::max(1e-6, box.width()), high = std::max(1e-6, box.height());
    const double most_cells = std::clamp(static_cast<double>(edges.size()), 16.0, 1e6);
    cell = std::max(std::sqrt(wide * high / most_cells), std::max(wide, high) / 2000);
    columns = static_cast<int>(wide / cell) + 1;
    rows = static_cast<int>(high / cell) + 1;
    cells.resize(static_cast<std::size_t>(columns) * static_cast<std::size_t>(rows));
    for (std::uint32_t e = 0; e < edges.size(); ++e) {
        const Edge& edge = edges[e];
        const Point way = edge.to - edge.from;
        const double left = std::min(edge.from.x, edge.to.x), right = std::max(edge.from.x, edge.to.x);
        const int r0 = row_of(std::min(edge.from.y, edge.to.y)), r1 = row_of(std::max(edge.from.y, edge.to.y));
        for (int r = r0; r <= r1; ++r) {
            // Only where it passes this row of cells: a long slanting edge's whole box would be most of the grid.
            double leftmost = left, rightmost = right;
            if (r0 < r1) {
                const double hair = 1e-6 * cell, top = box.min.y + r * cell - hair, bottom = top + cell + 2 * hair;
                const double at_top = edge.from.x + way.x * std::clamp((top - edge.from.y) / way.y, 0.0, 1.0);
                const double at_bottom = edge.from.x + way.x * std::clamp((bottom - edge.from.y) / way.y, 0.0, 1.0);
                leftmost = std::min(at_top, at_bottom) - hair;
                rightmost = std::max(at_top, at_bottom) + hair;
            }
            for (int c = column_of(leftmost); c <= column_of(rightmost); ++c)
                cells[static_cast<std::size_t>(r) * static_cast<std::size_t>(columns) + static_cast<std::size_t>(c)]
                    .push_back(e);
        }
    }
}

int EdgeGrid::column_of(double x) const {
    return std::clamp(static_cast<int>((x - box.min.x) / cell), 0, columns - 1);
}

int EdgeGrid::row_of(double y) const {
    return std::clamp(static_cast<int>((y - box.min.y) / cell), 0, rows - 1);
}

bool EdgeGrid::is_near(Point p, double reach) const {
    return !box.empty() && box.grown(reach).contains(p) &&
           any_near(p, reach, [&](const Edge& edge) { return squared_distance(p, edge) <= reach * reach; });
}

double EdgeGrid::distance_to(Point p, double most) const {
    if (box.empty())
        return most;
    // Squares of cells round the point, ring by ring, until no nearer edge can lie farther out.
    double best = most * most; // squared, so that a root is taken once
    const int column = column_of(p.x), row = row_of(p.y);
    const Point off{std::max({0.0, box.min.x - p.x, p.x - box.max.x}),
                    std::max({0.0, box.min.y - p.y, p.y - box.max.y})};
    const double nearest = norm(off);
    for (int ring = 0; ring <= std::max(columns, rows); ++ring) {
        const double least = std::max(nearest, (ring - 1) * cell);
        if (least * least > best)
            break;
        for (int r = std::max(0, row - ring); r <= std::min(rows - 1, row + ring); ++r) {
            const bool is_whole_row = r == row - ring || r == row + ring;
            for (int c = column - ring; c <= column + ring; c += is_whole_row ? 1 : std::max(1, 2 * ring))
                if (c >= 0 && c < columns)
                    for (const std::uint32_t e : cell_at(c, r))
                        best = std::min(best, squared_distance(p, edges[e]));
        }
    }
    return std::min(most, std::sqrt(best));
}

namespace {

/// A place within `spread` of another has an edge no farther than the other's nearest and the way there and back; and a
/// hair for rounding.
double reach_round(double nearest, double spread) {
    return (nearest + 2 * spread) * (1 + 1e-9);
}

} // namespace

EdgeGrid::NearEdges EdgeGrid::nearest_round(Point centre, double spread, double most) const {
    const double nearest = distance_to(centre, most + spread);
    if (nearest >= most + spread)
        return {};
    NearEdges found;
    const double reach = reach_round(nearest, spread);
    static_cast<void>(any_near(centre, reach, [&](const Edge& edge) {
        if (squared_distance(centre, edge) <= reach * reach)
            found.push_back(&edge);
        return false; // all of them
    }));
    std::sort(found.begin(), found.end());
    found.erase(std::unique(found.begin(), found.end()), found.end());
    return found;
}

EdgeGrid::NearEdges EdgeGrid::nearest_round(Point centre, double spread, const NearEdges& of) {
    std::vector<double> distances; // squared
    for (const Edge* edge : of)
        distances.push_back(squared_distance(centre, *edge));
    const double reach = reach_round(std::sqrt(*std::ranges::min_element(distances)), spread);
    NearEdges found;
    for (std::size_t i = 0; i < of.size(); ++i)
        if (distances[i] <= reach * reach)
            found.push_back(of[i]);
    return found;
}

std::optional<EdgeGrid::Hit> EdgeGrid::first_hit(Point from, Point direction, double least, double most) const {
    if (box.empty())
        return std::nullopt;
    std::optional<Hit> best;
    const auto look_in = [&](int c, int r) {
        for (const std::uint32_t e : cell_at(c, r)) {
            const Edge& edge = edges[e];
            const Point side = edge.to - edge.from;
            const double slope = cross(direction, side);
            if (std::abs(slope) < 1e-12)
                continue;
            const double far = cross(edge.from - from, side) / slope,
                         share = cross(edge.from - from, direction) / slope;
            if (share >= 0 && share <= 1 && far > least && far <= (best ? best->distance : most))
                best = Hit{far, &edge};
        }
    };
    // Cell by cell along the ray (Amanatides & Woo, Eurographics 1987, from memory).
    int c = column_of(from.x), r = row_of(from.y);
    const int step_c = direction.x > 0 ? 1 : -1, step_r = direction.y > 0 ? 1 : -1;
    const auto to_border = [&](double start, double low, int index, double speed, int step) {
        return std::abs(speed) < 1e-12 ? HUGE_VAL : (low + (index + (step > 0)) * cell - start) / speed;
    };
    while (c >= 0 && r >= 0 && c < columns && r < rows) {
        look_in(c, r);
        const double to_next_c = to_border(from.x, box.min.x, c, direction.x, step_c);
        const double to_next_r = to_border(from.y, box.min.y, r, direction.y, step_r);
        const double reached = std::min(to_next_c, to_next_r);
        if (reached > (best ? best->distance : most))
            break;
        (to_next_c < to_next_r ? c : r) += to_next_c < to_next_r ? step_c : step_r;
    }
    return best;
}

} // namespace fusuma
