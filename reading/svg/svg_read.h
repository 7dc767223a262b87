#pragma once

#include "reading/basics/read_drawing.h"

#include <QByteArray>

namespace fusuma {

/// Static SVG 1.1 and 2: shapes, paths, use, symbol, nested svg, clip paths, strokes with dashes, gradients, style
/// sheets and pictures within the file become exact curves with their paints, a part for each drawn element. Text,
/// markers, patterns, filters and most masks are drawn by librsvg and taken over from it: text and markers as curves,
/// the rest as pictures at 600 dpi. Masks that let through by a picture's alpha, or everywhere alike, are worked out
/// here.
///
/// Where several parts of a group see through together, each sees through by itself. Scripts, animation, links to other
/// files and text set in HTML are left out, and the note says so.
/// Source: checked against librsvg's rendering of whole files in tests/formats/svg/svg_read_test.cpp
/// @param is_of_pdf  made by `svg_of_pdf_page`, enlarged as that says; soft masks are left out, as they go astray there
Result<ReadDrawing> read_svg(const QByteArray& file, bool is_of_pdf = false);

} // namespace fusuma
