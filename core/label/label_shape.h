#pragma once

#include "core/geometry/outline.h"
#include "core/words.h"

namespace fusuma {

enum class LabelShape {
    rectangle,
    rounded, ///< rectangle with round corners
    oval,
    notched, ///< rectangle with a quarter circle taken out of each corner
    arch,    ///< rectangle whose top is half an ellipse
    tag,     ///< rectangle with two cut-off corners and a hole for a string
    star,
    banner,   ///< ribbon with a notch in each end
    lettering ///< no shape of its own: the letters are
};
template <>
inline constexpr std::array words<LabelShape>{Word{LabelShape::rectangle, "rectangle", "Rectangle"},
                                              Word{LabelShape::rounded, "rounded", "Rounded"},
                                              Word{LabelShape::oval, "oval", "Oval"},
                                              Word{LabelShape::notched, "notched", "Notched corners"},
                                              Word{LabelShape::arch, "arch", "Arch"},
                                              Word{LabelShape::tag, "tag", "Tag"},
                                              Word{LabelShape::star, "star", "Star"},
                                              Word{LabelShape::banner, "banner", "Banner"},
                                              Word{LabelShape::lettering, "lettering", "Letters alone"}};

/// A label's shape by numbers, mm.
struct ShapeNumbers {
    LabelShape kind = LabelShape::rounded;
    double width = 60, height = 30; ///< of the whole, > 0; lettering: the room that the text gets
    double corner = 3;         ///< radius of round and notched corners, cut-off corners of a tag, notch of a banner
    double hole = 4;           ///< across the hole of a tag; 0 for none
    double hole_from_edge = 3; ///< from the tag's end to the hole's edge
    int points = 8;            ///< of a star, 3–60
    double depth = 0.25;       ///< how far a star's notches go in, as a share of its radius, 0–0.9
    bool operator==(const ShapeNumbers&) const = default;
};

/// The label's edge, its top left at (0, 0), holes clockwise. Empty for lettering. Sizes that do not fit into each
/// other, such as a corner wider than the label, are taken as large as they can be.
[[nodiscard]] Outline outline_of(const ShapeNumbers& shape);

/// The rectangle for text and pictures that stays `safety` mm clear of the edge all round, and of a tag's hole.
[[nodiscard]] Rect room_in(const ShapeNumbers& shape, double safety);

/// Circles as four cubics stray from true circles by less than 0.03 % of the radius.
[[nodiscard]] Contour ellipse_contour(Point centre, double rx, double ry);

} // namespace fusuma
