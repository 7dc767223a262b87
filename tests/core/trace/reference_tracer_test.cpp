// Our outlines beside those of libpotrace (the reference library for tracing) on the same pictures: much closer to the
// true edge, with about as many pieces.

#include "core/geometry/measure.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"
#include "tests/support/potraced.h"
#include "tests/support/vector_truth.h"

#include <gtest/gtest.h>

#include <filesystem>

namespace fusuma {
namespace {

using namespace test;

constexpr int known_px = 600;

/// Mean distance to the true edge of points every two pixels along the outline.
double mean_boundary_distance(const Outline& outline, const Polygons& truth) {
    double sum = 0, count = 0;
    for (const Polygon& polygon : flatten(outline, 0.01))
        for (std::size_t i = 0; i < polygon.size(); ++i) {
            const Point from = polygon[i], to = polygon[(i + 1) % polygon.size()];
            const int steps = std::max(1, static_cast<int>(distance(from, to) / 2));
            for (int k = 0; k < steps; ++k, ++count)
                sum += nearest_on(truth, lerp(from, to, static_cast<double>(k) / steps)).distance;
        }
    return sum / count;
}

std::vector<Polygons> pictures() {
    std::vector<Polygons> all{{star({300.3, 299.6}, 5, 260, 110, 0.2)},
                              {star({300.3, 299.6}, 9, 260, 180, 0.5)},
                              {ellipse({300.3, 299.6}, 250, 120, 0.4)},
                              {ellipse({300.3, 299.6}, 220, 220), as_hole(ellipse({280, 290}, 120, 90, 0.7))},
                              {turned_rectangle({300.3, 299.6}, 400, 220, 0.3)},
                              {turned_rectangle({300.3, 299.6}, 420, 30, 0.9)}};
    for (int lobes = 2; lobes <= 7; ++lobes) { // smooth figures with waists and lobes
        Polygon figure;
        for (int k = 0; k < 1500; ++k) {
            const double t = 2 * std::numbers::pi * k / 1500;
            const double r = 190 + 55 * std::sin(lobes * t + 1) + 14 * std::cos((lobes + 3) * t);
            figure.push_back({300.2 + r * std::cos(t), 300.7 - r * std::sin(t)});
        }
        all.push_back({figure});
    }
    return all;
}

TEST(BesidePotrace, KnownShapesAreCloserToTheTruthWithNoMorePieces) {
    double ours = 0, theirs = 0;
    std::size_t our_pieces = 0, their_pieces = 0;
    for (const Polygons& truth : pictures()) {
        const Coverage coverage = exact_coverage(truth, known_px, known_px);
        const Outline mine = trace(coverage, {}).outline, reference = potraced(coverage);
        ours += mean_boundary_distance(mine, truth);
        theirs += mean_boundary_distance(reference, truth);
        our_pieces += node_count(mine);
        their_pieces += node_count(reference);
    }
    RecordProperty("our_mean_px", std::to_string(ours / static_cast<double>(pictures().size())));
    RecordProperty("potrace_mean_px", std::to_string(theirs / static_cast<double>(pictures().size())));
    EXPECT_LE(ours, 0.4 * theirs);
    EXPECT_LE(our_pieces, their_pieces);
}

/// Drawings by other people (see vector_pictures/README.md), rendered by librsvg: the truth is the drawing itself,
/// rendered 16 times finer.
TEST(BesidePotrace, DrawingsAreCloserToTheirVectorsWithNoMorePieces) {
    constexpr int side_px = 400;
    double ours = 0, theirs = 0;
    std::size_t our_pieces = 0, their_pieces = 0, drawings = 0;
    for (const auto& file : std::filesystem::directory_iterator(SOURCE_DIR "/tests/vector_pictures")) {
        if (file.path().extension() != ".svg")
            continue;
        const Coverage coverage = rendered_alpha(file.path(), side_px);
        const VectorTruth truth(file.path(), side_px, 16);
        const Outline mine = trace(coverage, {}).outline, reference = potraced(coverage);
        const double mean = boundary_distance(mine, truth).mean;
        EXPECT_LE(mean, 0.06) << file.path();
        ours += mean;
        theirs += boundary_distance(reference, truth).mean;
        our_pieces += node_count(mine);
        their_pieces += node_count(reference);
        ++drawings;
    }
    EXPECT_EQ(drawings, 11u);
    EXPECT_LE(ours, 0.4 * theirs);
    EXPECT_LE(our_pieces, their_pieces);
}

} // namespace
} // namespace fusuma
