#pragma once

#include "core/label/table.h"
#include "core/result.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

/// How a text file's bytes were taken.
struct TextForm {
    std::string encoding; ///< "UTF-8", "UTF-16", or one of those of before, such as "Windows-1252" or "Shift_JIS"
    char separator = ',';
};

using Cells = std::vector<std::vector<std::string>>;

struct ReadCells {
    Cells cells;
    TextForm form;
};
inline constexpr qint64 largest_table_bytes = 20 << 20;

/// Rows of cells from text as it was pasted, or from a file, read in a room of its own (formats/room/room.h). Encoding
/// and separator (comma, semicolon, tab, bar) are found out: a byte order mark, else whether it is sound UTF-8, else
/// its letters; and a first line that states the separator, else the one that parts the first rows most evenly. Cells
/// in quotes may hold separators, quotes doubled and line breaks. Source: RFC 4180
/// @param encoding  that the text is in, as ICU names it, where a person knows better; refused where there is none
Result<ReadCells> read_cells(const QByteArray& text, const std::string& encoding = {});

/// What people should know where letters may be wrong: an encoding that was guessed. Empty for others.
[[nodiscard]] Said guessed(const TextForm& form);

/// What letters of the list would be in encodings in which they are the same.
struct Lettering {
    std::vector<std::string> encodings;
    std::string words; ///< some of the list's cells, in which there are such letters; UTF-8, in one line
};
/// The list's letters in every encoding that lists come in, for a person to see where they are right; those of
/// `expected` first. Empty where all letters are those of ASCII.
[[nodiscard]] std::vector<Lettering> letterings_of(const QByteArray& text, const std::string& expected);

struct ReadTable {
    Table table;
    TextForm form;
};
/// The file as a table. @param fields  that the design uses, which tell whether the first row names the columns
/// @param encoding  as for `read_cells`
Result<ReadTable> read_table(const QString& path, const std::vector<std::string>& fields,
                             const std::string& encoding = {});

template <class Io> void fields(Io& io, TextForm& f) {
    io(f.encoding, f.separator);
}
template <class Io> void fields(Io& io, ReadCells& c) {
    io(c.cells, c.form);
}

} // namespace fusuma
