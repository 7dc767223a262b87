#include "core/sheet/sheet.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <numbers>

namespace fusuma {

std::vector<Mark> marks(const SheetSettings& sheet) {
    const MarkSettings& m = sheet.marks;
    if (m.kind == MarkKind::none)
        return {};
    const double left = m.inset, right = sheet.paper.width - m.inset;
    const double top = m.inset, bottom = sheet.paper.height - m.inset;
    const double fifth = left + std::min(30.0, (right - left) / 3);
    std::vector<Mark> result;
    for (const Point centre :
         {Point{left, top}, Point{right, top}, Point{right, bottom}, Point{left, bottom}, Point{fifth, top}})
        result.push_back({centre, m.radius, m.keep_clear});
    return result;
}

namespace {

Polygon disc(Point centre, double radius) {
    // Circumscribed, so that the flattened edge never comes nearer to the mark than the keep-clear radius.
    const int sides = std::max(12, static_cast<int>(std::ceil(std::numbers::pi / std::acos(1 / (1 + 0.005 / radius)))));
    const double corner = radius / std::cos(std::numbers::pi / sides);
    Polygon polygon;
    for (int i = 0; i < sides; ++i) {
        const double turn = 2 * std::numbers::pi * i / sides;
        polygon.push_back(centre + corner * Point{std::cos(turn), -std::sin(turn)});
    }
    return polygon;
}

} // namespace

Polygons cut_zone(const SheetSettings& sheet) {
    const double inset = std::max(sheet.printer_margin, sheet.cutter_margin);
    const double right = sheet.paper.width - inset, bottom = sheet.paper.height - inset;
    if (right <= inset || bottom <= inset)
        return {};
    Polygons zone{{{inset, inset}, {inset, bottom}, {right, bottom}, {right, inset}}};
    for (const Mark& mark : marks(sheet))
        if (mark.keep_clear > 0)
            zone = combine(zone, {disc(mark.centre, mark.keep_clear)}, Combine::take_out);
    // Bites near a corner can leave scraps there that no sticker fits into.
    constexpr double scrap_mm2 = 25;
    std::erase_if(zone, [](const Polygon& part) {
        const double size = signed_area(part);
        return size > 0 && size < scrap_mm2;
    });
    return zone;
}

} // namespace fusuma
