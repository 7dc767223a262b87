#pragma once

#include "core/steps/isolation.h"

namespace fusuma {

/// The pieces of a picture's art, in reading order. @param apart  mm from which on they are pieces of their own
[[nodiscard]] std::vector<Piece> pieces_of(const Sticker& sticker, const Isolation& isolation, double apart);

/// The sticker with one of its picture's pieces alone, where it is on the picture.
/// @param isolation  of the sticker, whose choices it keeps
[[nodiscard]] Sticker piece_alone(Sticker sticker, const Isolation& isolation, const Piece& piece, double apart);

/// The same cropped to the piece: a sticker of its own, at the same scale, sharing the picture.
[[nodiscard]] Sticker piece_as_sticker(const Sticker& sticker, const Isolation& isolation, const Piece& piece,
                                       double apart);

} // namespace fusuma
