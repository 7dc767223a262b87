#pragma once

#include "core/document/document.h"
#include "core/raster/alpha.h"
#include "core/raster/mask.h"
#include "core/steps/lighting.h"

#include <mutex>

namespace fusuma {

/// An artwork parted from its background.
struct Isolation {
    BackgroundSettings chosen; ///< the settings with everything filled in, light and shadows as well
    Said why;                  ///< in one line, when the choice was Fusuma's; else empty
    PixelPlace origin;         ///< where in the whole picture the mask and the art begin
    PixelPlace size;           ///< of the art, in pixels
    std::shared_ptr<const Mask> mask = std::make_shared<const Mask>(); ///< as large; empty for drawn artwork
    PrintArt art;                                                      ///< what is left to print
    AlphaContent content = AlphaContent::cut_out;
    Rect inked;                 ///< all of the art that is not clear, in its unit square; empty when nothing is
    std::optional<Drawn> drawn; ///< of drawn artwork, with lines in pixels of its lattice

    [[nodiscard]] Coverage coverage() const { return mask->coverage.whole(); } ///< unpacked at every call
    /// The art as pixels, as many as `size` says; those of drawn art are made when they are first asked for.
    [[nodiscard]] std::shared_ptr<const Image> pixels() const;

  private:
    struct Drawing {
        std::once_flag once;
        std::shared_ptr<const Image> image;
    };
    std::shared_ptr<Drawing> made = std::make_shared<Drawing>();
};

/// A picture parted from its background. Throws Stopped when asked to stop.
[[nodiscard]] Isolation isolate(const Lit& picture, const BackgroundSettings& settings, const Work& work = {},
                                Care care = Care::exact);
/// Drawn artwork, which has none.
[[nodiscard]] Isolation isolate(const Artwork& artwork, const Drawn& drawn);

} // namespace fusuma
