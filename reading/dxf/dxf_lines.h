#pragma once

#include "core/geometry/outline.h"
#include "core/result.h"

#include <QByteArray>
#include <string>
#include <vector>

namespace fusuma {

/// One line of a DXF file, in the file's units with y upwards.
struct DxfLine {
    std::string layer;
    Contour path; ///< an open one's last segment ends where it will
    bool is_closed = false;
};

struct DxfLines {
    std::vector<DxfLine> lines;
    double mm_per_unit = 1; ///< 1 where the file does not say
    bool left_out = false;  ///< blocks, text and what else has no line of its own
};

/// Lines, arcs, circles, ellipses, polylines with bulges and splines, one by one as they stand in the file.
/// Source: DXF reference, group codes; read by libdxflib
Result<DxfLines> read_dxf_lines(const QByteArray& file);

} // namespace fusuma
