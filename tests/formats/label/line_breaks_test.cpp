// Where lines of scripts without blanks may end, beside Qt's own finder of such places (Unicode Standard Annex 14, too,
// but not by ICU), and how such texts fill a label.

#include "core/label/line_breaks.h"
#include "core/label/set_text.h"
#include "formats/fonts/fonts.h"

#include <QTextBoundaryFinder>
#include <gmock/gmock.h>
#include <random>

namespace fusuma {
namespace {

std::vector<std::string> pieces_by_qt(const QString& text) {
    std::vector<std::string> pieces;
    QTextBoundaryFinder finder(QTextBoundaryFinder::Line, text);
    for (qsizetype from = 0, to = finder.toNextBoundary(); to >= 0; from = to, to = finder.toNextBoundary())
        pieces.push_back(text.mid(from, to - from).toStdString());
    return pieces;
}

TEST(LineBreaks, OfJapaneseLieWhereQtSeesThem) {
    // Letters, small ones, lengthened ones, brackets and stops, of which many may not begin or end a line.
    const QString signs = QStringLiteral("いちごジャム手作石鹸東京山海のをがッャュょー々、。「」『』（）・！？");
    std::mt19937 random(11);
    for (int i = 0; i < 300; ++i) {
        QString text;
        for (int k = 0; k < 14; ++k)
            text += signs[static_cast<qsizetype>(random() % static_cast<unsigned>(signs.size()))];
        ASSERT_EQ(pieces_of(text.toStdString()), pieces_by_qt(text)) << text.toStdString();
    }
}

TEST(LineBreaks, OtherWordsStayWhole) {
    for (const std::string word :
         {"print-then-cut", "Kelp/Relish", "Müller", "Мёд-липовый", "€4.50", "딸기잼은", "a\u2014b", "\U0001f41a!"})
        EXPECT_THAT(pieces_of(word), testing::ElementsAre(word));
    EXPECT_THAT(pieces_of("A4の紙"), testing::ElementsAre("A4", "の", "紙"));
    EXPECT_GT(pieces_of("แยมสตรอว์เบอร์รีทำเอง").size(), 2u) << "by a dictionary";
    for (const std::string& wrong :
         {std::string("\xe3\x81"), std::string("い\xff\xe0"), std::string("\xf4\x90\x80\x80い")}) {
        std::string joined;
        for (const std::string& piece : pieces_of(wrong))
            joined += piece;
        EXPECT_EQ(joined, wrong) << "nothing of it is lost";
    }
}

TEST(LineBreaks, LongJapaneseTextsFillTheLabelInLines) {
    LabelText style;
    style.font.font = find_font("Quicksand", false, false);
    style.size = 5;
    const Rect room{{0, 0}, {40, 30}};
    const auto set = set_in_room({{&style, "手作りのいちごジャムをどうぞお召し上がりください。"}}, room);
    ASSERT_EQ(set.size(), 1u);
    EXPECT_FALSE(set[0].overflows);
    EXPECT_EQ(set[0].size, 5) << "in lines, not small";
    EXPECT_LE(set[0].ink.width(), room.width() + 0.01);
    EXPECT_GT(set[0].ink.height(), 2 * style.line_spacing * style.size);
}

} // namespace
} // namespace fusuma
