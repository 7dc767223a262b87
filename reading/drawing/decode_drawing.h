#pragma once

#include "formats/drawing/drawing_read.h"

namespace fusuma {

/// Is the file one that drawings are read from? SVG (plain or packed) and DXF are; a PDF may be, if it is asked for.
[[nodiscard]] bool is_drawing(const QByteArray& file);

/// A drawing's file as `read_drawing` says.
/// @param file_name  for messages
/// @param page       of a PDF, from 1
Result<wire::DrawingParts> decode_drawing(const QByteArray& file, const QString& file_name, int page = 1);

} // namespace fusuma
