#include "core/raster/alpha.h"

#include "core/parallel.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cstring>
#include <span>

namespace fusuma {

Coverage coverage_of_alpha(const Image& image) {
    Coverage coverage(image.width, image.height);
    for_pixels(image.width, image.height, {}, [&](std::size_t from, std::size_t to) {
        const std::uint8_t* const rgba = image.rgba.data();
        std::uint8_t* const __restrict value = coverage.values.data();
        for (std::size_t i = from; i < to; ++i)
            value[i] = rgba[4 * i + 3];
    });
    return coverage;
}

namespace {

/// @param Pixel  an integer as large as a pixel, so that many are looked at at once
/// @param of_pixel  which of its bytes counts
template <typename Pixel> AlphaContent content(std::span<const std::uint8_t> values, std::size_t of_pixel) {
    Pixel any = 0, all = static_cast<Pixel>(~Pixel{0});
    const auto its = [of_pixel](Pixel pixel) {
        return std::bit_cast<std::array<std::uint8_t, sizeof(Pixel)>>(pixel)[of_pixel];
    };
    constexpr std::size_t part = 1 << 16; // bytes looked at without a decision, which is what makes it quick
    for (std::size_t from = 0; from < values.size(); from += part) {
        const std::size_t to = std::min(values.size(), from + part);
        for (std::size_t i = from; i < to; i += sizeof(Pixel)) {
            Pixel pixel;
            std::memcpy(&pixel, values.data() + i, sizeof pixel);
            any = any | pixel;
            all = all & pixel;
        }
        if (its(any) > 0 && its(all) < 255)
            return AlphaContent::cut_out;
    }
    return its(any) > 0 ? AlphaContent::opaque : AlphaContent::clear;
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
    return content<std::uint32_t>(image.rgba, 3);
}

AlphaContent content_of(const Coverage& coverage) {
    return content<std::uint8_t>(coverage.values, 0);
}

std::optional<PixelBox> inked(const Coverage& coverage) {
    return inked(coverage.values, coverage.width, coverage.height, 0, 1);
}

std::optional<PixelBox> inked(const Image& image) {
    return inked(image.rgba, image.width, image.height, 3, 4);
}

} // namespace fusuma
