#include "formats/picture/picture_read.h"

#include "formats/basics/file.h"
#include "formats/drawing/drawing_read.h"
#include "formats/room/room.h"

#include <cstring>

namespace fusuma {

namespace {

using Original = std::shared_ptr<const std::vector<std::byte>>;

Result<Picture> read(const Original& original, const std::string& name, const PageChoice& page, const Work& work) {
    return room::ask<Picture>({.asked = room::Asked::picture, .name = name, .page = page.number, .dpi = page.dpi},
                              *original, work);
}

/// Decodes the file once more. One that took too long is not tried again before it is given more time.
Pixels::Make pixels_of(const Picture& picture) {
    struct TooLong {
        int allowed = 0; ///< seconds
        std::optional<Problem> why;
    };
    return [original = picture.original, name = picture.file_name,
            page = PageChoice{std::max(1, picture.page), picture.dpi},
            before = std::make_shared<TooLong>()](const Work& work) {
        const int allowed = room::allowed_seconds();
        if (before->why && allowed <= before->allowed)
            throw Unreadable(*before->why);
        const auto again = read(original, name, page, work);
        if (again)
            return again->pixels.get();
        if (room::took_too_long(again.problem()))
            *before = {allowed, again.problem()};
        throw Unreadable(again.problem());
    };
}

std::shared_ptr<const Picture> kept_with(Picture picture, const QString& file_name, Original original) {
    picture.file_name = file_name_of(file_name);
    picture.original = std::move(original);
    picture.pixels = {picture.pixels.get(), pixels_of(picture), picture.original};
    return std::make_shared<const Picture>(std::move(picture));
}

Original original_of(const QByteArray& file) {
    const auto bytes = std::as_bytes(std::span(file.constData(), static_cast<std::size_t>(file.size())));
    return std::make_shared<const std::vector<std::byte>>(bytes.begin(), bytes.end());
}

} // namespace

std::shared_ptr<Image> image_from(const QImage& picture) {
    const QImage rgba = picture.convertToFormat(QImage::Format_RGBA8888); // shared when it is that already
    auto image = std::make_shared<Image>(rgba.width(), rgba.height());
    const std::size_t row_bytes = static_cast<std::size_t>(rgba.width()) * 4;
    for (int y = 0; y < rgba.height(); ++y)
        std::memcpy(image->rgba.data() + static_cast<std::size_t>(y) * row_bytes, rgba.constScanLine(y), row_bytes);
    return image;
}

Result<std::shared_ptr<const Picture>> read_picture(Original original, const QString& file_name, const PageChoice& page,
                                                    const Work& work) {
    auto picture = read(original, file_name_of(file_name), page, work);
    if (!picture)
        return picture.problem();
    return kept_with(std::move(*picture), file_name, std::move(original));
}

std::shared_ptr<const Picture> picture_when_needed(Picture known, int width, int height) {
    known.pixels = {width, height, pixels_of(known), known.original};
    return std::make_shared<const Picture>(std::move(known));
}

Result<std::shared_ptr<const Picture>> read_picture(const QByteArray& bytes, const QString& file_name,
                                                    const PageChoice& page, const Work& work) {
    return read_picture(original_of(bytes), file_name, page, work);
}

Result<std::shared_ptr<const Picture>> read_picture(const QString& path, const PageChoice& page, const Work& work) {
    const auto file = read_file(path, largest_picture_bytes);
    return file ? read_picture(original_of(*file), path, page, work) : file.problem();
}

std::optional<PrintJpeg> jpeg_of(const Pixels& pixels, const Work& work) {
    const auto& file = pixels.file();
    constexpr std::byte start[] = {std::byte{0xff}, std::byte{0xd8}};
    if (!file || file->size() < 2 || !std::equal(std::begin(start), std::end(start), file->begin()))
        return std::nullopt;
    auto jpeg = room::ask<std::optional<PrintJpeg>>({.asked = room::Asked::jpeg_for_print}, *file, work);
    if (!jpeg || !*jpeg)
        return std::nullopt;
    const PrintJpeg& is = **jpeg;
    const bool lies_on_its_side = is.turned.a == 0;
    const bool is_all_of_it = is.width == pixels.width() && is.height == pixels.height() &&
                              is.stored_width == (lies_on_its_side ? is.height : is.width) &&
                              is.stored_height == (lies_on_its_side ? is.width : is.height);
    return is_all_of_it ? std::move(*jpeg) : std::nullopt;
}

Result<ArtworkFile> read_artwork(const QString& path, const std::optional<PageChoice>& page, const Work& work) {
    const auto file = read_file(path, largest_picture_bytes);
    if (!file)
        return file.problem();
    const Original original = original_of(*file);
    auto read =
        room::ask<std::variant<Picture, wire::DrawingParts, std::int32_t>>({.asked = room::Asked::artwork,
                                                                            .name = file_name_of(path),
                                                                            .page = page ? page->number : 0,
                                                                            .dpi = page.value_or(PageChoice{}).dpi},
                                                                           *original, work);
    if (!read)
        return read.problem();
    if (auto* picture = std::get_if<Picture>(&*read))
        return ArtworkFile(kept_with(std::move(*picture), path, original));
    if (auto* parts = std::get_if<wire::DrawingParts>(&*read))
        return ArtworkFile(drawing_of(std::move(*parts), path, original));
    return ArtworkFile(Pages{std::get<std::int32_t>(*read)});
}

} // namespace fusuma
