#pragma once

#include "core/geometry/outline.h"

#include <string_view>

namespace fusuma {

/// Small plain letters as filled areas, for codes and rulers printed on a sheet. They know capital letters, figures and
/// - . / + and blanks; whatever else is asked for is left blank.
/// @param at      top left, mm
/// @param height  mm, of a capital
[[nodiscard]] Polygons lettering(std::string_view words, Point at, double height);
[[nodiscard]] double lettering_width(std::string_view words, double height);

/// A line `width` mm thick through the points, as areas that do not overlap.
[[nodiscard]] Polygons stroked(const std::vector<Point>& line, double width);

} // namespace fusuma
