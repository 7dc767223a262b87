#pragma once

#include "core/geometry/transform.h"
#include "core/raster/image.h"

#include <optional>

namespace fusuma {

/// How an artwork is cropped and set upright. Nothing is resampled: these only decide where its pixels lie.
struct Framing {
    std::optional<PixelBox> crop; ///< the part of the picture that is used
    bool mirrored = false;        ///< left and right exchanged, before turning
    double turn = 0;              ///< radians, clockwise on screen
    double stretch = 1;           ///< height over what the width asks for, after turning; > 0
    bool operator==(const Framing&) const = default;
};

/// The upright box round the cropped and turned picture, measured in the picture's pixels.
struct Frame {
    PixelBox crop;          ///< on the picture
    Size size;              ///< of the box
    Transform from_picture; ///< from the picture's pixels to the box, top left at (0, 0)
};
[[nodiscard]] Frame frame_of(int width_px, int height_px, const Framing& framing);

/// The turn after which a line drawn from `a` to `b` (on the turned artwork) is level or upright, whichever is nearer.
[[nodiscard]] double straightened(double turn, Point a, Point b);

} // namespace fusuma
