// What filling is made of: distance fields, lattices, the page, boxes in a grid, and remembered facts.

#include "core/steps/recent.h"
#include "core/fill/lattice.h"
#include "core/geometry/box_grid.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <random>

namespace fusuma {
namespace {

using namespace test;

constexpr double sight = 12; // mm, farther than what is needed here

const std::vector<Polygons>& shapes() {
    static const std::vector<Polygons> all{{star({3, -2}, 6, 18, 8, 0.3)},
                                           {turned_rectangle({0, 0}, 30, 8, 0.4)},
                                           {ellipse({0, 0}, 20, 20, 0, 200), as_hole(ellipse({0, 0}, 12, 12, 0, 120))}};
    return all;
}

TEST(DistanceField, IsTheDistanceToTheEdgeWithinHalfACell) {
    std::mt19937 random(1);
    std::uniform_real_distribution<double> place(-28, 28);
    for (const Polygons& shape : shapes()) {
        const DistanceField field(shape, 0.5, 10);
        const Regions inside(shape);
        for (int i = 0; i < 2000; ++i) {
            const Point p{place(random), place(random)};
            const double exact = nearest_on(shape, p).distance * (inside.contains(p) ? -1 : 1);
            if (bounds(shape).grown(10).contains(p))
                EXPECT_NEAR(field.at(p), exact, 0.25);
            else
                EXPECT_LE(field.at(p), exact + 0.2) << "far out it never promises more than there is";
        }
    }
}

/// A torn edge of many short pieces, whose nearest changes from node to node; every edge is asked here.
TEST(DistanceField, IsExactAtItsNodesWhateverEdgesAreNear) {
    std::mt19937 random(7);
    std::uniform_real_distribution<double> torn(-0.4, 0.4);
    Polygons shape{ellipse({0, 0}, 9, 7, 0, 700), as_hole(ellipse({2, 1}, 3, 2, 0, 300))};
    for (Polygon& polygon : shape)
        for (Point& p : polygon)
            p = p + Point{torn(random), torn(random)};
    constexpr double cell = 0.2, margin = 4;
    const Point origin = bounds(shape).grown(margin).min;
    for (const double reach : {1.0, 6.0, HUGE_VAL}) {
        const DistanceField field(shape, cell, margin, reach);
        for (int i = 0; i < 1500; ++i) {
            const Point node =
                origin + Point{static_cast<double>(random() % 100), static_cast<double>(random() % 80)} * cell;
            EXPECT_NEAR(std::abs(field.at(node)), std::min(reach, nearest_on(shape, node).distance), 2e-6);
        }
    }
}

TEST(DistanceField, CountsWhatIsFartherThanItsReachAsThatFar) {
    for (const Polygons& shape : shapes())
        for (const double reach : {0.3, 2.0, 7.0}) {
            const DistanceField whole(shape, 0.5, 10), near(shape, 0.5, 10, reach);
            const Rect box = bounds(shape).grown(10);
            for (double y = box.min.y; y < box.max.y - 0.5; y += 0.5)
                for (double x = box.min.x; x < box.max.x - 0.5; x += 0.5)
                    EXPECT_NEAR(near.at({x, y}), std::clamp(whole.at({x, y}), -reach, reach), 1e-5);
        }
}

std::vector<Posture> postures_of(const ReadyItem& piece, const std::vector<double>& turns) {
    std::vector<Posture> postures;
    for (const double turn : turns)
        postures.emplace_back(piece, 0, turn);
    return postures;
}

TEST(Lattice, OfDiscsIsThueHexagons) {
    // The densest lattice of discs has one for every 2√3 r² (Lagrange 1773; Thue 1910), here with half the gap round
    // each.
    const double r = 10, gap = 3;
    const ReadyItem piece({{ellipse({0, 0}, r, r, 0, 160)}}, gap, 0.5, sight);
    const auto postures = postures_of(piece, {0});
    const auto lattices = dense_lattices(postures, {});
    ASSERT_FALSE(lattices.empty());
    const double best = 2 * std::numbers::sqrt3 * std::pow(r + gap / 2, 2);
    EXPECT_GE(lattices.front().mm2_each, best * 0.999);
    EXPECT_LE(lattices.front().mm2_each, best * 1.05);
}

TEST(Lattice, OfTrianglesTurnedHalfRoundTilesThePlane) {
    // Any triangle and its half turn make a parallelogram, which tiles; Kuperberg & Kuperberg 1990 (from memory).
    const Polygon triangle{{-15, 9}, {16, 10}, {2, -17}};
    const ReadyItem piece({{triangle}}, 0.2, 0.3, sight);
    const auto postures = postures_of(piece, {0, std::numbers::pi});
    const auto lattices = dense_lattices(postures, {});
    ASSERT_FALSE(lattices.empty());
    EXPECT_TRUE(lattices.front().is_double);
    const double covered = std::abs(signed_area(triangle)) / lattices.front().mm2_each;
    EXPECT_GT(covered, 0.9);
    EXPECT_LE(covered, 1);
}

TEST(Lattice, KeepsItsGapsEverywhere) {
    for (const Polygons& shape : shapes()) {
        const ReadyItem piece({shape}, 3, 0.5, sight);
        const auto postures = postures_of(piece, {0, std::numbers::pi});
        for (const Lattice& lattice : dense_lattices(postures, {})) {
            const Polygons& first = postures[lattice.first].outline;
            for (int i = -2; i <= 2; ++i)
                for (int k = -1; k <= 1; ++k)
                    for (const bool is_second : {false, true}) {
                        if ((!is_second && i == 0 && k == 0) || (is_second && !lattice.is_double))
                            continue;
                        const Point by = double(i) * lattice.along + double(k) * lattice.across +
                                         (is_second ? lattice.between : Point{});
                        Polygons other = postures[is_second ? lattice.second : lattice.first].outline;
                        for (Polygon& polygon : other)
                            for (Point& p : polygon)
                                p = p + by;
                        EXPECT_GE(closest_approach(first, other).distance, 3 - 0.01);
                    }
        }
    }
}

TEST(FillPage, IsAsBeforeOnceWhatWasPutIsTaken) {
    FillTask task{.zone = {corners_of({{0, 0}, {120, 90}})}};
    task.items = {{.outline = {star({0, 0}, 5, 12, 6, 0)}}};
    FillPage page(task, 0.5);
    const ReadyItem piece(task.items[0], task.gap, 0.5, page.sight());
    const Posture posture(piece, 0, 0.4);
    page.put(posture, {30, 40});
    const auto fits = [&] {
        std::vector<double> all;
        for (double x = 15; x < 105; x += 7)
            for (double y = 15; y < 75; y += 7)
                all.push_back(page.fit(posture, {x, y}, -100).clearance);
        return all;
    };
    const std::vector<double> before = fits();
    page.put(posture, {60, 45});
    EXPECT_NE(fits(), before);
    page.take({1});
    EXPECT_EQ(fits(), before);
    EXPECT_TRUE(page.is_allowed(posture, {75, 40}));
    EXPECT_FALSE(page.is_allowed(posture, {40, 40})) << "too near to the other";
    EXPECT_FALSE(page.is_allowed(posture, {5, 40})) << "over the zone's edge";
}

TEST(BoxGrid, FindsWhatLookingAtEveryBoxFinds) {
    std::mt19937 random(3);
    std::uniform_real_distribution<double> at(0, 200), size(0, 30);
    std::vector<Rect> boxes(300);
    for (std::size_t i = 0; i < boxes.size(); ++i) {
        if (i % 10 == 0)
            continue; // some are empty
        const Point corner{at(random), at(random)};
        boxes[i] = {corner, corner + Point{size(random), size(random)}};
    }
    const BoxGrid grid(boxes);
    for (int i = 0; i < 300; ++i) {
        const Point corner{at(random) - 20, at(random) - 20};
        const Rect place{corner, corner + Point{size(random), size(random)}};
        std::vector<std::size_t> expected;
        for (std::size_t k = 0; k < boxes.size(); ++k)
            if (!boxes[k].empty() && boxes[k].overlaps(place))
                expected.push_back(k);
        EXPECT_EQ(grid.overlapping(place), expected);
    }
    EXPECT_TRUE(BoxGrid({}).overlapping({{0, 0}, {1, 1}}).empty());
}

TEST(Facts, AreRememberedByWhatTheyAreAboutAndForgottenWhenUnused) {
    Facts facts;
    const auto thing = std::make_shared<const int>(1), other = std::make_shared<const int>(1);
    int made = 0;
    const auto ask = [&](const std::shared_ptr<const int>& about) {
        return *facts.get<int>({about}, [&] { return ++made; });
    };
    EXPECT_EQ(ask(thing), 1);
    EXPECT_EQ(ask(thing), 1);
    EXPECT_EQ(ask(other), 2) << "equal is not the same";
    EXPECT_EQ(*facts.get<double>({thing}, [] { return 0.5; }), 0.5) << "another kind of fact";
    for (int round = 0; round < 3; ++round) {
        facts.next_round();
        EXPECT_EQ(ask(thing), 1);
    }
    for (int round = 0; round < 6; ++round)
        facts.next_round();
    EXPECT_EQ(ask(thing), 3);
}

} // namespace
} // namespace fusuma
