#pragma once

#include "core/geometry/boolean.h"

namespace fusuma {

enum class Holes { keep, close, close_small };

struct BorderSettings {
    double width = 2.0; ///< mm; outward when positive, inward when negative, 0 cuts on the outline itself
    Corners corners = Corners::round;
    Holes holes = Holes::keep;
    double close_under = 9.0; ///< mm², with Holes::close_small: holes of the cut line smaller than this are closed
    bool operator==(const BorderSettings&) const = default;
};

/// How exactly: for cutting, or at once for a preview, in straight lines and within a twentieth of a millimetre.
enum class Care { exact, preview };

/// The cut line: the outline grown outward or shrunk inward by a constant distance, with holes treated as asked.
///
/// The curves are flattened to 0.0008 mm, offset as polygons and fitted with curves again, so the result stays within
/// 0.005 mm of the exact offset. With no width and all holes kept the outline comes back untouched.
///
/// @param outline  closed contours in mm, filled by the even-odd rule
/// @return         closed contours in mm, outer ones counter-clockwise on screen; empty when shrunk to nothing
/// Source: the offset of a convex shape follows Steiner's formula; see tests/border_test.cpp
[[nodiscard]] Outline border(const Outline& outline, const BorderSettings& settings, Care care = Care::exact);

} // namespace fusuma
