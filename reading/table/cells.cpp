#include "reading/table/cells.h"

#include "reading/table/decoded_text.h"

#include <array>
#include <csv.h>
#include <map>
#include <optional>
#include <string_view>

namespace fusuma {

namespace {

constexpr std::string_view separators = ",;\t|";

/// What a first line of the form "sep=;" says parts the cells, with the line taken off; common practice of programs
/// that write lists for spreadsheets.
std::optional<char> stated_separator(std::string& text) {
    const auto end = text.find_first_of("\r\n");
    std::string line = text.substr(0, end);
    std::erase(line, '"');
    if (line.size() != 5 || !line.starts_with("sep=") || separators.find(line[4]) == std::string_view::npos)
        return std::nullopt;
    const auto next = end == std::string::npos ? end : text.find_first_not_of("\r\n", end);
    text.erase(0, next);
    return line[4];
}

constexpr std::size_t largest_cell = 1 << 20; // bytes

struct Collected {
    Cells rows{{}};
    std::size_t cells = 0;
    std::size_t too_large_in = 0; ///< the row with a cell larger than any text on a label, from 1; 0 for none
    std::size_t open_from = 0;    ///< the row with a quote that never closes, from 1; 0 for none
};

std::optional<Collected> parsed(const std::string& text, char separator) {
    csv_parser parser{};
    if (csv_init(&parser, 0) != 0)
        return std::nullopt;
    csv_set_blk_size(&parser, 1 << 16); // by which its cell grows: by its usual 128 bytes, large ones take for ever
    csv_set_delim(&parser, static_cast<unsigned char>(separator));
    // libcsv takes blanks round cells away by itself, but a tab may be what parts them.
    csv_set_space_func(&parser, [](unsigned char c) { return c == ' ' ? 1 : 0; });
    Collected collected;
    const auto cell = [](void* data, std::size_t size, void* to) {
        auto& c = *static_cast<Collected*>(to);
        if (size > largest_cell && c.too_large_in == 0)
            c.too_large_in = c.rows.size();
        if (c.rows.back().size() < most_columns && ++c.cells <= most_rows * 20 && size <= largest_cell)
            c.rows.back().emplace_back(static_cast<const char*>(data), size);
    };
    const auto row = [](int, void* to) { static_cast<Collected*>(to)->rows.emplace_back(); };
    const bool is_sound = csv_parse(&parser, text.data(), text.size(), cell, row, &collected) == text.size();
    constexpr int within_cell = 2; // libcsv's state; asked to be strict, it would refuse inches within a cell, too
    if (parser.quoted && parser.pstate == within_cell)
        collected.open_from = collected.rows.size();
    const bool is_finished = csv_fini(&parser, cell, row, &collected) == 0;
    csv_free(&parser);
    if (!is_sound || !is_finished)
        return std::nullopt;
    if (collected.rows.back().empty())
        collected.rows.pop_back();
    return collected;
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

Result<ReadCells> cells_of(const QByteArray& text, const std::string& name) {
    if (text.size() > largest_table_bytes)
        return Problem{"The list is larger than the 20 MB that Fusuma can read."_said};
    ReadCells result;
    auto [utf8, encoding] = decoded_text(text, name);
    result.form.encoding = std::move(encoding);
    if (utf8.find('\0') != std::string::npos)
        return Problem{"It is no list of words."_said, "Use CSV, or copy the cells and paste them."_said};
    const auto stated = stated_separator(utf8);
    double best = -1;
    std::size_t open_from = 0, too_large_in = 0;
    for (const char separator : stated ? std::string_view(&*stated, 1) : separators) {
        auto all = parsed(utf8, separator);
        if (!all)
            continue;
        const double score = evenness(all->rows);
        if (score > best) {
            best = score;
            result.cells = std::move(all->rows);
            result.form.separator = separator;
            open_from = all->open_from;
            too_large_in = all->too_large_in;
        }
    }
    if (open_from > 0)
        return Problem{"A quote that begins in row {row} never closes."_said.with("row", open_from),
                       "Close it, or write it twice where it is meant."_said};
    if (too_large_in > 0)
        return Problem{"A cell in row {row} is larger than the 1 MB that Fusuma takes."_said.with("row", too_large_in)};
    if (result.cells.empty())
        return Problem{"The list is empty."_said};
    if (result.cells.size() > most_rows + 1)
        return Problem{"The list has more than the 10,000 rows that Fusuma can fill labels from."_said};
    return result;
}

} // namespace fusuma
