// Dragging the border slider in the real window: for every sticker of a project, the time from one step of the slider
// until the preview of it is worked out and painted, view and ribbon both. Prints how that compares with a frame of
// 1/60 s. Usage: bench-slider PROJECT.fusuma

#include "app/common/theme.h"
#include "app/shell/main_window.h"
#include "formats/project_file.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QStandardPaths>
#include <QTest>
#include <algorithm>
#include <benchmark/benchmark.h>
#include <iostream>

using namespace fusuma;
using namespace fusuma::app;

namespace {

void wait_for(Session& session) {
    while (!session.is_settled())
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
                             : Result<Document>(Problem{"usage: bench-slider PROJECT"});
    if (!project) {
        std::cerr << project.problem().text() << '\n';
        return 2;
    }
    Session session;
    MainWindow window(session);
    session.adopt(std::move(*project), QStringLiteral("bench"));
    window.resize(1280, 800);
    window.show();
    wait_for(session);
    std::vector<std::pair<std::string, std::vector<double>>> frames(session.document().stickers.size());
    for (std::size_t i = 0; i < frames.size(); ++i) {
        frames[i].first = session.document().stickers[i]->name;
        benchmark::RegisterBenchmark(
            frames[i].first.c_str(),
            [&, i](benchmark::State& state) {
                session.choose_sticker(session.document().stickers[i]->id);
                wait_for(session);
                double width = 1;
                for (auto _ : state) {
                    bool is_shown = false;
                    const auto connection =
                        QObject::connect(&session, &Session::previewed, &window, [&] { is_shown = true; });
                    QElapsedTimer clock;
                    clock.start();
                    width = width < 5 ? width + 0.1 : 1;
                    session.edit_sticker(
                        "Border width", [&](Sticker& s) { s.border.width = width; }, "bench");
                    while (!is_shown)
                        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
                    QCoreApplication::processEvents(); // paints
                    state.SetIterationTime(static_cast<double>(clock.nsecsElapsed()) * 1e-9);
                    frames[i].second.push_back(static_cast<double>(clock.nsecsElapsed()) * 1e-9);
                    QObject::disconnect(connection);
                }
                wait_for(session);
            })
            ->UseManualTime()
            ->Iterations(60)
            ->Unit(benchmark::kMillisecond);
    }
    benchmark::RunSpecifiedBenchmarks();
    for (auto& [name, seconds] : frames)
        if (!seconds.empty()) {
            std::nth_element(seconds.begin(), seconds.begin() + static_cast<std::ptrdiff_t>(seconds.size() / 2),
                             seconds.end());
            std::printf("ratio %s / frame of 1/60 s = %.2f\n", name.c_str(), seconds[seconds.size() / 2] * 60);
        }
    return 0;
}
