#include "core/sheet/sheet.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/sheet/paper.h"
#include "core/sheet/room.h"

#include <algorithm>

namespace fusuma {

namespace {

Rect within(Size size, const Edges& edges) {
    return {{edges.left, edges.top}, {size.width - edges.right, size.height - edges.bottom}};
}

/// What lies inside the margins and within the cutter's reach.
Rect reach_of(const SheetSettings& sheet) {
    const CutterProfile& cutter = sheet.cutter;
    Rect reach = within(cutter.has_mat ? cutter.mat : sheet.paper, cutter.reach);
    if (cutter.has_mat) {
        reach = {reach.min - cutter.paper_on_mat, reach.max - cutter.paper_on_mat};
        reach = overlap(reach, within(sheet.paper, {}));
    }
    return overlap(reach, printable(sheet));
}

bool has_area(const Rect& rect) {
    return rect.width() > 0 && rect.height() > 0;
}

} // namespace

namespace {

Rect in_mirror(const Rect& rect, Size paper) {
    return {{paper.width - rect.max.x, rect.min.y}, {paper.width - rect.min.x, rect.max.y}};
}

Polygons in_mirror(Polygons polygons, Size paper) {
    for (Polygon& polygon : polygons) {
        for (Point& p : polygon)
            p.x = paper.width - p.x;
        std::ranges::reverse(polygon); // outer edges stay outer edges
    }
    return polygons;
}

} // namespace

SheetSettings unmirrored(SheetSettings sheet) {
    sheet.is_mirrored = false;
    return sheet;
}

std::vector<Mark> marks(const SheetSettings& sheet) {
    std::vector<Mark> all = marks_on(sheet.paper, sheet.marks);
    if (sheet.is_mirrored)
        for (Mark& mark : all)
            mark.centre.x = sheet.paper.width - mark.centre.x;
    return all;
}

Rect printable(const SheetSettings& sheet) {
    if (sheet.photographed)
        return *sheet.photographed;
    const Rect on_paper = within(sheet.paper, sheet.printer.margins);
    return sheet.is_mirrored ? in_mirror(on_paper, sheet.paper) : on_paper;
}

Polygons reachable_zone(const SheetSettings& sheet) {
    if (sheet.is_mirrored)
        return in_mirror(reachable_zone(unmirrored(sheet)), sheet.paper);
    const Rect reach = reach_of(sheet);
    if (!has_area(reach))
        return {};
    Polygons zone{corners_of(reach)};
    for (const Mark& mark : marks(sheet))
        if (const Polygon clear = keep_clear_area(mark); !clear.empty())
            zone = combine(zone, {clear}, Combine::take_out);
    // Bites near a corner can leave scraps there that no sticker fits into.
    constexpr double scrap_mm2 = 25;
    std::erase_if(zone, [](const Polygon& part) {
        const double size = signed_area(part);
        return size > 0 && size < scrap_mm2;
    });
    return zone;
}

std::vector<Rect> small_sheets(const SheetSettings& sheet) {
    if (sheet.is_mirrored) {
        std::vector<Rect> sheets = small_sheets(unmirrored(sheet));
        for (Rect& small : sheets)
            small = in_mirror(small, sheet.paper);
        return sheets;
    }
    const Polygons zone = reachable_zone(sheet);
    if (zone.empty())
        return {};
    if (sheet.division.is_whole())
        return {bounds(zone)};
    const Division& d = sheet.division;
    const Rect whole = Room(zone).largest_rectangle();
    const double width = (whole.width() - (d.columns - 1) * d.gutter) / d.columns;
    const double height = (whole.height() - (d.rows - 1) * d.gutter) / d.rows;
    std::vector<Rect> sheets;
    if (width > 0 && height > 0)
        for (int row = 0; row < d.rows; ++row)
            for (int column = 0; column < d.columns; ++column) {
                const Point at = whole.min + Point{column * (width + d.gutter), row * (height + d.gutter)};
                sheets.push_back({at, at + Point{width, height}});
            }
    return sheets;
}

Polygons cut_zone(const SheetSettings& sheet) {
    if (sheet.division.is_whole())
        return reachable_zone(sheet);
    Polygons zone;
    for (const Rect& small : small_sheets(sheet)) {
        const Rect inside = sheet.division.cut == Division::Cut::none ? small : small.grown(-sheet.gap);
        if (has_area(inside))
            zone.push_back(corners_of(inside));
    }
    return zone;
}

std::optional<Problem> trouble_with(const SheetSettings& sheet) {
    const Rect paper = within(sheet.paper, {});
    const Said on = paper_name(sheet.paper);
    for (const Mark& mark : marks(sheet))
        if (!paper.contains(mark.centre))
            return Problem{"{paper} is smaller than its marks need."_said.with("paper", on),
                           "Take larger paper or other marks."_said};
    if (!has_area(reach_of(sheet)))
        return Problem{"The margins leave nothing of {paper} to cut on."_said.with("paper", on),
                       "Check the printer's and the cutter's margins and where the paper lies on the mat."_said};
    if (reachable_zone(sheet).empty())
        return Problem{"Marks and margins leave nothing of the cut zone on {paper}."_said.with("paper", on),
                       "Take larger paper, smaller keep-clear areas, or no marks."_said};
    if (cut_zone(sheet).empty())
        return Problem{"The small sheets leave no room for a sticker."_said,
                       "Take fewer of them or a smaller gutter."_said};
    return std::nullopt;
}

} // namespace fusuma
