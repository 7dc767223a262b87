// A list of 500 labels set and planned from nothing, beside HarfBuzz merely setting each text in one line and drawing
// its letters.

#include "bench/ratio.h"
#include "core/arrange/label_list.h"
#include "formats/fonts/fonts.h"

#include <hb.h>

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

void harfbuzz_sets(benchmark::State& state) {
    hb_blob_t* file = hb_blob_create_from_file(SOURCE_DIR "/formats/fonts/Quicksand-Regular.ttf"); // as the labels'
    hb_face_t* face = hb_face_create(file, 0);
    hb_font_t* font = hb_font_create(face);
    hb_draw_funcs_t* pen = hb_draw_funcs_create(); // that draws nothing
    const LabelDesign label = design();
    for (auto _ : state)
        for (std::size_t row = 0; row < label.rows(); ++row)
            for (const LabelText& text : label.texts) {
                const std::string words = filled_in(text.words, label.table.get(), row, {});
                hb_buffer_t* line = hb_buffer_create();
                hb_buffer_add_utf8(line, words.data(), static_cast<int>(words.size()), 0, -1);
                hb_buffer_guess_segment_properties(line);
                hb_shape(font, line, nullptr, 0);
                unsigned count = 0;
                const hb_glyph_info_t* glyphs = hb_buffer_get_glyph_infos(line, &count);
                for (unsigned i = 0; i < count; ++i)
                    hb_font_get_glyph_shape(font, glyphs[i].codepoint, pen, nullptr);
                hb_buffer_destroy(line);
            }
    hb_draw_funcs_destroy(pen);
    hb_font_destroy(font);
    hb_face_destroy(face);
    hb_blob_destroy(file);
}
BENCHMARK(harfbuzz_sets)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace

int main(int argc, char** argv) {
    return fusuma::bench::run(argc, argv, "list-over-harfbuzz", "list_planned", "harfbuzz_sets");
}
