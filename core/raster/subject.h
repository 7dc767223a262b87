#pragma once

#include "core/raster/background.h"

namespace fusuma {

/// The subject of a picture, whatever it stands on.
struct Subject {
    Coverage coverage;
    Image ground; ///< what lies behind its edge, made smaller; to be taken out of the edge's colours
};

/// Parts a subject from any ground: by the colours inside and outside of a box or of what was painted over, on a
/// smaller picture (GrabCut), with small islands left to what surrounds them; then the edge is made soft along the
/// picture's own edges (guided filter). The same every time. Throws Stopped when asked to stop. Source: Rother,
/// Kolmogorov and Blake, ACM Transactions on Graphics 23(3), 2004; He, Sun and Tang, IEEE Transactions on Pattern
/// Analysis and Machine Intelligence 35(6), 2013.
/// @param care     a preview makes one round of three
/// @param box      round the subject; without one nearly the whole picture is looked at
/// @param strokes  of which those that say what belongs and what does not are heeded
[[nodiscard]] Subject subject_of(const Image& image, const std::optional<PixelBox>& box,
                                 const std::vector<Stroke>& strokes, const Work& work = {}, Care care = Care::exact);

/// Whether something in the picture stands out by itself, without a box: one main thing, clear of the picture's edge.
[[nodiscard]] bool stands_out(const Image& image);

/// Pixels of the longer side on which the colours are told apart.
inline constexpr int subject_px = 640;

} // namespace fusuma
