#include "app/shell/recovery.h"

#include "formats/project_file.h"

#include <QDir>
#include <QFile>

namespace fusuma::app {

Recovery::Recovery(Session& project, const QString& folder)
    : session(project), file(folder + QStringLiteral("/unsaved.fusuma")) {
    QDir().mkpath(folder);
    timer.setInterval(5000);
    connect(&timer, &QTimer::timeout, this, &Recovery::keep);
    timer.start();
    worker.setMaxThreadCount(1);
}

Recovery::~Recovery() {
    worker.waitForDone();
    QFile::remove(file);
}

bool Recovery::has_left_behind() const {
    return QFile::exists(file);
}

Result<Document> Recovery::left_behind() {
    auto document = load_project(file);
    if (!document)
        QFile::remove(file); // unreadable leftovers would be offered for ever
    return document;
}

void Recovery::keep() {
    if (!session.is_changed()) {
        worker.waitForDone();
        QFile::remove(file);
        written = {};
        return;
    }
    if (session.document() == written)
        return;
    written = session.document();
    worker.start([document = written, path = file] {
        if (const Outcome kept = save_project(document, path); !kept)
            qWarning("%s", kept.problem().text().c_str()); // the person cannot act on this; the next try may work
    });
}

} // namespace fusuma::app
