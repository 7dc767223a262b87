// Style sheets from strangers: nothing nests them into the ground, nothing makes them take for ever.

#include "reading/svg/svg_document.h"

#include <gtest/gtest.h>

namespace fusuma {
namespace {

QByteArray repeated(const char* piece, int times) {
    return QByteArray(piece).repeated(times);
}

/// A drawing of one rectangle within so many groups, under a style sheet.
Result<SvgDocument> styled(const QByteArray& sheet, int groups = 0, const char* attributes = "") {
    return parse_svg("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"10\" height=\"10\"><style><![CDATA[" + sheet +
                     "]]></style>" + repeated("<g class=\"k\">", groups) + "<rect " + attributes +
                     " width=\"5\" height=\"5\"/>" + repeated("</g>", groups) + "</svg>");
}

/// What the rectangle is filled with.
QString fill_of(const Result<SvgDocument>& document) {
    const SvgNode* node = document->root.get();
    while (node->name != QLatin1String("rect"))
        node = node->children.back().get();
    return node->property(QStringLiteral("fill"));
}

TEST(StyleSheets, NestedWithoutEndAreReadToTheirEnd) {
    const QByteArray after = "} rect{fill:#0a0}";
    for (const QByteArray& deep :
         {"a{b:" + repeated("(", 10000), "a{b:" + repeated("(", 10000) + repeated(")", 10000) + after,
          repeated("{", 10000), repeated("a{", 10000) + repeated("}", 10000) + after,
          // Brackets that others, or texts, seem to close.
          "a{b:" + repeated("((((((((((((}}}}}}}}}}}}", 2000), "a{b:" + repeated("(\")))\"", 10000),
          repeated("@m{\"}}}\"", 8000), repeated("@m ", 8000) + "{" + repeated("(", 10000), repeated("a:not(", 10000),
          repeated("[a=", 10000), repeated("\"'", 10000), repeated("/*", 10000), repeated("\\", 10001),
          repeated("a,", 20000), repeated("a>", 20000)}) {
        const auto document = styled(deep);
        ASSERT_TRUE(document) << deep.left(40).toStdString();
        const QString fill = fill_of(document);
        EXPECT_TRUE(fill.isEmpty() || fill == "#0a0") << fill.toStdString();
    }
    EXPECT_EQ(fill_of(styled("@media print{a{b:c} d{e:f}} rect{fill:#0a0}")), "#0a0") << "a rule's rules are its own";
    EXPECT_EQ(fill_of(styled("@supports (x){@media y{rect{fill:#f00}}} rect{fill:#0a0}")), "#0a0");
    EXPECT_EQ(fill_of(styled("rect{x:calc((1) + (2));fill:#0a0}")), "#0a0");
    // The same of the element's own.
    const QByteArray own = "style=\"a:" + repeated("(}", 10000) + "\"";
    EXPECT_TRUE(styled("rect{fill:#0a0}", 0, own.constData()));
}

TEST(StyleSheets, ThatAskForBillionsOfComparisonsEnd) {
    // Every group may be any of the steps: without a bound, some 10^30 ways to look at it.
    const auto document = styled(".z " + repeated(".k ", 60) + "rect{fill:#f00}", 150);
    ASSERT_TRUE(document);
    EXPECT_TRUE(fill_of(document).isEmpty()) << "no .z is there";
    // A hundred million declarations for one element: what it says of itself holds all the same.
    const auto declared =
        styled(repeated("rect,", 110000) + "rect{fill:#0a0;" + repeated("a:b;", 1000) + "}", 0, "style=\"fill:#00a\"");
    ASSERT_TRUE(declared);
    EXPECT_EQ(fill_of(declared), "#00a");
}

TEST(StyleSheets, DeclareTheSameHoweverItIsWrittenForEveryElementThatTheyFit) {
    // Source: CSS 2.1, 4.1.3 (escapes, case) and 6.4.2 (important declarations)
    const auto document = styled("g,rect{F\\69 LL:  #0a0  ! Important;fill:#f00;fill:}", 2, "style=\"fill:#00a\"");
    ASSERT_TRUE(document);
    EXPECT_EQ(fill_of(document), "#0a0");
    const SvgNode& group = *document->root->children.back();
    EXPECT_EQ(group.name, "g");
    EXPECT_EQ(group.property(QStringLiteral("fill")), "#0a0");
}

TEST(StyleSheets, TooLongOnesAreLeftOutAndTheDrawingStays) {
    const auto document = styled("rect{fill:#f00}" + repeated("/* x */", 200000), 0, "fill=\"#00a\"");
    ASSERT_TRUE(document);
    EXPECT_EQ(fill_of(document), "#00a");
}

} // namespace
} // namespace fusuma
