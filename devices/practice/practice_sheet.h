#pragma once

#include "core/rehearsal/faults.h"
#include "core/work.h"

#include <QImage>

namespace fusuma {

/// The sheet as a printer with faults puts it on paper: the print moved, turned and stretched, its ink grown, its edges
/// left blank.
/// @param sheet  without faults, as from `practice_print`
[[nodiscard]] QImage with_faults(const QImage& sheet, Size paper, const PrintFaults& faults);

/// What the practice cutter's sensor sees of a printed sheet that lies in it, 20 mm of bed round the paper, with noise
/// and smudged or missing marks.
/// @param marks  where the plan has them
[[nodiscard]] Scan practice_scan(const QImage& printed, Size paper, const std::vector<Mark>& marks,
                                 const PrintFaults& print, const LoadFaults& load, const Work& work = {});

} // namespace fusuma
