#undef signals // glib has a field of this name
#include <poppler.h>

#include "reading/picture/pdf_pages.h"

#include <cmath>
#include <memory>
#include <string>

namespace fusuma {

namespace {

template <typename T> using Owned = std::unique_ptr<T, decltype(&g_object_unref)>;

/// Messages are without the file's name; whoever knows it puts it in front.
Result<std::shared_ptr<PopplerDocument>> opened(const QByteArray& file) {
    GBytes* bytes = g_bytes_new(file.constData(), static_cast<gsize>(file.size()));
    GError* error = nullptr;
    PopplerDocument* document = poppler_document_new_from_bytes(bytes, nullptr, &error);
    g_bytes_unref(bytes);
    if (document)
        return std::shared_ptr<PopplerDocument>(document, &g_object_unref);
    const bool is_locked = error && error->code == POPPLER_ERROR_ENCRYPTED;
    g_clear_error(&error);
    if (is_locked)
        return Problem{"is locked with a password."_said, "Save a copy without one and add that."_said};
    return Problem{"is a damaged PDF."_said, "Export or download it again."_said};
}

} // namespace

bool is_pdf(const QByteArray& file) {
    return file.first(std::min<qsizetype>(1024, file.size())).contains("%PDF-");
}

Result<int> pdf_page_count(const QByteArray& file) {
    const auto document = opened(file);
    return document ? Result<int>(poppler_document_get_n_pages(document->get())) : document.problem();
}

Result<QImage> render_pdf_page(const QByteArray& file, int number, double dpi, qint64 most_px, QColor ground) {
    const auto document = opened(file);
    if (!document)
        return document.problem();
    const int pages = poppler_document_get_n_pages(document->get());
    if (number < 1 || number > pages)
        return Problem{"has no page {page}, only {pages}."_said.with("page", number).with("pages", pages)};
    const Owned<PopplerPage> page(poppler_document_get_page(document->get(), number - 1), &g_object_unref);
    double width = 0, height = 0;
    if (page)
        poppler_page_get_size(page.get(), &width, &height);
    if (!(width > 0 && height > 0))
        return Problem{"is a damaged PDF."_said, "Export or download it again."_said};
    const double scale = dpi / 72;
    const auto whole = [&](double points) { return std::max(1.0, std::ceil(points * scale - 0.01)); };
    const double across = whole(width), down = whole(height);
    constexpr double longest_side = 32767; // cairo's limit
    QImage image;
    if (across * down <= static_cast<double>(most_px) && std::max(across, down) <= longest_side)
        image = QImage(static_cast<int>(across), static_cast<int>(down), QImage::Format_ARGB32_Premultiplied);
    if (image.isNull())
        return Problem{"is too large at {dpi} dpi."_said.with("dpi", std::lround(dpi)),
                       "Choose a lower resolution."_said};
    image.fill(ground);
    cairo_surface_t* surface = cairo_image_surface_create_for_data(
        image.bits(), CAIRO_FORMAT_ARGB32, image.width(), image.height(), static_cast<int>(image.bytesPerLine()));
    cairo_t* cairo = cairo_create(surface);
    cairo_scale(cairo, scale, scale);
    poppler_page_render(page.get(), cairo);
    const bool is_drawn = cairo_status(cairo) == CAIRO_STATUS_SUCCESS;
    cairo_destroy(cairo);
    cairo_surface_destroy(surface);
    if (!is_drawn)
        return Problem{"has a page that cannot be drawn."_said};
    return image;
}

} // namespace fusuma
