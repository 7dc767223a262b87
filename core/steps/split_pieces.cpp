#include "core/steps/split_pieces.h"

#include <algorithm>

namespace fusuma {

std::vector<Piece> pieces_of(const Sticker& sticker, const Isolation& isolation, double apart) {
    constexpr double least_mm2 = 4; // smaller and alone: a speck
    const double px = 1 / mm_per_px(sticker);
    auto pieces = pieces_of(isolation.coverage(), apart * px, least_mm2 * px * px);
    for (Piece& piece : pieces) { // on the whole picture
        piece.box.x += isolation.origin.x;
        piece.box.y += isolation.origin.y;
        piece.at = {piece.at.x + isolation.origin.x, piece.at.y + isolation.origin.y};
    }
    return pieces;
}

Sticker piece_alone(Sticker sticker, const Isolation& isolation, const Piece& piece, double apart) {
    const double px = 1 / mm_per_px(sticker);
    sticker.background = isolation.chosen;
    sticker.background.piece = PieceChoice{piece.at, apart * px};
    return sticker;
}

Sticker piece_as_sticker(const Sticker& sticker, const Isolation& isolation, const Piece& piece, double apart) {
    Sticker alone = piece_alone(sticker, isolation, piece, apart);
    alone.hand = {};                                                                       // it was made on the whole
    const int beside = std::max(4, static_cast<int>(std::lround(1 / mm_per_px(sticker)))); // px that soft edges need
    Framing framing = alone.framing;
    const PixelPlace size = size_px(alone.artwork);
    framing.crop = on_picture(
        {piece.box.x - beside, piece.box.y - beside, piece.box.width + 2 * beside, piece.box.height + 2 * beside},
        size.x, size.y);
    return reframed(std::move(alone), framing);
}

} // namespace fusuma
