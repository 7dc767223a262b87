#pragma once

#include "core/geometry/outline.h"
#include "core/raster/image.h"
#include "core/work.h"

namespace fusuma {

struct TraceSettings {
    double threshold = 127.5; ///< coverage value, 0–255, above which a pixel counts as art
    double detail_px =
        0.075;               ///< farthest that the curve may stray from the sub-pixel contour, beyond its noise, pixels
    double smoothing_px = 0; ///< length over which wobbles of the edge are evened out; true corners stay. 0 for none
    bool operator==(const TraceSettings&) const = default;
};

/// More contours than this are no drawing but noise: only the largest are kept.
inline constexpr std::size_t most_contours = 20'000;

struct Tracing {
    Outline outline;          ///< closed contours in pixels, the picture's top left at (0, 0)
    std::size_t left_out = 0; ///< contours beyond `most_contours`
    int coarsened = 1;        ///< how many times coarser a picture that is all grain was traced in the end
};

/// Outlines with more nodes than this, and more than one for every eight points along them, follow grain. They are
/// traced again on half as many pixels, lest every later step drown in them.
inline constexpr std::size_t most_grain = 40'000;

/// The outline of the art: sub-pixel contours of the coverage, with true corners restored and curves fitted, on every
/// core. Empty when nothing exceeds the threshold. Throws Stopped when asked to stop.
[[nodiscard]] Tracing trace(const Coverage& coverage, const TraceSettings& settings, const Work& work = {});

/// The same outline in straight lines within a third of a pixel, at once, for previews.
[[nodiscard]] Tracing sketch(const Coverage& coverage, const TraceSettings& settings, const Work& work = {});

/// Contours that bound an area of at least `least` (the outline's unit squared), outer ones and holes alike.
[[nodiscard]] Outline without_specks(const Outline& outline, double least);

} // namespace fusuma
