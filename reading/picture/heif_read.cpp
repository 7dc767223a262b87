#include "reading/picture/heif_read.h"

#include <libheif/heif.h>

#include <array>
#include <cstring>
#include <memory>
#include <string_view>

namespace fusuma {

bool is_heif(const QByteArray& bytes) {
    constexpr qsizetype brand_at = 8;
    if (bytes.size() < 12 || bytes.sliced(4, 4) != "ftyp")
        return false;
    constexpr std::array<std::string_view, 8> brands{"heic", "heix", "heim", "heis", "mif1", "msf1", "avif", "avis"};
    const std::string_view brand(bytes.constData() + brand_at, 4);
    return std::ranges::find(brands, brand) != brands.end();
}

Result<HeifRead> read_heif(const QByteArray& bytes, qint64 most_px) {
    const Problem damaged{"is damaged or cut short."_said, "Export or download it again."_said};
    const std::unique_ptr<heif_context, decltype(&heif_context_free)> context(heif_context_alloc(), heif_context_free);
    if (heif_context_read_from_memory_without_copy(context.get(), bytes.constData(),
                                                   static_cast<std::size_t>(bytes.size()), nullptr)
            .code != heif_error_Ok)
        return damaged;
    heif_image_handle* raw_handle = nullptr;
    if (heif_context_get_primary_image_handle(context.get(), &raw_handle).code != heif_error_Ok)
        return damaged;
    const std::unique_ptr<heif_image_handle, decltype(&heif_image_handle_release)> handle(raw_handle,
                                                                                          heif_image_handle_release);
    const qint64 width = heif_image_handle_get_width(handle.get()), height = heif_image_handle_get_height(handle.get());
    if (width < 1 || height < 1)
        return damaged;
    if (width * height > most_px)
        return Problem{
            "has {width} × {height} pixels, more than the 200 million that Fusuma can open."_said.with("width", width)
                .with("height", height),
            "Save a smaller copy and open that."_said};
    heif_image* raw_image = nullptr;
    const heif_error decoded =
        heif_decode_image(handle.get(), &raw_image, heif_colorspace_RGB, heif_chroma_interleaved_RGBA, nullptr);
    if (decoded.code == heif_error_Unsupported_filetype || decoded.code == heif_error_Unsupported_feature)
        return Problem{"is packed in a way that this computer cannot unpack."_said, "Save it as JPEG or PNG."_said};
    if (decoded.code != heif_error_Ok)
        return damaged;
    const std::unique_ptr<heif_image, decltype(&heif_image_release)> image(raw_image, heif_image_release);
    int stride = 0;
    const std::uint8_t* plane = heif_image_get_plane_readonly(image.get(), heif_channel_interleaved, &stride);
    const int w = heif_image_get_width(image.get(), heif_channel_interleaved),
              h = heif_image_get_height(image.get(), heif_channel_interleaved);
    if (!plane || w < 1 || h < 1 || qint64{w} * h > most_px)
        return damaged;
    HeifRead read{QImage(w, h, QImage::Format_RGBA8888), {}};
    if (read.rgba.isNull())
        return Problem{"needs more memory than there is."_said};
    for (int y = 0; y < h; ++y)
        std::memcpy(read.rgba.scanLine(y), plane + static_cast<std::ptrdiff_t>(y) * stride,
                    static_cast<std::size_t>(w) * 4);
    if (heif_image_handle_is_premultiplied_alpha(handle.get()) != 0) {
        read.rgba.reinterpretAsFormat(QImage::Format_RGBA8888_Premultiplied);
        read.rgba.convertTo(QImage::Format_RGBA8888);
    }
    if (const std::size_t size = heif_image_handle_get_raw_color_profile_size(handle.get());
        size > 0 && size < (std::size_t{16} << 20)) {
        read.profile.resize(static_cast<qsizetype>(size));
        if (heif_image_handle_get_raw_color_profile(handle.get(), read.profile.data()).code != heif_error_Ok)
            read.profile.clear();
    }
    return read;
}

} // namespace fusuma
