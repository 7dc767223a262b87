#pragma once

#include "reading/basics/read_drawing.h"

#include <QByteArray>

namespace fusuma {

[[nodiscard]] bool is_dxf(const QByteArray& file);

/// Lines, arcs, circles, ellipses, polylines with bulges and splines of a DXF drawing, its layers as groups. They have
/// no paint: each is a line to cut, of the kind that its layer is named after. Ends that meet within 0.02 mm are
/// joined, so that loose pieces become closed lines. What is left out, and what its size was taken from, is its note.
Result<ReadDrawing> read_dxf(const QByteArray& file);

} // namespace fusuma
