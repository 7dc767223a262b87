// The session behind the window, and the small widgets everything is made of.

#include "app/common/number_field.h"
#include "app/common/widgets.h"
#include "app/shell/session.h"
#include "core/geometry/measure.h"
#include "formats/project_file.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

#include <QAbstractButton>
#include <QApplication>
#include <QSignalSpy>
#include <QTest>
#include <QWheelEvent>

namespace fusuma::app {
namespace {

class SessionTest : public testing::Test {
  protected:
    Session session;
    QTemporaryDir folder;

    void SetUp() override {
        session.adopt(test::disc_document({{60, 60}, {120, 60}}), "Discs");
        settle();
    }
    void settle() {
        EXPECT_TRUE(QTest::qWaitFor([this] { return session.is_settled(); }, 20000));
    }
    void set_gap(double gap, const QString& stroke = {}) {
        session.edit(
            "Gap",
            [gap](Document d) {
                d.sheet.gap = gap;
                return d;
            },
            stroke);
    }
};

TEST_F(SessionTest, ResultsBelongToTheDocumentShown) {
    EXPECT_EQ(session.snapshot().document, session.document());
    EXPECT_EQ(session.snapshot().plan->pages[0].cuts.size(), 2u);
    EXPECT_TRUE(session.snapshot().result(1));
    EXPECT_FALSE(session.snapshot().result(7));
}

TEST_F(SessionTest, ManyQuickEditsEndWithTheLastAndSkipWhatIsStale) {
    QSignalSpy worked(&session, &Session::worked_out);
    for (int i = 0; i < 200; ++i)
        session.edit_sticker(
            "Border", [i](Sticker& s) { s.border.width = 1 + i / 100.0; }, "drag");
    settle();
    EXPECT_NEAR(session.snapshot().document.find(1)->border.width, 2.99, 1e-9);
    EXPECT_LT(worked.count(), 200) << "runs between were skipped";
    session.undo();
    settle();
    EXPECT_NEAR(session.snapshot().document.find(1)->border.width, 2, 1e-9) << "one stroke, one step";
}

/// A sticker of 6 megapixels, half of it noise: long to work out, quick to preview.
Sticker large_sticker() {
    auto picture = test::picture_of({test::ellipse({1000, 750}, 900, 650, 0.2)}, 3000, 2000);
    for (std::size_t i = 0; i < picture->pixels.pixels(); i += 3)
        if (i % 3000 > 2000)
            picture->pixels.rgba[4 * i + 3] = static_cast<std::uint8_t>((i * 2654435761U) >> 24);
    return new_sticker(PictureArtwork{picture});
}

TEST_F(SessionTest, LargePicturesArePreviewedAndSettle) {
    session.edit("Add", [](Document d) { return with_sticker_added(std::move(d), large_sticker()); });
    session.choose_sticker(2);
    settle();
    QSignalSpy previewed(&session, &Session::previewed), worked(&session, &Session::worked_out);
    for (int i = 0; i < 20; ++i) {
        session.edit_sticker(
            "Threshold", [i](Sticker& s) { s.trace.threshold = 100 + i; }, "drag");
        QTest::qWait(5);
    }
    EXPECT_TRUE(QTest::qWaitFor([&] { return previewed.count() > 0; }, 20000));
    EXPECT_TRUE(session.shows_preview() || session.is_settled());
    settle();
    EXPECT_LT(worked.count(), 20) << "what was stale was dropped";
    EXPECT_EQ(session.snapshot().document.find(2)->trace.threshold, 119);
    EXPECT_FALSE(session.shows_preview());
    EXPECT_EQ(session.shown(), session.snapshot().result(2));
}

TEST_F(SessionTest, PreviewsComeForwardOnlyAndDoNotWaitForTheFullResult) {
    // Every preview belongs to a newer edit than the one before, and to the sticker in hand.
    std::vector<double> seen;
    const auto watching = QObject::connect(&session, &Session::previewed, &session,
                                           [&] { seen.push_back(bounds(session.shown()->cut_line()).width()); });
    double width = 1;
    for (int i = 0; i < 4000 && seen.size() < 6; ++i) {
        width += 0.005;
        session.edit_sticker(
            "Border", [width](Sticker& s) { s.border.width = width; }, "drag");
        QTest::qWait(4);
    }
    EXPECT_GE(seen.size(), 6u) << "while edits keep coming";
    settle();
    EXPECT_TRUE(std::is_sorted(seen.begin(), seen.end()));
    EXPECT_NEAR(bounds(session.shown()->cut_line()).width(), 30 + 2 * width, 0.03);
    QObject::disconnect(watching);
    // Taking up another sticker leaves no preview of the first behind.
    session.edit("Add", [](Document d) { return with_sticker_added(std::move(d), test::disc_sticker(12)); });
    session.edit_sticker("Border", [](Sticker& s) { s.border.width = 1; });
    session.choose_sticker(2);
    settle();
    EXPECT_NEAR(bounds(session.shown()->outline()).width(), 12, 0.02);
}

TEST_F(SessionTest, StoppingLongWorkUndoesWhatItWasFor) {
    session.edit("Add", [](Document d) { return with_sticker_added(std::move(d), large_sticker()); });
    ASSERT_TRUE(session.business());
    EXPECT_FALSE(session.business()->words.isEmpty());
    session.cancel_business();
    settle();
    EXPECT_EQ(session.document().stickers.size(), 1u);
    EXPECT_EQ(session.snapshot().document, session.document());
    EXPECT_FALSE(session.business());
}

TEST_F(SessionTest, KnowsWhatIsSavedAndWhatIsNot) {
    EXPECT_FALSE(session.is_changed());
    set_gap(5);
    EXPECT_TRUE(session.is_changed());
    const QString path = folder.filePath("discs.fusuma");
    ASSERT_TRUE(save_project(session.document(), path)); // the discs have no original bytes to be read back from
    EXPECT_TRUE(session.is_changed()) << "not by the session";
    EXPECT_TRUE(session.save(path));
    EXPECT_FALSE(session.is_changed());
    EXPECT_EQ(session.project_name(), "discs");
    session.undo();
    EXPECT_TRUE(session.is_changed());
    session.redo();
    EXPECT_FALSE(session.is_changed()) << "back at what is on disk";
}

TEST_F(SessionTest, SelectionFollowsWhatHappensToTheCopies) {
    session.select({0, 1});
    session.duplicate_selection();
    EXPECT_EQ(session.document().placements.size(), 4u);
    EXPECT_EQ(session.selection(), (std::set<std::size_t>{2, 3})) << "the fresh ones";
    session.undo();
    EXPECT_TRUE(session.selection().empty()) << "they are gone";
    session.select({1});
    session.move_selection({10, -5}, "");
    EXPECT_EQ(session.document().placements[1].centre, (Point{130, 55}));
    session.remove_selection();
    EXPECT_EQ(session.document().placements.size(), 1u);
    EXPECT_TRUE(session.selection().empty());
}

TEST_F(SessionTest, RemovingTheStickerInHandTakesUpAnother) {
    session.edit("Add", [](Document d) { return with_sticker_added(std::move(d), test::disc_sticker(12)); });
    session.choose_sticker(2);
    EXPECT_EQ(session.sticker()->id, 2);
    session.edit("Remove", [](Document d) { return with_sticker_removed(std::move(d), 2); });
    EXPECT_EQ(session.sticker()->id, 1);
    session.start_new();
    EXPECT_FALSE(session.sticker());
}

TEST_F(SessionTest, AsksForMoreCopiesThanFitAreToldAndTheRestPlaced) {
    QSignalSpy told(&session, &Session::problem);
    session.place_copies(500);
    settle();
    ASSERT_EQ(told.count(), 1);
    EXPECT_THAT(told[0][0].toString().toStdString(), testing::HasSubstr("of 500 copies fit"));
    EXPECT_GT(session.document().placements.size(), 20u);
    EXPECT_TRUE(session.snapshot().findings.empty());
    session.place_copies(-1);
    EXPECT_THAT(told.back()[0].toString().toStdString(), testing::HasSubstr("no free place"));
}

TEST_F(SessionTest, AProjectThatCannotBeReadLeavesTheOpenOne) {
    QSignalSpy told(&session, &Session::problem);
    const Document before = session.document();
    session.open(folder.filePath("missing.fusuma"));
    ASSERT_TRUE(told.wait(10000));
    EXPECT_EQ(session.document(), before);
}

struct Typed {
    const char* text;
    Unit unit;
    double value;
    const char* shown;
};

class NumberFieldReads : public testing::TestWithParam<Typed> {};

TEST_P(NumberFieldReads, LengthsWithUnitsAndSums) {
    const Typed& c = GetParam();
    NumberField field(NumberField::Kind::length, -10, 100, 1, "field");
    field.set_unit(c.unit);
    QSignalSpy edited(&field, &NumberField::edited);
    field.show();
    field.selectAll();
    QTest::keyClicks(&field, c.text);
    QTest::keyClick(&field, Qt::Key_Return);
    ASSERT_EQ(edited.count(), 1);
    EXPECT_NEAR(edited[0][0].toDouble(), c.value, 1e-9);
    EXPECT_EQ(field.text().toStdString(), c.shown);
}

INSTANTIATE_TEST_SUITE_P(Lengths, NumberFieldReads,
                         testing::Values(Typed{"3", Unit::mm, 3, "3.0 mm"}, Typed{"1/4in", Unit::mm, 6.35, "6.3 mm"},
                                         Typed{"50/2", Unit::mm, 25, "25.0 mm"},
                                         Typed{"2", Unit::inch, 50.8, "2.000 in"},
                                         Typed{"500", Unit::mm, 100, "100.0 mm"},
                                         Typed{"-99", Unit::mm, -10, "−10.0 mm"},
                                         Typed{"2,5cm", Unit::cm, 25, "2.50 cm"}));

TEST(NumberField, StepsByKeysAndLeavesTheWheelToThePanelUnlessInUse) {
    NumberField field(NumberField::Kind::degrees, -360, 360, 1, "turn");
    field.set_value(10);
    field.show();
    QTest::keyClick(&field, Qt::Key_Up);
    EXPECT_EQ(field.value(), 11);
    QTest::keyClick(&field, Qt::Key_Down, Qt::ShiftModifier);
    EXPECT_EQ(field.value(), 1);
    EXPECT_EQ(field.text(), QStringLiteral("1.0°"));
    field.clearFocus();
    QWheelEvent wheel({5, 5}, field.mapToGlobal(QPointF(5, 5)), {}, {0, 120}, Qt::NoButton, Qt::NoModifier,
                      Qt::NoScrollPhase, false);
    QApplication::sendEvent(&field, &wheel);
    EXPECT_EQ(field.value(), 1);
}

TEST(NumberField, DoesNotDisturbWhatIsBeingTyped) {
    NumberField field(NumberField::Kind::length, 0, 100, 1, "field");
    field.show();
    field.selectAll();
    QTest::keyClicks(&field, "12");
    field.set_value(50); // a result arrives meanwhile
    EXPECT_EQ(field.text(), "12");
}

TEST(Choices, ReportOnlyWhatAPersonPicks) {
    Choices choices({"Round", "Mitre", "Bevel"});
    QSignalSpy picked(&choices, &Choices::picked);
    choices.set_chosen(2);
    EXPECT_EQ(picked.count(), 0);
    EXPECT_TRUE(choices.findChild<QAbstractButton*>("choice2")->isChecked());
    choices.show();
    QTest::mouseClick(choices.findChild<QAbstractButton*>("choice1"), Qt::LeftButton);
    ASSERT_EQ(picked.count(), 1);
    EXPECT_EQ(picked[0][0].toInt(), 1);
}

} // namespace
} // namespace fusuma::app
