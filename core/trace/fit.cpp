#include "core/trace/fit.h"

#include <algorithm>
#include <array>
#include <optional>
#include <span>

namespace fusuma {

namespace {

Point cubic_at(Point p0, const Segment& s, double t) {
    const double u = 1 - t;
    return u * u * u * p0 + 3 * u * u * t * s.control1 + 3 * u * t * t * s.control2 + t * t * t * s.end;
}

/// One Newton step towards the parameter of the curve's nearest point to `p`.
double closer_parameter(Point p0, const Segment& s, Point p, double t) {
    const double u = 1 - t;
    const Point d0 = s.control1 - p0, d1 = s.control2 - s.control1, d2 = s.end - s.control2;
    const Point offset = cubic_at(p0, s, t) - p;
    const Point first = 3 * (u * u * d0 + 2 * u * t * d1 + t * t * d2);
    const Point second = 6 * (u * (d1 - d0) + t * (d2 - d1));
    const double slope = dot(first, first) + dot(offset, second);
    if (std::abs(slope) < 1e-15)
        return t;
    return std::clamp(t - dot(offset, first) / slope, 0.0, 1.0);
}

/// A cubic can only loop when its two handles cross (Stone & DeRose, ACM TOG 8(3), 1989, from memory).
bool handles_cross(Point p0, const Segment& s) {
    const auto side = [](Point a, Point b, Point c) { return cross(b - a, c - a); };
    return side(p0, s.control1, s.control2) * side(p0, s.control1, s.end) < 0 &&
           side(s.control2, s.end, p0) * side(s.control2, s.end, s.control1) < 0;
}

/// A stretch of points between two corners (or once round a smooth contour), with the fitting done on index ranges.
class Stretch {
  public:
    Stretch(Polygon run, const FitSettings& fit_settings, std::optional<Point> closing_direction)
        : points(std::move(run)), settings(fit_settings), closing(closing_direction) {
        along.resize(points.size());
        for (std::size_t i = 1; i < points.size(); ++i)
            along[i] = along[i - 1] + distance(points[i - 1], points[i]);
    }

    void append_fit(std::vector<Segment>& out) {
        std::size_t from = 0;
        Point direction = closing ? *closing : end_direction(0, +1);
        while (from + 1 < points.size()) {
            const Piece piece = longest_piece(from, direction);
            pieces.push_back(piece);
            from = piece.to;
            direction = piece.leaving;
        }
        meet_lines_smoothly();
        for (const Piece& piece : pieces)
            out.push_back(piece.segment);
    }

  private:
    struct Piece {
        std::size_t from, to;
        Point arriving_from; ///< direction at the start, forwards
        Point leaving;       ///< direction at the end, forwards
        Segment segment;
    };

    Polygon points;
    std::vector<double> along;
    FitSettings settings;
    std::optional<Point> closing;
    std::vector<Piece> pieces;

    [[nodiscard]] std::size_t last() const { return points.size() - 1; }

    /// Direction at point i from a parabola through it and the points given, weighted evenly.
    [[nodiscard]] Point direction_through(std::size_t i, std::size_t low, std::size_t high) const {
        double s2 = 0, s3 = 0, s4 = 0;
        Point b1, b2;
        for (std::size_t k = low; k <= high; ++k) {
            const double s = along[k] - along[i];
            const Point p = points[k] - points[i];
            s2 += s * s;
            s3 += s * s * s;
            s4 += s * s * s * s;
            b1 = b1 + s * p;
            b2 = b2 + s * s * p;
        }
        const double det = s2 * s4 - s3 * s3;
        const bool curved = high - low >= 3 && det > 1e-9 * s2 * s4;
        const Point slope = curved ? (1 / det) * (s4 * b1 - s3 * b2) : b1;
        return unit(slope);
    }
    [[nodiscard]] Point end_direction(std::size_t i, int by) const {
        const auto reach = static_cast<std::size_t>(settings.tangent_points);
        return by > 0 ? direction_through(i, i, std::min(last(), i + reach))
                      : direction_through(i, i > reach ? i - reach : 0, i);
    }
    /// Forward direction at an inner point; towards a stretch's ends only as many points as both sides have.
    [[nodiscard]] Point direction_at(std::size_t i) const {
        if (i == last())
            return closing ? *closing : end_direction(i, -1);
        const std::size_t reach = std::min({static_cast<std::size_t>(settings.tangent_points), i, last() - i});
        return direction_through(i, i - reach, i + reach);
    }

    [[nodiscard]] bool line_fits(std::size_t from, std::size_t to) const {
        const Point a = points[from], along_line = unit(points[to] - a);
        if (along_line == Point{})
            return to == from + 1;
        for (std::size_t k = from + 1; k < to; ++k)
            if (std::abs(cross(along_line, points[k] - a)) > settings.line_tolerance)
                return false;
        return true;
    }

    /// Trying lengths looks at samples; what is kept is checked at every point.
    enum class Check { samples, every_point };
    static constexpr std::size_t most_samples = 24;

    /// Least squares for the two handle lengths, with the parameters improved a few times.
    [[nodiscard]] std::optional<Segment> cubic(std::size_t from, std::size_t to, Point leave, Point arrive,
                                               Check check) const {
        const double arc = along[to] - along[from];
        const Point p0 = points[from], p3 = points[to];
        if (distance(p0, p3) < 0.1 * arc)
            return std::nullopt; // nearly a closed loop: no single cubic
        const std::size_t stride = (to - from) / most_samples + 1;
        std::array<std::size_t, most_samples> sample;
        std::array<double, most_samples> parameter;
        std::size_t samples = 0;
        for (std::size_t k = from + 1; k < to; k += stride, ++samples) {
            sample[samples] = k;
            parameter[samples] = (along[k] - along[from]) / arc;
        }
        Segment s = Segment::cubic_to(p0 + (arc / 3) * leave, p3 - (arc / 3) * arrive, p3);
        double worst = 0;
        for (int round = 0; round < 5; ++round) {
            double a11 = 0, a12 = 0, a22 = 0, x1 = 0, x2 = 0;
            for (std::size_t i = 0; i < samples; ++i) {
                const double t = parameter[i], u = 1 - t;
                const Point h1 = 3 * u * u * t * leave, h2 = -3 * u * t * t * arrive;
                const Point rest =
                    points[sample[i]] - ((u * u * u + 3 * u * u * t) * p0 + (3 * u * t * t + t * t * t) * p3);
                a11 += dot(h1, h1);
                a12 += dot(h1, h2);
                a22 += dot(h2, h2);
                x1 += dot(h1, rest);
                x2 += dot(h2, rest);
            }
            const double det = a11 * a22 - a12 * a12;
            double first = arc / 3, second = arc / 3;
            if (det > 1e-9 * a11 * a22) {
                first = (x1 * a22 - x2 * a12) / det;
                second = (a11 * x2 - a12 * x1) / det;
            }
            if (first < 0.02 * arc || second < 0.02 * arc || first > 1.5 * arc || second > 1.5 * arc) {
                if (round > 0)
                    break;
                first = second = arc / 3;
            }
            s.control1 = p0 + first * leave;
            s.control2 = p3 - second * arrive;
            worst = 0;
            for (std::size_t i = 0; i < samples; ++i) {
                parameter[i] = closer_parameter(p0, s, points[sample[i]], parameter[i]);
                worst = std::max(worst, distance(cubic_at(p0, s, parameter[i]), points[sample[i]]));
            }
            constexpr std::array<double, 5> hopeless{8, 4, 2.5, 1.6, 1}; // times the tolerance, after each round
            if (worst > hopeless[static_cast<std::size_t>(round)] * settings.tolerance)
                return std::nullopt;
            if (worst <= 0.8 * settings.tolerance)
                break;
        }
        if (worst > settings.tolerance || handles_cross(p0, s))
            return std::nullopt;
        return check == Check::samples ||
                       stays_close(from, to, s, {sample.data(), samples}, {parameter.data(), samples})
                   ? std::optional(s)
                   : std::nullopt;
    }

    [[nodiscard]] bool stays_close(std::size_t from, std::size_t to, const Segment& s,
                                   std::span<const std::size_t> sample, std::span<const double> parameter) const {
        std::size_t next = 0;
        for (std::size_t k = from + 1; k < to; ++k) {
            while (next < sample.size() && sample[next] < k)
                ++next;
            const double k0 = next == 0 ? along[from] : along[sample[next - 1]];
            const double t0 = next == 0 ? 0.0 : parameter[next - 1];
            const double k1 = next < sample.size() ? along[sample[next]] : along[to];
            const double t1 = next < sample.size() ? parameter[next] : 1.0;
            double t = k1 > k0 ? t0 + (t1 - t0) * (along[k] - k0) / (k1 - k0) : t0;
            t = closer_parameter(points[from], s, points[k], t);
            if (distance(cubic_at(points[from], s, t), points[k]) > settings.tolerance)
                return false;
        }
        return true;
    }

    /// About the farthest `to` for which `fits(to)` holds. Noise can spoil a short try that a longer one evens out, so
    /// two failures in a row are needed before the search turns back.
    template <typename Fits> [[nodiscard]] std::size_t farthest(std::size_t from, Fits&& fits) const {
        std::size_t good = from + 1;
        std::size_t bad = last() + 1;
        int failures = 0;
        for (std::size_t step = 16; good < last() && failures < 2; step *= 2) {
            const std::size_t probe = std::min(last(), from + step);
            if (fits(probe)) {
                good = probe;
                bad = last() + 1;
                failures = 0;
            } else {
                bad = std::min(bad, probe);
                failures += probe == last() ? 2 : 1;
            }
        }
        // The last few points are not worth their tries on a long piece.
        while (bad - good > 1 + (good - from) / 24 && good < last()) {
            const std::size_t probe = good + (bad - good) / 2;
            (fits(probe) ? good : bad) = probe;
        }
        return good;
    }

    [[nodiscard]] Piece longest_piece(std::size_t from, Point leave) const {
        const std::size_t line_to = farthest(from, [&](std::size_t to) { return line_fits(from, to); });
        const Point forward = unit(points[line_to] - points[from]);
        // A line must run on without a kink, except from or into a true corner.
        constexpr double no_kink = 0.03; // 1.7°
        const auto runs_on = [&](std::size_t at, Point direction) {
            const bool at_corner = !closing && (at == 0 || at == last());
            return at_corner || std::abs(cross(forward, direction)) < no_kink;
        };
        const bool is_straight = runs_on(from, leave) && runs_on(line_to, direction_at(line_to));
        if (is_straight && line_to == last())
            return {from, line_to, forward, direction_at(last()), Segment::line_to(points[line_to])};
        Segment best = Segment::line_to(points[line_to]);
        const auto try_cubic = [&](std::size_t to, Check check) {
            const auto s = cubic(from, to, leave, direction_at(to), check);
            if (s)
                best = *s;
            return s.has_value();
        };
        std::size_t curve_to = farthest(from, [&](std::size_t to) { return try_cubic(to, Check::samples); });
        // A crumb left at the end would make a poor piece: share what is left evenly.
        if (curve_to < last() && last() - curve_to < (curve_to - from) / 2)
            curve_to = from + (last() - from + 1) / 2;
        if (curve_to > from + 1 && !try_cubic(curve_to, Check::every_point)) {
            best = Segment::line_to(points[line_to]);
            curve_to = farthest(from, [&](std::size_t to) { return try_cubic(to, Check::every_point); });
        }
        const double line_length = along[line_to] - along[from], curve_length = along[curve_to] - along[from];
        if (is_straight && line_length >= 0.8 * curve_length)
            return {from, line_to, forward, forward, Segment::line_to(points[line_to])};
        if (best.kind == Segment::Kind::line) // a last resort; what follows takes the points' own direction again
            return {from, line_to, forward, direction_at(line_to), best};
        // `best` is the last cubic that fitted, which is the one that reaches `curve_to`.
        return {from, curve_to, leave, direction_at(curve_to), best};
    }

    /// A cubic that runs into a line takes the line's exact direction, where it still fits.
    void meet_lines_smoothly() {
        for (std::size_t i = 0; i + 1 < pieces.size(); ++i) {
            Piece& piece = pieces[i];
            const Piece& next = pieces[i + 1];
            if (piece.segment.kind == Segment::Kind::cubic && next.segment.kind == Segment::Kind::line)
                if (const auto s =
                        cubic(piece.from, piece.to, piece.arriving_from, next.arriving_from, Check::every_point))
                    piece.segment = *s;
        }
    }
};

/// Evens out the rendering noise of single pixels by local parabolas over seven points, which leaves curves where they
/// are (Savitzky & Golay, Analytical Chemistry 36(8), 1964; weights from memory, they sum to one). Ends stay.
Polygon evened(const Polygon& run) {
    if (run.size() < 7)
        return run;
    Polygon result = run;
    for (std::size_t i = 3; i + 3 < run.size(); ++i)
        result[i] = (1.0 / 21) * (-2 * (run[i - 3] + run[i + 3]) + 3 * (run[i - 2] + run[i + 2]) +
                                  6 * (run[i - 1] + run[i + 1]) + 7 * run[i]);
    return result;
}

/// Points from corner to corner, the blunted ones next to the corners left out.
Polygon between(const Polygon& points, const Corner& a, const Corner& b, double skip) {
    const std::size_t n = points.size();
    const std::size_t count = (b.index + n - a.index - 1) % n + 1; // a full turn when a is b
    Polygon run{a.position};
    for (std::size_t k = 1; k < count; ++k) {
        const Point p = points[(a.index + k) % n];
        if (distance(p, a.position) > skip && distance(p, b.position) > skip)
            run.push_back(p);
    }
    run.push_back(b.position);
    return run;
}

/// Where a smooth contour is best opened: at its sharpest bend, where a joint would fall anyway.
std::size_t sharpest_bend(const Polygon& points) {
    const std::size_t n = points.size(), span = std::min<std::size_t>(5, n / 3);
    std::size_t best = 0;
    double sharpest = 2;
    for (std::size_t i = 0; i < n; ++i) {
        const double cosine =
            dot(unit(points[i] - points[(i + n - span) % n]), unit(points[(i + span) % n] - points[i]));
        if (cosine < sharpest - 1e-9) {
            sharpest = cosine;
            best = i;
        }
    }
    return best;
}

Polygon without_repeats(const Polygon& points, double least) {
    Polygon result;
    for (const Point p : points)
        if (result.empty() || distance(result.back(), p) > least)
            result.push_back(p);
    while (result.size() > 1 && distance(result.back(), result.front()) <= least)
        result.pop_back();
    return result;
}

} // namespace

Contour fit_closed(const Polygon& points, const std::vector<Corner>& corners, const FitSettings& settings) {
    Contour contour;
    if (points.size() < 8 && corners.empty())
        return contour_of(points);
    if (corners.empty()) {
        const std::size_t open = sharpest_bend(points);
        const std::size_t n = points.size();
        Polygon run;
        for (std::size_t k = 0; k <= n; ++k)
            run.push_back(points[(open + k) % n]);
        if (settings.even_out)
            run = evened(run);
        const Point direction = unit(points[(open + 2) % n] - points[(open + n - 2) % n]);
        contour.start = run.front();
        Stretch(std::move(run), settings, direction).append_fit(contour.segments);
        return contour;
    }
    contour.start = corners.front().position;
    for (std::size_t i = 0; i < corners.size(); ++i) {
        const Corner& a = corners[i];
        const Corner& b = corners[(i + 1) % corners.size()];
        Polygon run = between(points, a, b, settings.corner_skip);
        if (settings.even_out)
            run = evened(run);
        Stretch(std::move(run), settings, std::nullopt).append_fit(contour.segments);
    }
    return contour;
}

Contour fit_exact_polygon(const Polygon& polygon, double tolerance) {
    constexpr double least_turn = 0.5; // 29°: flattened arcs turn by less at each vertex
    const Polygon clean = without_repeats(polygon, tolerance / 20);
    // Long edges get points along them, so that "close to the points" means close to the edges.
    const double spacing = 25 * tolerance;
    Polygon dense;
    std::vector<Corner> corners;
    const std::vector<Corner> sharp = sharp_vertices(clean, least_turn);
    std::size_t next_sharp = 0;
    for (std::size_t i = 0; i < clean.size(); ++i) {
        if (next_sharp < sharp.size() && sharp[next_sharp].index == i) {
            corners.push_back({dense.size(), clean[i]});
            ++next_sharp;
        }
        const Point to = clean[(i + 1) % clean.size()];
        const int steps = std::max(1, static_cast<int>(std::ceil(distance(clean[i], to) / spacing)));
        for (int k = 0; k < steps; ++k)
            dense.push_back(lerp(clean[i], to, static_cast<double>(k) / steps));
    }
    if (dense.size() < 3)
        return contour_of(clean);
    return fit_closed(dense, corners,
                      {.tolerance = tolerance,
                       .line_tolerance = tolerance / 10,
                       .tangent_points = 2,
                       .corner_skip = 0,
                       .even_out = false});
}

} // namespace fusuma
