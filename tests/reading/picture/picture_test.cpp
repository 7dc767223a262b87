#include "core/raster/alpha.h"
#include "formats/basics/file.h"
#include "reading/picture/decode_picture.h"
#include "tests/support/png_crc.h"
#include "tests/support/samples.h"

#include <QBuffer>
#include <QColorSpace>
#include <QFile>
#include <QImage>
#include <QtEndian>
#include <gmock/gmock.h>

namespace fusuma {
namespace {

QByteArray encoded(const QImage& image, const char* format) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    EXPECT_TRUE(image.save(&buffer, format, 90));
    return bytes;
}

QImage sample(QImage::Format format = QImage::Format_ARGB32) {
    QImage image(40, 30, format);
    image.fill(QColor(10, 200, 30, 128));
    return image;
}

/// A PNG whose header claims this size, with hardly any data behind it.
QByteArray png_claiming(quint32 width, quint32 height) {
    QByteArray header = "IHDR" + QByteArray(13, '\0');
    qToBigEndian(width, header.data() + 4);
    qToBigEndian(height, header.data() + 8);
    header[12] = 8;
    header[13] = 6;
    QByteArray length(4, '\0'), crc(4, '\0');
    length[3] = 13;
    qToBigEndian(test::png_crc(header), crc.data());
    return "\x89PNG\r\n\x1a\n" + length + header + crc +
           QByteArray("\0\0\0\x08"
                      "IDAT"
                      "12345678",
                      16);
}

TEST(ReadPicture, KeepsPixelsAlphaAndTheOriginalBytes) {
    const QByteArray bytes = encoded(sample(), "PNG");
    const auto picture = read_picture(bytes, "folder/sample.png");
    ASSERT_TRUE(picture);
    EXPECT_EQ((*picture)->file_name, "sample.png");
    EXPECT_EQ((*picture)->pixels.width(), 40);
    const std::vector<std::uint8_t> first((*picture)->pixels.get()->rgba.begin(),
                                          (*picture)->pixels.get()->rgba.begin() + 4);
    EXPECT_THAT(first, testing::ElementsAre(10, 200, 30, 128)) << "straight alpha";
    EXPECT_EQ((*picture)->original->size(), static_cast<std::size_t>(bytes.size()));
}

TEST(ReadPicture, HonoursTheDensityOfPngAndJpeg) {
    QImage image = sample(QImage::Format_RGB32);
    image.setDotsPerMeterX(11811); // 300 dpi, as pHYs can state it
    image.setDotsPerMeterY(11811);
    EXPECT_NEAR((*decode_picture(encoded(image, "PNG"), "a.png"))->dpi, 300, 0.01);
    EXPECT_NEAR((*decode_picture(encoded(image, "JPG"), "a.jpg"))->dpi, 300, 1);
    QByteArray per_cm = encoded(image, "JPG");
    per_cm[13] = 2; // JFIF units: dots per centimetre
    EXPECT_NEAR(stated_dpi(per_cm), 300 * 2.54, 3);
}

TEST(ReadPicture, HonoursTheDensityOfBmpUnlessItIsAScreens) {
    QImage image = sample(QImage::Format_RGB32);
    image.setDotsPerMeterX(23622); // 600 dpi
    EXPECT_NEAR((*decode_picture(encoded(image, "BMP"), "scan.bmp"))->dpi, 600, 0.01);
    for (const int screens : {2835, 3780, 0}) { // 72, 96, and none
        QByteArray bmp = encoded(image, "BMP");
        qToLittleEndian(screens, bmp.data() + 38);
        EXPECT_FALSE((*decode_picture(bmp, "drawn.bmp"))->dpi_is_stated) << screens;
        EXPECT_EQ(stated_dpi(bmp.first(41)), 0);
    }
}

TEST(ReadPicture, TakesTheOtherUsualFormatsAndSixteenBits) {
    for (const char* format : {"BMP", "TIFF", "WEBP", "GIF"}) {
        QByteArray bytes;
        if (QByteArray(format) == "GIF") // Qt reads but does not write it: the smallest one, a red pixel
            bytes = QByteArray::fromHex("47494638376101000100800000ff0000ffffff2c00000000010001000002024401003b");
        else
            bytes = encoded(sample(QImage::Format_RGB32), format);
        const auto picture = decode_picture(bytes, "picture");
        ASSERT_TRUE(picture) << format << ": " << picture.problem().english();
        EXPECT_GT((*picture)->pixels.width(), 0) << format;
    }
    const auto deep = decode_picture(encoded(sample(QImage::Format_RGBA64), "PNG"), "deep.png");
    ASSERT_TRUE(deep);
    EXPECT_NEAR((*deep)->pixels.get()->rgba[1], 200, 1);
}

TEST(ReadPicture, BringsEmbeddedProfilesToSrgb) {
    QImage wide(8, 8, QImage::Format_RGB32);
    wide.fill(QColor(0, 255, 0));
    wide.setColorSpace(QColorSpace::AdobeRgb);
    const auto picture = decode_picture(encoded(wide, "PNG"), "wide.png");
    ASSERT_TRUE(picture);
    EXPECT_LT((*picture)->pixels.get()->rgba[0], 3) << "the green of the wider space lies outside sRGB and is clipped";
    EXPECT_GT((*picture)->pixels.get()->rgba[1], 250);
    wide.fill(QColor(128, 128, 128));
    const auto grey = decode_picture(encoded(wide, "PNG"), "grey.png");
    // Adobe RGB has a pure gamma of 2.2 (563/256), sRGB its own curve; mid grey moves by about one step.
    EXPECT_NEAR((*grey)->pixels.get()->rgba[0], 128, 2);
}

TEST(ReadPicture, AssumesThreeHundredWhereNothingIsStated) {
    QByteArray jpeg = encoded(sample(QImage::Format_RGB32), "JPG");
    jpeg[13] = 0; // JFIF units: only an aspect ratio
    const auto picture = decode_picture(jpeg, "a.jpg");
    ASSERT_TRUE(picture);
    EXPECT_EQ((*picture)->dpi, 300);
    EXPECT_FALSE((*picture)->dpi_is_stated);
}

struct BadFile {
    const char* name;
    QByteArray bytes;
    const char* words;
};

TEST(ReadPicture, RefusesWhatItCannotUseInOneClearSentence) {
    const QByteArray png = encoded(sample().scaled(400, 300), "PNG"),
                     jpeg = encoded(sample(QImage::Format_RGB32), "JPG");
    const BadFile cases[] = {
        {"empty.png", {}, "“empty.png” is empty."},
        {"text.png", "These are words, not a picture.", "not a picture that Fusuma can read"},
        {"short.png", png.first(png.size() / 2), "damaged or cut short"},
        {"short.jpg", jpeg.first(jpeg.size() / 2), "damaged or cut short"},
        {"header.png", png.first(20), "“header.png”"},
        {"nothing.png", png_claiming(0, 0), "“nothing.png”"},
        {"huge.png", png_claiming(30000, 30000), "30000 × 30000 pixels, more than the 200 million"}};
    for (const BadFile& bad : cases) {
        const auto picture = decode_picture(bad.bytes, bad.name);
        ASSERT_FALSE(picture) << bad.name;
        EXPECT_THAT(picture.problem().english(), testing::HasSubstr(bad.words));
        EXPECT_EQ(picture.problem().english().find('\n'), std::string::npos);
    }
}

TEST(ReadPicture, SaysWhyAPathCannotBeRead) {
    QTemporaryDir folder;
    EXPECT_THAT(read_picture(folder.filePath("missing.png")).problem().english(), testing::HasSubstr("does not exist"));
    EXPECT_THAT(read_picture(folder.path()).problem().english(), testing::HasSubstr("is a folder"));
}

TEST(DemoArtwork, OpensAtItsRealSize) {
    const auto lantern = read_picture(test::demo_art("paper-lantern.png"));
    ASSERT_TRUE(lantern);
    EXPECT_NEAR(natural_size(PictureArtwork{*lantern}).width, 46, 0.1);
    EXPECT_NEAR((*read_picture(test::demo_art("tide-bell.png")))->dpi, 100, 0.1);
    EXPECT_EQ(alpha_content(*(*read_picture(test::demo_art("harbour-ferry.jpg")))->pixels.get()), AlphaContent::opaque);
}

} // namespace
} // namespace fusuma
