#pragma once

#include "core/geometry/view.h"
#include "core/raster/image.h"
#include "core/work.h"

#include <QByteArray>

namespace fusuma {

/// How a picture is taken by the practice camera.
struct PracticeShot {
    int width = 4000, height = 3000;   ///< px
    double fill = 0.92;                ///< share of the picture that the thing fills, the narrower way
    double tilt = 0, tilt_towards = 0; ///< radians: how far from straight above, and to which side
    double turn = 0;                   ///< radians, clockwise
    Lens lens;
    double falls_to = 1;     ///< light at the darkest corner, as a share of the brightest
    double light_from = 0.7; ///< radians, the side where the light is
    enum class Shadow { none, soft, hard };
    Shadow shadow = Shadow::none;  ///< over a part of the thing
    double shadow_strength = 0.45; ///< share of the light that it takes
    double blur = 0;               ///< px, a Gaussian's standard deviation
    double noise = 0;              ///< grey values, standard deviation
    int quality = 80;              ///< JPEG's, 1 to 100
    unsigned seed = 1;
};

/// A photograph by the practice camera, and how the thing truly lies in it.
struct PracticePhoto {
    QByteArray jpeg;
    View truth; ///< from the thing's mm to the photograph's pixels
};

/// Takes a picture of a flat thing that lies on a table.
/// @param thing  as seen from above; clear where the table shows
/// @param size   mm
[[nodiscard]] PracticePhoto photographed(const Image& thing, Size size, const PracticeShot& shot,
                                         const Work& work = {});

} // namespace fusuma
