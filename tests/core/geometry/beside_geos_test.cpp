// Borders beside those of two geometry libraries, GEOS and Boost.Geometry, and morphology beside OpenCV's.

#include "core/border/border.h"
#include "core/geometry/boolean.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"
#include "tests/support/geos.h"

#ifndef __clang__
#pragma GCC diagnostic ignored "-Wmaybe-uninitialized" // misfires inside Boost 1.74's templates
#endif

#include <boost/geometry.hpp>
#include <boost/geometry/geometries/multi_polygon.hpp>
#include <boost/geometry/geometries/point_xy.hpp>
#include <boost/geometry/geometries/polygon.hpp>
#include <opencv2/imgproc.hpp>

#include <gtest/gtest.h>

#include <memory>
#include <random>

namespace fusuma {
namespace {

using namespace test;

/// mm² by which the two differ.
double difference_of(const Polygons& ours, const Geos& reference) {
    return area_of(Geos(GEOSSymDifference(reference.get(), region_of(ours).get())));
}

/// Share of the reference's area by which the two differ.
double difference(const Geos& reference, const Outline& ours) {
    return difference_of(flatten(ours, 0.001), reference) / area_of(reference);
}

const std::vector<Polygons>& shapes() {
    static const std::vector<Polygons> all{
        {star({30, 30}, 6, 28, 11, 0.3)},
        {turned_rectangle({30, 30}, 50, 20, 0.4), as_hole(turned_rectangle({30, 30}, 30, 9, 0.4))},
        {ellipse({30, 30}, 28, 17, 0.5, 240), as_hole(star({30, 30}, 5, 12, 6, 1))},
        {{{0, 0}, {0, 40}, {10, 40}, {10, 12}, {26, 12}, {26, 33}, {40, 33}, {40, 0}}},
        {star({15, 20}, 9, 14, 8, 0), ellipse({44, 20}, 9, 13, 0, 200)}};
    return all;
}

TEST(BesideGeos, HowFarAPointLiesFromTheEdges) {
    std::mt19937 random(4);
    std::uniform_real_distribution<double> place(-20, 80);
    for (const Polygons& shape : shapes()) {
        const Geos edges(GEOSBoundary(region_of(shape).get()));
        for (int i = 0; i < 400; ++i) {
            const Point p{place(random), place(random)};
            auto* at = GEOSCoordSeq_create(1, 2);
            GEOSCoordSeq_setXY(at, 0, p.x, p.y);
            const Geos point(GEOSGeom_createPoint(at));
            double exact = 0;
            GEOSDistance(edges.get(), point.get(), &exact);
            const Nearest nearest = nearest_on(shape, p);
            ASSERT_NEAR(nearest.distance, exact, 1e-9);
            EXPECT_NEAR(distance(nearest.at, p), exact, 1e-9);
            for (const double reach : {exact * 0.999, exact * 1.001, 0.5, 20.0}) {
                EXPECT_EQ(is_nearer(shape, p, reach), exact < reach);
                const double early = nearest_on(shape, p, reach).distance;
                EXPECT_GE(early, nearest.distance);
                if (exact >= reach)
                    EXPECT_EQ(early, nearest.distance);
                else
                    EXPECT_LT(early, reach);
            }
        }
    }
}

TEST(BesideGeos, RoundAndMitredBordersAreTheSameRegions) {
    for (const Polygons& shape : shapes())
        for (const double width : {-2.0, -0.4, 0.7, 2.5, 6.0})
            for (const Corners corners : {Corners::round, Corners::mitre}) {
                const bool is_round = corners == Corners::round;
                const Geos reference(GEOSBufferWithStyle(region_of(shape).get(), width, 200, GEOSBUF_CAP_ROUND,
                                                         is_round ? GEOSBUF_JOIN_ROUND : GEOSBUF_JOIN_MITRE, 10));
                const Outline ours =
                    border(outline_of(shape), {.reach = width, .corners = corners, .mitre_limit = 10}).line;
                EXPECT_LT(difference(reference, ours), 1e-3) << width << (is_round ? " round" : " mitre");
            }
}

TEST(BesideGeos, ABevelIsTheShapeAndABarAlongEveryEdgeAndATriangleAtEveryCorner) {
    // GEOS bevels are not plain ones, so the definition is put together from GEOS's unions.
    const double width = 2;
    for (const Polygons& shape : shapes()) {
        Geos reference = region_of(shape);
        const auto add = [&](Polygon piece) {
            if (signed_area(piece) < 0)
                std::reverse(piece.begin(), piece.end());
            const Geos part = region_of({piece});
            reference.reset(GEOSUnion(reference.get(), part.get()));
        };
        for (const Polygon& polygon : shape)
            for (std::size_t i = 0; i < polygon.size(); ++i) {
                const Point a = polygon[i], b = polygon[(i + 1) % polygon.size()],
                            c = polygon[(i + 2) % polygon.size()];
                const auto side = [&](Point from, Point to) {
                    const Point along = unit(to - from);
                    return width * Point{-along.y, along.x}; // out of a contour that runs counter-clockwise on screen
                };
                add({a, b, b + side(a, b), a + side(a, b)});
                if (cross(b - a, c - b) < 0) // the contour opens outward here
                    add({b, b + side(a, b), b + side(b, c)});
            }
        EXPECT_LT(difference(reference, border(outline_of(shape), {.reach = width, .corners = Corners::bevel}).line),
                  1e-3);
    }
}

TEST(BesideBoost, RoundBordersAreTheSameRegions) {
    namespace bg = boost::geometry;
    using At = bg::model::d2::point_xy<double>;
    using Area = bg::model::polygon<At>;
    for (const Polygons& shape : shapes())
        for (const double width : {0.7, 2.5, 6.0}) {
            bg::model::multi_polygon<Area> region, grown_region;
            for (const Polygon& polygon : shape) {
                if (signed_area(polygon) > 0)
                    region.emplace_back();
                for (const Point p : polygon)
                    if (signed_area(polygon) > 0)
                        bg::append(region.back().outer(), At(p.x, p.y));
                if (signed_area(polygon) < 0) {
                    region.back().inners().emplace_back();
                    for (const Point p : polygon)
                        bg::append(region.back().inners().back(), At(p.x, p.y));
                }
            }
            bg::correct(region);
            bg::buffer(region, grown_region, bg::strategy::buffer::distance_symmetric<double>(width),
                       bg::strategy::buffer::side_straight(), bg::strategy::buffer::join_round(720),
                       bg::strategy::buffer::end_round(720), bg::strategy::buffer::point_circle(720));
            bg::model::multi_polygon<Area> ours, symmetric;
            for (const Polygon& polygon : flatten(border(outline_of(shape), {.reach = width}).line, 0.001)) {
                Area piece;
                for (const Point p : polygon)
                    bg::append(piece.outer(), At(p.x, p.y));
                bg::correct(piece);
                bg::model::multi_polygon<Area> next;
                if (signed_area(polygon) > 0)
                    bg::union_(ours, piece, next);
                else
                    bg::difference(ours, piece, next);
                ours = next;
            }
            bg::sym_difference(ours, grown_region, symmetric);
            EXPECT_LT(bg::area(symmetric), 1e-3 * bg::area(grown_region)) << width;
        }
}

TEST(BesideGeos, RandomPointsOfTheBorderLieTheWidthAway) {
    std::mt19937 random(8);
    int points = 0;
    for (const Polygons& shape : shapes())
        for (const double width : {-0.8, 1.0, 3.175, 25.4}) {
            const Geos edge(GEOSBoundary(region_of(shape).get()));
            const Outline rim = border(outline_of(shape), {.reach = width}).line;
            std::uniform_real_distribution<double> share(0, 1);
            for (int i = 0; i < 500 && !rim.empty(); ++i, ++points) {
                const Contour& contour = rim.contours[static_cast<std::size_t>(
                    share(random) * 0.999 * static_cast<double>(rim.contours.size()))];
                const auto k =
                    static_cast<std::size_t>(share(random) * 0.999 * static_cast<double>(contour.segments.size()));
                const Point from = k == 0 ? contour.start : contour.segments[k - 1].end;
                const Point p = point_on(from, contour.segments[k], share(random));
                const Geos at(GEOSGeom_createPointFromXY(p.x, p.y));
                double far = 0;
                GEOSDistance(edge.get(), at.get(), &far);
                ASSERT_NEAR(far, std::abs(width), 0.02);
            }
        }
    EXPECT_GE(points, 9500);
}

TEST(Border, OffsetsOfOffsetsAddUp) {
    // Growing by a disc twice is growing by both at once.
    for (const Polygons& shape : shapes()) {
        const Outline twice = border(border(outline_of(shape), {.reach = 1.2}).line, {.reach = 1.8}).line;
        EXPECT_LT(difference(region_of(flatten(border(outline_of(shape), {.reach = 3}).line, 0.001)), twice), 1e-3);
    }
}

TEST(BesideOpenCv, ClosingAndOpeningAreTheSame) {
    constexpr double px_per_mm = 20, side = 60;
    const auto drawn = [&](const Polygons& polygons) {
        cv::Mat mask(int(side * px_per_mm), int(side * px_per_mm), CV_8U, cv::Scalar(0));
        Polygons in_px;
        for (const Polygon& polygon : polygons) {
            in_px.emplace_back();
            for (const Point p : polygon)
                in_px.back().push_back({p.x * px_per_mm, p.y * px_per_mm});
        }
        const Coverage coverage = exact_coverage(in_px, mask.cols, mask.rows);
        for (int y = 0; y < mask.rows; ++y)
            for (int x = 0; x < mask.cols; ++x)
                mask.at<std::uint8_t>(y, x) = coverage.row(y)[x] > 127 ? 255 : 0;
        return mask;
    };
    const double across = 3; // mm
    const int size = int(across * px_per_mm) + 1;
    cv::Mat disc(size, size, CV_8U, cv::Scalar(0));
    for (int y = 0; y < size; ++y)
        for (int x = 0; x < size; ++x)
            disc.at<std::uint8_t>(y, x) = std::hypot(x - size / 2, y - size / 2) <= size / 2.0;
    const Polygons shape{
        {{8, 8}, {8, 50}, {24, 50}, {24, 20}, {26, 20}, {26, 50}, {40, 50}, {40, 34}, {54, 33}, {40, 32}, {40, 8}}};
    for (const bool closes : {true, false}) {
        cv::Mat reference;
        cv::morphologyEx(drawn(shape), reference, closes ? cv::MORPH_CLOSE : cv::MORPH_OPEN, disc);
        BorderTask settings{.reach = 0};
        (closes ? settings.least_gap : settings.least_tip) = across;
        const cv::Mat ours = drawn(flatten(border(outline_of(shape), settings).line, 0.002));
        const int different = cv::countNonZero(ours != reference);
        EXPECT_LT(different, 0.003 * cv::countNonZero(reference)) << (closes ? "closing" : "opening");
        EXPECT_GT(cv::countNonZero(drawn(shape) != reference), 4 * different); // it did do something
    }
}

/// Ragged shapes are grown in many small steps, whose errors must not add up beyond what one step may be off: the
/// clipper rounds the number of an arc's pieces down, which makes it 2.25 times the tolerance.
TEST(RaggedShapes, AreGrownWithinTheToleranceOfOneStep) {
    for (const unsigned seed : {1u}) {
        std::mt19937 random(seed);
        std::uniform_real_distribution<double> radius(18, 20);
        Polygon ragged;
        for (int i = 0; i < 900; ++i)
            ragged.push_back(Point{30, 30} +
                             radius(random) * Point{std::sin(i * 2 * M_PI / 900), std::cos(i * 2 * M_PI / 900)});
        for (const double width : {1.0, 4.0}) {
            constexpr double tolerance = 0.02;
            const Polygons ours = grown({ragged}, {.width = width, .arc_tolerance = tolerance});
            const Geos exact(GEOSBuffer(region_of({ragged}).get(), width, 100)); // its arcs are off by 0.0002 mm
            double hausdorff = 0;
            ASSERT_EQ(GEOSHausdorffDistanceDensify(region_of(ours).get(), exact.get(), 0.2, &hausdorff), 1);
            EXPECT_LE(hausdorff, 2.25 * tolerance) << "seed " << seed << ", " << width << " mm";
        }
    }
}

/// A drawing of straight strokes that cross each other.
Polygons strokes(unsigned seed, int count, double thick) {
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> place(0, 50), length(4, 30), turn(0, 3.1);
    Polygons all;
    for (int i = 0; i < count; ++i) {
        const Point centre{place(random), place(random)};
        all = combine(all, {turned_rectangle(centre, length(random), thick, turn(random))}, Combine::join,
                      FillRule::nonzero);
    }
    return all;
}

TEST(Strokes, ThatFoldOverEachOtherAreGrownAndShrunkToTheSameRimsAndNoOthers) {
    // Beside GEOS, a library of its own: every point of either rim lies on the other, so no hole is left over or lost.
    for (const auto& [count, thick] : {std::pair{8, 3.0}, {25, 0.4}}) {
        const Polygons drawing = strokes(1, count, thick);
        for (const double width : {-0.6, -0.1, 0.02, 0.4, 1.1, 2.6, 7.0}) {
            SCOPED_TRACE(testing::Message() << count << " strokes of " << thick << " mm, " << width << " mm");
            constexpr double tolerance = 0.003;
            const Polygons ours = grown(drawing, {.width = width, .arc_tolerance = tolerance});
            const Geos exact(GEOSBuffer(region_of(drawing).get(), width, 200));
            double length = 0, hausdorff = 0;
            ASSERT_EQ(GEOSLength(exact.get(), &length), 1);
            ASSERT_EQ(ours.empty(), length == 0);
            if (ours.empty())
                continue;
            ASSERT_EQ(GEOSHausdorffDistance(region_of(ours).get(), exact.get(), &hausdorff), 1);
            EXPECT_LE(hausdorff, 0.05); // where a hole is about to close, little moves much
            EXPECT_LT(difference_of(ours, exact), tolerance * length);
        }
    }
}

} // namespace
} // namespace fusuma
