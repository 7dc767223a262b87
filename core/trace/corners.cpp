#include "core/trace/corners.h"

#include <algorithm>
#include <array>
#include <optional>

namespace fusuma {

namespace {

constexpr double crowded_px = 2.25;        // two corners nearer than this count as one
constexpr double believable_px = 0.04;     // a stretch whose points stray farther from its parabola is not one piece
constexpr double least_turn = 0.42;        // 24°: below this a joint reads as smooth
constexpr double candidate_tangent = 0.25; // tan of 14°: less bend than this over a few points is no candidate

/// x(s) and y(s) as parabolas in the arc length s from the candidate.
struct Parabola {
    Point at0, slope, bend;
    [[nodiscard]] Point at(double s) const { return at0 + s * slope + s * s * bend; }
    [[nodiscard]] Point tangent(double s) const { return slope + 2 * s * bend; }
};

struct Sample {
    double s;
    Point p;
};

/// Which stretch next to a corner to continue: what lies nearer than `skip` is blunted, and it is `reach` long.
struct Window {
    double skip, reach;
    bool straight; ///< continued as a line, where too few points are left for a parabola
};
/// Near a corner, in order of trust: the short ones are for corners with the next corner close by.
constexpr std::array near_windows{Window{1.25, 4.5, false}, Window{1.25, 2.6, false}, Window{1.0, 1.9, true},
                                  Window{0.8, 1.3, true}};
/// Farther out, for thin spikes, whose tips blunt over a longer way.
constexpr std::array far_windows{Window{4.0, 5.0, false}, Window{2.5, 4.5, false}};
constexpr double widest_look = 9.5;

std::optional<Parabola> fit_line(const std::vector<Sample>& samples) {
    if (samples.size() < 2)
        return std::nullopt;
    const double n = static_cast<double>(samples.size());
    double mean = 0, squares = 0;
    Point middle, slope;
    for (const Sample& q : samples) {
        mean += q.s / n;
        middle = middle + (1 / n) * q.p;
    }
    for (const Sample& q : samples) {
        squares += (q.s - mean) * (q.s - mean);
        slope = slope + (q.s - mean) * q.p;
    }
    if (squares < 0.05)
        return std::nullopt;
    slope = (1 / squares) * slope;
    return Parabola{middle - mean * slope, slope, {}};
}

std::optional<Parabola> fit_parabola(const std::vector<Sample>& samples) {
    if (samples.size() < 4)
        return std::nullopt;
    // Normal equations about the mean of s, which keeps them well conditioned.
    double mean = 0;
    for (const Sample& q : samples)
        mean += q.s / static_cast<double>(samples.size());
    double m2 = 0, m3 = 0, m4 = 0;
    Point b0, b1, b2;
    for (const Sample& q : samples) {
        const double s = q.s - mean;
        m2 += s * s;
        m3 += s * s * s;
        m4 += s * s * s * s;
        b0 = b0 + q.p;
        b1 = b1 + s * q.p;
        b2 = b2 + s * s * q.p;
    }
    const double n = static_cast<double>(samples.size());
    // [n 0 m2; 0 m2 m3; m2 m3 m4]
    const double det = n * (m2 * m4 - m3 * m3) - m2 * m2 * m2;
    if (det < 1e-9)
        return std::nullopt;
    const Point c0 = (1 / det) * ((m2 * m4 - m3 * m3) * b0 + (m2 * m3) * b1 - (m2 * m2) * b2);
    const Point c1 = (1 / det) * ((m2 * m3) * b0 + (n * m4 - m2 * m2) * b1 - (n * m3) * b2);
    const Point c2 = (1 / det) * (-(m2 * m2) * b0 - (n * m3) * b1 + (n * m2) * b2);
    return Parabola{c0 - mean * c1 + mean * mean * c2, c1 - 2 * mean * c2, c2};
}

/// Where the continued parabolas meet nearest to the candidate, by Newton's method from s = t = 0.
std::optional<Point> meeting_point(const Parabola& before, const Parabola& after) {
    double s = 0, t = 0;
    for (int round = 0; round < 8; ++round) {
        const Point gap = after.at(t) - before.at(s);
        const Point u = before.tangent(s), v = after.tangent(t);
        const double det = cross(u, v);
        if (std::abs(det) < 1e-3)
            return std::nullopt;
        s += cross(gap, v) / det;
        t += cross(gap, u) / det;
        if (std::abs(s) > 8 || std::abs(t) > 8)
            return std::nullopt;
    }
    return lerp(before.at(s), after.at(t), 0.5);
}

double turn_between(Point u, Point v) {
    return std::abs(std::atan2(cross(u, v), dot(u, v)));
}

struct Candidate {
    std::size_t index;
    double turn;
    Point position;
};

class Finder {
  public:
    explicit Finder(const Polygon& run) : points(run), n(run.size()) {}

    std::vector<Corner> corners() {
        std::vector<Candidate> candidates;
        for (std::size_t i = 0; i < n; ++i)
            if (const auto candidate = examine(i))
                candidates.push_back(*candidate);
        return strongest(std::move(candidates));
    }

  private:
    const Polygon& points;
    std::size_t n;

    [[nodiscard]] std::size_t step(std::size_t i, int by) const {
        return by > 0 ? (i + 1 == n ? 0 : i + 1) : (i == 0 ? n - 1 : i - 1);
    }

    /// Points from the candidate on, as far as the widest window looks.
    [[nodiscard]] std::vector<Sample> run_from(std::size_t from, int by) const {
        std::vector<Sample> samples;
        double s = 0;
        for (std::size_t i = from; s < widest_look;) {
            const std::size_t next = step(i, by);
            s += distance(points[i], points[next]);
            i = next;
            if (i == from)
                break;
            samples.push_back({by * s, points[i]});
        }
        return samples;
    }

    using Run = std::vector<Sample>;

    [[nodiscard]] static std::optional<Parabola> continuation(const Run& run, const Window& w) {
        Run stretch;
        std::copy_if(run.begin(), run.end(), std::back_inserter(stretch),
                     [&](const Sample& q) { return std::abs(q.s) >= w.skip && std::abs(q.s) <= w.skip + w.reach; });
        const auto curve = w.straight ? fit_line(stretch) : fit_parabola(stretch);
        const double limit = w.straight ? believable_px / 2 : believable_px * std::max(1.0, w.reach / 3);
        const bool believable = curve && std::all_of(stretch.begin(), stretch.end(), [&](const Sample& q) {
                                    return distance(curve->at(q.s), q.p) < limit;
                                });
        return believable ? curve : std::nullopt;
    }

    [[nodiscard]] static std::optional<Parabola> nearest_continuation(const Run& run) {
        for (const Window& w : near_windows)
            if (const auto curve = continuation(run, w))
                return curve;
        return std::nullopt;
    }

    /// Cheap look first: does the run bend at all here?
    [[nodiscard]] bool bends(std::size_t i) const {
        constexpr std::size_t span = 5;
        const Point back = points[i] - points[i >= span ? i - span : i + n - span];
        const Point ahead = points[i + span < n ? i + span : i + span - n] - points[i];
        const double along = dot(back, ahead);
        return along < 0 || std::abs(cross(back, ahead)) > candidate_tangent * along;
    }

    [[nodiscard]] std::optional<Candidate> examine(std::size_t i) const {
        if (!bends(i))
            return std::nullopt;
        const Run before = run_from(i, -1), after = run_from(i, +1);
        const auto near_before = nearest_continuation(before), near_after = nearest_continuation(after);
        std::optional<Candidate> corner;
        if (near_before && near_after) {
            if (turn_between(near_before->tangent(0), near_after->tangent(0)) < least_turn)
                return std::nullopt; // smooth: nothing farther out can make it a corner
            corner = corner_of(i, *near_before, *near_after, before, after);
        }
        constexpr double spike = 1.9; // 109°: from here on the sides blur into each other near the tip
        if (corner && corner->turn < spike)
            return corner;
        for (const Window& w : far_windows) {
            const auto far_before = continuation(before, w), far_after = continuation(after, w);
            if (far_before && far_after)
                if (const auto tip = corner_of(i, *far_before, *far_after, before, after))
                    return tip;
        }
        return corner;
    }

    /// The corner where the two continued sides meet, when the blunted points between agree with it.
    [[nodiscard]] std::optional<Candidate> corner_of(std::size_t i, const Parabola& before, const Parabola& after,
                                                     const Run& run_before, const Run& run_after) const {
        const auto meet = meeting_point(before, after);
        const double turn = turn_between(before.tangent(0), after.tangent(0));
        if (!meet || turn < least_turn)
            return std::nullopt;
        // A 90° corner is blunted by about 0.35 px; a tip of angle w recedes by about half a pixel over tan(w/2).
        const double off = distance(*meet, points[i]);
        if (off > 0.9 + 0.5 * std::tan(std::min(turn, 2.9) / 2))
            return std::nullopt;
        // Points that were skipped must lie along one side or the other, or a second corner hides among them.
        constexpr double blunting = 0.75;
        const auto along_sides = [&](const Run& run) {
            return std::all_of(run.begin(), run.end(), [&](const Sample& q) {
                if (std::abs(q.s) > 2)
                    return true;
                const auto off_side = [&](const Parabola& side) {
                    return std::abs(cross(unit(side.tangent(0)), q.p - *meet));
                };
                return std::min(off_side(before), off_side(after)) < blunting;
            });
        };
        if (!along_sides(run_before) || !along_sides(run_after))
            return std::nullopt;
        return Candidate{i, turn, *meet};
    }

    /// One corner per place. Where candidates crowd, the sharper turn counts (a spike's blurred flanks look like
    /// blunter corners), and then how near the point lies to its corner.
    [[nodiscard]] std::vector<Corner> strongest(std::vector<Candidate> candidates) const {
        const auto doubt = [this](const Candidate& c) { return distance(c.position, points[c.index]) - c.turn; };
        std::sort(candidates.begin(), candidates.end(),
                  [&](const Candidate& l, const Candidate& r) { return doubt(l) < doubt(r); });
        std::vector<Corner> kept;
        for (const Candidate& c : candidates) {
            const bool crowded = std::any_of(kept.begin(), kept.end(), [&](const Corner& k) {
                return distance(points[k.index], points[c.index]) < crowded_px;
            });
            if (!crowded)
                kept.push_back({c.index, c.position});
        }
        std::sort(kept.begin(), kept.end(), [](const Corner& l, const Corner& r) { return l.index < r.index; });
        return kept;
    }
};

} // namespace

std::vector<Corner> blunted_corners(const Polygon& points) {
    return points.size() < 16 ? std::vector<Corner>{} : Finder(points).corners();
}

std::vector<Corner> sharp_vertices(const Polygon& polygon, double turn_limit) {
    std::vector<Corner> corners;
    const std::size_t n = polygon.size();
    for (std::size_t i = 0; i < n; ++i) {
        const Point in = polygon[i] - polygon[(i + n - 1) % n];
        const Point out = polygon[(i + 1) % n] - polygon[i];
        if (turn_between(in, out) > turn_limit)
            corners.push_back({i, polygon[i]});
    }
    return corners;
}

} // namespace fusuma
