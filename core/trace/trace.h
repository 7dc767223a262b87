#pragma once

#include "core/geometry/outline.h"
#include "core/raster/image.h"

namespace fusuma {

struct TraceSettings {
    double threshold = 127.5; ///< coverage value, 0–255, above which a pixel counts as art
    double detail_px = 0.06;  ///< farthest that the fitted curve may stray from the sub-pixel contour, pixels
    bool operator==(const TraceSettings&) const = default;
};

/// The outline of the art: sub-pixel contours of the coverage, with true corners restored and curves fitted.
/// @return  closed contours in pixels, the picture's top left at (0, 0); empty when nothing exceeds the threshold
[[nodiscard]] Outline trace(const Coverage& coverage, const TraceSettings& settings);

/// Contours that bound an area of at least `least` (the outline's unit squared), outer ones and holes alike.
[[nodiscard]] Outline without_specks(const Outline& outline, double least);

} // namespace fusuma
