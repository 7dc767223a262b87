// Dragging the border slider in the real window: for every sticker of a project, the time from one step of the slider
// until the preview of it is worked out and painted, view and ribbon both. Prints how that compares with a frame of
// 1/60 s. Usage: bench-slider PROJECT.fusuma

#include "app/common/theme.h"
#include "app/frame/main_window.h"
#include "bench/figure.h"
#include "formats/project/project_file.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QStandardPaths>
#include <QTest>
#include <benchmark/benchmark.h>
#include <iostream>

using namespace fusuma;
using namespace fusuma::app;

namespace {

/// Counts how often a widget is painted.
struct Paints : QObject {
    int count = 0;
    bool eventFilter(QObject*, QEvent* event) override {
        count += event->type() == QEvent::Paint;
        return false;
    }
};

void wait_for(Model& model) {
    while (!model.working_out.is_settled())
        QTest::qWait(5);
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    benchmark::Initialize(&argc, argv);
    QStandardPaths::setTestModeEnabled(true);
    QApplication application(argc, argv);
    apply_theme(application, Tone::light);
    auto project = argc == 2 ? load_project(QString::fromLocal8Bit(argv[1]))
                             : Result<Document>(Problem{"usage: bench-slider PROJECT"_said});
    if (!project) {
        std::cerr << project.problem().english() << '\n';
        return 2;
    }
    Model model;
    MainWindow window(model);
    model.project.adopt(std::move(*project), QStringLiteral("bench"));
    window.resize(1280, 800);
    window.show();
    wait_for(model);
    // As many steps as the window can show: each goes off as soon as the preview of the one before has come, and is
    // worked out while that is painted.
    constexpr int steps = 120;
    std::vector<std::pair<std::string, double>> frame_seconds;
    for (const auto& sticker : model.document().stickers)
        benchmark::RegisterBenchmark(
            sticker->name.c_str(),
            [&, id = sticker->id](benchmark::State& state) {
                model.in_hand.choose_sticker(id);
                wait_for(model);
                Paints paints;
                window.findChild<QWidget*>(QStringLiteral("benchView"))->installEventFilter(&paints);
                for (auto _ : state) {
                    int shown = 0;
                    paints.count = 0;
                    const auto step = [&] {
                        model.in_hand.edit_sticker(
                            "Border width", [&](Sticker& s) { s.border.width = 1 + 0.05 * (shown % 80); }, "bench");
                    };
                    const auto next = [&] {
                        if (++shown < steps)
                            step();
                    };
                    const auto quick = QObject::connect(&model.working_out, &WorkingOut::previewed, &window, next);
                    // Where the full result of an edit is there first, no preview of it comes any more.
                    const auto full = QObject::connect(&model.working_out, &WorkingOut::worked_out, &window, [&] {
                        if (!model.working_out.awaits_preview())
                            next();
                    });
                    QElapsedTimer clock;
                    clock.start();
                    step();
                    while (paints.count < steps && shown < steps)
                        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
                    const double seconds = static_cast<double>(clock.nsecsElapsed()) * 1e-9;
                    QObject::disconnect(quick);
                    QObject::disconnect(full);
                    state.SetIterationTime(seconds / steps);
                    frame_seconds.emplace_back(model.in_hand.sticker()->name, seconds / steps);
                }
                wait_for(model);
            })
            ->UseManualTime()
            ->Iterations(1)
            ->Unit(benchmark::kMillisecond);
    benchmark::RunSpecifiedBenchmarks();
    double worst = 0;
    for (const auto& [name, seconds] : frame_seconds)
        worst = std::max(worst, seconds * 60);
    bench::tell("border-slider-over-frame", worst); // of 1/60 s
    return 0;
}
