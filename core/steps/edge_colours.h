#pragma once

#include "core/geometry/measure.h"
#include "core/steps/sticker_result.h"

#include <algorithm>

namespace fusuma {

/// The art's printed colours, in the sticker's mm. Holds its pixels.
class ArtColours {
  public:
    explicit ArtColours(const StickerResult& result);
    [[nodiscard]] std::optional<Rgb> at(Point mm) const; ///< nothing where the art is clear

  private:
    std::shared_ptr<const Image> image;
    Transform to_unit;
};

/// So near that nobody sees where one ends and the other begins.
[[nodiscard]] bool are_alike(Rgb a, Rgb b);

/// What the sticker is printed with at its cut line; null where that is the art itself.
[[nodiscard]] const Fill* rim_at_cut(const Sticker& sticker);

/// Calls `visit(place, inward, length)` along the sticker's cut line: places at most `step` mm apart, the unit vector
/// into the sticker, and the length of line that each stands for, mm.
template <typename Visit> void along_cut_line(const StickerResult& result, double step, Visit&& visit) {
    for (const Polygon& polygon : flatten(result.cut_line(), 0.02))
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point from = polygon[i], to = polygon[(i + 1) % polygon.size()];
            const double length = distance(from, to);
            // Counter-clockwise on screen with y down: the inside lies to the left.
            const Point way = unit(to - from);
            const int parts = std::max(1, static_cast<int>(std::ceil(length / step)));
            for (int k = 0; k < parts; ++k)
                visit(lerp(from, to, (k + 0.5) / parts), Point{way.y, -way.x}, length / parts);
        }
}

} // namespace fusuma
