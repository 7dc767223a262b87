#include "formats/project/project_file.h"

#include "formats/basics/file.h"
#include "formats/basics/json_bounds.h"
#include "formats/label/label_json.h"
#include "formats/project/ticket_json.h"
#include "formats/project/zip_archive.h"
#include "formats/room/room.h"

#include <QFileInfo>
#include <algorithm>

namespace fusuma {

namespace {

/// The distinct artwork files of a project, each stored once.
class ArtworkStore {
  public:
    explicit ArtworkStore(ZipEntries& target) : entries(target) {}

    std::string entry_of(const FileBytes& original, const std::string& file_name) {
        auto [it, fresh] = names.try_emplace(original.get());
        if (fresh) {
            it->second = "artwork/" + std::to_string(names.size()) + suffix_of(file_name);
            entries[it->second] =
                QByteArray(reinterpret_cast<const char*>(original->data()), static_cast<qsizetype>(original->size()));
        }
        return it->second;
    }

  private:
    ZipEntries& entries;
    std::map<const std::vector<std::byte>*, std::string> names;

    /// Only what a suffix usually is: it is there for people who unpack the project.
    static std::string suffix_of(const std::string& file_name) {
        const QString suffix = QFileInfo(QString::fromStdString(file_name)).suffix().toLower();
        const bool is_usual = suffix.size() <= 8 && std::ranges::all_of(suffix, [](QChar c) {
                                  return c.unicode() < 128 && c.isLetterOrNumber();
                              });
        return is_usual && !suffix.isEmpty() ? "." + suffix.toStdString() : "";
    }
};

Result<Document> read_entries(const ZipEntries& entries, const ArtworkFrom& artwork_from, Said& left_out) {
    const auto document = entries.find("document.json");
    if (document == entries.end())
        return Problem{"It is not a Fusuma project."_said};
    const auto parsed = [](const QByteArray& description, std::size_t& beyond) {
        std::string text = description.toStdString();
        beyond = cut_lists(text, "placements", most_copies);
        return nlohmann::json::parse(text);
    };
    std::size_t beyond = 0;
    const auto json = parsed(document->second, beyond);
    if (json.at("schema").get<int>() > project_schema)
        return Problem{"It was saved by a newer version of Fusuma."_said, "Update Fusuma to open it."_said};

    auto result = from_json(json, artwork_from, beyond, left_out);
    if (!result)
        return result;
    for (const std::string& name : json.value("tickets", std::vector<std::string>{})) {
        const auto entry = entries.find("tickets/" + name + ".json");
        if (entry == entries.end())
            return Problem{"Its ticket {code} is missing."_said.with("code", name)};
        std::size_t beyond_its = 0;
        const auto told = parsed(entry->second, beyond_its);
        auto ticket = ticket_from(told, artwork_from, beyond_its);
        if (!ticket)
            return ticket.problem();
        result = with_ticket_added(std::move(*result), std::move(*ticket));
    }
    return result;
}

/// Calls `read` so that whatever a damaged description throws comes back as a Problem.
template <typename Read> Result<Document> guarded(Read&& read) {
    try {
        return read();
    } catch (const nlohmann::json::exception&) {
        return Problem{"Its description is damaged."_said};
    } catch (const std::out_of_range& out) {
        return Problem{"Its description is damaged: {detail}."_said.with("detail", said_of(out))};
    } catch (const std::bad_alloc&) {
        return Problem{"There is too little memory for it."_said, "Close other programs, then try again."_said};
    }
}

/// Stands for artwork when only the description is looked at: nothing is decoded.
class ArtworkProbe {
  public:
    explicit ArtworkProbe(const ZipEntries& all) : entries(all) {}

    Result<Artwork> operator()(const nlohmann::json& artwork) const {
        const auto& kind = artwork.at("kind").get_ref<const std::string&>();
        if (kind == "label") {
            if (const auto design = label_from(artwork, [this](const auto& j) { return picture(j); }); !design)
                return design.problem();
        } else if (kind == "cluster") {
            for (const auto& member : artwork.at("members"))
                if (const auto sticker = sticker_from(member.at("sticker"), *this); !sticker)
                    return sticker.problem();
        } else if (const auto found = picture(artwork); !found) {
            return found.problem();
        }
        return Artwork(PictureArtwork{blank});
    }

  private:
    const ZipEntries& entries;
    std::shared_ptr<const Picture> blank = std::make_shared<const Picture>();

    [[nodiscard]] Result<std::shared_ptr<const Picture>> picture(const nlohmann::json& j) const {
        if (!entries.contains(j.at("file").get<std::string>()))
            return Problem{"Its artwork is missing."_said};
        return blank;
    }
};

} // namespace

Result<QByteArray> project_bytes(const Document& document, const ZipEntries& beside) {
    ZipEntries entries;
    ArtworkStore store(entries);
    const StoreFile keep = [&](const FileBytes& original, const std::string& name) {
        return store.entry_of(original, name);
    };
    const auto text_of = [](const nlohmann::json& description, int indent) {
        return QByteArray::fromStdString(
            description.dump(indent, ' ', false, nlohmann::json::error_handler_t::replace));
    };
    entries[type_entry] = project_type;
    entries["document.json"] = text_of(to_json(document, keep), 2);
    for (const auto& ticket : document.tickets)
        entries["tickets/" + ticket->code + ".json"] = text_of(to_json(*ticket, keep), -1);
    Said left_out;
    const auto back = guarded([&] { return read_entries(entries, ArtworkProbe(entries), left_out); });
    if (!back)
        return Problem{"The project could not be opened again, so it is not saved."_said.then(back.problem().message),
                       "Undo the last steps, then try again."_said};
    if (!left_out.empty())
        return Problem{"The project is too large to be opened again, so it is not saved."_said,
                       "Save it in two halves."_said};
    entries.insert(beside.begin(), beside.end());
    auto bytes = zip_bytes(entries);
    if (!bytes)
        return bytes;
    if (const auto unpacked = unzip(*bytes, largest_project_bytes); !unpacked || *unpacked != entries)
        return Problem{"The project is too large to be opened again, so it is not saved."_said,
                       "Save it in two halves."_said};
    return bytes;
}

namespace {

/// @param file  as `room::ask` takes it
template <typename File> Result<Document> read_project(const File& file, const QString& name, Said* left_out) {
    const auto refused = [&](const Problem& why) {
        return Problem{"“{file}” cannot be opened."_said.with("file", file_name_of(name)).then(why.message), why.hint};
    };
    const auto unpacked = room::ask<ProjectEntries>({.asked = room::Asked::entries, .name = file_name_of(name)}, file);
    if (!unpacked)
        return refused(unpacked.problem());
    const ZipEntries& entries = unpacked->entries;
    std::map<std::string, FileBytes> originals;
    ArtworkReader read_artwork([&](const std::string& entry_name) -> FileBytes {
        auto& original = originals[entry_name];
        if (const auto entry = entries.find(entry_name); !original && entry != entries.end()) {
            const auto* first = reinterpret_cast<const std::byte*>(entry->second.constData());
            original = std::make_shared<const std::vector<std::byte>>(first, first + entry->second.size());
        }
        return original;
    });
    Said beyond;
    auto document = guarded([&] {
        return read_entries(
            entries, [&](const nlohmann::json& artwork) { return read_artwork(artwork); }, beyond);
    });
    if (left_out && !beyond.empty())
        *left_out = "“{file}” is not whole."_said.with("file", file_name_of(name)).then(beyond);
    if (left_out)
        for (const std::string& file_name : read_artwork.read_otherwise()) {
            const Said told =
                "This version sees other parts in “{drawing}” than the one that saved it; it is cut round as a whole."_said
                    .with("drawing", file_name);
            *left_out = left_out->empty() ? told : left_out->then(told);
        }
    return document ? std::move(document) : refused(document.problem());
}

} // namespace

Result<Document> read_project_bytes(const QByteArray& bytes, const QString& name, Said* left_out) {
    return read_project(bytes, name, left_out);
}

std::optional<QByteArray> small_entry(const QString& path, const std::string& name) {
    constexpr qint64 most_bytes = 1 << 20;
    return zip_entry(path, name, most_bytes);
}

Outcome save_project(const Document& document, const QString& path, const ZipEntries& beside) {
    const auto bytes = project_bytes(document, beside);
    return bytes ? write_file(path, *bytes) : bytes.problem();
}

Result<Document> load_project(const QString& path, Said* left_out) {
    const auto file = open_file(path, largest_project_bytes);
    return file ? read_project(*file, path, left_out) : file.problem();
}

} // namespace fusuma
