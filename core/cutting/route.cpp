#include "core/cutting/route.h"

#include <algorithm>
#include <numeric>
#include <utility>

namespace fusuma {

namespace {

/// Sums of stretches of a row of numbers that change. Source: Fenwick 1994 (binary indexed tree), from memory.
class Sums {
  public:
    explicit Sums(std::size_t size) : values(size), tree(size + 1) {}
    void set(std::size_t at, double value) {
        const double change = value - std::exchange(values[at], value);
        if (change != 0)
            for (std::size_t i = at + 1; i < tree.size(); i += i & (~i + 1))
                tree[i] += change;
    }
    [[nodiscard]] double up_to(std::size_t end) const { ///< of those before `end`
        double sum = 0;
        for (std::size_t i = end; i > 0; i &= i - 1)
            sum += tree[i];
        return sum;
    }

  private:
    std::vector<double> values, tree;
};

/// The way under improvement. Position 0 is home. How much longer each link is when it is walked back is kept as sums,
/// so that the gain of turning a stretch round takes few look-ups, and a change costs what it moves.
class Tour {
  public:
    Tour(const std::vector<Stop>& all, std::vector<std::size_t> order, Point home)
        : stops(all), visits(std::move(order)), start{home, home}, places(all.size()), longer_back(size()) {
        measure(1, size() - 1);
    }

    [[nodiscard]] std::size_t size() const { return visits.size() + 1; }
    [[nodiscard]] std::size_t place_of(std::size_t stop) const { return places[stop]; }
    [[nodiscard]] const std::vector<std::size_t>& order() const { return visits; }
    [[nodiscard]] std::size_t at(std::size_t place) const { return visits[place - 1]; }

    /// Could the way get shorter by putting two stops next to each other? Not when they are farther apart than the
    /// first is from those that are.
    [[nodiscard]] bool may_gain(std::size_t one, std::size_t other) const {
        const std::size_t i = places[one];
        const double far =
            std::min(distance(stops[one].out, stops[other].in), distance(stops[other].out, stops[one].in));
        return far < link(i - 1, i) || (i + 1 < size() && far < link(i, i + 1));
    }

    /// Turns places first…last round when that is shorter.
    bool turn_round(std::size_t first, std::size_t last) {
        if (last - first > longest_change)
            return false;
        double before = link(first - 1, first);
        double after =
            distance(stop(first - 1).out, stop(last).in) + longer_back.up_to(last + 1) - longer_back.up_to(first + 1);
        if (last + 1 < size()) {
            before += link(last, last + 1);
            after += distance(stop(first).out, stop(last + 1).in);
        }
        if (after > before - least_gain)
            return false;
        std::reverse(visits.begin() + offset(first), visits.begin() + offset(last) + 1);
        measure(first, last);
        return true;
    }

    /// Moves places first…last to follow `after`, which lies outside them, when that is shorter.
    bool move(std::size_t first, std::size_t last, std::size_t after) {
        if (after + 1 == first || (after >= first && after <= last) ||
            std::max(last, after) - std::min(first, after) > longest_change)
            return false;
        const bool has_next = last + 1 < size();
        double gain = link(first - 1, first);
        if (has_next)
            gain += link(last, last + 1) - distance(stop(first - 1).out, stop(last + 1).in);
        gain -= distance(stop(after).out, stop(first).in);
        if (after + 1 < size())
            gain -= distance(stop(last).out, stop(after + 1).in) - link(after, after + 1);
        if (gain < least_gain)
            return false;
        const auto from = visits.begin() + offset(first), to = visits.begin() + offset(last) + 1;
        if (after < first)
            std::rotate(visits.begin() + offset(after) + 1, from, to);
        else
            std::rotate(from, to, visits.begin() + offset(after) + 1);
        measure(std::min(first, after + 1), std::max(last, after));
        return true;
    }

  private:
    static constexpr double least_gain = 1e-6;
    /// Stops that one change may move: beyond it, changes cost much and shorten little. Source: Johnson and McGeoch 1997
    /// (reversals of at most some thousand cities), from memory.
    static constexpr std::size_t longest_change = 5000;
    const std::vector<Stop>& stops;
    std::vector<std::size_t> visits;
    Stop start;
    std::vector<std::size_t> places; ///< of each stop
    Sums longer_back;                ///< for the link that leads to each place

    static std::ptrdiff_t offset(std::size_t place) { return static_cast<std::ptrdiff_t>(place) - 1; }
    [[nodiscard]] const Stop& stop(std::size_t place) const { return place == 0 ? start : stops[visits[place - 1]]; }
    [[nodiscard]] double link(std::size_t from, std::size_t to) const { return distance(stop(from).out, stop(to).in); }
    void measure(std::size_t first, std::size_t last) { ///< anew, what was moved to these places
        for (std::size_t i = first; i <= last; ++i)
            places[visits[i - 1]] = i;
        for (std::size_t i = std::max<std::size_t>(2, first); i <= std::min(last + 1, size() - 1); ++i)
            longer_back.set(i, distance(stop(i).out, stop(i - 1).in) - link(i - 1, i));
    }
};

/// The few stops nearest to each, nearest first. They are looked for among stops sorted from left to right, outwards
/// until none can be nearer.
std::vector<std::vector<std::size_t>> neighbours(const std::vector<Stop>& stops) {
    constexpr std::size_t most = 8;
    std::vector<std::size_t> by_x(stops.size());
    std::iota(by_x.begin(), by_x.end(), std::size_t{0});
    std::ranges::sort(by_x, {}, [&](std::size_t i) { return stops[i].in.x; });
    std::vector<std::vector<std::size_t>> near(stops.size());
    std::vector<std::pair<double, std::size_t>> found; // the nearest so far, sorted
    for (std::size_t i = 0; i < stops.size(); ++i) {
        const Point from = stops[i].out;
        found.clear();
        /// False when it and all beyond it are too far.
        const auto look_at = [&](std::size_t k) {
            const Point way = stops[k].in - from;
            if (found.size() == most && way.x * way.x > found.back().first)
                return false;
            if (const double far = dot(way, way); k != i && (found.size() < most || far < found.back().first)) {
                const std::pair entry{far, k};
                found.insert(std::ranges::upper_bound(found, entry), entry);
                if (found.size() > most)
                    found.pop_back();
            }
            return true;
        };
        const auto middle = std::ranges::lower_bound(by_x, from.x, {}, [&](std::size_t k) { return stops[k].in.x; });
        auto left = middle, right = middle;
        for (bool more_left = true, more_right = true; more_left || more_right;) {
            more_left = more_left && left != by_x.begin() && look_at(*--left);
            more_right = more_right && right != by_x.end() && look_at(*right++);
        }
        for (const auto& [far, k] : found)
            near[i].push_back(k);
    }
    return near;
}

std::vector<std::size_t> nearest_first(const std::vector<Stop>& stops, Point home,
                                       const std::vector<std::vector<std::size_t>>& near) {
    std::vector<char> visited(stops.size());
    std::vector<std::size_t> order;
    order.reserve(stops.size());
    const auto nearest_of_all = [&](Point at) {
        std::size_t nearest = 0;
        double least = HUGE_VAL;
        for (std::size_t k = 0; k < stops.size(); ++k) {
            const Point way = stops[k].in - at;
            if (const double far = dot(way, way); !visited[k] && far < least) {
                least = far;
                nearest = k;
            }
        }
        return nearest;
    };
    while (order.size() < stops.size()) {
        std::size_t next = stops.size();
        if (!order.empty())
            for (const std::size_t k : near[order.back()])
                if (next == stops.size() && !visited[k])
                    next = k;
        if (next == stops.size())
            next = nearest_of_all(order.empty() ? home : stops[order.back()].out);
        visited[next] = 1;
        order.push_back(next);
    }
    return order;
}

bool improve_round(Tour& way, std::size_t stop, std::size_t near) {
    const std::size_t i = way.place_of(stop), k = way.place_of(near);
    // So that `near` comes right after `stop`, or right before it.
    if (i < k ? way.turn_round(i + 1, k) : way.turn_round(k, i - 1))
        return true;
    constexpr std::size_t longest_stretch = 3;
    for (std::size_t length = 1; length <= longest_stretch; ++length) {
        if (const std::size_t last = k + length - 1; last < way.size() && (i < k || i > last) && way.move(k, last, i))
            return true;
        if (k >= length && k - length + 1 >= 1 && (i < k - length + 1 || i > k) && i >= 1 &&
            way.move(k - length + 1, k, i - 1))
            return true;
    }
    return false;
}

} // namespace

double travel(const std::vector<Stop>& stops, const std::vector<std::size_t>& order, Point home) {
    double sum = 0;
    for (const std::size_t i : order) {
        sum += distance(home, stops[i].in);
        home = stops[i].out;
    }
    return sum;
}

std::vector<std::size_t> short_route(const std::vector<Stop>& stops, Point home) {
    constexpr int most_rounds = 60;
    const auto near = neighbours(stops);
    Tour way(stops, nearest_first(stops, home, near), home);
    bool is_better = true;
    for (int round = 0; is_better && round < most_rounds; ++round) {
        is_better = false;
        for (std::size_t stop = 0; stop < stops.size(); ++stop)
            for (const std::size_t other : near[stop]) {
                if (!way.may_gain(stop, other))
                    break; // nor will those farther off
                is_better = improve_round(way, stop, other) || is_better;
            }
        // A stretch at the end, or at the beginning, has no link on one side.
        for (std::size_t place = 1; place + 1 < way.size(); ++place)
            is_better = way.turn_round(place, way.size() - 1) || way.turn_round(1, place) || is_better;
    }
    return way.order();
}

} // namespace fusuma
