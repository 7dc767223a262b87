#pragma once

#include <QByteArray>
#include <QImage>

namespace fusuma {

/// Does a JPEG file hold four inks rather than three colours?
[[nodiscard]] bool is_cmyk_jpeg(const QByteArray& file);

/// A JPEG file's values, four bytes a pixel: as RGBA8888 with its colours as they are stored, or where it holds inks in
/// an image of 32 bits a pixel (cyan, magenta, yellow, black; 255 for full ink). Null when the file is damaged or
/// larger than `most_px` pixels.
[[nodiscard]] QImage read_jpeg(const QByteArray& file, qint64 most_px);

} // namespace fusuma
