#pragma once

#include "core/photo/find_sheet.h"

namespace fusuma {

/// What a person wants a photograph to be laid flat by.
struct FlatWish {
    FlatBy by = FlatBy::paper;
    std::optional<Size> size;     ///< mm of the paper or the board's paper, or of what the corners span
    std::array<Point, 4> corners; ///< with corners: px, clockwise from the top left
};

/// Finds what is wished for in the photograph, and says how it becomes a flat picture: the paper, the board's inside,
/// what the four corners span, or with a card all that lies about it in the card's plane. A Problem says why not.
[[nodiscard]] Result<Flattening> lay_flat(const Image& photo, const FlatWish& wish, const KnownCamera& camera = {},
                                          const Work& work = {});

/// The four corners of what was laid flat, on the photograph: where its net is drawn. px, clockwise from the top left
[[nodiscard]] std::array<Point, 4> corners_on_photo(const Flattening& flat);

} // namespace fusuma
