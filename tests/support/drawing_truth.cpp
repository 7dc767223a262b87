#include <cairo-pdf.h>
#include <librsvg/rsvg.h>

#include "tests/support/drawing_truth.h"

#include <QRegularExpression>
#include <algorithm>
#include <cmath>

namespace fusuma::test {

QByteArray plain_shapes(const QByteArray& svg) {
    QString text = QString::fromUtf8(svg);
    static const QRegularExpression server(QStringLiteral("(fill|stroke)(\\s*[:=]\\s*[\"']?)\\s*url\\([^)]*\\)"));
    static const QRegularExpression see_through(
        QStringLiteral("((fill-|stroke-|stop-)?opacity|filter|mask)\\s*:\\s*[^;\"']*|\\b((fill-|stroke-)?opacity|"
                       "filter|mask)=\"[^\"]*\""));
    text.replace(server, QStringLiteral("\\1\\2#777777"));
    text.remove(see_through);
    return text.toUtf8();
}

namespace {

void trace(cairo_t* cairo, const Area& area) {
    for (const Contour& contour : area.curves.contours) {
        cairo_move_to(cairo, contour.start.x, contour.start.y);
        for (const Segment& s : contour.segments)
            s.kind == Segment::Kind::line
                ? cairo_line_to(cairo, s.end.x, s.end.y)
                : cairo_curve_to(cairo, s.control1.x, s.control1.y, s.control2.x, s.control2.y, s.end.x, s.end.y);
        cairo_close_path(cairo);
    }
    cairo_set_fill_rule(cairo, area.rule == FillRule::even_odd ? CAIRO_FILL_RULE_EVEN_ODD : CAIRO_FILL_RULE_WINDING);
}

void draw_picture(cairo_t* cairo, const Image& image, const Transform& from_unit) {
    const int stride = cairo_format_stride_for_width(CAIRO_FORMAT_ARGB32, image.width);
    std::vector<std::uint32_t> pixels(static_cast<std::size_t>(stride / 4) * static_cast<std::size_t>(image.height));
    for (std::size_t i = 0; i < image.pixels(); ++i) {
        const std::uint8_t* p = &image.rgba[4 * i];
        const auto part = [&](int k) { return static_cast<std::uint32_t>(p[k] * p[3] / 255); };
        pixels[i] = static_cast<std::uint32_t>(p[3]) << 24 | part(0) << 16 | part(1) << 8 | part(2);
    }
    cairo_surface_t* surface = cairo_image_surface_create_for_data(
        reinterpret_cast<unsigned char*>(pixels.data()), CAIRO_FORMAT_ARGB32, image.width, image.height, stride);
    const Transform m = Transform::scale(1.0 / image.width, 1.0 / image.height).then(from_unit);
    const cairo_matrix_t matrix{m.a, m.b, m.c, m.d, m.dx, m.dy};
    cairo_transform(cairo, &matrix);
    cairo_set_source_surface(cairo, surface, 0, 0);
    cairo_pattern_set_extend(cairo_get_source(cairo), CAIRO_EXTEND_PAD);
    cairo_paint(cairo);
    cairo_surface_destroy(surface);
}

Image from_surface(cairo_surface_t* surface) {
    cairo_surface_flush(surface);
    Image image(cairo_image_surface_get_width(surface), cairo_image_surface_get_height(surface));
    for (int y = 0; y < image.height; ++y) {
        const auto* row = reinterpret_cast<const std::uint32_t*>(cairo_image_surface_get_data(surface) +
                                                                 y * cairo_image_surface_get_stride(surface));
        for (int x = 0; x < image.width; ++x) {
            std::uint8_t* to = &image.rgba[4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) +
                                                static_cast<std::size_t>(x))];
            const std::uint32_t alpha = row[x] >> 24;
            for (int k = 0; k < 3; ++k)
                to[k] = static_cast<std::uint8_t>(alpha ? std::min(255U, ((row[x] >> (16 - 8 * k)) & 255) * 255 / alpha)
                                                        : 0);
            to[3] = static_cast<std::uint8_t>(alpha);
        }
    }
    return image;
}

} // namespace

QByteArray pdf_of(const QByteArray& svg, Size points) {
    RsvgHandle* handle = rsvg_handle_new_from_data(reinterpret_cast<const guint8*>(svg.constData()),
                                                   static_cast<gsize>(svg.size()), nullptr);
    QByteArray pdf;
    const cairo_write_func_t append = [](void* bytes, const unsigned char* data, unsigned length) {
        static_cast<QByteArray*>(bytes)->append(reinterpret_cast<const char*>(data), static_cast<qsizetype>(length));
        return CAIRO_STATUS_SUCCESS;
    };
    cairo_surface_t* surface = cairo_pdf_surface_create_for_stream(append, &pdf, points.width, points.height);
    cairo_t* cairo = cairo_create(surface);
    const RsvgRectangle page{0, 0, points.width, points.height};
    if (handle)
        rsvg_handle_render_document(handle, cairo, &page, nullptr);
    cairo_destroy(cairo);
    cairo_surface_finish(surface);
    cairo_surface_destroy(surface);
    if (handle)
        g_object_unref(handle);
    return pdf;
}

namespace {

RsvgHandle* opened(const QByteArray& svg) {
    GInputStream* stream = g_memory_input_stream_new_from_data(svg.constData(), svg.size(), nullptr);
    RsvgHandle* handle =
        rsvg_handle_new_from_stream_sync(stream, nullptr, RSVG_HANDLE_FLAG_UNLIMITED, nullptr, nullptr);
    g_object_unref(stream);
    return handle;
}

} // namespace

std::optional<Size> size_in_mm(const QByteArray& svg) {
    RsvgHandle* handle = opened(svg);
    if (!handle)
        return {};
    gboolean has_width = FALSE, has_height = FALSE, has_viewbox = FALSE;
    RsvgLength width{}, height{};
    RsvgRectangle viewbox{};
    rsvg_handle_get_intrinsic_dimensions(handle, &has_width, &width, &has_height, &height, &has_viewbox, &viewbox);
    g_object_unref(handle);
    const auto is_in_mm = [](const RsvgLength& length, double own) {
        return length.unit == RSVG_UNIT_MM && std::abs(own - length.length) < 1e-4;
    };
    if (!has_width || !has_height || !has_viewbox || !is_in_mm(width, viewbox.width) ||
        !is_in_mm(height, viewbox.height))
        return {};
    return Size{width.length, height.length};
}

Image rendered(const QByteArray& svg, int width_px, int height_px) {
    RsvgHandle* handle = opened(svg);
    Image image;
    if (!handle)
        return image;
    cairo_surface_t* surface = cairo_image_surface_create(CAIRO_FORMAT_ARGB32, width_px, height_px);
    cairo_t* cairo = cairo_create(surface);
    // At the size that the file states, scaled: without a view box librsvg draws no larger in a larger viewport.
    rsvg_handle_set_dpi(handle, 96);
    double width = 0, height = 0;
    if (!rsvg_handle_get_intrinsic_size_in_pixels(handle, &width, &height)) {
        width = width_px;
        height = height_px;
    }
    cairo_scale(cairo, width_px / width, width_px / width);
    const RsvgRectangle viewport{0, 0, width, height};
    if (rsvg_handle_render_document(handle, cairo, &viewport, nullptr))
        image = from_surface(surface);
    cairo_destroy(cairo);
    cairo_surface_destroy(surface);
    g_object_unref(handle);
    return image;
}

PictureDifference difference(const Image& a, const Image& b) {
    double different = 0, covered = 0, colour = 0;
    for (std::size_t i = 0; i + 3 < std::min(a.rgba.size(), b.rgba.size()); i += 4) {
        const int alpha = a.rgba[i + 3], other = b.rgba[i + 3];
        different += std::abs(alpha - other);
        covered += std::max(alpha, other);
        for (std::size_t k = 0; k < 3; ++k) {
            const double on_white = a.rgba[i + k] * alpha / 255.0 + 255 - alpha;
            colour += std::abs(on_white - (b.rgba[i + k] * other / 255.0 + 255 - other)) / 3;
        }
    }
    if (covered == 0)
        return {};
    return {different / covered, colour / (covered / 255)};
}

Image drawn_by_cairo(const Drawing& drawing, int width_px) {
    const double scale = width_px / drawing.size.width;
    cairo_surface_t* surface = cairo_image_surface_create(CAIRO_FORMAT_ARGB32, width_px,
                                                          static_cast<int>(std::lround(scale * drawing.size.height)));
    cairo_t* cairo = cairo_create(surface);
    cairo_scale(cairo, scale, scale);
    for (const Part& part : drawing.parts)
        for (const Painted& painted : part.paints) {
            cairo_save(cairo);
            if (painted.area)
                trace(cairo, *painted.area);
            if (const Rgb* c = std::get_if<Rgb>(&painted.ink)) {
                cairo_set_source_rgba(cairo, c->red / 255.0, c->green / 255.0, c->blue / 255.0, painted.opacity);
                cairo_fill(cairo);
            } else {
                if (painted.area)
                    cairo_clip(cairo);
                else {
                    const Area whole{
                        transformed(Outline{{contour_of(corners_of({{0, 0}, {1, 1}}))}}, painted.from_unit),
                        FillRule::nonzero};
                    trace(cairo, whole);
                    cairo_clip(cairo);
                }
                draw_picture(cairo, *std::get<Pixels>(painted.ink).get(), painted.from_unit);
            }
            cairo_restore(cairo);
        }
    cairo_destroy(cairo);
    Image image = from_surface(surface);
    cairo_surface_destroy(surface);
    return image;
}

} // namespace fusuma::test
