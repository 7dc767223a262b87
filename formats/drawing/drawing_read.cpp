#include "formats/drawing/drawing_read.h"

#include "formats/basics/file.h"
#include "formats/room/room.h"

namespace fusuma {

std::shared_ptr<const Drawing> drawing_of(wire::DrawingParts parts, const QString& file_name,
                                          std::shared_ptr<const std::vector<std::byte>> original) {
    auto drawing = std::make_shared<Drawing>(parts.size, std::move(parts.parts));
    drawing->file_name = file_name_of(file_name);
    drawing->page = parts.page;
    drawing->note = std::move(parts.note);
    drawing->original = std::move(original);
    return drawing;
}

Result<std::shared_ptr<const Drawing>> read_drawing(std::shared_ptr<const std::vector<std::byte>> original,
                                                    const QString& file_name, int page, const Work& work) {
    auto read = room::ask<wire::DrawingParts>(
        {.asked = room::Asked::drawing, .name = file_name_of(file_name), .page = page}, *original, work);
    if (!read)
        return read.problem();
    return drawing_of(std::move(*read), file_name, std::move(original));
}

Result<std::shared_ptr<const Drawing>> read_drawing(const QString& path, int page, const Work& work) {
    const auto file = read_file(path, largest_drawing_bytes);
    if (!file)
        return file.problem();
    const auto bytes = std::as_bytes(std::span(file->constData(), static_cast<std::size_t>(file->size())));
    return read_drawing(std::make_shared<const std::vector<std::byte>>(bytes.begin(), bytes.end()), path, page, work);
}

} // namespace fusuma
