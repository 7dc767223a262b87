// Border of an outline of about 100,000 vertices, beside the clipper's bare offset of the same polygon.

#include "bench/ratio.h"
#include "core/border/border.h"
#include "core/geometry/measure.h"
#include "tests/support/exact_coverage.h"

#include <polyclipping/clipper.hpp>

namespace {

using namespace fusuma;

/// A wavy ring of 100,000 straight edges, 150 mm across.
const Polygon& shape() {
    static const Polygon polygon = [] {
        Polygon p;
        for (int i = 0; i < 100000; ++i) {
            const double t = 2 * std::numbers::pi * i / 100000;
            const double r = 60 + 8 * std::sin(40 * t) + 3 * std::sin(230 * t);
            p.push_back({r * std::cos(t), -r * std::sin(t)});
        }
        return p;
    }();
    return polygon;
}

void fusuma_border(benchmark::State& state) {
    const Outline outline{{contour_of(shape())}};
    for (auto _ : state)
        benchmark::DoNotOptimize(border(outline, {.reach = 2}).line);
}
BENCHMARK(fusuma_border)->Unit(benchmark::kMillisecond);

void clipper_offset(benchmark::State& state) {
    constexpr double units_per_mm = 1e5;
    ClipperLib::Path path;
    for (auto p = shape().rbegin(); p != shape().rend(); ++p)
        path.emplace_back(std::llround(p->x * units_per_mm), std::llround(p->y * units_per_mm));
    for (auto _ : state) {
        ClipperLib::ClipperOffset offset(2, 0.0008 * units_per_mm);
        offset.AddPath(path, ClipperLib::jtRound, ClipperLib::etClosedPolygon);
        ClipperLib::Paths result;
        offset.Execute(result, 2 * units_per_mm);
        benchmark::DoNotOptimize(result);
    }
}
BENCHMARK(clipper_offset)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv) {
    const int code = fusuma::bench::run(argc, argv, "border-over-clipper", "fusuma_border", "clipper_offset");
    // Nodes after fitting beside the vertices of the border as a polygon that strays no farther, 0.02 mm.
    const Polygons art{shape()};
    std::size_t vertices = 0;
    for (const Polygon& polygon : grown(art, {.width = 2, .arc_tolerance = 0.02}))
        vertices += polygon.size();
    const std::size_t nodes = node_count(border({{contour_of(shape())}}, {.reach = 2}).line);
    fusuma::bench::tell("border-nodes-over-vertices", static_cast<double>(nodes) / static_cast<double>(vertices));
    return code;
}
