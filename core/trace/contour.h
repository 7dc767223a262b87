#pragma once

#include "core/geometry/outline.h"
#include "core/raster/image.h"
#include "core/work.h"

#include <functional>

namespace fusuma {

/// Closed contours where the coverage passes `level`: interpolated linearly between pixel centres where it fades, and
/// placed by the covered area where an edge is sharp, which is exact for straight edges at half level.
///
/// Marching squares on the grey values, followed contour by contour along the lattice of pixel centres. Saddle cells
/// are resolved by the mean of their four corners. The picture is taken to be surrounded by empty pixels, so art that
/// touches the picture's edge closes along that edge. Outer contours run counter-clockwise on screen, holes clockwise.
///
/// @param level  coverage value in (0, 255); values above it are inside
/// @return       points in pixels, the picture's top left at (0, 0), about one to two points per pixel of length
/// Source: Lorensen & Cline's cube method in the plane (SIGGRAPH 1987), reference from memory.
[[nodiscard]] Polygons iso_contours(const Coverage& coverage, double level);

/// The same, each contour handed over as soon as it is found.
void find_contours(const Coverage& coverage, double level, const Work& work,
                   const std::function<void(Polygon&&)>& found);

} // namespace fusuma
