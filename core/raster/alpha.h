#pragma once

#include "core/raster/image.h"

#include <optional>

namespace fusuma {

/// The alpha channel as coverage, value for value.
[[nodiscard]] Coverage coverage_of_alpha(const Image& image);

/// What the alpha channel says about a picture as a whole.
enum class AlphaContent {
    cut_out, ///< some pixels clear, some not: the alpha channel knows the art's edge
    opaque,  ///< every pixel fully solid: the edge is just the picture's rectangle
    clear,   ///< every pixel fully transparent: there is nothing to trace
};
[[nodiscard]] AlphaContent alpha_content(const Image& image);
/// The same question asked of a coverage.
[[nodiscard]] AlphaContent content_of(const Coverage& coverage);

/// The smallest box round all pixels that are not fully clear; nothing when all are.
[[nodiscard]] std::optional<PixelBox> inked(const Coverage& coverage);
[[nodiscard]] std::optional<PixelBox> inked(const Image& image);

} // namespace fusuma
