#pragma once

#include "core/geometry/transform.h"

#include <vector>

namespace fusuma {

/// A place where it should be, and where it was found.
struct Pair {
    Point wanted, found;
};

/// Shift, turn and one scale by least squares; at least two different places.
/// Source: Umeyama, IEEE Transactions on Pattern Analysis and Machine Intelligence 13(4), 1991.
[[nodiscard]] Transform fit_similarity(const std::vector<Pair>& pairs);

/// Shift, turn and a stretch each across and down, by least squares; at least three places that are not on one line. It
/// is what happens to a sheet, so three marks are enough.
[[nodiscard]] Transform fit_stretched(const std::vector<Pair>& pairs);

/// Any affine map by least squares; at least three places that are not on one line, and four to leave a residual.
[[nodiscard]] Transform fit_affine(const std::vector<Pair>& pairs);

/// How far the map leaves each place from where it was found, mm.
[[nodiscard]] std::vector<double> residuals(const std::vector<Pair>& pairs, const Transform& fit);
[[nodiscard]] double root_mean_square(const std::vector<double>& values); ///< 0 for none

/// A map in words: stretched about a place, then turned about it, then moved.
struct Pose {
    Point shift;     ///< mm
    double turn = 0; ///< radians, clockwise on screen
    double stretch_x = 1, stretch_y = 1;
    bool operator==(const Pose&) const = default;
};
[[nodiscard]] Transform map_of(const Pose& pose, Point about);
/// The pose of a map; what it shears is left out.
[[nodiscard]] Pose pose_of(const Transform& map, Point about);

} // namespace fusuma
