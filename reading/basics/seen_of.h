#pragma once

#include "core/drawing/drawn_art.h"

namespace fusuma {

/// What a picture covers within an area, by its alpha, in mm: traced, unless none of it is clear.
/// @param from_unit  of the picture, to mm
[[nodiscard]] Outline seen_of(const Image& image, const Transform& from_unit, const Area& area);

} // namespace fusuma
