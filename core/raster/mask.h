#pragma once

#include "core/raster/background.h"
#include "core/raster/packed_coverage.h"

namespace fusuma {

/// What is art in a picture, and the colours of its edge without the background's: all that it takes to have the art
/// from the picture again.
struct Mask {
    PackedCoverage coverage;
    std::vector<Rgb> edge_colours; ///< of the pixels that are art in part, row by row; none where they stay as they are
    std::vector<std::size_t> edge_rows; ///< where the colours of each row begin, and where those of the last end
    [[nodiscard]] std::size_t bytes() const {
        return coverage.bytes() + edge_colours.size() * sizeof(Rgb) + edge_rows.size() * sizeof(std::size_t);
    }
};

/// The background's share is taken out of the edge's colours, so that no pale halo is printed. Throws Stopped when
/// asked to stop.
[[nodiscard]] Mask mask_of(const Image& image, const CutOut& cut, const Work& work = {});

/// The picture with the coverage as alpha and its edge in the mask's colours.
/// @param image  as large as the mask
[[nodiscard]] Image isolated(const Image& image, const Mask& mask, const Work& work = {});

} // namespace fusuma
