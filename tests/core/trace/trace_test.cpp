#include <random>
#include "core/geometry/measure.h"
#include "core/trace/contour.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

using namespace test;

/// A shape whose geometry is known, rendered with exact area coverage.
struct Shape {
    const char* name;
    Polygons truth;
    bool has_corners;
    std::size_t most_nodes;
};

std::ostream& operator<<(std::ostream& out, const Shape& shape) {
    return out << shape.name;
}

class TraceOf : public testing::TestWithParam<Shape> {
  protected:
    static constexpr int side = 900;
};

struct Error {
    double mean = 0, worst = 0;
};

/// Distance from points along the traced curve to the true edge, leaving out the 2.5 px next to corners.
Error position_error(const Polygons& traced, const Shape& shape) {
    Error error;
    double count = 0;
    for (const Polygon& polygon : traced)
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point from = polygon[i], to = polygon[(i + 1) % polygon.size()];
            const int steps = std::max(1, static_cast<int>(distance(from, to)));
            for (int k = 0; k < steps; ++k) {
                const Point p = lerp(from, to, static_cast<double>(k) / steps);
                bool near_corner = false;
                for (const Polygon& t : shape.truth)
                    for (const Point corner : t)
                        near_corner = near_corner || (shape.has_corners && distance(corner, p) < 2.5);
                if (near_corner)
                    continue;
                const double off = nearest_on(shape.truth, p).distance;
                error.mean += off;
                error.worst = std::max(error.worst, off);
                ++count;
            }
        }
    error.mean /= count;
    return error;
}

void expect_nodes_on_corners(const Outline& outline, const Shape& shape) {
    for (const Polygon& polygon : shape.truth)
        for (const Point corner : polygon) {
            double nearest = HUGE_VAL;
            for (const Contour& contour : outline.contours)
                for (const Segment& s : contour.segments)
                    nearest = std::min(nearest, distance(s.end, corner));
            EXPECT_LE(nearest, 0.3) << "corner at " << corner.x << ", " << corner.y;
        }
}

TEST_P(TraceOf, LiesOnTheTrueEdgeWithTrueCornersAndFewNodes) {
    const Shape& shape = GetParam();
    // A tip less than a pixel wide can fall into specks.
    const Outline outline = without_specks(trace(exact_coverage(shape.truth, side, side), {}).outline, 4);
    ASSERT_EQ(outline.contours.size(), shape.truth.size());
    const Error error = position_error(flatten(outline, 0.005), shape);
    EXPECT_LE(error.mean, 0.03);
    EXPECT_LE(error.worst, 0.25);
    double truth = 0;
    for (const Polygon& polygon : shape.truth)
        truth += signed_area(polygon);
    // 0.05 % of the area; for thin shapes 0.005 px along the edge.
    EXPECT_NEAR(area(outline), truth, std::max(0.0005 * truth, 0.005 * length(outline)));
    EXPECT_LE(node_count(outline), shape.most_nodes);
    if (shape.has_corners)
        expect_nodes_on_corners(outline, shape);
}

INSTANTIATE_TEST_SUITE_P(
    Shapes, TraceOf,
    testing::Values(
        Shape{"disc", {ellipse({450.3, 449.7}, 150, 150)}, false, 12},
        Shape{"large disc", {ellipse({450.3, 449.7}, 400, 400)}, false, 16},
        Shape{"small disc", {ellipse({450.3, 449.7}, 30, 30)}, false, 8},
        Shape{"ellipse", {ellipse({450.3, 449.7}, 300, 90, 0.4)}, false, 24},
        Shape{"ring", {ellipse({450.3, 449.7}, 300, 300), as_hole(ellipse({450.3, 449.7}, 140, 140))}, false, 24},
        Shape{"square", {turned_rectangle({450, 450}, 300, 300, 0)}, true, 4},
        Shape{"rectangle between pixels", {turned_rectangle({450.3, 449.6}, 300, 180, 0)}, true, 4},
        Shape{"rectangle turned 6°", {turned_rectangle({450.3, 449.6}, 300, 180, 0.1)}, true, 6},
        Shape{"rectangle turned 20°", {turned_rectangle({450.3, 449.6}, 300, 180, 0.35)}, true, 6},
        Shape{"rectangle turned 45°", {turned_rectangle({450.3, 449.6}, 300, 180, 0.785)}, true, 6},
        Shape{"bar of ten pixels", {turned_rectangle({450.3, 449.6}, 300, 10, 0.35)}, true, 6},
        Shape{"bar of six pixels", {turned_rectangle({450.3, 449.6}, 300, 6, 0.35)}, true, 6},
        Shape{"bar of four pixels turned 45°", {turned_rectangle({450.3, 449.6}, 300, 4, 0.785)}, true, 6},
        Shape{"bar of three pixels", {turned_rectangle({450.3, 449.6}, 300, 3, 1.1)}, true, 6},
        Shape{"pointed star", {star({450.2, 450.6}, 16, 300, 120, 0.2)}, true, 64},
        Shape{"star", {star({450.2, 450.6}, 5, 300, 120, 0.2)}, true, 20},
        Shape{"star of nine", {star({450.2, 450.6}, 9, 300, 200, 0.3)}, true, 36}),
    [](const auto& test) {
        std::string name = test.param.name;
        std::erase_if(name, [](char c) { return !std::isalnum(static_cast<unsigned char>(c)); });
        return name;
    });

TEST(Staircases, EdgesWithoutSoftPixelsComeOutSmoothAndLight) {
    const Polygons disc{ellipse({200.3, 199.7}, 150, 150)}, plate{turned_rectangle({200.3, 199.6}, 240, 150, 0.35)};
    for (const auto& [truth, most_nodes] : {std::pair{disc, 24u}, {plate, 24u}}) {
        Coverage hard = exact_coverage(truth, 400, 400);
        for (std::uint8_t& v : hard.values)
            v = v > 127 ? 255 : 0;
        const Outline outline = trace(hard, {}).outline;
        ASSERT_EQ(outline.contours.size(), 1u);
        EXPECT_LE(node_count(outline), most_nodes);
        EXPECT_NEAR(area(outline) / signed_area(truth[0]), 1, 0.003);
        for (const Polygon& polygon : flatten(outline, 0.05))
            for (const Point p : polygon)
                EXPECT_LT(nearest_on(truth, p).distance, 1.2);
    }
}

TEST(IsoContours, ArtThatTouchesThePictureClosesAlongItsEdge) {
    Coverage full(40, 20);
    std::fill(full.values.begin(), full.values.end(), std::uint8_t{255});
    const Outline outline = trace(full, {}).outline;
    ASSERT_EQ(outline.contours.size(), 1u);
    EXPECT_NEAR(area(outline), 800, 0.8);
    const Rect box = bounds(outline);
    EXPECT_NEAR(box.min.x, 0, 0.01);
    EXPECT_NEAR(box.max.x, 40, 0.01);
}

TEST(IsoContours, NothingAboveTheThresholdGivesNothing) {
    EXPECT_TRUE(iso_contours(Coverage(50, 50), 127.5).empty());
    EXPECT_TRUE(iso_contours(Coverage(0, 0), 127.5).empty());
}

TEST(IsoContours, SaddlesJoinOrPartByTheMeanOfTheirCell) {
    // Two full pixels that touch at a corner: the mean of the cell between them decides.
    for (const auto& [other, contours] : {std::pair{0, 2u}, {120, 1u}}) {
        Coverage c(4, 4);
        c.row(1)[1] = c.row(2)[2] = 255;
        c.row(1)[2] = c.row(2)[1] = static_cast<std::uint8_t>(other);
        EXPECT_EQ(iso_contours(c, 128).size(), contours);
    }
}

TEST(IsoContours, OuterContoursRunCounterClockwiseAndHolesClockwise) {
    const Polygons rings =
        iso_contours(exact_coverage({ellipse({50, 50}, 40, 40), as_hole(ellipse({50, 50}, 20, 20))}, 100, 100), 127.5);
    ASSERT_EQ(rings.size(), 2u);
    EXPECT_GT(signed_area(rings[0]), 0);
    EXPECT_LT(signed_area(rings[1]), 0);
}

TEST(IsoContours, AnotherThresholdMovesASharpEdgeByWhatItsPixelsSee) {
    // Upright, a pixel sees an edge over its width, so a level lies 0.5 - level / 255 beside it. At 45° its share is
    // 0.5 - sqrt(2) d + d² at d outside the edge, from the area of the square's corner beyond it.
    const double tilted = std::numbers::pi / 4;
    for (const double level : {40.0, 90.0, 170.0, 215.0}) {
        const double share = level / 255, less = std::min(share, 1 - share);
        const double at_45 = (std::numbers::sqrt2 / 2 - std::sqrt(less)) * (share < 0.5 ? 1 : -1);
        for (const auto& [turn, beside] : {std::pair{0.0, 0.5 - share}, {tilted, at_45}}) {
            const Outline outline = trace(exact_coverage({turned_rectangle({150.3, 149.6}, 160, 120, turn)}, 300, 300),
                                          {.threshold = level})
                                        .outline;
            ASSERT_EQ(outline.contours.size(), 1u);
            EXPECT_NEAR(area(outline), (160 + 2 * beside) * (120 + 2 * beside), 3) << level << " turned by " << turn;
            EXPECT_LE(node_count(outline), 8u);
        }
    }
}

TEST(IsoContours, AHigherThresholdShrinksSoftEdges) {
    Coverage ramp(64, 64); // a cone: coverage falls by 6 a pixel from the middle
    for (int y = 0; y < 64; ++y)
        for (int x = 0; x < 64; ++x)
            ramp.row(y)[x] = static_cast<std::uint8_t>(
                std::lround(std::clamp(255 - 8 * std::hypot(x - 31.5, y - 31.5), 0.0, 255.0)));
    for (const double level : {64.0, 128.0, 200.0}) {
        const double radius = (255 - level) / 8;
        const Outline shape = trace(ramp, {.threshold = level}).outline;
        EXPECT_NEAR(area(shape), std::numbers::pi * radius * radius, 8) << level;
    }
}

TEST(Trace, ContoursBeyondTheLimitAreCountedAndTheLargestStay) {
    Coverage noise(800, 800); // every second pixel of every second row
    for (int y = 0; y < 400; y += 2)
        for (int x = 0; x < 800; x += 2)
            noise.row(y)[x] = 255;
    for (int y = 500; y < 700; ++y)
        std::fill_n(noise.row(y) + 100, 600, std::uint8_t{255});
    const Tracing tracing = trace(noise, {});
    EXPECT_EQ(tracing.left_out, 80001 - most_contours);
    EXPECT_LE(tracing.outline.contours.size(), most_contours);
    EXPECT_NEAR(bounds(tracing.outline).max.y, 700, 0.6) << "the large one is found last and kept";
}

TEST(Trace, GrainIsLookedAtCoarser) {
    Coverage grain(800, 600);
    std::uint32_t seed = 1;
    for (std::uint8_t& v : grain.values)
        v = static_cast<std::uint8_t>((seed = seed * 1664525U + 1013904223U) >> 24);
    const Tracing tracing = trace(grain, {});
    EXPECT_GT(tracing.coarsened, 1);
    EXPECT_GT(tracing.left_out, 0u);
    EXPECT_LT(node_count(tracing.outline), most_grain + 1);
    EXPECT_NEAR(bounds(tracing.outline).max.x, 800, 12) << "at its own size";
}

TEST(Trace, StopsWhenAsked) {
    std::stop_source stop;
    stop.request_stop();
    EXPECT_THROW((void)trace(exact_coverage({ellipse({300, 300}, 250, 250)}, 600, 600), {}, {stop.get_token()}),
                 Stopped);
}

TEST(Trace, SmoothingEvensOutAWobbleAndKeepsTheCorners) {
    Polygon wobbly; // a square whose sides swing by 0.8 px every 12 px
    for (const auto& [from, to] : {std::pair{Point{50, 50}, Point{50, 350}},
                                   {Point{50, 350}, Point{350, 350}},
                                   {Point{350, 350}, Point{350, 50}},
                                   {Point{350, 50}, Point{50, 50}}})
        for (int k = 0; k < 300; ++k) {
            const Point across = unit(Point{-(to - from).y, (to - from).x});
            const double fade = std::min({1.0, k / 20.0, (300 - k) / 20.0});
            wobbly.push_back(lerp(from, to, k / 300.0) +
                             (0.8 * fade * std::sin(k / 12.0 * 2 * std::numbers::pi)) * across);
        }
    const Coverage coverage = exact_coverage({wobbly}, 400, 400);
    const Outline raw = trace(coverage, {}).outline, even = trace(coverage, {.smoothing_px = 24}).outline;
    EXPECT_LE(3 * node_count(even), node_count(raw));
    EXPECT_NEAR(area(even), 90000, 90);
    for (const Point corner : {Point{50, 50}, Point{50, 350}, Point{350, 350}, Point{350, 50}}) {
        double nearest = HUGE_VAL;
        for (const Segment& s : even.contours[0].segments)
            nearest = std::min(nearest, distance(s.end, corner));
        EXPECT_LT(nearest, 1.6);
    }
}

TEST(Specks, SmallContoursAreLeftOutAndLargeOnesKept) {
    const Outline outline =
        trace(exact_coverage({ellipse({100, 100}, 60, 60), ellipse({20, 20}, 2, 2)}, 200, 200), {}).outline;
    ASSERT_EQ(outline.contours.size(), 2u);
    EXPECT_EQ(without_specks(outline, 20).contours.size(), 1u);
    EXPECT_EQ(without_specks(outline, 10).contours.size(), 2u);
}

/// More contours than are kept, fitted by several threads while the smallest are left out.
TEST(TraceOfNoise, IsTheSameEveryTime) {
    Coverage noise(700, 700);
    std::mt19937 random(7);
    for (auto& value : noise.values)
        value = static_cast<std::uint8_t>(random());
    const Tracing first = trace(noise, {});
    EXPECT_GT(first.left_out, 0u);
    const Tracing other = trace(noise, {});
    EXPECT_EQ(other.outline, first.outline);
    EXPECT_EQ(other.left_out, first.left_out);
}

/// A preview shows how coarse the outline was asked to be.
TEST(SketchOfACircle, FollowsTheDetailThatIsAskedFor) {
    const Coverage disc = exact_coverage({ellipse({100, 100}, 90, 90)}, 200, 200);
    const auto nodes = [&](double detail) { return sketch(disc, {.detail_px = detail}).outline.contours[0].segments.size(); };
    EXPECT_LT(nodes(6), nodes(0.1) / 2);
}

} // namespace
} // namespace fusuma
