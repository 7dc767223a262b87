#include "app/frame/project_files.h"

#include "app/common/question.h"
#include "app/common/save_place.h"
#include "formats/room/room.h"

#include <QAbstractSpinBox>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>
#include <QTimer>

namespace fusuma::app {

namespace {
const QString project_suffix = QStringLiteral(".fusuma");
}

bool ProjectFiles::is_project(const QString& path) {
    return path.endsWith(project_suffix, Qt::CaseInsensitive);
}

ProjectFiles::ProjectFiles(Model& of, QWidget& over) : model(of), window(over) {
    connect(&model.messages, &Messages::time_wanted, this, [this](const QString& text, const auto& answered) {
        QTimer::singleShot(0, this, [this, text, answered] { ask_for_time(text, answered); }); // whoever told goes on
    });
}

void ProjectFiles::open_project() {
    const QString path =
        ask_which_file(&window, tr("Open project"), tr("Fusuma projects (*.fusuma)"), QStringLiteral("project"));
    if (!path.isEmpty())
        open_files({path});
}

void ProjectFiles::take_what_is_typed() {
    QWidget* field = window.focusWidget();
    if (qobject_cast<QLineEdit*>(field) || qobject_cast<QAbstractSpinBox*>(field))
        field->clearFocus();
}

void ProjectFiles::take_and_stay() {
    const QPointer<QWidget> field = window.focusWidget(); // a name in the tray goes with being taken
    take_what_is_typed();
    if (field && field != window.focusWidget())
        field->setFocus(); // what is typed next is meant for it, and no command
}

void ProjectFiles::start_new() {
    leave([this] { model.project.start_new(); });
}

void ProjectFiles::save(const Then& then) {
    take_and_stay();
    if (model.project.path().isEmpty())
        save_as(then);
    else if (model.project.has_changed_on_disk())
        ask_before_overwriting(then);
    else
        save_to(model.project.path(), then);
}

void ProjectFiles::save_as(const Then& then) {
    take_and_stay();
    if (const auto path =
            ask_where_to_save(&window, tr("Save project"), model.project.name(), tr("Fusuma projects"), project_suffix))
        save_to(*path, then);
}

void ProjectFiles::save_to(const QString& path, const Then& then) {
    model.project.save(path, [then](bool saved) {
        if (saved && then)
            then();
    });
}

void ProjectFiles::ask_before_overwriting(const Then& then) {
    QMessageBox ask(
        QMessageBox::NoIcon, tr("Changed on disk"),
        tr("“%1” was written by somebody else since it was opened here. Saving would replace what they saved.")
            .arg(model.project.name()),
        QMessageBox::Cancel, &window);
    ask.setObjectName(QStringLiteral("changedOnDisk"));
    const auto* replace = ask.addButton(tr("Replace it"), QMessageBox::DestructiveRole);
    const auto* other = ask.addButton(tr("Save under another name…"), QMessageBox::AcceptRole);
    ask.setDefaultButton(QMessageBox::Cancel);
    ask.exec();
    if (ask.clickedButton() == other)
        save_as(then);
    else if (ask.clickedButton() == replace)
        save_to(model.project.path(), then);
}

/// One answer holds for all files that come to it while the question is open.
void ProjectFiles::ask_for_time(const QString& text, const Answered& answered) {
    waiting.push_back(answered);
    if (waiting.size() > 1)
        return;
    bool again = room::allowed_seconds() >= room::patient_seconds; // given meanwhile, for another
    if (!again) {
        QMessageBox ask(QMessageBox::NoIcon, tr("A file that takes long"), text, QMessageBox::NoButton, &window);
        ask.setInformativeText(
            tr("Files may take up to %n minute(s) then, until Fusuma is closed; Stop ends it at any time.", nullptr,
               room::patient_seconds / 60));
        ask.setObjectName(QStringLiteral("moreTime"));
        const auto* more = ask.addButton(tr("Give it more time"), QMessageBox::AcceptRole);
        auto* leave = ask.addButton(tr("Go on without it"), QMessageBox::RejectRole);
        ask.setDefaultButton(leave);
        ask.exec();
        again = ask.clickedButton() == more;
    }
    if (again)
        room::allow(room::patient_seconds);
    for (const Answered& each : std::exchange(waiting, {}))
        each(again);
}

void ProjectFiles::leave(const Then& then) {
    if (is_waiting)
        return;
    take_and_stay();
    if (model.project.is_busy() ||
        model.file_work.is_busy()) { // what is being written is waited for, and what became of it told
        constexpr int every_ms = 50;
        is_waiting = true;
        QTimer::singleShot(every_ms, this, [this, then] {
            is_waiting = false;
            leave(then);
        });
        return;
    }
    if (!may_stop_machines())
        return;
    if (!model.project.is_changed()) {
        then();
        return;
    }
    const auto answer = ask_or_tell(&window, tr("Unsaved changes"),
                                    tr("“%1” has changes that are not saved.").arg(model.project.name()),
                                    QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, QMessageBox::Save);
    if (answer == QMessageBox::Save)
        save(then);
    else if (answer == QMessageBox::Discard)
        then();
}

void ProjectFiles::open_files(const QStringList& paths) {
    QStringList pictures;
    QString project;
    for (const QString& path : paths)
        if (is_project(path))
            project = path;
        else
            pictures << path;
    const auto add = [this, pictures] {
        if (!pictures.isEmpty())
            model.importer.add_artwork(pictures);
    };
    if (project.isEmpty())
        add();
    else if (!show_if_open(project))
        leave([this, project, add, pictures] {
            model.project.open(project, [this, add, pictures](bool opened) {
                if (opened)
                    add();
                else if (!pictures.isEmpty())
                    emit model.messages.note(
                        tr("The pictures were for the project that could not be opened, and are left out."));
            });
        });
}

} // namespace fusuma::app
