// The sheet by mouse and keys: filling it from eight stickers, handles, snapping, groups, pages, and every finding
// shown, repaired and taken back.

#include "app/sheet/resting_sheet.h"
#include "app/sheet/sheet_view.h"
#include "core/plan/planner.h"
#include "tests/app/window.h"
#include "tests/support/troubles.h"

#include <QCheckBox>
#include <QComboBox>
#include <QListWidget>
#include <QPainter>
#include <QToolButton>

namespace fusuma::app {
namespace {

class OnTheSheet : public Window {
  protected:
    void pick(const char* combo, int index) {
        auto* box = find<QComboBox>(combo);
        ASSERT_TRUE(box) << combo;
        box->setFocus();
        while (box->currentIndex() != index)
            QTest::keyClick(box, box->currentIndex() < index ? Qt::Key_Down : Qt::Key_Up);
        emit box->activated(index);
        settle();
    }
    QPoint on_screen(Point mm) {
        auto* view = find<SheetView>("sheetView");
        return view->to_view().map(QPointF(mm.x, mm.y)).toPoint();
    }
};

/// Sheets of very many copies are drawn in turns, and never seen half done where there is something better.
TEST(RestingOnTheSheet, TheLastWholePictureIsShownWhereItBelongsUntilTheNextIsDrawn) {
    std::vector<Point> places;
    for (int i = 0; i < 600; ++i) // over each other, so that their number costs no time
        places.push_back({60.0 + i % 2, 80});
    const Document d = test::disc_document(places);
    Planner planner;
    RestingSheet resting;
    const RestingSheet::Of before{planner.plan(d), QTransform::fromScale(2, 2), {}, d.sheet, 0, 0, {420, 594}, 1};
    const auto shown = [&] {
        QImage seen(before.size, QImage::Format_ARGB32_Premultiplied);
        seen.fill(Qt::transparent);
        QPainter painter(&seen);
        resting.show(painter);
        return seen;
    };
    const auto draw_all = [&] {
        int turns = 0;
        for (; !resting.is_whole() && turns < 100; ++turns)
            resting.draw([](QPainter&) {});
        return turns;
    };
    EXPECT_FALSE(resting.is_whole()) << "nothing was begun";
    resting.begin(before);
    const QPoint ink(120, 160), to_the_right(100, 0);
    EXPECT_EQ(shown().pixelColor(ink).alpha(), 0);
    const int turns = draw_all();
    EXPECT_GT(turns, 0);
    EXPECT_LT(turns, 100);
    const QImage whole = shown();
    EXPECT_EQ(whole.pixelColor(ink).alpha(), 255);
    EXPECT_EQ(whole.pixelColor(ink + to_the_right).alpha(), 0);

    auto moved = before;
    moved.view *= QTransform::fromTranslate(to_the_right.x(), to_the_right.y());
    resting.begin(moved);
    EXPECT_EQ(shown().pixelColor(ink + to_the_right), whole.pixelColor(ink)) << "not drawn yet, but there";
    EXPECT_EQ(shown().pixelColor(ink).alpha(), 0);
    auto larger = before;
    larger.view.scale(1.5, 1.5);
    resting.begin(larger); // before it was drawn
    EXPECT_EQ(shown().pixelColor(ink * 1.5).alpha(), 255);
    draw_all();
    EXPECT_EQ(shown().pixelColor(ink * 1.5), whole.pixelColor(ink));

    auto turned = before;
    turned.page = 1;
    resting.begin(turned);
    EXPECT_EQ(shown().pixelColor(ink * 1.5).alpha(), 0) << "nothing of another page";
}

/// While a project is worked out its copies stand where they will be, and nothing is said to be fine.
TEST_F(OnTheSheet, CopiesStandInTheirPlacesBeforeTheyAreWorkedOut) {
    QTest::mouseClick(&window.findChild<Doors*>()->door(1), Qt::LeftButton);
    settle();
    Document d = with_sticker_added({}, test::disc_sticker(28)); // 30 mm with what is clear round it
    d = with_sticker_added(std::move(d), test::disc_sticker(18));
    d.put({.sticker = 1, .centre = {60, 80}});
    d.put({.sticker = 2, .centre = {140, 200}, .turn = 0.5});
    const auto edge_is_seen = [&](const QImage& seen, Point from, Point to) {
        int marked = 0;
        for (double at = 0.02; at < 0.3; at += 0.005) { // beside the cut line
            const QPoint p = on_screen(from + at * (to - from));
            bool is_marked = false;
            for (int aside = -2; aside <= 2; ++aside)
                is_marked |= seen.pixelColor(p + QPoint(0, aside)).lightness() < 220;
            marked += is_marked;
        }
        return marked > 25; // of 56: dashes
    };
    model.project.adopt(d, "Discs");
    auto* view = find<SheetView>("sheetView");
    const QImage before = view->grab().toImage();
    EXPECT_TRUE(edge_is_seen(before, {45, 65}, {75, 65})) << "the upper edge of its frame";
    EXPECT_FALSE(edge_is_seen(before, {110, 65}, {139, 65}));
    EXPECT_FALSE(window.findChild<QAbstractButton*>("toFix")->isVisible()) << "nothing has been looked at";
    EXPECT_THAT(window.findChild<Doors*>()->door(1).accessibleName().toStdString(),
                testing::Not(testing::HasSubstr("fine")));
    settle();
    const QImage after = view->grab().toImage();
    EXPECT_FALSE(edge_is_seen(after, {45, 65}, {75, 65})) << "its cut line, no frame";
    EXPECT_TRUE(window.findChild<QAbstractButton*>("toFix")->isVisible());
    EXPECT_THAT(window.findChild<Doors*>()->door(1).accessibleName().toStdString(), testing::HasSubstr("fine"));
}

TEST_F(OnTheSheet, AFullPageOfEightStickersWithNoFindingIsMadeByMouse) {
    QStringList art;
    for (const char* name : {"puffin.png", "octopus.png", "leaping-mackerel.png", "white-moon.png", "paper-lantern.png",
                             "anchor-sketch.png", "kelp-relish.png", "harbour-ferry.jpg"})
        art << test::demo_art(name);
    drop_artwork(art);
    // Fine enough for their pixels, small enough for two of each.
    for (const auto& sticker : model.document().stickers) {
        model.in_hand.choose_sticker(sticker->id);
        click("stepSize");
        type("finishedWidth", "42");
        click("stepSize");
    }
    key(Qt::Key_2, Qt::ControlModifier);
    pick("fillWith", 1);
    pick("fillWay", 2);
    QTest::mouseClick(find<QPushButton>("fillSheet"), Qt::LeftButton);
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return model.searches.so_far() || !model.searches.is_searching(); }, long_enough));
    QTest::qWait(1500); // watching it improve
    if (model.searches.is_searching())
        QTest::mouseClick(find<QPushButton>("fillSheet"), Qt::LeftButton); // stop, and keep this
    ASSERT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, long_enough));
    settle();
    EXPECT_GE(model.document().placements.size(), 14u);
    EXPECT_GT(model.snapshot().totals.used_share, 0.5);
    EXPECT_THAT(find<QLabel>("fillReport")->text().toStdString(), testing::HasSubstr("copies placed"));
    // Specks that these pictures have are repaired from the strip.
    int repairs = 0;
    for (; repairs < 4 && !model.snapshot().findings.empty() && model.snapshot().findings.front().fix; ++repairs)
        click("fixFinding");
    for (const Finding& finding : model.snapshot().findings)
        ADD_FAILURE() << finding.rule << ": " << finding.message;
    for (int i = 0; i <= repairs; ++i)
        click("undo");
    EXPECT_TRUE(model.document().placements.empty()) << "filling is one step";
}

TEST_F(OnTheSheet, ExactNumbersSayHowManyPagesTheyTookAndWhatIsLeftOnTheLast) {
    model.project.adopt(with_sticker_added({}, test::disc_sticker(60)), QStringLiteral("test"));
    settle();
    key(Qt::Key_2, Qt::ControlModifier);
    EXPECT_FALSE(window.findChild<QCheckBox*>(QStringLiteral("fillFewest"))->isVisible())
        << "asked of exact numbers only";
    pick("fillHowMany", 2);
    pick("fillWay", 0);
    type("fillCount", "20");
    QTest::mouseClick(find<QCheckBox>("fillFewest"), Qt::LeftButton, {}, {8, 8});
    EXPECT_TRUE(find<QCheckBox>("fillFewest")->isChecked());
    click("fillSheet");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, 60'000));
    settle();
    const int pages = model.document().pages;
    EXPECT_EQ(model.document().placements.size(), 20U);
    EXPECT_GE(pages, 2);
    EXPECT_THAT(find<QLabel>("fillReport")->text().toStdString(),
                testing::StartsWith("20 copies placed, on " + std::to_string(pages) + " pages. On the last, "));
    click("undo");
    EXPECT_TRUE(model.document().placements.empty());
    EXPECT_EQ(model.document().pages, 1);
}

TEST_F(OnTheSheet, LabelsLieEdgeToEdgeAndShareTheirCutsWhereThatIsAllowed) {
    auto picture = test::picture_of({corners_of({{0, 0}, {600, 360}})}, 600, 360);
    Sticker plain = new_sticker(PictureArtwork{picture});
    plain.border.width = 0;
    model.project.adopt(with_sticker_added({}, plain), QStringLiteral("test"));
    settle();
    key(Qt::Key_2, Qt::ControlModifier);
    pick("fillHowMany", 1);
    click("fillSheet");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, 60'000));
    settle();
    const std::size_t apart = model.document().placements.size();
    QTest::mouseClick(find<QCheckBox>("sharesCuts"), Qt::LeftButton, {}, {8, 8});
    settle();
    EXPECT_TRUE(model.document().sheet.shares_cuts);
    click("fillSheet");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, 60'000));
    settle();
    EXPECT_GT(model.document().placements.size(), apart);
    EXPECT_GT(model.snapshot().totals.shared_mm, 1000);
    for (const Finding& finding : model.snapshot().findings)
        EXPECT_TRUE(finding.rule == "no-bleed" || finding.rule == "low-resolution") << finding.message.english();

    // One that is dragged near another goes on to touch it, without the gap.
    const Placement held = model.document().placements.front();
    drag(find<SheetView>("sheetView"), on_screen(held.centre), on_screen(held.centre + Point{1.5, 1.5}));
    EXPECT_NEAR(distance(model.document().copy(held.id)->centre, held.centre), 0, 0.01);

    while (find<QAbstractButton>("undo")->isEnabled())
        click("undo");
    EXPECT_FALSE(model.document().sheet.shares_cuts);
    EXPECT_FALSE(find<QCheckBox>("sharesCuts")->isChecked());
}

TEST_F(OnTheSheet, TheBarsAtTheBottomNeverCoverEachOther) {
    Document document = test::disc_document({{60, 100}});
    while (document.pages < most_pages)
        document = with_page_added(std::move(document));
    model.project.adopt(std::move(document), QStringLiteral("test"));
    key(Qt::Key_2, Qt::ControlModifier);
    model.in_hand.go_to_page(most_pages - 1);
    for (const int width : {1600, 1280, 1024, 960}) {
        window.resize(width, 700);
        settle();
        const QWidget *pages = find<QPushButton>("addPage")->parentWidget(),
                      *zoom = find<QPushButton>("measure")->parentWidget();
        EXPECT_FALSE(pages->geometry().intersects(zoom->geometry())) << width;
        EXPECT_TRUE(find<SheetView>("sheetView")->rect().contains(pages->geometry())) << width;
    }
}

TEST_F(OnTheSheet, HandlesTurnAndScaleAndCtrlDragDuplicates) {
    model.project.adopt(test::disc_document({{60, 100}, {140, 200}}), QStringLiteral("test"));
    settle();
    key(Qt::Key_2, Qt::ControlModifier);
    auto* view = find<SheetView>("sheetView");
    QTest::mouseClick(view, Qt::LeftButton, {}, on_screen({60, 100}));
    settle();
    ASSERT_EQ(model.in_hand.copies().size(), 1u);
    // The lower right corner, away from the middle.
    const double frame = 17 + 4 / view->px_per_mm();
    drag(view, on_screen({60 + frame, 100 + frame}), on_screen({60 + 1.5 * frame, 100 + 1.5 * frame}));
    EXPECT_NEAR(model.document().placements[0].scale, 1.25, 0.03);
    click("undo");
    // The knob above turns; with Shift by steps of 15°.
    const double knob = frame + 26 / view->px_per_mm();
    drag(view, on_screen({60, 100 - knob}), on_screen({60 + knob, 100 + 2}), Qt::ShiftModifier);
    EXPECT_NEAR(model.document().placements[0].turn, 1.5708, 1e-3);
    click("undo");
    drag(view, on_screen({60, 100}), on_screen({60, 160}), Qt::ControlModifier);
    ASSERT_EQ(model.document().placements.size(), 3u);
    EXPECT_NEAR(model.document().placements[2].centre.y, 160, 1.5);
    EXPECT_EQ(model.document().placements[0].centre, (Point{60, 100}));
    // Snapping: dragged to nearly the same height as the other, it takes just that.
    drag(view, on_screen({60, 160}), on_screen({90, 200.6}));
    EXPECT_NEAR(model.document().placements[2].centre.y, 200, 0.02);
}

TEST_F(OnTheSheet, ArrangingByButtonsFieldsAndKeys) {
    model.project.adopt(test::disc_document({{60, 100}, {140, 180}}), QStringLiteral("test"));
    settle();
    key(Qt::Key_2, Qt::ControlModifier);
    find<SheetView>("sheetView")->setFocus();
    key(Qt::Key_A, Qt::ControlModifier);
    EXPECT_EQ(model.in_hand.copies().size(), 2u);
    click("alignLeft");
    EXPECT_NEAR(model.document().placements[1].centre.x, 60, 0.02);
    click("groupCopies");
    model.in_hand.select({CopyId{1}});
    EXPECT_EQ(model.in_hand.copies().size(), 2u) << "a group is selected together";
    click("lockCopies");
    find<SheetView>("sheetView")->setFocus();
    key(Qt::Key_Right);
    EXPECT_NEAR(model.document().placements[0].centre.x, 60, 1e-9) << "locked";
    click("lockCopies");
    click("groupCopies");
    model.in_hand.select({CopyId{1}});
    settle();
    type("copyWidth", "20");
    EXPECT_NEAR(box_of(model.document(), model.working_out.planner(), {CopyId{1}}).width(), 20, 0.02);
    click("mirrorAcross");
    EXPECT_TRUE(model.document().placements[0].mirrored);
    type("repeatColumns", "4");
    type("repeatRows", "1");
    click("repeat");
    EXPECT_EQ(model.document().placements.size(), 5u);
}

TEST_F(OnTheSheet, CopiesArePastedOnAnotherPage) {
    drop_artwork({test::demo_art("white-moon.png")});
    click("putOnSheet");
    find<SheetView>("sheetView")->setFocus();
    key(Qt::Key_A, Qt::ControlModifier);
    key(Qt::Key_C, Qt::ControlModifier);
    click("addPage");
    EXPECT_EQ(model.in_hand.page(), 1);
    find<SheetView>("sheetView")->setFocus();
    key(Qt::Key_V, Qt::ControlModifier);
    ASSERT_EQ(model.document().placements.size(), 2u);
    EXPECT_EQ(model.document().placements.back().page, 1);
    EXPECT_EQ(model.document().stickers.size(), 1u);
    find<SheetView>("sheetView")->setFocus();
    key(Qt::Key_PageUp);
    EXPECT_EQ(model.in_hand.page(), 0);
    EXPECT_TRUE(model.in_hand.copies().empty());
}

TEST_F(OnTheSheet, EveryFindingIsShownRepairedAndTakenBack) {
    for (const test::Trouble& trouble : test::every_trouble()) {
        SCOPED_TRACE(trouble.rule);
        model.project.adopt(trouble.document, QStringLiteral("test"));
        settle();
        const auto count = [&] { return std::ranges::count(model.snapshot().findings, trouble.rule, &Finding::rule); };
        const auto found = count();
        ASSERT_GT(found, 0);
        click("toFix");
        auto* list = find<QListWidget>("findingList");
        const auto& findings = model.snapshot().findings;
        const auto at = std::ranges::find(findings, trouble.rule, &Finding::rule) - findings.begin();
        list->setCurrentRow(static_cast<int>(at));
        click("showFinding");
        auto* view = find<SheetView>("sheetView");
        ASSERT_TRUE(view);
        if (trouble.has_fix) {
            click("fixFinding");
            EXPECT_LT(count(), found);
            click("undo");
            EXPECT_EQ(count(), found);
        }
        if (auto* drawer = window.findChild<QWidget*>(QStringLiteral("drawer")); drawer->isVisible())
            click("toFix");
    }
}

} // namespace
} // namespace fusuma::app
