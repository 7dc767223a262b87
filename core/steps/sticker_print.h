#pragma once

#include "core/raster/continued.h"
#include "core/steps/sticker_cut.h"

#include <variant>

namespace fusuma {

/// Something to print: an area in one colour, or a picture, whole or within an area.
struct PrintLayer {
    std::variant<Rgb, PrintArt> ink;
    Transform from_unit;        ///< of a picture: from its unit square
    Polygons area;              ///< even-odd; empty for a whole picture
    Rect inked{{0, 0}, {1, 1}}; ///< of a picture: the part of its unit square outside of which it is clear
    bool is_pattern = false;    ///< dots or stripes on the layer before it
};

/// What is printed of a sticker besides its art, at its size.
struct PrintSettings {
    BorderSettings border; ///< as `printed_areas` takes it
    Rims rims;
    Bleed bleed;
    bool operator==(const PrintSettings&) const = default;
};

/// Rims and bleed under the art, and the art.
/// @param continued_art  the art's colours carried outward by at least `continuation_px`; may be null when that is 0
[[nodiscard]] std::vector<PrintLayer> print_of(const Isolation& isolation, const SizedOutline& outline, const Cut& cut,
                                               const PrintSettings& settings,
                                               const std::shared_ptr<const Continued>& continued_art);
/// How many pixels of the art's colours the print needs beyond the art; 0 for none.
[[nodiscard]] int continuation_px(const Isolation& isolation, const SizedOutline& outline,
                                  const PrintSettings& settings);
/// How many of the art's pixels, across, may become one where its colours are carried outward: they are blended there,
/// so that 300 dpi, which prints are commonly made for, shows all there is.
[[nodiscard]] int px_for_one(const SizedOutline& outline);

} // namespace fusuma
