#pragma once

#include "core/document/document.h"
#include "core/raster/alpha.h"

namespace fusuma {

/// A sticker worked out at one size. Millimetres, origin at the artwork's top left.
struct StickerResult {
    Size artwork;
    Outline outline;
    Outline cut_line;
    AlphaContent content = AlphaContent::cut_out;
    int dropped_specks = 0;
};

// The steps from artwork to cut line, each a pure function. Evaluator (plan.h) runs them and remembers the results.

[[nodiscard]] Coverage coverage_of(const Artwork& artwork);

/// The art's outline before any size is known, with the artwork's width as unit.
struct Traced {
    Outline outline;
    AlphaContent content = AlphaContent::cut_out;
};
[[nodiscard]] Traced traced(const Artwork& artwork, const Coverage& coverage, const TraceSettings& settings);

/// The outline at `width` mm without its specks, and the cut line round it.
[[nodiscard]] StickerResult worked_out(const Traced& traced, const Sticker& sticker, double width);

} // namespace fusuma
