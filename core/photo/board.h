#pragma once

#include "core/geometry/outline.h"

#include <vector>

namespace fusuma {

/// The photo board: a sheet with marks round a free inside, by which a photograph of whatever lies on it is laid flat.
/// Its marks are rings in a row along the paper's edges; some have a core. The row of rings with and without a core is
/// different wherever one begins to read it, and in the mirror, so that a part of it tells which part it is.
struct Board {
    struct Mark {
        Point centre; ///< mm on the paper
        bool has_core = false;
        bool operator==(const Mark&) const = default;
    };
    Size paper;              ///< mm
    Rect inside;             ///< free for what is photographed
    std::vector<Mark> marks; ///< clockwise from the top left
};

/// mm of a mark: its ring's outer and inner edge, and its core's.
struct BoardRing {
    static constexpr double outer = 4, inner = 2.6, core = 1.3;
};

/// Marks in a row that tell where they are.
inline constexpr std::size_t told_apart = 10;

/// Whether a board can be made of that paper: each side at least 90 mm, both together at most 1030 (A2).
[[nodiscard]] bool can_be_board(Size paper);
[[nodiscard]] Board board_on(Size paper);

/// What of a mark is black, filled by the even-odd rule.
[[nodiscard]] Outline ink_of(const Board::Mark& mark);
/// The same as a pen draws it: circles side by side.
/// @param pen  mm that its line is wide
[[nodiscard]] std::vector<Polygon> drawn_by_pen(const Board::Mark& mark, double pen = 0.4);

} // namespace fusuma
