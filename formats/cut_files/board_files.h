#pragma once

#include "core/machine/machine.h"
#include "core/photo/board.h"

#include <string>

namespace fusuma {

/// The photo board's marks as filled shapes, in millimetres.
[[nodiscard]] std::string board_svg(const Board& board);
/// The photo board drawn by a machine's pen, so that its marks lie where the machine says: circles side by side.
[[nodiscard]] std::string board_hpgl(const Board& board, const Machine& machine);

} // namespace fusuma
