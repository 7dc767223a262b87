// Takes the pictures in docs/screenshots from the demo project. Run by docs/take_screenshots.

#include "app/bench/bench_view.h"
#include "app/common/theme.h"
#include "app/frame/main_window.h"
#include "core/arrange/fill_sheet.h"
#include "core/photo/board.h"
#include "core/plan/test_prints.h"
#include "devices/practice/practice_camera.h"
#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/basics/language.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QElapsedTimer>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <QTreeWidget>
#include <iostream>

using namespace fusuma;
using namespace fusuma::app;

namespace {

void settle(Model& model) {
    QElapsedTimer clock;
    clock.start();
    while ((!model.working_out.is_settled() || clock.elapsed() < 400) && clock.elapsed() < 20000)
        QTest::qWait(30);
    QTest::qWait(150); // what the result sets off: texts, layouts, the bar that goes
}

/// Three of the demo's pictures on the photo board, as the practice camera sees them.
void take_photograph(const QString& path) {
    const Board board = board_on({210, 297});
    constexpr double k = 8;
    QImage sheet =
        practice_print(QByteArray::fromStdString(print_pdf(board_page(board), {.with_cut_lines = false})), k * 25.4)
            ->convertToFormat(QImage::Format_RGBA8888);
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.scale(sheet.width() / board.paper.width, sheet.height() / board.paper.height);
    const std::pair<const char*, QRectF> things[] = {
        {"puffin.png", {30, 40, 60, 78}}, {"tide-bell.png", {110, 50, 66, 66}}, {"octopus.png", {55, 150, 100, 90}}};
    for (const auto& [name, where] : things) {
        const QImage art(QStringLiteral(SOURCE_DIR "/demo/artwork/") + QLatin1String(name));
        const QSizeF size = QSizeF(art.size()).scaled(where.size(), Qt::KeepAspectRatio);
        painter.drawImage(QRectF(where.topLeft(), size), art);
    }
    painter.end();
    const PracticeShot shot{.width = 2400,
                            .height = 1800,
                            .tilt = 0.5,
                            .tilt_towards = 0.8,
                            .turn = 0.15,
                            .lens = {-0.08, 0},
                            .falls_to = 0.7,
                            .shadow = PracticeShot::Shadow::soft,
                            .noise = 2,
                            .seed = 3};
    static_cast<void>(write_file(path, photographed(*image_from(sheet), board.paper, shot).jpeg));
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 3) {
        std::cerr << "usage: fusuma-screenshots PROJECT FOLDER\n";
        return 2;
    }
    QStandardPaths::setTestModeEnabled(true);
    QApplication application(argc, argv);
    speak(); // in the system's language
    apply_theme(application, Tone::light);
    auto project = load_project(QString::fromLocal8Bit(argv[1]));
    if (!project) {
        std::cerr << project.problem().english() << '\n';
        return 2;
    }
    Model model;
    MainWindow window(model);
    window.resize(1280, 800);
    window.show();
    const QString folder = QString::fromLocal8Bit(argv[2]);
    const QTemporaryDir before, settings; // what was opened before, of this run alone
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    const auto shoot = [&](const char* name) {
        settle(model);
        window.grab().save(folder + "/" + QLatin1String(name) + ".png");
    };
    const auto click = [&](const char* name) {
        for (QPushButton* b : window.findChildren<QPushButton*>(QLatin1String(name)))
            if (b->isVisible()) {
                QTest::mouseClick(b, Qt::LeftButton);
                break;
            }
        settle(model);
    };
    for (const char* name : {"Harbour shop", "Tide Fair"}) {
        Document one = *project;
        if (one.placements.size() > 12 && QLatin1String(name) == QLatin1String("Harbour shop"))
            std::erase_if(one.placements, [](const Placement& p) { return p.sticker > 3; });
        model.project.adopt(std::move(one), QLatin1String(name));
        settle(model);
        model.project.save(before.filePath(QLatin1String(name) + QLatin1String(".fusuma")));
        settle(model);
    }
    model.project.start_new();
    shoot("start");
    model.project.adopt(std::move(*project), QStringLiteral("Tide Fair"));
    settle(model);
    const auto choose = [&](const char* name) {
        for (const auto& sticker : model.document().stickers)
            if (sticker->name == name)
                model.in_hand.choose_sticker(sticker->id);
        settle(model);
    };
    choose("Fair badge");
    click("stepBackground");
    auto* part_list = window.findChild<QTreeWidget*>(QStringLiteral("partList"));
    for (QTreeWidgetItemIterator it(part_list); *it; ++it)
        (*it)->setSelected((*it)->text(0) == QLatin1String("sail") || (*it)->text(0) == QLatin1String("jib"));
    shoot("bench-parts");
    choose("Relish jars");
    shoot("bench-label");
    click("stepBorder");
    model.in_hand.choose_sticker(model.document().stickers[2]->id);
    shoot("bench");
    model.in_hand.choose_sticker(model.document().stickers[4]->id);
    click("stepBleed");
    shoot("bench-bleed");
    model.in_hand.choose_sticker(model.document().stickers[3]->id);
    click("stepCut");
    click("toolNodes");
    auto* bench = window.findChild<BenchView*>();
    const auto result = model.snapshot().result(model.in_hand.sticker()->id);
    const Point node = node_at(result->cut->hand.lines.front(), 4);
    bench->zoom_by(2);
    bench->centre_on(node);
    settle(model);
    QTest::mouseClick(bench, Qt::LeftButton, {}, bench->to_view().map(QPointF(node.x, node.y)).toPoint());
    shoot("bench-nodes");
    bench->fit();
    model.in_hand.choose_sticker(model.document().stickers[0]->id);
    auto* look_at = window.findChild<QComboBox*>(QStringLiteral("lookAt"));
    click("stepOutline");
    look_at->setCurrentIndex(3);
    shoot("bench-outline");
    model.in_hand.choose_sticker(model.document().stickers[7]->id);
    click("stepBackground");
    look_at->setCurrentIndex(2);
    shoot("bench-background");
    look_at->setCurrentIndex(0);
    model.in_hand.choose_sticker(model.document().stickers[1]->id);
    auto* stock = window.findChild<QComboBox*>(QStringLiteral("stock"));
    stock->setCurrentIndex(3);
    window.findChild<QCheckBox*>(QStringLiteral("peel"))->setChecked(true);
    shoot("bench-finished");
    stock->setCurrentIndex(0);
    click("stepArtwork");
    model.in_hand.edit_sticker("Turn", [](Sticker& s) { s = reframed(s, {.turn = 0.2}); });
    shoot("bench-artwork");
    model.project.undo();
    window.go_to(Place::sheet);
    settle(model);
    model.in_hand.go_to_page(1);
    model.in_hand.select({});
    shoot("sheet-labels");
    model.in_hand.go_to_page(0);
    model.in_hand.select({model.document().placements[4].id});
    shoot("sheet");
    model.searches.search(
        "Fill", [](const Document& d, Planner& evaluator, const Work& work, const Searches::Improved&) {
            FillRequest request{.is_fresh = true, .way = FillWay::turned, .turns = Turns::any, .rounds = 40};
            for (const auto& sticker : d.stickers)
                if (sticker->name != "Tide bell")
                    request.orders.push_back({.sticker = sticker->id, .scale = 0.62});
            FillReport report = fill_sheet(d, evaluator, request, work);
            return Searches::Searched{std::move(report.document), {}};
        });
    static_cast<void>(QTest::qWaitFor([&] { return !model.searches.is_searching(); }, 120000));
    model.in_hand.select({});
    click("stepSelection");
    click("stepMarks and cutter");
    shoot("sheet-full");
    model.project.undo();
    settle(model);
    window.go_to(Place::output);
    click("practicePrint");
    auto* load = window.findChild<QPushButton*>(QStringLiteral("loadSheet"));
    static_cast<void>(QTest::qWaitFor([&] { return load->isEnabled(); }, 30000));
    // A crooked sheet, as laid in by hand.
    QTimer fill;
    QObject::connect(&fill, &QTimer::timeout, &window, [&] {
        auto* dialog = QApplication::activeModalWidget();
        if (!dialog || dialog->objectName() != QLatin1String("faultsDialog") || !dialog->isActiveWindow())
            return; // keys go to a window that has them only
        fill.stop();
        for (const auto& [field, value] :
             {std::pair{"faultRight", "2.1"}, {"faultDown", "-1.4"}, {"faultTurn", "1.6"}}) {
            auto* edit = dialog->findChild<QLineEdit*>(QLatin1String(field));
            edit->setFocus();
            edit->selectAll();
            QTest::keyClicks(edit, QLatin1String(value));
        }
        QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("takeForm")), Qt::LeftButton);
    });
    fill.start(100);
    click("practiceFaults");
    click("loadSheet");
    auto* start = window.findChild<QPushButton*>(QStringLiteral("startCutting"));
    static_cast<void>(QTest::qWaitFor([&] { return start->isEnabled(); }, 30000));
    window.findChild<QSlider*>(QStringLiteral("timeSlider"))->setValue(10);
    shoot("output");
    window.findChild<QSlider*>(QStringLiteral("slipRight"))->setValue(24);
    window.findChild<QSlider*>(QStringLiteral("slipTurn"))->setValue(10);
    shoot("output-slip");
    for (const char* name : {"slipRight", "slipTurn"})
        window.findChild<QSlider*>(QLatin1String(name))->setValue(0);
    for (QPushButton* b : window.findChildren<QPushButton*>())
        if (b->isVisible() && b->text() == QLatin1String("By hand"))
            QTest::mouseClick(b, Qt::LeftButton);
    auto* take = window.findChild<QPushButton*>(QStringLiteral("takeMark"));
    static_cast<void>(QTest::qWaitFor([&] { return take->isVisible(); }, 20000));
    shoot("output-hand");
    // A machine of one's own.
    QTimer greet;
    QObject::connect(&greet, &QTimer::timeout, &window, [&] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!dialog || dialog->objectName() != QLatin1String("machineDialog"))
            return;
        greet.stop();
        dialog->grab().save(QDir(QString::fromLocal8Bit(argv[2])).filePath(QStringLiteral("output-machine.png")));
        dialog->reject();
    });
    greet.start(100);
    auto* machines = window.findChild<QComboBox*>(QStringLiteral("machine"));
    emit machines->activated(machines->count() - 1);
    // A photographed page of drawings on the board: laid flat, then a sticker for each.
    window.go_to(Place::bench);
    const QString photo = QDir::temp().filePath(QStringLiteral("tide-fair-drawings.jpg"));
    take_photograph(photo);
    model.importer.add_artwork({photo});
    static_cast<void>(QTest::qWaitFor([&] { return model.importer.reading().isEmpty(); }, 20000));
    settle(model);
    const auto in_dialog = [&](const char* name, const char* words, const char* starts, const char* button,
                               const char* picture, const char* open) {
        QTimer wait;
        QObject::connect(&wait, &QTimer::timeout, &window, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (!dialog || dialog->objectName() != QLatin1String(name))
                return;
            auto* told = dialog->findChild<QLabel*>(QLatin1String(words));
            if (!told->text().contains(QLatin1String(starts)))
                return;
            wait.stop();
            dialog->grab().save(folder + "/" + QLatin1String(picture) + ".png");
            QTest::mouseClick(dialog->findChild<QPushButton*>(QLatin1String(button)), Qt::LeftButton);
        });
        wait.start(200);
        click(open);
    };
    const auto* flatten = window.findChild<QPushButton*>(QStringLiteral("flatten"));
    if (!flatten || !flatten->isVisible()) // else the step is open from before
        click("stepArtwork");
    in_dialog("flattenDialog", "flatTold", "error left", "layFlat", "bench-photograph", "flatten");
    static_cast<void>(QTest::qWaitFor([&] { return model.importer.reading().isEmpty(); }, 20000));
    if (argc > 3) { // views that are looked at, but not kept
        settle(model);
        in_dialog("splitDialog", "piecesTold", "pieces", "makePieces", "more-pieces", "splitPieces");
        click("stepBackground");
        shoot("more-background");
        for (QPushButton* b : window.findChildren<QPushButton*>())
            if (b->isVisible() && b->text() == QLatin1String("Subject"))
                QTest::mouseClick(b, Qt::LeftButton);
        shoot("more-subject");
        window.resize(1024, 700);
        shoot("more-small");
        window.resize(1280, 800);
    }
    apply_theme(application, Tone::dark);
    model.in_hand.choose_sticker(model.document().stickers[1]->id);
    shoot("bench-dark");
    return 0;
}
