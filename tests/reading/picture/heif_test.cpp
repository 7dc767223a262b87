// HEIC and AVIF as libheif's own encoders write them, with their turn; camera facts; and damaged files.

#include "reading/picture/camera_facts.h"
#include "reading/picture/decode_picture.h"
#include "reading/picture/heif_read.h"

#include <QBuffer>
#include <exiv2/exiv2.hpp>
#include <gmock/gmock.h>
#include <libheif/heif.h>

namespace fusuma {
namespace {

using testing::HasSubstr;

/// A picture with a colour in each quarter.
QImage quarters() {
    QImage image(96, 64, QImage::Format_RGB888);
    for (int y = 0; y < 64; ++y)
        for (int x = 0; x < 96; ++x)
            image.setPixelColor(x, y, x < 48 ? (y < 32 ? Qt::red : Qt::blue) : (y < 32 ? Qt::green : Qt::yellow));
    return image;
}

QByteArray encoded(heif_compression_format how) {
    heif_context* context = heif_context_alloc();
    heif_encoder* encoder = nullptr;
    if (heif_context_get_encoder_for_format(context, how, &encoder).code != heif_error_Ok) {
        heif_context_free(context);
        return {};
    }
    heif_encoder_set_lossy_quality(encoder, 95);
    heif_image* image = nullptr;
    heif_image_create(96, 64, heif_colorspace_RGB, heif_chroma_interleaved_RGB, &image);
    heif_image_add_plane(image, heif_channel_interleaved, 96, 64, 8);
    int stride = 0;
    std::uint8_t* plane = heif_image_get_plane(image, heif_channel_interleaved, &stride);
    const QImage source = quarters();
    for (int y = 0; y < 64; ++y)
        std::memcpy(plane + y * stride, source.constScanLine(y), 96 * 3);
    EXPECT_EQ(heif_context_encode_image(context, image, encoder, nullptr, nullptr).code, heif_error_Ok);
    QByteArray bytes;
    heif_writer writer{1, [](heif_context*, const void* data, std::size_t size, void* into) {
                           static_cast<QByteArray*>(into)->append(static_cast<const char*>(data),
                                                                  static_cast<qsizetype>(size));
                           return heif_error{heif_error_Ok, heif_suberror_Unspecified, ""};
                       }};
    heif_context_write(context, &writer, &bytes);
    heif_image_release(image);
    heif_encoder_release(encoder);
    heif_context_free(context);
    return bytes;
}

class Heif : public testing::TestWithParam<heif_compression_format> {};

TEST_P(Heif, IsReadAsItsEncoderWroteIt) {
    const QByteArray bytes = encoded(GetParam());
    if (bytes.isEmpty())
        GTEST_SKIP() << "libheif has no such encoder here";
    ASSERT_TRUE(is_heif(bytes));
    const auto picture = decode_picture(bytes, QStringLiteral("photo.heic"));
    ASSERT_TRUE(picture);
    const auto kept = (*picture)->pixels.get();
    const Image& px = *kept;
    ASSERT_EQ(px.width, 96);
    ASSERT_EQ(px.height, 64);
    const QImage truth = quarters();
    for (const auto& [x, y] : {std::pair{20, 12}, {70, 12}, {20, 50}, {70, 50}})
        for (int k = 0; k < 3; ++k) {
            const QColor c = truth.pixelColor(x, y);
            const int want = k == 0 ? c.red() : k == 1 ? c.green() : c.blue();
            EXPECT_NEAR(px.rgba[4 * static_cast<std::size_t>(y * 96 + x) + static_cast<std::size_t>(k)], want, 14);
        }
    // Cut short or with bits changed it is a sentence or a picture, never more.
    for (const qsizetype length : {bytes.size() / 3, bytes.size() - 20, qsizetype{13}}) {
        const auto cut = decode_picture(bytes.first(length), QStringLiteral("photo.heic"));
        if (!cut) {
            EXPECT_THAT(cut.problem().english(), HasSubstr("photo.heic"));
        }
    }
    for (qsizetype at = 16; at < bytes.size(); at += 7) {
        QByteArray wrong = bytes;
        wrong[at] = static_cast<char>(wrong[at] ^ 0x5a);
        static_cast<void>(decode_picture(wrong, QStringLiteral("photo.heic")));
    }
}

INSTANTIATE_TEST_SUITE_P(Encoders, Heif, testing::Values(heif_compression_HEVC, heif_compression_AV1));

TEST(CameraFacts, AreWhatExifSays) { // CIPA DC-008
    QByteArray jpeg;
    QBuffer buffer(&jpeg);
    buffer.open(QIODevice::WriteOnly);
    quarters().save(&buffer, "JPEG");
    EXPECT_EQ(camera_facts(jpeg), CameraFacts{});
    auto image = Exiv2::ImageFactory::open(reinterpret_cast<const Exiv2::byte*>(jpeg.constData()), jpeg.size());
    Exiv2::ExifData exif;
    exif["Exif.Image.Make"] = "Brindle";
    exif["Exif.Image.Model"] = "Brindle Quay 3";
    exif["Exif.Photo.FocalLengthIn35mmFilm"] = std::uint16_t{27};
    image->setExifData(exif);
    image->writeMetadata();
    const QByteArray with(reinterpret_cast<const char*>(image->io().mmap()),
                          static_cast<qsizetype>(image->io().size()));
    EXPECT_EQ(camera_facts(with).model, "Brindle Quay 3");
    EXPECT_EQ(camera_facts(with).focal_35mm, 27);
    const auto picture = decode_picture(with, QStringLiteral("photo.jpg"));
    ASSERT_TRUE(picture);
    EXPECT_EQ((*picture)->camera.model, "Brindle Quay 3");
    EXPECT_EQ(camera_facts(with.first(40)), CameraFacts{});
    EXPECT_EQ(camera_facts("no picture"), CameraFacts{});
}

} // namespace
} // namespace fusuma
