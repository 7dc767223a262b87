// Coverage to fitted curves, beside potrace on the same picture thresholded.

#include "bench/ratio.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"

#include <climits>
#include <potracelib.h>

namespace {

using namespace fusuma;

/// A page of 2550 × 3300 (Letter at 300 dpi) with stars, rings and discs all over.
const Coverage& page() {
    static const Coverage coverage = [] {
        Polygons shapes;
        for (int y = 0; y < 22; ++y)
            for (int x = 0; x < 17; ++x) {
                const Point c{75.3 + 150 * x, 75.7 + 150 * y};
                if ((x + y) % 3 == 0) {
                    shapes.push_back(test::star(c, 5 + x % 4, 65, 30, 0.1 * x));
                } else {
                    shapes.push_back(test::ellipse(c, 60, 60.0 - y, 0.2 * x, 300));
                    if ((x + y) % 3 == 1)
                        shapes.push_back(test::as_hole(test::ellipse(c, 30, 25, 0, 200)));
                }
            }
        return test::exact_coverage(shapes, 2550, 3300);
    }();
    return coverage;
}

void fusuma_trace(benchmark::State& state) {
    page();
    for (auto _ : state)
        benchmark::DoNotOptimize(trace(page(), {}));
}
BENCHMARK(fusuma_trace)->Unit(benchmark::kMillisecond);

void potrace_trace(benchmark::State& state) {
    const Coverage& coverage = page();
    constexpr int word_bits = static_cast<int>(sizeof(potrace_word) * CHAR_BIT);
    const int dy = (coverage.width + word_bits - 1) / word_bits;
    std::vector<potrace_word> bits(static_cast<std::size_t>(dy) * static_cast<std::size_t>(coverage.height));
    for (int y = 0; y < coverage.height; ++y)
        for (int x = 0; x < coverage.width; ++x)
            if (coverage.row(y)[x] > 127)
                bits[static_cast<std::size_t>(y * dy + x / word_bits)] |= potrace_word{1}
                                                                          << (word_bits - 1 - x % word_bits);
    potrace_bitmap_t bitmap{coverage.width, coverage.height, dy, bits.data()};
    potrace_param_t* parameters = potrace_param_default();
    for (auto _ : state)
        potrace_state_free(potrace_trace(parameters, &bitmap));
    potrace_param_free(parameters);
}
BENCHMARK(potrace_trace)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "fusuma_trace", "potrace_trace");
}
