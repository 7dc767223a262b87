#undef signals // glib has a field of this name
#include <cairo-svg.h>
#include <librsvg/rsvg.h>
#include <poppler.h>

#include "reading/svg/svg_render.h"

#include <cmath>

namespace fusuma {

namespace {

cairo_status_t append(void* bytes, const unsigned char* data, unsigned length) {
    static_cast<QByteArray*>(bytes)->append(reinterpret_cast<const char*>(data), static_cast<qsizetype>(length));
    return CAIRO_STATUS_SUCCESS;
}

} // namespace

struct SvgRenderer::Handle {
    RsvgHandle* rsvg = nullptr;
    ~Handle() {
        if (rsvg)
            g_object_unref(rsvg);
    }
};

SvgRenderer::SvgRenderer(const QByteArray& document) : handle(std::make_unique<Handle>()) {
    GInputStream* stream = g_memory_input_stream_new_from_data(document.constData(), document.size(), nullptr);
    handle->rsvg = rsvg_handle_new_from_stream_sync(stream, nullptr, RSVG_HANDLE_FLAG_UNLIMITED, nullptr, nullptr);
    g_object_unref(stream);
    if (handle->rsvg)
        rsvg_handle_set_dpi(handle->rsvg, 96);
}

SvgRenderer::~SvgRenderer() = default;

bool SvgRenderer::is_valid() const {
    return handle->rsvg != nullptr;
}

std::optional<SvgRenderer::Drawn> SvgRenderer::picture(const QString& id, Size size, double scale) const {
    const QByteArray name = "#" + id.toUtf8();
    const RsvgRectangle viewport{0, 0, size.width, size.height};
    RsvgRectangle ink{}, logical{};
    if (!rsvg_handle_get_geometry_for_layer(handle->rsvg, name.constData(), &viewport, &ink, &logical, nullptr))
        return std::nullopt;
    // Filters may draw beyond the ink that is told, so a good margin is looked at, too.
    const double margin = 0.25 * std::max(ink.width, ink.height) + 4;
    const double left = std::max(0.0, ink.x - margin), top = std::max(0.0, ink.y - margin);
    const double right = std::min(size.width, ink.x + ink.width + margin);
    const double bottom = std::min(size.height, ink.y + ink.height + margin);
    if (!(right > left && bottom > top))
        return std::nullopt;
    constexpr double most_px = 3000;
    scale = std::min(scale, most_px / std::max(right - left, bottom - top));
    const int w = std::max(1, static_cast<int>(std::ceil((right - left) * scale)));
    const int h = std::max(1, static_cast<int>(std::ceil((bottom - top) * scale)));
    cairo_surface_t* surface = cairo_image_surface_create(CAIRO_FORMAT_ARGB32, w, h);
    cairo_t* cairo = cairo_create(surface);
    cairo_scale(cairo, scale, scale);
    cairo_translate(cairo, -left, -top);
    const bool is_drawn = rsvg_handle_render_layer(handle->rsvg, cairo, name.constData(), &viewport, nullptr);
    cairo_surface_flush(surface);
    auto image = std::make_shared<Image>(w, h);
    const unsigned char* rows = cairo_image_surface_get_data(surface);
    bool is_seen = false;
    for (int y = 0; is_drawn && rows && y < h; ++y) {
        const auto* row = reinterpret_cast<const std::uint32_t*>(rows + y * cairo_image_surface_get_stride(surface));
        std::uint8_t* to = &image->rgba[static_cast<std::size_t>(y) * static_cast<std::size_t>(w) * 4];
        for (int x = 0; x < w; ++x, to += 4) {
            const std::uint32_t p = row[x], alpha = p >> 24;
            const auto straight = [alpha](std::uint32_t part) {
                return static_cast<std::uint8_t>(alpha ? std::min(255U, ((part & 255) * 255 + alpha / 2) / alpha) : 0);
            };
            to[0] = straight(p >> 16);
            to[1] = straight(p >> 8);
            to[2] = straight(p);
            to[3] = static_cast<std::uint8_t>(alpha);
            is_seen |= alpha > 0;
        }
    }
    cairo_destroy(cairo);
    cairo_surface_destroy(surface);
    if (!is_seen)
        return std::nullopt;
    return Drawn{std::move(image), Transform::scale(w / scale, h / scale).then(Transform::shift({left, top}))};
}

QByteArray SvgRenderer::paths(const QString& id, Size size) const {
    QByteArray svg;
    cairo_surface_t* surface = cairo_svg_surface_create_for_stream(append, &svg, size.width * fine, size.height * fine);
    cairo_t* cairo = cairo_create(surface);
    cairo_scale(cairo, fine, fine);
    const RsvgRectangle viewport{0, 0, size.width, size.height};
    const bool is_drawn =
        rsvg_handle_render_layer(handle->rsvg, cairo, ("#" + id.toUtf8()).constData(), &viewport, nullptr);
    cairo_destroy(cairo);
    cairo_surface_finish(surface);
    cairo_surface_destroy(surface);
    return is_drawn ? svg : QByteArray();
}

QByteArray svg_of_pdf_page(const QByteArray& pdf, int page) {
    GBytes* bytes = g_bytes_new_static(pdf.constData(), static_cast<gsize>(pdf.size()));
    PopplerDocument* document = poppler_document_new_from_bytes(bytes, nullptr, nullptr);
    QByteArray svg;
    PopplerPage* drawn = document && page >= 1 && page <= poppler_document_get_n_pages(document)
                             ? poppler_document_get_page(document, page - 1)
                             : nullptr;
    if (drawn) {
        double width = 0, height = 0;
        poppler_page_get_size(drawn, &width, &height);
        cairo_surface_t* surface =
            cairo_svg_surface_create_for_stream(append, &svg, width * fine_page, height * fine_page);
        cairo_t* cairo = cairo_create(surface);
        cairo_scale(cairo, fine_page, fine_page);
        poppler_page_render_for_printing(drawn, cairo);
        cairo_destroy(cairo);
        cairo_surface_finish(surface);
        cairo_surface_destroy(surface);
        g_object_unref(drawn);
    }
    if (document)
        g_object_unref(document);
    g_bytes_unref(bytes);
    return svg;
}

} // namespace fusuma
