#include <librsvg/rsvg.h>

#include "tests/support/drawing_truth.h"

#include "core/drawing/parts.h"

#include <cmath>

namespace fusuma::test {

Image rendered(const QByteArray& svg, int width_px, int height_px) {
    GInputStream* stream = g_memory_input_stream_new_from_data(svg.constData(), svg.size(), nullptr);
    RsvgHandle* handle = rsvg_handle_new_from_stream_sync(stream, nullptr, RSVG_HANDLE_FLAG_UNLIMITED, nullptr, nullptr);
    g_object_unref(stream);
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
    if (rsvg_handle_render_document(handle, cairo, &viewport, nullptr)) {
        cairo_surface_flush(surface);
        image = Image(width_px, height_px);
        for (int y = 0; y < height_px; ++y) {
            const auto* row = reinterpret_cast<const std::uint32_t*>(cairo_image_surface_get_data(surface) +
                                                                     y * cairo_image_surface_get_stride(surface));
            for (int x = 0; x < width_px; ++x) {
                std::uint8_t* to = &image.rgba[4 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(width_px) +
                                                    static_cast<std::size_t>(x))];
                const std::uint32_t alpha = row[x] >> 24;
                for (int k = 0; k < 3; ++k)
                    to[k] = static_cast<std::uint8_t>(
                        alpha ? std::min(255U, ((row[x] >> (16 - 8 * k)) & 255) * 255 / alpha) : 0);
                to[3] = static_cast<std::uint8_t>(alpha);
            }
        }
    }
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

Image rasterised(const Drawing& drawing, int width_px) {
    return fusuma::rasterised(*drawn(drawing, all_parts(drawing)).art, width_px);
}

} // namespace fusuma::test
