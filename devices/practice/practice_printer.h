#pragma once

#include "core/plan/plan.h"
#include "core/result.h"
#include "core/work.h"

#include <QByteArray>
#include <QImage>

namespace fusuma {

/// What a printer without any fault would put on the paper: one page of a written PDF on white, drawn in the
/// reading room (formats/room/room.h). It reads the finished file, not the plan, so that looking at it checks the real
/// output.
/// @param dpi   24 to 2400
/// @param page  counted from 0
/// Throws Stopped when asked to stop.
Result<QImage> practice_print(const QByteArray& pdf, double dpi, int page = 0, const Work& work = {});

/// How fine a whole sheet is printed for practice, dots per inch: as wanted, or less where its picture would have more
/// than 64 megapixels.
[[nodiscard]] double practice_dpi(Size paper, double wanted = 300);

/// The sheets as they are written for the practice printer: without cut lines, pictures as fine as it prints.
/// @param dpi  > 0
QByteArray for_practice(const JobPlan& plan, double dpi);

} // namespace fusuma
