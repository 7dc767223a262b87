#pragma once

#include "core/drawing/drawn_art.h"

#include <QString>
#include <QStringView>
#include <optional>
#include <vector>

namespace fusuma {

// What SVG says in its attributes about shapes and measures.

/// A subpath. An open one is filled as if it were closed.
struct SvgSubpath {
    Contour path; ///< an open one's last segment ends where it will
    bool is_open = false;
};
using SvgPath = std::vector<SvgSubpath>;

/// Path data, up to the first error, as SVG asks. Arcs become cubics within 0.03 % of their radius.
/// Source: SVG 1.1, 8.3; read by lib2geom
[[nodiscard]] SvgPath path_data(const QString& d);

/// Numbers separated by blanks and commas, up to the first that is none; NaN and infinity are none.
[[nodiscard]] std::vector<double> numbers(QStringView text);

/// A transform list; nothing when it is in error, which makes the element undrawn.
/// Source: SVG 1.1, 7.6
[[nodiscard]] std::optional<Transform> transform_list(const QString& text);

/// What lengths are relative to.
struct SvgMeasures {
    double width = 0, height = 0; ///< of the viewport, px
    double font_size = 16;        ///< px
};
enum class Along { width, height, diagonal };
/// A length in px (1/96 in); nothing when it is in error.
/// Source: CSS Values and Units Level 3, 6
[[nodiscard]] std::optional<double> length_px(const QString& text, const SvgMeasures& measures, Along along);

struct SvgColour {
    Rgb rgb;
    double alpha = 1;
};
/// A colour by name, # and 3, 4, 6 or 8 figures, rgb(), rgba(), hsl() or hsla(); nothing when it is none of these.
/// Source: CSS Color Level 3 and 4
[[nodiscard]] std::optional<SvgColour> svg_colour(const QString& text);

/// From a viewBox (x, y, width, height) to a viewport of that size.
/// @param keeping  preserveAspectRatio
/// Source: SVG 1.1, 7.8
[[nodiscard]] Transform view_box(const std::vector<double>& box, Size viewport, const QString& keeping);

enum class SvgCap { butt, round, square };
enum class SvgJoin { mitre, round, bevel };
struct SvgStroke {
    double width = 1;
    SvgCap cap = SvgCap::butt;
    SvgJoin join = SvgJoin::mitre;
    double mitre_limit = 4;
    std::vector<double> dashes; ///< lengths of lines and gaps; empty for a solid line
    double dash_offset = 0;
};
/// The outline of a stroke, to be filled by the nonzero rule.
/// @param scale  how many mm one of its units is in the end, so that it can be as fine as it must
[[nodiscard]] Outline stroke_outline(const SvgPath& path, const SvgStroke& stroke, double scale);

/// The path's curves, each closed.
[[nodiscard]] Outline fill_outline(const SvgPath& path);

} // namespace fusuma
