#include "formats/machine/mark_scheme.h"

#include <gmock/gmock.h>

namespace fusuma {
namespace {

constexpr const char* good_scheme = R"({
  "name": "Three and a ring",
  "marks": [
    {"shape": "dot", "from": "top-left", "x": 12, "y": 14, "radius": 2},
    {"shape": "cross", "from": "bottom-right", "x": 10, "y": 11, "radius": 4, "line": 0.5},
    {"shape": "ring", "from": "top-right", "x": 9, "y": 9, "radius": 3, "line": 1}
  ]
})";

TEST(MarkScheme, PlacesItsMarksFromTheCorners) {
    const auto scheme = read_mark_scheme(good_scheme);
    ASSERT_TRUE(scheme) << scheme.problem().english();
    const auto marks = marks_on({210, 297}, {.kind = MarkKind::scheme, .scheme = *scheme});
    ASSERT_EQ(marks.size(), 3u);
    EXPECT_EQ(marks[0].centre, (Point{12, 14}));
    EXPECT_EQ(marks[1].centre, (Point{200, 286}));
    EXPECT_EQ(marks[2].centre, (Point{201, 9}));
    EXPECT_EQ(*read_mark_scheme(mark_scheme_json(*scheme).dump()), *scheme);
}

TEST(MarkScheme, MessagesNameLineAndField) {
    const std::string text = good_scheme;
    const auto with = [&](const std::string& from, const std::string& to) {
        std::string changed = text;
        changed.replace(changed.find(from), from.size(), to);
        const auto scheme = read_mark_scheme(changed);
        return scheme ? std::string() : scheme.problem().english();
    };
    using testing::AllOf;
    using testing::HasSubstr;
    EXPECT_THAT(with("\"cross\"", "\"square\""),
                AllOf(HasSubstr("Line 5"), HasSubstr("marks/1/shape"), HasSubstr("dot, cross, ring")));
    EXPECT_THAT(with("\"radius\": 4", "\"radius\": -4"), AllOf(HasSubstr("Line 5"), HasSubstr("marks/1/radius")));
    EXPECT_THAT(with("\"x\": 9, ", ""), AllOf(HasSubstr("Line 6"), HasSubstr("marks/2"), HasSubstr("“x”")));
    EXPECT_THAT(with("\"x\": 12", "\"x\": 1e999"), HasSubstr("Line 4"));
    EXPECT_THAT(with("[\n", "\n"), AllOf(HasSubstr("Line 5"), HasSubstr("not JSON")));
    EXPECT_THAT(with("\"name\"", "\"nome\""), HasSubstr("“name”"));
    EXPECT_FALSE(read_mark_scheme(""));
    EXPECT_FALSE(read_mark_scheme(std::string(2000000, ' ')));
    EXPECT_FALSE(read_mark_scheme(std::string(10000, '[')));
}

} // namespace
} // namespace fusuma
