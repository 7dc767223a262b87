#pragma once

#include "core/document/document.h"
#include "core/raster/alpha.h"
#include "core/raster/continued.h"

#include <mutex>
#include <variant>

namespace fusuma {

/// An artwork parted from its background.
struct Isolation {
    BackgroundSettings chosen; ///< the settings with everything filled in
    std::string why;           ///< in one line, when the choice was Fusuma's; else empty
    PixelPlace origin;         ///< where in the whole picture the coverage and the art begin
    PixelPlace size;           ///< of the art, in pixels
    Coverage coverage;         ///< as large; empty for drawn artwork
    PrintArt art;              ///< what is left to print
    AlphaContent content = AlphaContent::cut_out;
    std::optional<Drawn> drawn; ///< of drawn artwork, with lines in pixels of its lattice

    /// The art as pixels, as many as `size` says; those of drawn art are made when they are first asked for.
    [[nodiscard]] std::shared_ptr<const Image> pixels() const;

  private:
    struct Pixels {
        std::once_flag once;
        std::shared_ptr<const Image> image;
    };
    std::shared_ptr<Pixels> made = std::make_shared<Pixels>();
};

/// An outline at one size, mended and without specks. Millimetres, origin at the framed artwork's top left.
struct Outlined {
    Size artwork;
    Transform from_picture; ///< from the whole picture's pixels
    Transform from_art;     ///< from the unit square of the art
    Outline outline;
    bool is_outline_cut = true;     ///< false: it only tells how much room the artwork's own lines take
    std::vector<OwnLine> own_lines; ///< of drawn artwork, cut where they lie
    Outline dropped;                ///< specks and holes left out
    std::size_t left_out = 0;       ///< further contours of a picture that is all noise, never fitted
    int coarsened = 1;              ///< how many times coarser than its pixels such a picture was traced
    std::optional<Thinnest> thinnest;
};

/// Something to print: an area in one colour, or a picture, whole or within an area.
struct PrintLayer {
    std::variant<Rgb, PrintArt> ink;
    Transform from_unit; ///< of a picture: from its unit square
    Polygons area;       ///< even-odd; empty for a whole picture
};

/// A sticker's cut line.
struct Cut {
    std::shared_ptr<const Border> derived; ///< as the settings give it
    HandResult hand;                       ///< with what was done by hand
    Outline closed;                        ///< the closed lines among `hand.lines`
    bool is_cut = true;                    ///< false: only the lines below are
    std::vector<OwnLine> own;              ///< lines of the artwork's own

    [[nodiscard]] std::vector<Contour> open() const; ///< the open ones of `hand.lines`
    [[nodiscard]] Rect box() const;                  ///< round all of them
};

/// A sticker worked out at one size.
struct StickerResult {
    std::shared_ptr<const Isolation> isolation;
    std::shared_ptr<const Outlined> outlined;
    std::shared_ptr<const Cut> cut;
    std::vector<PrintLayer> print; ///< from back to front, mm; the art itself comes last

    [[nodiscard]] const Outline& outline() const { return outlined->outline; }
    [[nodiscard]] const Outline& cut_line() const { return cut->closed; }
};

// The steps from artwork to cut line, each a pure function. Evaluator (plan.h) runs them and remembers the results.
// They throw Stopped when asked to stop.

/// A picture parted from its background.
[[nodiscard]] Isolation isolate(const PictureArtwork& artwork, const std::optional<PixelBox>& crop,
                                const BackgroundSettings& settings, const Work& work = {});
/// Drawn artwork, which has none.
[[nodiscard]] Isolation isolate(const Artwork& artwork, const Drawn& drawn);
/// The outline in the isolation's pixels: traced, or as it was drawn.
[[nodiscard]] Tracing traced(const Isolation& isolation, const TraceSettings& settings, const Work& work = {});
/// @param tracing  in the isolation's pixels
/// @param width    mm, of the framed artwork
[[nodiscard]] Outlined outlined(const Isolation& isolation, const Tracing& tracing, const Sticker& sticker,
                                double width);

/// The border settings at one width of the artwork: places in mm, and the width with the inner rims' added.
[[nodiscard]] BorderSettings border_at(const Outlined& outlined, const Sticker& sticker, double width);
/// The derived cut line with what was done by hand.
[[nodiscard]] Cut cut_of(const Outlined& outlined, std::shared_ptr<const Border> derived, const Sticker& sticker,
                         double width);
/// Rims and bleed under the art, and the art.
/// @param continued_art  the art's colours carried outward by at least `continuation_px`; may be null when that is 0
[[nodiscard]] std::vector<PrintLayer> print_of(const Isolation& isolation, const Outlined& outlined, const Cut& cut,
                                               const Sticker& sticker, double width,
                                               const std::shared_ptr<const Continued>& continued_art);
/// How many pixels of the art's colours the print needs beyond the art; 0 for none.
[[nodiscard]] int continuation_px(const Isolation& isolation, const Outlined& outlined, const Sticker& sticker,
                                  double width);
/// The handwork that makes a sticker's cut line into `lines`, at the size of the result.
[[nodiscard]] HandWork hand_for(const Sticker& sticker, const StickerResult& result, const CutLines& lines);

/// The width in mm of the artwork at which the cut line's box gets this width, or this height; the border keeps its
/// millimetres at every size. Nothing when no artwork is small enough.
enum class Side { width, height };
[[nodiscard]] std::optional<double> width_for_finished(const StickerResult& result, const Sticker& sticker, Side side,
                                                       double finished);

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
