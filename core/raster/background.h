#pragma once

#include "core/raster/image.h"
#include "core/raster/lab.h"

#include <optional>
#include <string>

namespace fusuma {

/// What tells the art from its background.
enum class Source {
    automatic,  ///< whichever `offer` finds best for the picture
    alpha,      ///< the alpha channel
    brightness, ///< dark art on light paper
    colour,     ///< everything but one background colour
};

/// A part of the picture, in pixels.
struct Focus {
    int x = 0, y = 0, width = 0, height = 0;
    bool operator==(const Focus&) const = default;
};

struct BackgroundSettings {
    Source source = Source::automatic;
    /// With brightness: encoded grey value, 0–255, below which a pixel is art. Unset: Otsu's choice.
    std::optional<double> brightness;
    /// With colour: what is taken away. Unset: the colour along the picture's edge.
    std::optional<Rgb> colour;
    double tolerance = 10; ///< with colour: CIE 1976 difference up to which a pixel still counts as background, > 0
    bool pockets = false;  ///< with colour: also take away the colour where the art encloses it
    std::optional<Focus> focus; ///< only this part counts as art
    bool operator==(const BackgroundSettings&) const = default;
};

/// The settings with everything chosen, and why in one line for people.
struct Offer {
    BackgroundSettings settings;
    std::string why;
};

/// Fills in what the settings leave open by looking at the picture.
///
/// An alpha channel that cuts the art out always wins. Otherwise the pixels along the picture's edge decide: where most
/// of them are nearly one colour, that colour is the background; when besides the whole picture is nearly grey,
/// brightness separates ink from paper. Where the edge has no one colour the whole picture counts as art.
[[nodiscard]] Offer offer(const Image& image, const BackgroundSettings& settings);

/// How much of each pixel is art. The settings must be chosen, as `offer` returns them.
///
/// Edge pixels get fractional values, so that the traced outline stays sub-pixel: by brightness between the mean of
/// the paper and the mean of the ink; by colour along the line from the background to the nearest sure art colour, in
/// encoded values, since that is how drawing programs blend their edges.
[[nodiscard]] Coverage coverage_of(const Image& image, const BackgroundSettings& chosen);

/// The picture with the coverage as alpha, and the background's share taken out of its edge pixels' colours, so that no
/// pale halo is printed.
[[nodiscard]] Image isolated(const Image& image, const Coverage& coverage, std::optional<Rgb> background);

/// Otsu's threshold of grey values: the grey that best parts the histogram in two, in 0–255.
/// Source: Otsu, IEEE Transactions on Systems, Man, and Cybernetics 9(1), 1979.
[[nodiscard]] double otsu_threshold(const Image& image);

} // namespace fusuma
