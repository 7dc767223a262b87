#include "core/raster/touch_up.h"

#include "core/raster/runs.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

std::vector<std::size_t> edge_pixels(int width, int height) {
    std::vector<std::size_t> edge;
    const auto w = static_cast<std::size_t>(width), h = static_cast<std::size_t>(height);
    if (w == 0 || h == 0)
        return edge;
    for (std::size_t x = 0; x < w; ++x) {
        edge.push_back(x);
        edge.push_back((h - 1) * w + x);
    }
    for (std::size_t y = 1; y + 1 < h; ++y) {
        edge.push_back(y * w);
        edge.push_back(y * w + w - 1);
    }
    return edge;
}

void fill_inside(Coverage& coverage) {
    constexpr std::uint8_t half = 128;
    std::vector<std::uint8_t> outside(coverage.values.size());
    for (std::size_t i = 0; i < outside.size(); ++i)
        outside[i] = coverage.values[i] < half ? 255 : 0;
    keep_outer(outside, coverage.width);
    const auto is_outside_near = [&](int x, int y) {
        for (int v = std::max(0, y - 1); v <= std::min(coverage.height - 1, y + 1); ++v)
            for (int u = std::max(0, x - 1); u <= std::min(coverage.width - 1, x + 1); ++u)
                if (outside[static_cast<std::size_t>(v) * static_cast<std::size_t>(coverage.width) +
                            static_cast<std::size_t>(u)])
                    return true;
        return false;
    };
    // The outer edge keeps its soft pixels; all that lies behind it fills up.
    for (int y = 0; y < coverage.height; ++y)
        for (int x = 0; x < coverage.width; ++x)
            if (std::uint8_t& value = coverage.row(y)[x]; value < 255 && !is_outside_near(x, y))
                value = 255;
}

void brush(Coverage& coverage, const Stroke& stroke) {
    const double radius = std::max(0.5, stroke.size / 2);
    const double full = std::min(radius * std::clamp(stroke.hardness, 0.0, 1.0), radius - 0.5);
    Rect box;
    for (const PicturePoint p : stroke.points)
        box.include(Point{p.x, p.y});
    if (stroke.points.empty())
        return;
    box = box.grown(radius + 1);
    const int left = std::max(0, static_cast<int>(std::floor(box.min.x)));
    const int top = std::max(0, static_cast<int>(std::floor(box.min.y)));
    const int right = std::min(coverage.width, static_cast<int>(std::ceil(box.max.x)));
    const int bottom = std::min(coverage.height, static_cast<int>(std::ceil(box.max.y)));
    if (left >= right || top >= bottom)
        return;
    // How strongly the whole stroke touches each pixel, so that going over a place twice is going over it once.
    Coverage touch(right - left, bottom - top);
    const auto touch_along = [&](PicturePoint from, PicturePoint to) {
        const Point a{from.x, from.y}, b{to.x, to.y};
        const Point along = b - a;
        const double squared = dot(along, along);
        const int x0 = std::max(left, static_cast<int>(std::floor(std::min(a.x, b.x) - radius - 1)));
        const int x1 = std::min(right, static_cast<int>(std::ceil(std::max(a.x, b.x) + radius + 1)));
        const int y0 = std::max(top, static_cast<int>(std::floor(std::min(a.y, b.y) - radius - 1)));
        const int y1 = std::min(bottom, static_cast<int>(std::ceil(std::max(a.y, b.y) + radius + 1)));
        for (int y = y0; y < y1; ++y)
            for (int x = x0; x < x1; ++x) {
                const Point p{x + 0.5, y + 0.5};
                const double t = squared > 0 ? std::clamp(dot(p - a, along) / squared, 0.0, 1.0) : 0;
                const double fade = (radius + 0.5 - distance(p, a + t * along)) / (radius + 0.5 - full);
                const double strength = std::clamp(fade, 0.0, 1.0);
                std::uint8_t& value = touch.row(y - top)[x - left];
                value = std::max(value, static_cast<std::uint8_t>(std::lround(255 * strength)));
            }
    };
    touch_along(stroke.points.front(), stroke.points.front());
    for (std::size_t i = 1; i < stroke.points.size(); ++i)
        touch_along(stroke.points[i - 1], stroke.points[i]);
    for (int y = top; y < bottom; ++y)
        for (int x = left; x < right; ++x) {
            const int strength = touch.row(y - top)[x - left];
            std::uint8_t& value = coverage.row(y)[x];
            const int target = stroke.kind == Stroke::Kind::add ? 255 : 0;
            value =
                static_cast<std::uint8_t>(value + ((target - value) * strength + (target > value ? 127 : -127)) / 255);
        }
}

void restrict_to(Coverage& coverage, const PixelBox& box) {
    for (int y = 0; y < coverage.height; ++y)
        for (int x = 0; x < coverage.width; ++x)
            if (x < box.x || y < box.y || x >= box.x + box.width || y >= box.y + box.height)
                coverage.row(y)[x] = 0;
}

} // namespace fusuma
