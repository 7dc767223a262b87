#include "core/label/label_shape.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

namespace {

constexpr double circle_handle = 0.5522847498; // handle of a quarter circle: 4/3 (√2 − 1)

/// A quarter of an ellipse from where the pen is, bulging towards `corner`.
Segment quarter(Point from, Point corner, Point to) {
    return Segment::cubic_to(lerp(from, corner, circle_handle), lerp(to, corner, circle_handle), to);
}

Contour closed_at(Point start, std::vector<Segment> segments) {
    segments.back().end = start;
    return {start, std::move(segments)};
}

Contour rectangle(double w, double h) {
    return contour_of(corners_of({{0, 0}, {w, h}}));
}

/// Counter-clockwise on screen: down the left side first. `corner` is where each quarter bulges to: the rectangle's own
/// corner for round ones, the inner one for notches.
Contour cornered(double w, double h, double r, bool is_notched) {
    const auto bend = [&](Point from, Point outer, Point inner, Point to) {
        return quarter(from, is_notched ? inner : outer, to);
    };
    return closed_at({0, r}, {Segment::line_to({0, h - r}), bend({0, h - r}, {0, h}, {r, h - r}, {r, h}),
                              Segment::line_to({w - r, h}), bend({w - r, h}, {w, h}, {w - r, h - r}, {w, h - r}),
                              Segment::line_to({w, r}), bend({w, r}, {w, 0}, {w - r, r}, {w - r, 0}),
                              Segment::line_to({r, 0}), bend({r, 0}, {0, 0}, {r, r}, {0, r})});
}

double arch_rise(const ShapeNumbers& s) {
    return std::min(s.width / 2, s.height * 0.6);
}

double corner_of(const ShapeNumbers& s) {
    const double most = s.kind == LabelShape::banner ? s.width / 4 : std::min(s.width, s.height) / 2;
    return std::clamp(s.corner, 0.0, most * 0.999);
}

double hole_of(const ShapeNumbers& s) {
    return std::clamp(s.hole, 0.0, std::min(s.height * 0.8, s.width * 0.5));
}

Point hole_centre(const ShapeNumbers& s) {
    return {std::max(0.3, s.hole_from_edge) + hole_of(s) / 2, s.height / 2};
}

} // namespace

Contour ellipse_contour(Point c, double rx, double ry) {
    const Point left{c.x - rx, c.y}, low{c.x, c.y + ry}, right{c.x + rx, c.y}, top{c.x, c.y - ry};
    return closed_at(left, {quarter(left, {left.x, low.y}, low), quarter(low, {right.x, low.y}, right),
                            quarter(right, {right.x, top.y}, top), quarter(top, {left.x, top.y}, left)});
}

Outline outline_of(const ShapeNumbers& s) {
    const double w = s.width, h = s.height, r = corner_of(s);
    switch (s.kind) {
    case LabelShape::rectangle:
        return {{rectangle(w, h)}};
    case LabelShape::rounded:
        return {{r > 0 ? cornered(w, h, r, false) : rectangle(w, h)}};
    case LabelShape::notched:
        return {{r > 0 ? cornered(w, h, r, true) : rectangle(w, h)}};
    case LabelShape::oval:
        return {{ellipse_contour({w / 2, h / 2}, w / 2, h / 2)}};
    case LabelShape::arch: {
        const double rise = arch_rise(s);
        return {
            {closed_at({0, rise}, {Segment::line_to({0, h}), Segment::line_to({w, h}), Segment::line_to({w, rise}),
                                   quarter({w, rise}, {w, 0}, {w / 2, 0}), quarter({w / 2, 0}, {0, 0}, {0, rise})})}};
    }
    case LabelShape::tag: {
        Outline tag{
            {closed_at({r, 0}, {Segment::line_to({0, r}), Segment::line_to({0, h - r}), Segment::line_to({r, h}),
                                Segment::line_to({w, h}), Segment::line_to({w, 0}), Segment::line_to({r, 0})})}};
        if (hole_of(s) > 0)
            tag.contours.push_back(reversed(ellipse_contour(hole_centre(s), hole_of(s) / 2, hole_of(s) / 2)));
        return tag;
    }
    case LabelShape::star: {
        Polygon corners;
        const int points = std::clamp(s.points, 3, 60);
        for (int i = 0; i < 2 * points; ++i) { // the other way round than angles grow, with y down
            const double t = -std::numbers::pi * i / points - std::numbers::pi / 2;
            const double out = i % 2 ? 1 - std::clamp(s.depth, 0.0, 0.9) : 1;
            corners.push_back({w / 2 * (1 + out * std::cos(t)), h / 2 * (1 + out * std::sin(t))});
        }
        return {{contour_of(corners)}};
    }
    case LabelShape::banner:
        return {{contour_of({{0, 0}, {r, h / 2}, {0, h}, {w, h}, {w - r, h / 2}, {w, 0}})}};
    case LabelShape::lettering:
        break;
    }
    return {};
}

Rect room_in(const ShapeNumbers& s, double safety) {
    Rect room{{safety, safety}, {s.width - safety, s.height - safety}};
    const double r = corner_of(s);
    const auto shrink = [&](double x, double y) {
        room.min = {std::max(room.min.x, x), std::max(room.min.y, y)};
        room.max = {std::min(room.max.x, s.width - x), std::min(room.max.y, s.height - y)};
    };
    switch (s.kind) {
    case LabelShape::rounded:
        if (r > safety) { // a corner of the rectangle touches the round corner grown inward by the safety distance
            const double in = r - (r - safety) / std::numbers::sqrt2;
            shrink(in, in);
        }
        break;
    case LabelShape::notched: {
        // The rectangle's corner keeps clear of the notch along whichever side takes less of it.
        const double in = r + safety;
        s.width > s.height ? shrink(in, 0) : shrink(0, in);
        break;
    }
    case LabelShape::oval: {
        const double rx = s.width / 2 - safety, ry = s.height / 2 - safety;
        shrink(s.width / 2 - rx / std::numbers::sqrt2, s.height / 2 - ry / std::numbers::sqrt2);
        break;
    }
    case LabelShape::arch: {
        // Under the half ellipse at the height where two thirds of its width are left.
        const double rx = s.width / 2 - safety, ry = arch_rise(s) - safety;
        const double share = 0.75;
        room.min.y = arch_rise(s) - std::max(0.0, ry) * std::sqrt(1 - share * share);
        shrink(s.width / 2 - rx * share, 0);
        break;
    }
    case LabelShape::tag:
        room.min.x = std::max(room.min.x, hole_of(s) > 0 ? hole_centre(s).x + hole_of(s) / 2 + safety : r);
        break;
    case LabelShape::star: {
        const double in = 1 - std::clamp(s.depth, 0.0, 0.9);
        const int points = std::clamp(s.points, 3, 60);
        const double inner = in * std::cos(std::numbers::pi / points); // the sides cut across between notches
        const double rx = std::max(0.0, s.width / 2 * std::max(inner, in * 0.7) - safety);
        const double ry = std::max(0.0, s.height / 2 * std::max(inner, in * 0.7) - safety);
        shrink(s.width / 2 - rx / std::numbers::sqrt2, s.height / 2 - ry / std::numbers::sqrt2);
        break;
    }
    case LabelShape::banner:
        shrink(r + safety, 0);
        break;
    case LabelShape::rectangle:
        break;
    case LabelShape::lettering:
        return {{0, 0}, {s.width, s.height}};
    }
    // Ellipses drawn smaller lie a little nearer to each other than that at their flanks.
    const bool is_curved = s.kind == LabelShape::oval || s.kind == LabelShape::arch || s.kind == LabelShape::star;
    const Polygons edge = is_curved ? flatten(outline_of(s), 0.005) : Polygons{};
    constexpr double step = 0.02; // mm
    while (is_curved && room.width() > 2 * step && room.height() > 2 * step &&
           closest_approach({corners_of(room)}, edge).distance < safety)
        room = room.grown(-step);
    return room;
}

} // namespace fusuma
