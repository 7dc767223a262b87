#pragma once

#include "core/raster/picture.h"

#include <QByteArray>

namespace fusuma {

/// What a picture's file tells of its camera; nothing of what is damaged or missing.
/// Source: CIPA DC-008 (Exif): Make, Model, FocalLengthIn35mmFilm; read by Exiv2.
[[nodiscard]] CameraFacts camera_facts(const QByteArray& bytes);

/// Dots per inch that a picture's Exif states; 0 where it states none, and for photographs, of which cameras state one
/// that means nothing. Source: CIPA DC-008: XResolution, ResolutionUnit, ExposureTime, FNumber
[[nodiscard]] double exif_dpi(const QByteArray& bytes);

} // namespace fusuma
