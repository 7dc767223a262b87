#include "formats/project/project_file.h"

#include "formats/basics/file.h"
#include "formats/project/ticket_json.h"
#include "formats/project/zip_archive.h"

#include <QFileInfo>

namespace fusuma {

namespace {

constexpr qint64 largest_project_bytes = 2LL << 30;

/// The distinct artwork files of a project, each stored once.
class ArtworkStore {
  public:
    explicit ArtworkStore(ZipEntries& target) : entries(target) {}

    std::string entry_of(const FileBytes& original, const std::string& file_name) {
        auto [it, fresh] = names.try_emplace(original.get());
        if (fresh) {
            const QString suffix = QFileInfo(QString::fromStdString(file_name)).suffix();
            it->second = "artwork/" + std::to_string(names.size()) + "." + suffix.toStdString();
            entries[it->second] =
                QByteArray(reinterpret_cast<const char*>(original->data()), static_cast<qsizetype>(original->size()));
        }
        return it->second;
    }

  private:
    ZipEntries& entries;
    std::map<const std::vector<std::byte>*, std::string> names;
};

Result<Document> read_entries(const ZipEntries& entries) {
    const auto document = entries.find("document.json");
    if (document == entries.end())
        return Problem{"It is not a Fusuma project."};
    const auto json = nlohmann::json::parse(document->second.begin(), document->second.end());
    if (json.at("schema").get<int>() > project_schema)
        return Problem{"It was saved by a newer version of Fusuma.", "Update Fusuma to open it."};

    std::map<std::string, FileBytes> originals;
    ArtworkReader read_artwork([&](const std::string& name) -> FileBytes {
        auto& original = originals[name];
        if (const auto entry = entries.find(name); !original && entry != entries.end()) {
            const auto* first = reinterpret_cast<const std::byte*>(entry->second.constData());
            original = std::make_shared<const std::vector<std::byte>>(first, first + entry->second.size());
        }
        return original;
    });
    const ArtworkFrom artwork_from = [&](const nlohmann::json& artwork) { return read_artwork(artwork); };
    auto result = from_json(json, artwork_from);
    if (!result)
        return result;
    for (const std::string& name : json.value("tickets", std::vector<std::string>{})) {
        const auto entry = entries.find("tickets/" + name + ".json");
        if (entry == entries.end())
            return Problem{"Its ticket " + name + " is missing."};
        auto ticket = ticket_from(nlohmann::json::parse(entry->second.begin(), entry->second.end()), artwork_from);
        if (!ticket)
            return ticket.problem();
        result = with_ticket_added(std::move(*result), std::move(*ticket));
    }
    return result;
}

} // namespace

QByteArray project_bytes(const Document& document, const QByteArray& thumbnail_png) {
    ZipEntries entries;
    ArtworkStore store(entries);
    const StoreFile keep = [&](const FileBytes& original, const std::string& name) {
        return store.entry_of(original, name);
    };
    const auto description = to_json(document, keep);
    entries["document.json"] = QByteArray::fromStdString(description.dump(2));
    for (const auto& ticket : document.tickets)
        entries["tickets/" + ticket->code + ".json"] = QByteArray::fromStdString(to_json(*ticket, keep).dump());
    if (!thumbnail_png.isEmpty())
        entries["thumbnail.png"] = thumbnail_png;
    return zip_bytes(entries);
}

Result<Document> read_project_bytes(const QByteArray& bytes, const QString& name) {
    const auto refused = [&](const Problem& why) {
        return Problem{quoted_name(name) + " cannot be opened. " + why.message, why.hint};
    };
    const auto entries = unzip(bytes, largest_project_bytes);
    if (!entries)
        return refused(entries.problem());
    try {
        auto document = read_entries(*entries);
        return document ? std::move(document) : refused(document.problem());
    } catch (const nlohmann::json::exception&) {
        return refused({"Its description is damaged."});
    } catch (const std::out_of_range& out) {
        return refused({std::string("Its description is damaged: ") + out.what() + "."});
    }
}

Outcome save_project(const Document& document, const QString& path, const QByteArray& thumbnail_png) {
    return write_file(path, project_bytes(document, thumbnail_png));
}

Result<Document> load_project(const QString& path) {
    const auto bytes = read_file(path, largest_project_bytes);
    return bytes ? read_project_bytes(*bytes, path) : bytes.problem();
}

} // namespace fusuma
