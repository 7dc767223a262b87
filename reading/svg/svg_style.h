#pragma once

#include "reading/svg/svg_paint.h"

#include <QLatin1String>
#include <optional>

namespace fusuma {

/// Properties that elements hand down to what is in them.
struct SvgStyle {
    SvgPaint fill{.kind = SvgPaint::Kind::colour}, stroke;
    double fill_opacity = 1, stroke_opacity = 1;
    FillRule fill_rule = FillRule::nonzero, clip_rule = FillRule::nonzero;
    SvgStroke pen;
    SvgColour colour;
    SvgMeasures measures;
    bool is_visible = true, stroke_first = false, has_markers = false;
};

/// The element's own properties over those that it is handed.
[[nodiscard]] SvgStyle svg_style(const SvgNode& node, const SvgStyle& parent);

/// A share as a number or a percentage, 0–1; nothing when it is in error.
[[nodiscard]] std::optional<double> svg_share(const QString& text);

} // namespace fusuma
