#include "core/trace/fit.h"

#include <algorithm>
#include <array>
#include <limits>
#include <optional>
#include <span>

namespace fusuma {

namespace {

/// A cubic as a polynomial of its parameter, seen from its start.
class CubicAsPolynomial {
  public:
    CubicAsPolynomial(Point from, const Segment& s)
        : start(from), linear(3 * (s.control1 - from)), square(3 * (s.control2 - s.control1) - linear),
          cube(s.end - from - linear - square) {}

    [[nodiscard]] Point offset_at(double t, Point p) const {
        return t * (linear + t * (square + t * cube)) - (p - start);
    }
    /// One Newton step towards the parameter of the curve's nearest point to `p`.
    [[nodiscard]] double closer_parameter(double t, Point p) const {
        const Point offset = offset_at(t, p);
        const Point first = linear + t * (2 * square + 3 * t * cube), second = 2 * square + 6 * t * cube;
        const double slope = dot(first, first) + dot(offset, second);
        if (std::abs(slope) < 1e-15)
            return t;
        return std::clamp(t - dot(offset, first) / slope, 0.0, 1.0);
    }

  private:
    Point start, linear, square, cube;
};

/// A cubic can only loop when its two handles cross (Stone & DeRose, ACM TOG 8(3), 1989, from memory).
bool handles_cross(Point p0, const Segment& s) {
    const auto side = [](Point a, Point b, Point c) { return cross(b - a, c - a); };
    return side(p0, s.control1, s.control2) * side(p0, s.control1, s.end) < 0 &&
           side(s.control2, s.end, p0) * side(s.control2, s.end, s.control1) < 0;
}

/// A point's two handles and what they enclose with the chord, in a frame whose x axis runs from the curve's start (0)
/// to its end (1).
struct TangentLengths {
    double first = 0, second = 0; ///< lengths over the chord's
};

/// The area between a cubic and its chord, its first moment along the chord, and how both change with the handles.
struct Enclosed {
    double area = 0, moment = 0;
    double area_by_first = 0, area_by_second = 0, moment_by_first = 0, moment_by_second = 0;
};

/// Directions at the two ends, as unit vectors in the frame: leaving (c0, s0), arriving (c1, -s1).
struct EndDirections {
    double c0, s0, c1, s1;
};

/// ∫ y dx and ∫ x y dx along the curve. Both are polynomials of degree 8 at most, which five nodes integrate exactly
/// (Gauss–Legendre; Abramowitz & Stegun 25.4.30).
Enclosed enclosed(const EndDirections& d, TangentLengths h) {
    struct Node {
        double weight, b1, b2, b3, d0, d1, d2; // Bernstein weights of the point and of its derivative
    };
    static constexpr std::array<Node, 5> nodes = [] {
        constexpr std::array<double, 5> at{0.046910077030668, 0.230765344947158, 0.5, 0.769234655052842,
                                           0.953089922969332};
        constexpr std::array<double, 5> weight{0.118463442528095, 0.239314335249683, 0.284444444444444,
                                               0.239314335249683, 0.118463442528095};
        std::array<Node, 5> result{};
        for (std::size_t i = 0; i < at.size(); ++i) {
            const double t = at[i], u = 1 - t;
            result[i] = {weight[i], 3 * u * u * t,         3 * u * t * t,
                         t * t * t, 3 * u * u - 6 * u * t, 6 * u * t - 3 * t * t,
                         3 * t * t};
        }
        return result;
    }();
    Enclosed sum;
    for (const Node& n : nodes) {
        const double x = n.b1 * h.first * d.c0 + n.b2 * (1 - h.second * d.c1) + n.b3;
        const double y = n.b1 * h.first * d.s0 + n.b2 * h.second * d.s1;
        const double dx = n.d0 * h.first * d.c0 + n.d1 * (1 - h.second * d.c1) + n.d2;
        const double x1 = n.b1 * d.c0, y1 = n.b1 * d.s0, dx1 = n.d0 * d.c0;
        const double x2 = -n.b2 * d.c1, y2 = n.b2 * d.s1, dx2 = -n.d1 * d.c1;
        sum.area += n.weight * y * dx;
        sum.moment += n.weight * x * y * dx;
        sum.area_by_first += n.weight * (y1 * dx + y * dx1);
        sum.area_by_second += n.weight * (y2 * dx + y * dx2);
        sum.moment_by_first += n.weight * (x1 * y * dx + x * y1 * dx + x * y * dx1);
        sum.moment_by_second += n.weight * (x2 * y * dx + x * y2 * dx + x * y * dx2);
    }
    return sum;
}

/// TangentLengths that enclose the wanted area and moment, by Newton's method, held near a third of the arc where nearly
/// straight curves leave them open.
TangentLengths handles_enclosing(const EndDirections& d, double area, double moment, double arc) {
    TangentLengths h{arc / 3, arc / 3};
    for (int round = 0; round < 6; ++round) {
        const Enclosed now = enclosed(d, h);
        const double a = now.area_by_first, b = now.area_by_second, c = now.moment_by_first, e = now.moment_by_second;
        const double off_area = area - now.area, off_moment = moment - now.moment;
        constexpr double hold = 1e-7;
        const double m11 = a * a + c * c + hold, m12 = a * b + c * e, m22 = b * b + e * e + hold;
        const double r1 = a * off_area + c * off_moment + hold * (arc / 3 - h.first);
        const double r2 = b * off_area + e * off_moment + hold * (arc / 3 - h.second);
        const double det = m11 * m22 - m12 * m12;
        const double step1 = std::clamp((r1 * m22 - r2 * m12) / det, -0.3 * arc, 0.3 * arc);
        const double step2 = std::clamp((m11 * r2 - m12 * r1) / det, -0.3 * arc, 0.3 * arc);
        h.first += step1;
        h.second += step2;
        if (std::abs(step1) + std::abs(step2) < 1e-4)
            break;
    }
    return h;
}

/// A stretch of points between two corners (or once round a smooth contour), with the fitting done on index ranges.
class PointRun {
  public:
    PointRun(Polygon run, const FitSettings& fit_settings, std::optional<Point> closing_direction)
        : points(std::move(run)), settings(fit_settings), closing(closing_direction), sums(points.size()) {
        for (std::size_t i = 1; i < points.size(); ++i) {
            const Point a = points[i - 1] - points[0], b = points[i] - points[0];
            const double triangle = cross(a, b) / 2, bulge = bulge_before(i);
            sums[i] = {sums[i - 1].along + distance(a, b), sums[i - 1].area + triangle + bulge,
                       sums[i - 1].moment + (triangle / 3 + bulge / 2) * (a + b)};
        }
    }

    void append_fit(std::vector<Segment>& out) {
        std::vector<Piece> pieces = *pieces_within(settings.tolerance, std::numeric_limits<std::size_t>::max());
        // As many pieces often do much better than the tolerance asks.
        const bool has_curves = std::any_of(pieces.begin(), pieces.end(), [](const Piece& piece) {
            return piece.segment.kind == Segment::Kind::cubic;
        });
        for (const double share : {0.6, 0.8})
            if (has_curves)
                if (auto closer = pieces_within(share * settings.tolerance, pieces.size())) {
                    pieces = std::move(*closer);
                    break;
                }
        tolerance = settings.tolerance;
        merge_neighbours(pieces);
        share_with_last(pieces);
        meet_lines_smoothly(pieces);
        for (const Piece& piece : pieces)
            out.push_back(piece.segment);
    }

    /// The longest lines one after the other.
    void append_lines(std::vector<Segment>& out) const {
        for (std::size_t from = 0; from < last();) {
            from = longest_line(from);
            out.push_back(Segment::line_to(points[from]));
        }
    }

  private:
    struct Piece {
        std::size_t from, to;
        Point arriving_from; ///< direction at the start, forwards
        Point leaving;       ///< direction at the end, forwards
        Segment segment;
    };
    /// Sums from the first point to this one, so that any range's are had by subtraction.
    struct Sums {
        double along = 0, area = 0; ///< length; area swept about the first point
        Point moment;               ///< first moments of that area
    };

    Polygon points;
    FitSettings settings;
    std::optional<Point> closing;
    std::vector<Sums> sums;
    double tolerance = 0; ///< of the present attempt

    /// The area between the curve and its chord from point i - 1 to point i, by how the chords before and after turn:
    /// an arc of length h and curvature k bulges by k h³ / 12. Pixels' averages lie inside round edges besides, by
    /// between 1/24 and 1/12 of the curvature depending on direction.
    [[nodiscard]] double bulge_before(std::size_t i) const {
        const Point chord = points[i] - points[i - 1];
        double turn = 0;
        if (i >= 2)
            turn += cross(points[i - 1] - points[i - 2], chord);
        if (i < last())
            turn += cross(chord, points[i + 1] - points[i]);
        const double inset = settings.even_out ? 0.055 / 2 * turn / std::max(0.1, dot(chord, chord)) : 0;
        return turn / 24 + inset;
    }

    /// The longest pieces one after the other. Nothing when more than `most` would be needed.
    std::optional<std::vector<Piece>> pieces_within(double attempted, std::size_t most) {
        tolerance = attempted;
        std::vector<Piece> pieces;
        std::size_t from = 0, likely = 16;
        Point direction = closing ? *closing : end_direction(0, +1);
        while (from + 1 < points.size()) {
            if (pieces.size() == most)
                return std::nullopt;
            pieces.push_back(longest_piece(from, direction, likely));
            const Piece& piece = pieces.back();
            likely = std::max<std::size_t>(8, piece.to - piece.from);
            from = piece.to;
            direction = piece.leaving;
        }
        return pieces;
    }

    [[nodiscard]] std::size_t last() const { return points.size() - 1; }
    [[nodiscard]] double arc(std::size_t from, std::size_t to) const { return sums[to].along - sums[from].along; }

    /// Direction at point i from a parabola through it and the points given, weighted evenly.
    [[nodiscard]] Point direction_through(std::size_t i, std::size_t low, std::size_t high) const {
        double s2 = 0, s3 = 0, s4 = 0;
        Point b1, b2;
        for (std::size_t k = low; k <= high; ++k) {
            const double s = sums[k].along - sums[i].along;
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

    /// The farthest point to which a line from `from` passes all points between within the tolerance: the directions
    /// that do narrow from point to point until none is left.
    [[nodiscard]] std::size_t longest_line(std::size_t from) const {
        Point left, right; // the bounds, once there are any
        bool bounded = false;
        std::size_t good = from + 1;
        for (std::size_t k = from + 1; k <= last(); ++k) {
            const Point v = points[k] - points[from];
            const double away = norm(v), room = settings.line_tolerance;
            if (!bounded || (cross(right, v) >= 0 && cross(v, left) >= 0))
                good = k;
            if (away <= room)
                continue;
            const double sine = room / away, cosine = std::sqrt(1 - sine * sine);
            const Point to_left{cosine * v.x - sine * v.y, sine * v.x + cosine * v.y};
            const Point to_right{cosine * v.x + sine * v.y, -sine * v.x + cosine * v.y};
            if (!bounded) {
                left = to_left;
                right = to_right;
                bounded = true;
            } else {
                if (dot(left, v) < 0)
                    break;
                if (cross(to_left, left) > 0)
                    left = to_left;
                if (cross(right, to_right) > 0)
                    right = to_right;
                if (cross(right, left) < 0)
                    break;
            }
        }
        return good;
    }

    /// Trying lengths looks at samples; what is kept is checked at every point.
    enum class Check { samples, every_point };

    /// The cubic with the given directions at its ends that encloses the same area and moment as the points do. The
    /// noise of single points evens out in the sums, and they cost the same for any number of points.
    /// Source: Levien, "Fitting cubic Bézier curves", 2021 (from memory).
    [[nodiscard]] std::optional<Segment> cubic(std::size_t from, std::size_t to, Point leave, Point arrive,
                                               Check check) const {
        const Point p0 = points[from], p3 = points[to];
        const double chord = distance(p0, p3), length = arc(from, to);
        if (chord < 0.1 * length || to == from)
            return std::nullopt; // nearly a closed loop: no single cubic
        const Point axis = (1 / chord) * (p3 - p0);
        const Point a = p0 - points[0], b = p3 - points[0];
        const double closing_area = cross(a, b) / 2;
        const double area = sums[to].area - sums[from].area - closing_area;
        const Point moment =
            sums[to].moment - sums[from].moment - (closing_area / 3) * (a + b) - area * a; // about the start
        const EndDirections d{dot(leave, axis), cross(axis, leave), dot(arrive, axis), -cross(axis, arrive)};
        const double bow = length / chord;
        const TangentLengths h =
            handles_enclosing(d, -area / (chord * chord), -dot(moment, axis) / (chord * chord * chord), bow);
        if (!(h.first > 0.02 * bow && h.second > 0.02 * bow && h.first < 1.5 * bow && h.second < 1.5 * bow))
            return std::nullopt;
        const Segment s = Segment::cubic_to(p0 + (h.first * chord) * leave, p3 - (h.second * chord) * arrive, p3);
        if (handles_cross(p0, s) || !stays_close(from, to, s, check))
            return std::nullopt;
        return s;
    }

    [[nodiscard]] bool stays_close(std::size_t from, std::size_t to, const Segment& s, Check check) const {
        constexpr std::size_t most_samples = 12;
        const std::size_t stride = check == Check::samples ? (to - from) / most_samples + 1 : 1;
        const double limit = tolerance * tolerance;
        const double length = arc(from, to);
        double t = 0, t_step_from = sums[from].along;
        double speed = 1 / length; // of the parameter along the points
        const CubicAsPolynomial curve(points[from], s);
        for (std::size_t k = from + stride; k < to; k += stride) {
            const double expected = t + (sums[k].along - t_step_from) * speed;
            double better = curve.closer_parameter(std::min(1.0, expected), points[k]);
            Point off = curve.offset_at(better, points[k]);
            if (dot(off, off) > limit) {
                better = curve.closer_parameter(better, points[k]);
                better = curve.closer_parameter(better, points[k]);
                off = curve.offset_at(better, points[k]);
                if (dot(off, off) > limit)
                    return false;
            }
            t = better;
            t_step_from = sums[k].along;
            speed = (1 - t) / std::max(1e-9, sums[to].along - t_step_from);
        }
        return true;
    }

    /// About the farthest `to` for which `fits(to)` holds, looked for from a likely length. Noise can spoil a short try
    /// that a longer one evens out, so two failures in a row are needed before the search turns back.
    template <typename Fits>
    [[nodiscard]] std::size_t farthest(std::size_t from, std::size_t likely, Fits&& fits) const {
        std::size_t good = from + 1;
        std::size_t bad = last() + 1;
        int failures = 0;
        for (std::size_t step = likely; good < last() && failures < 2; step += step / 2 + 1) {
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

    [[nodiscard]] Piece longest_piece(std::size_t from, Point leave, std::size_t likely) const {
        const std::size_t line_to = longest_line(from);
        const Point forward = unit(points[line_to] - points[from]);
        // A line must run on without a kink, except from or into a true corner.
        constexpr double no_kink = 0.025; // 1.4°
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
        std::size_t curve_to = farthest(from, likely, [&](std::size_t to) { return try_cubic(to, Check::samples); });
        // A crumb left at the end would make a poor piece: share what is left evenly.
        if (curve_to < last() && last() - curve_to < (curve_to - from) / 2)
            curve_to = from + (last() - from + 1) / 2;
        if (curve_to > from + 1 && !try_cubic(curve_to, Check::every_point)) {
            best = Segment::line_to(points[line_to]);
            curve_to = farthest(from, (curve_to - from) / 2 + 1,
                                [&](std::size_t to) { return try_cubic(to, Check::every_point); });
        }
        const double line_length = arc(from, line_to), curve_length = arc(from, curve_to);
        if (is_straight && line_length >= 0.8 * curve_length)
            return {from, line_to, forward, forward, Segment::line_to(points[line_to])};
        constexpr double crumb = 7; // spacings of the points
        if (best.kind == Segment::Kind::line || static_cast<double>(curve_to - from) < crumb)
            if (const auto piece = piece_with_kink(from, std::max(line_to, curve_to)))
                return *piece;
        if (best.kind == Segment::Kind::line) // a last resort; what follows takes the points' own direction again
            return {from, line_to, forward, direction_at(line_to), best};
        // `best` is the last cubic that fitted, which is the one that reaches `curve_to`.
        return {from, curve_to, leave, direction_at(curve_to), best};
    }

    /// Where the points are too ragged to be met smoothly, a piece that takes its directions from its own points alone,
    /// when that is worth the kink.
    [[nodiscard]] std::optional<Piece> piece_with_kink(std::size_t from, std::size_t otherwise) const {
        const auto own_reach = [](std::size_t length) { return std::clamp<std::size_t>(length / 3, 2, 8); };
        std::optional<Piece> best;
        const auto fits = [&](std::size_t to) {
            const std::size_t reach = own_reach(to - from);
            const Point leave = direction_through(from, from, std::min(to, from + reach));
            const Point arrive = direction_through(to, to - std::min(to - from, reach), to);
            const auto s = cubic(from, to, leave, arrive, Check::every_point);
            if (s)
                best = Piece{from, to, leave, arrive, *s};
            return s.has_value();
        };
        const std::size_t reached = farthest(from, 12, fits);
        if (best && closing && best->to == last())
            return std::nullopt; // where a smooth contour closes it must not show
        return best && reached - from >= (otherwise - from) * 3 / 2 ? best : std::nullopt;
    }

    /// Two pieces that one could replace: the longest first piece can leave a poor start for the second.
    void merge_neighbours(std::vector<Piece>& pieces) const {
        std::size_t kept = 0;
        for (std::size_t i = 1; i < pieces.size(); ++i) {
            Piece& first = pieces[kept];
            const Piece& second = pieces[i];
            if (const auto s = cubic(first.from, second.to, first.arriving_from, second.leaving, Check::every_point)) {
                first = {first.from, second.to, first.arriving_from, second.leaving, *s};
            } else {
                pieces[++kept] = second;
            }
        }
        pieces.resize(std::min(pieces.size(), kept + 1));
    }

    /// A crumb that was left for the last piece is joined with the piece before it, and both halved anew.
    void share_with_last(std::vector<Piece>& pieces) const {
        if (pieces.size() < 2)
            return;
        Piece& before = pieces[pieces.size() - 2];
        Piece& crumb = pieces.back();
        if (before.segment.kind == Segment::Kind::line || 4 * (crumb.to - crumb.from) > before.to - before.from)
            return;
        const std::size_t middle = before.from + (crumb.to - before.from) / 2;
        const Point direction = direction_at(middle), end = direction_at(crumb.to);
        const auto first = cubic(before.from, middle, before.arriving_from, direction, Check::every_point);
        const auto second = cubic(middle, crumb.to, direction, end, Check::every_point);
        if (first && second) {
            before = {before.from, middle, before.arriving_from, direction, *first};
            crumb = {middle, crumb.to, direction, end, *second};
        }
    }

    /// A cubic that runs into a line takes the line's exact direction, where it still fits.
    void meet_lines_smoothly(std::vector<Piece>& pieces) const {
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
Polygon between(const Polygon& points, const Corner& a, const Corner& b) {
    const std::size_t n = points.size();
    const std::size_t count = (b.index + n - a.index - 1) % n + 1; // a full turn when a is b
    double reach =
        distance(a.position, b.position); // the run's, of which no more than a part is left out at either end
    if (count == n)
        for (const Point p : points)
            reach = std::max(reach, distance(a.position, p));
    const double most = std::max(1.0, 0.3 * reach);
    const double skip_a = std::min(a.blunted, most), skip_b = std::min(b.blunted, most);
    const auto is_past = [](Point off, double skip) { return dot(off, off) > skip * skip; };
    Polygon run{a.position};
    run.reserve(count + 1);
    for (std::size_t k = 1, at = a.index; k < count; ++k) {
        at = at + 1 < n ? at + 1 : 0;
        const Point p = points[at];
        if (is_past(p - a.position, skip_a) && is_past(p - b.position, skip_b))
            run.push_back(p);
    }
    run.push_back(b.position);
    return run;
}

struct StraightFit {
    Point through, direction;
};

/// The line that a run between two corners follows all along, by least squares over the points between them.
std::optional<StraightFit> line_along(const Polygon& run, double tolerance) {
    if (run.size() < 8)
        return std::nullopt;
    const double n = static_cast<double>(run.size() - 2);
    Point middle;
    for (std::size_t i = 1; i + 1 < run.size(); ++i)
        middle = middle + (1 / n) * run[i];
    double xx = 0, xy = 0, yy = 0;
    for (std::size_t i = 1; i + 1 < run.size(); ++i) {
        const Point p = run[i] - middle;
        xx += p.x * p.x;
        xy += p.x * p.y;
        yy += p.y * p.y;
    }
    const double angle = std::atan2(2 * xy, xx - yy) / 2;
    const StraightFit line{middle, {std::cos(angle), std::sin(angle)}};
    const bool holds = std::all_of(run.begin() + 1, run.end() - 1,
                                   [&](Point p) { return std::abs(cross(line.direction, p - middle)) <= tolerance; });
    return holds ? std::optional(line) : std::nullopt;
}

/// Corners between two straight runs lie where the lines along the whole runs meet, which is more certain than what the
/// few points next to them say.
void sharpen_between_lines(std::vector<Polygon>& runs, double tolerance) {
    std::vector<std::optional<StraightFit>> lines;
    for (const Polygon& run : runs)
        lines.push_back(line_along(run, tolerance));
    for (std::size_t i = 0; i < runs.size(); ++i) {
        const std::size_t next = (i + 1) % runs.size();
        if (!lines[i] || !lines[next])
            continue;
        const double sine = cross(lines[i]->direction, lines[next]->direction);
        constexpr double clear_turn = 0.1, near = 0.5; // px
        if (std::abs(sine) < clear_turn)
            continue;
        const double along = cross(lines[next]->through - lines[i]->through, lines[next]->direction) / sine;
        const Point meet = lines[i]->through + along * lines[i]->direction;
        if (distance(meet, runs[i].back()) < near)
            runs[i].back() = runs[next].front() = meet;
    }
}

/// Where a smooth contour is best opened: at its sharpest bend, where a joint would fall anyway.
std::size_t sharpest_bend(const Polygon& points) {
    const std::size_t n = points.size(), span = std::min<std::size_t>(5, n / 3);
    std::size_t best = 0;
    double sharpest = 2;
    for (std::size_t i = 0; i < n; ++i) {
        const Point before = points[i >= span ? i - span : i + n - span];
        const Point after = points[i + span < n ? i + span : i + span - n];
        const double cosine = dot(unit(points[i] - before), unit(after - points[i]));
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
        Point along; // the slope of the parabola through the points on both sides
        const std::size_t reach = std::min(static_cast<std::size_t>(settings.tangent_points), n / 4);
        for (std::size_t k = 1; k <= reach; ++k)
            along = along + static_cast<double>(k) * (points[(open + k) % n] - points[(open + n - k) % n]);
        const Point direction = unit(along);
        contour.start = run.front();
        PointRun(std::move(run), settings, direction).append_fit(contour.segments);
        return contour;
    }
    std::vector<Polygon> runs;
    for (std::size_t i = 0; i < corners.size(); ++i)
        runs.push_back(between(points, corners[i], corners[(i + 1) % corners.size()]));
    if (settings.even_out) {
        for (Polygon& run : runs)
            run = evened(run);
        sharpen_between_lines(runs, settings.line_tolerance);
    }
    contour.start = runs.front().front();
    for (Polygon& run : runs)
        PointRun(std::move(run), settings, std::nullopt).append_fit(contour.segments);
    return contour;
}

Contour straightened_run(const Polygon& points, double tolerance) {
    if (points.size() < 8)
        return contour_of(points);
    Polygon run = points;
    run.push_back(points.front());
    Contour contour{points.front(), {}};
    PointRun(std::move(run), {.line_tolerance = tolerance}, std::nullopt).append_lines(contour.segments);
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
    return fit_closed(
        dense, corners,
        {.tolerance = tolerance, .line_tolerance = tolerance / 10, .tangent_points = 2, .even_out = false});
}

} // namespace fusuma
