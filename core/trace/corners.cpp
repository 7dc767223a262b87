#include "core/trace/corners.h"

#include <algorithm>
#include <array>
#include <optional>

namespace fusuma {

namespace {

constexpr double crowded_px = 2.25;    // two corners nearer than this count as one
constexpr double crowded_end_px = 1.2; // the same for the two corners of a bar's end
constexpr double believable_px = 0.04; // a stretch whose points stray farther from its parabola is not one piece
constexpr double corner_turn = 0.33;    // 19°: below this a joint reads as smooth
constexpr double sharpest_tip = 3.02;  // 173°: sides that meet at less than 7° are those of a bar
constexpr double least_bend = 0.03;    // 14° over a few points: less is no candidate
constexpr double near_peak = 0.8;      // a point that bends this much of its neighbours' is a candidate too
constexpr double end_bend = 0.55;      // 63°: the end of a thin bar bends at least so much

/// x(s) and y(s) as parabolas in the arc length s from the candidate.
struct Parabola {
    Point at0, slope, bend;
    [[nodiscard]] Point at(double s) const { return at0 + s * slope + s * s * bend; }
    [[nodiscard]] Point tangent(double s) const { return slope + 2 * s * bend; }
};

struct EdgeSample {
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
/// Farther out, for thin spikes: where the two sides are less than three pixels apart neither is placed well.
constexpr std::array far_windows{Window{11.0, 11.0, true}, Window{7.0, 8.0, true}, Window{4.5, 6.0, true},
                                 Window{4.0, 5.0, false}, Window{2.5, 4.5, false}};
constexpr double near_look = 6;
constexpr double far_look = 22;

std::optional<Parabola> fit_line(const std::vector<EdgeSample>& samples) {
    if (samples.size() < 2)
        return std::nullopt;
    const double n = static_cast<double>(samples.size());
    double mean = 0, squares = 0;
    Point middle, slope;
    for (const EdgeSample& q : samples) {
        mean += q.s / n;
        middle = middle + (1 / n) * q.p;
    }
    for (const EdgeSample& q : samples) {
        squares += (q.s - mean) * (q.s - mean);
        slope = slope + (q.s - mean) * q.p;
    }
    if (squares < 0.05)
        return std::nullopt;
    slope = (1 / squares) * slope;
    return Parabola{middle - mean * slope, slope, {}};
}

std::optional<Parabola> fit_parabola(const std::vector<EdgeSample>& samples) {
    if (samples.size() < 4)
        return std::nullopt;
    // Normal equations about the mean of s, which keeps them well conditioned.
    double mean = 0;
    for (const EdgeSample& q : samples)
        mean += q.s / static_cast<double>(samples.size());
    double m2 = 0, m3 = 0, m4 = 0;
    Point b0, b1, b2;
    for (const EdgeSample& q : samples) {
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

constexpr double certain_turn = 4; // more than any single corner's: the two corners of a bar's end
struct CornerCandidate {
    std::size_t index;
    double turn;
    Point position;
};

class Finder {
  public:
    Finder(const Polygon& run, const Coverage& picture)
        : points(run), coverage(picture), n(run.size()),
          believable(std::clamp(3 * noise(run), believable_px, 3 * believable_px)) {}

    std::vector<Corner> corners() {
        std::vector<double> turn(n);
        for (std::size_t i = 0; i < n; ++i)
            turn[i] = bend_at(i);
        std::vector<CornerCandidate> candidates;
        for (std::size_t i = 0; i < n; ++i) {
            if (turn[i] < least_bend)
                continue;
            if (turn[i] > end_bend && turns_back(i))
                examine_end(i, candidates);
            const double around = std::max(turn[step(i, 1)], turn[step(i, -1)]);
            const double farther = std::max(turn[step(step(i, 1), 1)], turn[step(step(i, -1), -1)]);
            if (turn[i] < around && (turn[i] < near_peak * around || turn[i] < farther))
                continue;
            if (const auto candidate = examine(i))
                candidates.push_back(*candidate);
        }
        return strongest(std::move(candidates));
    }

  private:
    using Run = std::vector<EdgeSample>;

    const Polygon& points;
    const Coverage& coverage;
    std::size_t n;
    double believable;          // px
    Run before, after, stretch; // kept between candidates, so that they need not grow anew

    /// A tip that reaches far beyond the contour leaves pixels partly covered on the way.
    [[nodiscard]] bool is_backed(Point blunted, Point tip) const {
        constexpr double far = 1.2;
        if (distance(blunted, tip) < far)
            return true;
        const Point between = lerp(blunted, tip, 0.6);
        const int x = static_cast<int>(std::floor(between.x)), y = static_cast<int>(std::floor(between.y));
        if (x < 0 || y < 0 || x >= coverage.width || y >= coverage.height)
            return false;
        const std::uint8_t value = coverage.row(y)[x];
        return value > 2 && value < 253;
    }

    /// A 90° corner is blunted by about 0.35 px; a tip of angle w recedes by about half a pixel over tan(w/2).
    static double most_blunted(double turn) { return 0.9 + 0.5 * std::tan(std::min(turn, 2.9) / 2); }

    /// How far from the corner its two sides disturb each other: two pixels, and at tips while less than about 2.5 px
    /// lie between them.
    static double blunted_length(double turn) {
        return turn == certain_turn ? 1.25 : std::max(2.2, 1.25 * std::tan(std::min(turn, 2.9) / 2));
    }

    [[nodiscard]] std::size_t step(std::size_t i, int by) const {
        return by > 0 ? (i + 1 == n ? 0 : i + 1) : (i == 0 ? n - 1 : i - 1);
    }

    /// Points from the candidate on, up to `look` along the contour.
    void run_from(std::size_t from, int by, double look, Run& samples) const {
        samples.clear();
        double s = 0;
        for (std::size_t i = from; s < look;) {
            const std::size_t next = step(i, by);
            s += distance(points[i], points[next]);
            i = next;
            if (i == from)
                break;
            samples.push_back({by * s, points[i]});
        }
    }

    [[nodiscard]] std::optional<Parabola> continuation(const Run& run, const Window& w) {
        stretch.clear();
        std::copy_if(run.begin(), run.end(), std::back_inserter(stretch),
                     [&](const EdgeSample& q) { return std::abs(q.s) >= w.skip && std::abs(q.s) <= w.skip + w.reach; });
        const bool is_long_enough = !stretch.empty() && std::abs(stretch.back().s) > w.skip + 0.7 * w.reach;
        const auto curve = !is_long_enough ? std::nullopt : w.straight ? fit_line(stretch) : fit_parabola(stretch);
        const double limit = w.straight && w.reach < 3 ? believable / 2 : believable * std::max(1.0, w.reach / 3);
        const bool is_believable = curve && std::all_of(stretch.begin(), stretch.end(), [&](const EdgeSample& q) {
                                       return distance(curve->at(q.s), q.p) < limit;
                                   });
        return is_believable ? curve : std::nullopt;
    }

    [[nodiscard]] std::optional<Parabola> nearest_continuation(const Run& run) {
        for (const Window& w : near_windows)
            if (const auto curve = continuation(run, w))
                return curve;
        return std::nullopt;
    }

    /// Cheap look first: how much the run bends here, from 0 (straight on) to 2 (straight back).
    [[nodiscard]] double bend_at(std::size_t i) const {
        constexpr std::size_t span = 5;
        const Point back = points[i] - points[i >= span ? i - span : i + n - span];
        const Point ahead = points[i + span < n ? i + span : i + span - n] - points[i];
        return 1 - dot(back, ahead) / std::max(1e-12, std::sqrt(dot(back, back) * dot(ahead, ahead)));
    }

    /// Does the run come back beside itself here, as at the end of a bar?
    [[nodiscard]] bool turns_back(std::size_t i) const {
        constexpr std::size_t near = 8, far = 14;
        const Point back = points[(i + n - near) % n] - points[(i + n - far) % n];
        const Point ahead = points[(i + far) % n] - points[(i + near) % n];
        return dot(back, ahead) < -0.9 * norm(back) * norm(ahead);
    }

    /// Does one smooth arc explain the points around the candidate as well as a corner would? What a parabola leaves
    /// over is compared with what it leaves of a true corner with the same turn: measured on wedges of 20° to 150°,
    /// at least 0.58 of it for nineteen in twenty, and on discs of 2 px radius and more at most 0.41.
    [[nodiscard]] bool is_round(std::size_t i) {
        constexpr double reach = 3.5, corner_like = 0.42;
        stretch.clear();
        for (auto q = before.rbegin(); q != before.rend(); ++q)
            if (-q->s <= reach)
                stretch.push_back(*q);
        stretch.push_back({0, points[i]});
        for (const EdgeSample& q : after)
            if (q.s <= reach)
                stretch.push_back(q);
        const auto arc = fit_parabola(stretch);
        if (!arc)
            return true;
        const std::size_t quarter = stretch.size() / 4;
        const Point in = unit(stretch[quarter].p - stretch.front().p);
        const Point out = unit(stretch.back().p - stretch[stretch.size() - 1 - quarter].p);
        const double half_turn = turn_between(in, out) / 2;
        const Point across = unit(out - in);
        double left_over = 0;
        for (const EdgeSample& q : stretch)
            left_over = std::max(left_over, std::abs(dot(arc->at(q.s) - q.p, across)));
        return left_over < corner_like * std::sin(half_turn) * reach / 8;
    }

    [[nodiscard]] std::optional<CornerCandidate> examine(std::size_t i) {
        run_from(i, -1, near_look, before);
        run_from(i, +1, near_look, after);
        if (is_round(i))
            return std::nullopt;
        const auto near_before = nearest_continuation(before), near_after = nearest_continuation(after);
        std::optional<CornerCandidate> corner;
        if (near_before && near_after) {
            if (turn_between(near_before->tangent(0), near_after->tangent(0)) < corner_turn)
                return std::nullopt; // smooth: nothing farther out can make it a corner
            corner = corner_of(i, *near_before, *near_after);
        }
        constexpr double spike = 1.9; // 109°: from here on the sides blur into each other near the tip
        if (corner && corner->turn < spike)
            return corner;
        run_from(i, -1, far_look, before);
        run_from(i, +1, far_look, after);
        for (const Window& w : far_windows) {
            const auto far_before = continuation(before, w), far_after = continuation(after, w);
            if (far_before && far_after)
                if (const auto tip = corner_of(i, *far_before, *far_after))
                    return tip->turn > spike ? tip : corner;
        }
        return corner;
    }

    /// The two corners of a bar's square end, which lie too close together for a stretch between them: both long sides
    /// are known from farther back, and the end is the straight line that leaves the same area, and the same share of
    /// it on either side of the middle. Round ends stick out beyond that line and have no corners.
    void examine_end(std::size_t i, std::vector<CornerCandidate>& found) {
        run_from(i, -1, far_look, before);
        run_from(i, +1, far_look, after);
        for (const Window& w : far_windows) {
            if (!w.straight)
                continue;
            const auto in = continuation(before, w), out = continuation(after, w);
            if (in && out) {
                add_end(i, *in, *out, found);
                return;
            }
        }
    }

    void add_end(std::size_t i, const Parabola& in, const Parabola& out, std::vector<CornerCandidate>& found) const {
        constexpr double parallel = 2.8;                           // 160°, the sides' turn from one to the other
        constexpr double thinnest = 1.8, thickest = 7, back = 4.5; // px
        const Point up = unit(in.tangent(0)), down = unit(out.tangent(0));
        if (turn_between(up, down) < parallel)
            return;
        const Point axis = unit(up - down), across{-axis.y, axis.x};
        // x along the axis and y across it, from a point back from the tip; the sides as y = at + slope * x.
        const Point origin = points[i] - back * axis;
        const auto local = [&](Point p) { return Point{dot(p - origin, axis), dot(p - origin, across)}; };
        struct Side {
            double at, slope;
        };
        const auto side = [&](const Parabola& line) {
            const Point p = local(line.at0), v{dot(line.slope, axis), dot(line.slope, across)};
            return Side{p.y - p.x * v.y / v.x, v.y / v.x};
        };
        const Side first = side(in), second = side(out);
        const double middle_slope = (first.slope + second.slope) / 2, widening = second.slope - first.slope;
        const double width = std::abs(second.at - first.at + widening * back);
        const double middle = (first.at + second.at) / 2;
        if (width < thinnest || width > thickest || std::abs(middle + middle_slope * back) > 0.75)
            return; // too thin or thick, or another point is nearer to the middle of the end
        double area = 0, moment = 0, tip = 0;
        std::size_t start = i;
        for (double s = 0; s < back + width && local(points[step(start, -1)]).x > 0; start = step(start, -1))
            s += distance(points[start], points[step(start, -1)]);
        Point from = local(points[start]);
        const auto take = [&](Point to) {
            if (to.x < 0) // stop at the line across the origin
                to = lerp(from, to, from.x / (from.x - to.x));
            const double mid = (from.x + to.x) / 2, y = (from.y + to.y) / 2;
            area += mid * (to.y - from.y);
            moment += mid * (to.y - from.y) * (y - middle - middle_slope * mid);
            tip = std::max(tip, to.x);
            from = to;
        };
        from = {0, first.at};
        for (std::size_t k = start; k != step(start, -1); k = step(k, 1)) {
            const Point p = local(points[k]);
            take(p);
            if (p.x <= 0)
                break;
        }
        take({0, second.at});
        const double sign = second.at > first.at ? 1 : -1, at_origin = std::abs(second.at - first.at);
        constexpr double blunted = 0.6; // px² that the contour cuts off the two corners, measured on bars at all angles
        const double length = (sign * area + blunted) / (at_origin + sign * widening * back / 2);
        const double slant = sign * moment * 12 / (width * width * width);
        const double sticks_out = tip - length - std::abs(slant) * width / 2;
        if (std::abs(slant) > 1 || sticks_out > 0.05 + 0.05 * width)
            return;
        for (const Side& s : {first, second}) {
            const double y = s.at + s.slope * length - middle - middle_slope * length;
            const double x = length + slant * y;
            const Point position = origin + x * axis + (s.at + s.slope * x) * across;
            std::size_t nearest = i;
            for (const int by : {-1, +1}) {
                std::size_t k = i;
                for (double gone = 0; gone < width; gone += 0.5, k = step(k, by))
                    if (distance(points[k], position) < distance(points[nearest], position))
                        nearest = k;
            }
            found.push_back({nearest, certain_turn, position});
        }
    }

    /// The corner where the two continued sides meet, when the blunted points between agree with it.
    [[nodiscard]] std::optional<CornerCandidate> corner_of(std::size_t i, const Parabola& in, const Parabola& out) const {
        const auto meet = meeting_point(in, out);
        const double turn = turn_between(in.tangent(0), out.tangent(0));
        if (!meet || turn < corner_turn)
            return std::nullopt;
        if (turn > sharpest_tip || distance(*meet, points[i]) > most_blunted(turn) || !is_backed(points[i], *meet))
            return std::nullopt;
        // Points that were skipped must lie along one side or the other, or a second corner hides among them.
        constexpr double blunting = 0.75;
        const auto along_sides = [&](const Run& run) {
            return std::all_of(run.begin(), run.end(), [&](const EdgeSample& q) {
                if (std::abs(q.s) > 2)
                    return true;
                const auto off_side = [&](const Parabola& side) {
                    return std::abs(cross(unit(side.tangent(0)), q.p - *meet));
                };
                return std::min(off_side(in), off_side(out)) < blunting;
            });
        };
        if (!along_sides(before) || !along_sides(after))
            return std::nullopt;
        return CornerCandidate{i, turn, *meet};
    }

    /// One corner per place. Where candidates crowd, the sharper turn counts (a spike's blurred flanks look like
    /// blunter corners), and then how near the point lies to its corner.
    [[nodiscard]] std::vector<Corner> strongest(std::vector<CornerCandidate> candidates) const {
        const auto doubt = [this](const CornerCandidate& c) {
            return distance(c.position, points[c.index]) / most_blunted(c.turn) - c.turn;
        };
        std::sort(candidates.begin(), candidates.end(),
                  [&](const CornerCandidate& l, const CornerCandidate& r) { return doubt(l) < doubt(r); });
        // Only what lies close along the contour can crowd; two corners are at least half a pixel apart there.
        constexpr std::size_t look = 12;
        std::vector<const CornerCandidate*> taken(n);
        std::vector<CornerCandidate> kept;
        for (const CornerCandidate& c : candidates) {
            bool crowded = false;
            for (std::size_t k = 0; k <= 2 * look && !crowded; ++k)
                if (const CornerCandidate* other = taken[(c.index + n + k - look) % n]) {
                    const bool both_ends = other->turn == certain_turn && c.turn == certain_turn;
                    crowded = both_ends
                                  ? other->index == c.index || distance(other->position, c.position) < crowded_end_px
                                  : distance(points[other->index], points[c.index]) < crowded_px;
                }
            if (!crowded) {
                taken[c.index] = &c;
                kept.push_back(c);
            }
        }
        std::sort(kept.begin(), kept.end(), [](const CornerCandidate& l, const CornerCandidate& r) { return l.index < r.index; });
        std::vector<Corner> result;
        for (const CornerCandidate& c : kept)
            result.push_back({c.index, c.position, blunted_length(c.turn)});
        return result;
    }
};

} // namespace

double noise(const Polygon& run) {
    const std::size_t size = run.size(), stride = size / 200 + 1;
    std::vector<double> off;
    for (std::size_t i = 0; i < size; i += stride) {
        const bool is_inner = i + 4 < size;
        const auto at = [&](std::size_t k) { return run[is_inner ? i + k : (i + k) % size]; };
        const Point fourth = at(0) - 4 * at(1) + 6 * at(2) - 4 * at(3) + at(4);
        off.push_back(std::abs(cross(unit(at(4) - at(0)), fourth)));
    }
    const auto middle = off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2);
    std::nth_element(off.begin(), middle, off.end());
    return *middle / (0.6745 * std::sqrt(70.0)); // of a normal distribution
}

std::vector<Corner> blunted_corners(const Polygon& points, const Coverage& coverage) {
    return points.size() < 16 ? std::vector<Corner>{} : Finder(points, coverage).corners();
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
