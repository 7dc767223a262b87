#include "core/raster/alpha.h"

#include "core/parallel.h"

#include <algorithm>
#include <span>

namespace fusuma {

Coverage coverage_of_alpha(const Image& image) {
    Coverage coverage(image.width, image.height);
    for_bands(image.height, {}, [&](int first, int last) {
        const std::size_t width = static_cast<std::size_t>(image.width);
        for (std::size_t i = static_cast<std::size_t>(first) * width; i < static_cast<std::size_t>(last) * width; ++i)
            coverage.values[i] = image.rgba[4 * i + 3];
    });
    return coverage;
}

namespace {

/// @param values  every `step`th from `first` is a pixel's
AlphaContent content(std::span<const std::uint8_t> values, std::size_t first, std::size_t step) {
    std::uint8_t any = 0, all = 255;
    constexpr std::size_t part = 1 << 16; // values looked at without a decision, which is what makes it quick
    for (std::size_t from = 0; from < values.size(); from += part) {
        const std::size_t to = std::min(values.size(), from + part);
        for (std::size_t i = from + first; i < to; i += step) {
            any = any | values[i];
            all = all & values[i];
        }
        if (any > 0 && all < 255)
            return AlphaContent::cut_out;
    }
    return any > 0 ? AlphaContent::opaque : AlphaContent::clear;
}

/// @param values  every `step`th from `first` is a pixel's
std::optional<PixelBox> inked(std::span<const std::uint8_t> values, int width, int height, std::size_t first,
                              std::size_t step) {
    int left = width, top = height, right = -1, bottom = -1;
    for (int y = 0; y < height; ++y) {
        const std::uint8_t* row =
            values.data() + first + step * static_cast<std::size_t>(y) * static_cast<std::size_t>(width);
        const auto is_clear = [&](int x) { return row[step * static_cast<std::size_t>(x)] == 0; };
        int from = 0, to = width - 1;
        while (from <= to && is_clear(from))
            ++from;
        if (from > to)
            continue;
        while (is_clear(to))
            --to;
        left = std::min(left, from);
        right = std::max(right, to);
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
