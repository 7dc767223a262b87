#pragma once

#include "core/cutting/cut_path.h"
#include "core/geometry/transform.h"

namespace fusuma {

/// Lines no farther apart count as one (common practice: half a blade's width).
inline constexpr double same_line_mm = 0.05;

/// One line to cut, flattened, with what it came from.
struct FlatPath {
    std::vector<Point> points; ///< mm; closed ones end where they begin
    bool is_closed = true;
    CutKind kind = CutKind::kiss;
    CopyId copy = CopyId::none;
};

/// The paths flattened within 0.005 mm after mapping them.
[[nodiscard]] std::vector<FlatPath> flattened(const std::vector<CutPath>& paths, const Transform& map);

/// Takes away what of later paths lies on earlier ones of the same kind, within same_line_mm, so that no line is cut twice.
/// What is left of a closed line becomes open ones.
[[nodiscard]] std::vector<FlatPath> without_doubled(std::vector<FlatPath> paths);

} // namespace fusuma
