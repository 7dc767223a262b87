#pragma once

#include "core/geometry/outline.h"
#include "core/result.h"

#include <QByteArray>
#include <set>
#include <string>
#include <vector>

namespace fusuma {

/// One line of a DXF file, in the file's units with y upwards.
struct DxfLine {
    std::string layer;
    Contour path; ///< an open one's last segment ends where it will
    bool is_closed = false;
};

/// What has no line of its own, or none that is seen.
enum class DxfLeftOut { text, fills, dimensions, pictures, solids, endless, hidden, other };

struct DxfLines {
    std::vector<DxfLine> lines;
    double mm_per_unit = 1; ///< 1 where the file does not say
    bool states_units = false;
    std::set<DxfLeftOut> left_out;
};

/// Lines, arcs, circles, ellipses, polylines with bulges and splines as they stand in the file or in blocks that it
/// inserts, seen from above. Layers that are off or frozen are left out, and sheets of paper where there is a model.
/// Source: DXF reference, group codes; read by libdxflib
/// @param file  of text or binary
Result<DxfLines> read_dxf_lines(const QByteArray& file);

} // namespace fusuma
