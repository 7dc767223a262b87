#include "app/output/practice_job.h"

#include "devices/practice_printer.h"
#include "formats/hpgl.h"
#include "formats/pdf.h"

namespace fusuma::app {

namespace {
constexpr double printer_dpi = 300;
constexpr double unhurried_mm_per_s = 250;
} // namespace

PracticeJob::PracticeJob(Session& project) : session(project), cutter(unhurried_mm_per_s) {
    connect(&cutter, &PracticeCutter::advanced, this, &PracticeJob::changed);
    connect(&cutter, &PracticeCutter::finished, this, [this] { enter(Stage::cut); });
    connect(&cutter, &PracticeCutter::refused, &session, &Session::problem);
    connect(&connection, &CutterConnection::failed, this, [this](const QString& why) {
        emit session.problem(why);
        enter(Stage::loaded);
    });
    connect(&session, &Session::project_changed, this, [this] {
        if (printed_plan && !(session.document() == printed_document) && now != Stage::cutting) {
            printed_plan.reset();
            printed_sheet = {};
            enter(Stage::nothing);
        }
    });
}

PracticeJob::~PracticeJob() {
    workers.waitForDone();
}

bool PracticeJob::is_outdated() const {
    return printed_plan && (session.document().placements != printed_document.placements ||
                            session.document().stickers != printed_document.stickers ||
                            session.document().sheet != printed_document.sheet);
}

void PracticeJob::enter(Stage next) {
    now = next;
    emit changed();
}

void PracticeJob::print() {
    if (now == Stage::printing || now == Stage::cutting || !session.snapshot().plan)
        return;
    printed_plan = session.snapshot().plan;
    printed_document = session.snapshot().document;
    enter(Stage::printing);
    workers.start([this, plan = printed_plan] {
        auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*plan)), printer_dpi);
        QMetaObject::invokeMethod(this, [this, sheet = std::move(sheet)] {
            if (!sheet) {
                emit session.problem(QString::fromStdString(sheet.problem().text()));
                printed_plan.reset();
                enter(Stage::nothing);
                return;
            }
            printed_sheet = *sheet;
            enter(Stage::printed);
        });
    });
}

void PracticeJob::load() {
    if (now == Stage::printed || now == Stage::cut)
        enter(Stage::loaded);
}

void PracticeJob::start_cutting() {
    if (now != Stage::loaded)
        return;
    if (cutter.port() == 0)
        if (const Outcome listening = cutter.listen(0); !listening) {
            emit session.problem(QString::fromStdString(listening.problem().text()));
            return;
        }
    enter(Stage::cutting);
    connection.send(QStringLiteral("127.0.0.1"), cutter.port(), QByteArray::fromStdString(cut_hpgl(*printed_plan)));
}

void PracticeJob::stop_cutting() {
    if (now != Stage::cutting)
        return;
    connection.stop();
    cutter.stop();
    enter(Stage::printed); // a half-cut sheet is laid in again
}

} // namespace fusuma::app
