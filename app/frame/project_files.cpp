#include "app/frame/project_files.h"

#include <QFileDialog>
#include <QMessageBox>

namespace fusuma::app {

void ProjectFiles::open_project() {
    if (!may_discard())
        return;
    if (const QString path =
            QFileDialog::getOpenFileName(&window, tr("Open project"), {}, tr("Fusuma projects (*.fusuma)"));
        !path.isEmpty())
        model.project.open(path);
}

bool ProjectFiles::save() {
    return model.project.path().isEmpty() ? save_as() : model.project.save(model.project.path());
}

bool ProjectFiles::save_as() {
    QString path = QFileDialog::getSaveFileName(
        &window, tr("Save project"), model.project.name() + QStringLiteral(".fusuma"), tr("Fusuma projects (*.fusuma)"));
    if (path.isEmpty())
        return false;
    if (!path.endsWith(QStringLiteral(".fusuma")))
        path += QStringLiteral(".fusuma");
    return model.project.save(path);
}

bool ProjectFiles::may_discard() {
    if (!model.project.is_changed())
        return true;
    const auto answer = QMessageBox::question(
        &window, tr("Unsaved changes"), tr("“%1” has changes that are not saved.").arg(model.project.name()),
        QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, QMessageBox::Save);
    return answer == QMessageBox::Discard || (answer == QMessageBox::Save && save());
}

void ProjectFiles::open_files(const QStringList& paths) {
    QStringList pictures;
    for (const QString& path : paths) {
        if (!path.endsWith(QStringLiteral(".fusuma")))
            pictures << path;
        else if (may_discard())
            model.project.open(path);
    }
    if (!pictures.isEmpty())
        model.importer.add_artwork(pictures);
}

} // namespace fusuma::app
