#include "formats/label/table_read.h"

#include "formats/basics/file.h"
#include "formats/basics/text_encoding.h"
#include "formats/room/room.h"

#include <algorithm>

namespace fusuma {

namespace {

/// In which programs of before wrote lists, those for neighbours side by side.
constexpr const char* encodings_of_lists[] = {
    western_encoding, "macintosh",    "IBM850",       "Windows-1250", "ISO-8859-2",  "IBM852",
    "Windows-1254",   "Windows-1257", "Windows-1251", "KOI8-R",       "ISO-8859-5",  "IBM866",
    "Windows-1253",   "Windows-1255", "Windows-1256", "Windows-1258", "Windows-874", "Shift_JIS",
    "EUC-JP",         "Windows-949",  "GB18030",      "Big5"};

bool is_beyond_ascii(char c) {
    return static_cast<unsigned char>(c) >= 0x80;
}

/// The first few lines that have letters beyond ASCII. Quotes, which need not close in them, are blanks.
QByteArray telling_lines(const QByteArray& text) {
    constexpr qsizetype enough = 600, longest = 4000; // bytes
    QByteArray lines;
    for (qsizetype at = 0; at < text.size() && lines.size() < enough;) {
        qsizetype end = text.indexOf('\n', at);
        end = end < 0 ? text.size() : end;
        const QByteArrayView line = QByteArrayView(text).sliced(at, std::min(end - at, longest));
        if (std::ranges::any_of(line, is_beyond_ascii))
            lines.append(line).append('\n');
        at = end + 1;
    }
    return lines.replace('"', ' ');
}

/// Of the cells that have letters beyond ASCII, each once, as many as make a line that is seen at a glance.
std::string words_of(const Cells& cells) {
    constexpr std::size_t enough = 60; // bytes
    std::vector<std::string> seen;
    std::string words;
    for (const std::vector<std::string>& row : cells)
        for (const std::string& cell : row) {
            const QString one = QString::fromStdString(cell).simplified();
            std::string shown = one.left(enough).toStdString();
            if (words.size() > enough || std::ranges::none_of(shown, is_beyond_ascii) ||
                std::ranges::find(seen, shown) != seen.end())
                continue;
            words += (words.empty() ? "" : " · ") + shown;
            seen.push_back(std::move(shown));
        }
    return words;
}

} // namespace

Result<ReadCells> read_cells(const QByteArray& text, const std::string& encoding) {
    if (!encoding.empty() && !is_known_encoding(encoding))
        return Problem{"No encoding is called {encoding}."_said.with("encoding", encoding.substr(0, 60)),
                       "Give one such as Windows-1250 or Shift_JIS."_said};
    return room::ask<ReadCells>({.asked = room::Asked::cells, .name = "list", .encoding = encoding}, text);
}

std::vector<Lettering> letterings_of(const QByteArray& text, const std::string& expected) {
    const QByteArray lines = telling_lines(text);
    std::vector<Lettering> all;
    if (lines.isEmpty())
        return all;
    std::vector<std::string> names(std::begin(encodings_of_lists), std::end(encodings_of_lists));
    std::stable_partition(names.begin(), names.end(), [&](const std::string& name) { return name == expected; });
    for (const std::string& name : names) {
        const auto read = read_cells(lines, name);
        const std::string words = read ? words_of(read->cells) : "";
        if (words.empty())
            continue;
        const auto same = std::ranges::find(all, words, &Lettering::words);
        if (same == all.end())
            all.push_back({{name}, words});
        else
            same->encodings.push_back(name);
    }
    return all;
}

Said guessed(const TextForm& form) {
    if (form.encoding.starts_with("UTF"))
        return {};
    return "The list was read as {encoding}."_said.with("encoding", form.encoding);
}

Result<ReadTable> read_table(const QString& path, const std::vector<std::string>& fields, const std::string& encoding) {
    const auto file = read_file(path, largest_table_bytes);
    if (!file)
        return file.problem();
    auto read = read_cells(*file, encoding);
    if (!read)
        return Problem{"“{file}” cannot be used."_said.with("file", file_name_of(path)).then(read.problem().message),
                       read.problem().hint};
    const bool has_header = looks_like_header(read->cells, fields);
    return ReadTable{table_of(std::move(read->cells), has_header), std::move(read->form)};
}

} // namespace fusuma
