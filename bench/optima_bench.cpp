// Equal circles in a square, 2 to 30 of them, beside the best packings known: how large the circles may be that filling
// still places all of.
// Source of the distances: Graham & Lubachevsky, Repeated patterns of dense packings of equal disks in a square, The
// Electronic Journal of Combinatorics 3 (1996), R16 (from memory).
//
// usage: bench-optima

#include "bench/figure.h"
#include "core/fill/fill.h"
#include "tests/support/exact_coverage.h"

#include <array>

namespace {

using namespace fusuma;

/// Largest least distance between so many points in the unit square, from 2 on.
constexpr std::array<double, 29> farthest_apart{1.41421, 1.03528, 1.00000, 0.70711, 0.60093, 0.53590, 0.51764, 0.50000,
                                                0.42128, 0.39821, 0.38873, 0.36610, 0.34892, 0.34108, 0.33333, 0.30615,
                                                0.30046, 0.28954, 0.28661, 0.27181, 0.26796, 0.25882, 0.25434, 0.25000,
                                                0.23873, 0.23585, 0.23053, 0.22688, 0.22450};

bool has_room(int count, double radius) {
    constexpr int rounds = 400;
    FillTask task{.zone = {corners_of({{0, 0}, {200, 200}})}, .gap = 0, .rounds = rounds};
    task.items = {{.outline = {test::ellipse({0, 0}, radius, radius, 0, 180)}, .wanted = count}};
    return fill(task).copies.size() == static_cast<std::size_t>(count);
}

} // namespace

int main() {
    double sum = 0;
    for (std::size_t i = 0; i < farthest_apart.size(); ++i) {
        const int count = static_cast<int>(i) + 2;
        const double best = 200 * farthest_apart[i] / (2 * (1 + farthest_apart[i]));
        double fits = 0.7 * best, too_large = best * 1.001;
        while (too_large - fits > 0.001 * best) {
            const double middle = (fits + too_large) / 2;
            (has_room(count, middle) ? fits : too_large) = middle;
        }
        std::printf("%2d circles: radius %.2f mm of %.2f mm in 200 mm, %.1f %%\n", count, fits, best,
                    100 * fits / best);
        sum += best / fits;
    }
    bench::tell("best-known-circles-over-fill", sum / static_cast<double>(farthest_apart.size()));
    return 0;
}
