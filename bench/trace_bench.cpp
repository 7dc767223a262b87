// Coverage to fitted curves, beside potrace on the same picture thresholded.

#include "bench/ratio.h"
#include "core/trace/trace.h"
#include "tests/support/exact_coverage.h"
#include "tests/support/potraced.h"

#include <fstream>
#include <string>

namespace {

using namespace fusuma;

/// A page of 5100 × 6600 (Letter at 600 dpi) with stars, rings and discs all over.
const Coverage& page() {
    static const Coverage coverage = [] {
        Polygons shapes;
        for (int y = 0; y < 44; ++y)
            for (int x = 0; x < 34; ++x) {
                const Point c{75.3 + 150 * x, 75.7 + 150 * y};
                if ((x + y) % 3 == 0) {
                    shapes.push_back(test::star(c, 5 + x % 4, 65, 30, 0.1 * (x % 17)));
                } else {
                    shapes.push_back(test::ellipse(c, 60, 60.0 - y % 22, 0.2 * x, 300));
                    if ((x + y) % 3 == 1)
                        shapes.push_back(test::as_hole(test::ellipse(c, 30, 25, 0, 200)));
                }
            }
        return test::exact_coverage(shapes, 5100, 6600);
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
    const test::PotraceBitmap bitmap(page());
    potrace_param_t* parameters = potrace_param_default();
    for (auto _ : state)
        potrace_state_free(potrace_trace(parameters, bitmap.get()));
    potrace_param_free(parameters);
}
BENCHMARK(potrace_trace)->Unit(benchmark::kMillisecond);

/// A line of the kernel's account of this process, such as VmRSS or VmHWM, in bytes.
double memory(const std::string& name) {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with(name))
            return 1024 * std::stod(line.substr(name.size() + 1));
    return 0;
}

void print_memory() {
    const double pixels = static_cast<double>(page().values.size());
    std::ofstream("/proc/self/clear_refs") << "5"; // sets the peak back to what is in use now
    const double before = memory("VmRSS");
    benchmark::DoNotOptimize(trace(page(), {}));
    std::printf("peak memory beyond the input = %.2f bytes per pixel\n", (memory("VmHWM") - before) / pixels);
}

} // namespace

int main(int argc, char** argv) {
    print_memory();
    return fusuma::bench::run(argc, argv, "fusuma_trace", "potrace_trace");
}
