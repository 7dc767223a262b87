// Everyday hands: wheel, keys, right clicks, the tray, the finder, messages, quick sizes, the start page, a second job.

#include "app/bench/bench_view.h"
#include "app/common/notice.h"
#include "app/frame/recent_projects.h"
#include "app/model/carried.h"
#include "app/output/output_page.h"
#include "app/sheet/sheet_view.h"
#include "formats/project/project_file.h"
#include "tests/app/window.h"

#include <QClipboard>
#include <QComboBox>
#include <QDropEvent>
#include <QListWidget>
#include <QMenu>
#include <QScrollArea>
#include <QScrollBar>
#include <QSettings>
#include <QSlider>
#include <set>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

class Hands : public Window {
  protected:
    void SetUp() override {
        QSettings().clear();
        Window::SetUp();
    }
    void turn_wheel(QWidget* over, int steps, Qt::KeyboardModifiers keys = Qt::NoModifier) {
        // Qt hands on what is not taken for true turns only.
        for (QWidget* at = over; at; at = at->parentWidget()) {
            QWheelEvent wheel(QPointF(at->rect().center()), at->mapToGlobal(QPointF(at->rect().center())), {},
                              {0, 120 * steps}, Qt::NoButton, keys, Qt::NoScrollPhase, false);
            QApplication::sendEvent(at, &wheel);
            if (wheel.isAccepted())
                break;
        }
        settle();
    }
    /// Clicks an entry of the next menu that pops up.
    void in_menu(const char* name, const QString& entry, const std::function<void()>& open) {
        bool seen = false;
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, &window, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu || seen)
                return;
            seen = true;
            EXPECT_EQ(menu->objectName(), QLatin1String(name));
            for (QAction* action : menu->actions())
                if (action->text().remove('&') == entry) {
                    QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
                    return;
                }
            ADD_FAILURE() << "no entry " << entry.toStdString();
            menu->close();
        });
        look.start(30);
        open();
        EXPECT_TRUE(seen) << "no menu " << name;
        settle();
    }
    void right_click(QWidget* on, QPoint at) {
        QContextMenuEvent event(QContextMenuEvent::Mouse, at, on->mapToGlobal(at));
        QApplication::sendEvent(on, &event);
    }
    QWidget* card(int id) { return find<QWidget>(("trayCard" + std::to_string(id)).c_str()); }
    /// Presses a button of the next message box.
    void in_question(
        const char* name, const QString& answer, const std::function<void()>& open,
        const std::function<void(QMessageBox&)>& look_at = [](QMessageBox&) {}) {
        bool seen = false;
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, &window, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box || seen)
                return;
            seen = true;
            EXPECT_EQ(box->objectName(), QLatin1String(name));
            look_at(*box);
            for (auto* b : box->buttons())
                if (b->text().remove('&') == answer) {
                    QTest::mouseClick(b, Qt::LeftButton);
                    return;
                }
            ADD_FAILURE() << "no answer " << answer.toStdString();
            box->reject();
        });
        look.start(30);
        open();
        EXPECT_TRUE(seen) << "no question " << name;
        window.activateWindow();
        settle();
    }
    /// Types into the finder and takes the first that it finds.
    void find_anything(
        const char* words, const std::function<void(QListWidget&)>& look_at = [](QListWidget&) {}) {
        bool seen = false;
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, &window, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (!dialog || seen)
                return;
            seen = true;
            auto* field = dialog->findChild<QLineEdit*>();
            QTest::keyClicks(field, QLatin1String(words));
            auto* list = dialog->findChild<QListWidget*>("found");
            look_at(*list);
            if (list->item(0)->flags() & Qt::ItemIsEnabled)
                QTest::keyClick(field, Qt::Key_Return);
            else
                dialog->reject();
        });
        look.start(30);
        QTest::keyClick(&window, Qt::Key_K, Qt::ControlModifier);
        EXPECT_TRUE(QTest::qWaitFor([&] { return seen; }, long_enough));
        window.activateWindow();
        settle();
    }
    static QString focused() {
        return QApplication::focusWidget() ? QApplication::focusWidget()->objectName() : QStringLiteral("nothing");
    }
};

TEST_F(Hands, TheWheelScrollsAndChangesOnlyWhatHasTheFocusOrWithCtrl) {
    drop_artwork({test::demo_art("octopus.png")});
    auto* slider = find<QSlider>("borderSlider");
    const int before = slider->value();
    turn_wheel(slider, 1);
    EXPECT_EQ(slider->value(), before);
    EXPECT_FALSE(slider->hasFocus()) << "a turn of the wheel does not take the focus";
    turn_wheel(slider, 1, Qt::ControlModifier);
    EXPECT_NE(slider->value(), before);
    slider->setFocus();
    const int then = slider->value();
    turn_wheel(slider, 1);
    EXPECT_NE(slider->value(), then);
    auto* field = find<QLineEdit>("borderWidth");
    const QString text = field->text();
    turn_wheel(field, -1);
    EXPECT_EQ(field->text(), text);
    turn_wheel(field, -1, Qt::ControlModifier);
    EXPECT_NE(field->text(), text);

    window.go_to(Place::sheet);
    settle();
    auto* list = find<QComboBox>("fillWay");
    const int chosen = list->currentIndex();
    turn_wheel(list, -1);
    turn_wheel(list, -1, Qt::ControlModifier);
    list->setFocus();
    turn_wheel(list, -1);
    EXPECT_EQ(list->currentIndex(), chosen) << "a list never changes by it";
    // And what lies below scrolls.
    click("stepPaper");
    auto* area = window.findChild<QScrollArea*>();
    for (QWidget* at = list; at; at = at->parentWidget())
        if (auto* its = qobject_cast<QScrollArea*>(at))
            area = its;
    ASSERT_GT(area->verticalScrollBar()->maximum(), 0);
    area->verticalScrollBar()->setValue(0);
    turn_wheel(list, -1);
    EXPECT_GT(area->verticalScrollBar()->value(), 0);
}

TEST_F(Hands, AStepThatIsOpenedComesIntoSightFromItsHeadOn) {
    window.resize(1024, 700);
    drop_artwork({test::demo_art("octopus.png")});
    for (const char* step : {"stepSize", "stepCut", "stepBackground", "stepBorder", "stepArtwork"}) {
        click(step);
        settle();
        const QWidget* card = find<QPushButton>(step)->parentWidget();
        const auto* viewport = card->parentWidget()->parentWidget();
        const QRect seen(card->mapTo(viewport, QPoint()), card->size());
        EXPECT_GE(seen.top(), 0) << step;
        EXPECT_TRUE(seen.bottom() <= viewport->height() || seen.top() <= 10) << step << " could be seen better";
    }
}

TEST_F(Hands, KeysActOnThePlaceThatIsSeen) {
    drop_artwork({test::demo_art("octopus.png"), test::demo_art("paper-lantern.png")});
    model.in_hand.choose_sticker(model.document().stickers[0]->id);
    model.copies.place(2);
    settle();
    window.go_to(Place::bench);
    settle();
    ASSERT_EQ(model.in_hand.copies().size(), 2u) << "they are selected on a page that is not shown";
    // Delete on the Bench is about the sticker, names it and its copies, and asks.
    in_question(
        "removeSticker", "Keep it", [this] { key(Qt::Key_Delete); },
        [](QMessageBox& box) {
            EXPECT_THAT(box.text().toStdString(), HasSubstr("Octopus"));
            EXPECT_THAT(box.text().toStdString(), HasSubstr("its 2 copies"));
        });
    EXPECT_EQ(model.document().placements.size(), 2u);
    in_question("removeSticker", "Remove", [this] { key(Qt::Key_Delete); });
    EXPECT_EQ(model.document().stickers.size(), 1u);
    EXPECT_TRUE(model.document().placements.empty());
    click("undo");
    EXPECT_EQ(model.document().stickers.size(), 2u);
    EXPECT_EQ(model.document().placements.size(), 2u);
    // Ctrl+D makes another sticker on the Bench, Ctrl+A and the arrows reach nothing elsewhere.
    model.in_hand.choose_sticker(model.document().stickers[0]->id);
    key(Qt::Key_D, Qt::ControlModifier);
    ASSERT_EQ(model.document().stickers.size(), 3u);
    EXPECT_EQ(model.document().stickers[1]->name, "Octopus 2");
    EXPECT_EQ(model.document().placements.size(), 2u);
    model.in_hand.select({});
    const Point at = model.document().placements[0].centre;
    for (const Place place : {Place::bench, Place::output}) {
        window.go_to(place);
        settle();
        key(Qt::Key_A, Qt::ControlModifier);
        key(Qt::Key_Right);
        EXPECT_TRUE(model.in_hand.copies().empty());
        EXPECT_EQ(model.document().placements[0].centre, at);
    }
    key(Qt::Key_Delete);
    EXPECT_EQ(model.document().stickers.size(), 3u) << "Output has nothing to delete";
    window.go_to(Place::sheet);
    settle();
    key(Qt::Key_A, Qt::ControlModifier);
    EXPECT_EQ(model.in_hand.copies().size(), 2u);
    key(Qt::Key_Right);
    EXPECT_GT(model.document().placements[0].centre.x, at.x);
    const double down = model.document().placements[0].centre.y;
    const int first = model.document().stickers[0]->id;
    key(Qt::Key_Down, Qt::AltModifier);
    EXPECT_NEAR(model.document().placements[0].centre.y, down + 0.1, 1e-9) << "Alt moves copies finely";
    EXPECT_EQ(model.document().stickers[0]->id, first) << "and nothing in the tray";
    key(Qt::Key_Delete);
    EXPECT_TRUE(model.document().placements.empty());
    EXPECT_EQ(model.document().stickers.size(), 3u);
}

TEST_F(Hands, AFullProjectTakesNoMoreCopiesAndSaysSo) {
    drop_artwork({test::demo_art("octopus.png")});
    Document full = model.document();
    const Placement copy{.sticker = full.stickers[0]->id, .centre = {100, 150}, .page = 1};
    full.pages = 2;
    full.placements.clear();
    const CopyId first = full.put({.sticker = copy.sticker, .centre = {100, 150}});
    while (full.placements.size() < most_copies)
        full.put(copy);
    model.project.adopt(full, "Full");
    model.in_hand.select({first});
    model.project.edit("Another", [&](Document d) {
        d.put(copy);
        return d;
    });
    EXPECT_THAT(notice(), HasSubstr("at most 40,000 copies"));
    EXPECT_EQ(model.document(), full);
    EXPECT_FALSE(model.project.steps().can_undo());
    model.copies.place_at(copy.sticker, {50, 50});
    EXPECT_EQ(model.document(), full);
    EXPECT_TRUE(model.in_hand.copies().empty()) << "what was not put there cannot be selected";
    model.project.edit("Move", [&](Document d) {
        d.placements.front().centre = {60, 60};
        return d;
    });
    EXPECT_FALSE(model.document() == full) << "all else goes on";
    model.project.adopt({}, "Empty"); // the heap need not be planned
}

TEST_F(Hands, KeysOnAnEmptyProjectDoNothing) {
    for (const auto& [code, with] : std::initializer_list<std::pair<Qt::Key, Qt::KeyboardModifiers>>{
             {Qt::Key_Down, Qt::ControlModifier | Qt::AltModifier},
             {Qt::Key_Delete, {}},
             {Qt::Key_F2, {}},
             {Qt::Key_D, Qt::ControlModifier}})
        key(code, with);
    EXPECT_EQ(model.document(), Document{});
    EXPECT_FALSE(model.project.steps().can_undo());
}

TEST_F(Hands, CardsInTheTrayAreRenamedMovedDuplicatedAndPutOnTheSheet) {
    drop_artwork({test::demo_art("octopus.png"), test::demo_art("paper-lantern.png")});
    const int octopus = model.document().stickers[0]->id, lantern = model.document().stickers[1]->id;
    // In place, by key.
    QTest::mouseClick(card(octopus), Qt::LeftButton);
    settle();
    key(Qt::Key_F2);
    ASSERT_EQ(focused(), "stickerName");
    QTest::keyClicks(QApplication::focusWidget(), "Ollie");
    key(Qt::Key_Return);
    EXPECT_EQ(model.document().find(octopus)->name, "Ollie");
    key(Qt::Key_F2);
    QTest::keyClicks(QApplication::focusWidget(), "Nobody");
    key(Qt::Key_Escape);
    EXPECT_EQ(model.document().find(octopus)->name, "Ollie") << "Escape keeps the name";
    key(Qt::Key_F2);
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Backspace);
    key(Qt::Key_Return);
    EXPECT_EQ(model.document().find(octopus)->name, "Ollie") << "no sticker is without one";
    // What is typed is the name of the one that it stood on, whichever is in hand by then.
    key(Qt::Key_F2);
    QTest::keyClicks(QApplication::focusWidget(), "Olga");
    QTest::mouseClick(card(lantern), Qt::LeftButton);
    key(Qt::Key_Return);
    EXPECT_EQ(model.document().find(octopus)->name, "Olga");
    EXPECT_EQ(model.document().find(lantern)->name, "Paper lantern");
    // Order: by key, by menu, by dragging.
    QTest::mouseClick(card(octopus), Qt::LeftButton);
    settle();
    key(Qt::Key_Down, Qt::ControlModifier | Qt::AltModifier);
    EXPECT_EQ(model.document().stickers[1]->id, octopus);
    in_menu("cardMenu", "Move up", [&] { right_click(card(octopus), {20, 20}); });
    EXPECT_EQ(model.document().stickers[0]->id, octopus);
    QMimeData dragged;
    mark_as_sticker(dragged, model.project, octopus);
    auto* tray = find<QWidget>("tray");
    const QPoint below = card(lantern)->mapTo(tray, QPoint(20, card(lantern)->height() - 4));
    QDragEnterEvent over(below, Qt::MoveAction, &dragged, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(tray, &over);
    EXPECT_TRUE(over.isAccepted());
    QDropEvent drop_below(below, Qt::MoveAction, &dragged, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(tray, &drop_below);
    settle();
    EXPECT_EQ(model.document().stickers[1]->id, octopus);
    EXPECT_TRUE(model.project.steps().can_undo());
    // Onto the sheet, where it is dropped.
    window.go_to(Place::sheet);
    settle();
    auto* view = find<SheetView>("sheetView");
    const QPointF place = view->to_view().map(QPointF(100, 150));
    QDragEnterEvent enter(place.toPoint(), Qt::CopyAction, &dragged, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(view, &enter);
    EXPECT_TRUE(enter.isAccepted());
    QDropEvent put(place, Qt::CopyAction, &dragged, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(view, &put);
    settle();
    ASSERT_EQ(model.document().placements.size(), 1u);
    EXPECT_EQ(model.document().placements[0].sticker, octopus);
    EXPECT_NEAR(model.document().placements[0].centre.x, 100, 0.5);
    EXPECT_NEAR(model.document().placements[0].centre.y, 150, 0.5);
    // Some of each.
    model.copies.place_each(2);
    settle();
    EXPECT_EQ(model.document().copies_of(octopus), 3);
    EXPECT_EQ(model.document().copies_of(lantern), 2);
    // Right click on a copy and on the page.
    const QPointF on_copy = view->to_view().map(QPointF(100, 150));
    in_menu("sheetMenu", "Lock", [&] { right_click(view, on_copy.toPoint()); });
    EXPECT_TRUE(model.document().placements[0].locked);
    model.in_hand.select({});
    in_menu("sheetMenu", "Select all copies", [&] { right_click(view, {60, 60}); });
    EXPECT_EQ(model.in_hand.copies().size(), 5u);
    // A mark has a menu of its own.
    const Mark mark = marks(model.document().sheet).front();
    const QPoint on_mark = view->to_view().map(QPointF(mark.centre.x, mark.centre.y)).toPoint();
    in_menu("markMenu", "Crosses, 4", [&] { right_click(view, on_mark); });
    EXPECT_EQ(model.document().sheet.marks.kind, MarkKind::crosses);
    in_menu("markMenu", "Size, place and cutter…", [&] { right_click(view, on_mark); });
    EXPECT_TRUE(find<QWidget>("markSize"));
    // Removing by its card asks.
    in_question("removeSticker", "Remove", [&] {
        in_menu("cardMenu", "Remove from the project…", [&] { right_click(card(lantern), {20, 20}); });
    });
    EXPECT_EQ(model.document().stickers.size(), 1u);
}

TEST_F(Hands, ArtworkIsReplacedWithAllItsSettings) {
    drop_artwork({test::demo_art("octopus.png")});
    const int id = model.in_hand.sticker()->id;
    model.in_hand.edit_sticker("set", [](Sticker& s) {
        s = resized(s, 44);
        s.border.width = 4;
        s.bleed = {Bleed::Kind::art, 1.5};
    });
    model.copies.place(2);
    settle();
    const auto placements = model.document().placements;
    with_file_dialog(test::demo_art("paper-lantern.png"), [this, id] {
        in_menu("cardMenu", "Replace the artwork…", [&] { right_click(card(id), {20, 20}); });
    });
    ASSERT_TRUE(QTest::qWaitFor([&] { return source_name(model.in_hand.sticker()->artwork) == "paper-lantern.png"; },
                                long_enough));
    settle();
    const Sticker& now = *model.document().find(id);
    EXPECT_NEAR(now.width, 44, 1e-9);
    EXPECT_EQ(now.border.width, 4);
    EXPECT_EQ(now.bleed, (Bleed{Bleed::Kind::art, 1.5}));
    EXPECT_EQ(now.name, "Octopus");
    EXPECT_EQ(model.document().placements, placements);
    click("undo");
    EXPECT_EQ(source_name(model.document().find(id)->artwork), "octopus.png");
    // What cannot be read changes nothing.
    QFile broken(folder.filePath("broken.png"));
    ASSERT_TRUE(broken.open(QIODevice::WriteOnly));
    broken.write("this is no picture");
    broken.close();
    model.importer.replace_artwork(broken.fileName());
    settle();
    EXPECT_THAT(notice(), HasSubstr("broken.png"));
    QImage clear(40, 40, QImage::Format_ARGB32);
    clear.fill(Qt::transparent);
    ASSERT_TRUE(clear.save(folder.filePath("clear.png")));
    model.importer.replace_artwork(folder.filePath("clear.png"));
    settle();
    EXPECT_THAT(notice(), HasSubstr("fully transparent"));
    EXPECT_EQ(source_name(model.document().find(id)->artwork), "octopus.png");
}

TEST_F(Hands, TheFinderKnowsEveryPlaceAndGoesThere) {
    drop_artwork({test::demo_art("octopus.png")});
    model.copies.place(1);
    settle();
    find_anything("bleed");
    EXPECT_EQ(focused(), "stepBleed");
    choose("Art's colours");
    click("stepBorder");
    find_anything("bleed width");
    EXPECT_EQ(focused(), "bleedWidth") << "found though its step was closed";
    find_anything("gap between");
    EXPECT_EQ(focused(), "gap");
    EXPECT_TRUE(find<SheetView>("sheetView"));
    find_anything("fill the page");
    EXPECT_EQ(focused(), "fillSheet");
    find_anything("start");
    EXPECT_TRUE(find<QWidget>("rehearsalView"));
    find_anything("smudge");
    EXPECT_EQ(focused(), "practiceFaults") << "by what is behind it";
    find_anything("ungroup");
    EXPECT_TRUE(find<SheetView>("sheetView")) << "what acts on copies leads to them";
    find_anything("octop");
    EXPECT_TRUE(find<QWidget>("benchView")) << "a sticker by its name";
    find_anything("go sheet");
    EXPECT_TRUE(find<SheetView>("sheetView")) << "a command by its words";
    find_anything("xyzzy", [](QListWidget& list) {
        ASSERT_EQ(list.count(), 1);
        EXPECT_THAT(list.item(0)->text().toStdString(), HasSubstr("Nothing here is called that"));
    });
    // Nothing is found that is not there: a label's fields on a picture.
    find_anything("letter spacing", [](QListWidget& list) { EXPECT_FALSE(list.item(0)->flags() & Qt::ItemIsEnabled); });
}

TEST_F(Hands, MessagesCoverNothingGoByThemselvesOrStayAndAreKept) {
    drop_artwork({test::demo_art("octopus.png")});
    window.findChild<Notice*>()->stays_ms = 600;
    emit model.messages.note("It is saved.");
    settle();
    auto* row = find<Notice>("notice");
    auto* view = find<QWidget>("benchView");
    const QRect covered(row->mapToGlobal(QPoint()), row->size()), picture(view->mapToGlobal(QPoint()), view->size());
    EXPECT_FALSE(covered.intersects(picture));
    EXPECT_TRUE(QTest::qWaitFor([&] { return !row->isVisible(); }, long_enough));
    emit model.messages.problem("It could not be written.");
    settle();
    QTest::qWait(1200);
    EXPECT_EQ(notice(), "It could not be written.") << "until it was read";
    click("closeNotice");
    EXPECT_EQ(notice(), "");
    bool seen = false;
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, &window, [&] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!dialog || dialog->objectName() != "messageLog")
            return;
        seen = true;
        auto* list = dialog->findChild<QListWidget*>("messages");
        EXPECT_THAT(list->item(0)->text().toStdString(), HasSubstr("Not done: It could not be written."));
        EXPECT_THAT(list->item(1)->text().toStdString(), HasSubstr("It is saved."));
        QTest::mouseClick(dialog->findChild<QPushButton*>("closeMessages"), Qt::LeftButton);
    });
    look.start(30);
    find_anything("last messages");
    EXPECT_TRUE(QTest::qWaitFor([&] { return seen; }, long_enough));
}

TEST_F(Hands, WhatCannotBeReadKeepsTheOldValueAndIsPutBackOnLeaving) {
    drop_artwork({test::demo_art("octopus.png")});
    auto* field = find<QLineEdit>("borderWidth");
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, "broad");
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_TRUE(field->property("wrong").toBool());
    EXPECT_THAT(field->toolTip().toStdString(), HasSubstr("3.2 mm stays"));
    QTest::keyClick(field, Qt::Key_Tab);
    EXPECT_FALSE(field->property("wrong").toBool());
    EXPECT_EQ(field->text(), "3.2 mm");
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, "999");
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_EQ(field->text(), "50.0 mm") << "the most that there is";
}

TEST_F(Hands, QuickSizesKeepWhatWasTypedAndSpeakTheUnit) {
    drop_artwork({test::demo_art("octopus.png")});
    click("stepSize");
    const auto words = [this](const char* name) {
        QStringList all;
        for (auto* b : find<QWidget>(name)->findChildren<QPushButton*>())
            all << b->text();
        return all;
    };
    EXPECT_EQ(words("sizePicks"), (QStringList{"40", "50", "60", "75", "100"}));
    QTest::mouseClick(find<QWidget>("sizePicks")->findChildren<QPushButton*>()[1], Qt::LeftButton);
    settle();
    EXPECT_NEAR(cut_width(), 50, 0.05);
    for (const char* typed : {"41", "42", "43", "44"})
        type("finishedWidth", typed);
    EXPECT_EQ(words("sizePicks"), (QStringList{"44", "43", "42", "40", "50", "60", "75", "100"})) << "the last three";
    key(Qt::Key_Escape);
    click("unit");
    click("unit");
    EXPECT_TRUE(words("sizePicks").contains("1.5")) << words("sizePicks").join(' ').toStdString();
}

TEST_F(Hands, TheStartPageLeadsInAndGoesWithTheFirstSticker) {
    EXPECT_TRUE(find<QWidget>("startPage"));
    EXPECT_FALSE(window.findChild<QWidget*>("benchView")->isVisible());
    drop_artwork({test::demo_art("octopus.png")});
    EXPECT_FALSE(window.findChild<QWidget*>("startPage")->isVisible());
    EXPECT_TRUE(find<QWidget>("benchView"));
    model.copies.place(1);
    settle();
    const QString path = folder.filePath("Yesterday.fusuma");
    ASSERT_TRUE(save(path));
    EXPECT_EQ(recent_projects(), QStringList{path});
    EXPECT_FALSE(small_entry(path, "thumbnail.png")->isEmpty()) << "its sheet as a picture";
    model.project.start_new();
    settle();
    EXPECT_TRUE(find<QWidget>("startPage"));
    EXPECT_EQ(find<QLabel>("findingText")->text(), "The sheet is empty.");
    click("recentProject");
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.project.path() == path; }, long_enough));
    settle();
    EXPECT_EQ(model.document().stickers.size(), 1u);
    QFile::remove(path);
    EXPECT_TRUE(recent_projects().isEmpty()) << "one that is gone is not offered";
}

TEST_F(Hands, OutputShowsWhatWillHappenBeforeAnybodyPrints) {
    drop_artwork({test::demo_art("octopus.png")});
    model.copies.place(3);
    settle();
    window.go_to(Place::output);
    settle();
    auto* caption = window.findChild<QWidget*>("rehearsalView")->findChild<QLabel*>("chip");
    ASSERT_TRUE(QTest::qWaitFor([&] { return caption->text().startsWith("Planned"); }, long_enough));
    settle();
    EXPECT_EQ(find<QLabel>("ticketTitle")->text(), "Not printed yet");
    EXPECT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("slipVerdict")->text() == "No slip."; }, long_enough));
    EXPECT_THAT(find<QLabel>("timeText")->text().toStdString(), testing::MatchesRegex("line ([0-9]+) of .*"));
    find<QSlider>("slipRight")->setValue(30);
    settle();
    EXPECT_EQ(find<QLabel>("slipVerdict")->text(), "All 3 stay clean.");
    EXPECT_TRUE(model.document().tickets.empty());
    // Another sheet: nothing is left of this one.
    model.project.start_new();
    settle();
    EXPECT_EQ(find<QLabel>("slipVerdict")->text(), "The sheet is empty.");
    EXPECT_EQ(caption->text(), "Nothing to print yet");
    EXPECT_FALSE(window.findChild<QWidget*>("slipLoupe")->isVisible());
}

TEST_F(Hands, BeforePrintingWhatWouldWasteItIsNamedOnce) {
    drop_artwork({test::demo_art("octopus.png")});
    model.in_hand.edit_sticker("set", [](Sticker& s) { s.border.width = 0; });
    model.copies.place(1);
    settle();
    window.go_to(Place::output);
    settle();
    const auto says = [](QMessageBox& box) {
        EXPECT_THAT(box.text().toStdString(), HasSubstr("One thing would waste this print"));
        EXPECT_THAT(box.informativeText().toStdString(), HasSubstr("Octopus: cut along its own art without a bleed"));
    };
    in_question(
        "beforePrinting", "Cancel", [this] { click("savePdf"); }, says);
    EXPECT_TRUE(model.document().tickets.empty());
    in_question(
        "beforePrinting", "Show", [this] { click("savePdf"); }, says);
    EXPECT_TRUE(find<SheetView>("sheetView")) << "shown where it is";
    window.go_to(Place::output);
    settle();
    const QString pdf = folder.filePath("a.pdf");
    bool is_asked = false;
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, &window, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box || box->objectName() != "beforePrinting")
            return;
        is_asked = true;
        look.stop();
        for (auto* b : box->buttons())
            if (b->text() == "Print all the same")
                b->click();
    });
    look.start(20);
    with_file_dialog(pdf, [this] { click("savePdf"); });
    EXPECT_TRUE(is_asked);
    ASSERT_TRUE(QTest::qWaitFor([&] { return QFile::exists(pdf); }, long_enough));
    // Who said yes is not asked again for this sheet.
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QPushButton>("savePdf")->isEnabled(); }, long_enough));
    with_file_dialog(folder.filePath("b.pdf"), [this] { click("savePdf"); });
    EXPECT_EQ(model.document().tickets.size(), 2u);
}

TEST_F(Hands, ASecondJobTakesTenActions) {
    // Yesterday: one sticker on a sheet, printed and saved.
    drop_artwork({test::demo_art("octopus.png")});
    model.copies.place(2);
    settle();
    window.go_to(Place::output);
    settle();
    click("practicePrint");
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QPushButton>("loadSheet")->isEnabled(); }, long_enough));
    const QString path = folder.filePath("Yesterday.fusuma");
    ASSERT_TRUE(save(path));
    model.project.start_new();
    settle();
    window.go_to(Place::bench);
    settle();
    int actions = 0;
    const auto act = [&](const std::function<void()>& does) {
        ++actions;
        does();
    };
    act([&] { click("recentProject"); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    settle();
    const int id = model.document().stickers[0]->id;
    act([&] { // one menu, one file
        with_file_dialog(test::demo_art("leaping-mackerel.png"), [&] {
            in_menu("cardMenu", "Replace the artwork…", [&] { right_click(card(id), {20, 20}); });
        });
    });
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return source_name(model.document().stickers[0]->artwork) == "leaping-mackerel.png"; }, long_enough));
    settle();
    act([&] { key(Qt::Key_D, Qt::ControlModifier); }); // another size of the same
    act([&] { click("stepSize"); });
    act([&] {
        QTest::mouseClick(find<QWidget>("sizePicks")->findChildren<QPushButton*>()[0], Qt::LeftButton);
        settle();
    });
    act([&] { click("putOnSheet"); });
    EXPECT_EQ(model.document().placements.size(), 3u);
    act([&] { key(Qt::Key_3, Qt::ControlModifier); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("ticketTitle")->text().startsWith("Ticket"); }, long_enough))
        << "yesterday's is in hand";
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QPushButton>("loadSheet")->isEnabled(); }, long_enough));
    EXPECT_THAT(find<QLabel>("changedNote")->text().toStdString(), HasSubstr("has changed since it was printed"));
    act([&] { click("printAgain"); });
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return model.document().tickets.size() == 2 && find<QPushButton>("loadSheet")->isEnabled(); },
        long_enough));
    act([&] { click("loadSheet"); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QPushButton>("startCutting")->isEnabled(); }, long_enough));
    choose("Quick"); // so that nobody waits for the practice blade
    act([&] { click("startCutting"); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("cutState")->text() == "done"; }, long_enough));
    EXPECT_LE(actions, 10);
    EXPECT_THAT(find<QLabel>("cutFacts")->text().toStdString(), HasSubstr("3 stickers cut in"));
    EXPECT_EQ(find<QPushButton>("startCutting")->text(), "Again");
}

TEST_F(Hands, TheFinishedStickerIsLookedAtOnWhatItWillBePrintedOn) {
    drop_artwork({test::demo_art("octopus.png")});
    auto* view = find<QWidget>("benchView");
    auto* stocks = find<QComboBox>("stock");
    std::set<QRgb> grounds;
    for (int i = 0; i < stocks->count(); ++i) {
        stocks->setCurrentIndex(i);
        settle();
        EXPECT_EQ(window.findChild<QWidget*>("peel")->isVisible(), i > 0);
        grounds.insert(view->grab().toImage().pixel(8, view->height() / 2));
    }
    EXPECT_GE(grounds.size(), 3u) << "canvas, film's table, dark";
    const QImage flat = view->grab().toImage();
    click("peel");
    EXPECT_NE(view->grab().toImage(), flat);
    stocks->setCurrentIndex(0);
    settle();
    // Right clicks: what one wants there.
    in_menu("benchMenu", "Bleed…", [&] { right_click(view, view->rect().center()); });
    EXPECT_TRUE(find<QWidget>("bleedWords"));
    click("stepCut");
    click("toolNodes");
    const auto result = model.snapshot().result(model.in_hand.sticker()->id);
    const auto nodes = node_count(result->cut_line());
    const Point node = result->cut_line().contours[0].start;
    auto* bench = find<BenchView>("benchView");
    in_menu("benchMenu", "Delete",
            [&] { right_click(bench, bench->to_view().map(QPointF(node.x, node.y)).toPoint()); });
    settle();
    EXPECT_EQ(node_count(model.snapshot().result(model.in_hand.sticker()->id)->cut_line()), nodes - 1);
}

TEST_F(Hands, APastedPictureWithoutADensityIsAsLargeAsAFileWithoutOne) {
    QImage picture(600, 300, QImage::Format_ARGB32);
    picture.fill(Qt::white);
    for (int y = 50; y < 250; ++y)
        for (int x = 50; x < 550; ++x)
            picture.setPixelColor(x, y, Qt::darkGreen);
    QGuiApplication::clipboard()->setImage(picture);
    key(Qt::Key_V, Qt::ControlModifier);
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    const double pasted = std::get<PictureArtwork>(model.document().stickers[0]->artwork).picture->dpi;
    EXPECT_EQ(pasted, Picture{}.dpi);
}

} // namespace
} // namespace fusuma::app
