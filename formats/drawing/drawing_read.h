#pragma once

#include "core/drawing/drawing.h"
#include "core/result.h"
#include "core/work.h"
#include "formats/room/wire_values.h"

#include <QByteArray>
#include <QString>

namespace fusuma {

inline constexpr qint64 largest_drawing_bytes = 100 << 20;

/// A drawing from SVG, DXF, or a page of a PDF, by what is in the file, read in a room of its own
/// (formats/room/room.h). The same bytes give the same parts. Throws Stopped when asked to stop.
/// @param page  of a PDF, from 1
Result<std::shared_ptr<const Drawing>> read_drawing(const QString& path, int page = 1, const Work& work = {});
/// The same from bytes; `file_name` is kept and used in messages.
Result<std::shared_ptr<const Drawing>> read_drawing(std::shared_ptr<const std::vector<std::byte>> original,
                                                    const QString& file_name, int page = 1, const Work& work = {});

/// What the reader made of the file, with the file.
[[nodiscard]] std::shared_ptr<const Drawing> drawing_of(wire::DrawingParts parts, const QString& file_name,
                                                        std::shared_ptr<const std::vector<std::byte>> original);

} // namespace fusuma
