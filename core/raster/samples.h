#pragma once

#include "core/raster/image.h"
#include "core/work.h"

#include <string>

namespace fusuma {

/// A picture as print files keep it: colours and transparency apart, a byte each.
struct Samples {
    std::string colours; ///< red, green and blue of each pixel
    std::string alphas;  ///< of each pixel; empty when all are opaque
};

/// Clear pixels next to others take their colour, along rows and then columns: viewers that scale colours and
/// transparency apart would mix it in. All other clear pixels are white. Throws Stopped when asked to stop.
[[nodiscard]] Samples samples_of(const Image& image, const Work& work = {});

} // namespace fusuma
