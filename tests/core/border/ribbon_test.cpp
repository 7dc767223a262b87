#include "core/border/ribbon.h"

#include "core/border/border.h"
#include "core/border/unrolled.h"
#include "core/geometry/edge_grid.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>

#include <random>

namespace fusuma {
namespace {

using namespace test;

TEST(Ribbon, KnowsHowFarTheArtIsAllAlong) {
    const Outline ring{{contour_of(ellipse({0, 0}, 30, 30)), contour_of(as_hole(ellipse({0, 0}, 12, 12)))}};
    const Ribbon ribbon = ribbon_along(border(ring, {.reach = 2}).line, ring, 0.1);
    ASSERT_EQ(ribbon.runs.size(), 2u);
    EXPECT_FALSE(ribbon.runs[0].is_hole);
    EXPECT_TRUE(ribbon.runs[1].is_hole);
    EXPECT_NEAR(ribbon.length, 2 * std::numbers::pi * (32 + 10), 0.1);
    for (const RibbonSample& sample : ribbon.samples) {
        EXPECT_NEAR(sample.art, 2, 0.02); // both curves are flattened to 0.01 mm
        const bool is_outer = norm(sample.at) > 20;
        EXPECT_GT(dot(sample.outward, sample.at) * (is_outer ? 1 : -1), 0); // away from the art, on holes too
    }
    for (const std::size_t i : {std::size_t{0}, std::size_t{700}, ribbon.samples.size() - 1})
        EXPECT_EQ(ribbon.sample_at(ribbon.along(i) + 1e-6), i);
    EXPECT_EQ(ribbon.nearest_to(ribbon.samples[321].at), 321u);
}

TEST(Ribbon, FindsTheNarrowestAndTheWidestPlaceAndCutsIntoArt) {
    // A disc with a cut line that is a circle round another middle: 2 mm of paper on average, off by 3 mm to the left.
    const Outline art{{contour_of(ellipse({0, 0}, 20, 20))}}, line{{contour_of(ellipse({3, 0}, 22, 22))}};
    const Ribbon ribbon = ribbon_along(line, art, 0.05);
    EXPECT_NEAR(ribbon.samples[*ribbon.narrowest].art, -1, 0.01);
    EXPECT_NEAR(ribbon.samples[*ribbon.narrowest].at.x, -19, 0.1);
    EXPECT_NEAR(ribbon.samples[*ribbon.widest].art, 5, 0.01);
    EXPECT_NEAR(ribbon.samples[*ribbon.widest].at.x, 25, 0.1);
    // The cut is in the art where it is nearer than 20 to the middle, and less than 0.5 mm outside it just beside that.
    EXPECT_EQ(stretches_with(ribbon, Flaw::into_art, {.slip = 0.5, .reach = 2}), 1u);
    EXPECT_EQ(stretches_with(ribbon, Flaw::sliver, {.slip = 0.5, .reach = 2}), 2u);
    EXPECT_EQ(stretches_with(ribbon, Flaw::sliver, {.slip = 0.5, .reach = 2, .is_paper_seen = false}), 0u);
    EXPECT_EQ(stretches_with(ribbon, Flaw::into_art, {.slip = 0.5, .reach = -1}), 0u); // it was meant to
    EXPECT_EQ(stretches_with(ribbon, Flaw::sliver, {.slip = 9, .reach = 2}), 1u);
    EXPECT_TRUE(ribbon_along({}, art, 0.1).samples.empty());
    EXPECT_FALSE(ribbon_along(line, Outline{}, 0.1).narrowest);
}

TEST(Ribbon, IsDrawnAsItsPictureHasItPaperBeyondAndNothingAfterItsEnd) {
    // A picture whose pixels say where they are, 10 px/mm from 5 mm left and above; the cut line is a square in it.
    constexpr int side = 300;
    std::vector<std::uint32_t> pixels;
    for (std::uint32_t y = 0; y < side; ++y)
        for (std::uint32_t x = 0; x < side; ++x)
            pixels.push_back((x / 2) << 16 | (y / 2));
    const SeenPixels seen{pixels.data(), side, side, side, {-5, -5}, 10};
    const Polygon square = corners_of({{0, 0}, {20, 20}});
    const Ribbon ribbon = ribbon_along({{contour_of(square)}}, Outline{}, 0.05);
    constexpr std::uint32_t paper = 0xffffffff, untouched = 7;
    constexpr int width = 340, height = 80; // 4 px/mm: 85 mm, 20 mm
    std::vector<std::uint32_t> drawn(width * height, untouched);
    draw_unrolled(ribbon, seen, paper, {drawn.data(), width, height, width, 0, 4});
    for (int x = 0; x < width; ++x) {
        const double along = (x + 0.5) / 4;
        for (int y = 0; y < height; ++y) {
            const std::uint32_t colour = drawn[static_cast<std::size_t>(y * width + x)];
            if (along > ribbon.length) {
                ASSERT_EQ(colour, untouched) << x;
                continue;
            }
            const RibbonSample& sample = ribbon.samples[ribbon.sample_at(along)];
            const Point px = 10 * (sample.at + (height / 2.0 - y - 0.5) / 4 * sample.outward - seen.origin);
            const double inside = std::min({px.x, px.y, side - px.x, side - px.y});
            if (inside < -1) {
                ASSERT_EQ(colour, paper) << x << ", " << y;
            } else if (inside > 1) {
                ASSERT_NEAR(colour >> 16, px.x / 2, 1.5) << x << ", " << y;
                ASSERT_NEAR(colour & 0xffff, px.y / 2, 1.5) << x << ", " << y;
            }
        }
    }
    SeenPixels far = seen; // so that places lie beyond all whole numbers
    far.per_mm = 1e15;
    draw_unrolled(ribbon, far, paper, {drawn.data(), width, height, width, 0, 4});
    EXPECT_EQ(drawn[width / 2], paper);
    draw_unrolled({}, seen, paper, {drawn.data(), width, height, width, 0, 4}); // nothing of nothing
    draw_unrolled(ribbon, {}, paper, {drawn.data(), width, height, width, 0, 4});
    EXPECT_EQ(drawn[0], paper);
}

TEST(EdgeGrid, DistancesAreThoseOfAFullSearch) {
    const Polygons shape{star({10, 10}, 7, 9, 4, 0.1), ellipse({30, 12}, 3, 8)};
    const EdgeGrid grid(shape);
    std::mt19937 random(2);
    std::uniform_real_distribution<double> place(-20, 60);
    for (int i = 0; i < 2000; ++i) {
        const Point p{place(random), place(random)};
        EXPECT_NEAR(grid.distance_to(p, 200), nearest_on(shape, p).distance, 1e-9);
    }
    EXPECT_EQ(grid.distance_to({1000, 1000}, 5), 5);
}

} // namespace
} // namespace fusuma
