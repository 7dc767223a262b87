#pragma once

#include "core/document/document.h"
#include "core/result.h"
#include "formats/project/zip_archive.h"
#include "formats/room/wire.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

/// What kind of file it is, by its first entry.
inline constexpr auto project_type = "application/x-fusuma-project";

/// The project's schema version that this program writes; newer ones are refused.
inline constexpr int project_schema = 3;

inline constexpr qint64 largest_project_bytes = 2LL << 30;

/// What is in a project's file, as the reading room hands it over.
struct ProjectEntries {
    ZipEntries entries;           ///< whose contents lie in
    std::shared_ptr<void> memory; ///< this
};
inline void fields(wire::Out& out, ProjectEntries& all) {
    out(static_cast<std::uint64_t>(all.entries.size()));
    for (const auto& [name, content] : all.entries) {
        out(name);
        out.block(reinterpret_cast<const std::uint8_t*>(content.constData()), static_cast<std::size_t>(content.size()));
    }
}
inline void fields(wire::In& in, ProjectEntries& all) {
    std::uint64_t count = 0;
    in(count);
    while (count-- > 0) {
        std::string name;
        in(name);
        const auto [memory, data, size] = in.block();
        all.entries[name] = QByteArray::fromRawData(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
        all.memory = memory;
    }
}

/// The project as bytes: a zip of document.json, artwork/ with the original files, and `beside`, entries of other uses.
/// Same document, same bytes. Described in docs/project-format.md. What could not be opened again is refused.
Result<QByteArray> project_bytes(const Document& document, const ZipEntries& beside = {});
/// @param left_out  gets what there was too much of, in words; stays as it is when nothing was
Result<Document> read_project_bytes(const QByteArray& bytes, const QString& name, Said* left_out = nullptr);

/// One small entry of a file that this program wrote itself, read here, without looking at the rest; nothing when it is not
/// there or damaged.
[[nodiscard]] std::optional<QByteArray> small_entry(const QString& path, const std::string& name);

Outcome save_project(const Document& document, const QString& path, const ZipEntries& beside = {});
/// Reads a project; its file and each of its artworks' are read in a room of their own (formats/room/room.h).
Result<Document> load_project(const QString& path, Said* left_out = nullptr);

} // namespace fusuma
