#pragma once

#include "core/geometry/transform.h"
#include "core/raster/image.h"
#include "core/work.h"

#include <string>

namespace fusuma {

/// A picture as print files keep it: colours and transparency apart, a byte each.
struct Samples {
    std::string colours; ///< red, green and blue of each pixel
    std::string alphas;  ///< of each pixel; empty when all are opaque
};

/// A picture as a JPEG file, as print files may keep it: the picture and nothing that its camera told besides.
struct PrintJpeg {
    std::string file;
    std::int32_t width = 0, height = 0; ///< as it is seen
    std::int32_t stored_width = 0, stored_height = 0;
    Transform turned; ///< from the unit square of what is stored to that of what is seen, y down
};

/// Clear pixels next to others take their colour, along rows and then columns: viewers that scale colours and
/// transparency apart would mix it in. All other clear pixels are white. Throws Stopped when asked to stop.
[[nodiscard]] Samples samples_of(const Image& image, const Work& work = {});

} // namespace fusuma
