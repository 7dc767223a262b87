#include "core/raster/alpha.h"

namespace fusuma {

Coverage coverage_of_alpha(const Image& image) {
    Coverage coverage(image.width, image.height);
    for (std::size_t i = 0; i < coverage.values.size(); ++i)
        coverage.values[i] = image.rgba[4 * i + 3];
    return coverage;
}

AlphaContent alpha_content(const Image& image) {
    bool any_solid = false;
    bool any_clear = false;
    for (std::size_t i = 3; i < image.rgba.size(); i += 4) {
        any_solid = any_solid || image.rgba[i] > 0;
        any_clear = any_clear || image.rgba[i] < 255;
        if (any_solid && any_clear)
            return AlphaContent::cut_out;
    }
    return any_solid ? AlphaContent::opaque : AlphaContent::clear;
}

} // namespace fusuma
