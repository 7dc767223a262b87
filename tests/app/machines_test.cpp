// Paper, printer, cutter and marks by their fields; measuring and true size.

#include "app/model/profiles.h"
#include "app/sheet/screen_size.h"
#include "app/sheet/sheet_view.h"
#include "tests/app/window.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFile>
#include <QInputDialog>
#include <QSlider>

namespace fusuma::app {
namespace {

class Machines : public Window {
  protected:
    void SetUp() override {
        Window::SetUp();
        drop_artwork({test::demo_art("white-moon.png")});
        click("putOnSheet");
    }
    const SheetSettings& sheet() { return model.document().sheet; }
    void pick(const char* combo, int index) {
        auto* box = find<QComboBox>(combo);
        ASSERT_TRUE(box) << combo;
        box->setCurrentIndex(index);
        emit box->activated(index);
        settle();
    }
};

TEST_F(Machines, PaperAndSmallSheetsByTheirFields) {
    click("stepPaper");
    pick("division", 2);
    EXPECT_EQ(sheet().division.columns * sheet().division.rows, 4);
    EXPECT_EQ(model.snapshot().plan->pages[0].small_sheets.size(), 4u);
    pick("division", 3);
    type("divisionColumns", "4");
    type("gutter", "3");
    EXPECT_EQ(sheet().division.columns, 4);
    EXPECT_EQ(sheet().division.gutter, 3);
    pick("divisionCut", 2);
    EXPECT_EQ(sheet().division.cut, Division::Cut::score);
    auto* paper = find<QComboBox>("paper");
    pick("paper", paper->count() - 1);
    type("paperWidth", "12in");
    EXPECT_NEAR(sheet().paper.width, 304.8, 1e-9);
}

TEST_F(Machines, PrinterIsSetCorrectedAndSavedForOtherProjects) {
    click("stepPrinter");
    type("printerMarginLeft", "6");
    type("correctRight", "0.4");
    type("stretchDown", "100.2");
    EXPECT_EQ(sheet().printer.margins.left, 6);
    EXPECT_EQ(sheet().printer.shift.x, 0.4);
    EXPECT_NEAR(sheet().printer.stretch_y, 1.002, 1e-9);
    type("printScaling", "97");
    EXPECT_THAT(find<QLabel>("findingText")->text().toStdString(), testing::HasSubstr("97 %"));
    type("printScaling", "100");
    QTest::mouseClick(find<QCheckBox>("borderless"), Qt::LeftButton, {}, QPoint(8, 8));
    settle();
    EXPECT_THAT(find<QLabel>("findingText")->text().toStdString(), testing::HasSubstr("borderless"));
    click("fixFinding");
    EXPECT_FALSE(sheet().printer.borderless);
    QTimer answer;
    QObject::connect(&answer, &QTimer::timeout, &window, [&] {
        if (auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget())) {
            dialog->setTextValue("Harbour office");
            dialog->accept();
        }
    });
    answer.start(50);
    click("savePrinter");
    answer.stop();
    const PrinterProfile kept = sheet().printer;
    EXPECT_EQ(kept.name, "Harbour office");
    pick("printer", 0);
    EXPECT_EQ(sheet().printer, PrinterProfile{});
    pick("printer", find<QComboBox>("printer")->findText("Harbour office"));
    EXPECT_EQ(sheet().printer, kept);
    EXPECT_EQ(saved_printers().back(), kept);
}

TEST_F(Machines, MarksAndMatByTheirFieldsAndSchemesFromFiles) {
    click("stepMarks and cutter");
    pick("markKind", 1);
    EXPECT_EQ(sheet().marks.kind, MarkKind::crosses);
    type("markLine", "0.5");
    type("markSize", "8");
    EXPECT_EQ(sheet().marks.line, 0.5);
    EXPECT_EQ(sheet().marks.radius, 4);
    QTest::mouseClick(find<QCheckBox>("mat"), Qt::LeftButton, {}, QPoint(8, 8));
    settle();
    type("matLeft", "20");
    EXPECT_TRUE(sheet().cutter.has_mat);
    EXPECT_EQ(sheet().cutter.paper_on_mat.x, 20);

    const QString wrong = folder.filePath("wrong.json"), right = folder.filePath("right.json");
    const auto write = [](const QString& path, const char* text) {
        QFile file(path);
        EXPECT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(text);
    };
    write(wrong, "{\"name\": \"Wrong\",\n\"marks\": []}");
    write(right,
          R"({"name": "One ring", "marks": [{"shape": "ring", "from": "top-left", "x": 20, "y": 20, "radius": 4}]})");
    const Document before = model.document();
    with_file_dialog(wrong, [&] { pick("markKind", 3); });
    EXPECT_THAT(notice(), testing::AllOf(testing::HasSubstr("Line 2"), testing::HasSubstr("marks")));
    EXPECT_EQ(model.document(), before);
    with_file_dialog(right, [&] { pick("markKind", 3); });
    EXPECT_EQ(sheet().marks.kind, MarkKind::scheme);
    EXPECT_EQ(sheet().marks.scheme.name, "One ring");
    EXPECT_EQ(model.snapshot().plan->pages[0].marks.size(), 1u);
}

TEST_F(Machines, MeasuringAndTrueSize) {
    auto* view = find<SheetView>("sheetView");
    view->setFocus();
    key(Qt::Key_M);
    const Document before = model.document();
    const QImage unmeasured = view->grab().toImage();
    drag(view, view->to_view().map(QPointF(20, 100)).toPoint(), view->to_view().map(QPointF(120, 100)).toPoint());
    EXPECT_NE(view->grab().toImage(), unmeasured);
    EXPECT_EQ(model.document(), before) << "measuring changes nothing";
    key(Qt::Key_Escape);
    QTimer answer;
    QObject::connect(&answer, &QTimer::timeout, &window, [&] {
        if (auto* dialog = qobject_cast<ScreenSizeDialog*>(QApplication::activeModalWidget())) {
            dialog->findChild<QSlider*>("screenSlider")->setValue(1000);
            dialog->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Ok)->click();
        }
    });
    answer.start(50);
    ScreenSizeDialog(&window).exec();
    answer.stop();
    window.activateWindow(); // there is no window manager here to do it when the dialog closes
    click("zoomTrue");
    EXPECT_NEAR(view->px_per_mm(), 1.5 + (12 - 1.5) / 2, 0.01);
}

} // namespace
} // namespace fusuma::app
