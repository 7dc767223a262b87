#include "core/geometry/measure.h"
#include "core/trace/contour.h"
#include "core/trace/fit.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using namespace test;

Point direction_in(Point from, const Segment& s) {
    return unit(s.kind == Segment::Kind::line ? s.end - from : s.end - s.control2);
}

Point direction_out(Point from, const Segment& s) {
    return unit(s.kind == Segment::Kind::line ? s.end - from : s.control1 - from);
}

/// The turn at every joint, radians.
std::vector<double> kinks(const Contour& contour) {
    std::vector<double> turns;
    Point from = contour.start;
    for (std::size_t i = 0; i < contour.segments.size(); ++i) {
        const Segment& s = contour.segments[i];
        const Segment& next = contour.segments[(i + 1) % contour.segments.size()];
        const Point u = direction_in(from, s), v = direction_out(s.end, next);
        turns.push_back(std::abs(std::atan2(cross(u, v), dot(u, v))));
        from = s.end;
    }
    return turns;
}

bool crosses_itself(const Contour& contour) {
    const Polygon p = flatten(contour, 0.02);
    const auto side = [](Point a, Point b, Point c) { return cross(b - a, c - a); };
    for (std::size_t i = 0; i < p.size(); ++i)
        for (std::size_t k = i + 2; k < p.size() - (i == 0); ++k) {
            const Point a = p[i], b = p[i + 1], c = p[k], d = p[(k + 1) % p.size()];
            if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0)
                return true;
        }
    return false;
}

TEST(Fit, SmoothShapesHaveNoKinks) {
    constexpr double three_degrees = 0.052;
    for (const Polygon& shape : {ellipse({150, 150}, 100, 100), ellipse({150, 150}, 120, 40, 0.5),
                                 ellipse({150, 150}, 20, 12, 1.0), ellipse({150, 150}, 140, 138)}) {
        const Outline outline = trace(exact_coverage({shape}, 300, 300), {}).outline;
        ASSERT_EQ(outline.contours.size(), 1u);
        for (const double turn : kinks(outline.contours[0]))
            EXPECT_LT(turn, three_degrees);
    }
}

TEST(Fit, CornersKeepTheirAngle) {
    const Outline outline = trace(exact_coverage({turned_rectangle({150, 150}, 160, 90, 0.35)}, 300, 300), {}).outline;
    int right_angles = 0;
    for (const double turn : kinks(outline.contours[0]))
        right_angles += std::abs(turn - std::numbers::pi / 2) < 0.02;
    EXPECT_EQ(right_angles, 4);
}

TEST(Fit, NeverCrossesItself) {
    std::vector<Polygon> shapes{star({150, 150}, 5, 140, 55, 0.3), star({150, 150}, 12, 140, 100, 0.1),
                                turned_rectangle({150, 150}, 250, 3, 0.4), ellipse({150, 150}, 130, 6, 0.9)};
    for (int i = 0; i < 12; ++i) { // wobbly blobs with tight waists
        Polygon blob;
        for (int k = 0; k < 400; ++k) {
            const double t = 2 * std::numbers::pi * k / 400;
            const double r = 80 + 40 * std::sin((2 + i % 5) * t + i) + 14 * std::cos((5 + i) * t);
            blob.push_back({150 + r * std::cos(t), 150 - r * std::sin(t)});
        }
        shapes.push_back(blob);
    }
    for (const Polygon& shape : shapes) {
        const Outline outline = trace(exact_coverage({shape}, 300, 300), {}).outline;
        for (const Contour& contour : outline.contours)
            EXPECT_FALSE(crosses_itself(contour)) << "shape " << &shape - shapes.data();
    }
}

TEST(Fit, StaysWithinTheToleranceAskedFor) {
    const Coverage coverage = exact_coverage({ellipse({150, 150}, 120, 70, 0.4)}, 300, 300);
    const Polygons points = iso_contours(coverage, 127.5);
    std::size_t nodes_before = 1000;
    for (const double detail : {0.03, 0.1, 0.4, 1.5}) {
        const Outline outline = trace(coverage, {.detail_px = detail}).outline;
        const Polygons curve = flatten(outline, 0.002);
        for (const Point p : curve[0])
            EXPECT_LE(nearest_on(points, p).distance, detail + 0.03);
        EXPECT_LE(node_count(outline), nodes_before) << "coarser detail never needs more nodes";
        nodes_before = node_count(outline);
    }
}

TEST(Fit, AnExactPolygonOfARoundedSquareGivesFourLinesAndItsArcs) {
    Polygon rounded; // 40 mm square with corners of 5 mm radius, arcs flattened to 24 steps
    for (int corner = 0; corner < 4; ++corner)
        for (int k = 0; k <= 24; ++k) {
            const double t = std::numbers::pi / 2 * (corner + k / 24.0);
            const Point middle{corner == 0 || corner == 3 ? 15.0 : -15.0, corner < 2 ? -15.0 : 15.0};
            rounded.push_back(middle + 5.0 * Point{std::cos(t), -std::sin(t)});
        }
    const Contour contour = fit_exact_polygon(rounded, 0.005);
    double straight = 0;
    for (std::size_t i = 0; i < contour.segments.size(); ++i)
        if (contour.segments[i].kind == Segment::Kind::line)
            straight += distance(i == 0 ? contour.start : contour.segments[i - 1].end, contour.segments[i].end);
    EXPECT_GE(straight, 110) << "of 120 mm; a curve may take the last bit of a line along";
    EXPECT_LE(contour.segments.size(), 16u);
    EXPECT_NEAR(signed_area(contour), 1600 - (4 - std::numbers::pi) * 25, 0.2);
}

TEST(Fit, TinyRunsComeBackAsTheyAre) {
    const Polygon triangle{{0, 0}, {0, 2}, {2, 2}};
    EXPECT_EQ(fit_closed(triangle, {}, {}), contour_of(triangle));
}

TEST(Corners, ARoundEndOfThreePixelsIsNoCorner) {
    for (const double radius : {3.0, 5.0, 8.0, 15.0, 60.0}) {
        const Coverage coverage = exact_coverage({ellipse({100.2, 99.7}, radius, radius)}, 200, 200);
        for (const Polygon& run : iso_contours(coverage, 127.5))
            EXPECT_TRUE(blunted_corners(run, coverage).empty()) << radius;
    }
}

TEST(Corners, ShallowAndSharpOnesAreFoundWhereTheyAre) {
    for (const double opening_deg : {15.0, 25.0, 40.0, 60.0, 90.0, 120.0, 145.0}) {
        const double half = opening_deg / 2 * std::numbers::pi / 180;
        const Point tip{30.4, 150.7};
        const double reach = 110;
        const Polygon wedge{tip, tip + reach * Point{std::cos(half), std::sin(half)},
                            tip + reach * Point{std::cos(half), -std::sin(half)}};
        double nearest = HUGE_VAL;
        const Coverage coverage = exact_coverage({wedge}, 300, 300);
        for (const Polygon& run : iso_contours(coverage, 127.5))
            for (const Corner& corner : blunted_corners(run, coverage))
                nearest = std::min(nearest, distance(corner.position, tip));
        EXPECT_LT(nearest, 0.3) << opening_deg << "°";
    }
}

TEST(Corners, SharpVerticesOfAPolygonAreExact) {
    const auto corners = sharp_vertices(star({0, 0}, 5, 30, 12, 0), 0.5);
    EXPECT_EQ(corners.size(), 10u);
    EXPECT_TRUE(sharp_vertices(ellipse({0, 0}, 20, 20, 0, 60), 0.5).empty());
}

} // namespace
} // namespace fusuma
