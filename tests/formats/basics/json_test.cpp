// Whole numbers in descriptions that come from outside.

#include "formats/basics/json.h"

#include <array>
#include <cstdint>
#include <gtest/gtest.h>
#include <limits>
#include <string>

namespace fusuma {
namespace {

TEST(Json, WholeNumbersAreTakenAsFarAsTheirTypeGoes) {
    using json = nlohmann::json;
    constexpr int most = std::numeric_limits<int>::max(), least = std::numeric_limits<int>::min();
    for (const int value : {0, 1, -1, most, least}) {
        EXPECT_EQ(json::parse(std::to_string(value)).get<int>(), value);
        EXPECT_EQ(json::parse(std::to_string(value) + ".0").get<int>(), value);
        EXPECT_EQ(json(value).get<int>(), value);
    }
    EXPECT_EQ(json::parse("2147483647.9").get<int>(), most) << "older files may hold what was counted with a point";
    const std::array<std::uint8_t, 3> colour{255, 0, 17};
    EXPECT_EQ((json::parse("[255, 0, 17]").get<std::array<std::uint8_t, 3>>()), colour);
    EXPECT_EQ(json::parse("18446744073709551615").get<std::uint64_t>(), std::numeric_limits<std::uint64_t>::max());
    EXPECT_EQ(json::parse("true").get<bool>(), true);
}

TEST(Json, WholeNumbersThatTheirTypeCannotHoldAreRefused) {
    using json = nlohmann::json;
    for (const char* number : {"1e308", "-1e308", "2147483648", "-2147483649", "2147483648.0", "-2147483649.0", "1e19",
                               "18446744073709551615", "-9223372036854775808", "3e9", "\"7\"", "null", "[1]", "{}"}) {
        const json j = json::parse("{\"pages\": " + std::string(number) + "}");
        EXPECT_THROW(static_cast<void>(j.at("pages").get<int>()), json::exception) << number;
        EXPECT_THROW(static_cast<void>(j.value("pages", 1)), json::exception) << number;
    }
    EXPECT_THROW(static_cast<void>(json(std::numeric_limits<double>::quiet_NaN()).get<int>()), json::exception);
    EXPECT_THROW(static_cast<void>(json::parse("-1").get<std::size_t>()), json::exception);
    EXPECT_THROW(static_cast<void>(json::parse("2e19").get<std::uint64_t>()), json::exception);
    using Colour = std::array<std::uint8_t, 3>;
    EXPECT_THROW(static_cast<void>(json::parse("[256, 0, 0]").get<Colour>()), json::exception);
    EXPECT_THROW(static_cast<void>(json::parse("[0, -1, 0]").get<Colour>()), json::exception);
}

} // namespace
} // namespace fusuma
