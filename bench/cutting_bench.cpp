// Planning the cut of 500 stickers with about 100,000 nodes, beside writing the lines to HP-GL as they come; and the
// length of the way between them beside a long 2-opt from many starts on the same points.

#include "bench/ratio.h"
#include "core/cutting/cut_job.h"
#include "core/cutting/route.h"
#include "formats/cut_files/hpgl.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <numbers>
#include <random>

namespace fusuma {
namespace {

/// 500 wobbly outlines of 200 nodes on a page, the blade's offset made up for.
std::vector<CutPath> stickers() {
    std::vector<CutPath> paths;
    std::mt19937 numbers(4);
    for (std::size_t i = 0; i < 500; ++i) {
        const Point c{12 + 8.2 * static_cast<double>(i % 22) + static_cast<double>(numbers() % 100) / 100,
                      12 + 11.5 * static_cast<double>(i / 22)};
        Polygon line;
        for (int k = 0; k < 200; ++k) {
            const double a = -2 * std::numbers::pi * k / 200;
            const double r = 3 + 0.4 * std::cos(5 * a + static_cast<double>(i)) + 0.15 * std::sin(13 * a);
            line.push_back(c + r * Point{std::cos(a), std::sin(a)});
        }
        paths.push_back({contour_of(line), CutKind::kiss, CopyId{static_cast<int>(i) + 1}});
    }
    return paths;
}

const CutSetup setup{.material = {.blade_offset = 0.25, .overcut = 0.5}, .home = {0, 297}};

void plan(benchmark::State& state) {
    const auto paths = stickers();
    for (auto _ : state)
        benchmark::DoNotOptimize(cut_job(paths, setup));
}

void write_as_they_come(benchmark::State& state) {
    const auto paths = stickers();
    for (auto _ : state) {
        CutJob job;
        for (const CutPath& path : paths) {
            auto points = flatten_line(path.line, 0.005);
            job.runs.push_back({points, points, path.kind, path.copy});
        }
        benchmark::DoNotOptimize(cut_hpgl(job, {}, plain_machine({210, 297})));
    }
}

BENCHMARK(plan)->Unit(benchmark::kMillisecond);
BENCHMARK(write_as_they_come)->Unit(benchmark::kMillisecond);

/// Plain 2-opt until nothing improves, from `starts` random orders: long, and hardly to be beaten by much.
double long_two_opt(const std::vector<Stop>& stops, Point home, int starts) {
    std::mt19937 numbers(1);
    double best = HUGE_VAL;
    for (int s = 0; s < starts; ++s) {
        std::vector<Point> way{home};
        for (const Stop& stop : stops)
            way.push_back(stop.in);
        std::shuffle(way.begin() + 1, way.end(), numbers);
        for (bool better = true; better;) {
            better = false;
            for (std::size_t i = 1; i + 1 < way.size(); ++i)
                for (std::size_t k = i + 1; k < way.size(); ++k) {
                    const double before =
                        distance(way[i - 1], way[i]) + (k + 1 < way.size() ? distance(way[k], way[k + 1]) : 0);
                    const double after =
                        distance(way[i - 1], way[k]) + (k + 1 < way.size() ? distance(way[i], way[k + 1]) : 0);
                    if (after < before - 1e-9) {
                        std::reverse(way.begin() + static_cast<std::ptrdiff_t>(i),
                                     way.begin() + static_cast<std::ptrdiff_t>(k) + 1);
                        better = true;
                    }
                }
        }
        double length = 0;
        for (std::size_t i = 1; i < way.size(); ++i)
            length += distance(way[i - 1], way[i]);
        best = std::min(best, length);
    }
    return best;
}

} // namespace
} // namespace fusuma

int main(int argc, char** argv) {
    using namespace fusuma;
    const int code = bench::run(argc, argv, "cut-plan-over-writing", "plan", "write_as_they_come");
    const CutJob job = cut_job(stickers(), {.home = {0, 297}});
    std::vector<Stop> stops;
    for (const CutRun& run : job.runs)
        stops.push_back({run.tip.front(), run.tip.front()});
    const double reference = long_two_opt(stops, {0, 297}, 3);
    std::printf("travel: %.0f mm, long 2-opt %.0f mm\n", job.travel_mm, reference);
    bench::tell("travel-over-two-opt", job.travel_mm / reference);
    return code;
}
