#include "core/document/cluster.h"

#include "core/geometry/measure.h"
#include "core/geometry/region.h"

#include <algorithm>

namespace fusuma {

std::optional<Edited> clustered(const Document& document, Evaluator& evaluator, const Selection& copies,
                                ClusterCut how) {
    if (copies.size() < 2)
        return std::nullopt;
    Cluster cluster;
    cluster.cut = how;
    Rect box;
    std::string name;
    const int page = document.placements[*copies.begin()].page;
    for (const std::size_t i : copies) { // in the order of their indices: back to front
        const Placement& placement = document.placements[i];
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
    if (box.empty())
        return std::nullopt;
    cluster.size = on_lattice({box.width(), box.height()});
    for (Cluster::Member& member : cluster.members) {
        member.placement.centre = member.placement.centre - box.min;
        member.placement.page = member.placement.group = 0;
        member.placement.locked = false;
    }
    Sticker sticker;
    sticker.name = name;
    sticker.width = cluster.size.width;
    sticker.border.width = 0; // the members have their own
    sticker.cut = cluster.members.front().sticker->cut;
    sticker.clean = {.specks = 0, .holes = 0, .outer_only = false, .gaps = 0};
    const Point middle = box.min + Point{cluster.size.width / 2, cluster.size.height / 2};
    sticker.artwork = ClusterArtwork{std::make_shared<const Cluster>(std::move(cluster))};
    Edited edited{document, {}};
    const int id = document.next_id;
    edited.document = with_sticker_added(std::move(edited.document), std::move(sticker));
    auto& placements = edited.document.placements;
    const std::size_t front = *copies.rbegin();
    placements[front] = {.sticker = id, .centre = middle, .page = page};
    std::size_t at = 0;
    std::erase_if(placements, [&](const Placement&) {
        const std::size_t index = at++;
        return index != front && copies.contains(index);
    });
    edited.selection = {front - (copies.size() - 1)};
    return edited;
}

Edited parted(const Document& document, const Selection& copies) {
    Edited edited{document, {}};
    std::vector<Placement> placements;
    for (std::size_t i = 0; i < document.placements.size(); ++i) {
        const Placement& whole = document.placements[i];
        const auto sticker = document.find(whole.sticker);
        const auto* art = sticker ? std::get_if<ClusterArtwork>(&sticker->artwork) : nullptr;
        if (!copies.contains(i) || !art || whole.locked) {
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
                                  .then(placed(*sticker, whole));
        const double scale = std::sqrt(std::abs(map.determinant()));
        const bool mirrors = map.determinant() < 0;
        const Point across = map.apply({1, 0}) - map.apply({0, 0});
        const double turn = mirrors ? std::atan2(-across.y, -across.x) : std::atan2(across.y, across.x);
        for (const Cluster::Member& member : art->cluster->members) {
            auto& stickers = edited.document.stickers;
            if (!edited.document.find(member.sticker->id))
                stickers.push_back(member.sticker);
            Placement copy = member.placement;
            copy.centre = map.apply(copy.centre);
            copy.turn = turn + (mirrors ? -copy.turn : copy.turn);
            copy.mirrored ^= mirrors;
            copy.scale *= scale;
            copy.page = whole.page;
            edited.selection.insert(placements.size());
            placements.push_back(copy);
        }
    }
    edited.document.placements = std::move(placements);
    return edited;
}

namespace {

/// A layer of a member's print as part of the cluster's art.
void add(std::vector<Painted>& shapes, const PrintLayer& layer, const Transform& map) {
    std::shared_ptr<const Area> area;
    if (!layer.area.empty()) {
        Area curves{{}, FillRule::even_odd};
        for (const Polygon& polygon : layer.area)
            curves.curves.contours.push_back(transformed(contour_of(polygon), map));
        area = std::make_shared<const Area>(std::move(curves));
    }
    if (const Rgb* colour = std::get_if<Rgb>(&layer.ink)) {
        shapes.push_back({*colour, area, 1, {}});
        return;
    }
    const PrintArt& art = std::get<PrintArt>(layer.ink);
    const Transform from_unit = layer.from_unit.then(map);
    if (const auto* image = std::get_if<std::shared_ptr<const Image>>(&art)) {
        shapes.push_back({*image, area, 1, from_unit});
        return;
    }
    const DrawnArt& drawn = *std::get<std::shared_ptr<const DrawnArt>>(art);
    const Transform from_mm = Transform::scale(1 / drawn.size.width, 1 / drawn.size.height).then(from_unit);
    for (const Painted& painted : drawn.shapes) {
        Painted moved = painted;
        if (painted.area)
            moved.area =
                std::make_shared<const Area>(Area{transformed(painted.area->curves, from_mm), painted.area->rule});
        moved.from_unit = painted.from_unit.then(from_mm);
        shapes.push_back(std::move(moved));
    }
}

Outline folded(const std::vector<Outline>& regions, Combine how) {
    Outline result = regions.front();
    for (std::size_t i = 1; i < regions.size(); ++i)
        result = combined(result, regions[i], how);
    return result;
}

} // namespace

Drawn drawn(const Cluster& cluster, Evaluator& evaluator, const Work& work) {
    Drawn result;
    auto art = std::make_shared<DrawnArt>();
    art->size = cluster.size;
    std::vector<Outline> regions;
    Document members; // each by a number of its own, since a sticker may have changed between two of them
    for (const Cluster::Member& member : cluster.members) {
        Placement placement = member.placement;
        Sticker sticker = *member.sticker;
        members = with_sticker_added(std::move(members), std::move(sticker));
        placement.sticker = members.stickers.back()->id;
        const auto copy = evaluator.placed_copy(members, placement);
        work.at(static_cast<double>(regions.size()) / static_cast<double>(cluster.members.size()));
        for (const PrintLayer& layer : copy->result->print)
            add(art->shapes, layer, copy->map);
        regions.push_back(copy->line);
        for (const OwnLine& line : copy->own)
            result.lines.push_back(line);
        if (cluster.inner_lines_are_cut)
            for (const Contour& contour : copy->line.contours)
                result.lines.push_back({contour, false, member.sticker->cut});
    }
    switch (cluster.cut) {
    case ClusterCut::outer:
        result.outline = united(regions);
        break;
    case ClusterCut::take_out: {
        std::vector<const Outline*> over;
        for (std::size_t i = 1; i < regions.size(); ++i)
            over.push_back(&regions[i]);
        result.outline = combined({&regions[0]}, over, Combine::take_out);
        break;
    }
    case ClusterCut::overlap_only:
        result.outline = folded(regions, Combine::overlap_only);
        break;
    case ClusterCut::exclude:
        result.outline = folded(regions, Combine::exclude);
        break;
    case ClusterCut::visible:
        result.outline = united(regions);
        result.is_outline_cut = false; // the pieces' edges are
        for (const Outline& seen : visible_parts(regions))
            for (const Contour& contour : seen.contours)
                result.lines.push_back({contour, false, cluster.members.front().sticker->cut});
        break;
    }
    result.art = std::move(art);
    return result;
}

} // namespace fusuma
