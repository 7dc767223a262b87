#pragma once

#include "core/geometry/clipper_units.h"

namespace fusuma {

/// Non-crossing paths in the clipper's sense, outer ones positive, grown by a disc: outward when the width is positive.
/// What is moved out so far that it lies well inside what the rest covers takes no part, so that drawings of many
/// strokes, whose every edge folds over its neighbours, cost little more than the rim that comes out.
/// @param arc_tolerance  how far round corners may stray from true arcs, > 0
[[nodiscard]] clip::Paths round_offset(const clip::Paths& paths, double width, double arc_tolerance);

/// Of paths that were moved out and may fold over themselves, the region that they wind round, outer paths positive.
[[nodiscard]] clip::Paths wound_region(const clip::Paths& raw, bool is_growing);

/// The side of an edge that lies outside paths that are positive in the clipper's sense, unit length.
[[nodiscard]] Point outward_normal(Point a, Point b);

} // namespace fusuma
