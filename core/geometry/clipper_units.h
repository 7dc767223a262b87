#pragma once

// The clipper's integers: 1 unit is `boolean_step`, 0.01 µm. Only combine, grown and what they are made of speak them.

#include "core/geometry/boolean.h"

#include <polyclipping/clipper.hpp>

namespace fusuma {

namespace clip = ClipperLib;

inline constexpr double units_per_mm = 1 / boolean_step;

inline clip::Paths to_units(const Polygons& polygons) {
    clip::Paths paths;
    paths.reserve(polygons.size());
    for (const Polygon& polygon : polygons) {
        clip::Path path;
        path.reserve(polygon.size());
        for (const Point p : polygon)
            path.emplace_back(std::llround(p.x * units_per_mm), std::llround(p.y * units_per_mm));
        paths.push_back(std::move(path));
    }
    return paths;
}

/// The clipper returns outer paths with positive area in its own y-up sense, which with y down is clockwise on screen.
inline Polygons from_units(const clip::Paths& paths) {
    Polygons polygons;
    polygons.reserve(paths.size());
    for (const clip::Path& path : paths) {
        Polygon polygon;
        polygon.reserve(path.size());
        for (auto it = path.rbegin(); it != path.rend(); ++it)
            polygon.push_back({static_cast<double>(it->X) / units_per_mm, static_cast<double>(it->Y) / units_per_mm});
        polygons.push_back(std::move(polygon));
    }
    return polygons;
}

} // namespace fusuma
