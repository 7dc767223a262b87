#pragma once

#include "core/document/document.h"
#include "core/photo/board.h"

#include <optional>

namespace fusuma {

/// The photo board that a sticker's picture was laid flat by; nothing when it was not.
[[nodiscard]] std::optional<Board> board_under(const Sticker& sticker);

/// The first sticker's board, of those in the tray.
[[nodiscard]] std::optional<Board> board_under(const Document& document);

/// The sheet as one that cuts what lies on its board already and prints nothing: its paper is the board's, its marks are
/// five of the board's rings, and a copy of every sticker on it lies where the photograph shows it. As it is without a
/// board.
[[nodiscard]] Document cutting_what_lies_there(Document document);

/// The sheet as one that is printed, with dots for marks and the copies where they are.
[[nodiscard]] Document printing_it(Document document);

} // namespace fusuma
