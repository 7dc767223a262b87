#include "core/border/border.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>

#include <random>

namespace fusuma {
namespace {

using std::numbers::pi;

Outline line(const Outline& outline, const BorderTask& settings) {
    return border(outline, settings).line;
}

const Outline tilted_square = test::outline_of({test::turned_rectangle({0, 0}, 20, 20, 0.3)});

TEST(Border, RoundOffsetOfConvexShapesFollowsSteinersFormula) {
    // Steiner: area A + P·r + π·r², perimeter P + 2π·r.
    const struct {
        Outline shape;
        double area, perimeter;
    } cases[] = {{tilted_square, 400, 80},
                 {test::outline_of({test::turned_rectangle({5, 5}, 50, 8, 1.1)}), 400, 116},
                 {test::outline_of({test::ellipse({0, 0}, 12, 12)}), pi * 144, 24 * pi},
                 {test::outline_of({{{0, 0}, {15, 26}, {30, 0}}}), 390, 30 + 2 * std::hypot(15, 26)}};
    for (const auto& c : cases)
        for (const double r : {0.5, 2.0, 3.175, 25.4}) {
            const Outline grown_shape = line(c.shape, {.reach = r});
            ASSERT_EQ(grown_shape.contours.size(), 1u);
            const double expected = c.area + c.perimeter * r + pi * r * r;
            EXPECT_NEAR(area(grown_shape), expected, 2.5e-4 * expected) << "r = " << r;
            EXPECT_NEAR(length(grown_shape), c.perimeter + 2 * pi * r, 2e-3 * (c.perimeter + 2 * pi * r));
        }
}

TEST(Border, MitreAndBevelCornersHaveTheirExactAreas) {
    const double r = 2;
    // A mitred square is a larger square; a bevelled one lacks four right triangles with legs r.
    EXPECT_NEAR(area(line(tilted_square, {.reach = r, .corners = Corners::mitre})), 24 * 24, 0.05);
    EXPECT_NEAR(area(line(tilted_square, {.reach = r, .corners = Corners::bevel})), 24 * 24 - 4 * r * r / 2, 0.05);
    EXPECT_EQ(node_count(line(tilted_square, {.reach = r, .corners = Corners::mitre})), 4u);
    EXPECT_EQ(node_count(line(tilted_square, {.reach = r, .corners = Corners::bevel})), 8u);
}

TEST(Border, ShrinkingASquareGivesASmallerSquareWhateverTheCorners) {
    for (const Corners corners : {Corners::round, Corners::mitre, Corners::bevel})
        EXPECT_NEAR(area(line(tilted_square, {.reach = -2, .corners = corners})), 16 * 16, 0.05);
}

TEST(Border, ShrunkToNothingIsEmpty) {
    for (const Corners corners : {Corners::round, Corners::mitre, Corners::bevel})
        EXPECT_TRUE(line(tilted_square, {.reach = -11, .corners = corners}).empty());
}

TEST(Border, EveryPointOfARoundBorderIsTheWidthAway) {
    const Polygons star{test::star({0, 0}, 5, 30, 12, 0.4)};
    const Outline rim = line(test::outline_of(star), {.reach = 3});
    for (const Polygon& polygon : flatten(rim, 0.002))
        for (const Point p : polygon)
            EXPECT_NEAR(nearest_on(star, p).distance, 3, 0.012);
    EXPECT_LT(node_count(rim), 40u);
}

TEST(Border, HolesShrinkAsTheOutsideGrows) {
    const Outline ring = test::outline_of({test::ellipse({0, 0}, 20, 20), test::as_hole(test::ellipse({0, 0}, 8, 8))});
    EXPECT_NEAR(area(line(ring, {.reach = 2})), pi * (22 * 22 - 6 * 6), 0.5);
    EXPECT_NEAR(area(line(ring, {.reach = 2, .corners = Corners::bevel})), pi * (22 * 22 - 6 * 6), 0.5);
}

TEST(Border, HolesCloseAllOrUnderASize) {
    const Outline plate =
        test::outline_of({test::turned_rectangle({0, 0}, 60, 30, 0), test::as_hole(test::ellipse({-15, 0}, 5, 5)),
                          test::as_hole(test::ellipse({15, 0}, 2, 2))});
    const auto contours = [&](BorderTask s) { return line(plate, s).contours.size(); };
    for (const double width : {0.0, 0.5}) {
        EXPECT_EQ(contours({.reach = width, .holes = Holes::keep}), 3u);
        EXPECT_EQ(contours({.reach = width, .holes = Holes::close}), 1u);
        EXPECT_EQ(contours({.reach = width, .holes = Holes::close_small, .close_under = 20}), 2u);
    }
}

TEST(Border, ClosingAHoleTakesTheIslandInItAlong) {
    const Outline target = test::outline_of(
        {test::ellipse({0, 0}, 30, 30), test::as_hole(test::ellipse({0, 0}, 20, 20)), test::ellipse({0, 0}, 8, 8)});
    EXPECT_EQ(line(target, {.reach = 1, .holes = Holes::close}).contours.size(), 1u);
}

TEST(Border, PiecesCloserThanTwiceTheWidthBecomeOne) {
    const Outline pair = test::outline_of({test::ellipse({0, 0}, 10, 10), test::ellipse({23, 0}, 10, 10)});
    EXPECT_EQ(line(pair, {.reach = 1.4}).contours.size(), 2u);
    EXPECT_EQ(line(pair, {.reach = 1.6}).contours.size(), 1u);
}

TEST(Border, NoWidthLeavesTheOutlineUntouched) {
    EXPECT_EQ(line(tilted_square, {.reach = 0}), tilted_square);
}

TEST(Border, RaggedShapesKeepTheirDistance) {
    // A disc with a notch of 0.3 mm for every half a millimetre: grown by 3 mm the notches fold over each other, so it
    // is grown in steps. Every point must still lie 3 mm away from the shape.
    Polygon ragged;
    for (int i = 0; i < 1200; ++i) {
        const double t = 2 * std::numbers::pi * i / 1200, r = i % 2 ? 20 : 20.3;
        ragged.push_back({40 + r * std::cos(t), 40 - r * std::sin(t)});
    }
    const Polygons shape{ragged};
    for (const double width : {3.0, -3.0}) {
        const Outline rim = line({{contour_of(ragged)}}, {.reach = width});
        ASSERT_EQ(rim.contours.size(), 1u);
        for (const Polygon& polygon : flatten(rim, 0.01))
            for (const Point p : polygon)
                EXPECT_NEAR(nearest_on(shape, p).distance, 3, 0.02);
        EXPECT_NEAR(bounds(rim).width() / 2, width > 0 ? 23.3 : 17, 0.02);
    }
}

std::size_t pieces(const Outline& outline) {
    return static_cast<std::size_t>(std::count_if(outline.contours.begin(), outline.contours.end(),
                                                  [](const Contour& c) { return signed_area(c) > 0; }));
}

TEST(Border, JoinedPiecesHaveNoWiderRimElsewhere) {
    const Outline pair = test::outline_of({test::ellipse({0, 0}, 10, 10), test::ellipse({25, 0}, 10, 10)});
    const Outline apart = line(pair, {.reach = 2}), joined = line(pair, {.reach = 2, .join = 1.5});
    ASSERT_EQ(pieces(apart), 2u);
    ASSERT_EQ(joined.contours.size(), 1u);
    const Polygons art = flatten(pair, 0.002);
    for (const Point p : flatten(joined.contours[0], 0.005))
        if (std::abs(p.x - 12.5) > 4) { // away from the bridge the rim is what it was
            EXPECT_NEAR(nearest_on(art, p).distance, 2, 0.015);
        }
    EXPECT_EQ(pieces(line(pair, {.reach = 2, .join = 0.9})), 2u);
    // However small the pieces, closer than the distance means joined.
    const Outline dots = test::outline_of({test::ellipse({0, 0}, 1, 1), test::ellipse({4.9, 0}, 1, 1)});
    EXPECT_EQ(line(dots, {.reach = 0, .join = 3}).contours.size(), 1u);
}

TEST(Border, OneBorderAlwaysHasExactlyOneOuterContour) {
    std::mt19937 random(3);
    std::uniform_real_distribution<double> place(0, 120), size(0.5, 9);
    for (int round = 0; round < 12; ++round) {
        Polygons scattered;
        for (int i = 0; i < 3 + 2 * round; ++i)
            scattered =
                combine(scattered, {test::star({place(random), place(random)}, 5, size(random), 0.4, place(random))},
                        Combine::join);
        for (const double width : {0.0, 1.0})
            EXPECT_EQ(pieces(line(test::outline_of(scattered), {.reach = width, .one_border = true})), 1u) << round;
    }
    // A piece in the hole of another is bridged as well.
    const Outline target = test::outline_of(
        {test::ellipse({0, 0}, 30, 30), test::as_hole(test::ellipse({0, 0}, 20, 20)), test::ellipse({0, 0}, 8, 8)});
    EXPECT_EQ(pieces(line(target, {.reach = 1, .one_border = true})), 1u);
}

TEST(Border, BridgesTakeTheShortestWay) {
    // Three discs in a row, 8 mm between their rims, and 44 mm between the outer two: two short bridges, not a long
    // one.
    const Outline row =
        test::outline_of({test::ellipse({0, 0}, 8, 8), test::ellipse({26, 0}, 8, 8), test::ellipse({52, 0}, 8, 8)});
    const Outline apart = line(row, {.reach = 1}), joined = line(row, {.reach = 1, .one_border = true});
    ASSERT_EQ(joined.contours.size(), 1u);
    EXPECT_LT(area(joined) - area(apart), 2 * 8 * 2 * 2.2); // two bars of 8 by 2 mm, and their necks
    EXPECT_NEAR(bounds(joined).height(), bounds(apart).height(), 0.01);
}

TEST(Border, InletsAreFilledAndTipsCutOffOnRequest) {
    // A plate with a slit 1 mm wide and a spike 1 mm wide.
    const Outline plate = test::outline_of({{{0, 0},
                                             {0, 20},
                                             {14, 20},
                                             {14, 10},
                                             {15, 10},
                                             {15, 20},
                                             {30, 20},
                                             {30, 0},
                                             {8, 0},
                                             {8, -12},
                                             {7, -12},
                                             {7, 0}}});
    const double plain = 30 * 20 - 10 + 12;
    EXPECT_NEAR(area(line(plate, {.reach = 0, .least_gap = 1.5})), plain + 10, 0.5);
    EXPECT_NEAR(area(line(plate, {.reach = 0, .least_tip = 1.5})), plain - 12, 2.5); // its corners become round
    EXPECT_NEAR(area(line(plate, {.reach = 0, .least_gap = 0.8, .least_tip = 0.8})), plain, 1.0);
}

TEST(Border, SingleHolesCloseAndReopenByAPlaceInThem) {
    const Outline plate =
        test::outline_of({test::turned_rectangle({0, 0}, 60, 30, 0), test::as_hole(test::ellipse({-15, 0}, 5, 5)),
                          test::as_hole(test::ellipse({15, 0}, 5, 5))});
    for (const double width : {0.0, 1.0, 3.0}) {
        const Border one = border(plate, {.reach = width, .by_hand = {{{-13, 1}, false}}});
        ASSERT_EQ(one.line.contours.size(), 2u);
        ASSERT_EQ(one.closed_holes.contours.size(), 1u);
        EXPECT_NEAR(bounds(one.closed_holes).centre().x, -15, 0.01);
        // With all closed, one is kept by hand; it is found by its place in the art although the border has eaten it.
        const Border kept = border(plate, {.reach = width, .holes = Holes::close, .by_hand = {{{11.2, 0}, true}}});
        EXPECT_EQ(kept.line.contours.size(), 2u);
        // The last word counts.
        EXPECT_EQ(line(plate, {.reach = width, .by_hand = {{{15, 0}, false}, {{15, 0}, true}}}).contours.size(), 3u);
    }
}

TEST(Border, AMitreLongerThanItsLimitIsCutSquare) {
    const Outline spike = test::outline_of({{{0, 0}, {2, 30}, {4, 0}}});
    const double unlimited = bounds(line(spike, {.reach = 2, .corners = Corners::mitre, .mitre_limit = 20})).max.y;
    EXPECT_NEAR(unlimited, 30 + 2 / std::sin(std::atan2(2, 30)), 0.02); // the mitre's own formula
    EXPECT_LT(bounds(line(spike, {.reach = 2, .corners = Corners::mitre, .mitre_limit = 3})).max.y, 36.1);
}

} // namespace
} // namespace fusuma
