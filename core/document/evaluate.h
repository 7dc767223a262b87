#pragma once

#include "core/document/document.h"
#include "core/raster/alpha.h"

namespace fusuma {

/// An artwork parted from its background.
struct Isolation {
    BackgroundSettings chosen; ///< the settings with everything filled in
    std::string why;           ///< in one line, when the choice was Fusuma's; else empty
    Coverage coverage;
    PrintArt art; ///< what is left to print
    AlphaContent content = AlphaContent::cut_out;
};

/// The art's outline before any size is known, with the artwork's width as unit.
struct Traced {
    Outline outline;
};

/// A sticker worked out at one size. Millimetres, origin at the artwork's top left.
struct StickerResult {
    std::shared_ptr<const Isolation> isolation;
    Size artwork;
    Outline outline;
    Outline cut_line;
    int dropped_specks = 0;
};

// The steps from artwork to cut line, each a pure function. Evaluator (plan.h) runs them and remembers the results.

[[nodiscard]] Isolation isolate(const Artwork& artwork, const BackgroundSettings& settings);
[[nodiscard]] Traced traced(const Coverage& coverage, const TraceSettings& settings);
/// The outline at `width` mm without its specks, and the cut line round it.
[[nodiscard]] StickerResult worked_out(std::shared_ptr<const Isolation> isolation, const Traced& traced,
                                       const Sticker& sticker, double width);

} // namespace fusuma
