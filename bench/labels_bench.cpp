// A list of 500 labels set and planned from nothing, beside HarfBuzz merely setting each text in one line.

#include "bench/ratio.h"
#include "core/arrange/label_list.h"
#include "formats/fonts/fonts.h"

namespace {

using namespace fusuma;

LabelDesign design() {
    LabelDesign label;
    label.shape = {.width = 40, .height = 16};
    auto table = std::make_shared<Table>();
    table->columns = {"name", "contents"};
    for (int i = 0; i < 500; ++i)
        table->rows.push_back({"Relish number " + std::to_string(i), "kelp, green apple, ginger"});
    label.table = table;
    label.texts = {LabelText{.words = "{name}"}, LabelText{.words = "{contents}", .size = 2.6}};
    for (LabelText& text : label.texts)
        text.font.font = find_font(text.font.family, false, false);
    return label;
}

void list_planned(benchmark::State& state) {
    const auto shared = std::make_shared<const LabelDesign>(design());
    Document document = with_sticker_added({}, new_sticker(LabelArtwork{shared, 0}));
    Planner first;
    document = place_list(document, first, 1, 1, 0).document;
    for (auto _ : state) {
        Planner evaluator; // nothing remembered
        benchmark::DoNotOptimize(evaluator.plan(document));
    }
}
BENCHMARK(list_planned)->Unit(benchmark::kMillisecond)->UseRealTime();

void harfbuzz_shapes(benchmark::State& state) {
    const LabelDesign label = design();
    for (auto _ : state)
        for (std::size_t row = 0; row < label.rows(); ++row)
            for (const LabelText& text : label.texts)
                benchmark::DoNotOptimize(
                    set_line(*text.font.font, filled_in(text.words, label.table.get(), row, {}), 5));
}
BENCHMARK(harfbuzz_shapes)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "list-over-harfbuzz", "list_planned", "harfbuzz_shapes");
}
