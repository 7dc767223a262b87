// Dragging one of 500 copies over the sheet in the real window: the time for each move of the mouse to be taken in and
// painted, with plan and preflight worked out behind it. Prints how that compares with a frame of 1/60 s.

#include "app/common/theme.h"
#include "app/frame/main_window.h"
#include "app/sheet/sheet_view.h"
#include "bench/figure.h"
#include "bench/star_sheet.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QMouseEvent>
#include <QStandardPaths>
#include <QTest>
#include <algorithm>
#include <cstdio>

using namespace fusuma;
using namespace fusuma::app;

namespace {

void wait_for(Model& model) {
    while (!model.working_out.is_settled())
        QTest::qWait(5);
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QStandardPaths::setTestModeEnabled(true);
    QApplication application(argc, argv);
    apply_theme(application, Tone::light);
    Model model;
    MainWindow window(model);
    model.project.adopt(bench::star_sheet(8.2, {}), QStringLiteral("bench"));
    window.resize(1280, 800);
    window.show();
    window.go_to(Place::sheet);
    wait_for(model);
    QTest::qWait(500);
    auto* view = window.findChild<SheetView*>();
    const auto on_screen = [&](Point mm) { return view->to_view().map(QPointF(mm.x, mm.y)); };
    const QPointF from = on_screen(model.document().placements[240].centre);
    QTest::mousePress(view, Qt::LeftButton, {}, from.toPoint());
    constexpr int steps = 240;
    std::vector<double> seconds;
    for (int i = 1; i <= steps; ++i) {
        const QPointF at = from + QPointF(60 * std::sin(i * 0.05), 50 * std::cos(i * 0.03) - 50);
        QElapsedTimer clock;
        clock.start();
        QMouseEvent move(QEvent::MouseMove, at, view->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(view, &move);
        QCoreApplication::processEvents(); // painting, the panel, the tray and what was worked out meanwhile
        seconds.push_back(static_cast<double>(clock.nsecsElapsed()) * 1e-9);
    }
    QTest::mouseRelease(view, Qt::LeftButton, {}, from.toPoint());
    wait_for(model);
    std::sort(seconds.begin(), seconds.end());
    double sum = 0;
    for (const double s : seconds)
        sum += s;
    std::printf("frame while dragging one of 500: mean %.1f ms, nineteen of twenty under %.1f ms\n", 1000 * sum / steps,
                1000 * seconds[steps * 19 / 20]);
    bench::tell("drag-over-frame", 60 * seconds[steps * 19 / 20]); // of 1/60 s
    return 0;
}
