// Our outlines beside those of libpotrace (the reference library for tracing) on the same pictures: much closer to the
// true edge, with about as many pieces.

#include "core/geometry/measure.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"

#include <potracelib.h>

#include <gtest/gtest.h>

#include <climits>

namespace fusuma {
namespace {

using namespace test;

constexpr int side_px = 600;

/// What potrace makes of the coverage thresholded at half, at its default settings.
Outline potraced(const Coverage& coverage) {
    constexpr int word_bits = static_cast<int>(sizeof(potrace_word) * CHAR_BIT);
    const int dy = (coverage.width + word_bits - 1) / word_bits;
    std::vector<potrace_word> bits(static_cast<std::size_t>(dy) * static_cast<std::size_t>(coverage.height));
    for (int y = 0; y < coverage.height; ++y) // potrace counts rows from the bottom
        for (int x = 0; x < coverage.width; ++x)
            if (coverage.row(coverage.height - 1 - y)[x] > 127)
                bits[static_cast<std::size_t>(y * dy + x / word_bits)] |= potrace_word{1}
                                                                          << (word_bits - 1 - x % word_bits);
    potrace_bitmap_t bitmap{coverage.width, coverage.height, dy, bits.data()};
    potrace_param_t* parameters = potrace_param_default();
    potrace_state_t* state = potrace_trace(parameters, &bitmap);
    const auto point = [&](potrace_dpoint_t p) { return Point{p.x, coverage.height - p.y}; };
    Outline outline;
    for (const potrace_path_t* path = state->plist; path; path = path->next) {
        Contour contour{point(path->curve.c[path->curve.n - 1][2]), {}};
        for (int i = 0; i < path->curve.n; ++i) {
            const potrace_dpoint_t* c = path->curve.c[i];
            if (path->curve.tag[i] == POTRACE_CORNER) {
                contour.segments.push_back(Segment::line_to(point(c[1])));
                contour.segments.push_back(Segment::line_to(point(c[2])));
            } else {
                contour.segments.push_back(Segment::cubic_to(point(c[0]), point(c[1]), point(c[2])));
            }
        }
        outline.contours.push_back(std::move(contour));
    }
    potrace_state_free(state);
    potrace_param_free(parameters);
    return outline;
}

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

TEST(BesidePotrace, OutlinesAreCloserToTheTruthWithAboutAsManyPieces) {
    double ours = 0, theirs = 0;
    std::size_t our_pieces = 0, their_pieces = 0;
    for (const Polygons& truth : pictures()) {
        const Coverage coverage = exact_coverage(truth, side_px, side_px);
        const Outline mine = trace(coverage, {}), reference = potraced(coverage);
        ours += mean_boundary_distance(mine, truth);
        theirs += mean_boundary_distance(reference, truth);
        our_pieces += node_count(mine);
        their_pieces += node_count(reference);
    }
    RecordProperty("our_mean_px", std::to_string(ours / static_cast<double>(pictures().size())));
    RecordProperty("potrace_mean_px", std::to_string(theirs / static_cast<double>(pictures().size())));
    EXPECT_LE(ours, 0.4 * theirs);
    EXPECT_LE(static_cast<double>(our_pieces), 1.05 * static_cast<double>(their_pieces));
}

} // namespace
} // namespace fusuma
