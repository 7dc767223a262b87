#include "core/sheet/room.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

namespace {
constexpr double cell_mm = 0.5;

/// Where a horizontal line at height y crosses the edges, from left to right.
std::vector<double> crossings(const Polygons& polygons, double y) {
    std::vector<double> at;
    for (const Polygon& polygon : polygons)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point a = polygon[i], b = polygon[(i + 1) % polygon.size()];
            if ((a.y > y) != (b.y > y))
                at.push_back(a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y));
        }
    std::sort(at.begin(), at.end());
    return at;
}
} // namespace

Room::Room(const Polygons& zone) {
    const Rect box = bounds(zone);
    origin = box.empty() ? Point{} : box.min;
    columns = static_cast<int>(box.width() / cell_mm);
    rows = static_cast<int>(box.height() / cell_mm);
    free_cells.resize(static_cast<std::size_t>(columns) * static_cast<std::size_t>(rows));
    // A cell lies wholly inside when both its top and its bottom edge do. Edges on the zone's own straight border count
    // as inside, so look a hair within.
    constexpr double hair = 1e-4;
    std::vector<double> top = crossings(zone, origin.y + hair);
    for (int r = 0; r < rows; ++r) {
        const std::vector<double> bottom = crossings(zone, origin.y + (r + 1) * cell_mm - hair);
        const auto spans = [](const std::vector<double>& edges, double from, double to) {
            for (std::size_t i = 0; i + 1 < edges.size(); i += 2)
                if (edges[i] - hair <= from && to <= edges[i + 1] + hair)
                    return true;
            return false;
        };
        for (int c = 0; c < columns; ++c) {
            const double left = origin.x + c * cell_mm, right = left + cell_mm;
            free_cells[cell(r, c)] = spans(top, left, right) && spans(bottom, left, right);
        }
        top = crossings(zone, origin.y + (r + 1) * cell_mm + hair);
    }
}

void Room::block(const Rect& taken) {
    const auto line = [](double mm, double from, int limit) {
        return std::clamp(static_cast<int>(std::floor((mm - from) / cell_mm + 1e-6)), 0, limit);
    };
    const int left = line(taken.min.x, origin.x, columns), top = line(taken.min.y, origin.y, rows);
    const int right = line(taken.max.x + cell_mm - 2e-6, origin.x, columns);
    const int bottom = line(taken.max.y + cell_mm - 2e-6, origin.y, rows);
    for (int r = top; r < bottom; ++r)
        for (int c = left; c < right; ++c)
            free_cells[cell(r, c)] = 0;
}

void Room::keep_inside(const Rect& rect) {
    const Point end = origin + cell_mm * Point{double(columns), double(rows)};
    block({origin, {end.x, rect.min.y}});
    block({{origin.x, rect.max.y}, end});
    block({origin, {rect.min.x, end.y}});
    block({{rect.max.x, origin.y}, end});
}

template <typename Visit> void Room::for_each_place(Size size, int first_row, Visit&& visit) const {
    const auto cells = [](double mm) { return std::max(1, static_cast<int>(std::ceil(mm / cell_mm - 1e-6))); };
    const int wide = cells(size.width), high = cells(size.height);
    std::vector<int> rows_above(static_cast<std::size_t>(columns)); // in which so wide a place begins at that column
    for (int r = first_row; r < rows; ++r) {
        int run = 0; // of free cells to the right
        for (int c = columns - 1; c >= 0; --c) {
            run = free_cells[cell(r, c)] ? run + 1 : 0;
            int& above = rows_above[static_cast<std::size_t>(c)];
            above = run >= wide ? above + 1 : 0;
        }
        for (int c = 0; c < columns; ++c)
            if (rows_above[static_cast<std::size_t>(c)] >= high)
                if (const int top = r + 1 - high; !visit(top, Point{origin.x + c * cell_mm, origin.y + top * cell_mm}))
                    return;
    }
}

std::optional<Point> Room::first_place(Size size) {
    std::optional<Point> found;
    int& first_row = rows_begun[{size.width, size.height}]; // what was not free above stays so
    int found_row = rows;
    for_each_place(size, first_row, [&](int row, Point at) {
        found = at;
        found_row = row;
        return false;
    });
    first_row = found_row;
    return found;
}

std::optional<Point> Room::nearest_place(Size size, Point wanted) const {
    std::optional<Point> found;
    for_each_place(size, 0, [&](int, Point at) {
        if (!found || distance(at, wanted) < distance(*found, wanted))
            found = at;
        return true;
    });
    return found;
}

Rect Room::largest_rectangle() const {
    // The classic sweep: heights of free columns above each row, and a stack of rising heights.
    std::vector<int> height(static_cast<std::size_t>(columns) + 1, 0);
    Rect best;
    int best_cells = 0;
    for (int r = 0; r < rows; ++r) {
        std::vector<int> rising;
        for (int c = 0; c <= columns; ++c) {
            const auto column = static_cast<std::size_t>(c);
            height[column] = c < columns && free_cells[cell(r, c)] ? height[column] + 1 : 0;
            while (!rising.empty() && height[static_cast<std::size_t>(rising.back())] >= height[column]) {
                const int tall = height[static_cast<std::size_t>(rising.back())];
                rising.pop_back();
                const int left = rising.empty() ? 0 : rising.back() + 1;
                if (tall * (c - left) > best_cells) {
                    best_cells = tall * (c - left);
                    best = {{origin.x + left * cell_mm, origin.y + (r + 1 - tall) * cell_mm},
                            {origin.x + c * cell_mm, origin.y + (r + 1) * cell_mm}};
                }
            }
            rising.push_back(c);
        }
    }
    return best;
}

} // namespace fusuma
