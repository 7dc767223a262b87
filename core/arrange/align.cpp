#include "core/arrange/align.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

Rect box_of_copy(const Document& document, Evaluator& evaluator, const Placement& copy) {
    return document.find(copy.sticker) ? evaluator.placed_copy(document, copy)->cut_box : Rect{};
}

} // namespace

Rect box_of(const Document& document, Evaluator& evaluator, const Selection& copies) {
    Rect box;
    for (const Placement& p : document.placements)
        if (copies.contains(p.id))
            box.include(box_of_copy(document, evaluator, p));
    return box;
}

std::optional<Document> sized(const Document& document, Evaluator& evaluator, CopyId copy, Side side, double mm) {
    constexpr double close_enough = 0.005; // mm
    Document made = document;
    const auto found = std::ranges::find(made.placements, copy, &Placement::id);
    if (found == made.placements.end() || found->locked || !(mm > 0))
        return std::nullopt;
    Placement& p = *found;
    // The border does not grow with the art, so every guess is corrected by what it came to.
    for (int tries = 0; tries < 12; ++tries) {
        const Rect box = box_of_copy(made, evaluator, p);
        const double now = side == Side::width ? box.width() : box.height();
        if (std::abs(now - mm) < close_enough)
            return made;
        // Of the difference all must come from the art; its share of the box is what the last step taught.
        const Size art = artwork_size(*made.find(p.sticker), p.scale);
        const double extent = std::max(art.width, art.height);
        const double next = p.scale * std::max(0.05, 1 + (mm - now) / std::max(extent, 0.1));
        if (next < 0.002 || next > 500)
            return std::nullopt;
        p.scale = next;
    }
    const Rect box = box_of_copy(made, evaluator, p);
    const double reached = side == Side::width ? box.width() : box.height();
    return std::abs(reached - mm) < 0.05 ? std::optional(made) : std::nullopt;
}

Document aligned(const Document& document, Evaluator& evaluator, const Selection& copies, Align how) {
    if (copies.empty())
        return document;
    Rect to = box_of(document, evaluator, copies);
    if (copies.size() == 1)
        to = bounds(cut_zone(document.sheet));
    Document result = document;
    for (Placement& p : result.placements) {
        if (p.locked || to.empty() || !copies.contains(p.id))
            continue;
        const Rect box = box_of_copy(document, evaluator, p);
        if (box.empty())
            continue;
        Point by;
        switch (how) {
        case Align::left:
            by.x = to.min.x - box.min.x;
            break;
        case Align::centre:
            by.x = to.centre().x - box.centre().x;
            break;
        case Align::right:
            by.x = to.max.x - box.max.x;
            break;
        case Align::top:
            by.y = to.min.y - box.min.y;
            break;
        case Align::middle:
            by.y = to.centre().y - box.centre().y;
            break;
        case Align::bottom:
            by.y = to.max.y - box.max.y;
            break;
        }
        p.centre = p.centre + by;
    }
    return result;
}

Document distributed(const Document& document, Evaluator& evaluator, const Selection& copies, Across across) {
    struct Item {
        Placement* copy;
        double from, to;
    };
    Document result = document;
    std::vector<Item> items;
    double filled = 0;
    for (Placement& p : result.placements) {
        const Rect box = copies.contains(p.id) ? box_of_copy(document, evaluator, p) : Rect{};
        if (box.empty())
            continue;
        items.push_back(across == Across::left_right ? Item{&p, box.min.x, box.max.x} : Item{&p, box.min.y, box.max.y});
        filled += items.back().to - items.back().from;
    }
    if (items.size() < 3)
        return document;
    std::sort(items.begin(), items.end(), [](const Item& l, const Item& r) { return l.from + l.to < r.from + r.to; });
    const double between = (items.back().to - items.front().from - filled) / static_cast<double>(items.size() - 1);
    double at = items.front().from;
    for (const Item& item : items) {
        if (!item.copy->locked)
            (across == Across::left_right ? item.copy->centre.x : item.copy->centre.y) += at - item.from;
        at += item.to - item.from + between;
    }
    return result;
}

Edited repeated(const Document& document, Evaluator& evaluator, const Selection& copies, int columns, int rows,
                double gap) {
    Edited edited{document, {}};
    const Rect box = box_of(document, evaluator, copies);
    for (int r = 0; r < rows; ++r)
        for (int c = 0; c < columns; ++c) {
            if (r == 0 && c == 0)
                continue;
            std::vector<Placement> fresh;
            for (const Placement& p : document.placements) {
                if (!copies.contains(p.id))
                    continue;
                fresh.push_back(p);
                fresh.back().centre = fresh.back().centre + Point{c * (box.width() + gap), r * (box.height() + gap)};
            }
            add_copies(edited, fresh);
        }
    for (const Placement& p : document.placements)
        if (copies.contains(p.id))
            edited.selection.insert(p.id);
    return edited;
}

} // namespace fusuma
