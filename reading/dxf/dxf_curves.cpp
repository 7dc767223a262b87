#include "reading/dxf/dxf_curves.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

namespace {

/// An arc as cubics from angle `a` to `b`, in the unit circle's parameter, mapped.
std::vector<Segment> arc(double a, double b, const Transform& map) {
    const int steps = std::clamp(static_cast<int>(std::ceil(std::abs(b - a) / (std::numbers::pi / 2) - 1e-9)), 1, 8);
    const double step = (b - a) / steps, handle = 4.0 / 3 * std::tan(step / 4);
    std::vector<Segment> segments;
    for (int i = 0; i < steps; ++i) {
        const double s = a + i * step, e = s + step;
        const Point from{std::cos(s), std::sin(s)}, to{std::cos(e), std::sin(e)};
        segments.push_back(Segment::cubic_to(map.apply(from + Point{-from.y, from.x} * handle),
                                             map.apply(to - Point{-to.y, to.x} * handle), map.apply(to)));
    }
    return segments;
}

/// A place of a curve and how it goes on there, per unit of its parameter.
struct Pace {
    Point at, along;
};

Segment cubic_between(const Pace& from, const Pace& to, double length) {
    return Segment::cubic_to(from.at + from.along * (length / 3), to.at - to.along * (length / 3), to.at);
}

/// De Boor's algorithm with weights, the last two points of which tell the direction.
class Nurbs {
  public:
    explicit Nurbs(const DxfSpline& spline) : curve(spline), p(static_cast<std::size_t>(spline.degree)) {}

    /// @param span  of the knots before and after `t`
    [[nodiscard]] Pace pace(double t, std::size_t span) const {
        struct Weighed {
            Point sum; ///< the place times its weight
            double weight;
        };
        std::vector<Weighed> d;
        for (std::size_t i = span - p; i <= span; ++i)
            d.push_back({curve.controls[i].at * curve.controls[i].weight, curve.controls[i].weight});
        Weighed along{};
        for (std::size_t r = 1; r <= p; ++r) {
            if (r == p) {
                const double per_unit = static_cast<double>(p) / (curve.knots[span + 1] - curve.knots[span]);
                along = {(d[p].sum - d[p - 1].sum) * per_unit, (d[p].weight - d[p - 1].weight) * per_unit};
            }
            for (std::size_t j = p; j >= r; --j) {
                const double low = curve.knots[j + span - p], high = curve.knots[j + 1 + span - r];
                const double part = high > low ? (t - low) / (high - low) : 0;
                d[j] = {lerp(d[j - 1].sum, d[j].sum, part), std::lerp(d[j - 1].weight, d[j].weight, part)};
            }
        }
        const Point at = d[p].sum * (1 / d[p].weight);
        return {at, (along.sum - at * along.weight) * (1 / d[p].weight)};
    }
    /// Halves the stretch until a cubic lies on it.
    void add(Contour& path, std::size_t span, double t0, const Pace& from, double t1, const Pace& to, double near,
             int halvings) const {
        const double middle = (t0 + t1) / 2;
        const Pace half = pace(middle, span);
        const Segment cubic = cubic_between(from, to, t1 - t0);
        const Point halfway = (from.at + to.at) * 0.125 + (cubic.control1 + cubic.control2) * 0.375;
        const Point quarter = at_quarter(from.at, cubic);
        if (halvings == 0 ||
            (distance(halfway, half.at) <= near && distance(quarter, pace(t0 + (t1 - t0) / 4, span).at) <= near)) {
            path.segments.push_back(cubic);
            return;
        }
        add(path, span, t0, from, middle, half, near, halvings - 1);
        add(path, span, middle, half, t1, to, near, halvings - 1);
    }

  private:
    const DxfSpline& curve;
    const std::size_t p;

    static Point at_quarter(Point from, const Segment& cubic) {
        return from * 0.421875 + cubic.control1 * 0.421875 + cubic.control2 * 0.140625 + cubic.end * 0.015625;
    }
};

bool makes_a_curve(const DxfSpline& spline) {
    constexpr int highest_degree = 25;
    const std::size_t n = spline.controls.size();
    if (spline.degree < 1 || spline.degree > highest_degree)
        return false;
    const auto p = static_cast<std::size_t>(spline.degree);
    return n > p && spline.knots.size() == n + p + 1 &&
           std::ranges::all_of(spline.knots, [](double k) { return std::isfinite(k); }) &&
           std::ranges::is_sorted(spline.knots) && spline.knots[n] > spline.knots[p] &&
           std::ranges::all_of(spline.controls, [](const auto& c) { return c.weight > 1e-9 && c.weight < 1e9; });
}

std::optional<Contour> path_by_controls(const DxfSpline& spline) {
    if (!makes_a_curve(spline))
        return std::nullopt;
    constexpr int most_halvings = 6;
    Rect box;
    for (const auto& control : spline.controls)
        box.include(control.at);
    const double near = 2e-5 * std::hypot(box.width(), box.height());
    const Nurbs curve(spline);
    std::optional<Contour> path;
    for (std::size_t span = static_cast<std::size_t>(spline.degree); span < spline.controls.size(); ++span) {
        const double t0 = spline.knots[span], t1 = spline.knots[span + 1];
        if (!(t1 > t0))
            continue;
        const Pace from = curve.pace(t0, span), to = curve.pace(t1, span);
        if (!path)
            path = Contour{from.at, {}};
        curve.add(*path, span, t0, from, t1, to, near, most_halvings);
    }
    return path;
}

/// The cubic spline with the lengths between its points as parameter; where it leaves and arrives as stated, or
/// straight. Source: the equations of a C2 interpolating cubic, solved from end to end (Piegl and Tiller, 9.2.3)
std::optional<Contour> path_through(const DxfSpline& spline) {
    std::vector<Point> at;
    for (const Point p : spline.through)
        if (at.empty() || distance(at.back(), p) > 0)
            at.push_back(p);
    if (at.size() < 2)
        return std::nullopt;
    const std::size_t last = at.size() - 1;
    const auto slope = [&](std::size_t i) { return (at[i + 1] - at[i]) * (1 / distance(at[i], at[i + 1])); };
    const auto unit = [](Point p) { return p * (1 / std::hypot(p.x, p.y)); };
    const Point none;
    // Each row: along[i] = share · along[i + 1] + rest.
    std::vector<double> share(at.size());
    std::vector<Point> along(at.size());
    const bool leaves = !(spline.leaves == none), arrives = !(spline.arrives == none);
    share[0] = leaves ? 0 : -0.5;
    along[0] = leaves ? unit(spline.leaves) : slope(0) * 1.5;
    for (std::size_t i = 1; i < last; ++i) {
        const double before = distance(at[i - 1], at[i]), after = distance(at[i], at[i + 1]);
        const double own = 2 * (before + after) + after * share[i - 1];
        share[i] = -before / own;
        along[i] = (slope(i - 1) * (3 * after) + slope(i) * (3 * before) - along[i - 1] * after) * (1 / own);
    }
    along[last] =
        arrives ? unit(spline.arrives) : (slope(last - 1) * 3 - along[last - 1]) * (1 / (2 + share[last - 1]));
    for (std::size_t i = last; i-- > 0;)
        along[i] = along[i] + along[i + 1] * share[i];
    Contour path{at.front(), {}};
    for (std::size_t i = 0; i < last; ++i)
        path.segments.push_back(
            cubic_between({at[i], along[i]}, {at[i + 1], along[i + 1]}, distance(at[i], at[i + 1])));
    return path;
}

} // namespace

std::optional<Contour> ellipse_arc(const Transform& map, double first, double last) {
    constexpr double whole = 2 * std::numbers::pi;
    if (!(std::abs(map.determinant()) > 0) || !(std::abs(last - first) > 0) || !(std::abs(last - first) < 7))
        return std::nullopt;
    Contour path{map.apply({std::cos(first), std::sin(first)}), arc(first, last, map)};
    if (std::abs(last - first) > whole - 1e-9)
        path.segments.back().end = path.start;
    return path;
}

void add_bulged(Contour& path, Point to, double bulge) {
    const Point from = path.segments.empty() ? path.start : path.segments.back().end;
    if (std::abs(bulge) < 1e-9 || from == to) {
        path.segments.push_back(Segment::line_to(to));
        return;
    }
    const Point half = (to - from) * 0.5;
    const double rise = (1 - bulge * bulge) / (2 * bulge);
    const Point centre = from + half + Point{-half.y, half.x} * rise;
    const double radius = distance(centre, from), first = std::atan2(from.y - centre.y, from.x - centre.x);
    auto pieces =
        arc(first, first + 4 * std::atan(bulge), Transform::scale(radius, radius).then(Transform::shift(centre)));
    pieces.back().end = to;
    std::ranges::copy(pieces, std::back_inserter(path.segments));
}

std::optional<Contour> path_of(const DxfSpline& spline) {
    return spline.controls.empty() ? path_through(spline) : path_by_controls(spline);
}

} // namespace fusuma
