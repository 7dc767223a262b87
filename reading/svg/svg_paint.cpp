#include "reading/svg/svg_paint.h"

#include "reading/picture/decode_picture.h"
#include "reading/svg/svg_document.h"

#include <QImage>
#include <QPainter>
#include <QUrl>
#include <cmath>

namespace fusuma {

SvgPaint svg_paint(const QString& value, const SvgColour& current, const SvgPaint& before) {
    const QString text = value.trimmed();
    if (text == QLatin1String("none"))
        return {};
    if (text.compare(QLatin1String("currentColor"), Qt::CaseInsensitive) == 0)
        return {.kind = SvgPaint::Kind::colour, .colour = current};
    if (text.startsWith(QLatin1String("url("))) {
        const qsizetype close = text.indexOf(QLatin1Char(')'));
        const QString otherwise = text.mid(close + 1).trimmed();
        SvgPaint paint{.kind = SvgPaint::Kind::server, .server = text.left(close + 1)};
        if (otherwise == QLatin1String("currentColor"))
            paint.fallback = current;
        else if (!otherwise.isEmpty() && otherwise != QLatin1String("none"))
            paint.fallback = svg_colour(otherwise);
        return paint;
    }
    const auto colour = svg_colour(text);
    return colour ? SvgPaint{.kind = SvgPaint::Kind::colour, .colour = *colour} : before;
}

namespace {

/// An attribute of a gradient, or of the one it refers to.
QString inherited(const SvgDocument& document, const SvgNode& gradient, const char* name) {
    const SvgNode* at = &gradient;
    for (int i = 0; at && i < 20; ++i) {
        if (const QString value = at->attribute(QLatin1String(name)); !value.isEmpty())
            return value;
        at = document.find(at->attribute(QStringLiteral("href")));
    }
    return {};
}

std::vector<SvgGradient::Stop> stops_of(const SvgDocument& document, const SvgNode& gradient,
                                        const SvgColour& current) {
    const SvgNode* at = &gradient;
    for (int i = 0; at && i < 20; ++i) {
        std::vector<SvgGradient::Stop> stops;
        for (const auto& child : at->children) {
            if (child->name != QLatin1String("stop"))
                continue;
            SvgGradient::Stop stop;
            QString offset = child->attribute(QStringLiteral("offset")).trimmed();
            const bool is_percent = offset.endsWith(QLatin1Char('%'));
            stop.at = std::clamp((is_percent ? offset.chopped(1).toDouble() / 100 : offset.toDouble()), 0.0, 1.0);
            if (!stops.empty())
                stop.at = std::max(stop.at, stops.back().at);
            const QString colour = child->property(QStringLiteral("stop-color"));
            stop.colour = colour == QLatin1String("currentColor") ? current : svg_colour(colour).value_or(SvgColour{});
            if (const QString opacity = child->property(QStringLiteral("stop-opacity")); !opacity.isEmpty()) {
                const bool in_percent = opacity.endsWith(QLatin1Char('%'));
                const double share = in_percent ? opacity.chopped(1).toDouble() / 100 : opacity.toDouble();
                stop.colour.alpha *= std::clamp(share, 0.0, 1.0);
            }
            stops.push_back(stop);
        }
        if (!stops.empty())
            return stops;
        at = document.find(at->attribute(QStringLiteral("href")));
    }
    return {};
}

} // namespace

std::optional<SvgGradient> svg_gradient(const SvgDocument& document, const SvgNode& server, const Rect& box,
                                        const SvgMeasures& measures, const SvgColour& current) {
    SvgGradient g;
    g.is_radial = server.name == QLatin1String("radialGradient");
    if (!g.is_radial && server.name != QLatin1String("linearGradient"))
        return std::nullopt;
    g.stops = stops_of(document, server, current);
    if (g.stops.empty())
        return g;
    bool is_plain = true;
    for (const auto& stop : g.stops)
        is_plain &= stop.colour.rgb == g.stops[0].colour.rgb && stop.colour.alpha == g.stops[0].colour.alpha;
    if (is_plain)
        g.plain = g.stops[0].colour;
    const bool in_box = inherited(document, server, "gradientUnits") != QLatin1String("userSpaceOnUse");
    if (in_box && !(box.width() > 0 && box.height() > 0))
        return g.plain ? std::optional(g) : std::nullopt;
    const SvgMeasures of = in_box ? SvgMeasures{1, 1, measures.font_size} : measures;
    const auto value = [&](const char* name, Along along, const char* usual) {
        const QString text = inherited(document, server, name);
        return length_px(text.isEmpty() ? QLatin1String(usual) : text, of, along).value_or(0);
    };
    if (g.is_radial) {
        g.to = {value("cx", Along::width, "50%"), value("cy", Along::height, "50%")};
        g.radius = value("r", Along::diagonal, "50%");
        g.focal_radius = value("fr", Along::diagonal, "0");
        const bool has_x = !inherited(document, server, "fx").isEmpty(),
                   has_y = !inherited(document, server, "fy").isEmpty();
        g.from = {has_x ? value("fx", Along::width, "50%") : g.to.x,
                  has_y ? value("fy", Along::height, "50%") : g.to.y};
        if (!(g.radius > 0))
            g.plain = g.stops.back().colour;
    } else {
        g.from = {value("x1", Along::width, "0%"), value("y1", Along::height, "0%")};
        g.to = {value("x2", Along::width, "100%"), value("y2", Along::height, "0%")};
        if (g.from == g.to)
            g.plain = g.stops.back().colour;
    }
    g.map = transform_list(inherited(document, server, "gradientTransform")).value_or(Transform{});
    if (std::abs(g.map.determinant()) < 1e-14)
        return std::nullopt;
    if (in_box)
        g.map = g.map.then(Transform::scale(box.width(), box.height())).then(Transform::shift(box.min));
    const QString spread = inherited(document, server, "spreadMethod");
    g.spread = spread == QLatin1String("reflect")  ? SvgGradient::Spread::reflect
               : spread == QLatin1String("repeat") ? SvgGradient::Spread::repeat
                                                   : SvgGradient::Spread::pad;
    return g;
}

std::shared_ptr<const Image> gradient_image(const SvgGradient& g, const Rect& box, double scale, double opacity) {
    constexpr double px_per_mm = 300 / 25.4, most_px = 1200, least_px = 8;
    const auto px = [&](double length) {
        return static_cast<int>(std::lround(std::clamp(length * scale * px_per_mm, least_px, most_px)));
    };
    QImage image(px(box.width()), px(box.height()), QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    const auto at = [](Point p) { return QPointF(p.x, p.y); };
    QLinearGradient linear(at(g.from), at(g.to));
    QRadialGradient radial(at(g.to), g.radius, at(g.from), g.focal_radius);
    QGradient& gradient = g.is_radial ? static_cast<QGradient&>(radial) : linear;
    gradient.setInterpolationMode(QGradient::ComponentInterpolation); // as SVG has it: colour and alpha each for itself
    double last = -1;
    for (const auto& stop : g.stops) {
        // Two stops at one place are a hard edge; Qt keeps only the last of them.
        const double place = stop.at <= last ? std::min(1.0, last + 1e-5) : stop.at;
        last = place;
        gradient.setColorAt(place, QColor(stop.colour.rgb.red, stop.colour.rgb.green, stop.colour.rgb.blue,
                                          static_cast<int>(std::lround(255 * stop.colour.alpha))));
    }
    gradient.setSpread(g.spread == SvgGradient::Spread::pad       ? QGradient::PadSpread
                       : g.spread == SvgGradient::Spread::reflect ? QGradient::ReflectSpread
                                                                  : QGradient::RepeatSpread);
    QBrush brush(gradient);
    const Transform to_px = g.map.then(Transform::shift(-box.min))
                                .then(Transform::scale(image.width() / box.width(), image.height() / box.height()));
    brush.setTransform({to_px.a, to_px.b, to_px.c, to_px.d, to_px.dx, to_px.dy});
    painter.setOpacity(opacity);
    painter.fillRect(image.rect(), brush);
    painter.end();
    return image_from(image);
}

std::optional<Pixels> svg_picture(const QString& address) {
    const qsizetype comma = address.indexOf(QLatin1Char(','));
    if (comma < 0)
        return std::nullopt;
    const QString head = address.left(comma);
    const QByteArray body = address.mid(comma + 1).toLatin1();
    const QByteArray bytes =
        head.contains(QLatin1String("base64")) ? QByteArray::fromBase64(body) : QByteArray::fromPercentEncoding(body);
    auto picture = decode_picture(bytes, QStringLiteral("picture"));
    if (!picture)
        return std::nullopt;
    return (*picture)->pixels;
}

} // namespace fusuma
