#include "core/border/border.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using std::numbers::pi;

Outline outline_of(const Polygons& polygons) {
    Outline outline;
    for (const Polygon& polygon : polygons)
        outline.contours.push_back(contour_of(polygon));
    return outline;
}

const Outline square = outline_of({test::turned_rectangle({0, 0}, 20, 20, 0.3)});

TEST(Border, RoundOffsetOfConvexShapesFollowsSteinersFormula) {
    // Steiner: area A + P·r + π·r², perimeter P + 2π·r.
    const struct {
        Outline shape;
        double area, perimeter;
    } cases[] = {{square, 400, 80},
                 {outline_of({test::turned_rectangle({5, 5}, 50, 8, 1.1)}), 400, 116},
                 {outline_of({test::ellipse({0, 0}, 12, 12)}), pi * 144, 24 * pi},
                 {outline_of({{{0, 0}, {15, 26}, {30, 0}}}), 390, 30 + 2 * std::hypot(15, 26)}};
    for (const auto& c : cases)
        for (const double r : {0.5, 2.0, 3.175, 25.4}) {
            const Outline grown_shape = border(c.shape, {.width = r});
            ASSERT_EQ(grown_shape.contours.size(), 1u);
            const double expected = c.area + c.perimeter * r + pi * r * r;
            EXPECT_NEAR(area(grown_shape), expected, 2.5e-4 * expected) << "r = " << r;
            EXPECT_NEAR(length(grown_shape), c.perimeter + 2 * pi * r, 2e-3 * (c.perimeter + 2 * pi * r));
        }
}

TEST(Border, MitreAndBevelCornersHaveTheirExactAreas) {
    const double r = 2;
    // A mitred square is a larger square; a bevelled one lacks four right triangles with legs r.
    EXPECT_NEAR(area(border(square, {.width = r, .corners = Corners::mitre})), 24 * 24, 0.05);
    EXPECT_NEAR(area(border(square, {.width = r, .corners = Corners::bevel})), 24 * 24 - 4 * r * r / 2, 0.05);
    EXPECT_EQ(node_count(border(square, {.width = r, .corners = Corners::mitre})), 4u);
    EXPECT_EQ(node_count(border(square, {.width = r, .corners = Corners::bevel})), 8u);
}

TEST(Border, ShrinkingASquareGivesASmallerSquareWhateverTheCorners) {
    for (const Corners corners : {Corners::round, Corners::mitre, Corners::bevel})
        EXPECT_NEAR(area(border(square, {.width = -2, .corners = corners})), 16 * 16, 0.05);
}

TEST(Border, ShrunkToNothingIsEmpty) {
    for (const Corners corners : {Corners::round, Corners::mitre, Corners::bevel})
        EXPECT_TRUE(border(square, {.width = -11, .corners = corners}).empty());
}

TEST(Border, EveryPointOfARoundBorderIsTheWidthAway) {
    const Polygons star{test::star({0, 0}, 5, 30, 12, 0.4)};
    const Outline rim = border(outline_of(star), {.width = 3});
    for (const Polygon& polygon : flatten(rim, 0.002))
        for (const Point p : polygon)
            EXPECT_NEAR(nearest_on(star, p).distance, 3, 0.012);
    EXPECT_LT(node_count(rim), 40u);
}

TEST(Border, HolesShrinkAsTheOutsideGrows) {
    const Outline ring = outline_of({test::ellipse({0, 0}, 20, 20), test::as_hole(test::ellipse({0, 0}, 8, 8))});
    EXPECT_NEAR(area(border(ring, {.width = 2})), pi * (22 * 22 - 6 * 6), 0.5);
    EXPECT_NEAR(area(border(ring, {.width = 2, .corners = Corners::bevel})), pi * (22 * 22 - 6 * 6), 0.5);
}

TEST(Border, HolesCloseAllOrUnderASize) {
    const Outline plate =
        outline_of({test::turned_rectangle({0, 0}, 60, 30, 0), test::as_hole(test::ellipse({-15, 0}, 5, 5)),
                    test::as_hole(test::ellipse({15, 0}, 2, 2))});
    const auto contours = [&](BorderSettings s) { return border(plate, s).contours.size(); };
    for (const double width : {0.0, 0.5}) {
        EXPECT_EQ(contours({.width = width, .holes = Holes::keep}), 3u);
        EXPECT_EQ(contours({.width = width, .holes = Holes::close}), 1u);
        EXPECT_EQ(contours({.width = width, .holes = Holes::close_small, .close_under = 20}), 2u);
    }
}

TEST(Border, ClosingAHoleTakesTheIslandInItAlong) {
    const Outline target = outline_of(
        {test::ellipse({0, 0}, 30, 30), test::as_hole(test::ellipse({0, 0}, 20, 20)), test::ellipse({0, 0}, 8, 8)});
    EXPECT_EQ(border(target, {.width = 1, .holes = Holes::close}).contours.size(), 1u);
}

TEST(Border, PiecesCloserThanTwiceTheWidthBecomeOne) {
    const Outline pair = outline_of({test::ellipse({0, 0}, 10, 10), test::ellipse({23, 0}, 10, 10)});
    EXPECT_EQ(border(pair, {.width = 1.4}).contours.size(), 2u);
    EXPECT_EQ(border(pair, {.width = 1.6}).contours.size(), 1u);
}

TEST(Border, NoWidthLeavesTheOutlineUntouched) {
    EXPECT_EQ(border(square, {.width = 0}), square);
}

TEST(Border, RaggedShapesKeepTheirDistance) {
    // A disc with a notch of 0.3 mm for every half a millimetre: grown by 3 mm the notches fold over each other, so it
    // is grown in steps. Every point must still lie 3 mm away from the shape.
    Polygon ragged;
    for (int i = 0; i < 1200; ++i) {
        const double t = 2 * std::numbers::pi * i / 1200, r = i % 2 ? 20 : 20.3;
        ragged.push_back({40 + r * std::cos(t), 40 - r * std::sin(t)});
    }
    for (const double width : {3.0, -3.0}) {
        const Outline rim = border({{contour_of(ragged)}}, {.width = width});
        ASSERT_EQ(rim.contours.size(), 1u);
        for (const Polygon& polygon : flatten(rim, 0.01))
            for (const Point p : polygon)
                EXPECT_NEAR(nearest_on({ragged}, p).distance, 3, 0.02);
        EXPECT_NEAR(bounds(rim).width() / 2, width > 0 ? 23.3 : 17, 0.02);
    }
}

} // namespace
} // namespace fusuma
