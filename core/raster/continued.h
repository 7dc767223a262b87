#pragma once

#include "core/raster/pixels.h"

namespace fusuma {

/// What lies round a picture's art, in the art's own colours.
struct Continued {
    Pixels image;   ///< solid within reach of the art wherever the art is not, clear elsewhere
    int margin = 0; ///< pixels by which it is larger than the picture on every side
    int factor = 1; ///< how many of the picture's pixels, across, one of it stands for
};

/// Carries the colours of the art outward. Each pixel takes the colour of the nearest solid art pixel a step inside the
/// edge, since those on the edge are mixed with what was behind; then it is averaged with its surroundings, the wider
/// the farther out, so that neither streaks nor hard seams appear and the colour at the edge itself stays.
///
/// Takes time in proportion to the picture's pixels, on every core. Throws Stopped when asked to stop.
/// @param reach_px  how far from the art, ≥ 1
/// Source: exact nearest pixels by Felzenszwalb & Huttenlocher, "Distance transforms of sampled functions", Theory of
///         Computing 8, 2012; box averages by summed areas, Crow, SIGGRAPH 1984 (both from memory).
[[nodiscard]] Continued continued(const Image& art, int reach_px, const Work& work = {});

} // namespace fusuma
