#include "formats/basics/file.h"

#include <QFileInfo>
#include <QSaveFile>

namespace fusuma {

std::string quoted_name(const QString& path) {
    return "“" + QFileInfo(path).fileName().toStdString() + "”";
}

Result<QByteArray> read_file(const QString& path, qint64 most) {
    const QFileInfo info(path);
    if (!info.exists())
        return Problem{quoted_name(path) + " does not exist."};
    if (info.isDir())
        return Problem{quoted_name(path) + " is a folder, not a file."};
    QFile file(path);
    if (!info.isReadable() || !file.open(QIODevice::ReadOnly))
        return Problem{quoted_name(path) + " cannot be read.", "Check the file's permissions."};
    if (file.size() > most)
        return Problem{quoted_name(path) + " is larger than " + std::to_string(most >> 20) + " MB, too large to open."};
    QByteArray bytes = file.readAll();
    if (file.error() != QFileDevice::NoError)
        return Problem{quoted_name(path) + " cannot be read: " + file.errorString().toStdString() + "."};
    return bytes;
}

Outcome write_file(const QString& path, const QByteArray& bytes) {
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size() || !file.commit())
        return Problem{quoted_name(path) + " cannot be written: " + file.errorString().toStdString() + ".",
                       "Choose another folder or name."};
    return Done{};
}

} // namespace fusuma
