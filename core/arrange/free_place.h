#pragma once

#include "core/document/copies.h"
#include "core/plan/planner.h"
#include "core/sheet/room.h"

namespace fusuma {

/// The least distance in mm between a sticker's cut line and another's: the sheet's gap, or more where its bleed needs
/// more to stay whole (bleeds are cut back halfway to a neighbour).
[[nodiscard]] double gap_round(const Document& document, int sticker);
/// mm wanted between copies such as these: none when all are boxes whose cuts may be shared.
[[nodiscard]] double gap_between(const Document& document, Planner& planner, const Selection& copies);

/// What is still free on a page for a sticker once every copy, except those listed, has taken its box and the gap
/// round it.
[[nodiscard]] Room free_room(const Document& document, Planner& planner, int sticker, int page,
                             const Selection& except = {});

struct Arranged {
    Document document;
    int placed = 0; ///< copies that found a place
};

/// Puts up to `copies` copies of a sticker into free places of a page, in rows from the top left, by the boxes of their
/// cut lines; labels of a list by its next rows. Throws Stopped when asked to stop.
[[nodiscard]] Arranged place_in_rows(const Document& document, Planner& planner, int sticker, int copies, int page = 0,
                                     const Work& work = {});

/// Moves one copy to the free place nearest to where it is. Nothing when there is none, or it is locked or gone.
[[nodiscard]] std::optional<Document> moved_to_free_place(const Document& document, Planner& planner, CopyId copy);

} // namespace fusuma
