#pragma once

#include "core/cutting/cut_job.h"
#include "core/document/document.h"

namespace fusuma {

/// The cutter's correction as a map on the paper.
[[nodiscard]] Transform correction_of(const CutterProfile& cutter, Size paper);

/// How a cutter should cut a page's lines. It starts from the paper's bottom left.
/// @param fit  where the print lies: from the paper's to the machine's millimetres
[[nodiscard]] CutJob cut_page(const std::vector<CutPath>& cuts, Size paper, const CutterProfile& cutter,
                              const Material& material, const Transform& fit = {});

/// How long that will take, s.
[[nodiscard]] double seconds_to_cut(const CutJob& job, Size paper, const CutterProfile& cutter,
                                    const Material& material);

} // namespace fusuma
