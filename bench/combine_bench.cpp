// Only what is visible of a thousand overlapping shapes, beside Clipper's bare union of them.

#include "bench/ratio.h"
#include "core/geometry/combine_curves.h"

#include <benchmark/benchmark.h>
#include <polyclipping/clipper.hpp>

#include <cmath>
#include <random>

namespace {

using namespace fusuma;
namespace clip = ClipperLib;

/// Petals of random size and turn over a page of 200 mm, each covering some thirty others.
std::vector<Outline> shapes(int count) {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> place(0, 200), size(6, 14), turn(0, 6.28);
    std::vector<Outline> all;
    for (int i = 0; i < count; ++i) {
        const double r = size(random), k = 0.55 * r;
        const Outline petal{
            {{{r, 0},
              {Segment::cubic_to({r, -k}, {k, -r}, {0, -0.6 * r}), Segment::cubic_to({-k, -r}, {-r, -k}, {-r, 0}),
               Segment::cubic_to({-r, k}, {-k, r}, {0, 0.7 * r}), Segment::cubic_to({k, r}, {r, k}, {r, 0})}}}};
        all.push_back(
            transformed(petal, Transform::turn(turn(random)).then(Transform::shift({place(random), place(random)}))));
    }
    return all;
}

const std::vector<Outline>& thousand() {
    static const std::vector<Outline> all = shapes(1000);
    return all;
}

void clipper_union(benchmark::State& state) {
    clip::Paths paths;
    for (const Outline& shape : thousand())
        for (const Polygon& polygon : flatten(shape, region_tolerance)) {
            clip::Path path;
            for (const Point p : polygon)
                path.emplace_back(std::llround(p.x / boolean_step), std::llround(p.y / boolean_step));
            paths.push_back(std::move(path));
        }
    for (auto _ : state) {
        clip::Clipper clipper;
        clipper.AddPaths(paths, clip::ptSubject, true);
        clip::Paths result;
        clipper.Execute(clip::ctUnion, result, clip::pftNonZero, clip::pftNonZero);
        benchmark::DoNotOptimize(result);
    }
}

void only_visible(benchmark::State& state) {
    for (auto _ : state) {
        auto seen = visible_parts(thousand());
        benchmark::DoNotOptimize(seen);
    }
}

} // namespace

BENCHMARK(clipper_union)->Unit(benchmark::kMillisecond);
BENCHMARK(only_visible)->Unit(benchmark::kMillisecond);

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "visible-over-clipper", "only_visible", "clipper_union");
}
