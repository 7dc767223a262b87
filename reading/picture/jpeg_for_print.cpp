#include "reading/picture/jpeg_for_print.h"

#include "reading/picture/colour_profile.h"
#include "reading/picture/cut_short.h"
#include "reading/picture/jpeg_errors.h"

#include <QBuffer>
#include <QImageReader>
#include <array>
#include <cstdlib>
#include <string>
#include <utility>

namespace fusuma {

namespace {

/// Does it leave all colours as they are? One that is broken does: it is not used.
bool is_srgb(const QByteArray& profile) {
    if (profile.isEmpty())
        return true;
    constexpr int steps = 9;
    QImage colours(steps * steps, steps, QImage::Format_RGBA8888);
    for (int y = 0; y < colours.height(); ++y)
        for (int x = 0; x < colours.width(); ++x) {
            uchar* p = colours.scanLine(y) + 4 * x;
            for (const int part : {x % steps, x / steps, y})
                *p++ = static_cast<uchar>(part * 255 / (steps - 1));
            *p = 255;
        }
    QImage converted = colours;
    if (!convert_to_srgb(converted, profile))
        return true;
    constexpr int unseen = 2; // of 255: how finely profiles' tables are rounded
    const uchar *before = colours.constBits(), *after = converted.constBits();
    for (qsizetype i = 0; i < colours.sizeInBytes(); ++i)
        if (std::abs(before[i] - after[i]) > unseen)
            return false;
    return true;
}

/// Where libjpeg writes to. It lives outside of what libjpeg's errors jump over.
struct Written : jpeg_destination_mgr {
    std::string bytes;
    std::array<JOCTET, 1 << 16> part;

    Written() : jpeg_destination_mgr{} {
        init_destination = start_part;
        empty_output_buffer = [](j_compress_ptr info) -> boolean {
            keep(info, of(info).part.size());
            start_part(info);
            return TRUE;
        };
        term_destination = [](j_compress_ptr info) { keep(info, of(info).part.size() - of(info).free_in_buffer); };
    }

  private:
    static Written& of(j_compress_ptr info) { return *static_cast<Written*>(info->dest); }
    static void start_part(j_compress_ptr info) {
        of(info).next_output_byte = of(info).part.data();
        of(info).free_in_buffer = of(info).part.size();
    }
    static void keep(j_compress_ptr info, std::size_t size) {
        of(info).bytes.append(reinterpret_cast<const char*>(of(info).part.data()), size);
    }
};

/// @return  how large the picture is; nothing when it has other colours or is damaged
QSize recode(const QByteArray& file, Written& to) {
    jpeg_decompress_struct from{};
    jpeg_compress_struct into{};
    JpegErrors errors;
    from.err = into.err = errors.start();
    QSize size;
    if (setjmp(errors.back) == 0) {
        jpeg_create_decompress(&from);
        jpeg_create_compress(&into);
        jpeg_mem_src(&from, reinterpret_cast<const unsigned char*>(file.constData()),
                     static_cast<unsigned long>(file.size()));
        jpeg_read_header(&from, TRUE);
        if (from.num_components == 3 && from.data_precision == 8) {
            jvirt_barray_ptr* const blocks = jpeg_read_coefficients(&from);
            jpeg_copy_critical_parameters(&from, &into);
            into.optimize_coding = TRUE;
            into.dest = &to;
            jpeg_write_coefficients(&into, blocks);
            jpeg_finish_compress(&into);
            jpeg_finish_decompress(&from);
            if (errors.warnings() == 0)
                size = {static_cast<int>(from.image_width), static_cast<int>(from.image_height)};
        }
    }
    jpeg_destroy_compress(&into);
    jpeg_destroy_decompress(&from);
    return size;
}

} // namespace

std::optional<PrintJpeg> jpeg_for_print(const QByteArray& file) {
    if (!file.startsWith("\xff\xd8") || is_cut_short(file) || !is_srgb(embedded_profile(file)))
        return std::nullopt;
    Written written;
    const QSize size = recode(file, written);
    if (size.isEmpty())
        return std::nullopt;
    QBuffer buffer;
    buffer.setData(file);
    buffer.open(QIODevice::ReadOnly);
    const QImageIOHandler::Transformations orientation = QImageReader(&buffer, "jpeg").transformation();
    PrintJpeg jpeg{.file = std::move(written.bytes),
                   .width = size.width(),
                   .height = size.height(),
                   .stored_width = size.width(),
                   .stored_height = size.height()};
    // Mirroring comes before turning in these flags.
    if (orientation & QImageIOHandler::TransformationMirror)
        jpeg.turned = jpeg.turned.then({-1, 0, 0, 1, 1, 0});
    if (orientation & QImageIOHandler::TransformationFlip)
        jpeg.turned = jpeg.turned.then({1, 0, 0, -1, 0, 1});
    if (orientation & QImageIOHandler::TransformationRotate90) {
        jpeg.turned = jpeg.turned.then({0, 1, -1, 0, 1, 0});
        std::swap(jpeg.width, jpeg.height);
    }
    return jpeg;
}

} // namespace fusuma
