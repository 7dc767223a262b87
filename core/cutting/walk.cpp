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
    const double all = walk.length(), apart = all / tried;
    const int reach = std::clamp(static_cast<int>(std::lround(3 / apart)), 1, 3); // places that make about 3 mm
    std::vector<Point> places;
    for (int k = 0; k < tried; ++k)
        places.push_back(walk.at(k * apart));
    const auto around = [](int k) { return static_cast<std::size_t>((k + tried) % tried); };
    std::vector<double> bends; // how much the line bends about each place
    for (int k = 0; k < tried; ++k) {
        const Point here = places[around(k)], before = places[around(k - reach)], after = places[around(k + reach)];
        bends.push_back((distance(before, here) + distance(here, after) - distance(before, after)) /
                        (2 * reach * apart));
    }
    // A sharp bend counts from afar too: the flank of a thin tip is straight, but no place to go in.
    const int near = 2 * reach;
    std::vector<double> scores = bends;
    for (int k = 0; k < tried; ++k)
        for (int by = -near; by <= near; ++by)
            scores[static_cast<std::size_t>(k)] =
                std::max(scores[static_cast<std::size_t>(k)], bends[around(k + by)] / 2);
    const double least = *std::ranges::min_element(scores);
    std::vector<double> starts;
    for (int k = 0; k < tried; ++k)
        if (constexpr double about_as_gentle = 0.03; scores[static_cast<std::size_t>(k)] <= least + about_as_gentle)
            starts.push_back(k * apart);
    return starts;
}

} // namespace fusuma
