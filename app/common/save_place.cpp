#include "app/common/save_place.h"

#include "app/common/question.h"
#include "app/model/settings.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>

namespace fusuma::app {

QString page_file(const QString& path, std::size_t page) {
    if (page == 0)
        return path;
    const QFileInfo file(path);
    const QString number = QStringLiteral("-%1").arg(page + 1);
    return path.chopped(file.suffix().size() + 1) + number + QLatin1Char('.') + file.suffix();
}

QString ask_which_file(QWidget* over, const QString& title, const QString& kinds, const QString& use) {
    const QString path = QFileDialog::getOpenFileName(over, title, Settings::folder.value({}, use), kinds);
    if (!path.isEmpty())
        Settings::folder.keep(QFileInfo(path).path(), use);
    return path;
}

QStringList ask_which_files(QWidget* over, const QString& title, const QString& kinds, const QString& use) {
    const QStringList paths = QFileDialog::getOpenFileNames(over, title, Settings::folder.value({}, use), kinds);
    if (!paths.isEmpty())
        Settings::folder.keep(QFileInfo(paths.front()).path(), use);
    return paths;
}

std::optional<QString> ask_where_to_save(QWidget* over, const QString& title, const QString& suggestion,
                                         const QString& kind, const QString& suffix, std::size_t files) {
    const QString use = QStringLiteral("save") + suffix;
    const QDir last(Settings::folder.value({}, use));
    QString path = Settings::folder.value({}, use).isEmpty() ? suggestion + suffix : last.filePath(suggestion + suffix);
    while (true) {
        path =
            QFileDialog::getSaveFileName(over, title, path, QStringLiteral("%1 (*%2)").arg(kind, suffix), nullptr,
                                         QFileDialog::DontConfirmOverwrite); // which knows no suffix and one name only
        if (path.isEmpty())
            return std::nullopt;
        if (!path.endsWith(suffix, Qt::CaseInsensitive))
            path += suffix;
        QStringList there;
        for (std::size_t page = 0; page < files; ++page)
            if (const QFileInfo file(page_file(path, page)); file.isFile())
                there << file.fileName();
        Settings::folder.keep(QFileInfo(path).path(), use);
        if (there.isEmpty())
            return path;
        const QString words = there.size() == 1
                                  ? QFileDialog::tr("“%1” is there already. Replace it?").arg(there.front())
                                  : QFileDialog::tr("%1 files are there already. Replace them?\n\n%2")
                                        .arg(there.size())
                                        .arg(there.mid(0, 8).join(QLatin1Char('\n')));
        if (ask_or_tell(over, title, words, QMessageBox::Yes | QMessageBox::No, QMessageBox::No) ==
            QMessageBox::Yes)
            return path;
    }
}

QString artwork_file_kinds() {
    return QObject::tr("Pictures, drawings and PDF (*.png *.jpg *.jpeg *.webp *.heic *.heif *.avif *.tif *.tiff *.bmp "
                       "*.gif *.pdf *.svg *.svgz *.dxf)");
}

QString ask_for_photograph(QWidget* over, const QString& title) {
    return ask_which_file(
        over, title,
        QFileDialog::tr("Pictures") + QStringLiteral(" (*.jpg *.jpeg *.png *.heic *.heif *.avif *.webp *.tif *.tiff)"),
        QStringLiteral("photograph"));
}

} // namespace fusuma::app
