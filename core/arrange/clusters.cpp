#include "core/arrange/clusters.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

std::optional<Edited> clustered(const Document& document, Evaluator& evaluator, const Selection& copies,
                                ClusterCut how) {
    Cluster cluster;
    cluster.cut = how;
    Rect box;
    std::string name;
    int page = 0;
    for (const Placement& placement : document.placements) { // back to front
        if (!copies.contains(placement.id))
            continue;
        if (cluster.members.empty())
            page = placement.page;
        const auto sticker = document.find(placement.sticker);
        if (!sticker || placement.page != page)
            return std::nullopt;
        const auto copy = evaluator.placed_copy(document, placement);
        box.include(copy->print_box);
        box.include(copy->cut_box);
        cluster.members.push_back({sticker, placement});
        if (name.find(sticker->name) == std::string::npos && name.size() < 40)
            name += (name.empty() ? "" : " + ") + sticker->name;
    }
    if (cluster.members.size() < 2 || box.empty())
        return std::nullopt;
    cluster.size = on_lattice({box.width(), box.height()});
    for (Cluster::Member& member : cluster.members) {
        member.placement.centre = member.placement.centre - box.min;
        member.placement.page = member.placement.group = 0;
        member.placement.locked = false;
        member.placement.id = CopyId::none;
    }
    Sticker sticker;
    sticker.name = name;
    sticker.width = cluster.size.width;
    sticker.border.width = 0; // the members have their own
    sticker.cut = cluster.members.front().sticker->cut;
    sticker.clean = {.specks = 0, .holes = 0, .outer_only = false, .gaps = 0};
    const Point middle = box.min + Point{cluster.size.width / 2, cluster.size.height / 2};
    sticker.artwork = ClusterArtwork{std::make_shared<const Cluster>(std::move(cluster))};
    Edited edited{with_sticker_added(document, std::move(sticker)), {}};
    auto& placements = edited.document.placements;
    const auto front = std::ranges::find_if(placements.rbegin(), placements.rend(),
                                            [&](const Placement& p) { return copies.contains(p.id); });
    *front = {.id = CopyId{edited.document.copy_ids.take()},
              .sticker = edited.document.stickers.back()->id,
              .centre = middle,
              .page = page};
    edited.selection = {front->id};
    std::erase_if(placements, [&](const Placement& p) { return copies.contains(p.id); });
    return edited;
}

namespace {

/// A copy where a map takes it. What would make it slant, the map of a stretched cluster on a copy that lies aslant in
/// it, becomes the turn, the width and the area that it would have.
Placement carried_over(Placement copy, const Transform& map) {
    const Transform own = Transform::scale(copy.mirrored ? -copy.scale : copy.scale, copy.scale * copy.stretch)
                              .then(Transform::turn(copy.turn))
                              .then(map);
    const bool is_mirrored = own.determinant() < 0;
    const Point across = is_mirrored ? Point{-own.a, -own.b} : Point{own.a, own.b};
    copy.centre = map.apply(copy.centre);
    copy.turn = std::atan2(across.y, across.x);
    copy.mirrored = is_mirrored;
    copy.scale = norm(across);
    copy.stretch = std::abs(own.determinant()) / dot(across, across);
    return copy;
}

} // namespace

Edited parted(const Document& document, const Selection& copies) {
    Edited edited{document, {}};
    std::vector<Placement> placements;
    for (const Placement& whole : document.placements) {
        const auto sticker = document.find(whole.sticker);
        const auto* art = sticker ? std::get_if<ClusterArtwork>(&sticker->artwork) : nullptr;
        if (!copies.contains(whole.id) || !art || whole.locked) {
            placements.push_back(whole);
            continue;
        }
        const Frame frame = frame_of(*sticker);
        const Size& size = art->cluster->size;
        // From the cluster's mm over its pixels, framed, to the paper.
        const double px = size_px(sticker->artwork).x / size.width;
        const Transform map = Transform::scale(px, px)
                                  .then(frame.from_picture)
                                  .then(Transform::scale(1 / frame.size.width, 1 / frame.size.height))
                                  .then(map_of_copy(*sticker, whole));
        for (const Cluster::Member& member : art->cluster->members) {
            if (!edited.document.find(member.sticker->id)) {
                edited.document.stickers.push_back(member.sticker);
                auto& next = edited.document.sticker_ids.next;
                next = std::max(next, member.sticker->id + 1);
            }
            Placement copy = carried_over(member.placement, map);
            copy.sticker = member.sticker->id;
            copy.page = whole.page;
            copy.id = CopyId{edited.document.copy_ids.take()};
            edited.selection.insert(copy.id);
            placements.push_back(copy);
        }
    }
    edited.document.placements = std::move(placements);
    return edited;
}

} // namespace fusuma
