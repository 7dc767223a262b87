#pragma once

#include "core/result.h"
#include "formats/basics/descriptor.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

/// A file of at most `most` bytes, open for reading. Folders, devices and pipes are none.
Result<Descriptor> open_file(const QString& path, qint64 most);
/// The whole of such a file.
Result<QByteArray> read_file(const QString& path, qint64 most);

/// Writes beside the file, then renames, so that a failed write leaves what was there; when it returns Done, the bytes
/// and their name are on the disk. What is no regular file, such as a device or a pipe, is written into.
Outcome write_file(const QString& path, const QByteArray& bytes);

/// What tells that a file was written anew: equal while nobody touched it.
struct FileStamp {
    qint64 changed_ns = 0, size = -1, node = 0; ///< size −1: there is no file
    bool operator==(const FileStamp&) const = default;
};
[[nodiscard]] FileStamp stamp_of(const QString& path);

/// The last part of a path in quotes, for messages.
std::string file_name_of(const QString& path);

} // namespace fusuma
