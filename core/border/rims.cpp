#include "core/border/rims.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

namespace {

constexpr double rim_flat_mm = 0.01;
constexpr double overlap_mm = 0.05; // by which areas reach under those over them
constexpr std::size_t most_shapes = 20'000;

/// Dots in rows, each row moved on by half, or stripes at 45°, over the whole box.
Polygons pattern_over(const Rect& box, const Fill& fill) {
    Polygons shapes;
    // Patterns finer than what can be told apart over a large area are drawn coarser.
    const double finest = std::sqrt(box.width() * box.height() / static_cast<double>(most_shapes));
    const double pitch = std::max({fill.pitch, least_pitch, finest});
    if (fill.pattern == Pattern::stripes) {
        const double across = pitch * std::numbers::sqrt2, high = box.height();
        const double first = std::floor((box.min.x - high) / across) * across;
        for (double x = first; x < box.max.x; x += across)
            shapes.push_back({{x, box.min.y},
                              {x + high, box.max.y},
                              {x + high + across / 2, box.max.y},
                              {x + across / 2, box.min.y}});
        return shapes;
    }
    constexpr int sides = 20;
    const double step_y = pitch * std::numbers::sqrt3 / 2, radius = 0.28 * pitch;
    const auto first_row = static_cast<long>(std::floor(box.min.y / step_y)) - 1;
    for (long k = first_row; static_cast<double>(k) * step_y < box.max.y + radius; ++k) {
        const double y = static_cast<double>(k) * step_y;
        for (double x = std::floor(box.min.x / pitch) * pitch + (k % 2 ? pitch / 2 : 0); x < box.max.x + radius;
             x += pitch) {
            Polygon dot;
            for (int i = 0; i < sides; ++i) {
                const double t = -2 * std::numbers::pi * i / sides;
                dot.push_back({x + radius * std::cos(t), y + radius * std::sin(t)});
            }
            shapes.push_back(std::move(dot));
        }
    }
    return shapes;
}

/// The outermost rim, and what it is printed with.
const Fill* outermost(const BorderSettings& border, const Rims& rims) {
    if (border.width > 0)
        return &rims.border;
    return rims.inner.empty() ? nullptr : &rims.inner.back().fill;
}

void add(std::vector<PrintedArea>& areas, const Fill& fill, Polygons area) {
    if (fill.kind == Fill::Kind::clear || area.empty())
        return;
    if (fill.kind == Fill::Kind::art) {
        areas.push_back({std::nullopt, std::move(area)});
        return;
    }
    areas.push_back({fill.colour, area});
    if (fill.pattern != Pattern::plain)
        areas.push_back({fill.second, pattern_in(area, fill), true});
}

} // namespace

Polygons pattern_in(const Polygons& area, const Fill& fill) {
    return combine(pattern_over(bounds(area), fill), area, Combine::overlap_only);
}

double reach_of(const BorderSettings& border, const Rims& rims) {
    double reach = border.width;
    for (const Rim& rim : rims.inner)
        reach += rim.width;
    return reach;
}

Rims scaled(Rims rims, double factor) {
    for (Rim& rim : rims.inner)
        rim.width *= factor;
    return rims;
}

bool bleeds(const BorderSettings& border, const Rims& rims, const Bleed& bleed) {
    if (bleed.kind == Bleed::Kind::none || bleed.width <= 0)
        return false;
    const Fill* fill = outermost(border, rims);
    return bleed.kind == Bleed::Kind::art || (fill && fill->kind != Fill::Kind::clear);
}

std::vector<PrintedArea> printed_areas(const Outline& outline, const Outline& cut, const BorderSettings& border,
                                       const Rims& rims, const Bleed& bleed, double soft_edge) {
    const bool has_bleed = bleeds(border, rims, bleed);
    const bool has_print = rims.border.kind != Fill::Kind::clear ||
                           std::any_of(rims.inner.begin(), rims.inner.end(),
                                       [](const Rim& rim) { return rim.fill.kind != Fill::Kind::clear; });
    if (!has_bleed && !has_print)
        return {};
    const Polygons art = flatten(outline, rim_flat_mm), cut_shape = flatten(cut, rim_flat_mm);
    const auto around = [&](const Polygons& shape, double width) {
        return grown(
            shape,
            {.width = width, .corners = border.corners, .mitre_limit = border.mitre_limit, .arc_tolerance = rim_flat_mm});
    };
    // From the art outward, each area beginning where the one before lets it.
    Polygons under = around(art, -soft_edge);
    std::vector<std::vector<PrintedArea>> by_rim;
    double reach = 0;
    for (const Rim& rim : rims.inner) {
        reach += rim.width;
        const Polygons edge = around(art, reach);
        by_rim.emplace_back();
        add(by_rim.back(), rim.fill, combine(edge, under, Combine::take_out));
        // The next area reaches under this one, or stops where this one's paper is to show.
        under = rim.fill.kind == Fill::Kind::clear ? edge : around(edge, -overlap_mm);
    }
    Polygons bled;
    if (has_bleed)
        bled = grown(cut_shape, {.width = bleed.width, .arc_tolerance = rim_flat_mm});
    if (border.width > 0) {
        const bool continues = has_bleed && bleed.kind == Bleed::Kind::rim;
        by_rim.emplace_back();
        add(by_rim.back(), rims.border, combine(continues ? bled : cut_shape, under, Combine::take_out));
        under = rims.border.kind == Fill::Kind::clear ? cut_shape : around(cut_shape, -overlap_mm);
    }
    const bool is_done = border.width > 0 && bleed.kind == Bleed::Kind::rim;
    if (has_bleed && !is_done) {
        Fill fill{.kind = Fill::Kind::art};
        if (bleed.kind == Bleed::Kind::rim)
            fill = *outermost(border, rims);
        by_rim.emplace_back();
        add(by_rim.back(), fill, combine(bled, under, Combine::take_out));
    }
    std::vector<PrintedArea> areas;
    for (auto rim = by_rim.rbegin(); rim != by_rim.rend(); ++rim)
        std::ranges::move(*rim, std::back_inserter(areas));
    return areas;
}

} // namespace fusuma
