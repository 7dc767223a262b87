#pragma once

#include "core/raster/image.h"

#include <optional>

namespace fusuma {

/// One of several drawings on a picture.
struct Piece {
    PixelBox box;         ///< round what of it is art
    PixelPlace at;        ///< one of its pixels, by which it is known again
    std::size_t area = 0; ///< pixels of art
};

/// The pieces of a picture, in reading order: row by row, each from the left. What is nearer to each other than `apart`
/// is one piece.
/// @param apart  px
/// @param least  px² of art that a piece has; what is smaller and alone is a speck
[[nodiscard]] std::vector<Piece> pieces_of(const Coverage& coverage, double apart, double least);

/// One piece of a picture.
struct PieceChoice {
    PixelPlace at;    ///< of it, or near it
    double apart = 0; ///< px
    bool operator==(const PieceChoice&) const = default;
};

/// Leaves nothing but the piece that a place lies in, or lies nearest to.
void keep_piece(Coverage& coverage, const PieceChoice& choice);

} // namespace fusuma
