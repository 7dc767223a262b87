#include "core/steps/cluster_art.h"

#include "core/geometry/combine_curves.h"
#include "core/geometry/measure.h"

namespace fusuma {

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
    if (const auto* pixels = std::get_if<Pixels>(&art)) {
        shapes.push_back({*pixels, area, 1, from_unit});
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

Drawn cluster_art(const Cluster& cluster, Evaluator& evaluator, const Work& work) {
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
        if (cluster.borders_hide && !regions.empty()) // white is what paper is printed with
            art->shapes.push_back({Rgb{255, 255, 255}, std::make_shared<const Area>(Area{copy->region}), 1, {}});
        for (const PrintLayer& layer : copy->result->print)
            add(art->shapes, layer, copy->map);
        regions.push_back(copy->region);
        for (const CopyLine& line : copy->lines)
            if (line.origin == StickerLine::Origin::artwork)
                result.lines.push_back({line.path, line.is_open, line.kind});
        if (cluster.inner_lines_are_cut)
            for (const Contour& contour : copy->region.contours)
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
