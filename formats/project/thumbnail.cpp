#include "formats/project/thumbnail.h"

#include "formats/basics/file.h"
#include "formats/project/project_file.h"
#include "formats/room/room.h"

namespace fusuma {

std::optional<QImage> thumbnail_in(const QString& path) {
    const auto file = read_file(path, largest_project_bytes);
    if (!file)
        return std::nullopt;
    auto picture = room::ask<QImage>({.asked = room::Asked::thumbnail, .name = file_name_of(path)}, *file);
    return picture ? std::optional(std::move(*picture)) : std::nullopt;
}

} // namespace fusuma
