#pragma once

#include "core/document/document.h"
#include "core/result.h"
#include "formats/project/zip_archive.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

/// What kind of file it is, by its first entry.
inline constexpr auto project_type = "application/x-fusuma-project";

/// The project's schema version that this program writes; newer ones are refused.
inline constexpr int project_schema = 3;

/// The project as bytes: a zip of document.json, artwork/ with the original files, and `beside`, entries of other uses.
/// Same document, same bytes. Described in docs/project-format.md. What could not be opened again is refused.
Result<QByteArray> project_bytes(const Document& document, const ZipEntries& beside = {});
Result<Document> read_project_bytes(const QByteArray& bytes, const QString& name);

Outcome save_project(const Document& document, const QString& path, const ZipEntries& beside = {});
Result<Document> load_project(const QString& path);

} // namespace fusuma
