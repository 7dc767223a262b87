// Regions beside GEOS on shapes drawn by lot: where points lie, areas, and which hole belongs to which piece.

#include "core/geometry/region.h"

#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"
#include "tests/support/geos.h"

#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

/// A star-shaped ring, which crosses nothing.
Polygon ring(std::mt19937& lot, Point centre, double least, double most) {
    std::uniform_real_distribution<double> radius(least, most);
    std::uniform_int_distribution<int> corners(3, 40);
    const int count = corners(lot);
    Polygon polygon;
    for (int i = 0; i < count; ++i) {
        const double a = 2 * std::numbers::pi * i / count;
        polygon.push_back(centre + radius(lot) * Point{std::cos(a), std::sin(a)});
    }
    if (lot() % 2 == 0)
        std::ranges::reverse(polygon);
    return polygon;
}

/// Pieces side by side, each with rings in rings up to five deep, in no order.
Polygons rings_by_lot(std::mt19937& lot) {
    Polygons polygons;
    for (int piece = 0; piece < 4; ++piece) {
        const Point centre{60.0 * piece, 20.0 * static_cast<double>(lot() % 3)};
        double outer = 28;
        for (auto depth = lot() % 5 + 1; depth > 0; --depth, outer *= 0.5)
            polygons.push_back(ring(lot, centre, 0.8 * outer, outer)); // three corners reach in by half at most
    }
    std::ranges::shuffle(polygons, lot);
    return polygons;
}

bool covers(const test::Geos& shape, Point p) {
    GEOSCoordSequence* at = GEOSCoordSeq_create(1, 2);
    GEOSCoordSeq_setXY(at, 0, p.x, p.y);
    const test::Geos point(GEOSGeom_createPoint(at));
    return GEOSContains(shape.get(), point.get()) == 1;
}

/// Do rings of three or four corners cross those inside them? Then the lot is not what the test is about.
bool are_nested(const Polygons& polygons) {
    for (const Polygon& a : polygons)
        for (const Polygon& b : polygons)
            if (&a != &b && closest_approach({a}, {b}).distance == 0)
                return false;
    return true;
}

TEST(Region, CornersThatTheClipperLeavesAStepBeyondAnEdgeOnlyTouchIt) {
    // Left by the clipper of a spiral of thin lines, and left again however often it is asked: the third corner lies
    // 0.01 µm beside the first edge, and so does the fourth.
    const Polygon sliver{{48.03490, 120.63657},
                         {48.31636, 120.91803},
                         {48.31636, 120.91802},
                         {48.07664, 120.67831},
                         {48.26846, 120.72621}};
    const Regions regions(combine({sliver}, {}, Combine::join));
    ASSERT_EQ(regions.pieces().size(), 1u);
    EXPECT_TRUE(is_valid(regions.pieces().front()));
    EXPECT_NEAR(regions.area(), std::abs(signed_area(sliver)), 1e-5);

    // A real crossing is not one of them: a bow of a tenth of a micrometre is taken apart.
    const Polygon bow{{0, 0}, {10, 0.0001}, {10, 0}, {0, 0.0001}};
    EXPECT_EQ(Regions({bow}).pieces().size(), 2u);
}

/// Rings of long thin lines through each other at small angles, the clipper's bad day.
TEST(Region, OfThinLinesThroughEachOtherIsValid) {
    std::mt19937 lot(3);
    std::uniform_real_distribution<double> place(0, 20), turn(-0.02, 0.02), width(0.0001, 0.2);
    for (int round = 0; round < 6; ++round) {
        Polygons lines;
        for (int i = 0; i < 30; ++i)
            lines.push_back(test::turned_rectangle({place(lot), place(lot)}, 30, width(lot),
                                                   (i % 4) * std::numbers::pi / 4 + turn(lot)));
        const Regions regions(lines);
        double sum = 0;
        for (const Region& piece : regions.pieces()) {
            EXPECT_TRUE(is_valid(piece));
            sum += piece.area();
        }
        EXPECT_NEAR(sum, test::area_of(test::region_of(lines)), 2e-3); // of 80, at corners that were rounded
    }
}

TEST(Region, PointsAreasAndPiecesAreAsGeosSays) {
    std::mt19937 lot(20261127);
    std::uniform_real_distribution<double> x(-40, 230), y(-40, 90);
    int tried = 0;
    while (tried < 60) {
        const Polygons polygons = rings_by_lot(lot);
        if (!are_nested(polygons))
            continue;
        ++tried;
        const Regions regions(polygons);
        const test::Geos reference = test::region_of(polygons);
        EXPECT_NEAR(regions.area(), test::area_of(reference), 1e-6);
        EXPECT_EQ(static_cast<int>(regions.pieces().size()), GEOSGetNumGeometries(reference.get()));
        for (const Region& piece : regions.pieces()) {
            EXPECT_TRUE(is_valid(piece));
            EXPECT_TRUE(GEOSCovers(reference.get(), test::region_of(piece.polygons()).get()));
        }
        for (int i = 0; i < 200; ++i) {
            const Point p{x(lot), y(lot)};
            EXPECT_EQ(regions.contains(p), covers(reference, p)) << p.x << ", " << p.y;
        }
    }
}

TEST(Region, LinesThatCrossAreReadByTheEvenOddRule) {
    std::mt19937 lot(7);
    std::uniform_real_distribution<double> place(0, 50);
    for (int round = 0; round < 40; ++round) {
        Polygon tangle;
        for (int i = 0; i < 9; ++i)
            tangle.push_back({place(lot), place(lot)});
        const Regions regions({tangle});
        double sum = 0;
        for (const Region& piece : regions.pieces()) {
            EXPECT_TRUE(is_valid(piece));
            sum += piece.area();
        }
        EXPECT_NEAR(regions.area(), sum, 1e-9);
        int different = 0;
        for (int i = 0; i < 400; ++i) {
            const Point p{place(lot), place(lot)};
            int crossed = 0; // edges to the right of the point, counted one by one
            for (std::size_t k = 0; k < tangle.size(); ++k) {
                const Point a = tangle[k], b = tangle[(k + 1) % tangle.size()];
                crossed += (a.y > p.y) != (b.y > p.y) && p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y);
            }
            different += regions.contains(p) != (crossed % 2 == 1);
        }
        EXPECT_LE(different, 1) << "but for points within the clipper's step of an edge";
    }
}

TEST(Region, PutsItsContoursIntoOneForm) {
    const Polygon outer{{0, 0}, {10, 0}, {10, 10}, {0, 10}}, hole{{4, 4}, {4, 6}, {6, 6}, {6, 4}};
    for (const bool is_turned : {false, true}) {
        Polygon a = outer, b = hole;
        if (is_turned) {
            std::ranges::reverse(a);
            std::ranges::reverse(b);
        }
        const Region region(a, {b});
        EXPECT_GT(signed_area(region.outer()), 0);
        EXPECT_LT(signed_area(region.polygons()[1]), 0);
        EXPECT_DOUBLE_EQ(region.area(), 96);
        EXPECT_TRUE(region.contains({2, 5}));
        EXPECT_FALSE(region.contains({5, 5}));
        EXPECT_FALSE(region.contains({11, 5}));
    }
    EXPECT_TRUE(Regions({{{0, 0}, {5, 5}}, {}, {{1, 1}, {2, 2}, {3, 3}}}).empty()) << "nothing has no inside";
}

TEST(Nesting, TellsTheSmallestRoundAndOpenLinesHoldNothing) {
    const auto square = [](double half) { return Polygon{{-half, -half}, {-half, half}, {half, half}, {half, -half}}; };
    const Polygon open{{-1, 0}, {1, 0}};
    const auto nesting = nesting_of({square(2), square(10), open, square(5)}, {0, 0, 1, 0});
    EXPECT_EQ(nesting[0], 3u);
    EXPECT_EQ(nesting[1], std::nullopt);
    EXPECT_EQ(nesting[2], 0u);
    EXPECT_EQ(nesting[3], 1u);
    EXPECT_EQ(depths_of(nesting), (std::vector{2, 0, 3, 1}));
    EXPECT_EQ(nesting_of({square(10), square(2)}, {1, 0})[1], std::nullopt);
}

} // namespace
} // namespace fusuma
