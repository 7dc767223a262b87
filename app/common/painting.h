#pragma once

#include "core/steps/placed_copy.h"
#include "formats/painting/shown_art.h"
#include "formats/painting/to_qt.h"

namespace fusuma::app {

// How art, print and cut lines look, wherever they are drawn.

/// Draws the art into the unit square of `to_view`. Where its pixels were let go it is left out; they are fetched, and
/// the widget that a ScreenPainter paints just then is painted anew.
void draw_art(QPainter& painter, const PrintArt& art, const QTransform& to_view);

/// How often art that was left out has come: a picture that a view keeps from before is to be painted anew.
[[nodiscard]] int art_arrived();

/// The same from all of its pixels, as for paper.
void draw_in_full(QPainter& painter, const PrintArt& art, const QTransform& to_view);

/// Draws one layer of a print; `to_view` from its millimetres.
void draw_layer(QPainter& painter, const PrintLayer& layer, const QTransform& to_view);

/// A cut line with its white casing, so that it reads over any art. Widths are in device pixels.
void draw_cut_line(QPainter& painter, const QPainterPath& path, CutKind kind);

/// All that is cut of a sticker or a copy; `to_view` from its millimetres.
void draw_cut_lines(QPainter& painter, const std::vector<StickerLine>& lines, const QTransform& to_view);
void draw_cut_lines(QPainter& painter, const PlacedCopy& copy, const QTransform& to_view);

} // namespace fusuma::app
