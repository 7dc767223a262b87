#pragma once

#include "core/label/calendar.h"

#include <cstddef>
#include <optional>
#include <string>
#include <vector>

namespace fusuma {

/// What a list of labels is filled from: named columns, a row for each label. Texts are UTF-8.
struct Table {
    std::vector<std::string> columns;
    std::vector<std::vector<std::string>> rows; ///< each with as many cells as there are columns
    bool operator==(const Table&) const = default;

    /// Upper and lower case and blanks around names make no difference.
    [[nodiscard]] std::optional<std::size_t> column(const std::string& name) const;
};
inline constexpr std::size_t most_rows = 10'000, most_columns = 200;

/// Rows of cells as a table. The first row names the columns when `has_header`; else they are called 1, 2, ….
[[nodiscard]] Table table_of(std::vector<std::vector<std::string>> cells, bool has_header);

/// The same cells with the first row read the other way: as names of the columns, or as data.
[[nodiscard]] Table with_header(const Table& table, bool has_header);
/// Are the columns called 1, 2, …, as they are without a row of names?
[[nodiscard]] bool has_header(const Table& table);

/// Does the first row look like names of columns? Yes when one of the fields that a design uses is among its cells, or
/// when it has several cells, all of them different words.
[[nodiscard]] bool looks_like_header(const std::vector<std::vector<std::string>>& cells,
                                     const std::vector<std::string>& fields);

/// A text with its fields in braces filled in. The syntax is described in docs/guide/label-fields.md:
///   {name}  {name|otherwise}     the row's cell in that column, or other words when it is empty or there is no list
///   {number}  {number:007}       counts the labels, here from 7 in three figures
///   {date}  {date:d MMMM}  {date+14}   the label's day, or so many days later
///   {{                           a brace
/// A field that is not known stays as it is, so that one sees it.
/// @param row  from 0; beyond the table's end every cell is empty
[[nodiscard]] std::string filled_in(const std::string& text, const Table* table, std::size_t row, Day day,
                                    const Calendar& calendar = {});

/// The names in braces that a text uses, without number and date.
[[nodiscard]] std::vector<std::string> fields_of(const std::string& text);

} // namespace fusuma
