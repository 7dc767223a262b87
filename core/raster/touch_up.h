#pragma once

#include "core/raster/background.h"

namespace fusuma {

// Changes to a coverage that come after its source.

/// Lets whatever the art encloses count as art: line drawings become solid figures.
void fill_inside(Coverage& coverage);

/// One stroke of the brush: the coverage rises (add) or falls (erase) by how strongly the brush touches each pixel.
void brush(Coverage& coverage, const Stroke& stroke);

/// Leaves nothing outside the box.
void restrict_to(Coverage& coverage, const PixelBox& box);

/// Marks every pixel that can be reached from the `starts` over pixels that `is_open`, side by side. Row by row, so
/// that open areas of any size take little memory.
/// @param is_open  by index into the picture's pixels
/// @return         1 where reached, else 0
template <typename IsOpen>
[[nodiscard]] std::vector<std::uint8_t> flooded(int width, int height, const std::vector<std::size_t>& starts,
                                                IsOpen&& is_open) {
    const auto w = static_cast<std::size_t>(width), size = w * static_cast<std::size_t>(height);
    std::vector<std::uint8_t> reached(size);
    std::vector<std::size_t> open(starts);
    while (!open.empty()) {
        const std::size_t at = open.back();
        open.pop_back();
        if (reached[at] || !is_open(at))
            continue;
        const std::size_t row = at - at % w;
        std::size_t left = at, right = at;
        while (left > row && !reached[left - 1] && is_open(left - 1))
            --left;
        while (right + 1 < row + w && !reached[right + 1] && is_open(right + 1))
            ++right;
        for (std::size_t i = left; i <= right; ++i)
            reached[i] = 1;
        // One entry for each run of open pixels in the rows above and below.
        const auto seed_runs = [&](std::size_t first) {
            for (std::size_t i = first; i <= first + (right - left); ++i)
                if (!reached[i] && is_open(i) && (i == first || reached[i - 1] || !is_open(i - 1)))
                    open.push_back(i);
        };
        if (left >= w)
            seed_runs(left - w);
        if (left + w < size)
            seed_runs(left + w);
    }
    return reached;
}

/// The pixels along a picture's four sides, as indices.
[[nodiscard]] std::vector<std::size_t> edge_pixels(int width, int height);

} // namespace fusuma
