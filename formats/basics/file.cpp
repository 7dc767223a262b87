#include "formats/basics/file.h"

#include <QFileInfo>
#include <QSaveFile>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace fusuma {

std::string file_name_of(const QString& path) {
    return QFileInfo(path).fileName().toStdString();
}

FileStamp stamp_of(const QString& path) {
    struct stat now {};
    if (::stat(QFile::encodeName(path).constData(), &now) != 0)
        return {};
    return {qint64{now.st_mtim.tv_sec} * 1'000'000'000 + now.st_mtim.tv_nsec, now.st_size,
            static_cast<qint64>(now.st_ino)};
}

namespace {

Problem not_readable(const QString& path, const QString& why) {
    return {"“{file}” cannot be read: {why}."_said.with("file", file_name_of(path)).with("why", why.toStdString())};
}
Problem too_large(const QString& path, qint64 most) {
    return {"“{file}” is larger than {most} MB, too large to open."_said.with("file", file_name_of(path))
                .with("most", most >> 20)};
}

} // namespace

Result<Descriptor> open_file(const QString& path, qint64 most) {
    const auto name = file_name_of(path);
    // Without waiting: a pipe that nobody writes to would hold the person up for ever.
    Descriptor file(::open(QFile::encodeName(path).constData(), O_RDONLY | O_NONBLOCK | O_CLOEXEC | O_NOCTTY));
    if (!file.is_open()) {
        if (errno == ENOENT || errno == ENOTDIR)
            return Problem{"“{file}” does not exist."_said.with("file", name)};
        if (errno == EACCES || errno == EPERM)
            return Problem{"“{file}” cannot be read."_said.with("file", name), "Check the file's permissions."_said};
        return not_readable(path, qt_error_string());
    }
    struct stat facts {};
    if (::fstat(file.get(), &facts) != 0)
        return not_readable(path, qt_error_string());
    if (S_ISDIR(facts.st_mode))
        return Problem{"“{file}” is a folder, not a file."_said.with("file", name)};
    if (!S_ISREG(facts.st_mode))
        return Problem{"“{file}” is a device or a pipe, not a file."_said.with("file", name)};
    return facts.st_size > most ? Result<Descriptor>(too_large(path, most)) : std::move(file);
}

Result<QByteArray> read_file(const QString& path, qint64 most) {
    auto opened = open_file(path, most);
    if (!opened)
        return opened.problem();
    QFile file;
    if (!file.open(opened->get(), QIODevice::ReadOnly))
        return not_readable(path, file.errorString());
    // As much as it has, and never room for all that it might; some tell no size beforehand.
    QByteArray bytes;
    for (qint64 portion = file.size() + 1; bytes.size() <= most; portion = 1 << 20) {
        const QByteArray more = file.read(std::min(portion, most + 1 - bytes.size()));
        if (more.isEmpty())
            break;
        bytes += more;
    }
    if (file.error() != QFileDevice::NoError)
        return not_readable(path, file.errorString());
    return bytes.size() > most ? Result<QByteArray>(too_large(path, most)) : bytes;
}

namespace {

/// A renamed file is only safe once its folder is on the disk, too. Not every file system can do that.
void sync_folder_of(const QString& path) {
    const QByteArray folder = QFile::encodeName(QFileInfo(path).absolutePath());
    if (const int handle = ::open(folder.constData(), O_RDONLY | O_DIRECTORY | O_CLOEXEC); handle >= 0) {
        ::fsync(handle);
        ::close(handle);
    }
}

/// Everything up to the bytes' arrival; what fails is told by the file's own words.
bool write_through(QFileDevice& file, const QByteArray& bytes) {
    for (qint64 done = 0; done < bytes.size();) {
        // What a full disk still takes is taken without a word; only the next piece fails, with the reason.
        const qint64 more = file.write(bytes.constData() + done, bytes.size() - done);
        if (more <= 0)
            return false;
        done += more;
    }
    return file.flush();
}

Problem not_written(const QString& path, const QString& why) {
    return {"“{file}” cannot be written: {why}."_said.with("file", file_name_of(path)).with("why", why.toStdString()),
            "Choose another folder or name."_said};
}

} // namespace

Outcome write_file(const QString& path, const QByteArray& bytes) {
    const QFileInfo there(path);
    if (there.isDir())
        return not_written(path, QStringLiteral("it is a folder"));
    if (there.exists() && !there.isFile()) {
        QFile stream(path);
        if (!stream.open(QIODevice::WriteOnly | QIODevice::Unbuffered) || !write_through(stream, bytes))
            return not_written(path, stream.errorString());
        return Done{};
    }
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly) || !write_through(file, bytes))
        return not_written(path, file.errorString());
    if (::fsync(file.handle()) != 0)
        return not_written(path, qt_error_string());
    if (!file.commit())
        return not_written(path, file.errorString());
    sync_folder_of(path);
    return Done{};
}

} // namespace fusuma
