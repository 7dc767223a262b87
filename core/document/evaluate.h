#pragma once

#include "core/document/document.h"
#include "core/raster/alpha.h"

namespace fusuma {

/// An artwork parted from its background.
struct Isolation {
    BackgroundSettings chosen; ///< the settings with everything filled in
    std::string why;           ///< in one line, when the choice was Fusuma's; else empty
    PixelPlace origin;         ///< where in the whole picture the coverage and the art begin
    Coverage coverage;
    PrintArt art; ///< what is left to print, as large as the coverage
    AlphaContent content = AlphaContent::cut_out;
};

/// An outline at one size, mended and without specks. Millimetres, origin at the framed artwork's top left.
struct Outlined {
    Size artwork;
    Transform from_picture; ///< from the whole picture's pixels
    Transform from_art;     ///< from the unit square of the art
    Outline outline;
    Outline dropped;          ///< specks and holes left out
    std::size_t left_out = 0; ///< further contours of a picture that is all noise, never fitted
    int coarsened = 1;        ///< how many times coarser than its pixels such a picture was traced
    std::optional<Thinnest> thinnest;
};

/// A sticker worked out at one size.
struct StickerResult {
    std::shared_ptr<const Isolation> isolation;
    std::shared_ptr<const Outlined> outlined;
    Outline cut_line;

    [[nodiscard]] const Outline& outline() const { return outlined->outline; }
};

// The steps from artwork to cut line, each a pure function. Evaluator (plan.h) runs them and remembers the results.
// They throw Stopped when asked to stop.

[[nodiscard]] Isolation isolate(const Artwork& artwork, const std::optional<PixelBox>& crop,
                                const BackgroundSettings& settings, const Work& work = {});
/// @param tracing  of the isolation's coverage, in its pixels
/// @param width    mm, of the framed artwork
[[nodiscard]] Outlined outlined(const Isolation& isolation, const Tracing& tracing, const Sticker& sticker,
                                double width);

/// The width in mm of the artwork at which the cut line's box gets this width, or this height; the border keeps its
/// millimetres at every size. Nothing when no artwork is small enough.
enum class Side { width, height };
[[nodiscard]] std::optional<double> width_for_finished(const StickerResult& result, Side side, double finished);

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

} // namespace fusuma
