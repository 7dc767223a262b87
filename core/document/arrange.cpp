#include "core/document/arrange.h"

#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

Room free_room(const Document& document, Evaluator& evaluator, const std::vector<std::size_t>& except) {
    Room room(evaluator.plan(document)->pages.front().zone);
    for (std::size_t i = 0; i < document.placements.size(); ++i) {
        if (std::find(except.begin(), except.end(), i) != except.end())
            continue;
        const Rect box = bounds(evaluator.placed_cut_line(document, document.placements[i]));
        if (!box.empty())
            room.block(box.grown(document.sheet.gap));
    }
    return room;
}

Arranged place_in_rows(const Document& document, Evaluator& evaluator, int sticker_id, int copies) {
    Arranged result{document, 0};
    const auto sticker = document.find(sticker_id);
    if (!sticker)
        return result;
    const Rect box = bounds(evaluator.evaluate(*sticker)->cut_line);
    if (box.empty())
        return result;
    const Size artwork = artwork_size(*sticker);
    Room room = free_room(document, evaluator);
    while (result.placed < copies) {
        const auto at = room.first_place({box.width(), box.height()});
        if (!at)
            break;
        const Point centre = *at - box.min + Point{artwork.width / 2, artwork.height / 2};
        result.document.placements.push_back({.sticker = sticker_id, .centre = centre});
        room.block(Rect{*at, *at + Point{box.width(), box.height()}}.grown(document.sheet.gap));
        ++result.placed;
    }
    return result;
}

std::optional<Document> moved_to_free_place(const Document& document, Evaluator& evaluator, std::size_t index) {
    const Rect box = bounds(evaluator.placed_cut_line(document, document.placements[index]));
    const auto at = free_room(document, evaluator, {index}).nearest_place({box.width(), box.height()}, box.min);
    if (!at)
        return std::nullopt;
    Document moved = document;
    moved.placements[index].centre = moved.placements[index].centre + (*at - box.min);
    return moved;
}

} // namespace fusuma
