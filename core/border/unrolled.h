#pragma once

#include "core/border/ribbon.h"

#include <cstddef>
#include <cstdint>

namespace fusuma {

/// A picture of 32 bits a pixel, whatever the order of its four channels, that somebody else keeps.
struct SeenPixels {
    const std::uint32_t* first = nullptr;
    int width = 0, height = 0;
    std::ptrdiff_t stride = 0; ///< pixels from row to row
    Point origin;              ///< mm at its top left
    double per_mm = 1;
};

/// Where the cut line is drawn as a straight one in the middle, what lies outside it above.
struct StraightStrip {
    std::uint32_t* first = nullptr;
    int width = 0, height = 0;
    std::ptrdiff_t stride = 0; ///< pixels from row to row
    double offset = 0;         ///< mm along the ribbon at its left
    double per_mm = 1;
};

/// Draws what lies along the cut line, in true proportions. Columns beyond the ribbon's end stay as they are.
/// @param paper  in place of what lies outside the picture
void draw_unrolled(const Ribbon& ribbon, const SeenPixels& seen, std::uint32_t paper, const StraightStrip& strip);

} // namespace fusuma
