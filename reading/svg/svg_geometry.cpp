#include "reading/svg/svg_geometry.h"

#include "core/label/label_shape.h"

#include <2geom/elliptical-arc.h>
#include <2geom/path-sink.h>
#include <2geom/svg-path-parser.h>
#include <QColor>
#include <QPainterPathStroker>
#include <cmath>
#include <numbers>

namespace fusuma {

namespace {

bool is_sane(Point p) {
    constexpr double most = 1e7; // units: far beyond any page, and safe to compute with
    return std::abs(p.x) < most && std::abs(p.y) < most;
}

/// Collects what lib2geom reads.
class Sink : public Geom::PathSink {
  public:
    SvgPath path;
    bool is_broken = false; ///< a number that nothing can be drawn with

    void moveTo(const Geom::Point& p) override {
        if (const Point at = of(p); !is_broken)
            path.push_back({{at, {}}, true});
        is_pen_down = true;
    }
    void lineTo(const Geom::Point& p) override { add(Segment::line_to(of(p))); }
    void curveTo(const Geom::Point& a, const Geom::Point& b, const Geom::Point& p) override {
        add(Segment::cubic_to(of(a), of(b), of(p)));
    }
    void quadTo(const Geom::Point& c, const Geom::Point& p) override {
        const Point control = of(c), end = of(p), from = pen();
        add(Segment::cubic_to(lerp(from, control, 2.0 / 3), lerp(end, control, 2.0 / 3), end));
    }
    void arcTo(double rx, double ry, double angle, bool large, bool sweep, const Geom::Point& p) override {
        const Point from = pen(), end = of(p);
        if (is_broken || from == end)
            return;
        rx = std::abs(rx);
        ry = std::abs(ry);
        if (!(rx > 1e-12 && ry > 1e-12) || !is_sane({rx, ry})) {
            add(Segment::line_to(end));
            return;
        }
        const Geom::EllipticalArc arc({from.x, from.y}, rx, ry, angle, large, sweep, p);
        const Point centre = of(arc.center());
        if (is_broken)
            return;
        const Transform map = Transform::scale(arc.ray(Geom::X), arc.ray(Geom::Y))
                                  .then(Transform::turn(arc.rotationAngle()))
                                  .then(Transform::shift(centre));
        const double first = arc.initialAngle(), whole = arc.sweepAngle();
        const int steps = std::max(1, static_cast<int>(std::ceil(std::abs(whole) / (std::numbers::pi / 2) - 1e-9)));
        const double step = whole / steps, handle = 4.0 / 3 * std::tan(step / 4);
        for (int i = 0; i < steps; ++i) {
            const double a = first + i * step, b = a + step;
            const Point at_a{std::cos(a), std::sin(a)}, at_b{std::cos(b), std::sin(b)};
            add(Segment::cubic_to(map.apply(at_a + Point{-at_a.y, at_a.x} * handle),
                                  map.apply(at_b - Point{-at_b.y, at_b.x} * handle),
                                  i + 1 == steps ? end : map.apply(at_b)));
        }
    }
    void closePath() override {
        if (path.empty() || !is_pen_down)
            return;
        SvgSubpath& last = path.back();
        last.is_open = false;
        if (last.path.segments.empty() || !(last.path.segments.back().end == last.path.start))
            last.path.segments.push_back(Segment::line_to(last.path.start));
        is_pen_down = false; // what follows begins where this one did
    }
    void flush() override {}

  private:
    bool is_pen_down = false;

    Point of(const Geom::Point& p) {
        const Point result{p[Geom::X], p[Geom::Y]};
        is_broken = is_broken || !is_sane(result);
        return result;
    }
    [[nodiscard]] Point pen() const {
        if (path.empty())
            return {};
        const Contour& last = path.back().path;
        return last.segments.empty() || !is_pen_down ? last.start : last.segments.back().end;
    }
    void add(const Segment& segment) {
        if (is_broken || path.empty())
            return;
        if (!is_pen_down)
            path.push_back({{path.back().path.start, {}}, true});
        is_pen_down = true;
        path.back().path.segments.push_back(segment);
    }
};

} // namespace

SvgPath path_data(const QString& d) {
    Sink sink;
    Geom::SVGPathParser parser(sink);
    try {
        parser.parse(d.toStdString());
    } catch (const std::exception&) { // what came before the error is drawn
    }
    return std::move(sink.path);
}

std::vector<double> numbers(QStringView text) {
    std::vector<double> result;
    const auto is_part = [](QChar c) {
        return c.isDigit() || c == QLatin1Char('.') || c == QLatin1Char('e') || c == QLatin1Char('E');
    };
    for (qsizetype i = 0; i < text.size();) {
        if (text[i].isSpace() || text[i] == QLatin1Char(',')) {
            ++i;
            continue;
        }
        qsizetype end = i;
        bool has_dot = false, has_exponent = false;
        for (; end < text.size(); ++end) {
            const QChar c = text[end];
            const bool is_sign = c == QLatin1Char('-') || c == QLatin1Char('+');
            const bool after_exponent = end > i && text[end - 1].toLower() == QLatin1Char('e');
            if (is_sign ? end > i && !after_exponent : !is_part(c))
                break;
            if (c == QLatin1Char('.')) {
                if (has_dot || has_exponent)
                    break;
                has_dot = true;
            }
            if (c.toLower() == QLatin1Char('e')) {
                if (has_exponent)
                    break;
                has_exponent = true;
            }
        }
        bool is_number = false;
        const double value = text.mid(i, end - i).toDouble(&is_number);
        if (!is_number || !std::isfinite(value))
            break;
        result.push_back(value);
        i = end;
    }
    return result;
}

std::optional<Transform> transform_list(const QString& text) {
    Transform result;
    for (qsizetype at = 0;;) {
        while (at < text.size() && (text[at].isSpace() || text[at] == QLatin1Char(',')))
            ++at;
        if (at >= text.size())
            return result;
        const qsizetype open = text.indexOf(QLatin1Char('('), at), close = text.indexOf(QLatin1Char(')'), at);
        if (open < 0 || close < open)
            return std::nullopt;
        const QString name = text.mid(at, open - at).trimmed();
        QString inside = text.mid(open + 1, close - open - 1);
        inside.remove(QLatin1String("px")).remove(QLatin1String("deg")); // as style sheets write them
        const std::vector<double> v = numbers(inside);
        const auto radians = [&](std::size_t i) { return v[i] * std::numbers::pi / 180; };
        Transform one;
        if (name == QLatin1String("matrix") && v.size() == 6)
            one = {v[0], v[1], v[2], v[3], v[4], v[5]};
        else if (name == QLatin1String("translate") && (v.size() == 1 || v.size() == 2))
            one = Transform::shift({v[0], v.size() > 1 ? v[1] : 0});
        else if (name == QLatin1String("scale") && (v.size() == 1 || v.size() == 2))
            one = Transform::scale(v[0], v.size() > 1 ? v[1] : v[0]);
        else if (name == QLatin1String("rotate") && v.size() == 1)
            one = Transform::turn(radians(0));
        else if (name == QLatin1String("rotate") && v.size() == 3)
            one =
                Transform::shift({-v[1], -v[2]}).then(Transform::turn(radians(0))).then(Transform::shift({v[1], v[2]}));
        else if (name == QLatin1String("skewX") && v.size() == 1)
            one = {1, 0, std::tan(radians(0)), 1, 0, 0};
        else if (name == QLatin1String("skewY") && v.size() == 1)
            one = {1, std::tan(radians(0)), 0, 1, 0, 0};
        else
            return std::nullopt;
        result = one.then(result);
        at = close + 1;
    }
}

std::optional<double> length_px(const QString& text, const SvgMeasures& measures, Along along) {
    const QString trimmed = text.trimmed();
    qsizetype end = trimmed.size();
    while (end > 0 && (trimmed[end - 1].isLetter() || trimmed[end - 1] == QLatin1Char('%')) &&
           !(trimmed[end - 1].toLower() == QLatin1Char('e') && end < trimmed.size() &&
             (trimmed[end].isDigit() || trimmed[end] == QLatin1Char('-'))))
        --end;
    bool is_number = false;
    const double value = trimmed.left(end).toDouble(&is_number);
    if (!is_number || !(std::abs(value) < 1e7))
        return std::nullopt;
    const QString unit = trimmed.mid(end).toLower();
    constexpr double inch = 96;
    if (unit.isEmpty() || unit == QLatin1String("px"))
        return value;
    if (unit == QLatin1String("%")) {
        const double of = along == Along::width    ? measures.width
                          : along == Along::height ? measures.height
                                                   : std::hypot(measures.width, measures.height) / std::numbers::sqrt2;
        return value * of / 100;
    }
    const struct {
        const char* unit;
        double px;
    } units[] = {{"mm", inch / 25.4},        {"cm", inch / 2.54}, {"in", inch},
                 {"pt", inch / 72},          {"pc", inch / 6},    {"q", inch / 101.6},
                 {"em", measures.font_size}, {"rem", 16},         {"ex", measures.font_size / 2}};
    for (const auto& known : units)
        if (unit == QLatin1String(known.unit))
            return value * known.px;
    return std::nullopt;
}

std::optional<SvgColour> svg_colour(const QString& text) {
    const QString t = text.trimmed().toLower();
    if (t == QLatin1String("transparent"))
        return SvgColour{{0, 0, 0}, 0};
    if (t.startsWith(QLatin1Char('#'))) {
        QString figures = t.mid(1);
        if (figures.size() == 3 || figures.size() == 4) {
            QString doubled;
            for (const QChar c : figures)
                doubled += QString(2, c);
            figures = doubled;
        }
        bool is_hex = false;
        const quint64 value = figures.toULongLong(&is_hex, 16);
        if (!is_hex || (figures.size() != 6 && figures.size() != 8))
            return std::nullopt;
        const quint64 rgb = figures.size() == 8 ? value >> 8 : value;
        return SvgColour{
            {static_cast<std::uint8_t>(rgb >> 16), static_cast<std::uint8_t>(rgb >> 8), static_cast<std::uint8_t>(rgb)},
            figures.size() == 8 ? static_cast<double>(value & 255) / 255 : 1};
    }
    if (const qsizetype open = t.indexOf(QLatin1Char('(')); open > 0) {
        const QString name = t.left(open).trimmed();
        QString inside = t.mid(open + 1, t.indexOf(QLatin1Char(')')) - open - 1);
        inside.replace(QLatin1Char('/'), QLatin1Char(' ')).remove(QLatin1String("deg"));
        std::vector<double> values;
        std::vector<bool> percent;
        for (const QString& piece :
             inside.replace(QLatin1Char(','), QLatin1Char(' ')).split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
            const bool is_percent = piece.endsWith(QLatin1Char('%'));
            bool is_number = false;
            const double value = (is_percent ? piece.chopped(1) : piece).toDouble(&is_number);
            if (!is_number || !std::isfinite(value))
                return std::nullopt;
            values.push_back(value);
            percent.push_back(is_percent);
        }
        if (values.size() != 3 && values.size() != 4)
            return std::nullopt;
        const double alpha = values.size() == 4 ? std::clamp(percent[3] ? values[3] / 100 : values[3], 0.0, 1.0) : 1;
        if (name == QLatin1String("rgb") || name == QLatin1String("rgba")) {
            const auto channel = [&](std::size_t i) {
                const double value = percent[i] ? values[i] * 255 / 100 : values[i];
                return static_cast<std::uint8_t>(std::lround(std::clamp(value, 0.0, 255.0)));
            };
            return SvgColour{{channel(0), channel(1), channel(2)}, alpha};
        }
        if (name == QLatin1String("hsl") || name == QLatin1String("hsla")) {
            const double hue = std::fmod(std::fmod(values[0], 360) + 360, 360) / 360;
            const QColor c =
                QColor::fromHslF(static_cast<float>(hue), static_cast<float>(std::clamp(values[1] / 100, 0.0, 1.0)),
                                 static_cast<float>(std::clamp(values[2] / 100, 0.0, 1.0)));
            return SvgColour{{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()),
                              static_cast<std::uint8_t>(c.blue())},
                             alpha};
        }
        return std::nullopt;
    }
    const QColor named(t);
    if (!named.isValid())
        return std::nullopt;
    return SvgColour{{static_cast<std::uint8_t>(named.red()), static_cast<std::uint8_t>(named.green()),
                      static_cast<std::uint8_t>(named.blue())},
                     1};
}

Transform view_box(const std::vector<double>& box, Size viewport, const QString& keeping) {
    const double across = viewport.width / box[2], down = viewport.height / box[3];
    const Transform origin = Transform::shift({-box[0], -box[1]});
    const QString words = keeping.trimmed();
    if (words.startsWith(QLatin1String("none")))
        return origin.then(Transform::scale(across, down));
    const double scale = words.contains(QLatin1String("slice")) ? std::max(across, down) : std::min(across, down);
    const auto share = [&](const QString& axis) {
        return words.contains(axis + QLatin1String("Min"))   ? 0.0
               : words.contains(axis + QLatin1String("Max")) ? 1.0
                                                             : 0.5;
    };
    return origin.then(Transform::scale(scale, scale))
        .then(Transform::shift({share(QStringLiteral("x")) * (viewport.width - scale * box[2]),
                                share(QStringLiteral("Y")) * (viewport.height - scale * box[3])}));
}

namespace {

/// Into how many pieces a cubic goes so that none turns by more than some ten degrees.
int pieces_of(Point from, const Segment& s) {
    constexpr double most_turn = 10 * std::numbers::pi / 180;
    std::vector<Point> legs;
    for (const auto& [a, b] : {std::pair{from, s.control1}, {s.control1, s.control2}, {s.control2, s.end}})
        if (!(a == b))
            legs.push_back(unit(b - a));
    double turn = 0;
    for (std::size_t i = 1; i < legs.size(); ++i)
        turn += std::acos(std::clamp(dot(legs[i - 1], legs[i]), -1.0, 1.0));
    return std::max(1, static_cast<int>(std::ceil(turn / most_turn)));
}

/// Qt's stroker follows a cubic that turns far only roughly, so it gets them in pieces.
QPainterPath to_qt(const SvgPath& path, double scale) {
    QPainterPath result;
    const auto at = [scale](Point p) { return QPointF(p.x * scale, p.y * scale); };
    for (const SvgSubpath& sub : path) {
        result.moveTo(at(sub.path.start));
        Point from = sub.path.start;
        for (const Segment& s : sub.path.segments) {
            const int pieces = s.kind == Segment::Kind::line ? 1 : pieces_of(from, s);
            if (s.kind == Segment::Kind::line)
                result.lineTo(at(s.end));
            for (int i = 0; i < pieces && s.kind == Segment::Kind::cubic; ++i) {
                const Segment piece =
                    part_of(from, s, static_cast<double>(i) / pieces, static_cast<double>(i + 1) / pieces);
                result.cubicTo(at(piece.control1), at(piece.control2), at(piece.end));
            }
            from = s.end;
        }
        if (!sub.is_open)
            result.closeSubpath();
    }
    return result;
}

Outline from_qt(const QPainterPath& path, double scale) {
    Outline outline;
    const auto at = [&](int i) { return Point{path.elementAt(i).x * scale, path.elementAt(i).y * scale}; };
    for (int i = 0; i < path.elementCount(); ++i) {
        switch (path.elementAt(i).type) {
        case QPainterPath::MoveToElement:
            outline.contours.push_back({at(i), {}});
            break;
        case QPainterPath::LineToElement:
            outline.contours.back().segments.push_back(Segment::line_to(at(i)));
            break;
        case QPainterPath::CurveToElement:
            outline.contours.back().segments.push_back(Segment::cubic_to(at(i), at(i + 1), at(i + 2)));
            i += 2;
            break;
        default:
            break;
        }
    }
    std::erase_if(outline.contours, [](const Contour& c) { return c.segments.empty(); });
    for (Contour& contour : outline.contours)
        if (!(contour.segments.back().end == contour.start))
            contour.segments.push_back(Segment::line_to(contour.start));
    return outline;
}

bool is_dot(const SvgSubpath& sub) {
    for (const Segment& s : sub.path.segments)
        if (!(s.end == sub.path.start) ||
            (s.kind == Segment::Kind::cubic && !(s.control1 == sub.path.start && s.control2 == sub.path.start)))
            return false;
    return !sub.path.segments.empty();
}

} // namespace

Outline stroke_outline(const SvgPath& path, const SvgStroke& stroke, double scale) {
    // Worked out in hundredths of a millimetre, so that the stroker's own steps are fine enough.
    const double fine = 100 * scale;
    SvgPath lines;
    Outline dots;
    for (const SvgSubpath& sub : path) {
        if (!is_dot(sub)) {
            lines.push_back(sub);
            continue;
        }
        const double r = stroke.width / 2;
        if (stroke.cap == SvgCap::round)
            dots.contours.push_back(ellipse_contour(sub.path.start, r, r));
        else if (stroke.cap == SvgCap::square)
            dots.contours.push_back(
                contour_of(corners_of({sub.path.start - Point{r, r}, sub.path.start + Point{r, r}})));
    }
    QPainterPathStroker stroker;
    stroker.setWidth(stroke.width * fine);
    stroker.setCapStyle(stroke.cap == SvgCap::round    ? Qt::RoundCap
                        : stroke.cap == SvgCap::square ? Qt::SquareCap
                                                       : Qt::FlatCap);
    stroker.setJoinStyle(stroke.join == SvgJoin::round   ? Qt::RoundJoin
                         : stroke.join == SvgJoin::bevel ? Qt::BevelJoin
                                                         : Qt::SvgMiterJoin);
    stroker.setMiterLimit(stroke.mitre_limit);
    stroker.setCurveThreshold(0.25);
    double period = 0;
    for (const double dash : stroke.dashes)
        period += dash;
    if (period > 0) {
        QList<qreal> pattern; // in widths of the pen
        for (const double dash : stroke.dashes)
            pattern.append(dash / stroke.width);
        stroker.setDashPattern(pattern);
        stroker.setDashOffset(stroke.dash_offset / stroke.width);
    }
    Outline outline = from_qt(stroker.createStroke(to_qt(lines, fine)), 1 / fine);
    std::ranges::move(dots.contours, std::back_inserter(outline.contours));
    return outline;
}

Outline fill_outline(const SvgPath& path) {
    Outline outline;
    for (const SvgSubpath& sub : path) {
        if (sub.path.segments.empty())
            continue;
        outline.contours.push_back(sub.path);
        Contour& contour = outline.contours.back();
        if (!(contour.segments.back().end == contour.start))
            contour.segments.push_back(Segment::line_to(contour.start));
    }
    return outline;
}

} // namespace fusuma
