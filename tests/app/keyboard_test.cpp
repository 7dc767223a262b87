// The whole window without a mouse, and what it tells to screen readers.

#include "app/bench/bench_view.h"
#include "app/common/mnemonics.h"
#include "app/output/output_page.h"
#include "app/sheet/sheet_view.h"
#include "tests/app/window.h"

#include <QAccessible>
#include <QHeaderView>
#include <QListWidget>
#include <QMenuBar>
#include <QPlainTextEdit>
#include <QSettings>
#include <QTreeWidget>
#include <numbers>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

class Keyboard : public Window {
  protected:
    void SetUp() override {
        QSettings().clear();
        Window::SetUp();
    }
    SheetView& sheet() { return *window.findChild<SheetView*>(); }
    /// Two rows of two discs, the first of them last in the document.
    void four_discs() {
        Document d = test::disc_document({{150, 60}, {60, 160}, {150, 160}, {60, 62}});
        model.project.adopt(std::move(d), "Four");
        settle();
        window.go_to(Place::sheet);
        settle();
        sheet().setFocus(Qt::TabFocusReason);
    }
    std::optional<Point> chosen_at() {
        const Placement* first = model.in_hand.first_copy();
        return first ? std::optional(first->centre) : std::nullopt;
    }
    void keys(Qt::Key code, int times, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        for (int i = 0; i < times; ++i)
            QTest::keyClick(&sheet(), code, modifiers);
        settle();
    }
};

TEST_F(Keyboard, TabAndCtrlWithArrowsGoFromCopyToCopy) {
    four_discs();
    EXPECT_FALSE(chosen_at());
    std::vector<Point> seen;
    for (int i = 0; i < 4; ++i) {
        key(Qt::Key_Tab);
        ASSERT_TRUE(chosen_at()) << i;
        seen.push_back(*chosen_at());
    }
    EXPECT_EQ(seen, (std::vector<Point>{{60, 62}, {150, 60}, {60, 160}, {150, 160}})) << "as one reads";
    EXPECT_TRUE(sheet().hasFocus());
    key(Qt::Key_Tab);
    EXPECT_FALSE(sheet().hasFocus()) << "past the last one Tab goes on";
    sheet().setFocus(Qt::TabFocusReason);
    key(Qt::Key_Up, Qt::ControlModifier);
    EXPECT_EQ(chosen_at(), (Point{150, 60}));
    key(Qt::Key_Left, Qt::ControlModifier);
    EXPECT_EQ(chosen_at(), (Point{60, 62}));
    key(Qt::Key_Tab, Qt::ShiftModifier);
    EXPECT_FALSE(sheet().hasFocus()) << "before the first one, too";
}

TEST_F(Keyboard, CopiesAreMovedAndTurned) {
    four_discs();
    key(Qt::Key_Tab);
    keys(Qt::Key_Right, 3);
    keys(Qt::Key_Down, 1, Qt::ShiftModifier);
    EXPECT_EQ(chosen_at(), (Point{63, 72}));
    const auto turn_deg = [&] { return model.in_hand.first_copy()->turn * 180 / std::numbers::pi; };
    keys(Qt::Key_Period, 2);
    EXPECT_NEAR(turn_deg(), 30, 1e-9);
    keys(Qt::Key_Comma, 3, Qt::AltModifier);
    EXPECT_NEAR(turn_deg(), 27, 1e-9);
    model.project.undo();
    EXPECT_NEAR(turn_deg(), 0, 1e-9) << "one stroke of keys is one edit";
}

TEST_F(Keyboard, APointerMovedByKeysDrawsABandAndPullsAHandle) {
    four_discs();
    key(Qt::Key_F8);
    ASSERT_TRUE(sheet().is_pointed_by_keys());
    // From the middle of the view to beyond the two lower discs' corner on the left, held.
    const auto go_to = [&](QPointF place, QPointF& at) {
        for (const auto& [less, more, from, to] : {std::tuple{Qt::Key_Left, Qt::Key_Right, &at.rx(), place.x()},
                                                   {Qt::Key_Up, Qt::Key_Down, &at.ry(), place.y()}})
            while (std::abs(to - *from) >= 0.5) {
                const double rest = to - *from, step = std::abs(rest) >= 40 ? 40 : std::abs(rest) >= 8 ? 8 : 1;
                QTest::keyClick(&sheet(), rest < 0 ? less : more,
                                step == 40  ? Qt::ShiftModifier
                                : step == 8 ? Qt::NoModifier
                                            : Qt::AltModifier);
                *from += rest < 0 ? -step : step;
            }
    };
    QPointF at = sheet().rect().center();
    const auto on_paper = [&](double x, double y) { return sheet().to_view().map(QPointF(x, y)); };
    go_to(on_paper(25, 110), at);
    key(Qt::Key_Return);
    go_to(on_paper(190, 200), at);
    key(Qt::Key_Return);
    EXPECT_EQ(model.in_hand.copies().size(), 2u);
    for (const CopyId id : model.in_hand.copies())
        EXPECT_EQ(model.document().copy(id)->centre.y, 160);
    // One disc, made larger by its corner.
    go_to(on_paper(150, 60), at);
    key(Qt::Key_Return);
    key(Qt::Key_Return);
    ASSERT_EQ(model.in_hand.copies().size(), 1u);
    const double before = model.in_hand.first_copy()->scale;
    const Rect box = box_in_sight(model.snapshot(), model.document(), model.in_hand.copies());
    go_to(on_paper(box.max.x, box.max.y), at);
    key(Qt::Key_Return);
    go_to(on_paper(box.max.x + 12, box.max.y + 12), at);
    key(Qt::Key_Return);
    EXPECT_GT(model.in_hand.first_copy()->scale, before * 1.1);
    key(Qt::Key_Escape);
    EXPECT_FALSE(sheet().is_pointed_by_keys());
}

TEST_F(Keyboard, APointerMovedByKeysHoldsNothingOnceTheKeysAreElsewhere) {
    four_discs();
    key(Qt::Key_F8);
    const QPoint on_disc = sheet().to_view().map(QPointF(60, 62)).toPoint();
    const auto go_on_disc_and_pull = [&] {
        sheet().point_by_keys(false);
        sheet().point_by_keys(true);
        const QPoint by = on_disc - sheet().rect().center();
        for (int i = 0; i < std::abs(by.x()); ++i)
            QTest::keyClick(&sheet(), by.x() < 0 ? Qt::Key_Left : Qt::Key_Right, Qt::AltModifier);
        for (int i = 0; i < std::abs(by.y()); ++i)
            QTest::keyClick(&sheet(), by.y() < 0 ? Qt::Key_Up : Qt::Key_Down, Qt::AltModifier);
        QTest::keyClick(&sheet(), Qt::Key_Return);
        for (int i = 0; i < 5; ++i)
            QTest::keyClick(&sheet(), Qt::Key_Right, Qt::ShiftModifier);
    };
    const Point was = model.document().placements[3].centre;
    // Escape: back to how it was, and the next keys move nothing.
    go_on_disc_and_pull();
    QTest::keyClick(&sheet(), Qt::Key_Escape);
    for (int i = 0; i < 5; ++i)
        QTest::keyClick(&sheet(), Qt::Key_Down, Qt::ShiftModifier);
    settle();
    EXPECT_EQ(model.document().placements[3].centre, was);
    EXPECT_TRUE(sheet().is_pointed_by_keys());
    // Another pane: what was pulled lies where it was let go of.
    go_on_disc_and_pull();
    key(Qt::Key_F6);
    const Point then = model.document().placements[3].centre;
    EXPECT_GT(then.x, was.x + 10);
    sheet().setFocus(Qt::TabFocusReason);
    for (int i = 0; i < 5; ++i)
        QTest::keyClick(&sheet(), Qt::Key_Right, Qt::ShiftModifier);
    settle();
    EXPECT_EQ(model.document().placements[3].centre, then);
}

TEST_F(Keyboard, LettersThatAreCommandsAreLettersInFields) {
    drop_artwork({test::demo_art("puffin.png")});
    click("stepArtwork");
    auto* name = find<QLineEdit>("stickerName");
    ASSERT_TRUE(name);
    name->setFocus();
    name->selectAll();
    QTest::keyClicks(name, "Why? Me.,");
    EXPECT_EQ(name->text(), "Why? Me.,");
    EXPECT_FALSE(QApplication::activeModalWidget());
    settle();
}

TEST_F(Keyboard, NodesAreWalkedAndAPointerByKeysDrags) {
    drop_artwork({test::demo_art("puffin.png")});
    auto* view = window.findChild<BenchView*>();
    window.findChild<BenchPage*>()->take(Tool::nodes);
    settle();
    view->setFocus(Qt::TabFocusReason);
    const Things nodes = view->things();
    ASSERT_GT(nodes.size(), 8u);
    EXPECT_THAT(nodes.front().name.toStdString(),
                testing::MatchesRegex("Node 1 of [0-9]+, (smooth|corner), .* from the top"));
    key(Qt::Key_Tab);
    EXPECT_TRUE(view->things()[0].is_chosen);
    key(Qt::Key_Tab);
    EXPECT_TRUE(view->things()[1].is_chosen);
    EXPECT_FALSE(view->things()[0].is_chosen);
    const QPointF was = view->things()[1].box.center();
    key(Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_GT(view->things()[1].box.center().x(), was.x() + 1);
}

TEST_F(Keyboard, F6GoesRoundThePanes) {
    four_discs();
    std::set<QWidget*> panes;
    for (int i = 0; i < 4; ++i) {
        key(Qt::Key_F6);
        QWidget* at = QApplication::focusWidget();
        ASSERT_TRUE(at);
        while (at->parentWidget() && !at->parentWidget()->inherits("fusuma::app::Sides") &&
               at->objectName() != "preflightStrip")
            at = at->parentWidget();
        panes.insert(at);
    }
    EXPECT_EQ(panes.size(), 4u) << "tray, view, panel, strip";
    QWidget* here = QApplication::focusWidget();
    key(Qt::Key_F6);
    key(Qt::Key_F6, Qt::ShiftModifier);
    EXPECT_EQ(QApplication::focusWidget(), here);
}

TEST_F(Keyboard, EveryMenuEntryHasALetterOfItsOwn) {
    four_discs();
    for (const QAction* menu : window.findChild<QMenuBar*>()->actions()) {
        std::set<QChar> letters;
        for (const QAction* action : menu->menu()->actions()) {
            if (action->isSeparator())
                continue;
            const qsizetype at = action->text().indexOf('&');
            ASSERT_GE(at, 0) << action->text().toStdString();
            EXPECT_TRUE(letters.insert(action->text()[at + 1].toLower()).second) << action->text().toStdString();
        }
    }
    QMenu menu; // and where letters run out, as in a menu of one letter or of signs alone
    menu.addAction("aa");
    menu.addAction("a");
    menu.addAction("日本");
    menu.addAction("…");
    menu.addAction("&b && a");
    give_mnemonics(menu);
    EXPECT_EQ(menu.actions()[0]->text(), "&aa");
    EXPECT_EQ(menu.actions()[1]->text(), "a");
    EXPECT_EQ(menu.actions()[2]->text(), "&日本");
    EXPECT_EQ(menu.actions()[3]->text(), "…");
    EXPECT_EQ(menu.actions()[4]->text(), "&b && a");
}

TEST_F(Keyboard, TheListOfKeysIsThatOfTheCommands) {
    std::set<QString> listed;
    in_dialog(
        "keysDialog",
        [&](QDialog& dialog) {
            auto* list = dialog.findChild<QTreeWidget*>("keyList");
            for (QTreeWidgetItemIterator it(list); *it; ++it)
                listed.insert((*it)->text(1));
        },
        [&] { key(Qt::Key_Question); }, "closeKeys");
    for (const QAction* menu : window.findChild<QMenuBar*>()->actions())
        for (const QAction* action : menu->menu()->actions())
            if (!action->shortcut().isEmpty()) {
                EXPECT_TRUE(listed.contains(action->shortcut().toString(QKeySequence::NativeText)))
                    << action->text().toStdString();
            }
    EXPECT_TRUE(listed.contains("F6"));
}

TEST_F(Keyboard, TheGuideOpensAtItsChaptersAndFollowsItsLinks) {
    key(Qt::Key_F1);
    auto* guide = window.findChild<QDialog*>("guide");
    ASSERT_TRUE(guide && guide->isVisible());
    auto* chapters = guide->findChild<QListWidget*>("chapters");
    EXPECT_GE(chapters->count(), 5);
    key(Qt::Key_F1);
    EXPECT_EQ(window.findChildren<QDialog*>("guide").size(), 1) << "it is brought forward";
    guide->close();
}

// Screen readers, as Qt tells them; tests/app/accessible_window looks from outside, through AT-SPI.

TEST_F(Keyboard, ReadersMayAskForWhatIsNoLongerThere) {
    open_small_demo(); // a scroll bar that was there is gone by the time it is asked for
    for (auto* area : window.findChildren<QAbstractScrollArea*>()) {
        QAccessibleInterface* known = QAccessible::queryAccessibleInterface(area);
        ASSERT_TRUE(known) << area->metaObject()->className();
        if (!qobject_cast<QAbstractItemView*>(area) || qobject_cast<QHeaderView*>(area)) {
            EXPECT_TRUE(known->child(0)) << area->metaObject()->className();
        }
        for (const int beyond : {0, 1, 2, 1000})
            EXPECT_FALSE(known->child(known->childCount() + beyond)) << area->metaObject()->className();
        EXPECT_FALSE(known->child(-1)) << area->metaObject()->className();
    }
}

TEST_F(Keyboard, TheSheetTellsOfEveryCopyAndOfWhatIsWrongWithIt) {
    Document d = test::disc_document({{100, 150}, {8, 60}});
    model.project.adopt(std::move(d), "Two");
    settle();
    window.go_to(Place::sheet);
    settle();
    QAccessibleInterface* view = QAccessible::queryAccessibleInterface(&sheet());
    ASSERT_TRUE(view);
    std::vector<QAccessibleInterface*> copies;
    int marks = 0;
    for (int i = 0; i < view->childCount(); ++i)
        if (QAccessibleInterface* child = view->child(i); child && child->role() == QAccessible::ListItem) {
            EXPECT_EQ(view->indexOfChild(child), i);
            EXPECT_EQ(child->parent(), view);
            if (child->text(QAccessible::Name).startsWith("Mark"))
                ++marks;
            else
                copies.push_back(child);
        }
    ASSERT_EQ(copies.size(), 2u);
    EXPECT_EQ(marks, 5);
    EXPECT_THAT(copies[0]->text(QAccessible::Name).toStdString(), HasSubstr("outside the cut zone"));
    EXPECT_THAT(copies[1]->text(QAccessible::Name).toStdString(), testing::Not(HasSubstr("zone")));
    EXPECT_TRUE(copies[1]->rect().contains(sheet().mapToGlobal(sheet().to_view().map(QPointF(100, 150)).toPoint())));
    EXPECT_EQ(view->childAt(copies[1]->rect().center().x(), copies[1]->rect().center().y()), copies[1]);
    copies[1]->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
    EXPECT_EQ(model.in_hand.first_copy()->centre, (Point{100, 150}));
    EXPECT_TRUE(copies[1]->state().selected);
    // What is gone says so.
    model.copies.remove();
    settle();
    EXPECT_FALSE(copies[1]->isValid());
    EXPECT_TRUE(copies[1]->text(QAccessible::Name).isEmpty());
    EXPECT_TRUE(copies[0]->isValid());
}

TEST_F(Keyboard, WhatHelpsAReportNamesNothingOfThePerson) {
    drop_artwork({test::demo_art("puffin.png")});
    emit model.messages.problem("“secret customer.png” cannot be read: /home/mara/secret/list.csv is missing.");
    emit model.messages.note("Saved secret.pdf as ticket K7Q2.");
    QString text;
    in_dialog(
        "aboutMachine",
        [&](QDialog& dialog) { text = dialog.findChild<QPlainTextEdit*>("aboutMachineText")->toPlainText(); },
        [&] {
            for (QAction* action : window.findChildren<QAction*>())
                if (action->text().remove('&') == "About this machine…")
                    action->trigger();
        },
        "closeAbout");
    EXPECT_TRUE(text.contains("Qt: ")) << text.toStdString();
    EXPECT_TRUE(text.contains("cannot be read"));
    for (const char* private_words : {"secret", "mara", "list.csv", "/home", "puffin"})
        EXPECT_FALSE(text.contains(private_words, Qt::CaseInsensitive)) << private_words << "\n" << text.toStdString();
}

} // namespace
} // namespace fusuma::app
