#pragma once

#include "core/raster/samples.h"

#include <QByteArray>
#include <optional>

namespace fusuma {

/// The picture of a JPEG file, coded anew without decoding it to pixels, so that none of it changes: as baseline JPEG
/// with nothing but what decoding needs. Nothing for other files, those of greys or inks, damaged ones, and those whose
/// colours are not sRGB's.
/// Source: ISO 32000-1, 7.4.8 (what a PDF takes as it is); Exif 2.32, 4.6.4 A (orientation), as Qt tells it.
[[nodiscard]] std::optional<PrintJpeg> jpeg_for_print(const QByteArray& file);

} // namespace fusuma
