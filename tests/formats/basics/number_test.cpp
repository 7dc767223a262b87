#include "formats/basics/number.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>
#include <random>

namespace fusuma {
namespace {

/// The same by the C library: as printf of "%.*f" (ISO C 7.21.6.1) without what says nothing.
std::string by_printf(double value, int decimals) {
    char text[400];
    std::snprintf(text, sizeof text, "%.*f", decimals, value);
    std::string all = text;
    while (all.find('.') != std::string::npos && (all.back() == '0' || all.back() == '.'))
        all.pop_back();
    return all == "-0" ? "0" : all;
}

TEST(Number, SaysNothingThatSaysNothing) {
    EXPECT_EQ(number(3, 4), "3");
    EXPECT_EQ(number(100, 0), "100");
    EXPECT_EQ(number(-0.5, 4), "-0.5");
    EXPECT_EQ(number(-0.00001, 4), "0");
    EXPECT_EQ(number(-0.4, 0), "0");
    EXPECT_EQ(number(0.1 + 0.2, 6), "0.3");
    EXPECT_EQ(number(1999.99996, 4), "2000");
}

TEST(Number, AreThoseOfTheCLibrary) {
    std::mt19937 random(7);
    std::string all, expected;
    for (int i = 0; i < 20'000; ++i) {
        const double value = std::uniform_real_distribution(-1.0, 1.0)(random) *
                             std::pow(10, std::uniform_int_distribution(-7, 9)(random));
        const int decimals = std::uniform_int_distribution(0, 6)(random);
        append_number(all, value, decimals);
        expected += by_printf(value, decimals);
        ASSERT_EQ(number(value, decimals), by_printf(value, decimals)) << value;
    }
    EXPECT_EQ(all, expected);
}

} // namespace
} // namespace fusuma
