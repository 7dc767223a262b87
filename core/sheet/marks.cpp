#include "core/sheet/marks.h"

#include <algorithm>
#include <numbers>

namespace fusuma {

namespace {

Point from_corner(Size paper, const SchemeMark& mark) {
    const bool right = mark.from == PaperCorner::top_right || mark.from == PaperCorner::bottom_right;
    const bool bottom = mark.from == PaperCorner::bottom_left || mark.from == PaperCorner::bottom_right;
    return {right ? paper.width - mark.inward.x : mark.inward.x, bottom ? paper.height - mark.inward.y : mark.inward.y};
}

Contour circle(Point c, double r) {
    constexpr double handle = 0.5522847498307936; // 4/3 (√2 − 1), the cubic quarter circle
    const double h = handle * r;
    return {{c.x + r, c.y},
            {Segment::cubic_to({c.x + r, c.y - h}, {c.x + h, c.y - r}, {c.x, c.y - r}),
             Segment::cubic_to({c.x - h, c.y - r}, {c.x - r, c.y - h}, {c.x - r, c.y}),
             Segment::cubic_to({c.x - r, c.y + h}, {c.x - h, c.y + r}, {c.x, c.y + r}),
             Segment::cubic_to({c.x + h, c.y + r}, {c.x + r, c.y + h}, {c.x + r, c.y})}};
}

Contour cross_of(Point c, double r, double line) {
    const double h = line / 2;
    return contour_of({c + Point{h, -r}, c + Point{-h, -r}, c + Point{-h, -h}, c + Point{-r, -h}, c + Point{-r, h},
                       c + Point{-h, h}, c + Point{-h, r}, c + Point{h, r}, c + Point{h, h}, c + Point{r, h},
                       c + Point{r, -h}, c + Point{h, -h}});
}

} // namespace

std::vector<Mark> marks_on(Size paper, const MarkSettings& m) {
    std::vector<SchemeMark> listed;
    if (m.kind == MarkKind::scheme) {
        listed = m.scheme.marks;
    } else if (m.kind != MarkKind::none) {
        const MarkShape shape = m.kind == MarkKind::dots ? MarkShape::dot : MarkShape::cross;
        const auto add = [&](PaperCorner corner, Point inward) {
            listed.push_back({shape, corner, inward, m.radius, m.line});
        };
        for (const PaperCorner corner : {PaperCorner::top_left, PaperCorner::top_right, PaperCorner::bottom_right, PaperCorner::bottom_left})
            add(corner, {m.inset, m.inset});
        if (m.kind == MarkKind::dots)
            add(PaperCorner::top_left, {m.inset + std::min(30.0, (paper.width - 2 * m.inset) / 3), m.inset});
    }
    std::vector<Mark> marks;
    for (const SchemeMark& mark : listed)
        marks.push_back({from_corner(paper, mark), mark.radius, m.keep_clear, mark.shape, mark.line});
    return marks;
}

Outline ink_of(const Mark& mark) {
    if (mark.shape == MarkShape::cross)
        return {{cross_of(mark.centre, mark.radius, mark.line)}};
    Outline ink{{circle(mark.centre, mark.radius)}};
    if (mark.shape == MarkShape::ring && mark.line < mark.radius)
        ink.contours.push_back(reversed(circle(mark.centre, mark.radius - mark.line)));
    return ink;
}

Polygon keep_clear_area(const Mark& mark, double more) {
    const double radius = mark.keep_clear + more;
    if (!(radius > 0))
        return {};
    const int sides = std::max(12, static_cast<int>(std::ceil(std::numbers::pi / std::acos(1 / (1 + 0.005 / radius)))));
    const double corner = radius / std::cos(std::numbers::pi / sides);
    Polygon polygon;
    for (int i = 0; i < sides; ++i) {
        const double turn = 2 * std::numbers::pi * i / sides;
        polygon.push_back(mark.centre + corner * Point{std::cos(turn), -std::sin(turn)});
    }
    return polygon;
}

} // namespace fusuma
