#include "core/geometry/growth.h"

#include "core/geometry/round_offset.h"
#include "core/geometry/measure.h"

namespace fusuma {

namespace {

/// Non-crossing paths, outer ones positive.
clip::Paths resolved(const clip::Paths& paths) {
    clip::Paths result;
    clip::Clipper clipper;
    clipper.AddPaths(paths, clip::ptSubject, true);
    clipper.Execute(clip::ctUnion, result, clip::pftEvenOdd, clip::pftEvenOdd);
    return result;
}

/// The raw bevel offset of one path: every edge moved out, neighbouring ends joined straight where the corner opens
/// and led back through the corner itself where it closes, so the folded part winds the other way and drops out.
clip::Path raw_bevel(const clip::Path& path, double width_units) {
    clip::Path raw;
    const std::size_t n = path.size();
    const auto at = [&](std::size_t i) {
        return Point{static_cast<double>(path[i % n].X), static_cast<double>(path[i % n].Y)};
    };
    const auto push = [&](Point p) { raw.emplace_back(std::llround(p.x), std::llround(p.y)); };
    for (std::size_t i = 0; i < n; ++i) {
        const Point before = outward_normal(at(i + n - 1), at(i));
        const Point after = outward_normal(at(i), at(i + 1));
        push(at(i) + width_units * before);
        if (cross(before, after) * width_units < 0)
            push(at(i));
        push(at(i) + width_units * after);
    }
    return raw;
}

clip::Paths bevelled(const clip::Paths& paths, double width_units) {
    clip::Paths raw;
    for (const clip::Path& path : paths)
        raw.push_back(raw_bevel(path, width_units));
    return wound_region(raw, width_units > 0);
}

/// How much the paths turn within a stretch as long as the width, in radians on average. Smooth shapes stay below one
/// or two; ragged ones, whose every notch folds over itself when offset, go far beyond.
double raggedness(const clip::Paths& paths, double width_units) {
    double turned = 0, length = 0;
    for (const clip::Path& path : paths) {
        const std::size_t n = path.size();
        const auto side = [&](std::size_t i) {
            const clip::IntPoint &a = path[i % n], &b = path[(i + 1) % n];
            return Point{static_cast<double>(b.X - a.X), static_cast<double>(b.Y - a.Y)};
        };
        for (std::size_t i = 0; i < n; ++i) {
            const Point before = side(i), after = side(i + 1);
            turned += std::abs(std::atan2(cross(before, after), dot(before, after)));
            length += norm(before);
        }
    }
    return length > 0 ? turned / length * std::abs(width_units) : 0;
}

/// Growing by a disc in steps is growing by it at once, but small steps close a ragged shape's notches before they can
/// fold over each other by the thousand. Each step may be off by its share of the tolerance, so that all together are
/// off by no more than it.
clip::Paths rounded_in_steps(clip::Paths paths, double width_units, double arc_tolerance_units) {
    constexpr double ragged = 3;
    const double least_step = std::abs(width_units) / 64;
    const auto allowed = [whole = std::abs(width_units), arc_tolerance_units](double step) {
        return std::max(1.0, arc_tolerance_units * step / whole);
    };
    double left = std::abs(width_units);
    while (!paths.empty() && left > 2 * least_step && raggedness(paths, left) > ragged) {
        const double whole = raggedness(paths, left);
        const double step = std::clamp(left / whole, least_step, left / 2);
        paths = round_offset(paths, width_units > 0 ? step : -step, 0.45 * allowed(step));
        clip::CleanPolygons(paths, 0.5 * allowed(step));
        left -= step;
    }
    const bool is_one_step = left == std::abs(width_units);
    return round_offset(paths, width_units > 0 ? left : -left, is_one_step ? arc_tolerance_units : 0.9 * allowed(left));
}

} // namespace

Polygons grown(const Polygons& region, const Growth& growth) {
    const clip::Paths paths = resolved(to_units(region));
    if (growth.width == 0)
        return from_units(paths);
    const double width_units = growth.width * units_per_mm;
    if (growth.corners == Corners::bevel)
        return from_units(bevelled(paths, width_units));
    if (growth.corners == Corners::round)
        return from_units(rounded_in_steps(paths, width_units, growth.arc_tolerance * units_per_mm));
    clip::ClipperOffset offset(growth.mitre_limit, growth.arc_tolerance * units_per_mm);
    offset.AddPaths(paths, clip::jtMiter, clip::etClosedPolygon);
    clip::Paths result;
    offset.Execute(result, width_units);
    return from_units(result);
}

namespace {

/// There and back by a disc. Corners come back as clusters of points no farther apart than the arcs are off, so these
/// are made one.
Polygons there_and_back(const Polygons& region, double width, double arc_tolerance) {
    const double tolerance_units = arc_tolerance * units_per_mm;
    const clip::Paths there = rounded_in_steps(resolved(to_units(region)), width * units_per_mm, tolerance_units);
    clip::Paths back = rounded_in_steps(there, -width * units_per_mm, tolerance_units);
    clip::CleanPolygons(back, 1.5 * tolerance_units);
    std::erase_if(back, [](const clip::Path& path) { return path.size() < 3; });
    return from_units(back);
}

} // namespace

Polygons closed(const Polygons& region, double radius, double arc_tolerance) {
    return there_and_back(region, radius, arc_tolerance);
}

Polygons opened(const Polygons& region, double radius, double arc_tolerance) {
    return there_and_back(region, -radius, arc_tolerance);
}

} // namespace fusuma
