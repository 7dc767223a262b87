#include "core/cutting/cutting_time.h"

#include <algorithm>

namespace fusuma {

double seconds_along(const std::vector<Point>& path, double speed, double acceleration) {
    // The fastest that each point may be passed: by its corner, then by what braking and speeding up allow.
    std::vector<double> most(path.size(), 0);
    for (std::size_t i = 1; i + 1 < path.size(); ++i)
        most[i] = speed * std::max(0.0, dot(unit(path[i] - path[i - 1]), unit(path[i + 1] - path[i])));
    const auto reachable = [&](double from, double mm) { return std::sqrt(from * from + 2 * acceleration * mm); };
    for (std::size_t i = 1; i < path.size(); ++i)
        most[i] = std::min(most[i], reachable(most[i - 1], distance(path[i - 1], path[i])));
    for (std::size_t i = path.size(); i-- > 1;)
        most[i - 1] = std::min(most[i - 1], reachable(most[i], distance(path[i - 1], path[i])));
    double seconds = 0;
    for (std::size_t i = 1; i < path.size(); ++i) {
        const double mm = distance(path[i - 1], path[i]), in = most[i - 1], out = most[i];
        // Up to a peak and down again; at full speed in between when there is room.
        const double peak = std::min(speed, std::sqrt((in * in + out * out) / 2 + acceleration * mm));
        const double ramps = (2 * peak * peak - in * in - out * out) / (2 * acceleration);
        seconds += (2 * peak - in - out) / acceleration + std::max(0.0, mm - ramps) / std::max(peak, 1e-9);
    }
    return seconds;
}

} // namespace fusuma
