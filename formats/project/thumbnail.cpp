#include "formats/project/thumbnail.h"

#include "formats/basics/file.h"
#include "formats/painting/sheet_picture.h"
#include "formats/project/project_file.h"
#include "formats/room/room.h"

#include <QBuffer>

namespace fusuma {

ZipEntries thumbnail_of(const JobPlan& plan) {
    if (plan.copies.empty())
        return {};
    QByteArray png;
    QBuffer buffer(&png);
    sheet_picture(plan, 0, thumbnail_px).save(&buffer, "PNG");
    return {{thumbnail_entry, png}};
}

std::optional<QImage> thumbnail_in(const QString& path) {
    const auto file = open_file(path, largest_project_bytes);
    if (!file)
        return std::nullopt;
    auto picture = room::ask<QImage>({.asked = room::Asked::thumbnail, .name = file_name_of(path)}, *file);
    return picture ? std::optional(std::move(*picture)) : std::nullopt;
}

} // namespace fusuma
