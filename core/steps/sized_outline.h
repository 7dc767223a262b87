#pragma once

#include "core/steps/isolation.h"

namespace fusuma {

/// An outline at one size, mended and without specks. Millimetres, origin at the framed artwork's top left.
struct SizedOutline {
    Size artwork;
    Transform from_picture; ///< from the whole picture's pixels
    Transform from_art;     ///< from the unit square of the art
    Outline outline;
    bool is_outline_cut = true;     ///< false: it only tells how much room the artwork's own lines take
    std::vector<OwnLine> own_lines; ///< of drawn artwork, cut where they lie
    Outline dropped;                ///< specks and holes left out
    std::size_t left_out = 0;       ///< further contours of a picture that is all noise, never fitted
    int coarsened = 1;              ///< how many times coarser than its pixels such a picture was traced
    std::optional<Thinnest> thinnest;
};

/// The outline in the isolation's pixels: traced, or as it was drawn. Throws Stopped when asked to stop.
[[nodiscard]] Tracing trace_of(const Isolation& isolation, const TraceSettings& settings, const Work& work = {});

/// @param tracing  in the isolation's pixels
/// @param frame    the artwork's
/// @param width    mm, of the framed artwork
[[nodiscard]] SizedOutline sized_outline(const Isolation& isolation, const Tracing& tracing, const Frame& frame,
                                         const CleanUp& clean, double width);

/// Millimetres of one of the picture's pixels.
[[nodiscard]] double mm_per_px(const SizedOutline& outline);

} // namespace fusuma
