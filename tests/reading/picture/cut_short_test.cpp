// Files that end too early, as after a broken download: refused, or whole, never a picture with a part made up.

#include "reading/picture/decode_picture.h"
#include "tests/support/cmyk_jpeg.h"
#include "tests/support/samples.h"

#include <QBuffer>
#include <QImage>
#include <QImageWriter>
#include <gmock/gmock.h>

namespace fusuma {
namespace {

QImage pattern() {
    QImage image(90, 70, QImage::Format_RGBA8888);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            image.setPixelColor(x, y, QColor((x * 37 + y * 11) % 256, (x * y) % 256, (x * 5) % 256, 255));
    return image;
}

QByteArray written(const char* format, const QImage& image = pattern()) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    EXPECT_TRUE(QImageWriter(&buffer, format).write(image)) << format;
    return bytes;
}

/// GIF with one picture of 4 colours, whose codes are never packed: a clear before every run (GIF89a, appendix F).
QByteArray gif() {
    QByteArray bytes("GIF89a\x5a\0\x46\0\x81\0\0", 13);
    for (const int grey : {0, 80, 160, 255})
        bytes.append(3, static_cast<char>(grey));
    bytes.append("\x2c\0\0\0\0\x5a\0\x46\0\0\x02", 11);
    QByteArray codes;
    unsigned bits = 0;
    int count = 0;
    const auto put = [&](unsigned code) {
        bits |= code << count;
        for (count += 3; count >= 8; count -= 8, bits >>= 8)
            codes.append(static_cast<char>(bits & 255));
    };
    for (int i = 0; i < 90 * 70; ++i) {
        if (i % 2 == 0)
            put(4); // clear
        put(static_cast<unsigned>((i / 90 + i % 90 / 8) % 4));
    }
    put(5); // end
    codes.append(static_cast<char>(bits));
    for (qsizetype at = 0; at < codes.size(); at += 255) {
        const QByteArray block = codes.mid(at, 255);
        bytes.append(static_cast<char>(block.size())).append(block);
    }
    return bytes.append("\0;", 2);
}

QByteArray cmyk_jpeg() {
    return test::cmyk_jpeg(90, 70, [](unsigned x, unsigned y) {
        return std::array{static_cast<int>(x * 7 % 256), static_cast<int>(y * 3), static_cast<int>((x + y) % 256), 20};
    });
}

/// A small picture within a JPEG, as cameras put there, has an end of its own.
QByteArray with_thumbnail(const QByteArray& jpeg) {
    const QByteArray small = written("jpeg", pattern().scaled(20, 16));
    QByteArray segment("\xff\xe1", 2);
    const auto size = static_cast<int>(small.size() + 2);
    segment.append(static_cast<char>(size >> 8)).append(static_cast<char>(size & 255)).append(small);
    return jpeg.left(2) + segment + jpeg.mid(2);
}

TEST(CutShort, IsNeverTakenForAWholePicture) {
    const std::pair<const char*, QByteArray> files[] = {{"PNG", written("png")},
                                                        {"JPEG", written("jpeg")},
                                                        {"JPEG with a thumbnail", with_thumbnail(written("jpeg"))},
                                                        {"CMYK JPEG", cmyk_jpeg()},
                                                        {"BMP", written("bmp")},
                                                        {"WebP", written("webp")},
                                                        {"TIFF", written("tiff")},
                                                        {"GIF", gif()}};
    for (const auto& [name, whole] : files) {
        const auto read = decode_picture(whole, QStringLiteral("art"));
        ASSERT_TRUE(read) << name << ": " << read.problem().english();
        const auto kept = (*read)->pixels.get();
        const Image& right = *kept;
        EXPECT_EQ(right.width, 90);
        for (int k = 0; k < 60; ++k) {
            const qsizetype length = k < 50 ? whole.size() * k / 50 : whole.size() - 1 - (k - 50);
            const auto cut = decode_picture(whole.left(length), QStringLiteral("art"));
            EXPECT_TRUE(!cut || (*cut)->pixels.get()->rgba == right.rgba)
                << name << " cut at " << length << " of " << whole.size();
        }
    }
}

} // namespace
} // namespace fusuma
