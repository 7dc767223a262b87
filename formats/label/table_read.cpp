#include "formats/label/table_read.h"

#include "formats/basics/file.h"
#include "formats/room/room.h"

namespace fusuma {

Result<ReadCells> read_cells(const QByteArray& text) {
    return room::ask<ReadCells>({.asked = room::Asked::cells, .name = "list"}, text);
}

Said guessed(const TextForm& form) {
    if (form.encoding.starts_with("UTF"))
        return {};
    return "The list was read as {encoding}. If letters in it are wrong, save it as UTF-8."_said.with("encoding",
                                                                                                      form.encoding);
}

Result<ReadTable> read_table(const QString& path, const std::vector<std::string>& fields) {
    const auto file = read_file(path, largest_table_bytes);
    if (!file)
        return file.problem();
    auto read = read_cells(*file);
    if (!read)
        return Problem{"“{file}” cannot be used."_said.with("file", file_name_of(path)).then(read.problem().message),
                       read.problem().hint};
    const bool has_header = looks_like_header(read->cells, fields);
    return ReadTable{table_of(std::move(read->cells), has_header), guessed(read->form)};
}

} // namespace fusuma
