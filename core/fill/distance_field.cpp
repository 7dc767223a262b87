#include "core/fill/distance_field.h"

#include "core/geometry/edge_grid.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

DistanceField::DistanceField(const Polygons& region, double cell_mm, double margin, double reach) : cell(cell_mm) {
    const Rect extent = bounds(region);
    if (extent.empty())
        return;
    shape = extent;
    const Rect box = extent.grown(margin);
    origin = box.min;
    columns = static_cast<int>(std::ceil(box.width() / cell)) + 1;
    rows = static_cast<int>(std::ceil(box.height() / cell)) + 1;
    nodes.resize(static_cast<std::size_t>(columns) * static_cast<std::size_t>(rows));
    mark_inside(region);
    const EdgeGrid edges(region);
    constexpr int side = 8; // a power of two
    const double half = side * cell * std::numbers::sqrt2 / 2;
    for (int top = 0; top < rows; top += side)
        for (int left = 0; left < columns; left += side) {
            const Point centre = origin + Point{left + side / 2.0, top + side / 2.0} * cell;
            measure(edges.nearest_round(centre, half, reach), {left, top, side}, reach);
        }
}

/// Nodes become -1 inside and 1 outside.
void DistanceField::mark_inside(const Polygons& region) {
    std::vector<std::vector<double>> crossed(static_cast<std::size_t>(rows)); // x, by row
    for (const Polygon& polygon : region)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point a = polygon[i], b = polygon[(i + 1) % polygon.size()];
            const auto row_of = [&](double y) { return static_cast<int>((y - origin.y) / cell); };
            for (int r = row_of(std::min(a.y, b.y)); r <= std::min(rows - 1, row_of(std::max(a.y, b.y)) + 1); ++r)
                if (const double y = origin.y + r * cell; (a.y > y) != (b.y > y))
                    crossed[static_cast<std::size_t>(r)].push_back(a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y));
        }
    for (int r = 0; r < rows; ++r) {
        std::vector<double>& places = crossed[static_cast<std::size_t>(r)];
        std::sort(places.begin(), places.end());
        std::size_t passed = 0;
        for (int c = 0; c < columns; ++c) {
            while (passed < places.size() && places[passed] <= origin.x + c * cell)
                ++passed;
            node(c, r) = passed % 2 == 1 ? -1.0F : 1.0F;
        }
    }
}

/// The edges that can be nearest to a node of the square, of those that can be to one of a larger.
void DistanceField::measure(const EdgeGrid::NearEdges& of_larger, Square square, double reach) {
    const int right = std::min(square.left + square.side, columns), bottom = std::min(square.top + square.side, rows);
    if (square.left >= right || square.top >= bottom)
        return;
    const auto place = [&](int c, int r) { return Point{origin.x + c * cell, origin.y + r * cell}; };
    constexpr std::size_t few = 8;
    if (square.side <= 2 || of_larger.size() <= few) {
        for (int r = square.top; r < bottom; ++r)
            for (int c = square.left; c < right; ++c) {
                double best = reach * reach;
                for (const EdgeGrid::Edge* edge : of_larger)
                    best = std::min(best, EdgeGrid::squared_distance(place(c, r), *edge));
                node(c, r) *= static_cast<float>(std::min(reach, std::sqrt(best)));
            }
        return;
    }
    const Point first = place(square.left, square.top), last = place(right - 1, bottom - 1);
    const EdgeGrid::NearEdges near =
        EdgeGrid::nearest_round(lerp(first, last, 0.5), distance(first, last) / 2, of_larger);
    const int half = square.side / 2;
    for (const int top : {square.top, square.top + half})
        for (const int left : {square.left, square.left + half})
            measure(near, {left, top, half}, reach);
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

PointRows::PointRows(const std::vector<Point>& points) {
    for (const Point p : points) {
        if (x.size() % at_once == 0)
            boxes.emplace_back();
        boxes.back().include(p);
        x.push_back(static_cast<float>(p.x));
        y.push_back(static_cast<float>(p.y));
    }
}

Nearness nearness(const float* nodes, int columns, int rows, const PointRows& points, const Transform& map, double need,
                  const Rect& within) {
    // Places first, several at once, then their values; without a branch, as nobody could foretell which way it goes.
    constexpr std::size_t at_once = PointRows::at_once;
    float across[at_once], down[at_once];
    int first[at_once];
    const auto a = static_cast<float>(map.a), b = static_cast<float>(map.b), c = static_cast<float>(map.c),
               d = static_cast<float>(map.d), dx = static_cast<float>(map.dx), dy = static_cast<float>(map.dy);
    const float last_column = static_cast<float>(columns) - 1.01F, last_row = static_cast<float>(rows) - 1.01F;
    const auto needed = static_cast<float>(need);
    float twice_lacking = 0, least = HUGE_VALF;
    for (std::size_t from = 0; from < points.x.size(); from += at_once) {
        const Rect& box = points.boxes[from / at_once];
        const Point middle = map.apply(box.centre());
        const double half_x = (std::abs(map.a) * box.width() + std::abs(map.c) * box.height()) / 2;
        const double half_y = (std::abs(map.b) * box.width() + std::abs(map.d) * box.height()) / 2;
        if (middle.x + half_x < within.min.x || middle.x - half_x > within.max.x || middle.y + half_y < within.min.y ||
            middle.y - half_y > within.max.y)
            continue;
        const std::size_t count = std::min(at_once, points.x.size() - from);
        const float* x = points.x.data() + from;
        const float* y = points.y.data() + from;
        for (std::size_t i = 0; i < count; ++i) {
            const float u = std::min(std::max(a * x[i] + c * y[i] + dx, 0.0F), last_column);
            const float v = std::min(std::max(b * x[i] + d * y[i] + dy, 0.0F), last_row);
            const int column = static_cast<int>(u), row = static_cast<int>(v);
            across[i] = u - static_cast<float>(column);
            down[i] = v - static_cast<float>(row);
            first[i] = row * columns + column;
        }
        for (std::size_t i = 0; i < count; ++i) {
            const float* top = nodes + first[i];
            const float* bottom = top + columns;
            const float above = top[0] + across[i] * (top[1] - top[0]);
            const float below = bottom[0] + across[i] * (bottom[1] - bottom[0]);
            const float farther = above + down[i] * (below - above) - needed;
            least = std::min(least, farther);
            twice_lacking += std::abs(farther) - farther;
        }
    }
    return {twice_lacking / 2, least};
}

Nearness DistanceField::nearness(const PointRows& points, const Transform& moved, double need, double sight) const {
    if (columns < 2 || rows < 2)
        return {};
    const double scale = 1 / cell;
    const Rect seen = shape.grown(need + sight);
    return fusuma::nearness(nodes.data(), columns, rows, points,
                            moved.then({scale, 0, 0, scale, -origin.x * scale, -origin.y * scale}), need,
                            {scale * (seen.min - origin), scale * (seen.max - origin)});
}

} // namespace fusuma
