#include "core/cutting/walk.h"

#include <algorithm>

namespace fusuma {

Walk::Walk(std::vector<Point> line, bool is_closed) : points(std::move(line)), closed(is_closed) {
    along.reserve(points.size());
    along.push_back(0);
    for (std::size_t i = 1; i < points.size(); ++i)
        along.push_back(along.back() + distance(points[i - 1], points[i]));
}

std::size_t Walk::edge_at(double mm) const {
    const auto after = std::upper_bound(along.begin() + 1, along.end() - 1, mm);
    return static_cast<std::size_t>(after - along.begin()) - 1;
}

Point Walk::at(double mm) const {
    if (points.size() < 2)
        return points.front();
    if (closed && length() > 0)
        mm = std::fmod(std::fmod(mm, length()) + length(), length());
    const std::size_t i = edge_at(mm);
    const double edge = along[i + 1] - along[i];
    return edge > 0 ? lerp(points[i], points[i + 1], std::clamp((mm - along[i]) / edge, 0.0, 1.0)) : points[i];
}

std::vector<Point> Walk::stretch(double from, double to) const {
    constexpr double same = 1e-6; // mm
    std::vector<Point> part{at(from)};
    const double round = length();
    double lap = 0;
    if (closed && from >= round) {
        from -= round;
        to -= round;
    }
    std::size_t i = edge_at(from) + 1;
    for (;; ++i) {
        if (i >= points.size()) {
            if (!closed)
                break;
            i = 1;
            lap += round;
        }
        if (lap + along[i] >= to - same)
            break;
        if (lap + along[i] > from + same)
            part.push_back(points[i]);
    }
    part.push_back(at(closed ? to : std::min(to, round)));
    return part;
}

std::vector<double> gentle_starts(const Walk& walk) {
    if (!walk.is_closed())
        return {0};
    constexpr int tried = 24;
    const double all = walk.length(), reach = std::min(3.0, all / 8);
    std::vector<double> bends; // how much the line bends about each place
    for (int k = 0; k < tried; ++k) {
        const double mm = all * k / tried;
        const Point here = walk.at(mm), before = walk.at(mm - reach), after = walk.at(mm + reach);
        bends.push_back((distance(before, here) + distance(here, after) - distance(before, after)) / (2 * reach));
    }
    // A sharp bend counts from afar too: the flank of a thin tip is straight, but no place to go in.
    const int near = std::max(1, static_cast<int>(std::ceil(2 * reach * tried / all)));
    std::vector<double> scores = bends;
    for (int k = 0; k < tried; ++k)
        for (int by = -near; by <= near; ++by)
            scores[static_cast<std::size_t>(k)] = std::max(
                scores[static_cast<std::size_t>(k)], bends[static_cast<std::size_t>((k + by + tried) % tried)] / 2);
    const double least = *std::ranges::min_element(scores);
    std::vector<double> places;
    for (int k = 0; k < tried; ++k)
        if (constexpr double about_as_gentle = 0.03; scores[static_cast<std::size_t>(k)] <= least + about_as_gentle)
            places.push_back(all * k / tried);
    return places;
}

} // namespace fusuma
