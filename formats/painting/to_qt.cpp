#include "formats/painting/to_qt.h"

namespace fusuma {

QPointF to_qt(Point p) {
    return {p.x, p.y};
}

Point from_qt(QPointF p) {
    return {p.x(), p.y()};
}

QTransform to_qt(const Transform& map) {
    return {map.a, map.b, map.c, map.d, map.dx, map.dy};
}

QPainterPath open_path(const Contour& line) {
    QPainterPath path(to_qt(line.start));
    for (const Segment& s : line.segments)
        s.kind == Segment::Kind::line ? path.lineTo(to_qt(s.end))
                                      : path.cubicTo(to_qt(s.control1), to_qt(s.control2), to_qt(s.end));
    return path;
}

QPainterPath to_qt(const Contour& contour) {
    QPainterPath path = open_path(contour);
    path.closeSubpath();
    return path;
}

QPainterPath to_qt(const Outline& outline) {
    QPainterPath path;
    for (const Contour& contour : outline.contours)
        path.addPath(to_qt(contour));
    path.setFillRule(Qt::OddEvenFill);
    return path;
}

QPainterPath to_qt(const Polygons& polygons) {
    QPainterPath path;
    for (const Polygon& polygon : polygons)
        path.addPath(to_qt(contour_of(polygon)));
    path.setFillRule(Qt::OddEvenFill);
    return path;
}

QColor to_qt(Rgb colour) {
    return {colour.red, colour.green, colour.blue};
}

} // namespace fusuma
