#include "core/geometry/outline.h"

#include <algorithm>

namespace fusuma {

Contour contour_of(const Polygon& polygon) {
    Contour contour;
    if (polygon.empty())
        return contour;
    contour.start = polygon.front();
    for (std::size_t i = 1; i < polygon.size(); ++i)
        contour.segments.push_back(Segment::line_to(polygon[i]));
    contour.segments.push_back(Segment::line_to(polygon.front()));
    return contour;
}

Contour mapped_line(const Contour& line, const Transform& map) {
    Contour result{map.apply(line.start), {}};
    for (const Segment& s : line.segments)
        result.segments.push_back(transformed(s, map));
    return result;
}

Contour reversed(const Contour& contour) {
    Contour result;
    result.start = contour.start;
    for (std::size_t i = contour.segments.size(); i-- > 0;) {
        const Segment& s = contour.segments[i];
        const Point end = i == 0 ? contour.start : contour.segments[i - 1].end;
        result.segments.push_back({s.kind, s.control2, s.control1, end});
    }
    return result;
}

Point point_on(Point from, const Segment& s, double t) {
    if (s.kind == Segment::Kind::line)
        return lerp(from, s.end, t);
    const double u = 1 - t;
    return u * u * u * from + 3 * u * u * t * s.control1 + 3 * u * t * t * s.control2 + t * t * t * s.end;
}

Segment part_of(Point from, const Segment& s, double first, double last) {
    if (s.kind == Segment::Kind::line)
        return Segment::line_to(lerp(from, s.end, last));
    const auto blossom = [&](double u, double v, double w) {
        const Point ab = lerp(from, s.control1, u), bc = lerp(s.control1, s.control2, u),
                    cd = lerp(s.control2, s.end, u);
        return lerp(lerp(ab, bc, v), lerp(bc, cd, v), w);
    };
    return Segment::cubic_to(blossom(first, first, last), blossom(first, last, last), blossom(last, last, last));
}

Segment transformed(const Segment& s, const Transform& map) {
    if (s.kind == Segment::Kind::line)
        return Segment::line_to(map.apply(s.end));
    return Segment::cubic_to(map.apply(s.control1), map.apply(s.control2), map.apply(s.end));
}

Contour transformed(const Contour& contour, const Transform& map) {
    Contour result;
    result.start = map.apply(contour.start);
    result.segments.reserve(contour.segments.size());
    for (const Segment& s : contour.segments)
        result.segments.push_back(transformed(s, map));
    return map.determinant() < 0 ? reversed(result) : result;
}

Outline transformed(const Outline& outline, const Transform& map) {
    Outline result;
    result.contours.reserve(outline.contours.size());
    for (const Contour& contour : outline.contours)
        result.contours.push_back(transformed(contour, map));
    return result;
}

namespace {

/// Even steps in the parameter. A cubic strays from its n-step polygon by at most max|B''| / (8 n²), and |B''| is at
/// most six times the larger second difference of its control points.
void flatten_cubic(Point p0, const Segment& s, double tolerance, Polygon& out) {
    const double bend = std::max(norm(p0 - 2 * s.control1 + s.control2), norm(s.control1 - 2 * s.control2 + s.end));
    const int steps = std::clamp(static_cast<int>(std::ceil(std::sqrt(0.75 * bend / tolerance))), 1, 2000);
    for (int i = 1; i <= steps; ++i) {
        const double t = static_cast<double>(i) / steps;
        const double u = 1 - t;
        out.push_back(u * u * u * p0 + 3 * u * u * t * s.control1 + 3 * u * t * t * s.control2 + t * t * t * s.end);
    }
}

} // namespace

std::vector<Point> flatten_line(const Contour& line, double tolerance) {
    std::vector<Point> points{line.start};
    for (const Segment& s : line.segments) {
        if (s.kind == Segment::Kind::line)
            points.push_back(s.end);
        else
            flatten_cubic(Point(points.back()), s, tolerance, points);
    }
    return points;
}

Polygon flatten(const Contour& contour, double tolerance) {
    Polygon polygon = flatten_line(contour, tolerance);
    if (polygon.size() > 1)
        polygon.pop_back(); // the last point repeats the first
    return polygon;
}

Polygons flatten(const Outline& outline, double tolerance) {
    Polygons polygons;
    polygons.reserve(outline.contours.size());
    for (const Contour& contour : outline.contours)
        polygons.push_back(flatten(contour, tolerance));
    return polygons;
}

} // namespace fusuma
