#pragma once

#include "core/drawing/drawing.h"
#include "core/raster/picture.h"
#include "core/raster/samples.h"
#include "core/result.h"

#include <QByteArray>
#include <QImage>
#include <QString>
#include <variant>

namespace fusuma {

inline constexpr qint64 largest_picture_px = 200'000'000; ///< pixels in one picture
inline constexpr qint64 largest_picture_bytes = 1LL << 30;

/// What of a picture's file may be printed in place of its pixels: nothing but for undamaged JPEG files of red, green
/// and blue whose colours are sRGB's. It is made in the room, so that nothing strange about a file goes on into a print
/// file. Throws Stopped when asked to stop.
[[nodiscard]] std::optional<PrintJpeg> jpeg_of(const Pixels& pixels, const Work& work = {});

/// Which page of a document with pages (PDF) to take, and how fine. Other files pay it no heed.
struct PageChoice {
    int number = 1; ///< from 1
    double dpi = 300;
};

/// Reads a picture file, or a page of a PDF, with its density and orientation, its colours in sRGB. It is read in a
/// room of its own (formats/room/room.h); reading throws Stopped when asked to stop.
Result<std::shared_ptr<const Picture>> read_picture(const QString& path, const PageChoice& page = {},
                                                    const Work& work = {});
/// The same from bytes; `file_name` is kept and used in messages.
Result<std::shared_ptr<const Picture>> read_picture(std::shared_ptr<const std::vector<std::byte>> original,
                                                    const QString& file_name, const PageChoice& page = {},
                                                    const Work& work = {});

Result<std::shared_ptr<const Picture>> read_picture(const QByteArray& bytes, const QString& file_name,
                                                    const PageChoice& page = {}, const Work& work = {});

/// What is known of a picture whose file was read before: its pixels are decoded when they are first needed, and then
/// must be as many as it says.
/// @param known  with its file's name and bytes, its density and page
[[nodiscard]] std::shared_ptr<const Picture> picture_when_needed(Picture known, int width, int height);

/// A document of which one has to be chosen.
struct Pages {
    int count = 0;
};
/// What a file to be added is: a picture, a drawing, or more pages than one. A single page is a picture.
using ArtworkFile = std::variant<std::shared_ptr<const Picture>, std::shared_ptr<const Drawing>, Pages>;
/// @param page  of a document that is to be taken as a picture; none when a person is still to choose among several
Result<ArtworkFile> read_artwork(const QString& path, const std::optional<PageChoice>& page = {},
                                 const Work& work = {});

/// The pixels of a decoded picture in any format.
[[nodiscard]] std::shared_ptr<Image> image_from(const QImage& picture);

} // namespace fusuma
