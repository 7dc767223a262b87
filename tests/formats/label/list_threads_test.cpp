// A list of labels set by several threads at once, as previews, results and preflight do.

#include "core/arrange/label_list.h"
#include "formats/fonts/fonts.h"

#include <gtest/gtest.h>
#include <thread>

namespace fusuma {
namespace {

TEST(Threads, LabelsOfAListInOneSizeAreAlikeForAllOfThem) {
    LabelDesign design;
    design.texts[0].words = "{name}";
    design.texts[0].fits_room = true;
    design.texts[0].font = {"Quicksand", false, false, find_font("Quicksand", false, false)};
    auto table = std::make_shared<Table>();
    table->columns = {"name"};
    for (std::size_t i = 0; i < 40; ++i)
        table->rows.push_back({"Relish " + std::string(i % 9, 'x') + std::to_string(i)});
    design.table = table;
    design.in_one_size = true;
    const auto shared = std::make_shared<const LabelDesign>(design);
    const double alone = set_label(design, 0).texts[0].size;
    Document d = with_sticker_added({}, new_sticker(LabelArtwork{shared, 0}));
    for (std::size_t row = 0; row < 12; ++row)
        d.put({.sticker = 1, .centre = {40 + 50 * static_cast<double>(row % 3), 60 + 50 * static_cast<double>(row / 3)},
               .row = row});
    Planner planner;
    std::vector<std::jthread> threads;
    for (int i = 0; i < 3; ++i)
        threads.emplace_back([&, i] {
            if (i == 0) {
                EXPECT_TRUE(troubles_of(*shared).empty());
            }
            if (i == 1) {
                EXPECT_EQ(planner.plan(d)->copies.size(), 12u);
            }
            for (std::size_t row = 0; row < 40; ++row)
                EXPECT_EQ(set_label(*shared, row).texts[0].size, alone) << row;
        });
}

} // namespace
} // namespace fusuma
