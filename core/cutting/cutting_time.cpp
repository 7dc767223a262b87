#include "core/cutting/cutting_time.h"

#include <algorithm>

namespace fusuma {

double seconds_along(const std::vector<Point>& path, double speed, double acceleration) {
    const std::size_t n = path.size();
    if (n < 2)
        return 0;
    // The square of the fastest that each point may be passed: by its corner, then by what braking and speeding up
    // allow.
    std::vector<double> lengths(n, 0), squares(n, 0);
    Point before;
    for (std::size_t i = 1; i < n; ++i) {
        const Point way = path[i] - path[i - 1];
        lengths[i] = norm(way);
        const Point direction = lengths[i] > 0 ? (1 / lengths[i]) * way : before;
        const double corner = i > 1 ? speed * std::max(0.0, dot(before, direction)) : 0;
        squares[i - 1] = corner * corner;
        before = direction;
    }
    for (std::size_t i = 1; i < n; ++i)
        squares[i] = std::min(squares[i], squares[i - 1] + 2 * acceleration * lengths[i]);
    for (std::size_t i = n - 1; i >= 1; --i)
        squares[i - 1] = std::min(squares[i - 1], squares[i] + 2 * acceleration * lengths[i]);
    double seconds = 0, in = 0;
    for (std::size_t i = 1; i < n; ++i) {
        const double out = std::sqrt(squares[i]), both = squares[i - 1] + squares[i];
        // Up to a peak and down again; at full speed in between when there is room.
        const double most = both / 2 + acceleration * lengths[i];
        const double peak = most >= speed * speed ? speed : std::sqrt(most);
        const double ramps = (2 * peak * peak - both) / (2 * acceleration);
        seconds += (2 * peak - in - out) / acceleration + std::max(0.0, lengths[i] - ramps) / std::max(peak, 1e-9);
        in = out;
    }
    return seconds;
}

} // namespace fusuma
