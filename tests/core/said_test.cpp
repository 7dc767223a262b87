#include "core/said.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

TEST(Said, ValuesStandInTheirPlacesAndAreFilledOnce) {
    EXPECT_EQ("“{file}” has no page {page}."_said.with("file", "a {page}.pdf").with("page", 3).english(),
              "“a {page}.pdf” has no page 3.");
    EXPECT_EQ("{here} and {here}, {nobody}"_said.with("here", Said::verbatim("x")).english(), "x and x, {nobody}");
    EXPECT_EQ("{mm} mm of {length}"_said.with("mm", 1.256, 2).with("length", -2.54, Unit::inch).english(),
              "1.26 mm of −0.100 in");
}

TEST(Said, CountsHaveTwoFormsInEnglish) {
    const auto copies = [](std::size_t n) { return "%n copies were moved."_said.counted(n, "%n copy was moved."); };
    EXPECT_EQ(copies(0).english(), "0 copies were moved.");
    EXPECT_EQ(copies(1).english(), "1 copy was moved.");
    EXPECT_EQ(copies(12).english(), "12 copies were moved.");
}

TEST(Said, SentencesFollowEachOtherAndNothingIsNothing) {
    const Said one = "It is cut short."_said, two = "Export it again."_said;
    EXPECT_EQ(one.then(two).english(), "It is cut short. Export it again.");
    EXPECT_EQ(one.then({}), one);
    EXPECT_EQ(Said().then(two), two);
    EXPECT_TRUE(Said().empty());
    EXPECT_TRUE(Said().then({}).empty());
    EXPECT_FALSE(one.then(two).empty());
    EXPECT_EQ("{names}"_said.with_list("names", {one, two, Said::verbatim("c")}).english(),
              "It is cut short., Export it again. and c");
}

TEST(Said, EqualOnesSayTheSame) {
    EXPECT_EQ("{a}"_said.with("a", 1), "{a}"_said.with("a", 1));
    EXPECT_NE("{a}"_said.with("a", 1), "{a}"_said.with("a", 2));
    EXPECT_NE("{a}"_said.with("a", 1.0, Unit::mm), "{a}"_said.with("a", 1.0, Unit::cm));
    EXPECT_NE(Said::verbatim("a"), Said::verbatim("b"));
}

} // namespace
} // namespace fusuma
