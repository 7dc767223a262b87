#include "reading/printed/printed_page.h"

#include <memory>
#include <poppler-document.h>
#include <poppler-page-renderer.h>
#include <poppler-page.h>

namespace fusuma {

Result<QImage> printed_page(const QByteArray& pdf, double dpi, int page_number) {
    poppler::set_debug_error_function([](const std::string&, void*) {}, nullptr);
    const std::unique_ptr<poppler::document> document(
        poppler::document::load_from_raw_data(pdf.constData(), static_cast<int>(pdf.size())));
    if (!document || document->is_locked())
        return Problem{"The practice printer cannot read this PDF."_said};
    const std::unique_ptr<poppler::page> page(document->create_page(page_number - 1));
    if (!page)
        return Problem{"The PDF has no page {page}."_said.with("page", page_number)};
    poppler::page_renderer renderer;
    renderer.set_render_hint(poppler::page_renderer::antialiasing);
    renderer.set_render_hint(poppler::page_renderer::text_antialiasing);
    renderer.set_image_format(poppler::image::format_argb32);
    const poppler::image image = renderer.render_page(page.get(), dpi, dpi);
    if (!image.is_valid())
        return Problem{"The practice printer cannot print this PDF."_said};
    QImage sheet = QImage(reinterpret_cast<const uchar*>(image.const_data()), image.width(), image.height(),
                          image.bytes_per_row(), QImage::Format_ARGB32)
                       .convertToFormat(QImage::Format_RGB32);
    const int dots_per_metre = qRound(dpi / 0.0254);
    sheet.setDotsPerMeterX(dots_per_metre);
    sheet.setDotsPerMeterY(dots_per_metre);
    return sheet;
}

} // namespace fusuma
