#pragma once

#include "reading/svg/svg_geometry.h"

namespace fusuma {

struct SvgNode;

/// What a path, rect, circle, ellipse, line, polyline or polygon draws, in its own units; nothing for other elements.
/// Source: SVG 2, 10; pieces begin and run as it says, since dashes do
[[nodiscard]] SvgPath svg_shape(const SvgNode& node, const SvgMeasures& measures);

/// A length among an element's attributes, in px.
[[nodiscard]] double svg_length(const SvgNode& node, const char* name, const SvgMeasures& measures, Along along,
                                double usual = 0);

} // namespace fusuma
