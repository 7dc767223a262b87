// The whole story in the real window, by clicks and keys: open a picture, change its border, place copies, save,
// reopen, export, practice print and practice cut.

#include "app/common/number_field.h"
#include "app/output/rehearsal_view.h"
#include "app/sheet/sheet_view.h"
#include "formats/cut_files/hpgl.h"
#include "formats/project/project_file.h"
#include "tests/app/window.h"

#include <QComboBox>
#include <QDialog>
#include <QFile>
#include <QListWidget>
#include <QSlider>

namespace fusuma::app {
namespace {

TEST_F(Window, TellsTheWholeStoryFromPictureToPracticeCut) {
    // Open a picture with the button and the dialog.
    with_file_dialog(test::demo_art("puffin.png"), [&] { click("addArtwork"); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    settle();
    EXPECT_NEAR(model.in_hand.sticker()->border.width, 3.175, 1e-9) << "the usual border (common practice)";
    type("borderWidth", "2 mm");
    const double at_two = cut_width();

    // Border: by field with a unit, by slider keys, by corner choice; each undoes.
    type("borderWidth", "1/8in");
    EXPECT_NEAR(cut_width() - at_two, 2 * (3.175 - 2), 0.03);
    auto* slider = find<QSlider>("borderSlider");
    slider->setFocus();
    QTest::keyClick(slider, Qt::Key_Right);
    settle();
    EXPECT_NEAR(model.in_hand.sticker()->border.width, 3.3, 1e-9);
    choose("Bevel");
    EXPECT_EQ(model.in_hand.sticker()->border.corners, Corners::bevel);
    click("undo");
    EXPECT_EQ(model.in_hand.sticker()->border.corners, Corners::round);
    click("redo");
    EXPECT_EQ(model.in_hand.sticker()->border.corners, Corners::bevel);

    // Size: the finished width is the one that counts on the sheet, the border stays 3.3 mm.
    click("stepSize");
    type("finishedWidth", "40");
    EXPECT_NEAR(cut_width(), 40, 0.05);

    // Three copies on the sheet, on Letter paper.
    click("putOnSheet");
    type("copyCount", "2");
    click("placeCopies");
    EXPECT_EQ(model.document().placements.size(), 3u);
    click("stepPaper");
    auto* paper = find<QComboBox>("paper");
    paper->setFocus();
    QTest::keyClick(paper, Qt::Key_L); // goes to "Letter, upright"
    emit paper->activated(paper->currentIndex());
    settle();
    EXPECT_EQ(model.document().sheet.paper, (Size{215.9, 279.4}));
    EXPECT_THAT(model.snapshot().findings, testing::IsEmpty());

    // Save with the keyboard, start anew, open again.
    const QString project = folder.filePath("story.fusuma");
    with_file_dialog(project, [&] { key(Qt::Key_S, Qt::ControlModifier); });
    ASSERT_TRUE(QFile::exists(project));
    EXPECT_FALSE(model.project.is_changed());
    const Document saved = model.document();
    key(Qt::Key_N, Qt::ControlModifier);
    EXPECT_TRUE(model.document().stickers.empty());
    with_file_dialog(project, [&] { key(Qt::Key_O, Qt::ControlModifier); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    settle();
    EXPECT_EQ(model.document().placements, saved.placements);
    EXPECT_EQ(model.document().sheet, saved.sheet);

    // Export.
    key(Qt::Key_3, Qt::ControlModifier);
    const QString pdf = folder.filePath("sheet.pdf"), svg = folder.filePath("cut.svg"),
                  hpgl = folder.filePath("cut.plt");
    with_file_dialog(pdf, [&] { click("savePdf"); });
    with_file_dialog(svg, [&] { click("exportSvg"); });
    with_file_dialog(hpgl, [&] { click("exportHpgl"); });
    for (const QString& path : {pdf, svg, hpgl})
        EXPECT_GT(QFile(path).size(), 200) << path.toStdString();

    // Print and cut for practice.
    EXPECT_FALSE(find<QPushButton>("startCutting")->isEnabled()) << "loading comes first";
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QPushButton>("loadSheet")->isEnabled(); }, long_enough));
    click("loadSheet");
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QPushButton>("startCutting")->isEnabled(); }, long_enough));
    choose("Quick");
    auto* view = find<RehearsalView>("rehearsalView");
    const QImage before = view->grab().toImage();
    click("startCutting");
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("cutState")->text() == "done"; }, long_enough));
    EXPECT_NE(view->grab().toImage(), before) << "the cut is drawn over the print";
}

TEST_F(Window, SheetIsWorkedByMouseAndKeys) {
    drop_artwork({test::demo_art("white-moon.png")});
    click("putOnSheet");
    auto* view = find<SheetView>("sheetView");
    const Point start = model.document().placements[0].centre;
    const auto on_screen = [&](Point mm) { return view->to_view().map(QPointF(mm.x, mm.y)).toPoint(); };

    // Drag it 60 mm to the right and 80 down: one step of undo.
    const QPoint from = on_screen(start), to = on_screen(start + Point{60, 80});
    QTest::mousePress(view, Qt::LeftButton, {}, from);
    for (int i = 1; i <= 10; ++i)
        QTest::mouseMove(view, from + (to - from) * i / 10);
    QTest::mouseRelease(view, Qt::LeftButton, {}, to);
    settle();
    EXPECT_LT(distance(model.document().placements[0].centre, start + Point{60, 80}), 1.5);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(model.document().placements[0].centre, start);

    // Select by click, nudge, duplicate, delete.
    QTest::mouseClick(view, Qt::LeftButton, {}, on_screen(start));
    settle();
    view->setFocus();
    key(Qt::Key_Right, Qt::ShiftModifier);
    EXPECT_EQ(model.document().placements[0].centre, (start + Point{10, 0}));
    key(Qt::Key_D, Qt::ControlModifier);
    ASSERT_EQ(model.document().placements.size(), 2u);
    EXPECT_THAT(model.snapshot().findings, testing::IsEmpty()) << "a duplicate lands in a free place";
    key(Qt::Key_Delete);
    EXPECT_EQ(model.document().placements.size(), 1u);

    // Zoom at the pointer keeps what lies under it in place.
    const QPointF pointer(300, 250);
    const Point under = view->to_mm(pointer);
    QWheelEvent wheel(pointer, view->mapToGlobal(pointer), {}, {0, 240}, Qt::NoButton, Qt::NoModifier,
                      Qt::NoScrollPhase, false);
    QApplication::sendEvent(view, &wheel);
    EXPECT_LT(distance(view->to_mm(pointer), under), 1e-6);
}

TEST_F(Window, PreflightShowsAndRepairsAndUndoTakesItBack) {
    drop_artwork({test::demo_art("kelp-relish.png")});
    click("putOnSheet");
    type("fromTop", "150");
    type("fromLeft", "12");
    auto* words = find<QLabel>("findingText");
    EXPECT_THAT(words->text().toStdString(), testing::HasSubstr("outside the cut zone"));
    EXPECT_EQ(find<QPushButton>("toFix")->text(), "1 to fix");
    click("toFix");
    EXPECT_EQ(find<QListWidget>("findingList")->count(), 1);
    click("showFinding");
    EXPECT_EQ(model.in_hand.copies().size(), 1u);
    click("fixFinding");
    EXPECT_THAT(model.snapshot().findings, testing::IsEmpty());
    click("undo");
    EXPECT_EQ(model.snapshot().findings.size(), 1u);
}

TEST_F(Window, BadFilesGetOneSentenceAndChangeNothing) {
    drop_artwork({test::demo_art("puffin.png")});
    const Document before = model.document();
    const QString text = folder.filePath("notes.png"), project = folder.filePath("damaged.fusuma"),
                  clear = folder.filePath("clear.png");
    for (const QString& path : {text, project}) {
        QFile file(path);
        ASSERT_TRUE(file.open(QIODevice::WriteOnly));
        file.write("neither a picture nor a project");
    }
    QImage image(30, 30, QImage::Format_ARGB32);
    image.fill(Qt::transparent);
    image.save(clear);
    EXPECT_TRUE(save(folder.filePath("kept.fusuma")));
    for (const auto& [path, words] :
         {std::pair{text, "not a picture"}, {project, "cannot be opened"}, {clear, "fully transparent"}}) {
        drop({path});
        EXPECT_TRUE(QTest::qWaitFor([&, w = words] { return notice().find(w) != std::string::npos; }, long_enough))
            << words;
        EXPECT_EQ(model.document(), before);
    }
    EXPECT_FALSE(save(folder.filePath("no/such/folder.fusuma")));
    EXPECT_THAT(notice(), testing::HasSubstr("cannot be written"));
}

TEST_F(Window, NumberFieldsTakeUnitsAndSayWhatTheyCannotRead) {
    drop_artwork({test::demo_art("puffin.png")});
    click("unit");
    click("unit");
    EXPECT_EQ(find<QLineEdit>("borderWidth")->text(), "0.125 in");
    type("borderWidth", "1.5mm*2");
    EXPECT_NEAR(model.in_hand.sticker()->border.width, 3, 1e-9);
    auto* field = find<QLineEdit>("borderWidth");
    field->selectAll();
    QTest::keyClicks(field, "wide");
    QTest::keyClick(field, Qt::Key_Return);
    EXPECT_TRUE(field->property("wrong").toBool());
    EXPECT_NEAR(model.in_hand.sticker()->border.width, 3, 1e-9);
    QTest::keyClick(field, Qt::Key_Escape);
    EXPECT_EQ(field->text(), "0.118 in");
    QTest::keyClick(field, Qt::Key_Up);
    EXPECT_GT(model.in_hand.sticker()->border.width, 3);
}

TEST_F(Window, CommandFinderRunsACommandByItsWords) {
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, &window, [&] {
        if (auto* dialog = QApplication::activeModalWidget()) {
            look.stop();
            QTest::keyClicks(dialog->findChild<QLineEdit*>(), "go sheet");
            QTest::keyClick(dialog->findChild<QLineEdit*>(), Qt::Key_Return);
        }
    });
    look.start(50);
    key(Qt::Key_K, Qt::ControlModifier);
    settle();
    EXPECT_TRUE(find<SheetView>("sheetView"));
}

TEST_F(Window, DraggingTheBorderSliderIsOneStepAndEndsAtTheLastValue) {
    drop_artwork({test::demo_art("octopus.png")});
    auto* slider = find<QSlider>("borderSlider");
    for (int tenths = 20; tenths <= 60; ++tenths)
        slider->setValue(tenths); // faster than any result can come
    settle();
    EXPECT_NEAR(model.snapshot().document.stickers[0]->border.width, 6, 1e-9) << "stale results are dropped";
    model.project.end_stroke();
    click("undo");
    EXPECT_NEAR(model.in_hand.sticker()->border.width, 3.175, 1e-9);
}

TEST_F(Window, HoldsAtItsSmallestSize) {
    drop_artwork({test::demo_art("puffin.png")});
    window.resize(1024, 700);
    settle();
    EXPECT_EQ(window.size(), QSize(1024, 700));
    for (const char* name : {"putOnSheet", "addArtwork", "undo", "unit"}) {
        auto* widget = find<QPushButton>(name);
        EXPECT_TRUE(window.rect().contains(QRect(widget->mapTo(&window, QPoint()), widget->size()))) << name;
        EXPECT_GE(widget->width(), widget->sizeHint().width()) << name << " is clipped";
    }
}

} // namespace
} // namespace fusuma::app
