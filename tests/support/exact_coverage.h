#pragma once

#include "core/geometry/outline.h"
#include "core/raster/image.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <vector>

namespace fusuma::test {

/// Renders polygons (pixels, non-zero and not overlapping) with the exact share of each pixel's square that they
/// cover, by summing signed trapezoids edge by edge. Shares no code with the tracer it is used to judge.
inline Coverage exact_coverage(const Polygons& polygons, int width, int height) {
    const auto w = static_cast<std::size_t>(width) + 2;
    std::vector<double> sum(w * static_cast<std::size_t>(height));
    const auto add_within_row = [&](int row, Point a, Point b) {
        // a, b within one pixel row; split at pixel columns
        const double direction = b.y - a.y;
        if (direction == 0)
            return;
        Point left = a.x <= b.x ? a : b;
        const Point right = a.x <= b.x ? b : a;
        const double sign = direction > 0 ? 1 : -1;
        double* cells = sum.data() + static_cast<std::size_t>(row) * w;
        while (true) {
            const int column = std::clamp(static_cast<int>(std::floor(left.x)), 0, width);
            const bool last = right.x <= column + 1 || column == width;
            const Point end =
                last ? right
                     : Point{column + 1.0, left.y + (right.y - left.y) * (column + 1 - left.x) / (right.x - left.x)};
            const double rise = sign * std::abs(end.y - left.y);
            const double inset = 1 - ((left.x + end.x) / 2 - column);
            cells[column] += rise * inset;
            cells[column + 1] += rise * (1 - inset);
            if (last)
                break;
            left = end;
        }
    };
    for (const Polygon& polygon : polygons)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            Point a = polygon[i];
            const Point b = polygon[(i + 1) % polygon.size()];
            const bool downwards = b.y > a.y;
            while (a.y != b.y) {
                const int row = downwards ? static_cast<int>(std::floor(a.y)) : static_cast<int>(std::ceil(a.y)) - 1;
                const double stop = downwards ? std::min(b.y, row + 1.0) : std::max(b.y, static_cast<double>(row));
                const Point end = stop == b.y ? b : Point{a.x + (b.x - a.x) * (stop - a.y) / (b.y - a.y), stop};
                if (row >= 0 && row < height)
                    add_within_row(row, a, end);
                a = end;
            }
        }
    Coverage coverage(width, height);
    for (int y = 0; y < height; ++y) {
        double running = 0;
        for (int x = 0; x < width; ++x) {
            running += sum[static_cast<std::size_t>(y) * w + static_cast<std::size_t>(x)];
            coverage.row(y)[x] = static_cast<std::uint8_t>(std::lround(255 * std::min(1.0, std::abs(running))));
        }
    }
    return coverage;
}

inline Polygon ellipse(Point centre, double rx, double ry, double turn = 0, int sides = 2000) {
    Polygon polygon;
    for (int i = 0; i < sides; ++i) {
        const double t = 2 * std::numbers::pi * i / sides;
        polygon.push_back(centre + Transform::turn(turn).apply({rx * std::cos(t), -ry * std::sin(t)}));
    }
    return polygon;
}

inline Polygon turned_rectangle(Point centre, double width, double height, double turn) {
    Polygon polygon;
    for (const Point p : {Point{-1, -1}, Point{-1, 1}, Point{1, 1}, Point{1, -1}})
        polygon.push_back(centre + Transform::turn(turn).apply({p.x * width / 2, p.y * height / 2}));
    return polygon;
}

inline Polygon star(Point centre, int tips, double outer, double inner, double turn) {
    Polygon polygon;
    for (int i = 0; i < 2 * tips; ++i) {
        const double a = turn - std::numbers::pi * i / tips;
        polygon.push_back(centre + (i % 2 == 0 ? outer : inner) * Point{std::cos(a), std::sin(a)});
    }
    return polygon;
}

/// The polygon's hole-wise reverse.
inline Polygon as_hole(Polygon polygon) {
    std::reverse(polygon.begin(), polygon.end());
    return polygon;
}

/// Their straight contours.
inline Outline outline_of(const Polygons& polygons) {
    Outline outline;
    for (const Polygon& polygon : polygons)
        outline.contours.push_back(contour_of(polygon));
    return outline;
}

} // namespace fusuma::test
