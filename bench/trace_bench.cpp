// Coverage to fitted curves, beside potrace on the same picture thresholded.

#include "bench/drawn_page.h"
#include "bench/ratio.h"
#include "core/trace/trace.h"
#include "tests/support/potraced.h"

#include <fstream>
#include <string>

namespace {

using namespace fusuma;

void fusuma_trace(benchmark::State& state) {
    bench::drawn_page();
    for (auto _ : state)
        benchmark::DoNotOptimize(trace(bench::drawn_page(), {}));
}
BENCHMARK(fusuma_trace)->Unit(benchmark::kMillisecond);

void potrace_trace(benchmark::State& state) {
    const test::PotraceBitmap bitmap(bench::drawn_page());
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
    const double pixels = static_cast<double>(bench::drawn_page().values.size());
    std::ofstream("/proc/self/clear_refs") << "5"; // sets the peak back to what is in use now
    const double before = memory("VmRSS");
    benchmark::DoNotOptimize(trace(bench::drawn_page(), {}));
    std::printf("peak memory beyond the input = %.2f bytes per pixel\n", (memory("VmHWM") - before) / pixels);
}

} // namespace

int main(int argc, char** argv) {
    print_memory();
    return fusuma::bench::run(argc, argv, "trace-over-potrace", "fusuma_trace", "potrace_trace");
}
