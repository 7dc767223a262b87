#include "devices/practice/practice_printer.h"

#include "core/units.h"
#include "formats/pdf/pdf_write.h"
#include "formats/room/room.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

Result<QImage> practice_print(const QByteArray& pdf, double dpi, int page, const Work& work) {
    if (!(dpi >= 24 && dpi <= 2400))
        return Problem{"The practice printer prints at 24 to 2400 dpi."_said};
    return room::ask<QImage>({.asked = room::Asked::printed_page,
                              .name = "PDF",
                              .page = page + 1,
                              .dpi = dpi,
                              .seconds = room::patient_seconds}, // a full sheet of our own, not a stranger's
                             pdf, work);
}

double practice_dpi(Size paper, double wanted) {
    constexpr double most_px = 64e6;
    return std::min(wanted, mm_per_inch * std::sqrt(most_px / (paper.width * paper.height)));
}

QByteArray for_practice(const JobPlan& plan, double dpi) {
    return QByteArray::fromStdString(
        print_pdf(plan, {.with_cut_lines = false, .enough_dpi = dpi, .with_profile = false}));
}

} // namespace fusuma
