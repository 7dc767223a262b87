#pragma once

#include "core/raster/image.h"
#include "reading/svg/svg_geometry.h"

#include <memory>

namespace fusuma {

struct SvgDocument;
struct SvgNode;

/// What a fill or a stroke is painted with.
struct SvgPaint {
    enum class Kind { none, colour, server };
    Kind kind = Kind::none;
    SvgColour colour;
    QString server;                    ///< url(#id) of a gradient or pattern
    std::optional<SvgColour> fallback; ///< when there is no such server
};
/// @param current  what currentColor means
/// @param before   kept when the value is in error
[[nodiscard]] SvgPaint svg_paint(const QString& value, const SvgColour& current, const SvgPaint& before);

/// A linear or radial gradient with everything inherited filled in, in the units of what it paints.
struct SvgGradient {
    struct Stop {
        double at = 0; ///< 0–1
        SvgColour colour;
    };
    std::vector<Stop> stops;
    std::optional<SvgColour> plain; ///< all of it is one colour
    bool is_radial = false;
    Point from, to; ///< linear; radial: focus and centre
    double radius = 0, focal_radius = 0;
    Transform map; ///< from the gradient's units
    enum class Spread { pad, reflect, repeat } spread = Spread::pad;
};
/// Nothing when the element is no gradient, or cannot be drawn for lack of a box.
/// @param box  of the shape, in its own units
[[nodiscard]] std::optional<SvgGradient> svg_gradient(const SvgDocument& document, const SvgNode& server,
                                                      const Rect& box, const SvgMeasures& measures,
                                                      const SvgColour& current);

/// The gradient over a box, at up to 300 dots per inch.
/// @param scale  mm per unit
[[nodiscard]] std::shared_ptr<const Image> gradient_image(const SvgGradient& gradient, const Rect& box, double scale,
                                                          double opacity);

/// A picture within the file, from its data: address; nothing when it is none that can be read.
[[nodiscard]] std::optional<Pixels> svg_picture(const QString& address);

} // namespace fusuma
