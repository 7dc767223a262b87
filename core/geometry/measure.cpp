#include "core/geometry/measure.h"

#include <algorithm>
#include <array>

namespace fusuma {

namespace {

template <typename Visit> void for_each_segment(const Contour& contour, Visit&& visit) {
    Point from = contour.start;
    for (const Segment& s : contour.segments) {
        visit(from, s);
        from = s.end;
    }
}

/// ∫ x dy − y dx over a cubic, halved. From expanding the Bernstein products.
double swept_area(Point p0, const Segment& s) {
    if (s.kind == Segment::Kind::line)
        return cross(p0, s.end) / 2;
    const Point a = s.control1, b = s.control2, c = s.end;
    return (6 * cross(p0, a) + 3 * cross(p0, b) + cross(p0, c) + 3 * cross(a, b) + 3 * cross(a, c) + 6 * cross(b, c)) /
           20;
}

double cubic_length(Point p0, const Segment& s) {
    static constexpr std::array<double, 5> node{0, 0.5384693101056831, -0.5384693101056831, 0.9061798459386640,
                                                -0.9061798459386640};
    static constexpr std::array<double, 5> weight{0.5688888888888889, 0.4786286704993665, 0.4786286704993665,
                                                  0.2369268850561891, 0.2369268850561891};
    const Point d0 = 3 * (s.control1 - p0), d1 = 3 * (s.control2 - s.control1), d2 = 3 * (s.end - s.control2);
    constexpr int parts = 8;
    double sum = 0;
    for (int part = 0; part < parts; ++part)
        for (std::size_t k = 0; k < node.size(); ++k) {
            const double t = (part + (node[k] + 1) / 2) / parts;
            sum += weight[k] * norm((1 - t) * (1 - t) * d0 + 2 * t * (1 - t) * d1 + t * t * d2);
        }
    return sum / (2 * parts);
}

/// Parameters in (0, 1) where one coordinate of a cubic stands still.
void include_extremes(Rect& box, Point p0, const Segment& s, double Point::*axis) {
    const auto [least, most] = std::minmax(p0.*axis, s.end.*axis);
    if (least <= std::min(s.control1.*axis, s.control2.*axis) && std::max(s.control1.*axis, s.control2.*axis) <= most)
        return; // a curve does not leave the box of its four points
    const double d0 = s.control1.*axis - p0.*axis;
    const double d1 = s.control2.*axis - s.control1.*axis;
    const double d2 = s.end.*axis - s.control2.*axis;
    const double a = d0 - 2 * d1 + d2, b = 2 * (d1 - d0), c = d0;
    std::array<double, 2> roots{-1, -1};
    if (std::abs(a) < 1e-12) {
        if (std::abs(b) > 1e-12)
            roots[0] = -c / b;
    } else if (const double disc = b * b - 4 * a * c; disc >= 0) {
        roots = {(-b + std::sqrt(disc)) / (2 * a), (-b - std::sqrt(disc)) / (2 * a)};
    }
    for (const double t : roots) {
        if (t <= 0 || t >= 1)
            continue;
        const double u = 1 - t;
        box.include(u * u * u * p0 + 3 * u * u * t * s.control1 + 3 * u * t * t * s.control2 + t * t * t * s.end);
    }
}

Nearest nearest_on_edge(Point a, Point b, Point p) {
    const Point ab = b - a;
    const double squared = dot(ab, ab);
    const double t = squared > 0 ? std::clamp(dot(p - a, ab) / squared, 0.0, 1.0) : 0.0;
    const Point at = a + t * ab;
    return {distance(at, p), at};
}

bool cross_each_other(Point a, Point b, Point c, Point d) {
    return cross(b - a, c - a) * cross(b - a, d - a) < 0 && cross(d - c, a - c) * cross(d - c, b - c) < 0;
}

Nearest edge_approach(Point a, Point b, Point c, Point d) {
    if (cross_each_other(a, b, c, d)) {
        const double t = cross(c - a, d - c) / cross(b - a, d - c);
        return {0, lerp(a, b, t)};
    }
    Nearest best = nearest_on_edge(a, b, c);
    if (const Nearest n = nearest_on_edge(a, b, d); n.distance < best.distance)
        best = n;
    if (const Nearest n = nearest_on_edge(c, d, a); n.distance < best.distance)
        best = {n.distance, a};
    if (const Nearest n = nearest_on_edge(c, d, b); n.distance < best.distance)
        best = {n.distance, b};
    return best;
}

template <typename Visit> void for_each_edge(const Polygons& polygons, Visit&& visit) {
    for (const Polygon& polygon : polygons)
        for (std::size_t i = 0; i < polygon.size(); ++i)
            visit(polygon[i], polygon[i + 1 < polygon.size() ? i + 1 : 0]);
}

} // namespace

double signed_area(const Contour& contour) {
    double sum = 0;
    for_each_segment(contour, [&](Point from, const Segment& s) { sum += swept_area(from, s); });
    return -sum;
}

double signed_area(const Polygon& polygon) {
    double sum = 0;
    for (std::size_t i = 0; i < polygon.size(); ++i)
        sum += cross(polygon[i], polygon[i + 1 < polygon.size() ? i + 1 : 0]);
    return -sum / 2;
}

double area(const Polygons& polygons) {
    double sum = 0;
    for (const Polygon& polygon : polygons)
        sum += signed_area(polygon);
    return sum;
}

double area(const Outline& outline) {
    double sum = 0;
    for (const Contour& contour : outline.contours)
        sum += signed_area(contour);
    return sum;
}

double length(const Contour& contour) {
    double sum = 0;
    for_each_segment(contour, [&](Point from, const Segment& s) {
        sum += s.kind == Segment::Kind::line ? distance(from, s.end) : cubic_length(from, s);
    });
    return sum;
}

double length(const Outline& outline) {
    double sum = 0;
    for (const Contour& contour : outline.contours)
        sum += length(contour);
    return sum;
}

Rect bounds(const Contour& contour) {
    Rect box;
    if (!contour.segments.empty())
        box.include(contour.start);
    for_each_segment(contour, [&](Point from, const Segment& s) {
        box.include(s.end);
        if (s.kind == Segment::Kind::cubic) {
            include_extremes(box, from, s, &Point::x);
            include_extremes(box, from, s, &Point::y);
        }
    });
    return box;
}

Rect bounds(const Outline& outline) {
    Rect box;
    for (const Contour& contour : outline.contours)
        box.include(bounds(contour));
    return box;
}

Rect bounds(const Polygon& polygon) {
    Rect box;
    for (const Point p : polygon)
        box.include(p);
    return box;
}

Rect bounds(const Polygons& polygons) {
    Rect box;
    for (const Polygon& polygon : polygons)
        for (const Point p : polygon)
            box.include(p);
    return box;
}

Nearest nearest_on(const Polygons& polygons, Point p, double enough) {
    Nearest best;
    for (const Polygon& polygon : polygons)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Nearest n = nearest_on_edge(polygon[i], polygon[i + 1 < polygon.size() ? i + 1 : 0], p);
            if (n.distance >= best.distance)
                continue;
            best = n;
            if (best.distance < enough)
                return best;
        }
    return best;
}

bool is_nearer(const Polygons& polygons, Point p, double reach) {
    const auto is_off = [reach](double from, double to, double at) {
        return (from < to ? from : to) > at + reach || (from < to ? to : from) < at - reach;
    };
    for (const Polygon& polygon : polygons)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point a = polygon[i], b = polygon[i + 1 < polygon.size() ? i + 1 : 0];
            if (!is_off(a.x, b.x, p.x) && !is_off(a.y, b.y, p.y) && nearest_on_edge(a, b, p).distance < reach)
                return true;
        }
    return false;
}

Nearest closest_approach(const Polygons& a, const Polygons& b, double enough) {
    // Edges of b whose box is farther than the best so far cannot improve on it, so compare boxes before edges.
    struct Edge {
        Point from, to;
        Rect box;
    };
    std::vector<Edge> others;
    for_each_edge(b, [&](Point c, Point d) {
        Edge edge{c, d, {}};
        edge.box.include(c);
        edge.box.include(d);
        others.push_back(edge);
    });
    std::sort(others.begin(), others.end(), [](const Edge& l, const Edge& r) { return l.box.min.x < r.box.min.x; });
    double widest = 0;
    for (const Edge& edge : others)
        widest = std::max(widest, edge.box.width());

    // A first guess from a few points of each, so that most pairs are ruled out from the start.
    Nearest best;
    const auto some_of = [](const Polygons& polygons) {
        std::vector<Point> points;
        for (const Polygon& polygon : polygons)
            for (std::size_t i = 0; i < polygon.size(); i += 1 + polygon.size() / 64)
                points.push_back(polygon[i]);
        return points;
    };
    const std::vector<Point> some_others = some_of(b);
    for (const Point p : some_of(a))
        for (const Point q : some_others)
            if (const double far = distance(p, q); far < best.distance)
                best = {far, p};

    for_each_edge(a, [&](Point from, Point to) {
        if (best.distance <= enough)
            return;
        Rect box;
        box.include(from);
        box.include(to);
        // `others` is sorted by left edge: start where an edge can still reach this box, widening the band while no
        // pair has been found.
        const double reach = best.distance;
        auto it = std::lower_bound(others.begin(), others.end(), box.min.x - reach - widest,
                                   [](const Edge& e, double x) { return e.box.min.x < x; });
        for (; it != others.end() && it->box.min.x <= box.max.x + best.distance; ++it)
            if (box.grown(best.distance).overlaps(it->box))
                if (const Nearest n = edge_approach(from, to, it->from, it->to); n.distance < best.distance)
                    best = n;
    });
    return best;
}

std::size_t node_count(const Outline& outline) {
    std::size_t count = 0;
    for (const Contour& contour : outline.contours)
        count += contour.segments.size();
    return count;
}

} // namespace fusuma
