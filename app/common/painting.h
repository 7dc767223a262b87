#pragma once

#include "core/document/plan.h"

#include <QImage>
#include <QPainterPath>
#include <QTransform>

class QPainter;

namespace fusuma::app {

// Core values as Qt draws them.

[[nodiscard]] QPointF to_qt(Point p);
[[nodiscard]] Point from_qt(QPointF p);
[[nodiscard]] QTransform to_qt(const Transform& map);
[[nodiscard]] QPainterPath to_qt(const Contour& contour);
[[nodiscard]] QPainterPath to_qt(const Outline& outline);
[[nodiscard]] QPainterPath open_path(const Contour& line); ///< ending where its last segment does
[[nodiscard]] QPainterPath to_qt(const Polygons& polygons);

/// Makes the sizes in which art is shown, so that drawing it takes no time. For worker threads.
void prepare_art(const PrintArt& art);

/// Draws vector art at its full detail into the unit square of `to_view`.
void draw_curves(QPainter& painter, const DrawnArt& art, const QTransform& to_view);

/// Draws the art into the unit square of `to_view`.
void draw_art(QPainter& painter, const PrintArt& art, const QTransform& to_view);

/// The same from all of its pixels, as for paper.
void draw_in_full(QPainter& painter, const PrintArt& art, const QTransform& to_view);

/// The same for all that a sticker or a copy prints.
void prepare_print(const std::vector<PrintLayer>& layers);
/// Draws one layer of a print; `to_view` from its millimetres.
void draw_layer(QPainter& painter, const PrintLayer& layer, const QTransform& to_view);

[[nodiscard]] QColor to_qt(Rgb colour);

/// A cut line with its white casing, so that it reads over any art. Widths are in device pixels.
void draw_cut_line(QPainter& painter, const QPainterPath& path, CutKind kind);

} // namespace fusuma::app
