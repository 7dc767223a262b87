#include "core/raster/alpha.h"

#include <algorithm>
#include <span>

namespace fusuma {

Coverage coverage_of_alpha(const Image& image) {
    Coverage coverage(image.width, image.height);
    for (std::size_t i = 0; i < coverage.values.size(); ++i)
        coverage.values[i] = image.rgba[4 * i + 3];
    return coverage;
}

namespace {

AlphaContent content(std::span<const std::uint8_t> values, std::size_t first, std::size_t step) {
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

/// @param values  every `step`th from `first` is a pixel's
std::optional<PixelBox> inked(std::span<const std::uint8_t> values, int width, int height, std::size_t first,
                              std::size_t step) {
    int left = width, top = height, right = -1, bottom = -1;
    const std::uint8_t* value = values.data() + first;
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x, value += step)
            if (*value > 0) {
                left = std::min(left, x);
                right = std::max(right, x);
                top = std::min(top, y);
                bottom = y;
            }
    return right < 0 ? std::nullopt : std::optional(PixelBox{left, top, right - left + 1, bottom - top + 1});
}

} // namespace

AlphaContent alpha_content(const Image& image) {
    return content(image.rgba, 3, 4);
}

AlphaContent content_of(const Coverage& coverage) {
    return content(coverage.values, 0, 1);
}

std::optional<PixelBox> inked(const Coverage& coverage) {
    return inked(coverage.values, coverage.width, coverage.height, 0, 1);
}

std::optional<PixelBox> inked(const Image& image) {
    return inked(image.rgba, image.width, image.height, 3, 4);
}

} // namespace fusuma
