#pragma once

#include "core/plan/plan.h"

namespace fusuma {

enum class DxfCurves {
    polylines, ///< within 0.01 mm; release 12, which every program reads
    splines,   ///< curves stay curves; release 2000
};

/// The cut lines of a page in millimetres, y upwards from the paper's bottom left, one layer for each kind of cut.
/// Source: DXF reference (POLYLINE of release 12, SPLINE of release 2000), from memory; read by libdxflib and ezdxf in
/// the tests.
[[nodiscard]] std::string cut_dxf(const JobPlan& plan, DxfCurves curves = DxfCurves::polylines, std::size_t page = 0);

} // namespace fusuma
