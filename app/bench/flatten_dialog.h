#pragma once

#include "core/raster/picture.h"
#include "core/units.h"

#include <optional>

class QWidget;

namespace fusuma::app {

/// What a person wants of a photograph: laid flat some way, or as it came.
struct FlattenChoice {
    std::optional<Flattening> how;
};

/// Shows a photograph with the net of what is laid flat. What is looked for is found by itself; each corner can be
/// dragged under a loupe, or moved with the arrow keys.
/// @param paper  mm, of the sheet: the paper to begin with
/// @return       nothing when the person leaves it
[[nodiscard]] std::optional<FlattenChoice> ask_how_to_flatten(const std::shared_ptr<const Picture>& picture, Size paper,
                                                              Unit unit, QWidget* parent);

} // namespace fusuma::app
