#include "app/common/painting.h"

#include "app/common/theme.h"

#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>
#include <list>
#include <mutex>

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

namespace {

QImage image_of(const std::shared_ptr<const Image>& pixels) {
    return {pixels->rgba.data(), pixels->width, pixels->height, pixels->width * 4, QImage::Format_RGBA8888};
}

QImage shown_at(const Image& pixels, int most_px) {
    const int longer = std::max(pixels.width, pixels.height);
    if (longer <= most_px)
        return QImage(pixels.rgba.data(), pixels.width, pixels.height, pixels.width * 4, QImage::Format_RGBA8888)
            .convertToFormat(QImage::Format_ARGB32_Premultiplied);
    const Image small = reduced(pixels, std::max(1, longer / most_px));
    return QImage(small.rgba.data(), small.width, small.height, small.width * 4, QImage::Format_RGBA8888)
        .convertToFormat(QImage::Format_ARGB32_Premultiplied)
        .scaled(most_px, most_px, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

QImage shown_at(const DrawnArt& art, int most_px) {
    const double scale = most_px / std::max(art.size.width, art.size.height);
    const QSize px(std::max(1, static_cast<int>(std::ceil(scale * art.size.width))),
                   std::max(1, static_cast<int>(std::ceil(scale * art.size.height))));
    QImage image(px, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    draw_curves(painter, art, QTransform::fromScale(px.width(), px.height()));
    return image;
}

constexpr std::array shown_sizes{200, 500, 1600}; // px, longer side

/// The art as a picture of at most `most_px` along its longer side, remembered.
QImage art_image(const PrintArt& art, int most_px) {
    struct Entry {
        PrintArt art;
        int most_px;
        QImage image;
    };
    static std::list<Entry> remembered;
    static std::mutex mutex;
    constexpr std::size_t most_remembered = 200;
    {
        const std::scoped_lock lock(mutex);
        for (auto it = remembered.begin(); it != remembered.end(); ++it)
            if (it->most_px == most_px && it->art == art) {
                remembered.splice(remembered.begin(), remembered, it);
                return remembered.front().image;
            }
    }
    const QImage image = std::visit([most_px](const auto& a) { return shown_at(*a, most_px); }, art);
    const std::scoped_lock lock(mutex);
    remembered.push_front({art, most_px, image});
    if (remembered.size() > most_remembered)
        remembered.pop_back();
    return image;
}

/// Draws what is seen of the art from its own pixels, as for a close look.
void draw_from_pixels(QPainter& painter, const QImage& image, const QTransform& to_view) {
    const QTransform from_pixels = QTransform::fromScale(1.0 / image.width(), 1.0 / image.height()) * to_view;
    const QRect seen = (from_pixels * painter.transform())
                           .inverted()
                           .mapRect(QRectF(painter.viewport()))
                           .toAlignedRect()
                           .adjusted(-2, -2, 2, 2)
                           .intersected(image.rect());
    painter.setTransform(from_pixels, true);
    painter.drawImage(QRectF(seen), image, QRectF(seen));
}

} // namespace

void prepare_art(const PrintArt& art) {
    for (const int size : shown_sizes)
        art_image(art, size);
}

void draw_curves(QPainter& painter, const DrawnArt& art, const QTransform& to_view) {
    painter.save();
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.setTransform(QTransform::fromScale(1 / art.size.width, 1 / art.size.height) * to_view, true);
    painter.setClipRect(QRectF(0, 0, art.size.width, art.size.height), Qt::IntersectClip);
    for (const Painted& painted : art.shapes) {
        QPainterPath path;
        if (painted.area) {
            path = to_qt(painted.area->curves);
            path.setFillRule(painted.area->rule == FillRule::even_odd ? Qt::OddEvenFill : Qt::WindingFill);
        }
        if (const Rgb* colour = std::get_if<Rgb>(&painted.ink)) {
            QColor ink = to_qt(*colour);
            ink.setAlphaF(static_cast<float>(painted.opacity));
            painter.fillPath(path, ink);
            continue;
        }
        painter.save();
        if (painted.area)
            painter.setClipPath(path, Qt::IntersectClip);
        painter.setTransform(to_qt(painted.from_unit), true);
        painter.drawImage(QRectF(0, 0, 1, 1), image_of(std::get<std::shared_ptr<const Image>>(painted.ink)));
        painter.restore();
    }
    painter.restore();
}

void draw_art(QPainter& painter, const PrintArt& art, const QTransform& to_view) {
    // Take the smallest prepared size that still has a pixel for every pixel on the screen.
    const double shown = std::max(std::hypot(to_view.m11(), to_view.m12()), std::hypot(to_view.m21(), to_view.m22())) *
                         painter.device()->devicePixelRatioF();
    const auto size = std::find_if(shown_sizes.begin(), shown_sizes.end(), [&](int s) { return shown <= s; });
    painter.save();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (size == shown_sizes.end()) {
        if (const auto* pixels = std::get_if<std::shared_ptr<const Image>>(&art))
            draw_from_pixels(painter, image_of(*pixels), to_view);
        else
            draw_curves(painter, *std::get<std::shared_ptr<const DrawnArt>>(art), to_view);
    } else {
        painter.setTransform(to_view, true);
        painter.drawImage(QRectF(0, 0, 1, 1), art_image(art, *size));
    }
    painter.restore();
}

void draw_in_full(QPainter& painter, const PrintArt& art, const QTransform& to_view) {
    if (const auto* drawn = std::get_if<std::shared_ptr<const DrawnArt>>(&art)) {
        draw_curves(painter, **drawn, to_view);
        return;
    }
    painter.save();
    painter.setTransform(to_view, true);
    painter.drawImage(QRectF(0, 0, 1, 1), image_of(std::get<std::shared_ptr<const Image>>(art)));
    painter.restore();
}

void prepare_print(const std::vector<PrintLayer>& layers) {
    for (const PrintLayer& layer : layers)
        if (const auto* art = std::get_if<PrintArt>(&layer.ink))
            prepare_art(*art);
}

QColor to_qt(Rgb colour) {
    return {colour.red, colour.green, colour.blue};
}

void draw_layer(QPainter& painter, const PrintLayer& layer, const QTransform& to_view) {
    const QPainterPath area = layer.area.empty() ? QPainterPath() : to_view.map(to_qt(layer.area));
    if (const Rgb* colour = std::get_if<Rgb>(&layer.ink)) {
        painter.fillPath(area, to_qt(*colour));
        return;
    }
    painter.save();
    if (!layer.area.empty())
        painter.setClipPath(area, Qt::IntersectClip);
    draw_art(painter, std::get<PrintArt>(layer.ink), to_qt(layer.from_unit) * to_view);
    painter.restore();
}

void draw_cut_line(QPainter& painter, const QPainterPath& path, CutKind kind) {
    const double width = kind == CutKind::kiss ? 1.6 : 2.2;
    // Where a line has hundreds of points it hardly turns at any, and round joins would only take time.
    constexpr int many = 400;
    const auto join = path.elementCount() > many ? Qt::BevelJoin : Qt::RoundJoin;
    const auto pen = [join](const QColor& colour, double w) {
        QPen result(colour, w, Qt::SolidLine, Qt::RoundCap, join);
        result.setCosmetic(true);
        return result;
    };
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(pen(theme().casing, width + 2));
    painter.drawPath(path);
    QPen line = pen(kind == CutKind::kiss    ? theme().kiss
                    : kind == CutKind::score ? theme().score
                                             : theme().through,
                    width);
    if (kind == CutKind::score)
        line.setDashPattern({0.1, 2.5});
    painter.setPen(line);
    painter.drawPath(path);
    painter.restore();
}

} // namespace fusuma::app
