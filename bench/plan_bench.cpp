// Plan and preflight of a page with 500 copies after one of them was moved, beside the whole from nothing. Both know
// the sticker's own result.

#include "bench/ratio.h"
#include "bench/star_sheet.h"
#include "core/preflight/preflight.h"

namespace {

using namespace fusuma;

/// With a coloured border and a bleed, near enough to each other to cut it back.
Document sheet() {
    return bench::star_sheet(7.9, [](Sticker& s) {
        s.rims.border.kind = Fill::Kind::colour;
        s.bleed = {Bleed::Kind::rim, 1};
    });
}

void whole(benchmark::State& state) {
    const Document d = sheet();
    for (auto _ : state) {
        state.PauseTiming();
        Planner evaluator;
        static_cast<void>(evaluator.evaluate(*d.stickers.front()));
        state.ResumeTiming();
        benchmark::DoNotOptimize(preflight(d, evaluator));
    }
}
BENCHMARK(whole)->Unit(benchmark::kMillisecond);

void after_one_move(benchmark::State& state) {
    Document d = sheet();
    Planner evaluator;
    benchmark::DoNotOptimize(preflight(d, evaluator));
    double by = 0.01;
    for (auto _ : state) {
        d.placements[217].centre.x += by;
        by = -1.01 * by;
        benchmark::DoNotOptimize(preflight(d, evaluator));
    }
}
BENCHMARK(after_one_move)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "plan-after-a-move-over-whole", "after_one_move",
                              "whole"); // wanted: at most 0.05
}
