#pragma once

#include "core/geometry/outline.h"

#include <optional>

namespace fusuma {

/// What of a traced outline is left out or mended, at the size it is cut.
struct CleanUp {
    double specks = 0.1;     ///< mm², pieces smaller than this are left out
    double holes = 0.1;      ///< mm², holes smaller than this are closed
    bool outer_only = false; ///< no holes at all
    double gaps = 0;         ///< mm, breaks in lines up to this wide are closed; 0 for none
    bool operator==(const CleanUp&) const = default;
};

struct Cleaned {
    Outline outline;
    Outline dropped; ///< the contours that were left out
};
/// @param outline  millimetres
[[nodiscard]] Cleaned cleaned(const Outline& outline, const CleanUp& settings);

/// The outline with breaks up to `gap` mm wide bridged, as where the pen of a line drawing left the paper: what closing
/// the shape by that width adds is kept only where it touches the outline in two places, so inner corners stay sharp.
[[nodiscard]] Outline bridged(const Outline& outline, double gap);

/// The narrowest place of the art, mm.
struct Thinnest {
    double width = 0;
    Point from, to; ///< the two edge points facing each other there
};
/// Looks across the inside from points all along the edge. Pointed tips do not count: there the two sides lead into
/// each other. Nothing when the outline is empty.
[[nodiscard]] std::optional<Thinnest> thinnest_place(const Outline& outline);

} // namespace fusuma
