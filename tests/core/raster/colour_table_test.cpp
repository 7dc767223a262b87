#include "core/raster/colour_table.h"

#include <gmock/gmock.h>
#include <random>
#include <stdexcept>

namespace fusuma {
namespace {

std::uint32_t shown(const ColourTable& table, std::uint32_t pixel) {
    table.apply({&pixel, 1});
    return pixel;
}

/// A table whose nodes are what `of` makes of red, green and blue from 0 to 1.
template <typename Of> ColourTable made_by(Of&& of) {
    std::vector<ColourTable::Value> values = ColourTable().values();
    for (ColourTable::Value& value : values) {
        const std::array<double, 3> out = of(value[0] / 65535.0, value[1] / 65535.0, value[2] / 65535.0);
        for (std::size_t k = 0; k < 3; ++k)
            value[k] = static_cast<std::uint16_t>(out[k] * 65535 + 0.5);
    }
    return ColourTable(values);
}

TEST(ColourTable, OfSrgbLeavesEveryColourAsItIs) {
    const ColourTable same;
    EXPECT_TRUE(same.changes_nothing());
    for (std::uint32_t grey = 0; grey < 256; ++grey)
        for (const std::uint32_t colour : {grey * 0x010101, grey << 16, grey << 8, grey, grey << 16 | (255 - grey)})
            ASSERT_EQ(shown(same, 0xff000000 | colour), 0xff000000 | colour);
}

TEST(ColourTable, BetweenItsNodesIsWhatIsLinearExactly) {
    // Tetrahedra give back any linear map: channels exchanged, mixed, and turned round.
    const ColourTable mixed = made_by([](double r, double g, double b) {
        return std::array{g, 0.25 * r + 0.75 * b, 1 - r};
    });
    EXPECT_FALSE(mixed.changes_nothing());
    std::mt19937 random(5);
    for (int i = 0; i < 20000; ++i) {
        const std::uint32_t pixel = 0xff000000 | (random() & 0xffffff);
        const double r = pixel >> 16 & 255, g = pixel >> 8 & 255, b = pixel & 255;
        const std::uint32_t out = shown(mixed, pixel);
        ASSERT_EQ(out >> 16 & 255, g);
        ASSERT_NEAR(out >> 8 & 255, 0.25 * r + 0.75 * b, 0.51);
        ASSERT_EQ(out & 255, 255 - r);
    }
}

TEST(ColourTable, KeepsOpacityAndChangesTheColourUnderIt) {
    const ColourTable exchanged = made_by([](double r, double g, double b) { return std::array{b, g, r}; });
    for (const std::uint32_t alpha : {1U, 40U, 128U, 254U, 255U}) {
        const std::uint32_t out = shown(exchanged, alpha << 24 | alpha << 16); // full red, multiplied
        EXPECT_EQ(out, alpha << 24 | alpha) << "is full blue";
    }
    EXPECT_EQ(shown(exchanged, 0), 0U);
    EXPECT_EQ(shown(exchanged, 0x00ffffff), 0U) << "what is clear has no colour";
    EXPECT_EQ(shown(exchanged, 0x10ffffff) >> 24, 0x10U) << "nor does what cannot be spoil anything";
    const ColourTable lighter = made_by([](double r, double g, double b) { return std::array{1 - r, 1 - g, 1 - b}; });
    EXPECT_EQ(shown(lighter, 0), 0U) << "clear stays clear";
    EXPECT_EQ(shown(lighter, 0xff000000), 0xffffffffU);
}

TEST(ColourTable, ARowIsItsPixelsOneByOne) {
    const ColourTable bent = made_by([](double r, double g, double b) {
        return std::array{r * r, g * b, 0.5 * b + 0.5 * r * g};
    });
    std::mt19937 random(8);
    std::vector<std::uint32_t> row;
    while (row.size() < 3000)
        row.insert(row.end(), 1 + random() % 5, random() % 3 == 0 ? 0 : 0xff000000 | (random() & 0xffffff));
    std::vector<std::uint32_t> together = row;
    bent.apply(together);
    for (std::size_t i = 0; i < row.size(); ++i)
        ASSERT_EQ(together[i], shown(bent, row[i])) << i;
}

TEST(ColourTable, HasAValueForEachNode) {
    EXPECT_THROW(ColourTable(std::vector<ColourTable::Value>(10)), std::invalid_argument);
    std::vector<ColourTable::Value> values = ColourTable().values();
    values[7777][1] += 256;
    EXPECT_TRUE(ColourTable(values).changes_nothing()) << "less than a step of 255";
    values[7777][1] += 256;
    EXPECT_FALSE(ColourTable(values).changes_nothing());
}

} // namespace
} // namespace fusuma
