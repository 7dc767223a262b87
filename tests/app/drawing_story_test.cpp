// Drawings and labels in the real window, by clicks and keys: a drawing cut along its bottom shape, made visible-only,
// a label typed, a list pasted, and all of it on the sheet.

#include "app/bench/bench_view.h"
#include "core/document/cluster.h"
#include "formats/basics/file.h"
#include "formats/label/label_json.h"
#include "tests/app/window.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDialog>
#include <QListWidget>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QSignalSpy>
#include <QTreeWidget>

namespace fusuma::app {
namespace {

std::ptrdiff_t own_lines(const StickerResult& result) {
    return std::ranges::count(result.cut->lines, StickerLine::Origin::artwork, &StickerLine::origin);
}

class DrawingStory : public Window {
  protected:
    const DrawingArtwork& drawing() { return std::get<DrawingArtwork>(model.in_hand.sticker()->artwork); }
    const LabelDesign& label_design() { return *std::get<LabelArtwork>(model.in_hand.sticker()->artwork).design; }

    /// Takes the template that begins with these words in the dialog of new labels.
    void make_label(const char* words) {
        QTimer look;
        bool is_made = false;
        QObject::connect(&look, &QTimer::timeout, &window, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            auto* list = dialog ? dialog->findChild<QListWidget*>(QStringLiteral("templateList")) : nullptr;
            if (!list)
                return;
            look.stop();
            for (int i = 0; i < list->count(); ++i)
                if (list->item(i)->text().startsWith(QLatin1String(words)))
                    list->setCurrentRow(i);
            is_made = true;
            QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("makeLabel")), Qt::LeftButton);
        });
        look.start(50);
        click("newLabel");
        EXPECT_TRUE(is_made);
        settle();
    }
};

TEST_F(DrawingStory, TemplatesComeFromAFileAndABadOneIsRefusedInASentence) {
    const QString good = folder.filePath("mine.json"), bad = folder.filePath("bad.json");
    LabelTemplate mine = shipped_templates().front();
    mine.name = "Kelp jar";
    ASSERT_TRUE(write_file(good, QByteArray::fromStdString(templates_text("Mine", {mine}))));
    ASSERT_TRUE(write_file(bad, "[{\"name\": 3}]"));
    QString refused;
    QStringList names;
    int had = 0;
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, &window, [&] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
            refused = box->text();
            box->accept();
        }
    });
    QTimer::singleShot(200, &window, [&] {
        auto* open = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        ASSERT_TRUE(open);
        auto* list = open->findChild<QListWidget*>(QStringLiteral("templateList"));
        had = list->count();
        auto* more = open->findChild<QPushButton*>(QStringLiteral("templateFile"));
        look.start(50);
        for (const QString& file : {bad, good}) {
            with_file_dialog(file, [&] { QTest::mouseClick(more, Qt::LeftButton); });
            std::ignore = QTest::qWaitFor(
                [&] { return more->isEnabled() && (file == bad ? !refused.isEmpty() : list->count() > had); },
                long_enough);
        }
        for (int i = 0; i < list->count(); ++i)
            names << list->item(i)->text();
        open->reject();
    });
    click("newLabel");
    EXPECT_THAT(refused.toStdString(), testing::HasSubstr("bad.json"));
    EXPECT_EQ(names.size(), had + 1);
    EXPECT_EQ(names.last(), "Kelp jar");
}

/// A new label's dates are in the person's language, until another is chosen.
TEST_F(DrawingStory, DatesOfALabelAreInItsLanguage) {
    QLocale::setDefault(QLocale(QLocale::German, QLocale::Austria));
    make_label("Small jar");
    QLocale::setDefault(QLocale::c());
    ASSERT_TRUE(label_design().calendar);
    EXPECT_EQ(label_design().calendar->language, "de-AT");
    EXPECT_FALSE(window.findChild<QComboBox*>("datesIn")->isVisible()) << "there is no date";
    auto* words = find<QPlainTextEdit>("labelWords");
    words->setFocus();
    words->selectAll();
    QTest::keyClicks(words, "Packed {date:MMMM}");
    settle();
    auto* language = find<QComboBox>("datesIn");
    ASSERT_TRUE(language);
    EXPECT_EQ(language->currentData().toString(), "de-AT") << "though it is in no list of ours";
    const int french = language->findData("fr");
    ASSERT_GE(french, 0);
    language->setFocus();
    while (language->currentIndex() != french)
        QTest::keyClick(language, language->currentIndex() < french ? Qt::Key_Down : Qt::Key_Up);
    settle();
    LabelDesign shown = label_design();
    shown.day = {2026, 8, 29};
    EXPECT_EQ(shown.filled_in(shown.texts[0].words, 0), "Packed août");
    click("undo");
    EXPECT_NE(label_design().calendar->language, "fr");
    EXPECT_NE(language->currentData().toString(), "fr");
}

TEST_F(DrawingStory, GoesFromADrawingAndAListToTheSheet) {
    with_file_dialog(test::demo_art("fair-badge.svg"), [&] { click("addArtwork"); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == 1; }, long_enough));
    settle();
    ASSERT_EQ(drawing().parts->shapes.size(), 11u);
    EXPECT_NEAR(model.in_hand.sticker()->width, 58, 1e-6) << "as large as its file says";

    // Only the bottom shape is cut.
    click("cutBottom");
    EXPECT_EQ(drawing().parts->shapes[0].use, (PartUse{false, PartCut::outline}));
    EXPECT_EQ(drawing().parts->shapes[1].use, (PartUse{true, PartCut::none}));
    const double plate = area(region_of(*drawing().drawing, drawing().parts->shapes[0]));
    EXPECT_NEAR(area(model.snapshot().result(1)->cut_line()), plate, 0.05);

    // A part is chosen by clicking it in the picture, and given a line of its own.
    auto* view = find<BenchView>("benchView");
    const auto at = [&](double x, double y) { return view->to_view().map(QPointF(x, y)).toPoint(); };
    QTest::mouseClick(view, Qt::LeftButton, {}, at(39.2, 16.6)); // the sun
    settle();
    EXPECT_EQ(find<QTreeWidget>("partList")->selectedItems().size(), 1);
    EXPECT_EQ(find<QTreeWidget>("partList")->selectedItems().front()->text(0), "sun");
    auto* cut = find<QComboBox>("partCut");
    cut->setCurrentIndex(static_cast<int>(PartCut::score));
    emit cut->activated(cut->currentIndex());
    settle();
    EXPECT_EQ(own_lines(*model.snapshot().result(1)), 1);
    click("undo");

    // Only what is visible, and back.
    QTest::keyClick(find<QTreeWidget>("partList"), Qt::Key_A, Qt::ControlModifier);
    settle();
    click("partsVisible");
    double sum = 0;
    for (const Shape& shape : drawing().parts->shapes) {
        EXPECT_TRUE(shape.of);
        sum += area(region_of(*drawing().drawing, shape));
    }
    EXPECT_NEAR(sum, plate, 0.1) << "a single layer: the pieces cover the plate, each place once";
    click("partsApart");
    EXPECT_FALSE(drawing().parts->shapes[0].of);
    click("undo");
    EXPECT_TRUE(drawing().parts->shapes[0].of);
    click("putOnSheet");
    EXPECT_EQ(model.document().placements.size(), 1u);

    // A label: its words, then a list.
    make_label("Small jar");
    auto* words = find<QPlainTextEdit>("labelWords");
    words->setFocus();
    words->selectAll();
    QTest::keyClicks(words, "Jar of {name}");
    settle();
    EXPECT_EQ(label_design().texts[0].words, "Jar of {name}");
    QGuiApplication::clipboard()->setText(QStringLiteral("name\tprice\nKelp\t4.50\nDulse\t6.00\nSamphire\t5.20\n"));
    click("pasteList");
    ASSERT_TRUE(label_design().table);
    EXPECT_EQ(label_design().table->rows.size(), 3u);
    click("oneSize");
    EXPECT_TRUE(label_design().in_one_size);
    click("undo");
    EXPECT_FALSE(find<QCheckBox>("oneSize")->isChecked());
    type("listRow", "2");
    EXPECT_EQ(std::get<LabelArtwork>(model.in_hand.sticker()->artwork).row, 1u);
    click("putList");
    EXPECT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, long_enough));
    settle();
    EXPECT_EQ(model.document().placements.size(), 4u);
    EXPECT_EQ(model.document().copies_of(model.in_hand.sticker()->id), 3);
    const auto& plan = *model.snapshot().plan;
    EXPECT_EQ(plan.pages[0].cuts.size(), 1u + 3u) << "one cut round all that is seen of the badge; and three labels";
    // Its ground prints now, up to the cut: preflight says so, and helps.
    ASSERT_EQ(model.snapshot().findings.size(), 1u);
    EXPECT_EQ(model.snapshot().findings.front().rule, "no-bleed");
    click("fixFinding");
    EXPECT_TRUE(model.snapshot().findings.empty()) << model.snapshot().findings.front().message;
}

TEST_F(DrawingStory, AListWhoseLettersAreWrongIsReadAsTheMakerSees) {
    make_label("Small jar");
    EXPECT_FALSE(window.findChild<QPushButton*>("listLetters")->isVisible());
    const QString path = folder.filePath(QStringLiteral("till.csv"));
    ASSERT_TRUE(write_file(path, "name;price\nK\x84se;4\nM\x94hre;3\n"));
    QSignalSpy told(&model.messages, &Messages::note);
    const auto is_read = [&] { EXPECT_TRUE(QTest::qWaitFor([&] { return !model.file_work.is_busy(); }, long_enough)); };
    with_file_dialog(path, [&] {
        click("listFile");
        is_read();
    });
    ASSERT_TRUE(label_design().table);
    EXPECT_EQ(label_design().table->rows[0][0], "K„se") << "two words tell too little";
    ASSERT_FALSE(told.empty());
    EXPECT_THAT(told.back().front().toString().toStdString(),
                testing::StartsWith("The list was read as Windows-1252."));

    // Looked at and left as it is.
    in_dialog(
        "letteringDialog", [](QDialog&) {},
        [&] {
            click("listLetters");
            is_read();
        },
        "none");
    EXPECT_EQ(label_design().table->rows[0][0], "K„se");

    in_dialog(
        "letteringDialog",
        [](QDialog& dialog) {
            auto* list = dialog.findChild<QListWidget*>(QStringLiteral("letterings"));
            ASSERT_TRUE(list);
            EXPECT_EQ(list->currentRow(), 0);
            const auto right = list->findItems(QStringLiteral("Käse · Möhre"), Qt::MatchStartsWith);
            ASSERT_EQ(right.size(), 1);
            QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(right.front()).center());
        },
        [&] {
            click("listLetters");
            is_read();
        },
        "readSo");
    is_read();
    settle();
    ASSERT_TRUE(label_design().table);
    EXPECT_EQ(label_design().table->rows[0][0], "Käse");
    EXPECT_EQ(label_design().table->rows[1][0], "Möhre");
    EXPECT_TRUE(window.findChild<QPushButton*>("listLetters")->isVisible()) << "another may be tried";
    click("undo");
    EXPECT_EQ(label_design().table->rows[0][0], "K„se");

    // Asked twice before the first answer: one dialog.
    int dialogs = 0;
    QTimer count;
    QObject::connect(&count, &QTimer::timeout, &window, [&] {
        if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget())) {
            QTest::qWait(500); // for another
            dialogs += static_cast<int>(window.findChildren<QDialog*>("letteringDialog").size());
            dialog->reject();
        }
    });
    count.start(20);
    auto* letters = find<QPushButton>("listLetters");
    letters->click();
    letters->click();
    is_read();
    count.stop();
    EXPECT_EQ(dialogs, 1);

    // The file went: that is said, and the list stays.
    ASSERT_TRUE(QFile::remove(path));
    QSignalSpy trouble(&model.messages, &Messages::problem);
    click("listLetters");
    is_read();
    EXPECT_EQ(trouble.size(), 1);
    EXPECT_TRUE(label_design().table);

    // Another project's label of the same number has its own list.
    const Document here = model.document();
    model.project.adopt(here, QStringLiteral("Another"));
    settle();
    EXPECT_TRUE(label_design().table);
    EXPECT_FALSE(window.findChild<QPushButton*>("listLetters")->isVisible());

    // A list that says how it is written needs no choice.
    QGuiApplication::clipboard()->setText(QStringLiteral("name\tprice\nKäse\t4.50\n"));
    click("pasteList");
    is_read();
    settle();
    EXPECT_EQ(label_design().table->rows[0][0], "Käse");
    EXPECT_FALSE(window.findChild<QPushButton*>("listLetters")->isVisible());
}

TEST_F(DrawingStory, AListThatFindsNoRoomSaysSoOnTheBench) {
    make_label("Small jar");
    QGuiApplication::clipboard()->setText(QStringLiteral("name\tprice\nKelp\t4.50\nDulse\t6.00\nSamphire\t5.20\n"));
    click("pasteList");
    type("labelWidth", "300 mm");
    QSignalSpy told(&model.messages, &Messages::note);
    click("putList");
    EXPECT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, long_enough));
    settle();
    EXPECT_TRUE(model.document().placements.empty());
    ASSERT_FALSE(told.empty());
    EXPECT_THAT(told.back().front().toString().toStdString(),
                testing::MatchesRegex("0 labels are on the sheet; 3 row.* larger than the cut zone."));
    // Where there is room for all, that is told.
    type("labelWidth", "50 mm");
    click("putList");
    EXPECT_TRUE(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, long_enough));
    settle();
    EXPECT_EQ(told.back().front().toString(), "3 labels are on the sheet.");
}

TEST_F(DrawingStory, ChangesALabelsLooksAndKeepsItLive) {
    make_label("Gift tag");
    ASSERT_EQ(model.document().stickers.size(), 1u);
    EXPECT_EQ(model.snapshot().result(1)->cut_line().contours.size(), 2u) << "the tag and its hole";
    click("swatch1");
    EXPECT_EQ(*label_design().ground, swatches()[1].ground);
    type("labelWidth", "3 in");
    EXPECT_NEAR(model.in_hand.sticker()->width, 76.2, 0.05);
    type("labelHole", "0");
    EXPECT_EQ(model.snapshot().result(1)->cut_line().contours.size(), 1u);
    auto* shape = find<QComboBox>("labelShape");
    shape->setCurrentIndex(static_cast<int>(LabelShape::oval));
    emit shape->activated(shape->currentIndex());
    settle();
    EXPECT_NEAR(area(model.snapshot().result(1)->cut_line()), 3.14159 * 76.2 * 40 / 4, 5);
    click("lettersCut");
    EXPECT_GT(own_lines(*model.snapshot().result(1)), 5);
    click("undo");
    EXPECT_TRUE(own_lines(*model.snapshot().result(1)) == 0);
}

TEST_F(DrawingStory, MakesOneOfSeveralCopiesAndPartsThemAgain) {
    model.project.adopt(test::disc_document({{80, 100}, {100, 100}}), QStringLiteral("Discs"));
    settle();
    window.go_to(Place::sheet);
    settle();
    QTest::keyClick(&window, Qt::Key_A, Qt::ControlModifier);
    settle();
    QTest::keyClick(&window, Qt::Key_J, Qt::ControlModifier);
    settle();
    ASSERT_EQ(model.document().placements.size(), 1u);
    EXPECT_TRUE(std::holds_alternative<ClusterArtwork>(model.document().stickers.back()->artwork));
    EXPECT_EQ(model.snapshot().plan->pages[0].cuts.size(), 1u);
    QTest::keyClick(&window, Qt::Key_J, Qt::ControlModifier | Qt::ShiftModifier);
    settle();
    EXPECT_EQ(model.document().placements.size(), 2u);
}

} // namespace
} // namespace fusuma::app
