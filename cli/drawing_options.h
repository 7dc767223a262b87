#pragma once

#include "cli/commands.h"

namespace fusuma {

/// The options of a layered drawing's parts.
void add_drawing_options(CLI::App& app, DrawingOptions& options);

/// What the options make of a drawing: one artwork, or one for each colour when asked so.
struct DrawnSticker {
    Artwork artwork;
    std::string suffix;    ///< to its name
    bool is_exact = false; ///< cut where the drawing's own edge is, unless a border is asked for
};
Result<std::vector<DrawnSticker>> drawings_of(std::shared_ptr<const Drawing> drawing, const DrawingOptions& options);

/// "#RRGGBB"
[[nodiscard]] std::string colour_text(Rgb colour);

} // namespace fusuma
