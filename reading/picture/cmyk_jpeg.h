#pragma once

#include <QByteArray>
#include <QImage>

namespace fusuma {

/// Does a JPEG file hold four inks rather than three colours?
[[nodiscard]] bool is_cmyk_jpeg(const QByteArray& file);

/// Its values, four bytes a pixel (cyan, magenta, yellow, black; 255 for full ink) in an image of 32 bits a pixel. Null
/// when the file is damaged or larger than `most_px` pixels.
[[nodiscard]] QImage read_cmyk_jpeg(const QByteArray& file, qint64 most_px);

} // namespace fusuma
