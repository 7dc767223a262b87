#include "core/raster/alpha.h"

namespace fusuma {

Coverage coverage_of_alpha(const Image& image) {
    Coverage coverage(image.width, image.height);
    for (std::size_t i = 0; i < coverage.values.size(); ++i)
        coverage.values[i] = image.rgba[4 * i + 3];
    return coverage;
}

namespace {

AlphaContent content(const std::vector<std::uint8_t>& values, std::size_t first, std::size_t step) {
    bool any_solid = false;
    bool any_clear = false;
    for (std::size_t i = first; i < values.size(); i += step) {
        any_solid = any_solid || values[i] > 0;
        any_clear = any_clear || values[i] < 255;
        if (any_solid && any_clear)
            return AlphaContent::cut_out;
    }
    return any_solid ? AlphaContent::opaque : AlphaContent::clear;
}

} // namespace

AlphaContent alpha_content(const Image& image) {
    return content(image.rgba, 3, 4);
}

AlphaContent content_of(const Coverage& coverage) {
    return content(coverage.values, 0, 1);
}

} // namespace fusuma
