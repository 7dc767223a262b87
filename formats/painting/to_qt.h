#pragma once

#include "core/geometry/outline.h"
#include "core/raster/lab.h"

#include <QColor>
#include <QPainterPath>
#include <QTransform>

namespace fusuma {

// Core values as Qt draws them.

[[nodiscard]] QPointF to_qt(Point p);
[[nodiscard]] Point from_qt(QPointF p);
[[nodiscard]] QTransform to_qt(const Transform& map);
[[nodiscard]] QPainterPath to_qt(const Contour& contour);
[[nodiscard]] QPainterPath to_qt(const Outline& outline);
[[nodiscard]] QPainterPath open_path(const Contour& line); ///< ending where its last segment does
[[nodiscard]] QPainterPath to_qt(const Polygons& polygons);
[[nodiscard]] QColor to_qt(Rgb colour);

} // namespace fusuma
