#pragma once

#include "core/geometry/point.h"

#include <array>
#include <optional>

namespace fusuma {

/// How a lens bends a picture about its middle: what a pinhole would show r focal lengths from it lies at
/// r·(1 + k1·r² + k2·r⁴).
/// Source: Brown, Photogrammetric Engineering 37(8), 1971; the radial part of OpenCV's camera model.
struct Lens {
    double k1 = 0, k2 = 0;
    bool operator==(const Lens&) const = default;
};

/// How a photograph shows a flat thing: from the thing's millimetres to the photograph's pixels.
struct View {
    /// Row by row, from mm to what a pinhole shows, in focal lengths from the picture's middle.
    std::array<double, 9> plane{1, 0, 0, 0, 1, 0, 0, 0, 1};
    Point middle;     ///< of the photograph, px
    double focal = 1; ///< px; taken from the picture's size where nothing tells it
    Lens lens;
    bool operator==(const View&) const = default;

    /// @return  px; nothing for what lies behind the camera
    [[nodiscard]] std::optional<Point> to_photo(Point mm) const;
    /// @return  mm; nothing for what the lens or the plane's horizon does not show
    [[nodiscard]] std::optional<Point> to_plane(Point px) const;
    /// px in a mm there, as the root of how much areas grow; 0 where nothing is seen
    [[nodiscard]] double density(Point mm) const;
};

/// A view through a pinhole that has nothing fitted yet.
[[nodiscard]] View blank_view(Size photo_px, double focal_px);
/// Focal length in px where the picture does not tell: that of an ordinary telephone (26 mm on 36 × 24 mm, common
/// practice).
[[nodiscard]] double usual_focal(Size photo_px);

/// The view that takes four places of the plane to four of the photograph; nothing when three of them lie on a line.
[[nodiscard]] std::optional<View> view_through(const std::array<Point, 4>& mm, const std::array<Point, 4>& px,
                                               const View& camera);

/// What a pinhole would show: focal lengths from the middle. Nothing beyond where the lens folds over.
[[nodiscard]] std::optional<Point> unbent(const View& camera, Point px);

/// A 3 × 3 matrix turned round, up to its scale; nothing when it has no inverse.
[[nodiscard]] std::optional<std::array<double, 9>> inverse(const std::array<double, 9>& m);

} // namespace fusuma
