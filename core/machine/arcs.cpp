#include "core/machine/arcs.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

namespace {

constexpr std::size_t least_edges = 4;  // worth an arc
constexpr double longest_radius = 1000; // mm; what is flatter is a line to a machine
constexpr double most_turn = 1.9 * std::numbers::pi;

/// The middle of the circle through three places; none when they lie on a line, or nearly.
std::optional<Point> centre_of(Point a, Point b, Point c) {
    const Point u = b - a, v = c - a;
    const double twice_area = 2 * cross(u, v);
    if (std::abs(twice_area) < 1e-12)
        return std::nullopt;
    const double uu = dot(u, u), vv = dot(v, v);
    return a + (1 / twice_area) * Point{uu * v.y - vv * u.y, vv * u.x - uu * v.x};
}

/// The arc from one point of the path to another, when all between lie on it.
std::optional<PathStep> arc_between(const std::vector<Point>& path, std::size_t from, std::size_t to,
                                    double tolerance) {
    const auto centre = centre_of(path[from], path[(from + to) / 2], path[to]);
    if (!centre)
        return std::nullopt;
    const double radius = distance(*centre, path[from]);
    if (radius > longest_radius)
        return std::nullopt;
    const auto is_on_it = [&](Point p) { return std::abs(distance(*centre, p) - radius) <= tolerance; };
    const bool is_clockwise = cross(path[from] - *centre, path[from + 1] - *centre) < 0;
    double turn = 0;
    for (std::size_t i = from + 1; i <= to; ++i) {
        const Point before = path[i - 1] - *centre, after = path[i] - *centre;
        const double step = std::atan2(cross(before, after), dot(before, after));
        if ((step < 0) != is_clockwise || !is_on_it(path[i]) || !is_on_it(0.5 * (path[i - 1] + path[i])))
            return std::nullopt;
        turn += std::abs(step);
    }
    if (turn > most_turn)
        return std::nullopt;
    return PathStep{path[to], centre, is_clockwise};
}

} // namespace

std::vector<PathStep> with_arcs(const std::vector<Point>& path, double tolerance) {
    std::vector<PathStep> steps;
    for (std::size_t at = 0; at + 1 < path.size();) {
        std::optional<PathStep> best;
        std::size_t end = at + 1;
        // Twice as far for as long as it is an arc, then back by halves to where it ends.
        for (std::size_t step = least_edges; at + step < path.size(); step *= 2) {
            const auto arc = arc_between(path, at, at + step, tolerance);
            if (!arc)
                break;
            best = arc;
            end = at + step;
        }
        for (std::size_t step = best ? (end - at) / 2 : 0; step > 0; step /= 2)
            if (end + step < path.size())
                if (const auto arc = arc_between(path, at, end + step, tolerance)) {
                    best = arc;
                    end += step;
                }
        steps.push_back(best ? *best : PathStep{path[end], {}, false});
        at = end;
    }
    return steps;
}

} // namespace fusuma
