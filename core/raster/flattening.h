#pragma once

#include "core/geometry/view.h"
#include "core/raster/image.h"
#include "core/words.h"

#include <algorithm>

namespace fusuma {

/// What a photograph was laid flat by.
enum class FlatBy {
    board,   ///< the photo board's marks
    paper,   ///< the edges of a sheet of paper
    card,    ///< a card of known size beside the art
    corners, ///< four places and the lengths between them, by hand
};
template <>
inline constexpr std::array words<FlatBy>{
    Word{FlatBy::board, "board", "The photo board"}, Word{FlatBy::paper, "paper", "A sheet of paper"},
    Word{FlatBy::card, "card", "A card"}, Word{FlatBy::corners, "corners", "Four corners"}};

inline constexpr int most_flattened_px = 32000; ///< along the longer side, of a photograph and of a flat picture

/// How a photograph becomes a flat picture in true millimetres.
struct Flattening {
    FlatBy by = FlatBy::corners;
    View view;            ///< from the flat picture's mm to the photograph's pixels
    Size size;            ///< mm of the flat picture
    double px_per_mm = 1; ///< of the flat picture
    double residual = 0;  ///< mm, root mean square of what the fit leaves over
    bool operator==(const Flattening&) const = default;

    [[nodiscard]] int width_px() const { return std::max(1, static_cast<int>(std::lround(size.width * px_per_mm))); }
    [[nodiscard]] int height_px() const { return std::max(1, static_cast<int>(std::lround(size.height * px_per_mm))); }
};

/// The photograph's own density over a flat picture of that size, held to what keeps it within `most_px` pixels.
[[nodiscard]] double own_density(const View& view, Size size, double most_px = 60e6);

/// The photograph laid flat, resampled once by cubic interpolation; where the photograph does not reach, its edge
/// goes on, and so does what lies 0.8 mm inside a sheet of paper's edge. Throws
/// Stopped when asked to stop.
[[nodiscard]] Image flattened(const Image& photo, const Flattening& how, const Work& work = {});

} // namespace fusuma
