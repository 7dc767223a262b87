// Outlines of vector drawings rendered at 600 px beside libpotrace's of the same pictures: how far both lie from the
// drawing itself, rendered 16 times finer, and how many pieces they take.
//
// usage: bench-pictures SVG...

#include "bench/figure.h"
#include "core/geometry/measure.h"
#include "core/trace/trace.h"
#include "tests/support/potraced.h"
#include "tests/support/vector_truth.h"

#include <cstdio>
#include <cstring>

int main(int argc, char** argv) {
    using namespace fusuma;
    constexpr int side_px = 600, finer = 16;
    double ours = 0, theirs = 0;
    std::size_t our_pieces = 0, their_pieces = 0, pictures = 0;
    std::printf(
        "| drawing | mean px | potrace | worst px | potrace | pieces | potrace |\n|---|---|---|---|---|---|---|\n");
    for (int i = 1; i < argc; ++i) {
        const Coverage coverage = test::rendered_alpha(argv[i], side_px);
        if (coverage.values.empty())
            continue;
        const test::VectorTruth truth(argv[i], side_px, finer);
        const Outline outline = trace(coverage, {}).outline, reference = test::potraced(coverage);
        if (truth.empty() || outline.empty() || reference.empty())
            continue;
        const test::BoundaryDistance near = test::boundary_distance(outline, truth);
        const test::BoundaryDistance far = test::boundary_distance(reference, truth);
        const char* name = std::strrchr(argv[i], '/') ? std::strrchr(argv[i], '/') + 1 : argv[i];
        std::printf("| %s | %.3f | %.3f | %.2f | %.2f | %zu | %zu |\n", name, near.mean, far.mean, near.worst,
                    far.worst, node_count(outline), node_count(reference));
        ours += near.mean;
        theirs += far.mean;
        our_pieces += node_count(outline);
        their_pieces += node_count(reference);
        ++pictures;
    }
    if (pictures == 0)
        return 2;
    const double n = static_cast<double>(pictures);
    std::printf("%zu drawings: mean boundary distance %.3f px, of potrace %.3f px; pieces %zu, of potrace %zu\n",
                pictures, ours / n, theirs / n, our_pieces, their_pieces);
    bench::tell("outline-distance-over-potrace", ours / theirs);
    bench::tell("outline-pieces-over-potrace", static_cast<double>(our_pieces) / static_cast<double>(their_pieces));
    return 0;
}
