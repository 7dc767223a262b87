#include "app/common/painting.h"

#include "app/common/theme.h"

#include <QPainter>
#include <list>

namespace fusuma::app {

QPointF to_qt(Point p) {
    return {p.x, p.y};
}

Point from_qt(QPointF p) {
    return {p.x(), p.y()};
}

QTransform to_qt(const Transform& map) {
    return {map.a, map.b, map.c, map.d, map.dx, map.dy};
}

QPainterPath to_qt(const Contour& contour) {
    QPainterPath path(to_qt(contour.start));
    for (const Segment& s : contour.segments)
        s.kind == Segment::Kind::line ? path.lineTo(to_qt(s.end))
                                      : path.cubicTo(to_qt(s.control1), to_qt(s.control2), to_qt(s.end));
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

namespace {

QImage image_of(const std::shared_ptr<const Image>& pixels) {
    return {pixels->rgba.data(), pixels->width, pixels->height, pixels->width * 4, QImage::Format_RGBA8888};
}

} // namespace

QImage art_image(const PrintArt& art, int most_px) {
    struct Entry {
        PrintArt art;
        int most_px;
        QImage image;
    };
    static std::list<Entry> remembered; // interface thread only
    for (auto it = remembered.begin(); it != remembered.end(); ++it)
        if (it->most_px == most_px && it->art == art) {
            remembered.splice(remembered.begin(), remembered, it);
            return remembered.front().image;
        }
    QImage image = std::visit(image_of, art);
    const int longer = std::max(image.width(), image.height());
    image = longer > most_px ? image.convertToFormat(QImage::Format_ARGB32_Premultiplied)
                                   .scaled(most_px, most_px, Qt::KeepAspectRatio, Qt::SmoothTransformation)
                             : image.convertToFormat(QImage::Format_ARGB32_Premultiplied);
    remembered.push_front({art, most_px, image});
    if (remembered.size() > 48)
        remembered.pop_back();
    return image;
}

void draw_art(QPainter& painter, const PrintArt& art, const QTransform& to_view) {
    // Take the smallest remembered size that still has a pixel for every pixel on the screen.
    const double shown = std::max(std::hypot(to_view.m11(), to_view.m12()), std::hypot(to_view.m21(), to_view.m22())) *
                         painter.device()->devicePixelRatioF();
    const int size = shown <= 200 ? 200 : shown <= 500 ? 500 : shown <= 1600 ? 1600 : 4000;
    const QImage image = art_image(art, size);
    painter.save();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setTransform(to_view, true);
    painter.drawImage(QRectF(0, 0, 1, 1), image);
    painter.restore();
}

void draw_cut_line(QPainter& painter, const QPainterPath& path, CutKind kind) {
    const double width = kind == CutKind::kiss ? 1.6 : 2.2;
    const auto pen = [](const QColor& colour, double w) {
        QPen result(colour, w, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
        result.setCosmetic(true);
        return result;
    };
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(pen(theme().casing, width + 2));
    painter.drawPath(path);
    painter.setPen(pen(kind == CutKind::kiss ? theme().kiss : theme().through, width));
    painter.drawPath(path);
    painter.restore();
}

} // namespace fusuma::app
