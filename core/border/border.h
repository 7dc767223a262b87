#pragma once

#include "core/care.h"
#include "core/geometry/growth.h"
#include "core/raster/picture_point.h"
#include "core/words.h"

#include <vector>

namespace fusuma {

enum class Holes { keep, close, close_small };
template <> inline constexpr std::array words<Holes>{
    Word{Holes::keep, "keep", "Keep"},
    Word{Holes::close, "close", "Close all"},
    Word{Holes::close_small, "close-small", "Close small"}};

/// What a person decided about one hole by clicking it, whatever holds for the others.
struct HoleChoice {
    PicturePoint at; ///< inside the hole
    bool is_kept = false;
    bool operator==(const HoleChoice&) const = default;
};

/// How the cut line follows from the outline, as people set it. Lengths in mm.
struct BorderSettings {
    /// Outward when positive, inward when negative, 0 cuts on the outline itself. The default is 1/8 inch, the usual
    /// border (common practice).
    double width = 3.175;
    bool scales_with_art = false; ///< all lengths grow and shrink with the artwork instead of staying as they are
    Corners corners = Corners::round;
    double mitre_limit = 3; ///< longest tip of a mitre as a multiple of the width, 1–20
    Holes holes = Holes::keep;
    double close_under = 9.0; ///< mm², with Holes::close_small: holes of the cut line smaller than this are closed
    std::vector<HoleChoice> by_hand;
    double join = 0;         ///< pieces of the border closer together than this become one; 0 for none
    bool one_border = false; ///< bridges between all pieces, however far apart
    double least_gap = 0;    ///< inlets narrower than this are filled; 0 for none
    double least_tip = 0;    ///< spikes thinner than this are cut off; 0 for none
    bool operator==(const BorderSettings&) const = default;
};

/// The same border round art that is `factor` times as large.
[[nodiscard]] BorderSettings scaled(BorderSettings settings, double factor);

/// A border to be made at one size, all of it in mm.
struct BorderTask {
    /// From the outline to the cut line, the widths of inner rims included; outward when positive.
    double reach = 0;
    Corners corners = Corners::round;
    double mitre_limit = 3;
    Holes holes = Holes::keep;
    double close_under = 9.0;
    struct Decided {
        Point at;
        bool is_kept = false;
    };
    std::vector<Decided> by_hand;
    double join = 0;
    bool one_border = false;
    double least_gap = 0;
    double least_tip = 0;
};

/// @param lengths       at the size at which the border is to be made
/// @param reach         mm, as `reach_of` says
/// @param from_picture  from the whole picture's pixels to mm
[[nodiscard]] BorderTask task_of(const BorderSettings& lengths, double reach, const Transform& from_picture);

struct Border {
    Outline line; ///< closed contours in mm, outer ones counter-clockwise on screen; empty when shrunk to nothing
    Outline closed_holes; ///< holes that would be there if they were not closed
    bool operator==(const Border&) const = default;
};

/// The cut line: the outline grown outward or shrunk inward by a constant distance, its pieces joined, its inlets,
/// spikes and holes treated as asked.
///
/// The curves are flattened to 0.0008 mm (mitres and bevels wider than 2 mm to up to 0.01 mm, grain to 0.01 mm), offset
/// as polygons and fitted with curves again, so round borders stay within 0.008 mm of the exact offset, and others
/// within about 0.02 mm: less than the 0.025 mm a cutter moves by. With no width and nothing else asked the outline
/// comes back untouched.
///
/// Joining and filling inlets close the grown shape by a disc of half the distance: grown by its radius, then shrunk by
/// it. That fills whatever the disc cannot enter and leaves the rest of the rim where it was. Spikes go by opening, the
/// same the other way round. Pieces that are still apart are bridged where they are nearest to each other, along the
/// shortest tree of such bridges.
///
/// @param outline  closed contours in mm, filled by the even-odd rule
/// @param care     a preview is in straight lines, within a tenth of a millimetre
/// Source: the offset of a convex shape follows Steiner's formula; see tests/core/border/border_test.cpp
[[nodiscard]] Border border(const Outline& outline, const BorderTask& task, Care care = Care::exact);

/// Does a hole of the outline hold the place? @param place  mm
[[nodiscard]] bool has_hole_at(const Outline& outline, Point place);

} // namespace fusuma
