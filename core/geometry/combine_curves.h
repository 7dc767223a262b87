#pragma once

#include "core/geometry/boolean.h"
#include "core/work.h"

namespace fusuma {

// Regions bounded by curves, combined without giving the curves up: the polygon clipper decides which pieces of which
// boundary remain, and those pieces are cut from the original curves. Results follow the convention of `Outline`: outer
// contours counter-clockwise on screen, holes clockwise, none crossing.

/// How far from the curves places where boundaries cross may lie, mm.
inline constexpr double region_tolerance = 0.001;

/// What a path encloses. Its curves may cross themselves and each other.
/// @param path  each contour is closed, in mm
[[nodiscard]] Outline region_of(const std::vector<Contour>& path, FillRule rule);

/// Two lots of regions, each read as one: whatever any region of the lot covers.
[[nodiscard]] Outline combined(const std::vector<const Outline*>& a, const std::vector<const Outline*>& b, Combine how);
[[nodiscard]] Outline combined(const Outline& a, const Outline& b, Combine how);
[[nodiscard]] Outline united(const std::vector<Outline>& regions);
[[nodiscard]] Outline united(const std::vector<const Outline*>& regions);

/// Each region without what lies under those after it in the list: the pieces that are seen, which do not overlap.
/// @param back_to_front  in mm
/// Throws Stopped when asked to stop.
[[nodiscard]] std::vector<Outline> visible_parts(const std::vector<Outline>& back_to_front, const Work& work = {});

/// The region's pieces: each outer contour with its holes.
[[nodiscard]] std::vector<Outline> pieces_of(const Outline& region);

/// True when the piece is nowhere thicker than `thickness` mm.
[[nodiscard]] bool is_sliver(const Outline& piece, double thickness);

} // namespace fusuma
