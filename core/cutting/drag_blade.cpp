#include "core/cutting/drag_blade.h"

#include <algorithm>

namespace fusuma {

namespace {

double angle_between(Point from, Point to) {
    return std::atan2(cross(from, to), dot(from, to));
}

Point turned(Point v, double radians) {
    const double c = std::cos(radians), s = std::sin(radians);
    return {c * v.x - s * v.y, s * v.x + c * v.y};
}

} // namespace

std::vector<Point> axis_path(const std::vector<Point>& line, double offset, Point& facing) {
    constexpr double gentle = 0.12;   // rad that the blade follows by itself: it strays by 2 % of its offset
    constexpr double arc_step = 0.35; // rad between points of a swivel arc: 0.4 % of the offset beside it
    std::vector<Point> axis;
    axis.reserve(line.size() + 16);
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        const Point direction = unit(line[i + 1] - line[i]);
        if (direction == Point{})
            continue;
        static const double nearly_ahead = std::cos(gentle), in_one_step = std::cos(arc_step);
        const double ahead = dot(facing, direction);
        if (axis.empty())
            axis.push_back(line[i] + offset * facing);
        if (ahead < in_one_step) {
            const double turn = angle_between(facing, direction);
            const int steps = std::max(1, static_cast<int>(std::ceil(std::abs(turn) / arc_step)));
            for (int k = 1; k < steps; ++k)
                axis.push_back(line[i] + offset * turned(facing, turn * k / steps));
        }
        if (ahead < nearly_ahead || axis.size() == 1)
            axis.push_back(line[i] + offset * direction);
        else
            axis.back() = line[i] + offset * unit(facing + direction);
        axis.push_back(line[i + 1] + offset * direction);
        facing = direction;
    }
    return axis;
}

std::vector<Point> tip_path(const std::vector<Point>& axis, double offset, Point& facing, double step) {
    std::vector<Point> tips;
    if (axis.empty())
        return tips;
    tips.push_back(axis.front() - offset * facing);
    for (std::size_t i = 0; i + 1 < axis.size(); ++i) {
        const double whole = distance(axis[i], axis[i + 1]);
        if (whole == 0)
            continue;
        const Point direction = unit(axis[i + 1] - axis[i]);
        const double half = std::tan(angle_between(direction, facing) / 2);
        const int steps = std::max(1, static_cast<int>(std::ceil(whole / step)));
        for (int k = 1; k <= steps; ++k) {
            const double s = whole * k / steps;
            const double angle = 2 * std::atan(half * std::exp(-s / offset));
            facing = turned(direction, angle);
            tips.push_back(axis[i] + s * direction - offset * facing);
        }
    }
    return tips;
}

} // namespace fusuma
