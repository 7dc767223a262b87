#include "reading/picture/jpeg_read.h"

#include "reading/picture/jpeg_errors.h"

#include <QtEndian>

namespace fusuma {

namespace {

/// Reads into an image that lives outside, so that nothing with a destructor is jumped over.
bool read_into(QImage& image, const QByteArray& file, bool has_inks, qint64 most_px) {
    jpeg_decompress_struct info;
    JpegErrors errors;
    info.err = errors.start();
    if (setjmp(errors.back)) {
        jpeg_destroy_decompress(&info);
        return false;
    }
    jpeg_create_decompress(&info);
    jpeg_mem_src(&info, reinterpret_cast<const unsigned char*>(file.constData()),
                 static_cast<unsigned long>(file.size()));
    jpeg_read_header(&info, TRUE);
    if (qint64{info.image_width} * info.image_height > most_px) {
        jpeg_destroy_decompress(&info);
        return false;
    }
    info.out_color_space = has_inks ? JCS_CMYK : JCS_EXT_RGBA;
    jpeg_start_decompress(&info);
    image = QImage(static_cast<int>(info.output_width), static_cast<int>(info.output_height),
                   has_inks ? QImage::Format_RGB32 : QImage::Format_RGBA8888);
    while (!image.isNull() && info.output_scanline < info.output_height) {
        JSAMPROW row = image.scanLine(static_cast<int>(info.output_scanline));
        jpeg_read_scanlines(&info, &row, 1);
    }
    const bool is_inverted = has_inks && info.saw_Adobe_marker != 0; // as Adobe's programs write them
    jpeg_finish_decompress(&info);
    jpeg_destroy_decompress(&info);
    for (int y = 0; is_inverted && y < image.height(); ++y)
        for (uchar *p = image.scanLine(y), *end = p + 4 * image.width(); p != end; ++p)
            *p = static_cast<uchar>(255 - *p);
    return !image.isNull();
}

} // namespace

bool is_cmyk_jpeg(const QByteArray& file) {
    if (!file.startsWith("\xff\xd8"))
        return false;
    for (qsizetype at = 2; at + 10 <= file.size();) {
        const auto marker = static_cast<unsigned char>(file[at + 1]);
        if (static_cast<unsigned char>(file[at]) != 0xff || marker == 0xda)
            return false;
        const bool is_frame = marker >= 0xc0 && marker <= 0xcf && marker != 0xc4 && marker != 0xc8 && marker != 0xcc;
        if (is_frame)
            return file[at + 9] == 4;
        at += 2 + qFromBigEndian<quint16>(file.constData() + at + 2);
    }
    return false;
}

QImage read_jpeg(const QByteArray& file, qint64 most_px) {
    QImage image;
    return read_into(image, file, is_cmyk_jpeg(file), most_px) ? image : QImage();
}

} // namespace fusuma
