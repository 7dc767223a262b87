#include "core/document/copies.h"

#include "core/document/cluster.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace fusuma {

namespace {

template <typename Change> Document each(Document document, const Selection& copies, Change&& change) {
    for (Placement& p : document.placements)
        if (!p.locked && copies.contains(p.id))
            change(p);
    return document;
}

} // namespace

Selection with_groups(const Document& document, const Selection& copies) {
    std::set<int> groups;
    for (const Placement& p : document.placements)
        if (p.group > 0 && copies.contains(p.id))
            groups.insert(p.group);
    Selection all;
    for (const Placement& p : document.placements)
        if (copies.contains(p.id) || groups.contains(p.group))
            all.insert(p.id);
    return all;
}

Selection copies_of_sticker(const Document& document, int sticker, int page) {
    Selection found;
    for (const Placement& p : document.placements)
        if (p.sticker == sticker && p.page == page)
            found.insert(p.id);
    return found;
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

Document as_printed(Document document) {
    if (!std::exchange(document.sheet.is_mirrored, false))
        return document;
    for (Placement& p : document.placements) {
        p.mirrored = !p.mirrored;
        p.turn = -p.turn;
        p.centre.x = document.sheet.paper.width - p.centre.x;
    }
    return document;
}

Document ordered(Document document, const Selection& copies, Order order) {
    auto& all = document.placements;
    std::stable_partition(all.begin(), all.end(), [&](const Placement& p) {
        return copies.contains(p.id) == (order == Order::back);
    });
    return document;
}

Document removed(Document document, const Selection& copies) {
    std::erase_if(document.placements, [&](const Placement& p) { return !p.locked && copies.contains(p.id); });
    return document;
}

namespace {

int next_group(const Document& document) {
    int last = 0;
    for (const Placement& p : document.placements)
        last = std::max(last, p.group);
    return last + 1;
}

} // namespace

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
        edited.selection.insert(edited.document.put(p));
    }
}

Edited duplicated(const Document& document, const Selection& copies, Point by) {
    Edited edited{document, {}};
    std::vector<Placement> fresh;
    for (const Placement& p : document.placements)
        if (copies.contains(p.id)) {
            fresh.push_back(p);
            fresh.back().centre = fresh.back().centre + by;
        }
    add_copies(edited, fresh);
    return edited;
}

namespace {

template <typename Change> Document each_even_locked(Document document, const Selection& copies, Change&& change) {
    for (Placement& p : document.placements)
        if (copies.contains(p.id))
            change(p);
    return document;
}

} // namespace

Document grouped(Document document, const Selection& copies) {
    const int group = next_group(document);
    return each_even_locked(std::move(document), copies, [group](Placement& p) { p.group = group; });
}

Document ungrouped(Document document, const Selection& copies) {
    return each_even_locked(std::move(document), copies, [](Placement& p) { p.group = 0; });
}

Document with_lock(Document document, const Selection& copies, bool locked) {
    return each_even_locked(std::move(document), copies, [locked](Placement& p) { p.locked = locked; });
}

Document on_page(Document document, const Selection& copies, int page) {
    document.pages = std::clamp(page + 1, document.pages, most_pages);
    return each(std::move(document), copies, [page](Placement& p) { p.page = page; });
}

Document only(const Document& document, const Selection& copies) {
    Document few = document;
    std::erase_if(few.placements, [&](const Placement& p) { return !copies.contains(p.id); });
    std::set<int> used;
    for (Placement& p : few.placements) {
        p.page = 0;
        used.insert(p.sticker);
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
            return one.cut == other.cut && one.inner_lines_are_cut == other.inner_lines_are_cut && one.borders_hide == other.borders_hide &&
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

namespace {

/// The numbers that stickers of another project have in this one.
class Numbers {
  public:
    explicit Numbers(Document& document) : here(document) {}

    /// That of the same sticker here, or a new one.
    int of(const Sticker& there) { return known_or(there, false); }

    /// The sticker as it is to be added here, with all that it is a cluster of.
    Sticker taken_over(Sticker sticker) {
        sticker.id = of(sticker);
        return with_members_taken_over(std::move(sticker));
    }

  private:
    Document& here;
    std::map<int, int> known;

    Sticker with_members_taken_over(Sticker sticker) {
        if (const auto* art = std::get_if<ClusterArtwork>(&sticker.artwork)) {
            Cluster cluster = *art->cluster;
            for (Cluster::Member& member : cluster.members) {
                Sticker one = *member.sticker;
                one.id = member.placement.sticker = known_or(one, true);
                member.sticker = std::make_shared<const Sticker>(with_members_taken_over(std::move(one)));
            }
            sticker.artwork = ClusterArtwork{std::make_shared<const Cluster>(std::move(cluster))};
        }
        return sticker;
    }
    int known_or(const Sticker& there, bool is_member) {
        const auto [it, is_new] = known.try_emplace(there.id, 0);
        if (is_new)
            it->second = found_or_new(there, is_member);
        return it->second;
    }
    /// A cluster's member may have been edited here since it became one; parted, it is what it is by then.
    int found_or_new(const Sticker& there, bool is_member) {
        for (const auto& sticker : here.stickers)
            if (is_same_sticker(*sticker, there))
                return sticker->id;
        const auto edited_since = is_member ? here.find(there.id) : nullptr;
        return edited_since && is_same_artwork(edited_since->artwork, there.artwork) ? there.id
                                                                                    : here.sticker_ids.take();
    }
};

} // namespace

Edited joined(const Document& document, const Document& other, int page, Point by) {
    Edited edited{document, {}};
    Numbers numbers(edited.document);
    for (const auto& sticker : other.stickers)
        if (!document.find(numbers.of(*sticker)))
            edited.document.stickers.push_back(std::make_shared<const Sticker>(numbers.taken_over(*sticker)));
    std::vector<Placement> fresh = other.placements;
    std::erase_if(fresh, [&](const Placement& p) { return !other.find(p.sticker); });
    for (Placement& p : fresh) {
        p.sticker = numbers.of(*other.find(p.sticker));
        p.page = page;
        p.centre = p.centre + by;
    }
    add_copies(edited, fresh);
    return edited;
}

} // namespace fusuma
