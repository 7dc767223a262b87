#pragma once

#include "core/document/plan.h"
#include "core/sheet/room.h"

namespace fusuma {

/// What is still free on the sheet for a sticker once every copy, except those listed, has taken its box and the gap
/// round it: the sheet's gap, or more where a bleed needs more to stay whole.
[[nodiscard]] Room free_room(const Document& document, Evaluator& evaluator, int sticker,
                             const std::vector<std::size_t>& except = {});

struct Arranged {
    Document document;
    int placed = 0; ///< copies that found a place
};

/// Puts up to `copies` copies of a sticker into free places, in rows from the top left, by the boxes of their cut
/// lines.
[[nodiscard]] Arranged place_in_rows(const Document& document, Evaluator& evaluator, int sticker, int copies);

/// Moves one copy to the free place nearest to where it is. Nothing when there is none.
[[nodiscard]] std::optional<Document> moved_to_free_place(const Document& document, Evaluator& evaluator,
                                                          std::size_t placement);

} // namespace fusuma
