#pragma once

#include <cstdint>

namespace fusuma {

/// A colour as people and files write it, sRGB.
struct Rgb {
    std::uint8_t red = 0, green = 0, blue = 0;
    bool operator==(const Rgb&) const = default;
};

/// CIE L*a*b* under D65, as derived from sRGB (IEC 61966-2-1, CIE 15).
struct Lab {
    double lightness = 0, a = 0, b = 0;
};

[[nodiscard]] Lab to_lab(Rgb colour);

/// Y, which lightness is derived from, 0–1: quicker than the whole.
[[nodiscard]] double luminance(Rgb colour);
/// Its inverse, from lightness; lightness below nought gives a luminance below nought.
[[nodiscard]] double luminance_of(double lightness);

/// CIE 1976 colour difference: the distance in L*a*b*. About 2 is just noticeable.
[[nodiscard]] double colour_difference(const Lab& x, const Lab& y);

} // namespace fusuma
