#pragma once

#include "core/document/artwork.h"
#include "core/result.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

inline constexpr qint64 largest_picture_px = 200'000'000; ///< pixels in one picture
inline constexpr qint64 largest_picture_bytes = 1LL << 30;

/// Reads a picture file with its density and orientation.
Result<std::shared_ptr<const Picture>> read_picture(const QString& path);

/// The same from bytes; `file_name` is kept and used in messages.
Result<std::shared_ptr<const Picture>> decode_picture(const QByteArray& bytes, const QString& file_name);

/// Pixels per inch that the file states, or 0 when it states none.
/// Source: W3C PNG 11.3.5.3 (pHYs), ISO/IEC 10918-5 (JFIF density).
double stated_dpi(const QByteArray& bytes);

} // namespace fusuma
