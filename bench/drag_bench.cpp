// Dragging one of 500 copies over the sheet in the real window: the time for each move of the mouse to be taken in and
// painted, with plan and preflight worked out behind it. Prints how that compares with a frame of 1/60 s.

#include "app/common/theme.h"
#include "app/sheet/sheet_view.h"
#include "app/shell/main_window.h"
#include "tests/support/exact_coverage.h"

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

/// 500 small stars with a border, in rows.
Document sheet() {
    auto picture = std::make_shared<Picture>();
    const Coverage coverage = test::exact_coverage({test::star({60, 60}, 9, 55, 40, 0)}, 120, 120);
    picture->file_name = "star.png";
    picture->pixels = Image(120, 120);
    picture->original = std::make_shared<const std::vector<std::byte>>();
    for (std::size_t i = 0; i < coverage.values.size(); ++i)
        picture->pixels.rgba[4 * i + 3] = coverage.values[i];
    Sticker s = new_sticker(PictureArtwork{picture});
    s.width = 5.5;
    s.border.width = 0.5;
    Document d = with_sticker_added({}, s);
    d.sheet.marks.kind = MarkKind::none;
    d.sheet.gap = 1;
    for (int i = 0; i < 500; ++i)
        d.placements.push_back({.sticker = 1, .centre = {14.0 + 8.2 * (i % 22), 16.0 + 8.2 * (i / 22)}});
    return d;
}

void wait_for(Session& session) {
    while (!session.is_settled())
        QTest::qWait(5);
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QStandardPaths::setTestModeEnabled(true);
    QApplication application(argc, argv);
    apply_theme(application, Tone::light);
    Session session;
    MainWindow window(session);
    session.adopt(sheet(), QStringLiteral("bench"));
    window.resize(1280, 800);
    window.show();
    window.go_to(Place::sheet);
    wait_for(session);
    QTest::qWait(500);
    auto* view = window.findChild<SheetView*>();
    const auto on_screen = [&](Point mm) { return view->to_view().map(QPointF(mm.x, mm.y)); };
    const QPointF from = on_screen(session.document().placements[240].centre);
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
    wait_for(session);
    std::sort(seconds.begin(), seconds.end());
    double sum = 0;
    for (const double s : seconds)
        sum += s;
    std::printf("frame while dragging one of 500: mean %.1f ms, nineteen of twenty under %.1f ms\n", 1000 * sum / steps,
                1000 * seconds[steps * 19 / 20]);
    std::printf("ratio drag / frame of 1/60 s = %.2f\n", 60 * seconds[steps * 19 / 20]);
    return 0;
}
