#include "core/geometry/measure.h"
#include "core/geometry/units.h"
#include "core/sheet/paper.h"
#include "core/sheet/room.h"
#include "core/sheet/sheet.h"

#include <gtest/gtest.h>
#include <numbers>

namespace fusuma {
namespace {

TEST(Paper, NamedSizesFollowTheirStandards) {
    EXPECT_EQ(parse_paper("a4"), (Size{210, 297}));         // ISO 216
    EXPECT_EQ(parse_paper("letter"), (Size{215.9, 279.4})); // ANSI/ASME Y14.1: 8.5 × 11 in
}

TEST(Paper, CustomSizesTakeUnits) {
    EXPECT_EQ(parse_paper("120x180"), (Size{120, 180}));
    EXPECT_EQ(parse_paper("4x6in"), (Size{4 * 25.4, 6 * 25.4}));
    EXPECT_EQ(parse_paper("10x15cm"), (Size{100, 150}));
    for (const char* wrong : {"", "x", "a9", "5x5", "10x", "100x-5", "1e9x1e9"})
        EXPECT_FALSE(parse_paper(wrong)) << wrong;
}

TEST(Paper, NamesSayWhichWayUp) {
    EXPECT_EQ(paper_name({210, 297}), "A4, upright");
    EXPECT_EQ(paper_name({279.4, 215.9}), "Letter, sideways");
    EXPECT_EQ(paper_name({100, 150}), "100 × 150 mm");
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
        EXPECT_FALSE(contains(cut_zone(sheet), mark.centre));
        EXPECT_GE(nearest_on(cut_zone(sheet), mark.centre).distance, 8 - 1e-4);
    }
}

TEST(CutZone, MarginsThatMeetLeaveNothing) {
    EXPECT_TRUE(cut_zone({.paper = {100, 100}, .printer = {.margins = Edges::all(50)}}).empty());
    EXPECT_TRUE(Room(Polygons{}).largest_rectangle().empty());
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

} // namespace
} // namespace fusuma
