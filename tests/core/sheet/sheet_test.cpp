#include "core/geometry/measure.h"
#include "core/geometry/region.h"
#include "core/sheet/paper.h"
#include "core/sheet/room.h"
#include "core/sheet/sheet.h"
#include "core/sheet/snap.h"
#include "core/units.h"
#include "tests/support/geos.h"
#include <random>

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace fusuma {
namespace {

using std::numbers::pi;

TEST(Paper, NamedSizesFollowTheirStandards) {
    // ISO 216: A0 has 1 m², B0 is 1 m wide, sides as 1 to √2; each next one is half of the one before, whole
    // millimetres rounded down (B sizes: the geometric mean of two A sizes, rounded to the nearest).
    const auto a_size = [](int n) {
        const double side = 1000 * std::pow(2, -0.25 - n / 2.0);
        return Size{std::floor(side + 0.2), std::floor(side * std::numbers::sqrt2 + 0.2)};
    };
    for (const auto& [id, n] : {std::pair{"a3", 3}, {"a4", 4}, {"a5", 5}, {"a6", 6}})
        EXPECT_EQ(parse_paper(id), a_size(n)) << id;
    EXPECT_EQ(parse_paper("b5"), (Size{std::floor(1000 * std::pow(2, -2.5)), std::floor(1000 * std::pow(2, -2.0))}));
    // JIS P 0138: B0 has 1.5 m², halved as the others are.
    const auto jis_b_size = [](int n) {
        const double side = 1000 * std::sqrt(1.5 / std::numbers::sqrt2) * std::pow(2, -n / 2.0);
        return Size{std::round(side), std::round(side * std::numbers::sqrt2)};
    };
    for (const auto& [id, n] : {std::pair{"b4-jis", 4}, {"b5-jis", 5}}) {
        EXPECT_NEAR(parse_paper(id)->width, jis_b_size(n).width, 1) << id;
        EXPECT_NEAR(parse_paper(id)->height, jis_b_size(n).height, 1) << id;
    }
    EXPECT_EQ(paper_name(*parse_paper("b5-jis")).english(), "B5 JIS, upright");
    EXPECT_EQ(paper_name({148, 100}).english(), "Hagaki, sideways");
    // Each name means one size, so that none is taken for another.
    for (const Paper& one : papers())
        for (const Paper& other : papers())
            if (&one != &other) {
                EXPECT_NE(one.id, other.id);
                EXPECT_TRUE(std::abs(one.size.width - other.size.width) > 1 ||
                            std::abs(one.size.height - other.size.height) > 1)
                    << one.id << " and " << other.id;
            }
    // ANSI/ASME Y14.1, US custom and photographs': inches.
    for (const auto& [id, width, height] : {std::tuple{"letter", 8.5, 11.0},
                                            {"legal", 8.5, 14.0},
                                            {"tabloid", 11.0, 17.0},
                                            {"4x6", 4.0, 6.0},
                                            {"5x7", 5.0, 7.0},
                                            {"photo-l", 3.5, 5.0}}) {
        EXPECT_NEAR(parse_paper(id)->width, width * mm_per_inch, 1e-9) << id;
        EXPECT_NEAR(parse_paper(id)->height, height * mm_per_inch, 1e-9) << id;
    }
}

TEST(Paper, CustomSizesTakeUnits) {
    EXPECT_EQ(parse_paper("120x180"), (Size{120, 180}));
    EXPECT_EQ(parse_paper("4x6in"), (Size{4 * 25.4, 6 * 25.4}));
    EXPECT_EQ(parse_paper("10x15cm"), (Size{100, 150}));
    for (const char* wrong : {"", "x", "a9", "5x5", "10x", "100x-5", "1e9x1e9"})
        EXPECT_FALSE(parse_paper(wrong)) << wrong;
}

TEST(Paper, NamesSayWhichWayUp) {
    EXPECT_EQ(paper_name({210, 297}).english(), "A4, upright");
    EXPECT_EQ(paper_name({279.4, 215.9}).english(), "Letter, sideways");
    EXPECT_EQ(paper_name({100, 150}).english(), "100 × 150 mm");
}

TEST(Marks, NoTurnOfTheSheetPutsAllFiveWhereFiveWere) {
    for (const Size paper : {Size{210, 297}, Size{215.9, 279.4}, Size{200, 200}, Size{60, 90}}) {
        const auto dots = marks({.paper = paper});
        ASSERT_EQ(dots.size(), 5u);
        const Point middle{paper.width / 2, paper.height / 2};
        for (const double turn : {0.5, 1.0, 1.5}) {
            int met = 0;
            for (const Mark& m : dots) {
                const Point turned = middle + Transform::turn(turn * std::numbers::pi).apply(m.centre - middle);
                for (const Mark& other : dots)
                    met += distance(turned, other.centre) < 5;
            }
            EXPECT_LT(met, 5) << paper.width << " × " << paper.height << " turned by " << turn * 180;
        }
    }
}

TEST(CutZone, IsTheRectangleLessTheBitesRoundTheMarks) {
    // Whole discs inside: a large inset keeps all five away from the edges and from each other.
    SheetSettings sheet{.printer = {.margins = Edges::all(5)},
                        .cutter = {.reach = Edges::all(3)},
                        .marks = {.inset = 20, .keep_clear = 8}};
    double zone = 0;
    for (const Polygon& polygon : cut_zone(sheet))
        zone += signed_area(polygon);
    const double expected = 200 * 287 - 5 * std::numbers::pi * 64;
    EXPECT_NEAR(zone, expected, 0.01 * 5 * std::numbers::pi * 64);
    for (const Mark& mark : marks(sheet)) {
        EXPECT_FALSE(Regions(cut_zone(sheet)).contains(mark.centre));
        EXPECT_GE(nearest_on(cut_zone(sheet), mark.centre).distance, 8 - 1e-4);
    }
}

TEST(CutZone, MarginsThatMeetLeaveNothing) {
    EXPECT_TRUE(cut_zone({.paper = {100, 100}, .printer = {.margins = Edges::all(50)}}).empty());
    EXPECT_TRUE(Room(Polygons{}).largest_rectangle().empty());
}

TEST(CutZone, HasTheAreaThatGeosGivesTheDifference) {
    for (const SheetSettings& sheet :
         {SheetSettings{}, SheetSettings{.paper = {215.9, 279.4}, .marks = {.kind = MarkKind::crosses, .inset = 11}},
          SheetSettings{.printer = {.margins = {3, 5, 4, 14}}, .cutter = {.reach = {10, 2, 6, 20}}}}) {
        const Edges &m = sheet.printer.margins, &c = sheet.cutter.reach;
        const Rect rect{
            {std::max(m.left, c.left), std::max(m.top, c.top)},
            {sheet.paper.width - std::max(m.right, c.right), sheet.paper.height - std::max(m.bottom, c.bottom)}};
        test::Geos left = test::region_of({corners_of(rect)});
        for (const Mark& mark : marks(sheet)) {
            const test::Geos point(GEOSGeom_createPointFromXY(mark.centre.x, mark.centre.y));
            const test::Geos disc(GEOSBuffer(point.get(), mark.keep_clear, 200));
            left.reset(GEOSDifference(left.get(), disc.get()));
        }
        double zone = 0;
        for (const Polygon& polygon : reachable_zone(sheet))
            zone += signed_area(polygon);
        EXPECT_NEAR(zone, test::area_of(left), 25 * 4) << "scraps in the corners are left out";
        EXPECT_LE(zone, test::area_of(left) + 0.5);
    }
}

TEST(CutZone, OnAMatIsWhatTheMatLeaves) {
    SheetSettings sheet{.printer = {.margins = {}}, .marks = {.kind = MarkKind::none}};
    sheet.cutter = {.reach = Edges::all(10), .has_mat = true, .mat = {304.8, 304.8}, .paper_on_mat = {5, 20}};
    EXPECT_EQ(bounds(cut_zone(sheet)), (Rect{{5, 0}, {210, 274.8}}));
}

TEST(SmallSheets, ShareThePageEquallyAndKeepStickersOffTheirOwnCut) {
    SheetSettings sheet{.division = {2, 3, 6, Division::Cut::through}};
    const std::vector<Rect> sheets = small_sheets(sheet);
    ASSERT_EQ(sheets.size(), 6u);
    EXPECT_NEAR(sheets[1].min.x - sheets[0].max.x, 6, 1e-9);
    EXPECT_NEAR(sheets[2].min.y - sheets[0].max.y, 6, 1e-9);
    double zone = 0;
    for (const Polygon& polygon : cut_zone(sheet))
        zone += signed_area(polygon);
    EXPECT_NEAR(zone, 6 * (sheets[0].width() - 6) * (sheets[0].height() - 6), 1e-3);
}

TEST(Trouble, IsToldWhereNothingCanBeCut) {
    EXPECT_FALSE(trouble_with({}));
    EXPECT_NE(
        trouble_with({.paper = {30, 30}, .marks = {.inset = 40}})->message.english().find("smaller than its marks"),
        std::string::npos);
    EXPECT_TRUE(trouble_with({.paper = {100, 100}, .printer = {.margins = Edges::all(50)}}));
    EXPECT_TRUE(trouble_with({.paper = {60, 40}, .marks = {.keep_clear = 30}}));
    EXPECT_TRUE(trouble_with({.division = {20, 20, 100}}));
}

TEST(Marks, InkIsTheShapeAndKeepClearTheDisc) {
    EXPECT_NEAR(area(ink_of({{50, 50}, 2.5, 8})), pi * 2.5 * 2.5, 0.01);
    EXPECT_NEAR(area(ink_of({{50, 50}, 5, 8, MarkShape::cross, 0.4})), 2 * 10 * 0.4 - 0.16, 1e-9);
    EXPECT_NEAR(area(ink_of({{50, 50}, 3, 8, MarkShape::ring, 1})), pi * (9 - 4), 0.01);
    EXPECT_NEAR(signed_area(keep_clear_area({{50, 50}, 2.5, 8})), pi * 64, 0.3);
}

TEST(Snap, LinesUpWithEdgesMiddlesGapsAndBetweenNeighbours) {
    const std::vector<Rect> others{{{10, 10}, {30, 30}}, {{80, 10}, {100, 30}}};
    const std::vector<Rect> frames{{{0, 0}, {200, 200}}};
    const auto by = [&](Rect box) { return snapped(box, others, frames, 3, 1).by; };
    EXPECT_NEAR(by({{10.6, 60}, {25, 70}}).x, -0.6, 1e-9) << "left edges";
    EXPECT_NEAR(by({{33.7, 15}, {43, 24}}).x, -0.7, 1e-9) << "a gap beside";
    EXPECT_NEAR(by({{50.3, 12}, {60.5, 27}}).x, -0.4, 1e-9) << "in the middle between two";
    EXPECT_NEAR(by({{95.4, 150}, {105.4, 170}}).x, -0.4, 1e-9) << "in the middle of the page";
    EXPECT_EQ(by({{150, 150}, {163, 164}}), (Point{}));
    EXPECT_EQ(snapped({{10.6, 60}, {25, 70}}, others, frames, 3, 1).guides.size(), 1u);
}

TEST(Room, LargestRectangleOfAnLShapeIsFoundWithinACell) {
    // 100 × 40 across the top, 30 × 100 down the left: the largest rectangle is the bar across, 4000 mm².
    const Rect most = Room({{{0, 0}, {0, 100}, {30, 100}, {30, 40}, {100, 40}, {100, 0}}}).largest_rectangle();
    EXPECT_NEAR(most.width(), 100, 0.5);
    EXPECT_NEAR(most.height(), 40, 0.5);
}

TEST(Room, PlacesLieInsideAndAwayFromWhatIsBlocked) {
    Room room({{{10, 10}, {10, 110}, {110, 110}, {110, 10}}});
    EXPECT_EQ(room.first_place({30, 30}), (Point{10, 10}));
    room.block({{10, 10}, {45, 45}});
    EXPECT_EQ(room.first_place({30, 30}), (Point{45, 10}));
    EXPECT_EQ(room.nearest_place({30, 30}, {12, 46}), (Point{12, 46}));
    EXPECT_FALSE(room.first_place({101, 10}));
}

/// What is blocked is summed up late and in part; the answers must be those of a room that was told everything at once.
TEST(Room, AnswersTheSameHoweverItIsToldAndAsked) {
    std::mt19937 random(8);
    std::uniform_real_distribution<double> x(0, 190), y(0, 270), size(1, 30);
    const Polygons zone = cut_zone({});
    Room asked_often(zone);
    std::vector<Rect> blocked;
    for (int i = 0; i < 40; ++i) {
        const Point at{x(random), y(random)};
        blocked.push_back({at, at + Point{size(random), size(random)}});
        asked_often.block(blocked.back());
        Room told_at_once(zone);
        for (auto it = blocked.rbegin(); it != blocked.rend(); ++it)
            told_at_once.block(*it);
        const Size wanted{size(random), size(random)};
        EXPECT_EQ(asked_often.first_place(wanted), told_at_once.first_place(wanted));
        EXPECT_EQ(asked_often.largest_rectangle(), told_at_once.largest_rectangle());
    }
}

} // namespace
} // namespace fusuma
