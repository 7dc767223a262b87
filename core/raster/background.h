#pragma once

#include "core/care.h"
#include "core/geometry/point.h"
#include "core/raster/image.h"
#include "core/raster/lab.h"
#include "core/raster/light.h"
#include "core/raster/picture_point.h"
#include "core/raster/pieces.h"
#include "core/said.h"
#include "core/words.h"

#include <optional>
#include <string>
#include <vector>

namespace fusuma {

/// What tells the art from its background.
enum class Source {
    automatic,  ///< whichever `offer` finds best for the picture
    alpha,      ///< the alpha channel
    brightness, ///< dark art on light paper
    colour,     ///< picked colours
    subject,    ///< what stands out from any ground
};
template <>
inline constexpr std::array words<Source>{
    Word{Source::automatic, "auto", "Automatic"}, Word{Source::alpha, "alpha", "Transparency"},
    Word{Source::brightness, "brightness", "Brightness"}, Word{Source::colour, "colour", "Colour"},
    Word{Source::subject, "subject", "Subject"}};

/// What picked colours stand for.
enum class ColourUse { take_away, keep_only };
template <>
inline constexpr std::array words<ColourUse>{Word{ColourUse::take_away, "take-away", "Take away"},
                                             Word{ColourUse::keep_only, "keep-only", "Keep only"}};

/// One stroke of the brush: over the coverage, or to say what belongs to a subject and what is foreign to it.
struct Stroke {
    enum class Kind { add, erase, belongs, foreign };
    Kind kind = Kind::add;
    double size = 40;      ///< px across, > 0
    double hardness = 0.8; ///< share of the radius that takes full effect, 0–1; the rest fades out
    std::vector<PicturePoint> points;
    bool operator==(const Stroke&) const = default;
};
template <>
inline constexpr std::array words<Stroke::Kind>{Word{Stroke::Kind::add, "add"}, Word{Stroke::Kind::erase, "erase"},
                                                Word{Stroke::Kind::belongs, "belongs"},
                                                Word{Stroke::Kind::foreign, "not"}};

inline constexpr std::size_t most_colours = 100; ///< that can be picked at once

struct BackgroundSettings {
    Source source = Source::automatic;
    /// With brightness: encoded grey value, 0–255, below which a pixel is art. Unset: Otsu's choice.
    std::optional<double> brightness;
    /// With colour: what is taken away, or all that is kept. Empty: the colour along the picture's edge.
    std::vector<Rgb> colours;
    ColourUse use = ColourUse::take_away;
    double tolerance = 10; ///< CIE 1976 difference up to which a pixel still counts as a picked colour, > 0
    bool pockets = false;  ///< with colours taken away: also where the art encloses them
    std::optional<PixelBox> subject_box; ///< with subject: round it; nearly the whole picture when there is none
    std::vector<PixelPlace>
        pockets_at;                   ///< with any source: the even-coloured patches round these places are taken away
    bool fill_inside = false;         ///< whatever the art encloses counts as art
    std::vector<Stroke> strokes;      ///< done by hand, after everything above, in this order
    std::optional<PixelBox> focus;    ///< only this part counts as art
    std::optional<PieceChoice> piece; ///< of several drawings only this one
    LightSettings light;              ///< what is done before all else
    bool operator==(const BackgroundSettings&) const = default;
};

/// The settings with everything chosen, and why in one line for people.
struct Offer {
    BackgroundSettings settings;
    Said why;
};

/// The colour along a picture's edge.
struct EdgeColour {
    Rgb colour;
    double share = 0;  ///< of the edge's pixels that are near it
    double spread = 0; ///< difference within which nineteen in twenty of those lie
};
[[nodiscard]] EdgeColour edge_colour(const Image& image);
inline constexpr double one_colour = 0.7; ///< share of the edge that makes it count as of one colour

/// Fills in what the settings leave open by looking at the picture, whose light has been evened where that is wished.
///
/// An alpha channel that cuts the art out always wins. Otherwise the pixels along the picture's edge decide: where most
/// of them are nearly one colour, that colour is the background; when besides the whole picture is nearly grey,
/// brightness separates ink from paper. Where the edge has no one colour, a subject that stands out well is taken;
/// where there is none, or nothing else is in the picture, all of it counts as art.
/// @param settings        with the light as it was made
/// @param may_be_subject  false for older projects, which took the whole picture then
[[nodiscard]] Offer offer(const Image& image, const BackgroundSettings& settings, bool may_be_subject = false);

/// The settings for the same picture with its origin moved to `origin` and then made `factor` times smaller.
[[nodiscard]] BackgroundSettings seen_from(BackgroundSettings settings, PixelPlace origin, double factor = 1);

/// The art parted from its background.
struct CutOut {
    Coverage coverage;
    /// Picked colours that took part, and for each pixel which of them it is (its place in `colours` plus one), or 0.
    /// Empty when no colour is known.
    std::vector<Rgb> colours;
    std::vector<std::uint8_t> colour_at;
    ColourUse use = ColourUse::take_away;
    Image ground; ///< of a subject: what lies behind its edge, made smaller
};

/// The picked colour at or next to a pixel, as its place plus one; 0 when there is none within two pixels.
/// @param map  as `CutOut::colour_at`, of a picture of this size
[[nodiscard]] std::uint8_t colour_near(const std::vector<std::uint8_t>& map, PixelPlace size, int x, int y);

/// How much of each pixel is art. The settings must be chosen, as `offer` returns them.
///
/// Edge pixels get fractional values, so that the traced outline stays sub-pixel: by brightness between the mean of
/// the paper and the mean of the ink; by colour along the line from the background to the nearest sure art colour, in
/// encoded values, since that is how drawing programs blend their edges. Throws Stopped when asked to stop.
[[nodiscard]] CutOut cut_out(const Image& image, const BackgroundSettings& chosen, const Work& work = {},
                             Care care = Care::exact);

/// Otsu's threshold of grey values: the grey that best parts the histogram in two, in 0–255.
/// Source: Otsu, IEEE Transactions on Systems, Man, and Cybernetics 9(1), 1979.
[[nodiscard]] double otsu_threshold(const Image& image);

} // namespace fusuma
