// Rehearsing 1,000 copies of a picture with a soft edge on 841 × 1189 mm: written for practice, printed, looked at by
// the sensor, found, cut and judged. Beside it only the drawing of the same file at the same density by MuPDF's
// `mutool`.

#include "bench/ratio.h"
#include "core/arrange/free_place.h"
#include "devices/practice/practice_printer.h"
#include "devices/practice/rehearsal.h"
#include "formats/basics/file.h"
#include "formats/picture/picture_read.h"
#include "formats/room/room.h"

#include <QGuiApplication>
#include <QProcess>
#include <QTemporaryDir>
#include <cstdlib>

namespace fusuma {
namespace {

struct Job {
    Planner planner;
    Ticket ticket;
    std::shared_ptr<const JobPlan> plan;
    double dpi = 0;

    Job() {
        const auto picture =
            read_picture(*read_file(SOURCE_DIR "/demo/artwork/puffin.png", 1 << 26), QStringLiteral("puffin.png"));
        Sticker sticker = new_sticker(PictureArtwork{*picture});
        sticker.width = 12;
        sticker.border.width = 1;
        Document document = with_sticker_added({}, sticker);
        document.sheet.paper = {841, 1189};
        document = place_in_rows(document, planner, 1, 1000).document;
        plan = planner.plan(document);
        ticket = frozen(document, *plan, "");
        dpi = practice_dpi(plan->paper);
    }
};

Job& job() {
    static Job made;
    return made;
}

void rehearsed(benchmark::State& state) {
    (void)job();
    for (auto _ : state) {
        const SlipSheet slips(*job().plan, 0, job().planner);
        const auto done = rehearse(for_practice(*job().plan, job().dpi), 0, job().ticket, slips, {.dpi = job().dpi});
        if (!done || !done->registration.accepted || slips.size() != 1000)
            state.SkipWithError("not rehearsed");
    }
}

void drawn(benchmark::State& state) {
    const QTemporaryDir folder;
    const QString pdf = folder.filePath(QStringLiteral("sheet.pdf"));
    if (!write_file(pdf, for_practice(*job().plan, job().dpi)))
        std::exit(1);
    for (auto _ : state)
        if (QProcess::execute(QStringLiteral("mutool"),
                              {QStringLiteral("draw"), QStringLiteral("-q"), QStringLiteral("-r"),
                               QString::number(job().dpi), QStringLiteral("-o"),
                               folder.filePath(QStringLiteral("sheet.ppm")), pdf}) != 0)
            state.SkipWithError("not drawn");
}

BENCHMARK(rehearsed)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(2);
BENCHMARK(drawn)->Unit(benchmark::kMillisecond)->UseRealTime()->Iterations(2);

} // namespace
} // namespace fusuma

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication application(argc, argv);
    fusuma::room::prepare();
    return fusuma::bench::run(argc, argv, "rehearsal-over-drawing", "rehearsed", "drawn");
}
