#pragma once

#include "core/cutting/cut_job.h"
#include "core/document/document.h"

namespace fusuma {

/// The cutter's correction as a map of the machine's mm.
/// @param middle  the paper's, about which it turns and stretches
[[nodiscard]] Transform correction_about(const CutterProfile& cutter, Point middle);

/// How a cutter should cut a page's lines. It starts from the paper's bottom left.
/// @param fit  where the print lies: from the paper's to the machine's millimetres
[[nodiscard]] CutJob cut_page(const std::vector<CutPath>& cuts, Size paper, const CutterProfile& cutter,
                              const Material& material, const Transform& fit = {});

/// How long that will take, s.
[[nodiscard]] double seconds_to_cut(const CutJob& job, Size paper, const CutterProfile& cutter,
                                    const Material& material);

} // namespace fusuma
