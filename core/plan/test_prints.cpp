#include "core/plan/test_prints.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/plan/cut_page.h"
#include "core/registration/fit.h"
#include "core/sheet/lettering.h"
#include "core/sheet/paper.h"

#include <algorithm>
#include <cctype>

namespace fusuma {

namespace {

constexpr double thin = 0.2; // mm
constexpr Rgb black{0, 0, 0};

void draw(PagePlan& page, Polygons area) {
    page.prints.push_back({{black, {}, std::move(area)}, CopyId::none});
}

/// A line along a polygon, as the ring between it moved in and out by half the line's width.
Polygons ring_along(const Polygon& polygon) {
    Polygon inner, outer;
    const std::size_t n = polygon.size();
    for (std::size_t i = 0; i < n; ++i) {
        const Point way = unit(polygon[(i + 1) % n] - polygon[(i + n - 1) % n]);
        const Point side = (thin / 2) * Point{way.y, -way.x};
        inner.push_back(polygon[i] + side);
        outer.push_back(polygon[i] - side);
    }
    return {inner, outer};
}

/// A ruler from `from` along `way` with a tick every mm and figures every ten.
void draw_ruler(PagePlan& page, Point from, Point way, double length) {
    const Point across{way.y, way.x}; // to the inside of the page
    Polygons ruler = stroked({from, from + length * way}, thin);
    for (int mm = 0; mm <= static_cast<int>(length); ++mm) {
        const double tick = mm % 10 == 0 ? 4 : mm % 5 == 0 ? 2.8 : 1.6;
        ruler = combine(ruler, stroked({from + mm * way, from + mm * way + tick * across}, mm % 10 == 0 ? thin : 0.1),
                        Combine::join);
        if (mm % 10 == 0 && mm > 0) {
            const Point at = from + mm * way + 4.6 * across - (way.x > 0 ? Point{1.6, 0} : Point{0, 0.9});
            Polygons figure = lettering(std::to_string(mm), at, 1.8);
            ruler.insert(ruler.end(), figure.begin(), figure.end());
        }
    }
    draw(page, std::move(ruler));
}

JobPlan blank(const SheetSettings& sheet, const Transform& correction) {
    JobPlan plan{sheet.paper, {}, {}, correction};
    plan.pages.emplace_back();
    return plan;
}

/// What can be printed on, or as much as lies 5 mm from the paper's edges.
Rect room_on(const SheetSettings& sheet) {
    const Rect paper{{0, 0}, {sheet.paper.width, sheet.paper.height}};
    const Rect room = overlap(printable(unmirrored(sheet)), paper.grown(-5));
    return room.empty() ? paper.grown(-std::min(sheet.paper.width, sheet.paper.height) / 10) : room;
}

} // namespace

JobPlan plain_paper_test(const JobPlan& plan, const SheetSettings& sheet) {
    JobPlan test{plan.paper, {}, {}, plan.print_correction};
    const Rect room = room_on(sheet);
    for (const PagePlan& page : plan.pages) {
        PagePlan& drawn = test.pages.emplace_back();
        drawn.marks = page.marks;
        drawn.zone = page.zone;
        for (const CutPath& cut : page.cuts)
            if (cut.is_open) {
                const auto points = flatten_line(cut.line, 0.05);
                for (std::size_t i = 0; i + 1 < points.size(); ++i)
                    draw(drawn, stroked({points[i], points[i + 1]}, thin));
            } else {
                draw(drawn, ring_along(flatten(cut.line, 0.05)));
            }
        draw_ruler(drawn, room.min, {1, 0}, std::min(100.0, std::floor(room.width())));
        draw_ruler(drawn, room.min, {0, 1}, std::min(100.0, std::floor(room.height())));
    }
    return test;
}

PrintMeasures wanted_measures(const SheetSettings& sheet) {
    const Rect room = room_on(sheet);
    const double inset = std::min(20.0, std::min(room.width(), room.height()) / 6);
    const double left = std::ceil(room.min.x + inset);
    return {left, std::ceil(room.min.y + inset), std::floor((room.max.x - inset - left) / 10) * 10};
}

JobPlan measuring_page(const SheetSettings& sheet) {
    Document document;
    document.sheet = sheet;
    JobPlan plan = blank(sheet, Planner().plan(document)->print_correction);
    PagePlan& page = plan.pages.front();
    const PrintMeasures m = wanted_measures(sheet);
    const Point corner{m.left, m.top};
    const double down = std::min(60.0, (sheet.paper.height - m.top) / 2);
    const Rect room = room_on(sheet);
    MarkSettings dots{.inset = 14, .radius = 2};
    dots.inset = std::max({dots.inset, room.min.x + dots.radius + 1, room.min.y + dots.radius + 1});
    page.marks = marks_on(sheet.paper, dots);
    draw(page,
         combine(stroked({corner - Point{8, 0}, corner + Point{m.across + 8, 0}}, thin),
                 combine(stroked({corner - Point{0, 8}, corner + Point{0, down}}, thin),
                         stroked({corner + Point{m.across, -4}, corner + Point{m.across, 4}}, thin), Combine::join),
                 Combine::join));
    draw(page, lettering("A", {m.left / 2, m.top + down - 10}, 4));
    draw(page, lettering("B", {m.left + m.across / 2, m.top / 2}, 4));
    draw(page, lettering("C", corner + Point{m.across / 2, 4}, 4));
    const auto words = [](double mm) { return std::to_string(static_cast<int>(std::lround(mm))) + " MM"; };
    draw(page, lettering("A " + words(m.left) + "   B " + words(m.top) + "   C " + words(m.across),
                         corner + Point{6, down - 4}, 3));
    return plan;
}

PrintMeasures measures_of(const SheetSettings& sheet, const Transform& print) {
    const PrintMeasures m = wanted_measures(sheet);
    const Point corner = print.apply({m.left, m.top}), end = print.apply({m.left + m.across, m.top});
    return {corner.x, corner.y, distance(corner, end)};
}

std::optional<PrinterProfile> corrected(const SheetSettings& sheet, const PrintMeasures& measured) {
    const PrintMeasures wanted = wanted_measures(sheet);
    const double ratio = measured.across / wanted.across;
    constexpr double most_off = 20, most_stretch = 0.2;
    const auto is_off = [](double a, double b) { return !(std::abs(a - b) <= most_off); };
    if (!(std::abs(ratio - 1) <= most_stretch) || is_off(measured.left, wanted.left) ||
        is_off(measured.top, wanted.top))
        return std::nullopt;
    PrinterProfile printer = sheet.printer;
    // What was printed at `wanted` came out at `measured`; the map back goes before the present correction, which
    // stretches about the paper's middle.
    const auto shift = [ratio](double middle, double want, double got, double stretch, double shifted) {
        return stretch * ((middle - got) / ratio + want - middle) + shifted;
    };
    printer.shift = {shift(sheet.paper.width / 2, wanted.left, measured.left, printer.stretch_x, printer.shift.x),
                     shift(sheet.paper.height / 2, wanted.top, measured.top, printer.stretch_y, printer.shift.y)};
    printer.stretch_x /= ratio;
    printer.stretch_y /= ratio;
    return printer;
}

std::vector<Point> machine_test_places(const SheetSettings& sheet) {
    const Rect room = overlap(room_on(sheet), bounds(cut_zone(unmirrored(sheet)))).grown(-8);
    if (room.empty())
        return {};
    return {room.min, {room.max.x, room.min.y}, room.max, {room.min.x, room.max.y}, room.centre()};
}

Polygon machine_test_square(Point place) {
    return corners_of({place - Point{5, 5}, place + Point{5, 5}});
}

JobPlan machine_test(const SheetSettings& sheet) {
    Document document;
    document.sheet = unmirrored(sheet);
    JobPlan plan = *Planner().plan(document);
    PagePlan& page = plan.pages.front();
    char number = '1';
    for (const Point place : machine_test_places(sheet)) {
        draw(page, ring_along(machine_test_square(place)));
        draw(page, lettering(std::string(1, number++), place - Point{1, 1.5}, 3));
        page.cuts.push_back({contour_of(machine_test_square(place)), CutKind::kiss, CopyId::none});
    }
    return plan;
}

CutterProfile corrected(const SheetSettings& sheet, const std::vector<Point>& off) {
    const auto places = machine_test_places(sheet);
    std::vector<Pair> seen; // back from where it was cut to where it should have been
    for (std::size_t i = 0; i < std::min(places.size(), off.size()); ++i)
        seen.push_back({places[i] + off[i], places[i]});
    const Point middle{sheet.paper.width / 2, sheet.paper.height / 2};
    const Pose pose = pose_of(fit_stretched(seen).then(correction_about(sheet.cutter, middle)), middle);
    CutterProfile cutter = sheet.cutter;
    cutter.shift = pose.shift;
    cutter.turn = pose.turn;
    cutter.stretch_x = pose.stretch_x;
    cutter.stretch_y = pose.stretch_y;
    return cutter;
}

JobPlan board_page(const Board& board) {
    SheetSettings sheet;
    sheet.paper = board.paper;
    JobPlan plan = blank(sheet, {});
    PagePlan& page = plan.pages.front();
    for (const Board::Mark& mark : board.marks)
        draw(page, flatten(ink_of(mark), 0.005));
    const auto write = [&](std::size_t after, std::string words) { // between a mark and the next
        for (char& c : words)
            c = static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
        constexpr double height = 1.2; // mm
        const Point middle = lerp(board.marks[after].centre, board.marks[after + 1].centre, 0.5);
        draw(page, lettering(words, middle - Point{lettering_width(words, height) / 2, height / 2}, height));
    };
    write(0, "ACTUAL SIZE");
    for (const Paper& paper : papers())
        if (paper.size == board.paper)
            write(1, std::string(paper.name));
    return plan;
}

} // namespace fusuma
