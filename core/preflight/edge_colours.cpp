#include "core/preflight/edge_colours.h"

#include <cmath>

namespace fusuma {

std::optional<Rgb> art_colour_at(const StickerResult& result, Point mm) {
    const auto image = result.isolation->pixels();
    const Point unit = result.outlined->from_art.inverted().apply(mm);
    const int x = static_cast<int>(std::floor(unit.x * image->width));
    const int y = static_cast<int>(std::floor(unit.y * image->height));
    if (x < 0 || y < 0 || x >= image->width || y >= image->height)
        return std::nullopt;
    const std::uint8_t* pixel = &image->rgba[4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(image->width) +
                                                  static_cast<std::size_t>(x))];
    constexpr std::uint8_t solid = 200;
    return pixel[3] < solid ? std::nullopt : std::optional(Rgb{pixel[0], pixel[1], pixel[2]});
}

} // namespace fusuma
