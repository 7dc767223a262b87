#pragma once

#include "core/document/document.h"
#include "core/said.h"

namespace fusuma {

/// A picture cropped, and its light evened where that was wished or found good.
struct Lit {
    Pixels pixels;              ///< what the art is told by; none for drawn artwork
    Pixels printed;             ///< what of it is printed: the same, or as it came
    PixelPlace origin;          ///< where in the whole picture they begin
    Light light = Light::as_is; ///< what was done
    Shadows shadows = Shadows::keep;
    Said why; ///< in one line, when Fusuma chose it; else empty
};

/// What a picture's light depends on.
struct LightTask {
    LightSettings settings;
    Source source = Source::automatic;
    std::optional<Rgb> ground; ///< picked, to be taken away
    double tolerance = 10;
    bool operator==(const LightTask&) const = default;
};
[[nodiscard]] LightTask light_task(const BackgroundSettings& settings);

/// Throws Stopped when asked to stop.
[[nodiscard]] Lit lit(const PictureArtwork& artwork, const std::optional<PixelBox>& crop, const LightTask& task,
                      const Work& work = {});

} // namespace fusuma
