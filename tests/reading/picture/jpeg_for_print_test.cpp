// What of a JPEG file goes on into a print file: the very same picture, nothing else, and nothing of strange files.

#include "reading/picture/jpeg_for_print.h"

#include "reading/picture/decode_picture.h"
#include "tests/support/cmyk_jpeg.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImage>
#include <QImageReader>
#include <exiv2/exiv2.hpp>
#include <gtest/gtest.h>
#include <random>

namespace fusuma {
namespace {

/// No side like another, so that a turned one is told.
QImage patches(int width = 90, int height = 60) {
    QImage image(width, height, QImage::Format_RGB32);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            image.setPixelColor(x, y, {x * 255 / width, y * 255 / height, (x / 15 + y / 15) % 2 * 120});
    return image;
}

QByteArray jpeg_of(const QImage& image) {
    QByteArray file;
    QBuffer buffer(&file);
    EXPECT_TRUE(image.save(&buffer, "JPEG", 92));
    return file;
}

QByteArray with_exif(const QByteArray& file, int orientation) {
    const auto image = Exiv2::ImageFactory::open(reinterpret_cast<const Exiv2::byte*>(file.constData()), file.size());
    Exiv2::ExifData exif;
    exif["Exif.Image.Orientation"] = static_cast<std::uint16_t>(orientation);
    exif["Exif.Image.ImageDescription"] = "at home, second floor";
    exif["Exif.GPSInfo.GPSLatitude"] = "54/1 36/1 20/1";
    image->setExifData(exif);
    image->writeMetadata();
    image->io().open();
    const Exiv2::DataBuf bytes = image->io().read(static_cast<long>(image->io().size()));
    return {reinterpret_cast<const char*>(bytes.pData_), static_cast<qsizetype>(bytes.size_)};
}

QByteArray with_profile(const QByteArray& file, const QByteArray& profile) {
    QByteArray marker("\xff\xe2", 2);
    const qsizetype size = profile.size() + 16;
    marker += static_cast<char>(size >> 8);
    marker += static_cast<char>(size & 255);
    marker += QByteArray("ICC_PROFILE\0\1\1", 14) + profile;
    return file.first(2) + marker + file.sliced(2);
}

QImage decoded(const PrintJpeg& jpeg) {
    return QImage::fromData(QByteArray::fromStdString(jpeg.file), "JPEG").convertToFormat(QImage::Format_RGB32);
}

TEST(JpegForPrint, IsTheSamePictureAndNothingElse) {
    const QByteArray file = with_exif(jpeg_of(patches()), 1);
    ASSERT_TRUE(file.contains("second floor"));
    const auto jpeg = jpeg_for_print(file);
    ASSERT_TRUE(jpeg);
    EXPECT_EQ(decoded(*jpeg), QImage::fromData(file).convertToFormat(QImage::Format_RGB32)) << "every pixel";
    EXPECT_EQ(jpeg->file.find("second floor"), std::string::npos);
    EXPECT_EQ(jpeg->file.find("Exif"), std::string::npos) << "where it was taken is nobody's business";
    EXPECT_LE(jpeg->file.size(), static_cast<std::size_t>(file.size()));
}

TEST(JpegForPrint, LiesAsItIsSeenHoweverTheCameraWasHeld) {
    for (int orientation = 1; orientation <= 8; ++orientation) {
        const QByteArray file = with_exif(jpeg_of(patches()), orientation);
        const auto jpeg = jpeg_for_print(file);
        ASSERT_TRUE(jpeg) << orientation;
        const auto seen = decode_picture(file, QStringLiteral("held.jpg"));
        ASSERT_TRUE(seen);
        const auto image = (*seen)->pixels.get();
        QBuffer buffer; // Qt's own reader, which turns by itself
        buffer.setData(file);
        QImageReader reader(&buffer);
        reader.setAutoTransform(true);
        const QImage by_qt = reader.read().convertToFormat(QImage::Format_RGBA8888);
        ASSERT_EQ(QSize(image->width, image->height), by_qt.size()) << orientation;
        EXPECT_EQ(QImage(image->rgba.data(), image->width, image->height, QImage::Format_RGBA8888), by_qt)
            << orientation;
        EXPECT_EQ(jpeg->width, image->width) << orientation;
        EXPECT_EQ(jpeg->height, image->height) << orientation;
        const QImage stored = decoded(*jpeg);
        EXPECT_EQ(jpeg->stored_width, stored.width());
        for (const QPoint at : {QPoint(3, 4), QPoint(80, 7), QPoint(20, 50), QPoint(77, 55)}) {
            const Point there = jpeg->turned.apply({(at.x() + 0.5) / stored.width(), (at.y() + 0.5) / stored.height()});
            const std::uint8_t* p = image->rgba.data() + 4 * (static_cast<int>(there.y * image->height) * image->width +
                                                              static_cast<int>(there.x * image->width));
            EXPECT_EQ(QColor(p[0], p[1], p[2]), stored.pixelColor(at)) << orientation;
        }
    }
}

TEST(JpegForPrint, OnlyColoursThatAreSrgbsGoOn) {
    const QByteArray plain = jpeg_of(patches());
    EXPECT_TRUE(jpeg_for_print(with_profile(plain, QColorSpace(QColorSpace::SRgb).iccProfile())));
    EXPECT_FALSE(jpeg_for_print(with_profile(plain, QColorSpace(QColorSpace::DisplayP3).iccProfile())));
    EXPECT_FALSE(jpeg_for_print(with_profile(plain, QColorSpace(QColorSpace::AdobeRgb).iccProfile())));
    EXPECT_TRUE(jpeg_for_print(with_profile(plain, "no profile at all"))) << "its colours are taken as they are";
    EXPECT_FALSE(jpeg_for_print(jpeg_of(patches().convertToFormat(QImage::Format_Grayscale8))));
    EXPECT_FALSE(jpeg_for_print(test::cmyk_jpeg(32, 16, [](unsigned, unsigned) { return std::array{0, 9, 9, 0}; })));
}

TEST(JpegForPrint, NothingOfOtherFilesAndOfWhatIsCutShort) {
    QByteArray png;
    QBuffer buffer(&png);
    ASSERT_TRUE(patches().save(&buffer, "PNG"));
    EXPECT_FALSE(jpeg_for_print(png));
    EXPECT_FALSE(jpeg_for_print({}));
    const QByteArray whole = jpeg_of(patches());
    for (qsizetype size = 2; size < whole.size(); size += 31)
        EXPECT_FALSE(jpeg_for_print(whole.first(size))) << size;
}

/// Whatever a damaged file still comes to is sound: no decoder of a printer has anything to complain about.
TEST(JpegForPrint, OfDamagedFilesNothingStrangeGoesOn) {
    const QByteArray whole = jpeg_of(patches(200, 150));
    std::mt19937 random(7);
    int went_on = 0;
    for (int round = 0; round < 300; ++round) {
        QByteArray file = whole;
        for (unsigned k = 0; k <= random() % 4; ++k)
            file[static_cast<qsizetype>(random() % static_cast<unsigned>(file.size()))] = static_cast<char>(random());
        const auto jpeg = jpeg_for_print(file);
        if (!jpeg)
            continue;
        ++went_on;
        const auto again = jpeg_for_print(QByteArray::fromStdString(jpeg->file));
        ASSERT_TRUE(again) << round;
        EXPECT_EQ(again->file, jpeg->file) << "it is as clean as it gets";
        EXPECT_EQ(decoded(*jpeg).size(), QSize(jpeg->stored_width, jpeg->stored_height));
    }
    EXPECT_GT(went_on, 5);
}

} // namespace
} // namespace fusuma
