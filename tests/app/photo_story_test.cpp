// Photographs in the real window: stamped art on the photo board becomes two stickers of true size, a subject comes out
// of a busy picture by a box and two strokes, corners are dragged by hand, and a photograph finds a sheet for a
// machine.

#include "app/bench/bench_view.h"
#include "app/bench/photo_net.h"
#include "app/model/profiles.h"
#include "app/output/output_run.h"
#include "core/geometry/boolean.h"
#include "core/photo/find_board.h"
#include "core/plan/test_prints.h"
#include "devices/practice/practice_camera.h"
#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "tests/app/window.h"
#include "tests/support/plotter.h"

#include <QCheckBox>
#include <QComboBox>
#include <QListWidget>
#include <QPainter>
#include <numbers>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

class Photos : public Window {
  protected:
    QTemporaryDir folder;

    /// A picture of the board with things on it, as the practice camera takes it. @param draw  in mm of the paper
    QString photograph(const Board& board, const std::function<void(QPainter&)>& draw, PracticeShot shot) {
        constexpr double k = 7;
        QImage sheet =
            practice_print(QByteArray::fromStdString(print_pdf(board_page(board), {.with_cut_lines = false})), k * 25.4)
                ->convertToFormat(QImage::Format_RGBA8888);
        QPainter painter(&sheet);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.scale(sheet.width() / board.paper.width, sheet.height() / board.paper.height);
        painter.setPen(Qt::NoPen);
        draw(painter);
        painter.end();
        const QString path = folder.filePath("photo.jpg");
        EXPECT_TRUE(write_file(path, photographed(*image_from(sheet), board.paper, shot).jpeg));
        return path;
    }
    [[nodiscard]] const Picture& picture() {
        return *std::get<PictureArtwork>(model.in_hand.sticker()->artwork).picture;
    }
    BenchView* view() { return find<BenchView>("benchView"); }
    QPoint on_screen(double x_mm, double y_mm) { return view()->to_view().map(QPointF(x_mm, y_mm)).toPoint(); }
    std::shared_ptr<const StickerResult> result() { return model.snapshot().result(model.in_hand.sticker()->id); }
    double art_area() { return area(result()->outline()); }
};

TEST_F(Photos, StampedArtOnTheBoardBecomesTwoStickersOfTrueSize) {
    const Board board = board_on({210, 297});
    const QString path = photograph(board,
                                    [](QPainter& painter) {
                                        painter.setBrush(QColor(30, 60, 120));
                                        painter.drawEllipse(QPointF(70, 110), 22, 22);
                                        painter.setBrush(QColor(160, 30, 40));
                                        painter.drawRect(QRectF(110, 170, 50, 30));
                                    },
                                    {.width = 1500,
                                     .height = 1125,
                                     .tilt = 0.4,
                                     .tilt_towards = 1,
                                     .turn = 0.1,
                                     .lens = {0.05, 0},
                                     .falls_to = 0.6,
                                     .noise = 2});
    drop_artwork({path});
    click("stepArtwork");
    in_dialog(
        "flattenDialog",
        [](QDialog& dialog) {
            auto* told = dialog.findChild<QLabel*>("flatTold");
            ASSERT_TRUE(QTest::qWaitFor([&] { return told->text().contains("error left"); }, long_enough))
                << "found by itself";
        },
        [&] { click("flatten"); }, "layFlat");
    ASSERT_TRUE(picture().flat);
    EXPECT_EQ(picture().flat->by, FlatBy::board);
    EXPECT_NEAR(natural_size(model.in_hand.sticker()->artwork).width, board.inside.width(), 0.2);
    EXPECT_EQ(find<QLabel>("artworkFacts")->text().contains("laid flat"), true);
    EXPECT_EQ(result()->isolation->chosen.light.light, Light::even);

    in_dialog(
        "splitDialog",
        [](QDialog& dialog) {
            auto* told = dialog.findChild<QLabel*>("piecesTold");
            ASSERT_TRUE(QTest::qWaitFor([&] { return told->text().startsWith("2 pieces"); }, long_enough))
                << told->text().toStdString();
            dialog.findChild<QCheckBox*>("cutThem")->click();
            auto* names = dialog.findChild<QLineEdit*>("pieceNames");
            names->selectAll();
            QTest::keyClicks(names, "Harbour seal, Tide flag");
        },
        [&] { click("splitPieces"); }, "makePieces");
    ASSERT_EQ(model.document().stickers.size(), 2u);
    EXPECT_EQ(model.document().stickers[0]->name, "Harbour seal");
    EXPECT_EQ(model.document().stickers[1]->name, "Tide flag");
    const Rect disc = bounds(model.snapshot().result(model.document().stickers[0]->id)->outline()),
               block = bounds(model.snapshot().result(model.document().stickers[1]->id)->outline());
    EXPECT_NEAR(disc.width(), 44, 0.25);
    EXPECT_NEAR(disc.height(), 44, 0.25);
    EXPECT_NEAR(block.width(), 50, 0.25);
    EXPECT_NEAR(block.height(), 30, 0.25);
    // Cut where they lie, on the practice cutter, into which the board was laid askew.
    window.go_to(Place::sheet);
    settle();
    EXPECT_TRUE(window.findChild<QCheckBox*>("cutWhatIsThere")->isChecked());
    EXPECT_FALSE(find<QPushButton>("placeCopies")->isEnabled());
    EXPECT_FALSE(window.findChild<QComboBox*>("markKind")->isEnabled());
    EXPECT_TRUE(model.snapshot().findings.empty()) << model.snapshot().findings.front().message;
    model.in_hand.select({model.document().placements[0].id});
    QTest::keyClick(find<QWidget>("sheetView"), Qt::Key_Right, Qt::ShiftModifier);
    settle();
    window.go_to(Place::output);
    settle();
    EXPECT_FALSE(window.findChild<QPushButton*>("realPrint")->isVisible());
    QTest::keyClick(&window, Qt::Key_P, Qt::ControlModifier); // it is not printed by whatever way
    settle();
    EXPECT_EQ(QApplication::activeModalWidget(), nullptr);
    EXPECT_TRUE(model.document().tickets.empty());
    auto* run = window.findChild<OutputRun*>();
    PracticeFaults askew = run->faults();
    askew.load.shift = {1.7, 0.9};
    askew.load.turn = 0.02;
    run->set_faults(askew);
    click("practicePrint");
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::printed; }, long_enough));
    settle();
    click("loadSheet");
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() >= RunStage::Stage::refused; }, long_enough));
    ASSERT_EQ(run->stage(), RunStage::Stage::found) << run->finder.registration().reason;
    settle();
    run->cutting.set_speed(2500);
    click("startCutting");
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::cut; }, long_enough));
    const double border = model.in_hand.sticker()->border.width;
    double worst = 0;
    std::set<bool> cut;
    for (const CutTrace& trace : run->cutting.cut_so_far())
        for (const Point tip : trace.tip) {
            const Point p = run->place().inverted().apply(tip); // mm on the board
            const Point in_block{std::clamp(p.x, 110.0, 160.0), std::clamp(p.y, 170.0, 200.0)};
            const double off_disc = distance(p, {70, 110}) - 22 - border, off_block = distance(p, in_block) - border;
            cut.insert(std::abs(off_disc) < std::abs(off_block));
            worst = std::max(worst, std::min(std::abs(off_disc), std::abs(off_block)));
        }
    EXPECT_LT(worst, 0.3);
    EXPECT_EQ(cut.size(), 2u) << "both";
    EXPECT_EQ(model.document().tickets.size(), 1u);
    window.go_to(Place::bench);
    click("undo");
    EXPECT_EQ(model.document().stickers.size(), 1u);
    // As it came again.
    in_dialog(
        "flattenDialog", [](QDialog&) {}, [&] { click("flatten"); }, "asItCame");
    EXPECT_FALSE(picture().flat);
    EXPECT_EQ(picture().pixels.width(), 1500);
}

TEST_F(Photos, CornersAreDraggedByHandAndNothingIsLostWithoutABoard) {
    QImage plain(800, 600, QImage::Format_RGB32);
    plain.fill(QColor(120, 130, 140));
    const QString path = folder.filePath("plain.png");
    ASSERT_TRUE(plain.save(path));
    drop_artwork({path});
    click("stepArtwork");
    in_dialog(
        "flattenDialog",
        [](QDialog& dialog) {
            auto* told = dialog.findChild<QLabel*>("flatTold");
            ASSERT_TRUE(QTest::qWaitFor([&] { return told->text().contains("No sheet"); }, long_enough))
                << told->text().toStdString();
            EXPECT_FALSE(dialog.findChild<QPushButton*>("layFlat")->isEnabled());
            auto* net = dialog.findChild<PhotoNet*>("photoNet");
            const auto at = [&](std::size_t k) {
                return net->to_view().map(QPointF(net->corners()[k].x, net->corners()[k].y)).toPoint();
            };
            const Point before = net->corners()[2];
            QTest::mousePress(net, Qt::LeftButton, {}, at(2));
            QMouseEvent move(QEvent::MouseMove, QPointF(at(2) + QPoint(-30, -20)), net->mapToGlobal(QPointF(at(2))),
                             Qt::LeftButton, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(net, &move);
            QTest::mouseRelease(net, Qt::LeftButton, {}, at(2));
            EXPECT_LT(net->corners()[2].x, before.x - 10);
            net->setFocus();
            QTest::keyClick(net, Qt::Key_1);
            QTest::keyClick(net, Qt::Key_Right, Qt::ShiftModifier);
            ASSERT_TRUE(
                QTest::qWaitFor([&] { return dialog.findChild<QPushButton*>("layFlat")->isEnabled(); }, long_enough));
            auto* width = dialog.findChild<QLineEdit*>("flatWidth");
            width->setFocus();
            width->selectAll();
            QTest::keyClicks(width, "80 mm");
            QTest::keyClick(width, Qt::Key_Tab);
            ASSERT_TRUE(QTest::qWaitFor([&] { return told->text().startsWith("80.0"); }, long_enough))
                << told->text().toStdString();
        },
        [&] { click("flatten"); }, "layFlat");
    ASSERT_TRUE(picture().flat);
    EXPECT_EQ(picture().flat->by, FlatBy::corners);
    EXPECT_NEAR(picture().flat->size.width, 80, 1e-6);
    click("undo");
    EXPECT_FALSE(picture().flat);
}

TEST_F(Photos, LeavingWhileItIsLookedForHoldsNothingUpAndChangesNothing) {
    QImage large(3000, 2200, QImage::Format_RGB32);
    for (int y = 0; y < large.height(); ++y)
        for (int x = 0; x < large.width(); ++x)
            large.setPixel(x, y, qRgb(100 + (x * 7 + y * 3) % 90, 120, (x ^ y) & 255));
    const QString path = folder.filePath("large.jpg");
    ASSERT_TRUE(large.save(path));
    drop_artwork({path});
    click("stepArtwork");
    const auto before = model.in_hand.sticker();
    in_dialog(
        "flattenDialog", [](QDialog&) {}, [&] { click("flatten"); }, "leaveFlat"); // at once
    EXPECT_EQ(model.in_hand.sticker(), before);
}

TEST_F(Photos, ASubjectComesOutOfABusyPictureByABoxAndTwoStrokes) {
    QImage busy(640, 480, QImage::Format_RGB32);
    for (int y = 0; y < 480; ++y)
        for (int x = 0; x < 640; ++x)
            busy.setPixel(x, y, (x / 20 + y / 20) % 2 == 0 ? qRgb(90, 140, 70) : qRgb(150, 120, 60));
    QPainter painter(&busy);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(200, 40, 90));
    painter.drawEllipse(QPoint(300, 240), 120, 90);
    painter.setBrush(QColor(90, 140, 70)); // an ear of the ground's own green
    painter.drawEllipse(QPoint(430, 200), 40, 30);
    painter.end();
    const QString path = folder.filePath("busy.png");
    ASSERT_TRUE(busy.save(path));
    drop_artwork({path});
    click("stepBackground");
    choose("Subject");
    const double mm = mm_per_px(*model.in_hand.sticker());
    click("subjectBox");
    drag(view(), on_screen(150 * mm, 120 * mm), on_screen(490 * mm, 350 * mm));
    ASSERT_TRUE(model.in_hand.sticker()->background.subject_box);
    const double before = art_area();
    click("brushBelongs");
    drag(view(), on_screen(410 * mm, 200 * mm), on_screen(450 * mm, 200 * mm));
    click("brushForeign");
    drag(view(), on_screen(160 * mm, 340 * mm), on_screen(480 * mm, 340 * mm));
    const auto& strokes = model.in_hand.sticker()->background.strokes;
    ASSERT_EQ(strokes.size(), 2u);
    EXPECT_EQ(strokes[0].kind, Stroke::Kind::belongs);
    EXPECT_EQ(strokes[1].kind, Stroke::Kind::foreign);
    EXPECT_EQ(find<QListWidget>("strokes")->count(), 2);
    EXPECT_GT(art_area(), before);
    const double disc = std::numbers::pi * 120 * 90 * mm * mm;
    EXPECT_GT(art_area(), 0.97 * disc);
    EXPECT_LT(art_area(), 1.25 * disc);
    click("undo");
    EXPECT_EQ(model.in_hand.sticker()->background.strokes.size(), 1u);
}

TEST_F(Photos, APhotographFindsASheetForTheMakersMachine) {
    Document d = with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(test::demo_art("puffin.png"))}));
    d.sheet.paper = {148, 210};
    d.put({.sticker = 1, .centre = {74, 100}, .scale = 0.8});
    model.project.adopt(d, "Tide Fair");
    window.go_to(Place::output);
    settle();
    auto* run = window.findChild<OutputRun*>();
    const test::PlainPlotter plotter({"--tcp"});
    Machine machine;
    machine.name = "Board and camera";
    machine.line = plotter.line();
    machine.answers = true;
    machine.bed = {400, 600};
    run->machine.keep(machine, false);
    click("practicePrint");
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::printed; }, long_enough));
    settle();
    const QImage print = run->printed.picture();
    const Board board = board_on({297, 420});
    const Transform lies = map_of({{80, 110}, 0.07, 1, 1}, {74, 105}); // on the board
    const QString path = photograph(
        board,
        [&](QPainter& painter) {
            painter.setTransform(QTransform(lies.a, lies.b, lies.c, lies.d, lies.dx, lies.dy), true);
            painter.drawImage(QRectF(0, 0, 148, 210), print);
        },
        {.width = 2400, .height = 1800, .tilt = 0.25, .turn = 1.5708, .lens = {-0.05, 0}, .falls_to = 0.7, .noise = 2});
    with_file_dialog(path, [&] { QTest::mouseClick(find<QPushButton>("findByPhoto"), Qt::LeftButton); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::found; }, long_enough))
        << run->finder.registration().reason;
    // The board lies in the corner of the nought; the sheet on it.
    const Transform on_bed = lies.then(paper_on_bed(machine, board.paper));
    for (const Point p : {Point{20, 20}, Point{130, 180}})
        EXPECT_LT(distance(run->finder.print()->registration().fit.apply(p), on_bed.apply(p)), 0.2);
    // What was seen of one loading is not taken for another's.
    run->finder.load_photographed(path);
    EXPECT_EQ(run->stage(), RunStage::Stage::loading);
    const int own = run->machine.number();
    run->machine.choose(0);
    ASSERT_EQ(run->stage(), RunStage::Stage::printed);
    run->finder.set_method(MarkMethod::sensor);
    run->finder.load();
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::found; }, long_enough));
    EXPECT_FALSE(QTest::qWaitFor([&] { return run->stage() != RunStage::Stage::found; }, 4000));
    const Registration& there = run->finder.registration();
    EXPECT_LT(distance(there.fit.apply({74, 105}), {74, 105}), 1) << "in the practice cutter, not on the board";
    run->machine.choose(own);
    settle();
    // A picture without a board is refused, and nothing is cut.
    with_file_dialog(test::demo_art("puffin.png"),
                     [&] { QTest::mouseClick(find<QPushButton>("findByPhoto"), Qt::LeftButton); });
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::refused; }, long_enough));
    EXPECT_THAT(find<QLabel>("loadWords")->text().toStdString(), HasSubstr("board"));
    EXPECT_TRUE(plotter.strokes().empty());
    run->machine.forget();
}

TEST_F(Photos, ALensIsKeptForItsCamera) {
    EXPECT_FALSE(saved_lens(""));
    EXPECT_FALSE(saved_lens("Brindle/Quay 3"));
    save_lens("Brindle/Quay 3", {-0.0625, 0.01});
    save_lens("Other", {0.5, 0});
    ASSERT_TRUE(saved_lens("Brindle/Quay 3"));
    EXPECT_EQ(*saved_lens("Brindle/Quay 3"), (Lens{-0.0625, 0.01}));
    save_lens("", {1, 1});
    save_lens("Odd", {HUGE_VAL, 0});
    EXPECT_FALSE(saved_lens("Odd"));
}

TEST_F(Photos, AScanBecomesAStickerOfItsTrueSize) { // from the device that SANE's library ships for tests
    for (const auto& [name, words] :
         {std::pair{"dll.conf", "test\n"}, {"test.conf", "number_of_devices 1\ntest-picture \"Color pattern\"\n"}})
        ASSERT_TRUE(write_file(folder.filePath(QLatin1String(name)), words));
    qputenv("SANE_CONFIG_DIR", folder.path().toUtf8());
    bool has_scanner = true;
    in_dialog(
        "scanDialog",
        [&](QDialog& dialog) {
            auto* list = dialog.findChild<QComboBox*>("scanner");
            auto* told = dialog.findChild<QLabel*>("scanTold");
            ASSERT_TRUE(
                QTest::qWaitFor([&] { return list->count() > 0 || told->text().contains("No scanner"); }, long_enough));
            has_scanner = list->count() > 0;
            if (!has_scanner)
                return;
            auto* dpi = dialog.findChild<QLineEdit*>("scanDpi");
            dpi->setFocus();
            dpi->selectAll();
            QTest::keyClicks(dpi, "100");
            QTest::keyClick(dpi, Qt::Key_Tab);
            auto* bed = dialog.findChild<QWidget*>("scanBed");
            QTest::qWait(300);
            QTest::mousePress(bed, Qt::LeftButton, {}, bed->rect().center() - QPoint(60, 50));
            QMouseEvent move(QEvent::MouseMove, QPointF(bed->rect().center() + QPoint(60, 50)),
                             bed->mapToGlobal(QPointF(bed->rect().center())), Qt::LeftButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(bed, &move);
            for (std::size_t n = 1; n <= 2; ++n) { // several in a row
                auto* start = dialog.findChild<QPushButton*>("scanNow");
                ASSERT_TRUE(QTest::qWaitFor([&] { return start->isEnabled(); }, long_enough));
                QTest::mouseClick(start, Qt::LeftButton);
                ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().stickers.size() == n; }, long_enough))
                    << told->text().toStdString();
            }
        },
        [&] {
            for (QAction* action : window.findChildren<QAction*>())
                if (action->text().remove('&') == QStringLiteral("Scan…"))
                    action->trigger();
        },
        "scanDone");
    if (!has_scanner)
        GTEST_SKIP() << "SANE has no test device here";
    const Picture& scan = picture();
    EXPECT_NEAR(scan.dpi, 100, 1);
    EXPECT_TRUE(scan.dpi_is_stated);
    EXPECT_GT(natural_size(model.in_hand.sticker()->artwork).width, 20);
    EXPECT_THAT(scan.file_name, HasSubstr("scan 2"));
    EXPECT_FALSE(model.scanning) << "nobody waits for it any more";
}

} // namespace
} // namespace fusuma::app
