#include "devices/practice/practice_printer.h"

#include "formats/room/room.h"

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

} // namespace fusuma
