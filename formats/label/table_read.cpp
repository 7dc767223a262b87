#include "formats/label/table_read.h"

#include "formats/basics/file.h"

#include <QStringDecoder>
#include <array>
#include <csv.h>
#include <iconv.h>
#include <map>
#include <optional>

namespace fusuma {

namespace {

std::string from_windows(const QByteArray& text) {
    iconv_t converter = iconv_open("UTF-8", "WINDOWS-1252");
    std::string result(static_cast<std::size_t>(3 * text.size()), '\0');
    char *in = const_cast<char*>(text.constData()), *out = result.data();
    auto in_left = static_cast<std::size_t>(text.size());
    std::size_t out_left = result.size();
    // Five byte values mean nothing there and are left out.
    while (in_left > 0 && iconv(converter, &in, &in_left, &out, &out_left) == static_cast<std::size_t>(-1) &&
           in_left > 0) {
        ++in;
        --in_left;
    }
    iconv_close(converter);
    result.resize(result.size() - out_left);
    return result;
}

std::string as_utf8(const QByteArray& text, std::string& encoding) {
    encoding = "UTF-16";
    if (text.startsWith("\xff\xfe") || text.startsWith("\xfe\xff"))
        return QString(QStringDecoder(QStringDecoder::Utf16)(text)).toStdString();
    // Without a mark every second byte of plain words is zero.
    if (text.size() >= 4 && text.size() % 2 == 0 && text[1] == 0 && text[3] == 0 && text[0] != 0)
        return QString(QStringDecoder(QStringDecoder::Utf16LE)(text)).toStdString();
    encoding = "UTF-8";
    const QByteArray plain = text.startsWith("\xef\xbb\xbf") ? text.sliced(3) : text;
    QStringDecoder utf8(QStringDecoder::Utf8);
    const QString decoded = utf8(plain);
    if (!utf8.hasError() && !decoded.contains(QChar::ReplacementCharacter))
        return plain.toStdString();
    encoding = "Windows-1252";
    return from_windows(plain);
}

struct Collected {
    Cells rows{{}};
    std::size_t cells = 0;
    bool is_open = true; ///< the last row is still being read
};

std::optional<Cells> parsed(const std::string& text, char separator) {
    csv_parser parser{};
    if (csv_init(&parser, 0) != 0)
        return std::nullopt;
    csv_set_delim(&parser, static_cast<unsigned char>(separator));
    // libcsv takes blanks round cells away by itself, but a tab may be what parts them.
    csv_set_space_func(&parser, [](unsigned char c) { return c == ' ' ? 1 : 0; });
    Collected collected;
    collected.rows.clear();
    collected.rows.emplace_back();
    const auto cell = [](void* data, std::size_t size, void* to) {
        auto& c = *static_cast<Collected*>(to);
        if (c.rows.back().size() < most_columns && ++c.cells <= most_rows * 20)
            c.rows.back().emplace_back(static_cast<const char*>(data), size);
    };
    const auto row = [](int, void* to) { static_cast<Collected*>(to)->rows.emplace_back(); };
    const bool is_sound = csv_parse(&parser, text.data(), text.size(), cell, row, &collected) == text.size() &&
                          csv_fini(&parser, cell, row, &collected) == 0;
    csv_free(&parser);
    if (!is_sound)
        return std::nullopt;
    if (collected.rows.back().empty())
        collected.rows.pop_back();
    return std::move(collected.rows);
}

/// How evenly and how often the separator parts the first rows; 0 when it does not.
double evenness(const Cells& rows) {
    std::map<std::size_t, int> widths;
    int looked_at = 0;
    for (const auto& row : rows) {
        constexpr int most = 30;
        if (looked_at++ == most)
            break;
        ++widths[row.size()];
    }
    int best = 0;
    std::size_t width = 1;
    for (const auto& [w, count] : widths)
        if (count > best || (count == best && w > width)) {
            best = count;
            width = w;
        }
    return width < 2 || looked_at == 0 ? 0 : static_cast<double>(best) / looked_at + 0.001 * static_cast<double>(width);
}

} // namespace

Result<ReadCells> cells_of(const QByteArray& text) {
    if (text.size() > largest_table_bytes)
        return Problem{"The list is larger than the 20 MB that Fusuma can read."_said};
    ReadCells result;
    const std::string utf8 = as_utf8(text, result.form.encoding);
    if (utf8.find('\0') != std::string::npos)
        return Problem{"It is no list of words."_said, "Use CSV, or copy the cells and paste them."_said};
    double best = -1;
    for (const char separator : {',', ';', '\t', '|'}) {
        auto cells = parsed(utf8, separator);
        if (!cells)
            continue;
        const double score = evenness(*cells);
        if (score > best) {
            best = score;
            result.cells = std::move(*cells);
            result.form.separator = separator;
        }
    }
    if (result.cells.empty())
        return Problem{"The list is empty."_said};
    if (result.cells.size() > most_rows + 1)
        return Problem{"The list has more than the 10,000 rows that Fusuma can fill labels from."_said};
    return result;
}

Result<Table> read_table(const QString& path, const std::vector<std::string>& fields) {
    const auto file = read_file(path, largest_table_bytes);
    if (!file)
        return file.problem();
    auto read = cells_of(*file);
    if (!read)
        return Problem{"“{file}” cannot be used."_said.with("file", file_name_of(path)).then(read.problem().message),
                       read.problem().hint};
    const bool has_header = looks_like_header(read->cells, fields);
    return table_of(std::move(read->cells), has_header);
}

} // namespace fusuma
