#include "core/document/copies.h"

#include "core/document/cluster.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace fusuma {

namespace {

template <typename Change> Document each(Document document, const Selection& copies, Change&& change) {
    for (const std::size_t i : copies)
        if (i < document.placements.size() && !document.placements[i].locked)
            change(document.placements[i]);
    return document;
}

Rect box_of_copy(const Document& document, Evaluator& evaluator, std::size_t i) {
    const Placement& p = document.placements[i];
    return document.find(p.sticker) ? evaluator.placed_copy(document, p)->cut_box : Rect{};
}

} // namespace

Selection with_groups(const Document& document, const Selection& copies) {
    std::set<int> groups;
    for (const std::size_t i : copies)
        if (document.placements[i].group > 0)
            groups.insert(document.placements[i].group);
    Selection all = copies;
    for (std::size_t i = 0; i < document.placements.size(); ++i)
        if (groups.contains(document.placements[i].group))
            all.insert(i);
    return all;
}

Selection copies_of_sticker(const Document& document, int sticker, int page) {
    Selection found;
    for (std::size_t i = 0; i < document.placements.size(); ++i)
        if (document.placements[i].sticker == sticker && document.placements[i].page == page)
            found.insert(i);
    return found;
}

Rect box_of(const Document& document, Evaluator& evaluator, const Selection& copies) {
    Rect box;
    for (const std::size_t i : copies)
        box.include(box_of_copy(document, evaluator, i));
    return box;
}

Document moved(Document document, const Selection& copies, Point by) {
    return each(std::move(document), copies, [by](Placement& p) { p.centre = p.centre + by; });
}

Document turned(Document document, const Selection& copies, Point about, double radians) {
    const Transform turn = Transform::turn(radians);
    return each(std::move(document), copies, [&](Placement& p) {
        p.centre = about + turn.apply(p.centre - about);
        p.turn = std::remainder(p.turn + radians, 2 * std::acos(-1.0));
    });
}

Document scaled(Document document, const Selection& copies, Point about, double factor, double tall) {
    constexpr double least = 0.01, most = 100;
    return each(std::move(document), copies, [&](Placement& p) {
        const bool is_upright = std::abs(std::remainder(p.turn, std::acos(-1.0))) < 1e-6;
        p.centre = about + Point{factor * (p.centre.x - about.x), factor * tall * (p.centre.y - about.y)};
        p.scale = std::clamp(p.scale * factor, least, most);
        if (is_upright)
            p.stretch = std::clamp(p.stretch * tall, 0.1, 10.0);
    });
}

Document mirrored(Document document, const Selection& copies, Point about, Across across) {
    return each(std::move(document), copies, [&](Placement& p) {
        // Up and down is left and right with half a turn.
        p.mirrored = !p.mirrored;
        p.turn = across == Across::left_right ? -p.turn : std::remainder(std::acos(-1.0) - p.turn, 2 * std::acos(-1.0));
        if (across == Across::left_right)
            p.centre.x = 2 * about.x - p.centre.x;
        else
            p.centre.y = 2 * about.y - p.centre.y;
    });
}

std::optional<Document> sized(const Document& document, Evaluator& evaluator, std::size_t copy, Side side, double mm) {
    constexpr double close_enough = 0.005; // mm
    Document made = document;
    Placement& p = made.placements[copy];
    if (p.locked || !(mm > 0))
        return std::nullopt;
    // The border does not grow with the art, so every guess is corrected by what it came to.
    for (int tries = 0; tries < 12; ++tries) {
        const Rect box = box_of_copy(made, evaluator, copy);
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
    const Rect box = box_of_copy(made, evaluator, copy);
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
    for (const std::size_t i : copies) {
        const Rect box = box_of_copy(document, evaluator, i);
        if (box.empty() || to.empty() || document.placements[i].locked)
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
        result.placements[i].centre = result.placements[i].centre + by;
    }
    return result;
}

Document distributed(const Document& document, Evaluator& evaluator, const Selection& copies, Across across) {
    struct Item {
        std::size_t copy;
        double from, to;
    };
    std::vector<Item> items;
    double filled = 0;
    for (const std::size_t i : copies) {
        const Rect box = box_of_copy(document, evaluator, i);
        if (box.empty())
            continue;
        items.push_back(across == Across::left_right ? Item{i, box.min.x, box.max.x} : Item{i, box.min.y, box.max.y});
        filled += items.back().to - items.back().from;
    }
    if (items.size() < 3)
        return document;
    std::sort(items.begin(), items.end(), [](const Item& l, const Item& r) { return l.from + l.to < r.from + r.to; });
    const double between = (items.back().to - items.front().from - filled) / static_cast<double>(items.size() - 1);
    Document result = document;
    double at = items.front().from;
    for (const Item& item : items) {
        Placement& p = result.placements[item.copy];
        if (!p.locked)
            (across == Across::left_right ? p.centre.x : p.centre.y) += at - item.from;
        at += item.to - item.from + between;
    }
    return result;
}

Edited ordered(const Document& document, const Selection& copies, Order order) {
    Edited edited{document, {}};
    auto& placements = edited.document.placements;
    std::vector<Placement> chosen, others;
    for (std::size_t i = 0; i < placements.size(); ++i)
        (copies.contains(i) ? chosen : others).push_back(placements[i]);
    placements = order == Order::back ? chosen : others;
    const std::size_t first = order == Order::back ? 0 : others.size();
    const auto& after = order == Order::back ? others : chosen;
    placements.insert(placements.end(), after.begin(), after.end());
    for (std::size_t i = 0; i < chosen.size(); ++i)
        edited.selection.insert(first + i);
    return edited;
}

Edited removed(const Document& document, const Selection& copies) {
    Edited edited{document, {}};
    edited.document.placements.clear();
    for (std::size_t i = 0; i < document.placements.size(); ++i)
        if (!copies.contains(i) || document.placements[i].locked)
            edited.document.placements.push_back(document.placements[i]);
    return edited;
}

namespace {

int next_group(const Document& document) {
    int last = 0;
    for (const Placement& p : document.placements)
        last = std::max(last, p.group);
    return last + 1;
}

/// Adds copies; those that were grouped are a group of their own.
void add_copies(Edited& edited, const std::vector<Placement>& fresh) {
    std::map<int, int> groups;
    int next = next_group(edited.document);
    for (Placement p : fresh) {
        if (p.group > 0) {
            const auto [it, is_new] = groups.try_emplace(p.group, next);
            next += is_new;
            p.group = it->second;
        }
        p.locked = false;
        edited.selection.insert(edited.document.placements.size());
        edited.document.placements.push_back(p);
    }
}

} // namespace

Edited duplicated(const Document& document, const Selection& copies, Point by) {
    Edited edited{document, {}};
    std::vector<Placement> fresh;
    for (const std::size_t i : copies) {
        fresh.push_back(document.placements[i]);
        fresh.back().centre = fresh.back().centre + by;
    }
    add_copies(edited, fresh);
    return edited;
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
            for (const std::size_t i : copies) {
                fresh.push_back(document.placements[i]);
                fresh.back().centre = fresh.back().centre + Point{c * (box.width() + gap), r * (box.height() + gap)};
            }
            add_copies(edited, fresh);
        }
    edited.selection.insert(copies.begin(), copies.end());
    return edited;
}

Document grouped(Document document, const Selection& copies) {
    const int group = next_group(document);
    for (const std::size_t i : copies)
        document.placements[i].group = group;
    return document;
}

Document ungrouped(Document document, const Selection& copies) {
    for (const std::size_t i : copies)
        document.placements[i].group = 0;
    return document;
}

Document with_lock(Document document, const Selection& copies, bool locked) {
    for (const std::size_t i : copies)
        document.placements[i].locked = locked;
    return document;
}

Document on_page(Document document, const Selection& copies, int page) {
    document.pages = std::clamp(page + 1, document.pages, most_pages);
    return each(std::move(document), copies, [page](Placement& p) { p.page = page; });
}

Document only(const Document& document, const Selection& copies) {
    Document few = document;
    few.placements.clear();
    std::set<int> used;
    for (const std::size_t i : copies) {
        few.placements.push_back(document.placements[i]);
        few.placements.back().page = 0;
        used.insert(document.placements[i].sticker);
    }
    few.pages = 1;
    few.silenced.clear();
    std::erase_if(few.stickers, [&](const auto& s) { return !used.contains(s->id); });
    return few;
}

namespace {

bool is_same_sticker(const Sticker& here, const Sticker& there);

bool is_same_artwork(const Artwork& here, const Artwork& there) {
    if (here.index() != there.index())
        return false;
    struct Same {
        const Artwork& there;
        bool operator()(const PictureArtwork& art) const {
            return is_same(art.picture, std::get<PictureArtwork>(there).picture);
        }
        bool operator()(const DrawingArtwork& art) const {
            const auto& other = std::get<DrawingArtwork>(there);
            return art.drawing->page == other.drawing->page && *art.drawing->original == *other.drawing->original &&
                   *art.parts == *other.parts;
        }
        bool operator()(const LabelArtwork& art) const { return *art.design == *std::get<LabelArtwork>(there).design; }
        bool operator()(const ClusterArtwork& art) const {
            const Cluster &one = *art.cluster, &other = *std::get<ClusterArtwork>(there).cluster;
            return one.cut == other.cut && one.inner_lines_are_cut == other.inner_lines_are_cut &&
                   std::ranges::equal(one.members, other.members, [](const auto& a, const auto& b) {
                       return a.placement == b.placement && is_same_sticker(*a.sticker, *b.sticker);
                   });
        }
    };
    return std::visit(Same{there}, here);
}

/// The same sticker in another project, whatever its number there and wherever its picture was decoded.
bool is_same_sticker(const Sticker& here, const Sticker& there) {
    Sticker alike = there;
    alike.id = here.id;
    alike.artwork = here.artwork;
    return is_same_artwork(here.artwork, there.artwork) && alike == here;
}

} // namespace

Edited joined(const Document& document, const Document& other, int page, Point by) {
    Edited edited{document, {}};
    std::map<int, int> ids;
    for (const auto& sticker : other.stickers) {
        const auto here = std::find_if(document.stickers.begin(), document.stickers.end(),
                                       [&](const auto& s) { return is_same_sticker(*s, *sticker); });
        ids[sticker->id] = here != document.stickers.end() ? (*here)->id : edited.document.next_id;
        if (here == document.stickers.end())
            edited.document = with_sticker_added(std::move(edited.document), *sticker);
    }
    std::vector<Placement> fresh = other.placements;
    for (Placement& p : fresh) {
        p.sticker = ids[p.sticker];
        p.page = page;
        p.centre = p.centre + by;
    }
    add_copies(edited, fresh);
    return edited;
}

} // namespace fusuma
