// The model behind the window, and the small widgets everything is made of.

#include "app/common/number_field.h"
#include "app/common/save_place.h"
#include "app/common/widgets.h"
#include "app/model/free_hands.h"
#include "app/model/model.h"
#include "core/geometry/measure.h"
#include "formats/project/project_file.h"
#include "tests/support/faults.h"
#include "tests/support/samples.h"

#include <gmock/gmock.h>

#include <QAbstractButton>
#include <QApplication>
#include <QClipboard>
#include <QMimeData>
#include <QSignalSpy>
#include <QTest>
#include <QThread>
#include <QWheelEvent>

namespace fusuma::app {
namespace {

class SessionTest : public testing::Test {
  protected:
    Model model;
    QTemporaryDir folder;

    void SetUp() override {
        model.project.adopt(test::disc_document({{60, 60}, {120, 60}}), "Discs");
        settle();
    }
    void settle() {
        EXPECT_TRUE(QTest::qWaitFor([this] { return model.working_out.is_settled() && !model.business.now(); }, 20000));
    }
    void set_gap(double gap, const QString& stroke = {}) {
        model.project.edit(
            "Gap",
            [gap](Document d) {
                d.sheet.gap = gap;
                return d;
            },
            stroke);
    }
};

TEST_F(SessionTest, ResultsBelongToTheDocumentShown) {
    EXPECT_EQ(model.snapshot().document, model.document());
    EXPECT_EQ(model.snapshot().plan->pages[0].cuts.size(), 2u);
    EXPECT_TRUE(model.snapshot().result(1));
    EXPECT_FALSE(model.snapshot().result(7));
}

TEST_F(SessionTest, ManyQuickEditsEndWithTheLastAndSkipWhatIsStale) {
    QSignalSpy worked(&model.working_out, &WorkingOut::worked_out);
    for (int i = 0; i < 200; ++i)
        model.in_hand.edit_sticker(
            "Border", [i](Sticker& s) { s.border.width = 1 + i / 100.0; }, "drag");
    settle();
    EXPECT_NEAR(model.snapshot().document.find(1)->border.width, 2.99, 1e-9);
    EXPECT_LT(worked.count(), 200) << "runs between were skipped";
    model.project.undo();
    settle();
    EXPECT_NEAR(model.snapshot().document.find(1)->border.width, 2, 1e-9) << "one stroke, one step";
}

/// A sticker of 6 megapixels, half of it noise: long to work out, quick to preview.
Sticker large_sticker() {
    auto picture = test::picture_of({test::ellipse({1000, 750}, 900, 650, 0.2)}, 3000, 2000);
    test::repaint(*picture, [](Image& pixels) {
        for (std::size_t i = 0; i < pixels.pixels(); i += 3)
            if (i % 3000 > 2000)
                pixels.rgba[4 * i + 3] = static_cast<std::uint8_t>((i * 2654435761U) >> 24);
    });
    return new_sticker(PictureArtwork{picture});
}

TEST_F(SessionTest, StickersOfAProjectAreSeenAsTheyComeTheOneInHandFirst) {
    Document d;
    constexpr int count = 5;
    for (int i = 0; i < count; ++i)
        d = with_sticker_added(std::move(d), test::disc_sticker(20 + i));
    std::vector<int> came;
    QObject::connect(&model.working_out, &WorkingOut::came_early, &model, [&](int sticker) {
        came.push_back(sticker);
        EXPECT_TRUE(model.working_out.known(sticker));
        EXPECT_FALSE(model.snapshot().result(sticker)) << "not for printing yet";
        EXPECT_FALSE(model.working_out.is_settled());
    });
    model.project.adopt(d, "Five");
    EXPECT_EQ(model.working_out.stickers_to_come(), count);
    settle();
    EXPECT_EQ(std::set<int>(came.begin(), came.end()).size(), std::size_t{count});
    EXPECT_EQ(came.front(), model.in_hand.sticker()->id);
    EXPECT_EQ(model.working_out.stickers_to_come(), 0);
    for (const int id : came)
        EXPECT_EQ(model.working_out.known(id), model.snapshot().result(id));
    came.clear();
    set_gap(7);
    model.in_hand.edit_sticker("Border", [](Sticker& s) { s.border.width = 4; });
    settle();
    EXPECT_TRUE(came.empty()) << "what was seen before has previews";
}

/// Whoever sees a sticker while the others of its project are still worked out can work on it.
TEST_F(SessionTest, WhatCameEarlyIsPreviewedWhenItIsEdited) {
    Document d;
    for (int i = 0; i < 4; ++i)
        d = with_sticker_added(std::move(d), test::disc_sticker(20 + i));
    bool is_edited = false;
    QObject::connect(&model.working_out, &WorkingOut::came_early, &model, [&](int sticker) {
        if (sticker != model.in_hand.sticker()->id || std::exchange(is_edited, true))
            return;
        EXPECT_FALSE(model.working_out.awaits_preview());
        model.in_hand.edit_sticker("Border", [](Sticker& s) { s.border.width = 4; });
        EXPECT_TRUE(model.working_out.awaits_preview()) << "not only when all others have come";
    });
    model.project.adopt(d, "Four");
    settle();
    EXPECT_TRUE(is_edited);
    EXPECT_EQ(model.snapshot().document, model.document());
    const auto box = model.snapshot().result(model.in_hand.sticker()->id)->cut->box();
    EXPECT_NEAR(box.width(), 20 + 2 * 4, 0.1);
}

/// There is nothing to take back then; what was not worked out is said, and comes with the next change.
TEST_F(SessionTest, StoppingWhatAProjectOpensWithLeavesItToTheNextChange) {
    Document d = test::disc_document({{60, 60}});
    d = with_sticker_added(std::move(d), test::disc_sticker(18));
    QSignalSpy told(&model.messages, &Messages::note);
    model.project.adopt(d, "Discs");
    model.working_out.cancel();
    settle();
    ASSERT_EQ(told.count(), 1);
    EXPECT_THAT(told[0][0].toString().toStdString(), testing::HasSubstr("Stopped"));
    EXPECT_FALSE(model.snapshot().plan) << "nothing to print or cut";
    EXPECT_EQ(model.document(), d) << "nothing is lost";
    set_gap(9);
    settle();
    ASSERT_TRUE(model.snapshot().plan);
    EXPECT_EQ(model.snapshot().results.size(), 2u);
}

/// One project's stickers are not taken for the next one's.
TEST_F(SessionTest, WhatComesEarlyOfAProjectThatIsGoneIsDropped) {
    Document large, small = test::disc_document({{60, 60}});
    for (int i = 0; i < 4; ++i)
        large = with_sticker_added(std::move(large), test::disc_sticker(30 + i));
    int early = 0;
    QObject::connect(&model.working_out, &WorkingOut::came_early, &model, [&](int sticker) {
        ++early;
        EXPECT_TRUE(model.document().find(sticker));
        EXPECT_EQ(model.document().stickers.size(), 1u);
    });
    model.project.adopt(large, "Large");
    model.project.adopt(small, "Small");
    settle();
    EXPECT_LE(early, 2) << "once or twice of the one there is";
    EXPECT_EQ(model.snapshot().results.size(), 1u);
}

TEST_F(SessionTest, LargePicturesArePreviewedAndSettle) {
    model.project.edit("Add", [](Document d) { return with_sticker_added(std::move(d), large_sticker()); });
    model.in_hand.choose_sticker(2);
    settle();
    QSignalSpy previewed(&model.working_out, &WorkingOut::previewed),
        worked(&model.working_out, &WorkingOut::worked_out);
    for (int i = 0; i < 20; ++i) {
        model.in_hand.edit_sticker(
            "Threshold", [i](Sticker& s) { s.trace.threshold = 100 + i; }, "drag");
        QTest::qWait(5);
    }
    EXPECT_TRUE(QTest::qWaitFor([&] { return previewed.count() > 0; }, 20000));
    EXPECT_TRUE(model.working_out.shows_preview() || model.working_out.is_settled());
    settle();
    EXPECT_LT(worked.count(), 20) << "what was stale was dropped";
    EXPECT_EQ(model.snapshot().document.find(2)->trace.threshold, 119);
    EXPECT_FALSE(model.working_out.shows_preview());
    EXPECT_EQ(model.working_out.shown(), model.snapshot().result(2));
}

TEST_F(SessionTest, PreviewsComeForwardOnlyAndDoNotWaitForTheFullResult) {
    // Every preview belongs to a newer edit than the one before, and to the sticker in hand.
    std::vector<double> seen;
    const auto watching = QObject::connect(&model.working_out, &WorkingOut::previewed, &model, [&] {
        seen.push_back(bounds(model.working_out.shown()->cut_line()).width());
    });
    double width = 1;
    for (int i = 0; i < 4000 && seen.size() < 6; ++i) {
        width += 0.005;
        model.in_hand.edit_sticker(
            "Border", [width](Sticker& s) { s.border.width = width; }, "drag");
        QTest::qWait(4);
    }
    EXPECT_GE(seen.size(), 6u) << "while edits keep coming";
    settle();
    EXPECT_TRUE(std::is_sorted(seen.begin(), seen.end()));
    EXPECT_NEAR(bounds(model.working_out.shown()->cut_line()).width(), 30 + 2 * width, 0.03);
    QObject::disconnect(watching);
    // Taking up another sticker leaves no preview of the first behind.
    model.project.edit("Add", [](Document d) { return with_sticker_added(std::move(d), test::disc_sticker(12)); });
    model.in_hand.edit_sticker("Border", [](Sticker& s) { s.border.width = 1; });
    model.in_hand.choose_sticker(2);
    settle();
    EXPECT_NEAR(bounds(model.working_out.shown()->outline()).width(), 12, 0.02);
}

TEST_F(SessionTest, StoppingLongWorkUndoesWhatItWasFor) {
    model.project.edit("Add", [](Document d) { return with_sticker_added(std::move(d), large_sticker()); });
    ASSERT_TRUE(model.business.now());
    EXPECT_FALSE(model.business.now()->words.isEmpty());
    model.business.cancel();
    settle();
    EXPECT_EQ(model.document().stickers.size(), 1u);
    EXPECT_EQ(model.snapshot().document, model.document());
    EXPECT_FALSE(model.business.now());
}

/// Edits until it is stopped, and then for as long as it likes.
WorkedEdits::Make endless(std::atomic<bool>* was_stopped) {
    return [was_stopped](const Document& d, Planner&, const Work& work) -> Result<Edited> {
        work.at(0.25);
        while (!work.stop.stop_requested())
            QThread::msleep(1);
        *was_stopped = true;
        Document other = d;
        other.sheet.gap = 77;
        return Edited{other, {}};
    };
}

TEST_F(SessionTest, StoppingAnEditThatIsWorkedOutUndoesNoOther) {
    model.project.edit("Add", [](Document d) { return with_sticker_added(std::move(d), large_sticker()); });
    std::atomic<bool> was_stopped = false;
    model.worked.start("Endless", endless(&was_stopped));
    bool came_after = false;
    model.worked.start(
        "After it",
        [](const Document& d, Planner&, const Work&) {
            return Result<Edited>(Edited{d, {}});
        },
        [&] { came_after = true; });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.business.now()->done > 0; }, 20000));
    EXPECT_EQ(model.business.now()->words, "Endless");
    EXPECT_EQ(model.business.now()->done, 0.25);
    EXPECT_TRUE(model.business.now()->can_be_stopped);
    model.business.cancel();
    settle();
    EXPECT_TRUE(was_stopped);
    EXPECT_TRUE(came_after);
    EXPECT_EQ(model.document().stickers.size(), 2u) << "the edit before it stays";
    EXPECT_TRUE(model.snapshot().result(2)) << "and is worked out";
    EXPECT_NE(model.document().sheet.gap, 77) << "though it paid no heed";
}

TEST_F(SessionTest, AnotherProjectStopsWhatIsWorkedOutForTheOneBefore) {
    std::atomic<bool> was_stopped = false, was_begun = false;
    model.worked.start("Endless", endless(&was_stopped));
    model.worked.start("After it", [&](const Document& d, Planner&, const Work&) {
        was_begun = true;
        return Result<Edited>(Edited{d, {}});
    });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.worked.progress() > 0; }, 20000));
    model.project.start_new();
    settle();
    EXPECT_TRUE(was_stopped);
    EXPECT_FALSE(was_begun);
    EXPECT_TRUE(model.document().stickers.empty());
}

TEST_F(SessionTest, LeavingStopsWhatIsWorkedOut) {
    std::atomic<bool> was_stopped = false;
    {
        Model left;
        left.worked.start("Endless", endless(&was_stopped));
        ASSERT_TRUE(QTest::qWaitFor([&] { return left.worked.progress() > 0; }, 20000));
    }
    EXPECT_TRUE(was_stopped);
}

TEST_F(SessionTest, KnowsWhatIsSavedAndWhatIsNot) {
    EXPECT_FALSE(model.project.is_changed());
    set_gap(5);
    EXPECT_TRUE(model.project.is_changed());
    const QString path = folder.filePath("discs.fusuma");
    ASSERT_TRUE(save_project(model.document(), path)); // the discs have no original bytes to be read back from
    EXPECT_TRUE(model.project.is_changed()) << "not by the model";
    model.project.save(path);
    set_gap(6); // what is edited while it is saved is not saved
    settle();
    EXPECT_TRUE(model.project.is_changed());
    model.project.undo();
    settle();
    EXPECT_FALSE(model.project.is_changed());
    EXPECT_EQ(model.project.name(), "discs");
    model.project.undo();
    EXPECT_TRUE(model.project.is_changed());
    model.project.redo();
    EXPECT_FALSE(model.project.is_changed()) << "back at what is on disk";
}

TEST_F(SessionTest, SelectionFollowsWhatHappensToTheCopies) {
    model.in_hand.select({CopyId{1}, CopyId{2}});
    model.copies.duplicate();
    settle();
    EXPECT_EQ(model.document().placements.size(), 4u);
    EXPECT_EQ(model.in_hand.copies(), (Selection{CopyId{3}, CopyId{4}})) << "the fresh ones";
    model.project.undo();
    EXPECT_TRUE(model.in_hand.copies().empty()) << "they are gone";
    model.in_hand.select({CopyId{2}});
    model.copies.move({10, -5}, "");
    EXPECT_EQ(model.document().placements[1].centre, (Point{130, 55}));
    model.copies.remove();
    EXPECT_EQ(model.document().placements.size(), 1u);
    EXPECT_TRUE(model.in_hand.copies().empty());
}

TEST_F(SessionTest, RemovingTheStickerInHandTakesUpAnother) {
    model.project.edit("Add", [](Document d) { return with_sticker_added(std::move(d), test::disc_sticker(12)); });
    model.in_hand.choose_sticker(2);
    EXPECT_EQ(model.in_hand.sticker()->id, 2);
    model.project.edit("Remove", [](Document d) { return with_sticker_removed(std::move(d), 2); });
    EXPECT_EQ(model.in_hand.sticker()->id, 1);
    model.project.start_new();
    EXPECT_FALSE(model.in_hand.sticker());
}

TEST_F(SessionTest, AsksForMoreCopiesThanFitAreToldAndTheRestPlaced) {
    QSignalSpy told(&model.messages, &Messages::problem);
    model.copies.place(500);
    settle();
    ASSERT_EQ(told.count(), 1);
    EXPECT_THAT(told[0][0].toString().toStdString(), testing::HasSubstr("of 500 copies fit"));
    EXPECT_GT(model.document().placements.size(), 20u);
    EXPECT_TRUE(model.snapshot().findings.empty());
    model.copies.place(-1);
    settle();
    EXPECT_THAT(told.back()[0].toString().toStdString(), testing::HasSubstr("no free place"));
}

TEST_F(SessionTest, AProjectThatCannotBeReadLeavesTheOpenOne) {
    QSignalSpy told(&model.messages, &Messages::problem);
    const Document before = model.document();
    model.project.open(folder.filePath("missing.fusuma"));
    ASSERT_TRUE(told.wait(10000));
    EXPECT_EQ(model.document(), before);
}

/// Stopping takes back what asked for the work, be that an edit or an undo.
TEST_F(SessionTest, StoppingAfterAnUndoIsNotUndoingOnceMore) {
    set_gap(5);
    settle();
    set_gap(6);
    settle();
    model.project.undo();
    EXPECT_EQ(model.document().sheet.gap, 5);
    model.project.take_back();
    EXPECT_EQ(model.document().sheet.gap, 6) << "the undo is taken back";
    model.project.take_back();
    EXPECT_EQ(model.document().sheet.gap, 5);
    set_gap(7);
    model.project.take_back();
    EXPECT_EQ(model.document().sheet.gap, 5);
}

/// Each must be made, on what the others left.
TEST_F(SessionTest, EditsThatTakeAMomentAreNeitherLostNorLoseOthers) {
    model.in_hand.select({CopyId{1}});
    model.copies.duplicate();
    model.project.edit("Move", [](Document d) { return moved(std::move(d), {CopyId{2}}, {0, 40}); });
    model.copies.duplicate();
    model.copies.place(1);
    set_gap(8);
    settle();
    EXPECT_EQ(model.document().placements.size(), 5u);
    EXPECT_EQ(model.document().copy(CopyId{2})->centre, (Point{120, 100}));
    EXPECT_EQ(model.document().sheet.gap, 8);
}

TEST_F(SessionTest, WhatIsReadLandsInTheProjectThatItWasAskedForOrNowhere) {
    QSignalSpy told(&model.messages, &Messages::note);
    model.importer.add_artwork({test::demo_art("puffin.png")});
    model.project.start_new();
    ASSERT_TRUE(told.wait(20000));
    EXPECT_THAT(told[0][0].toString().toStdString(), testing::HasSubstr("for the project that was open before"));
    EXPECT_TRUE(model.document().stickers.empty());
}

TEST_F(SessionTest, APictureForAStickerGoesToThatOneWhateverIsInHandByThen) {
    LabelDesign design;
    design.shape.kind = LabelShape::rectangle;
    model.importer.add_label(design, "First");
    model.importer.add_label(design, "Second");
    const int first = model.document().stickers[1]->id, second = model.document().stickers[2]->id;
    model.in_hand.choose_sticker(first);
    model.importer.read_picture_for_sticker(
        test::demo_art("puffin.png"), "Picture",
        [](Sticker& s, const auto& picture) { s.name = "With " + picture->file_name; });
    model.in_hand.choose_sticker(second);
    settle();
    EXPECT_EQ(model.document().find(first)->name, "With puffin.png");
    EXPECT_EQ(model.document().find(second)->name, "Second");
}

TEST_F(SessionTest, LabelsOfAListThatArePutOnTheSheetAreTheRowsThatComeNext) {
    LabelDesign design;
    design.shape.kind = LabelShape::rectangle;
    design.texts[0].words = "{name}";
    design.table = std::make_shared<const Table>(Table{.columns = {"name"}, .rows = {{"Kelp"}, {"Dulse"}, {"Laver"}}});
    model.importer.add_label(design, "List");
    const int list = model.document().stickers.back()->id;
    model.in_hand.choose_sticker(list);
    model.copies.place_at(list, {50, 200});
    model.copies.place_at(list, {150, 200});
    model.copies.place(1);
    settle();
    std::vector<std::size_t> rows;
    for (const Placement& p : model.document().placements)
        if (p.sticker == list)
            rows.push_back(p.row);
    EXPECT_THAT(rows, testing::ElementsAre(0, 1, 2));
}

/// Whatever a thread throws, the window stays, says so, and the work is as it was.
TEST_F(SessionTest, WhatGoesWrongOnAThreadIsToldAndEndsNothing) {
    QSignalSpy told(&model.messages, &Messages::problem);
    const Document before = model.document();
    model.worked.start("Wrong", [](const Document&, Planner&, const Work&) -> Result<Edited> {
        throw std::runtime_error("no such luck");
    });
    model.worked.start("Full",
                       [](const Document&, Planner&, const Work&) -> Result<Edited> { throw std::bad_alloc(); });
    model.searches.search("Search",
                          [](const Document&, Planner&, const Work&, const Searches::Improved&) -> Searches::Searched {
                              throw std::runtime_error("nothing found");
                          });
    settle();
    ASSERT_EQ(told.count(), 3);
    EXPECT_EQ(model.document(), before);
    EXPECT_FALSE(model.searches.is_searching());
    set_gap(9);
    settle();
    EXPECT_EQ(model.snapshot().document.sheet.gap, 9);
}

TEST_F(SessionTest, ASearchThatAnEditOvertakesSaysSoAndKeepsTheEdit) {
    model.searches.search(
        "Search", [](const Document& now, Planner&, const Work& job, const Searches::Improved&) -> Searches::Searched {
            while (!job.stop.stop_requested())
                QThread::msleep(1);
            Document other = now;
            other.sheet.gap = 7;
            return {other, "Found."};
        });
    EXPECT_TRUE(model.searches.is_searching());
    set_gap(9);
    settle();
    EXPECT_FALSE(model.searches.is_searching());
    EXPECT_EQ(model.document().sheet.gap, 9);
    EXPECT_EQ(model.searches.report(), "Search: the project was changed meanwhile, so nothing came of it.");
}

TEST_F(SessionTest, WhatASearchFoundInOneProjectIsNeitherShownNorToldInAnother) {
    std::atomic<bool> may_end = false;
    model.searches.search(
        "Search",
        [&](const Document& now, Planner&, const Work&, const Searches::Improved& improved) -> Searches::Searched {
            improved(now);
            while (!may_end)
                QThread::msleep(1);
            return {now, "Found."};
        });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.searches.so_far().has_value(); }, 20000));
    model.project.start_new();
    EXPECT_FALSE(model.searches.so_far());
    may_end = true;
    settle();
    EXPECT_EQ(model.searches.report(), "");
    EXPECT_TRUE(model.document().stickers.empty());
}

TEST_F(SessionTest, AProjectThatSomebodyElseWroteIsKnownToHaveChanged) {
    const QString path = folder.filePath("shared.fusuma");
    model.project.save(path);
    settle();
    EXPECT_FALSE(model.project.has_changed_on_disk());
    Document theirs = model.document();
    theirs.sheet.gap = 9;
    ASSERT_TRUE(save_project(theirs, path));
    EXPECT_TRUE(model.project.has_changed_on_disk());
    model.project.save(path);
    settle();
    EXPECT_FALSE(model.project.has_changed_on_disk()) << "what is there is ours again";
    ASSERT_TRUE(QFile::remove(path));
    EXPECT_FALSE(model.project.has_changed_on_disk()) << "nothing is there to be overwritten";
}

/// The clock stands still, and what they wrote is as long as what was there.
TEST_F(SessionTest, WhatSomebodyElseWroteIsNoticedWithoutAClock) {
    const QString path = folder.filePath("shared.fusuma"), before = folder.filePath("before.fusuma");
    set_gap(41);
    model.project.save(path);
    settle();
    ASSERT_TRUE(QFile::copy(path, before));
    test::date_like(before.toStdString(), path.toStdString());
    Document theirs = model.document();
    for (int gap = 42; gap < 100; ++gap) { // until it packs as well
        theirs.sheet.gap = gap;
        ASSERT_TRUE(save_project(theirs, path, model.project.beside_when_saved()()));
        if (QFileInfo(path).size() == QFileInfo(before).size())
            break;
    }
    test::date_like(path.toStdString(), before.toStdString());
    ASSERT_EQ(QFileInfo(path).size(), QFileInfo(before).size());
    ASSERT_EQ(QFileInfo(path).lastModified(), QFileInfo(before).lastModified());
    EXPECT_TRUE(model.project.has_changed_on_disk());
}

TEST(NumberField, ReadsLengthsWithUnitsAndSums) {
    struct Typed {
        const char* text;
        Unit unit;
        double value; ///< mm
        const char* shown;
    };
    for (const Typed& typed : {Typed{"3", Unit::mm, 3, "3.0 mm"}, Typed{"1/4in", Unit::mm, 6.35, "6.3 mm"},
                               Typed{"50/2", Unit::mm, 25, "25.0 mm"}, Typed{"2", Unit::inch, 50.8, "2.000 in"},
                               Typed{"500", Unit::mm, 100, "100.0 mm"}, Typed{"-99", Unit::mm, -10, "−10.0 mm"},
                               Typed{"2,5cm", Unit::cm, 25, "2.50 cm"}}) {
        SCOPED_TRACE(typed.text);
        NumberField field(NumberField::Kind::length, -10, 100, 1, "field");
        field.set_unit(typed.unit);
        const QSignalSpy edited(&field, &NumberField::edited);
        field.show();
        field.selectAll();
        QTest::keyClicks(&field, typed.text);
        QTest::keyClick(&field, Qt::Key_Return);
        ASSERT_EQ(edited.count(), 1);
        EXPECT_NEAR(edited[0][0].toDouble(), typed.value, 1e-9);
        EXPECT_EQ(field.text().toStdString(), typed.shown);
    }
}

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

TEST(NumberField, IsNotSteppedByScrollingSideways) {
    NumberField field(NumberField::Kind::degrees, -360, 360, 1, "turn");
    field.set_value(10);
    field.show();
    QApplication::setActiveWindow(&field);
    field.setFocus();
    ASSERT_TRUE(field.hasFocus());
    const auto wheel = [&](QPoint by) {
        QWheelEvent event({5, 5}, field.mapToGlobal(QPointF(5, 5)), {}, by, Qt::NoButton, Qt::NoModifier,
                          Qt::NoScrollPhase, false);
        QApplication::sendEvent(&field, &event);
        return field.value();
    };
    EXPECT_EQ(wheel({120, 0}), 10);
    EXPECT_EQ(wheel({-120, 0}), 10);
    EXPECT_EQ(wheel({0, 120}), 11);
}

TEST(NumberField, SaysWhatIsWrongOnlyAsLongAsItIs) {
    NumberField field(NumberField::Kind::length, 0, 100, 1, "field");
    field.show();
    const QString usual = field.toolTip();
    const auto type = [&](const char* text) {
        field.selectAll();
        QTest::keyClicks(&field, text);
        QTest::keyClick(&field, Qt::Key_Return);
    };
    type("wide");
    EXPECT_NE(field.toolTip(), usual);
    type("broad");
    type("5");
    EXPECT_EQ(field.toolTip(), usual);
    type("long");
    QTest::keyClick(&field, Qt::Key_Escape);
    EXPECT_EQ(field.toolTip(), usual);
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

TEST(PageFile, NumbersEveryPageButTheFirst) {
    EXPECT_EQ(page_file("/a.b/cut.svg", 0), "/a.b/cut.svg");
    EXPECT_EQ(page_file("/a.b/cut.svg", 1), "/a.b/cut-2.svg");
    EXPECT_EQ(page_file("cut.final.plt", 11), "cut.final-12.plt");
}

/// The frame round the selection goes with the copies before anything is worked out anew.
TEST_F(SessionTest, TheBoxInSightFollowsCopiesThatWereMovedTurnedAndScaled) {
    const Selection one{CopyId{1}};
    const Rect before = box_in_sight(model.snapshot(), model.document(), one);
    EXPECT_NEAR(before.width(), 34, 0.1);
    const Document shifted = moved(model.document(), one, {10, -5});
    const Rect after = box_in_sight(model.snapshot(), shifted, one);
    EXPECT_NEAR(after.min.x, before.min.x + 10, 1e-9);
    EXPECT_NEAR(after.max.y, before.max.y - 5, 1e-9);
    const Rect larger = box_in_sight(model.snapshot(), scaled(model.document(), one, before.centre(), 2), one);
    EXPECT_NEAR(larger.width(), 2 * before.width(), 1e-6);
    const Rect turned_box =
        box_in_sight(model.snapshot(), turned(model.document(), one, before.centre(), std::acos(0.0)), one);
    EXPECT_NEAR(turned_box.width(), before.height(), 1e-6);
    EXPECT_TRUE(box_in_sight(model.snapshot(), model.document(), {CopyId{99}}).empty());
    EXPECT_TRUE(box_in_sight({}, model.document(), one).empty()) << "nothing is worked out yet";
}

/// A project that is opened while another opens, and one that cannot be, leave a project that is whole.
TEST_F(SessionTest, OpeningOneAfterTheOtherEndsWithTheLastThatCanBeRead) {
    const QString first = folder.filePath("first.fusuma"), second = folder.filePath("second.fusuma"),
                  damaged = folder.filePath("damaged.fusuma");
    Document d;
    d.sheet.gap = 4;
    ASSERT_TRUE(save_project(d, first));
    d.sheet.gap = 5;
    ASSERT_TRUE(save_project(d, second));
    ASSERT_TRUE(write_file(damaged, "no project"));
    QSignalSpy told(&model.messages, &Messages::problem);
    int followed = 0;
    model.project.open(first, [&](bool opened) { followed += opened; });
    model.project.open(second, [&](bool opened) { followed += opened; });
    model.project.open(damaged, [&](bool opened) { followed += opened; });
    settle();
    EXPECT_EQ(model.document().sheet.gap, 5);
    EXPECT_EQ(model.project.name(), "second");
    EXPECT_EQ(followed, 2);
    EXPECT_EQ(told.count(), 1);
    EXPECT_FALSE(model.project.is_changed());
}

/// Nothing takes the place of what a dialog asks about; then all comes, in its order.
TEST_F(SessionTest, WhatComesWhileADialogIsOpenComesInItsOrderOnceItIsClosed) {
    const int count = 6;
    for (int i = 1; i <= count; ++i) {
        Document d;
        d.sheet.gap = i;
        ASSERT_TRUE(save_project(d, folder.filePath(QString::number(i) + ".fusuma")));
    }
    QDialog dialog;
    dialog.setModal(true);
    dialog.show();
    const Document before = model.document();
    for (int i = 1; i <= count; ++i) {
        model.project.open(folder.filePath(QString::number(i) + ".fusuma"));
        QTest::qWait(7 * i); // so that no two are looked after at the same times
    }
    model.searches.search("Look", [](const Document& now, Planner&, const Work&, const Searches::Improved&) {
        Document d = now;
        d.sheet.gap = 9;
        return Searches::Searched{d, "found"};
    });
    model.worked.start("Make", [](const Document& now, Planner&, const Work&) -> Result<Edited> {
        Document d = now;
        d.sheet.gap = 8;
        return Edited{d, {}};
    });
    QTest::qWait(300);
    EXPECT_EQ(model.document(), before);
    EXPECT_TRUE(model.project.is_busy());
    dialog.close();
    settle();
    EXPECT_EQ(model.project.name(), QString::number(count)) << "and what was made for the one before is dropped";
    EXPECT_EQ(model.document().sheet.gap, count);

    need_not_be_waited_for(dialog);
    dialog.show();
    model.project.open(folder.filePath("1.fusuma"));
    settle();
    EXPECT_TRUE(dialog.isVisible());
    EXPECT_EQ(model.project.name(), "1");
}

/// Saving goes on while people edit, open and start anew, and none of that is taken for the other.
TEST_F(SessionTest, ASaveThatEndsLateBelongsToTheProjectThatItWasFor) {
    const QString path = folder.filePath("first.fusuma");
    model.project.start_new();
    set_gap(4);
    model.project.save(path);
    model.project.start_new();
    set_gap(9);
    settle();
    EXPECT_EQ(load_project(path)->sheet.gap, 4);
    EXPECT_TRUE(model.project.path().isEmpty()) << "the new one has no file";
    EXPECT_TRUE(model.project.is_changed());
}

TEST_F(SessionTest, CopiesArePastedWithoutTheirBytesWhereTheyCameFrom) {
    model.in_hand.select({CopyId{1}});
    model.copies.copy(model.snapshot().plan);
    EXPECT_TRUE(model.copies.paste());
    settle();
    EXPECT_EQ(model.document().placements.size(), 3u);
    QGuiApplication::clipboard()->setText("no copies");
    EXPECT_FALSE(model.copies.paste());
    auto* hostile = new QMimeData;
    hostile->setData("application/x-fusuma-copies", "not a project");
    QGuiApplication::clipboard()->setMimeData(hostile);
    QSignalSpy told(&model.messages, &Messages::problem);
    EXPECT_TRUE(model.copies.paste());
    settle();
    ASSERT_EQ(told.count(), 1);
    EXPECT_THAT(told[0][0].toString().toStdString(), testing::HasSubstr("cannot be opened"));
    EXPECT_EQ(model.document().placements.size(), 3u);
}

} // namespace
} // namespace fusuma::app
