#pragma once

#include "core/photo/board.h"
#include "core/photo/edges.h"
#include "core/raster/picture.h"
#include "core/result.h"

namespace fusuma {

/// What is known about the camera before it is looked at: its focal length, and its lens when that was found before.
struct KnownCamera {
    std::optional<double> focal_px;
    std::optional<Lens> lens;
};

/// What a picture's file tells of it.
[[nodiscard]] KnownCamera known_camera(const Picture& picture);

/// How the board lies in a photograph.
struct FoundBoard {
    Board board;
    View view;              ///< from the board's paper's mm to the photograph's pixels
    double residual = 0;    ///< mm, root mean square over the marks' edges
    std::size_t marks = 0;  ///< that were seen
    double px_per_mm = 0;   ///< at its middle
    double blur = 0;        ///< mm in which an edge goes from black to white
    std::vector<bool> seen; ///< by mark
};

/// Finds a board, whatever lies on it: dark rings round a hole are looked for, those at a mark's distance from each
/// other are followed along the edge, and the row of their cores tells which they are. The view is then fitted to all
/// their edges, with the lens. Refused with the reason, and what to do about it, when too few marks are seen, the
/// picture is mirrored, too small or blurred, or more is left over than 0.25 mm.
/// @param boards  that it may be; the one with most marks in sight counts
[[nodiscard]] Result<FoundBoard> find_board(const GreyPicture& photo, const std::vector<Board>& boards,
                                            const KnownCamera& camera = {}, const Work& work = {});

/// The boards of the papers that it is printed for.
[[nodiscard]] std::vector<Board> usual_boards();

/// The board's inside laid flat.
[[nodiscard]] Flattening flattening_of(const FoundBoard& found);

} // namespace fusuma
