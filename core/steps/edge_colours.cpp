#include "core/steps/edge_colours.h"

#include <cmath>

namespace fusuma {

ArtColours::ArtColours(const StickerResult& result)
    : image(result.isolation->pixels()), to_unit(result.outlined->from_art.inverted()) {}

std::optional<Rgb> ArtColours::at(Point mm) const {
    const Point unit = to_unit.apply(mm);
    const int x = static_cast<int>(std::floor(unit.x * image->width));
    const int y = static_cast<int>(std::floor(unit.y * image->height));
    if (x < 0 || y < 0 || x >= image->width || y >= image->height)
        return std::nullopt;
    const std::uint8_t* pixel = &image->rgba[4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(image->width) +
                                                  static_cast<std::size_t>(x))];
    constexpr std::uint8_t solid = 200;
    return pixel[3] < solid ? std::nullopt : std::optional(Rgb{pixel[0], pixel[1], pixel[2]});
}

bool are_alike(Rgb a, Rgb b) {
    constexpr int seen = 40; // of 255, in the channel that differs most
    return std::abs(a.red - b.red) < seen && std::abs(a.green - b.green) < seen && std::abs(a.blue - b.blue) < seen;
}

const Fill* rim_at_cut(const Sticker& sticker) {
    constexpr double on_edge = 0.05; // mm
    if (reach_at(sticker, sticker.width) <= on_edge)
        return nullptr;
    return sticker.border.width > 0 ? &sticker.rims.border : &sticker.rims.inner.back().fill;
}

} // namespace fusuma
