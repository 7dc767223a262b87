#pragma once

#include "core/geometry/view.h"
#include "core/raster/image.h"

namespace fusuma {

/// The greys of a photograph; what is clear counts as white.
struct GreyPicture {
    int width = 0, height = 0;
    std::vector<std::uint8_t> values;

    [[nodiscard]] Size size() const { return {double(width), double(height)}; }
    /// Between pixels' middles, straight; the nearest pixel's outside.
    [[nodiscard]] double at(Point px) const;
};
[[nodiscard]] GreyPicture grey_of(const Image& image, const Work& work = {});
/// How far from grey each pixel is: the largest less the smallest of its three values, as a share of the largest, in
/// 255ths. Shadows leave it nearly alone.
[[nodiscard]] GreyPicture saturation_of(const Image& image, const Work& work = {});

/// An edge that was met on a way across it.
struct MetEdge {
    Point px;         ///< to a few hundredths of a pixel on clean edges
    double along = 0; ///< mm from where the way begins
    double step = 0;  ///< grey values by which it rises (or falls, below 0)
    double width = 0; ///< mm in which it does that, by its steepest part
};

/// The steepest edge on a straight way of the plane: its place is where the grey changes most, which blur and uneven
/// light leave alone.
/// @param from, to  mm; the way between them is looked at every third of a pixel
/// @param rises     whether it gets lighter along the way
/// @return          nothing when the way leaves the photograph or nothing changes by `least` greys
[[nodiscard]] std::optional<MetEdge> edge_along(const GreyPicture& photo, const View& view, Point from, Point to,
                                                bool rises, double least = 12);

} // namespace fusuma
