#pragma once

#include "core/photo/find_board.h"

namespace fusuma {

/// A card as banks and libraries give them: 85.60 × 53.98 mm, its corners rounded by 3.18 mm.
/// Source: ISO/IEC 7810, ID-1.
inline constexpr Size id_card{85.60, 53.98};

/// A thing with four straight edges in a photograph.
struct FoundSheet {
    View view;           ///< from its mm to the photograph's pixels, top left as it is seen
    Size size;           ///< mm, as it lies: perhaps sideways
    double residual = 0; ///< mm, root mean square over its edges
};

/// Finds a sheet of paper by its four edges: lines that are light on one side are looked for, four of them that make a
/// sheet of such proportions, with most of their length in sight, are taken, and the view is fitted to edges met all
/// along them.
/// @param size  mm, either way round
[[nodiscard]] Result<FoundSheet> find_paper(const Image& photo, Size size, const KnownCamera& camera = {},
                                            const Work& work = {});
/// Finds a card lying beside the art.
[[nodiscard]] Result<FoundSheet> find_card(const Image& photo, const KnownCamera& camera = {}, const Work& work = {});

} // namespace fusuma
