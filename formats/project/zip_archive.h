#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QString>
#include <map>
#include <optional>
#include <string>

namespace fusuma {

using ZipEntries = std::map<std::string, QByteArray>;

/// Says what kind of file a zip is, where file managers look for it: at its start, not packed.
/// Source: OpenDocument 1.3 part 2, 3.3 (MIME type stream)
inline constexpr auto type_entry = "mimetype";

/// A zip of these entries, without dates, so that the same entries give the same bytes.
Result<QByteArray> zip_bytes(const ZipEntries& entries);

/// All entries of a zip whose contents add up to at most `most` bytes.
Result<ZipEntries> unzip(const QByteArray& bytes, qint64 most);

/// One small entry of a zip, without looking at the rest; nothing when it is not there, damaged or larger than `most`.
[[nodiscard]] std::optional<QByteArray> zip_entry(const QString& path, const std::string& name, qint64 most);
[[nodiscard]] std::optional<QByteArray> zip_entry(const QByteArray& bytes, const std::string& name, qint64 most);

} // namespace fusuma
