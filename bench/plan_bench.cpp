// Plan and preflight of a page with 500 copies after one of them was moved, beside the whole from nothing. Both know
// the sticker's own result.

#include "bench/ratio.h"
#include "core/preflight/preflight.h"
#include "tests/support/exact_coverage.h"

namespace {

using namespace fusuma;

/// 500 ragged stickers of 7 mm with a coloured border and a bleed, near enough to each other to cut it back.
Document sheet() {
    auto picture = std::make_shared<Picture>();
    const Coverage coverage = test::exact_coverage({test::star({60, 60}, 9, 55, 40, 0)}, 120, 120);
    picture->file_name = "star.png";
    picture->pixels = Image(120, 120);
    picture->original = std::make_shared<const std::vector<std::byte>>();
    for (std::size_t i = 0; i < coverage.values.size(); ++i)
        picture->pixels.rgba[4 * i + 3] = coverage.values[i];
    Sticker s = new_sticker(PictureArtwork{picture});
    s.width = 5.5;
    s.border.width = 0.5;
    s.rims.border.kind = Fill::Kind::colour;
    s.bleed = {Bleed::Kind::rim, 1};
    Document d = with_sticker_added({}, s);
    d.sheet.marks.kind = MarkKind::none;
    d.sheet.gap = 1;
    for (int i = 0; i < 500; ++i)
        d.placements.push_back({.sticker = 1, .centre = {14.0 + 7.9 * (i % 22), 16.0 + 7.9 * (i / 22)}});
    return d;
}

void whole(benchmark::State& state) {
    const Document d = sheet();
    for (auto _ : state) {
        state.PauseTiming();
        Evaluator evaluator;
        static_cast<void>(evaluator.evaluate(*d.stickers.front()));
        state.ResumeTiming();
        benchmark::DoNotOptimize(preflight(d, evaluator));
    }
}
BENCHMARK(whole)->Unit(benchmark::kMillisecond);

void after_one_move(benchmark::State& state) {
    Document d = sheet();
    Evaluator evaluator;
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
    return fusuma::bench::run(argc, argv, "after_one_move", "whole"); // wanted: at most 0.05
}
