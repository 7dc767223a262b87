#pragma once

#include "core/document/artwork.h"
#include "core/result.h"

#include <QByteArray>
#include <QImage>
#include <QString>

namespace fusuma {

inline constexpr qint64 largest_picture_px = 200'000'000; ///< pixels in one picture
inline constexpr qint64 largest_picture_bytes = 1LL << 30;

/// Which page of a document with pages (PDF) to take, and how fine. Other files pay it no heed.
struct PageChoice {
    int number = 1; ///< from 1
    double dpi = 300;
};

/// Reads a picture file, or a page of a PDF, with its density and orientation, its colours in sRGB.
Result<std::shared_ptr<const Picture>> read_picture(const QString& path, const PageChoice& page = {});

/// The same from bytes; `file_name` is kept and used in messages.
Result<std::shared_ptr<const Picture>> decode_picture(std::shared_ptr<const std::vector<std::byte>> original,
                                                      const QString& file_name, const PageChoice& page = {});
Result<std::shared_ptr<const Picture>> decode_picture(const QByteArray& bytes, const QString& file_name,
                                                      const PageChoice& page = {});

/// The pixels of a decoded picture in any format.
[[nodiscard]] std::shared_ptr<Image> image_from(const QImage& picture);

/// How many pages a PDF has; 0 for files without pages.
Result<int> page_count(const QString& path);

/// Pixels per inch that the file states, or 0 when it states none.
/// Source: W3C PNG 11.3.5.3 (pHYs), ISO/IEC 10918-5 (JFIF density).
double stated_dpi(const QByteArray& bytes);

} // namespace fusuma
