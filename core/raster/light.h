#pragma once

#include "core/raster/image.h"
#include "core/raster/lab.h"
#include "core/words.h"

#include <memory>
#include <optional>
#include <string>

namespace fusuma {

/// What becomes of light that falls unevenly on the paper.
enum class Light {
    automatic, ///< evened when the picture's edge is not of one colour, and is once it is evened
    as_is,
    even,
};
template <>
inline constexpr std::array words<Light>{Word{Light::automatic, "auto", "Automatic"},
                                         Word{Light::as_is, "as-is", "As it is"}, Word{Light::even, "even", "Evened"}};

/// What becomes of soft shadows that the art throws on a ground of one colour.
enum class Shadows {
    automatic, ///< left out when there are any
    keep,
    drop,
};
template <>
inline constexpr std::array words<Shadows>{Word{Shadows::automatic, "auto", "Automatic"},
                                           Word{Shadows::keep, "keep", "Kept"},
                                           Word{Shadows::drop, "drop", "Left out"}};

struct LightSettings {
    Light light = Light::automatic;
    Shadows shadows = Shadows::automatic;
    bool prints_evened = true; ///< else the pixels as they came
    bool whitens_paper = true; ///< of evened pixels: what is nearly paper prints nothing
    bool operator==(const LightSettings&) const = default;
};

/// How light the paper is at each place, as the largest value that white would have there.
struct LightField {
    int factor = 1;     ///< picture pixels to one of the field's, each way
    Image paper;        ///< the paper's colour
    double darkest = 1; ///< the field's least brightness as a share of its greatest
};

/// The paper's brightness and colour all over, also under shadows with hard and soft edges: marks that are narrower
/// than a twenty-fifth of the picture are closed over by grey-scale closing, which leaves the edges of shadows where
/// they are; what is larger and darker than shadows are, coloured otherwise than the paper, or sharp all round without
/// reaching the picture's edge is art, and the paper goes on under it. Throws Stopped when asked to stop.
[[nodiscard]] LightField light_on(const Image& image, const Work& work = {});

/// The picture as if light fell on it evenly: each colour divided by the paper's, whose white becomes nearly white.
[[nodiscard]] Image evened(const Image& image, const LightField& field, const Work& work = {});
/// An evened picture whose paper is white, grain and all, so that no ink goes there; colours of art stay as they are.
[[nodiscard]] Image with_white_paper(Image image, const Work& work = {});

/// The picture with soft shadows on its ground taken away: places of the ground's hue, but darker, that are reached
/// from sure ground without a sharp edge. What the art's own edge has of the shadow becomes ground, too.
/// @param ground  the colour along the picture's edge
/// @return        nothing when there are none
[[nodiscard]] std::optional<Image> without_shadows(const Image& image, Rgb ground, double tolerance,
                                                   const Work& work = {});

} // namespace fusuma
