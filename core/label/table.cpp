#include "core/label/table.h"

#include "core/label/figures.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cstdint>
#include <set>

namespace fusuma {

namespace {

std::string plain(const std::string& name) {
    const auto first = name.find_first_not_of(" \t"), last = name.find_last_not_of(" \t");
    std::string result = first == std::string::npos ? std::string() : name.substr(first, last - first + 1);
    std::ranges::transform(result, result.begin(),
                           [](char c) { return c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c; });
    return result;
}

bool is_number(const std::string& text) {
    return !text.empty() && text.find_first_not_of("0123456789.,-+ €$£%") == std::string::npos;
}

} // namespace

std::optional<std::size_t> Table::column(const std::string& name) const {
    for (std::size_t i = 0; i < columns.size(); ++i)
        if (plain(columns[i]) == plain(name))
            return i;
    return std::nullopt;
}

Table table_of(std::vector<std::vector<std::string>> cells, bool has_header) {
    Table table;
    std::erase_if(cells, [](const auto& row) {
        return std::ranges::all_of(row, [](const std::string& cell) { return plain(cell).empty(); });
    });
    std::size_t width = 0; // without the empty columns that spreadsheets put after the last
    for (const auto& row : cells)
        for (std::size_t i = width; i < row.size(); ++i)
            if (!plain(row[i]).empty())
                width = i + 1;
    width = std::min(width, most_columns);
    if (has_header && !cells.empty()) {
        table.columns = cells.front();
        cells.erase(cells.begin());
    }
    table.columns.resize(width);
    for (std::size_t i = 0; i < width; ++i)
        if (plain(table.columns[i]).empty())
            table.columns[i] = std::to_string(i + 1);
    if (cells.size() > most_rows)
        cells.resize(most_rows);
    for (auto& row : cells)
        row.resize(width);
    table.rows = std::move(cells);
    return table;
}

bool has_header(const Table& table) {
    for (std::size_t i = 0; i < table.columns.size(); ++i)
        if (table.columns[i] != std::to_string(i + 1))
            return true;
    return false;
}

Table with_header(const Table& table, bool wanted) {
    if (has_header(table) == wanted)
        return table;
    std::vector<std::vector<std::string>> cells;
    if (!wanted)
        cells.push_back(table.columns);
    cells.insert(cells.end(), table.rows.begin(), table.rows.end());
    return table_of(std::move(cells), wanted);
}

bool looks_like_header(const std::vector<std::vector<std::string>>& cells, const std::vector<std::string>& fields) {
    if (cells.empty())
        return false;
    std::set<std::string> names;
    for (const std::string& cell : cells.front())
        names.insert(plain(cell));
    for (const std::string& field : fields)
        if (names.contains(plain(field)))
            return true;
    return cells.size() > 1 && names.size() > 1 && names.size() == cells.front().size() && !names.contains("") &&
           std::ranges::none_of(names, is_number);
}

namespace {

/// The parts of what stands in braces: name, then +days, then :pattern, then |otherwise.
struct Field {
    std::string name, pattern, otherwise;
    int days = 0;
};

Field field_from(std::string text) {
    Field field;
    if (const auto bar = text.find('|'); bar != std::string::npos) {
        field.otherwise = text.substr(bar + 1);
        text.resize(bar);
    }
    if (const auto colon = text.find(':'); colon != std::string::npos) {
        field.pattern = text.substr(colon + 1);
        text.resize(colon);
    }
    field.name = plain(text);
    if (const auto sign = field.name.find_first_of("+-"); field.name.starts_with("date") && sign == 4) {
        const char* first = field.name.data() + sign + (field.name[sign] == '+' ? 1 : 0);
        int days = 0;
        if (std::from_chars(first, field.name.data() + field.name.size(), days).ec == std::errc() &&
            std::abs(days) < 40'000) {
            field.days = days;
            field.name = "date";
        }
    }
    return field;
}

std::optional<std::string> value_of(const Field& field, const Table* table, std::size_t row, Day day,
                                    const Calendar& calendar) {
    const auto column = table ? table->column(field.name) : std::nullopt;
    if (column) {
        const std::string& cell = row < table->rows.size() ? table->rows[row][*column] : field.otherwise;
        return plain(cell).empty() ? field.otherwise : cell;
    }
    if (field.name == "number") {
        std::int64_t start = 1;
        const std::string& p = field.pattern;
        if (!p.empty() &&
            std::from_chars(p.data(), p.data() + std::min<std::size_t>(p.size(), 9), start).ptr != p.data() + p.size())
            return std::nullopt;
        return padded(static_cast<int>(start + static_cast<std::int64_t>(row)), p.size());
    }
    if (field.name == "date")
        return in_words(later(day, field.days), field.pattern, calendar);
    return table || field.otherwise.empty() ? std::nullopt : std::optional(field.otherwise);
}

/// Calls `text` with what stands between fields and `field` with what stands in braces.
template <typename Text, typename Braced> void walk(const std::string& source, const Text& text, const Braced& braced) {
    for (std::size_t i = 0; i < source.size();) {
        if (source[i] != '{') {
            const std::size_t next = std::min(source.find('{', i), source.size());
            text(source.substr(i, next - i));
            i = next;
            continue;
        }
        if (source.compare(i, 2, "{{") == 0) {
            text("{");
            i += 2;
            continue;
        }
        const std::size_t end = source.find('}', i);
        if (end == std::string::npos) {
            text(source.substr(i));
            return;
        }
        braced(source.substr(i + 1, end - i - 1));
        i = end + 1;
    }
}

} // namespace

std::string filled_in(const std::string& text, const Table* table, std::size_t row, Day day, const Calendar& calendar) {
    std::string result;
    walk(
        text, [&](const std::string& piece) { result += piece; },
        [&](const std::string& inside) {
            const auto value = value_of(field_from(inside), table, row, day, calendar);
            result += value ? *value : "{" + inside + "}";
        });
    return result;
}

std::vector<std::string> fields_of(const std::string& text) {
    std::vector<std::string> names;
    walk(
        text, [](const std::string&) {},
        [&](const std::string& inside) {
            const Field field = field_from(inside);
            if (field.name != "number" && field.name != "date" && std::ranges::find(names, field.name) == names.end())
                names.push_back(field.name);
        });
    return names;
}

} // namespace fusuma
