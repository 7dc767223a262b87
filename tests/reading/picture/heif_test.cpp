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

QByteArray written(heif_context* context) {
    QByteArray bytes;
    heif_writer writer{1, [](heif_context*, const void* data, std::size_t size, void* into) {
                           static_cast<QByteArray*>(into)->append(static_cast<const char*>(data),
                                                                  static_cast<qsizetype>(size));
                           return heif_error{heif_error_Ok, heif_suberror_Unspecified, ""};
                       }};
    heif_context_write(context, &writer, &bytes);
    return bytes;
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
    const QByteArray bytes = written(context);
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

TEST(HeifAlpha, ColoursThatAreStoredAsPaleAsTheyAreClearBecomeTheirOwn) {
    const std::unique_ptr<heif_context, decltype(&heif_context_free)> context(heif_context_alloc(), heif_context_free);
    heif_encoder* encoder = nullptr;
    if (heif_context_get_encoder_for_format(context.get(), heif_compression_AV1, &encoder).code != heif_error_Ok)
        GTEST_SKIP() << "libheif has no such encoder here";
    heif_encoder_set_lossless(encoder, 1);
    heif_image* image = nullptr;
    heif_image_create(64, 64, heif_colorspace_RGB, heif_chroma_interleaved_RGBA, &image);
    heif_image_add_plane(image, heif_channel_interleaved, 64, 64, 8);
    heif_image_set_premultiplied_alpha(image, 1);
    int stride = 0;
    std::uint8_t* plane = heif_image_get_plane(image, heif_channel_interleaved, &stride);
    constexpr std::array<std::uint8_t, 4> half_an_orange{120, 60, 0, 128};
    for (int y = 0; y < 64; ++y)
        for (int x = 0; x < 64; ++x)
            std::ranges::copy(half_an_orange, plane + y * stride + 4 * x);
    ASSERT_EQ(heif_context_encode_image(context.get(), image, encoder, nullptr, nullptr).code, heif_error_Ok);
    const auto picture = decode_picture(written(context.get()), QStringLiteral("orange.avif"));
    heif_image_release(image);
    heif_encoder_release(encoder);
    ASSERT_TRUE(picture);
    const auto kept = (*picture)->pixels.get();
    const std::array whole_orange{239, 120, 0, 128};
    for (std::size_t k = 0; k < 4; ++k)
        EXPECT_NEAR(kept->rgba[k], whole_orange[k], 6);
}

INSTANTIATE_TEST_SUITE_P(Encoders, Heif, testing::Values(heif_compression_HEVC, heif_compression_AV1));

/// The file with these facts in it.
QByteArray with_exif(const QByteArray& file, const Exiv2::ExifData& exif) {
    auto image = Exiv2::ImageFactory::open(reinterpret_cast<const Exiv2::byte*>(file.constData()), file.size());
    image->setExifData(exif);
    image->writeMetadata();
    return {reinterpret_cast<const char*>(image->io().mmap()), static_cast<qsizetype>(image->io().size())};
}

QByteArray as_jpeg() {
    QByteArray jpeg;
    QBuffer buffer(&jpeg);
    quarters().save(&buffer, "JPEG");
    return jpeg;
}

TEST(CameraFacts, AreWhatExifSays) { // CIPA DC-008
    const QByteArray jpeg = as_jpeg();
    EXPECT_EQ(camera_facts(jpeg), CameraFacts{});
    Exiv2::ExifData exif;
    exif["Exif.Image.Make"] = "Brindle";
    exif["Exif.Image.Model"] = "Brindle Quay 3";
    exif["Exif.Photo.FocalLengthIn35mmFilm"] = std::uint16_t{27};
    const QByteArray with = with_exif(jpeg, exif);
    EXPECT_EQ(camera_facts(with).model, "Brindle Quay 3");
    EXPECT_EQ(camera_facts(with).focal_35mm, 27);
    const auto picture = decode_picture(with, QStringLiteral("photo.jpg"));
    ASSERT_TRUE(picture);
    EXPECT_EQ((*picture)->camera.model, "Brindle Quay 3");
    EXPECT_EQ(camera_facts(with.first(40)), CameraFacts{});
    EXPECT_EQ(camera_facts("no picture"), CameraFacts{});
}

TEST(ExifDensity, IsAScannersNotACameras) {
    QByteArray plain = as_jpeg();
    plain[13] = 0; // of its own it states a proportion only
    const auto dpi_of = [&plain](const Exiv2::ExifData& exif) {
        const auto picture = decode_picture(with_exif(plain, exif), QStringLiteral("scan.jpg"));
        EXPECT_TRUE(picture);
        return (*picture)->dpi_is_stated ? (*picture)->dpi : 0;
    };
    Exiv2::ExifData scan;
    EXPECT_EQ(dpi_of(scan), 0);
    scan["Exif.Image.XResolution"] = Exiv2::URational{600, 1};
    EXPECT_EQ(dpi_of(scan), 600);
    scan["Exif.Image.ResolutionUnit"] = std::uint16_t{3};
    EXPECT_NEAR(dpi_of(scan), 1524, 0.01) << "per centimetre";
    scan["Exif.Image.ResolutionUnit"] = std::uint16_t{1};
    EXPECT_EQ(dpi_of(scan), 0) << "a proportion only";
    scan["Exif.Image.ResolutionUnit"] = std::uint16_t{2};
    Exiv2::ExifData camera = scan;
    camera["Exif.Photo.ExposureTime"] = Exiv2::URational{1, 60};
    EXPECT_EQ(dpi_of(camera), 0);
    for (const Exiv2::URational& senseless : {Exiv2::URational{72, 1}, {0, 1}, {1, 0}, {4'000'000'000U, 1}}) {
        scan["Exif.Image.XResolution"] = senseless;
        EXPECT_EQ(dpi_of(scan), 0) << senseless.first << " over " << senseless.second;
    }
}

} // namespace
} // namespace fusuma
