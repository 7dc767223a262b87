#include "app/model/autosave.h"

#include "formats/project/project_file.h"

#include <QDir>
#include <QFile>

namespace fusuma::app {

Autosave::Autosave(Project& open_project, const QString& folder)
    : project(open_project), file(folder + QStringLiteral("/unsaved.fusuma")) {
    QDir().mkpath(folder);
    timer.setInterval(5000);
    connect(&timer, &QTimer::timeout, this, &Autosave::keep);
    timer.start();
    worker.setMaxThreadCount(1);
}

Autosave::~Autosave() {
    worker.waitForDone();
    QFile::remove(file);
}

bool Autosave::has_left_behind() const {
    return QFile::exists(file);
}

Result<Document> Autosave::left_behind() {
    auto document = load_project(file);
    if (!document)
        QFile::remove(file); // unreadable leftovers would be offered for ever
    return document;
}

void Autosave::keep() {
    if (!project.is_changed()) {
        worker.waitForDone();
        QFile::remove(file);
        written = {};
        return;
    }
    if (project.document() == written)
        return;
    written = project.document();
    worker.start([document = written, path = file] {
        if (const Outcome kept = save_project(document, path); !kept)
            qWarning("%s", kept.problem().text().c_str()); // the person cannot act on this; the next try may work
    });
}

} // namespace fusuma::app
