#include "app/model/project.h"

#include "formats/project/project_file.h"

#include <QFileInfo>

namespace fusuma::app {

Project::Project(Messages& told) : messages(told) {}

Project::~Project() {
    reader.waitForDone();
}

void Project::edit(const QString& label, const Edit& change, const QString& stroke) {
    history.apply(label.toStdString(), change(document()), stroke.toStdString());
    emit edited();
}

void Project::undo() {
    history.undo();
    emit edited();
}

void Project::redo() {
    history.redo();
    emit edited();
}

void Project::add_ticket(const Ticket& ticket) {
    const auto shared = std::make_shared<const Ticket>(ticket);
    history.in_every_step([&](Document& d) { d.tickets.push_back(shared); });
    emit edited();
}

void Project::remove_ticket(const std::string& code) {
    history.in_every_step([&](Document& d) { d = with_ticket_removed(std::move(d), code); });
    emit edited();
}

void Project::open(const QString& path) {
    reader.start([this, path] {
        auto loaded = load_project(path);
        QMetaObject::invokeMethod(this, [this, path, loaded = std::move(loaded)] {
            if (loaded)
                replace(*loaded, path, {});
            else
                emit messages.problem(QString::fromStdString(loaded.problem().text()));
        });
    });
}

void Project::start_new() {
    replace({}, {}, tr("New project"));
}

void Project::adopt(Document document, const QString& name) {
    replace(std::move(document), {}, name);
}

void Project::replace(Document document, const QString& path, const QString& name) {
    emit replacing();
    history = History(std::move(document));
    saved_document = history.current();
    file = path;
    fallback_name = name;
    emit edited();
    emit replaced();
}

bool Project::save(const QString& path) {
    const Outcome saved = save_project(document(), path);
    if (!saved) {
        emit messages.problem(QString::fromStdString(saved.problem().text()));
        return false;
    }
    saved_document = document();
    file = path;
    emit replaced();
    return true;
}

QString Project::name() const {
    if (!file.isEmpty())
        return QFileInfo(file).completeBaseName();
    return fallback_name.isEmpty() ? tr("New project") : fallback_name;
}

} // namespace fusuma::app
