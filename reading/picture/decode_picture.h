#pragma once

#include "formats/picture/picture_read.h"

namespace fusuma {

/// A picture's file, or a page of a PDF, as `read_picture` says, without its name and bytes.
/// @param file_name  for messages
Result<std::shared_ptr<Picture>> decode_picture(const QByteArray& bytes, const QString& file_name,
                                                const PageChoice& page = {});

/// How many pages a PDF has; 0 for files without pages.
Result<int> page_count(const QByteArray& bytes, const QString& file_name);

/// Pixels per inch that a PNG, JPEG or BMP states, or 0 when it states none that can be meant.
/// Source: W3C PNG 11.3.5.3 (pHYs), ISO/IEC 10918-5 (JFIF density); BMP's header: biXPelsPerMeter
double stated_dpi(const QByteArray& bytes);

} // namespace fusuma
