#pragma once

#include "core/document/document.h"

namespace fusuma {

/// A picture averaged to at most `most_px` pixels along its longer side, for quick previews.
struct SmallPicture {
    std::shared_ptr<Picture> picture;
    int factor = 1; ///< how many pixels of the picture make one
};
[[nodiscard]] SmallPicture small_picture(const Picture& picture, int most_px, const Work& work = {});

/// The sticker with the same picture at another resolution in place of its own, and all that is measured in pixels to
/// match.
/// @param factor  how many of the present pixels make one of the new ones, > 0
[[nodiscard]] Sticker with_picture(Sticker sticker, std::shared_ptr<const Picture> picture, double factor);

/// The sticker with its photograph laid flat another way, or as it came. What is measured in pixels follows from one flat
/// picture to another; between a photograph and a flat picture nothing of it holds, and the sticker gets its true size.
[[nodiscard]] Sticker relaid(Sticker sticker, std::shared_ptr<const Picture> picture);

} // namespace fusuma
