#include "core/geometry/edge_grid.h"
#include "core/geometry/measure.h"
#include "core/trace/clean.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>

#include <random>

namespace fusuma {
namespace {

using namespace test;

Polygon box(double x, double y, double w, double h) {
    return {{x, y}, {x, y + h}, {x + w, y + h}, {x + w, y}};
}

/// A plate with a large and a tiny hole, an island in the large one, and a speck beside it.
const Outline pierced_plate = outline_of({box(0, 0, 40, 40), as_hole(box(5, 5, 20, 20)), as_hole(box(32, 32, 0.2, 0.2)),
                                          box(12, 12, 5, 5), box(50, 10, 0.2, 0.2)});

TEST(CleanUp, SpecksAndPinholesHaveTheirOwnLimits) {
    const struct {
        CleanUp settings;
        std::size_t contours;
        double area;
    } cases[] = {{{.specks = 0, .holes = 0}, 5, 1600 - 400 - 0.04 + 25 + 0.04},
                 {{.specks = 0.1, .holes = 0}, 4, 1600 - 400 - 0.04 + 25},
                 {{.specks = 0, .holes = 0.1}, 4, 1600 - 400 + 25 + 0.04},
                 {{.specks = 0, .holes = 500}, 2, 1600 + 0.04}, // the island goes with its hole
                 {{.specks = 0.1, .holes = 0, .outer_only = true}, 1, 1600}};
    for (const auto& c : cases) {
        const Cleaned clean = cleaned(pierced_plate, c.settings);
        EXPECT_EQ(clean.outline.contours.size(), c.contours);
        EXPECT_EQ(clean.dropped.contours.size(), 5 - c.contours) << "what is left out is told";
        EXPECT_NEAR(area(clean.outline), c.area, 1e-9);
    }
}

TEST(Gaps, ABrokenRingClosesAndInnerCornersStaySharp) {
    // A square frame of 2 mm lines with a break of 1 mm in its top side.
    const Polygon frame{{0, 0},  {0, 20},  {20, 20}, {20, 0}, {10.5, 0}, {10.5, 2},
                        {18, 2}, {18, 18}, {2, 18},  {2, 2},  {9.5, 2},  {9.5, 0}};
    const Outline broken = outline_of({frame});
    ASSERT_GT(signed_area(frame), 0);
    EXPECT_EQ(bridged(broken, 0.8).contours.size(), 1u) << "narrower than the break";
    const Outline whole = bridged(broken, 1.5);
    ASSERT_EQ(whole.contours.size(), 2u) << "an outside and an inside";
    EXPECT_NEAR(area(whole), 400 - 256, 0.3) << "only the break was filled, no corner rounded";
    EXPECT_EQ(bridged(pierced_plate, 0.1), pierced_plate) << "nothing to bridge, nothing touched";
}

TEST(Thinnest, IsTheWidthOfKnownShapes) {
    const struct {
        const char* name;
        Polygons shape;
        double width;
    } cases[] = {{"bar", {turned_rectangle({50, 50}, 60, 3, 0.4)}, 3},
                 {"disc", {ellipse({50, 50}, 20, 20)}, 40},
                 {"ring", {ellipse({50, 50}, 20, 20), as_hole(ellipse({51, 50}, 15, 15))}, 4},
                 {"dumbbell",
                  {{{0, 0},
                    {0, 20},
                    {20, 20},
                    {20, 12},
                    {40, 12},
                    {40, 20},
                    {60, 20},
                    {60, 0},
                    {40, 0},
                    {40, 10},
                    {20, 10},
                    {20, 0}}},
                  2}};
    for (const auto& c : cases) {
        const auto thinnest = thinnest_place(outline_of(c.shape));
        ASSERT_TRUE(thinnest) << c.name;
        EXPECT_NEAR(thinnest->width, c.width, 0.02 * c.width) << c.name;
        EXPECT_NEAR(distance(thinnest->from, thinnest->to), thinnest->width, 1e-6);
    }
    EXPECT_FALSE(thinnest_place({}));
}

TEST(EdgeGrid, AnswersAsLookingAtEveryEdgeDoes) {
    const Polygons shapes{star({50, 50}, 7, 40, 15, 0.3), as_hole(ellipse({50, 50}, 8, 8, 0, 60))};
    const EdgeGrid grid(shapes);
    std::mt19937 random(3);
    std::uniform_real_distribution<double> place(-10, 110), turn(0, 2 * std::numbers::pi);
    for (int i = 0; i < 2000; ++i) {
        const Point p{place(random), place(random)};
        EXPECT_EQ(grid.is_near(p, 3), nearest_on(shapes, p).distance <= 3);
        if (!shapes.empty() && p.x > 12 && p.x < 88 && p.y > 12 && p.y < 88) {
            const double angle = turn(random);
            const Point direction{std::cos(angle), std::sin(angle)};
            double nearest = HUGE_VAL;
            for (const Polygon& polygon : shapes)
                for (std::size_t k = 0; k < polygon.size(); ++k) {
                    const Point from = polygon[k], side = polygon[(k + 1) % polygon.size()] - from;
                    const double far = cross(from - p, side) / cross(direction, side);
                    const double share = cross(from - p, direction) / cross(direction, side);
                    if (share >= 0 && share <= 1 && far > 1e-9)
                        nearest = std::min(nearest, far);
                }
            const auto hit = grid.first_hit(p, direction, 1e-9, 1000);
            EXPECT_EQ(hit.has_value(), nearest < 1000);
            if (hit) {
                EXPECT_NEAR(hit->distance, nearest, 1e-9);
            }
        }
    }
}

} // namespace
} // namespace fusuma
