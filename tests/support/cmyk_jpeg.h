#pragma once

#include <QByteArray>
#include <array>
#include <cstdio> // before jpeglib.h, which needs it
#include <cstdlib>
#include <vector>

#include <jpeglib.h>

namespace fusuma::test {

/// A JPEG of inks, written as the Adobe marker asks: inverted.
/// @param inks_at  cyan, magenta, yellow and black of a pixel, 0–255
template <typename InksAt>
QByteArray cmyk_jpeg(unsigned width, unsigned height, InksAt&& inks_at, const QByteArray& profile = {}) {
    jpeg_compress_struct info;
    jpeg_error_mgr errors;
    info.err = jpeg_std_error(&errors);
    jpeg_create_compress(&info);
    unsigned char* out = nullptr;
    unsigned long size = 0;
    jpeg_mem_dest(&info, &out, &size);
    info.image_width = width;
    info.image_height = height;
    info.input_components = 4;
    info.in_color_space = JCS_CMYK;
    jpeg_set_defaults(&info);
    jpeg_set_quality(&info, 95, TRUE);
    jpeg_start_compress(&info, TRUE);
    if (!profile.isEmpty()) {
        const QByteArray marker = QByteArray("ICC_PROFILE\0\x01\x01", 14) + profile;
        jpeg_write_marker(&info, JPEG_APP0 + 2, reinterpret_cast<const JOCTET*>(marker.constData()),
                          static_cast<unsigned>(marker.size()));
    }
    while (info.next_scanline < info.image_height) {
        std::vector<unsigned char> row;
        for (unsigned x = 0; x < width; ++x)
            for (const int ink : std::array<int, 4>(inks_at(x, info.next_scanline)))
                row.push_back(static_cast<unsigned char>(255 - ink));
        JSAMPROW rows[] = {row.data()};
        jpeg_write_scanlines(&info, rows, 1);
    }
    jpeg_finish_compress(&info);
    jpeg_destroy_compress(&info);
    const QByteArray bytes(reinterpret_cast<const char*>(out), static_cast<qsizetype>(size));
    std::free(out);
    return bytes;
}

} // namespace fusuma::test
