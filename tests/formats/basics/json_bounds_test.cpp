// Texts that are too much to parse.

#include "formats/basics/json_bounds.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

TEST(JsonBounds, RefuseWhatIsTooLongTooDeepOrTooMuch) {
    EXPECT_TRUE(within_bounds(R"({"a": [1, 2, "[[[[\"[["]})", {.bytes = 30, .values = 5}));
    EXPECT_FALSE(within_bounds(R"({"a": [1, 2, "[[[[\"[["]})", {.bytes = 20}));
    EXPECT_FALSE(within_bounds("[1, 2, 3, 4]", {.values = 4}));
    EXPECT_TRUE(within_bounds(std::string(deepest_json, '['), {}));
    EXPECT_FALSE(within_bounds(std::string(deepest_json + 1, '['), {}));
}

TEST(JsonBounds, ListsAreCutBehindTheirFirstValues) {
    struct Case {
        std::string text, left;
        std::size_t dropped;
    };
    for (const Case& c :
         std::vector<Case>{{R"({"a": 1, "all": [{"x": [1, 2]}, {"x": "],}"}, {"y": 3}, 4], "b": [1, 2, 3, 4]})",
                            R"({"a": 1, "all": [{"x": [1, 2]}, {"x": "],}"}], "b": [1, 2, 3, 4]})", 2},
                           {R"({"all": [1, 2]})", R"({"all": [1, 2]})", 0},
                           {R"({"all": [1, 2, 3]})", R"({"all": [1, 2]})", 1},
                           {R"({"all": []})", R"({"all": []})", 0},
                           {R"({"all": "all", "b": [1, 2, 3]})", R"({"all": "all", "b": [1, 2, 3]})", 0},
                           {R"({"b": {"all": [1, 2, 3]}, "all": [[1, 2, 3, 4], "]", {"all": [3, 4, 5]}, 1]})",
                            R"({"b": {"all": [1, 2]}, "all": [[1, 2, 3, 4], "]"]})", 3},
                           {R"({"\"all": [1, 2, 3]})", R"({"\"all": [1, 2, 3]})", 0},
                           {R"({"all": {"b": [1, 2, 3]}})", R"({"all": {"b": [1, 2, 3]}})", 0},
                           {R"({"all": [1, 2, 3)", R"({"all": [1, 2, 3)", 0},
                           {R"({"all": [1, 2, "3)", R"({"all": [1, 2, "3)", 0},
                           {R"({"all": "all", "b": {"x": "all"}, "c": ["all", [1, 2, 3]]})",
                            R"({"all": "all", "b": {"x": "all"}, "c": ["all", [1, 2, 3]]})", 0},
                           {R"(["all", [1, 2, 3]])", R"(["all", [1, 2, 3]])", 0},
                           {"]]]]", "]]]]", 0},
                           {"\"", "\"", 0},
                           {"", "", 0}}) {
        std::string text = c.text;
        EXPECT_EQ(cut_lists(text, "all", 2), c.dropped) << c.text;
        EXPECT_EQ(text, c.left);
    }
}

} // namespace
} // namespace fusuma
