#include "reading/svg/svg_shape.h"

#include "reading/svg/svg_document.h"

#include <algorithm>

namespace fusuma {

namespace {

/// Dashes begin where SVG says, so the order of the pieces matters.
Contour full_ellipse(Point c, double rx, double ry) {
    constexpr double k = 0.5522847498;
    const Transform map = Transform::scale(rx, ry).then(Transform::shift(c));
    const auto bend = [&](Point a, Point b, Point to) {
        return Segment::cubic_to(map.apply(a), map.apply(b), map.apply(to));
    };
    return {map.apply({1, 0}),
            {bend({1, k}, {k, 1}, {0, 1}), bend({-k, 1}, {-1, k}, {-1, 0}), bend({-1, -k}, {-k, -1}, {0, -1}),
             bend({k, -1}, {1, -k}, {1, 0})}};
}

Contour rounded_rect(Point at, double w, double h, double rx, double ry) {
    if (!(rx > 0 && ry > 0))
        return {at,
                {Segment::line_to(at + Point{w, 0}), Segment::line_to(at + Point{w, h}),
                 Segment::line_to(at + Point{0, h}), Segment::line_to(at)}};
    constexpr double k = 0.4477152502; // 1 less the handle of a quarter circle
    const auto p = [&](double x, double y) { return at + Point{x, y}; };
    return {p(rx, 0),
            {Segment::line_to(p(w - rx, 0)), Segment::cubic_to(p(w - k * rx, 0), p(w, k * ry), p(w, ry)),
             Segment::line_to(p(w, h - ry)), Segment::cubic_to(p(w, h - k * ry), p(w - k * rx, h), p(w - rx, h)),
             Segment::line_to(p(rx, h)), Segment::cubic_to(p(k * rx, h), p(0, h - k * ry), p(0, h - ry)),
             Segment::line_to(p(0, ry)), Segment::cubic_to(p(0, k * ry), p(k * rx, 0), p(rx, 0))}};
}

} // namespace

double svg_length(const SvgNode& node, const char* name, const SvgMeasures& measures, Along along, double usual) {
    const QString text = node.property(str(name));
    return text.isEmpty() ? usual : length_px(text, measures, along).value_or(usual);
}

SvgPath svg_shape(const SvgNode& node, const SvgMeasures& measures) {
    const auto x = [&](const char* name, double usual = 0) {
        return svg_length(node, name, measures, Along::width, usual);
    };
    const auto y = [&](const char* name, double usual = 0) {
        return svg_length(node, name, measures, Along::height, usual);
    };
    const auto closed = [](Contour contour) { return SvgPath{{std::move(contour), false}}; };
    if (node.name == str("path"))
        return path_data(node.property(str("d")));
    if (node.name == str("rect")) {
        const double w = x("width"), h = y("height");
        if (!(w > 0 && h > 0))
            return {};
        double rx = x("rx", -1), ry = y("ry", -1);
        rx = std::min(rx < 0 ? std::max(0.0, ry) : rx, w / 2);
        ry = std::min(ry < 0 ? std::max(0.0, rx) : ry, h / 2);
        return closed(rounded_rect({x("x"), y("y")}, w, h, rx, ry));
    }
    if (node.name == str("circle")) {
        const double r = svg_length(node, "r", measures, Along::diagonal);
        return r > 0 ? closed(full_ellipse({x("cx"), y("cy")}, r, r)) : SvgPath{};
    }
    if (node.name == str("ellipse")) {
        double rx = x("rx", -1), ry = y("ry", -1);
        rx = rx < 0 ? ry : rx;
        ry = ry < 0 ? rx : ry;
        return rx > 0 && ry > 0 ? closed(full_ellipse({x("cx"), y("cy")}, rx, ry)) : SvgPath{};
    }
    if (node.name == str("line"))
        return {{{{x("x1"), y("y1")}, {Segment::line_to({x("x2"), y("y2")})}}, true}};
    if (node.name == str("polyline") || node.name == str("polygon")) {
        const std::vector<double> v = numbers(node.attribute(str("points")));
        if (v.size() < 4)
            return {};
        SvgSubpath path{{{v[0], v[1]}, {}}, node.name == str("polyline")};
        for (std::size_t i = 2; i + 1 < v.size(); i += 2)
            path.path.segments.push_back(Segment::line_to({v[i], v[i + 1]}));
        if (!path.is_open)
            path.path.segments.push_back(Segment::line_to(path.path.start));
        return {path};
    }
    return {};
}

} // namespace fusuma
