// Pictures as people have them: colour profiles, inks, pages, animations.

#include <cairo-pdf.h>

#include "formats/basics/qpdf.h"
#include "reading/picture/decode_picture.h"
#include "tests/support/cmyk_jpeg.h"
#include "tests/support/png_crc.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImage>
#include <QtEndian>
#include <csetjmp>
#include <cstdio>
#include <gmock/gmock.h>
#include <lcms2.h>

namespace fusuma {
namespace {

using testing::HasSubstr;

/// A PNG of one colour with a chunk right after its header.
QByteArray png_with(const QImage& image, const QByteArray& body) {
    QByteArray png;
    QBuffer buffer(&png);
    image.save(&buffer, "PNG");
    QByteArray length(4, '\0'), crc(4, '\0');
    qToBigEndian(static_cast<quint32>(body.size() - 4), length.data());
    qToBigEndian(test::png_crc(body), crc.data());
    return png.insert(33, length + body + crc);
}
/// With an iCCP chunk (W3C PNG 11.3.3.3).
QByteArray png_with_profile(const QImage& image, const QByteArray& profile) {
    return png_with(image, QByteArray("iCCP") + "test" + QByteArray(2, '\0') + qCompress(profile).sliced(4));
}

QImage plain(QColor colour) {
    QImage image(8, 6, QImage::Format_RGB32);
    image.fill(colour);
    return image;
}

std::array<int, 3> first_pixel(const Picture& picture) {
    return {picture.pixels.get()->rgba[0], picture.pixels.get()->rgba[1], picture.pixels.get()->rgba[2]};
}

TEST(ColourProfile, WideGamutColoursComeOutAsQtConvertsThem) {
    const QByteArray png =
        png_with_profile(plain(QColor(60, 180, 90)), QColorSpace(QColorSpace::DisplayP3).iccProfile());
    const auto picture = decode_picture(png, "p3.png");
    ASSERT_TRUE(picture);
    EXPECT_EQ((*picture)->note.english(), "");
    QImage reference = plain(QColor(60, 180, 90));
    reference.setColorSpace(QColorSpace::DisplayP3);
    reference.convertToColorSpace(QColorSpace::SRgb);
    const QColor expected = reference.pixelColor(0, 0);
    EXPECT_NEAR(first_pixel(**picture)[0], expected.red(), 2);
    EXPECT_NEAR(first_pixel(**picture)[1], expected.green(), 2);
    EXPECT_NEAR(first_pixel(**picture)[2], expected.blue(), 2);
    EXPECT_NE(expected.red(), 60) << "the profile does change the colour";
}

TEST(ColourProfile, GreysInLinearLightAreEncoded) {
    cmsToneCurve* linear = cmsBuildGamma(nullptr, 1.0);
    cmsHPROFILE grey = cmsCreateGrayProfile(cmsD50_xyY(), linear);
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(grey, nullptr, &size);
    QByteArray profile(static_cast<qsizetype>(size), '\0');
    cmsSaveProfileToMem(grey, profile.data(), &size);
    cmsCloseProfile(grey);
    cmsFreeToneCurve(linear);
    const auto picture = decode_picture(png_with_profile(plain(QColor(128, 128, 128)), profile), "grey.png");
    ASSERT_TRUE(picture);
    // 128/255 of the light is 188 in sRGB (IEC 61966-2-1).
    for (const int channel : first_pixel(**picture))
        EXPECT_NEAR(channel, 188, 2);
}

TEST(ColourProfile, ThePowerThatStandsForSrgbChangesNothing) { // W3C PNG 11.3.3.2 and 11.3.3.5
    const auto first_of = [](quint32 gamma, QColor colour) {
        QByteArray body("gAMA\0\0\0\0", 8);
        qToBigEndian(gamma, body.data() + 4);
        const auto picture = decode_picture(png_with(plain(colour), body), "drawn.png");
        EXPECT_TRUE(picture);
        return first_pixel(**picture);
    };
    EXPECT_EQ(first_of(45455, QColor(8, 12, 20)), (std::array{8, 12, 20})) << "darks, where the two differ most";
    EXPECT_NEAR(first_of(100000, QColor(128, 128, 128))[0], 188, 2) << "light as it is (IEC 61966-2-1)";
}

TEST(ColourProfile, ABrokenOneIsToldAndTheColoursStay) {
    for (const QByteArray& profile : {QByteArray("not a profile at all"), QByteArray(5000, '\x7f')}) {
        const auto picture = decode_picture(png_with_profile(plain(QColor(60, 180, 90)), profile), "broken.png");
        ASSERT_TRUE(picture);
        EXPECT_THAT((*picture)->note.english(), HasSubstr("damaged colour profile"));
        EXPECT_EQ(first_pixel(**picture), (std::array{60, 180, 90}));
    }
}

/// A JPEG of one mix of inks.
QByteArray cmyk_jpeg(std::array<int, 4> inks, const QByteArray& profile) {
    return test::cmyk_jpeg(
        32, 16, [inks](unsigned, unsigned) { return inks; }, profile);
}

TEST(CmykJpeg, InksBecomeColours) {
    const struct {
        std::array<int, 4> inks;
        std::array<int, 3> colour;
    } cases[] = {{{0, 0, 0, 0}, {255, 255, 255}},
                 {{0, 255, 255, 0}, {255, 0, 0}},
                 {{255, 0, 0, 0}, {0, 255, 255}},
                 {{0, 0, 0, 255}, {0, 0, 0}}};
    for (const auto& c : cases) {
        const auto picture = decode_picture(cmyk_jpeg(c.inks, {}), "inks.jpg");
        ASSERT_TRUE(picture) << picture.problem().english();
        EXPECT_EQ((*picture)->pixels.width(), 32);
        for (std::size_t k = 0; k < 3; ++k)
            EXPECT_NEAR(first_pixel(**picture)[k], c.colour[k], 4);
        EXPECT_THAT((*picture)->note.english(), HasSubstr("CMYK without a colour profile"));
    }
    const auto broken = decode_picture(cmyk_jpeg({0, 255, 255, 0}, "rubbish"), "inks.jpg");
    ASSERT_TRUE(broken);
    EXPECT_THAT((*broken)->note.english(), HasSubstr("damaged colour profile"));
    const QByteArray whole = cmyk_jpeg({0, 255, 255, 0}, {});
    EXPECT_FALSE(decode_picture(whole.first(whole.size() / 2), "short.jpg"));
}

/// A profile for inks of our own making, in which only black prints: its lightness is what it leaves of 100.
QByteArray black_only_profile() {
    cmsHPROFILE profile = cmsCreateProfilePlaceholder(nullptr);
    cmsSetProfileVersion(profile, 2.4);
    cmsSetDeviceClass(profile, cmsSigOutputClass);
    cmsSetColorSpace(profile, cmsSigCmykData);
    cmsSetPCS(profile, cmsSigLabData);
    cmsPipeline* table = cmsPipelineAlloc(nullptr, 4, 3);
    cmsStage* grid = cmsStageAllocCLut16bit(nullptr, 5, 4, 3, nullptr);
    cmsStageSampleCLut16bit(
        grid,
        [](const cmsUInt16Number in[], cmsUInt16Number out[], void*) -> cmsInt32Number {
            const cmsCIELab lab{100.0 * (65535 - in[3]) / 65535, 0, 0};
            cmsFloat2LabEncodedV2(out, &lab);
            return TRUE;
        },
        nullptr, 0);
    cmsPipelineInsertStage(table, cmsAT_END, grid);
    cmsWriteTag(profile, cmsSigAToB0Tag, table);
    cmsWriteTag(profile, cmsSigAToB1Tag, table);
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(profile, nullptr, &size);
    QByteArray bytes(static_cast<qsizetype>(size), '\0');
    cmsSaveProfileToMem(profile, bytes.data(), &size);
    cmsPipelineFree(table);
    cmsCloseProfile(profile);
    return bytes;
}

TEST(CmykJpeg, InksGoThroughTheirProfile) {
    const QByteArray profile = black_only_profile();
    ASSERT_GT(profile.size(), 1000);
    ASSERT_LT(profile.size(), 60000) << "one marker holds it";
    // L* 50 is 119 in sRGB, L* 100 is 255 (CIE 15, IEC 61966-2-1); what the other inks do not print does not show.
    for (const auto& [inks, grey] : {std::pair{std::array{0, 0, 0, 128}, 119}, {std::array{255, 0, 200, 0}, 255}}) {
        const auto picture = decode_picture(cmyk_jpeg(inks, profile), "inks.jpg");
        ASSERT_TRUE(picture) << picture.problem().english();
        EXPECT_EQ((*picture)->note.english(), "");
        for (const int channel : first_pixel(**picture))
            EXPECT_NEAR(channel, grey, 4);
    }
}

/// Two pages of 144 × 72 pt (2 × 1 in); on the second a red square of an inch at the left, nothing else.
QByteArray two_page_pdf() {
    QByteArray bytes;
    cairo_surface_t* surface = cairo_pdf_surface_create_for_stream(
        [](void* to, const unsigned char* data, unsigned size) {
            static_cast<QByteArray*>(to)->append(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
            return CAIRO_STATUS_SUCCESS;
        },
        &bytes, 144, 72);
    cairo_t* cairo = cairo_create(surface);
    cairo_show_page(cairo);
    cairo_set_source_rgb(cairo, 1, 0, 0);
    cairo_rectangle(cairo, 0, 0, 72, 72);
    cairo_fill(cairo);
    cairo_show_page(cairo);
    cairo_destroy(cairo);
    cairo_surface_destroy(surface);
    return bytes;
}

TEST(PdfPages, ArePicturesOnClearGroundAtTheChosenResolution) {
    const auto page = decode_picture(two_page_pdf(), "card.pdf", {2, 150});
    ASSERT_TRUE(page) << page.problem().english();
    EXPECT_EQ((*page)->pixels.width(), 300);
    EXPECT_EQ((*page)->pixels.height(), 150);
    EXPECT_EQ((*page)->page, 2);
    EXPECT_EQ((*page)->dpi, 150);
    EXPECT_EQ(first_pixel(**page), (std::array{255, 0, 0}));
    EXPECT_EQ((*page)->pixels.get()->rgba[3], 255);
    EXPECT_EQ((*page)->pixels.get()->rgba[4 * 299 + 3], 0) << "bare paper is clear";
    EXPECT_NEAR(natural_size(PictureArtwork{*page}).width, 50.8, 0.01);
}

TEST(PdfPages, WhatCannotBeReadIsSaidPlainly) {
    const QByteArray pdf = two_page_pdf();
    EXPECT_THAT(decode_picture(pdf, "card.pdf", {3, 150}).problem().english(), HasSubstr("no page 3, only 2"));
    EXPECT_THAT(decode_picture(pdf, "card.pdf", {2, 2400 * 10}).problem().english(), HasSubstr("lower resolution"));
    EXPECT_THAT(decode_picture(pdf.first(60), "card.pdf").problem().english(), HasSubstr("damaged PDF"));

    QPDF document;
    document.processMemoryFile("card", pdf.constData(), static_cast<std::size_t>(pdf.size()));
    QPDFWriter writer(document);
    writer.setOutputMemory();
    writer.setR6EncryptionParameters("secret", "owner", true, true, true, true, true, true, qpdf_r3p_full, true);
    writer.write();
    const auto locked = writer.getBufferSharedPointer();
    const QByteArray bytes(reinterpret_cast<const char*>(locked->getBuffer()),
                           static_cast<qsizetype>(locked->getSize()));
    EXPECT_EQ(decode_picture(bytes, "card.pdf").problem().english(),
              "“card.pdf” is locked with a password. Save a copy without one and add that.");
}

TEST(Animations, GiveTheirFirstPictureAndSaySo) {
    const QByteArray frame("\x2c\0\0\0\0\x01\0\x01\0\0\x02\x02\x44\x01\0", 15);
    const QByteArray gif = QByteArray("GIF89a\x01\0\x01\0\x80\0\0\xff\0\0\0\0\0", 19) + frame + frame + ";";
    const auto picture = decode_picture(gif, "waves.gif");
    ASSERT_TRUE(picture) << picture.problem().english();
    EXPECT_EQ((*picture)->note.english(), "“waves.gif” is an animation; its first picture is used.");
    EXPECT_EQ(first_pixel(**picture), (std::array{255, 0, 0}));
}

} // namespace
} // namespace fusuma
