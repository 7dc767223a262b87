#include "reading/printed/printed_page.h"

#include "reading/picture/pdf_pages.h"

#include <limits>

namespace fusuma {

Result<QImage> printed_page(const QByteArray& pdf, double dpi, int page_number) {
    auto page = render_pdf_page(pdf, page_number, dpi, std::numeric_limits<qint64>::max(), Qt::white);
    if (!page)
        return Problem{
            "The practice printer prints nothing: its file {trouble}"_said.with("trouble", page.problem().message),
            page.problem().hint};
    QImage sheet = std::move(*page).convertToFormat(QImage::Format_RGB32);
    const int dots_per_metre = qRound(dpi / 0.0254);
    sheet.setDotsPerMeterX(dots_per_metre);
    sheet.setDotsPerMeterY(dots_per_metre);
    return sheet;
}

} // namespace fusuma
