#include "core/geometry/crossings.h"

#include "core/geometry/measure.h"

#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

constexpr std::size_t a_million = 1'000'000;

TEST(Crossings, WhatFollowsEachOtherDoesNotCross) {
    EXPECT_EQ(crossings({}, a_million), 0U);
    EXPECT_EQ(crossings({contour_of({{0, 0}, {8, 0}, {8, 8}, {0, 8}})}, a_million), 0U);
    EXPECT_EQ(crossings({contour_of({{0, 0}, {4, 0}, {8, 0}, {8, 8}})}, a_million), 0U)
        << "points along a straight edge";
}

TEST(Crossings, EveryPairIsCountedOnce) {
    EXPECT_EQ(crossings({contour_of({{0, 0}, {8, 8}, {8, 0}, {0, 8}})}, a_million), 1U) << "a bow";
    EXPECT_EQ(
        crossings({contour_of({{0, 0}, {8, 0}, {8, 8}, {0, 8}}), contour_of({{4, 4}, {12, 4}, {12, 12}, {4, 12}})},
                  a_million),
        2U);
    const Contour curve{{0, 0}, {Segment::cubic_to({0, 20}, {10, -20}, {10, 4}), Segment::line_to({0, 0})}};
    EXPECT_GE(crossings({curve}, a_million), 1U) << "a curve across its chord";
}

TEST(Crossings, SquaresOnOneSpotMeetAllTheirLikes) {
    std::vector<Contour> all(10, contour_of({{0, 0}, {8, 0}, {8, 8}, {0, 8}}));
    EXPECT_GE(crossings(all, a_million), 4U * 45);
}

TEST(Crossings, CountingEndsAtTheLimitHoweverManyThereAre) {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> place(0, 100);
    Polygon star;
    for (int i = 0; i < 20'000; ++i)
        star.push_back({place(random), place(random)});
    EXPECT_EQ(crossings({contour_of(star)}, a_million), a_million);
    EXPECT_LT(crossings({contour_of({star.begin(), star.begin() + 500})}, a_million), 125'000U);
}

TEST(Crossings, AsManyAsAPlainLookAtEveryPairFinds) {
    for (unsigned seed = 1; seed < 20; ++seed) {
        std::mt19937 random(seed);
        std::uniform_real_distribution<double> place(0, 100);
        Polygon points;
        for (int i = 0; i < 60; ++i)
            points.push_back({place(random), place(random)});
        std::size_t plain = 0;
        const std::size_t n = points.size();
        const auto side = [](Point a, Point b, Point p) { return cross(b - a, p - a) > 0; };
        for (std::size_t i = 0; i < n; ++i)
            for (std::size_t k = i + 2; k < n - (i == 0 ? 1 : 0); ++k) {
                const Point a = points[i], b = points[(i + 1) % n], c = points[k], d = points[(k + 1) % n];
                plain += side(a, b, c) != side(a, b, d) && side(c, d, a) != side(c, d, b);
            }
        EXPECT_EQ(crossings({contour_of(points)}, a_million), plain) << seed;
    }
}

} // namespace
} // namespace fusuma
