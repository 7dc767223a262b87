#include "reading/svg/svg_style.h"

#include "reading/svg/svg_document.h"

#include <algorithm>

namespace fusuma {

namespace {

std::vector<double> dashes(const QString& text, const SvgMeasures& measures) {
    std::vector<double> lengths;
    QString spaced = text;
    double sum = 0;
    for (const QString& piece :
         spaced.replace(QLatin1Char(','), QLatin1Char(' ')).split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        const auto length = length_px(piece, measures, Along::diagonal);
        if (!length || *length < 0)
            return {};
        lengths.push_back(*length);
        sum += *length;
    }
    if (sum <= 0)
        return {};
    if (lengths.size() % 2)
        lengths.insert(lengths.end(), lengths.begin(), lengths.end());
    return lengths;
}

} // namespace

std::optional<double> svg_share(const QString& text) {
    bool is_number = false;
    const bool is_percent = text.endsWith(QLatin1Char('%'));
    const double value = (is_percent ? text.chopped(1) : text).toDouble(&is_number);
    return is_number ? std::optional(std::clamp(is_percent ? value / 100 : value, 0.0, 1.0)) : std::nullopt;
}

SvgStyle svg_style(const SvgNode& node, const SvgStyle& parent) {
    SvgStyle s = parent;
    const auto declared = [&](const char* name) {
        QString value = node.property(str(name)).trimmed();
        return value == str("inherit") ? QString() : value;
    };
    if (const QString v = declared("font-size"); !v.isEmpty())
        s.measures.font_size = length_px(v, s.measures, Along::height).value_or(s.measures.font_size);
    if (const auto c = svg_colour(declared("color")))
        s.colour = *c;
    if (const QString v = declared("fill"); !v.isEmpty())
        s.fill = svg_paint(v, s.colour, s.fill);
    if (const QString v = declared("stroke"); !v.isEmpty())
        s.stroke = svg_paint(v, s.colour, s.stroke);
    const auto share = [&](const char* name, double& value) {
        if (const QString v = declared(name); !v.isEmpty())
            value = svg_share(v).value_or(value);
    };
    share("fill-opacity", s.fill_opacity);
    share("stroke-opacity", s.stroke_opacity);
    const auto rule = [&](const char* name, FillRule& value) {
        if (const QString v = declared(name); !v.isEmpty())
            value = v == str("evenodd") ? FillRule::even_odd : FillRule::nonzero;
    };
    rule("fill-rule", s.fill_rule);
    rule("clip-rule", s.clip_rule);
    if (const QString v = declared("stroke-width"); !v.isEmpty())
        s.pen.width = std::max(0.0, length_px(v, s.measures, Along::diagonal).value_or(s.pen.width));
    if (const QString v = declared("stroke-linecap"); !v.isEmpty())
        s.pen.cap = v == str("round") ? SvgCap::round : v == str("square") ? SvgCap::square : SvgCap::butt;
    if (const QString v = declared("stroke-linejoin"); !v.isEmpty())
        s.pen.join = v == str("round") ? SvgJoin::round : v == str("bevel") ? SvgJoin::bevel : SvgJoin::mitre;
    if (const auto v = numbers(declared("stroke-miterlimit")); v.size() == 1 && v[0] >= 1)
        s.pen.mitre_limit = v[0];
    if (const QString v = declared("stroke-dasharray"); !v.isEmpty())
        s.pen.dashes = dashes(v, s.measures);
    if (const QString v = declared("stroke-dashoffset"); !v.isEmpty())
        s.pen.dash_offset = length_px(v, s.measures, Along::diagonal).value_or(0);
    if (const QString v = declared("visibility"); !v.isEmpty())
        s.is_visible = v == str("visible");
    if (const QString v = declared("paint-order"); !v.isEmpty())
        s.stroke_first = v.startsWith(str("stroke")) || v.startsWith(str("markers stroke"));
    for (const char* marker : {"marker", "marker-start", "marker-mid", "marker-end"})
        if (const QString v = declared(marker); !v.isEmpty())
            s.has_markers = v != str("none");
    return s;
}

} // namespace fusuma
