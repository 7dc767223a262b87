#include "core/geometry/boolean.h"
#include "core/geometry/edge_grid.h"
#include "core/geometry/measure.h"
#include "core/units.h"
#include "tests/support/exact_coverage.h"
#include <random>

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using std::numbers::pi;

/// A circle of four cubics, counter-clockwise on screen. Its handle length is the usual 4/3 (√2 − 1), which bulges by
/// at most 0.027 % of the radius (handbook value).
Contour circle(Point c, double r) {
    const double h = r * 4.0 / 3.0 * (std::sqrt(2.0) - 1);
    return {{c.x + r, c.y},
            {Segment::cubic_to({c.x + r, c.y - h}, {c.x + h, c.y - r}, {c.x, c.y - r}),
             Segment::cubic_to({c.x - h, c.y - r}, {c.x - r, c.y - h}, {c.x - r, c.y}),
             Segment::cubic_to({c.x - r, c.y + h}, {c.x - h, c.y + r}, {c.x, c.y + r}),
             Segment::cubic_to({c.x + h, c.y + r}, {c.x + r, c.y + h}, {c.x + r, c.y})}};
}

TEST(Measure, CircleHasTheAreaLengthAndBoundsOfACircle) {
    const Contour c = circle({3, -2}, 10);
    EXPECT_NEAR(signed_area(c), pi * 100, pi * 100 * 6e-4);
    EXPECT_NEAR(length(c), 2 * pi * 10, 2 * pi * 10 * 3e-4);
    const Rect box = bounds(c);
    EXPECT_NEAR(box.min.x, -7, 1e-9);
    EXPECT_NEAR(box.max.y, 8, 1e-9);
}

TEST(Measure, AHoleIsNegativeAndTakesAreaAway) {
    const Outline ring{{circle({0, 0}, 10), reversed(circle({0, 0}, 4))}};
    EXPECT_LT(signed_area(ring.contours[1]), 0);
    EXPECT_NEAR(area(ring), pi * (100 - 16), 0.2);
}

TEST(Measure, MirroringKeepsOuterContoursOuter) {
    EXPECT_GT(signed_area(transformed(circle({0, 0}, 5), Transform::scale(-2, 1))), 0);
}

TEST(Measure, FlatteningStaysWithinItsTolerance) {
    for (const double tolerance : {0.5, 0.05, 0.005})
        for (const Point p : flatten(circle({0, 0}, 20), tolerance))
            EXPECT_NEAR(norm(p), 20, 0.0055 + 1e-9); // on the cubic, which is itself within 0.027 % of the circle
    const double exact = signed_area(circle({0, 0}, 20));
    const double flat = signed_area(flatten(circle({0, 0}, 20), 0.05));
    EXPECT_LT(exact - flat, 0.05 * 2 * pi * 20);
    EXPECT_GT(exact - flat, 0);
}

TEST(Measure, ClosestApproachOfTwoDiscsIsTheGapBetweenThem) {
    const Polygons a{test::ellipse({0, 0}, 10, 10)}, b{test::ellipse({25, 0}, 12, 12)};
    EXPECT_NEAR(closest_approach(a, b).distance, 3, 1e-3);
    EXPECT_EQ(closest_approach(a, {test::ellipse({15, 0}, 12, 12)}).distance, 0);
}

TEST(Combine, DiscsOverlapInTheLensOfTheHandbook) {
    // Area of the lens of two discs of radius r at distance d: 2 r² acos(d/2r) − d/2 √(4r² − d²).
    const double r = 10, d = 12;
    const double lens = 2 * r * r * std::acos(d / (2 * r)) - d / 2 * std::sqrt(4 * r * r - d * d);
    const Polygons a{test::ellipse({0, 0}, r, r)}, b{test::ellipse({d, 0}, r, r)};
    const auto total = [](const Polygons& p) {
        double sum = 0;
        for (const Polygon& polygon : p)
            sum += signed_area(polygon);
        return sum;
    };
    EXPECT_NEAR(total(combine(a, b, Combine::overlap_only)), lens, 0.01);
    EXPECT_NEAR(total(combine(a, b, Combine::join)), 2 * pi * r * r - lens, 0.02);
    EXPECT_NEAR(total(combine(a, b, Combine::take_out)), pi * r * r - lens, 0.01);
}

struct LengthCase {
    const char* text;
    Unit bare;
    double mm; ///< negative infinity: not a length
};
constexpr double none = -HUGE_VAL;

class ParseLength : public testing::TestWithParam<LengthCase> {};

TEST_P(ParseLength, ReadsWhatPeopleType) {
    const auto [text, bare, mm] = GetParam();
    const auto read = parse_length(text, bare);
    if (mm == none)
        EXPECT_FALSE(read) << text;
    else
        EXPECT_NEAR(read.value_or(NAN), mm, 1e-9) << text;
}

// 25.4 mm to the inch exactly (international inch, 1959).
INSTANTIATE_TEST_SUITE_P(Lengths, ParseLength,
                         testing::Values(LengthCase{"2", Unit::mm, 2}, LengthCase{"2", Unit::inch, 50.8},
                                         LengthCase{"2mm", Unit::inch, 2}, LengthCase{"1/8in", Unit::mm, 3.175},
                                         LengthCase{"0.125\"", Unit::mm, 3.175}, LengthCase{"3 cm", Unit::mm, 30},
                                         LengthCase{"50/2", Unit::mm, 25}, LengthCase{" 1in + 2mm ", Unit::mm, 27.4},
                                         LengthCase{"1in + 2", Unit::mm, 27.4}, LengthCase{"2,5 mm", Unit::mm, 2.5},
                                         LengthCase{"-(1+2)*3", Unit::mm, -9}, LengthCase{"−1.5mm", Unit::mm, -1.5},
                                         LengthCase{"1 inch", Unit::mm, 25.4}, LengthCase{"10mm/4", Unit::mm, 2.5},
                                         LengthCase{"", Unit::mm, none}, LengthCase{"mm", Unit::mm, none},
                                         LengthCase{"2 apples", Unit::mm, none}, LengthCase{"1/0", Unit::mm, none},
                                         LengthCase{"2mm*3mm", Unit::mm, none}, LengthCase{"((((", Unit::mm, none},
                                         LengthCase{"1..2", Unit::mm, none}));

TEST(FormatLength, ShowsWhatAMakerCanUse) {
    EXPECT_EQ(format_length(2, Unit::mm), "2.0 mm");
    EXPECT_EQ(format_length(3.175, Unit::inch), "0.125 in");
    EXPECT_EQ(format_length(-0.01, Unit::mm), "0.0 mm");
    EXPECT_EQ(format_length(-1.5, Unit::mm), "−1.5 mm");
}

/// Edges lie in the cells that they pass and no others; every answer must be the one of looking at all of them.
TEST(EdgeGrid, AnswersLikeALookAtEveryEdge) {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> place(0, 100);
    for (int round = 0; round < 20; ++round) {
        Polygon slanting; // long edges from one end to the other
        for (int i = 0; i < 40; ++i)
            slanting.push_back({place(random), place(random)});
        const EdgeGrid grid({slanting});
        for (int i = 0; i < 200; ++i) {
            const Point p{place(random) * 1.4 - 20, place(random) * 1.4 - 20};
            const double exact = nearest_on({slanting}, p).distance;
            EXPECT_NEAR(grid.distance_to(p, 1000), exact, 1e-9);
            EXPECT_EQ(grid.is_near(p, 3), exact <= 3);
        }
    }
}

} // namespace
} // namespace fusuma
