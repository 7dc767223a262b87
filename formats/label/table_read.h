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
Result<ReadCells> read_cells(const QByteArray& text);

/// What people should know where letters may be wrong: an encoding that was guessed. Empty for others.
[[nodiscard]] Said guessed(const TextForm& form);

struct ReadTable {
    Table table;
    Said note; ///< as `guessed` says
};
/// The file as a table. @param fields  that the design uses, which tell whether the first row names the columns
Result<ReadTable> read_table(const QString& path, const std::vector<std::string>& fields);

template <class Io> void fields(Io& io, TextForm& f) {
    io(f.encoding, f.separator);
}
template <class Io> void fields(Io& io, ReadCells& c) {
    io(c.cells, c.form);
}

} // namespace fusuma
