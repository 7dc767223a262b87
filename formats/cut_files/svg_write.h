#pragma once

#include "core/plan/plan.h"

namespace fusuma {

/// The cut lines of a page: the paper as viewBox in millimetres, one group per kind of cut, its id the kind's name.
[[nodiscard]] std::string cut_svg(const JobPlan& plan, std::size_t page = 0);

/// Copies as they lie to each other, their print as a picture behind their cut lines, in mm, for other programs.
/// @param box         mm, what the drawing shows
/// @param png_base64  the print within the box
[[nodiscard]] std::string copies_svg(const std::vector<std::shared_ptr<const PlacedCopy>>& copies, const Rect& box,
                                     const std::string& png_base64);

/// A path in millimetres for each outline, even-odd, with a viewBox of `size` (mm) and the outlines' own origin at its
/// top left; open lines follow as paths of their own.
[[nodiscard]] std::string outline_svg(const std::vector<Outline>& outlines, const std::vector<Contour>& open, Size size);

} // namespace fusuma
