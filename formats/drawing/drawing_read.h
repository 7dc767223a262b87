#pragma once

#include "core/drawing/drawing.h"
#include "core/result.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

/// Is the file one that drawings are read from? SVG (plain or packed) and DXF are; a PDF may be, if it is asked for.
[[nodiscard]] bool is_drawing(const QByteArray& file);

/// A drawing from SVG, DXF, or a page of a PDF, by what is in the file. The same bytes give the same parts.
/// @param file_name  kept, and used in messages
/// @param page       of a PDF, from 1
Result<std::shared_ptr<const Drawing>> decode_drawing(std::shared_ptr<const std::vector<std::byte>> original,
                                                      const QString& file_name, int page = 1);
Result<std::shared_ptr<const Drawing>> read_drawing(const QString& path, int page = 1);

inline constexpr qint64 largest_drawing_bytes = 100 << 20;

} // namespace fusuma
