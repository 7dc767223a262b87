// What screens are given by their profiles: beside Little CMS, and beside Qt's own conversion between colour spaces.

#include "formats/picture/screen_profile.h"
#include "reading/picture/colour_profile.h"

#include <QColorSpace>
#include <QFile>
#include <QTemporaryDir>
#include <gmock/gmock.h>
#include <lcms2.h>
#include <random>

namespace fusuma {
namespace {

std::vector<std::uint32_t> many_colours() {
    std::mt19937 random(29);
    std::vector<std::uint32_t> colours{0xff000000, 0xffffffff, 0xffff0000, 0xff00ff00, 0xff0000ff};
    while (colours.size() < 20000)
        colours.push_back(0xff000000 | (random() & 0xffffff));
    return colours;
}

int furthest(std::uint32_t a, std::uint32_t b) {
    int most = 0;
    for (const int shift : {16, 8, 0})
        most = std::max(most, std::abs(static_cast<int>(a >> shift & 255) - static_cast<int>(b >> shift & 255)));
    return most;
}

TEST(ScreenTable, IsWhatLittleCmsMakesOfEveryColour) {
    for (const auto space : {QColorSpace::DisplayP3, QColorSpace::AdobeRgb, QColorSpace::ProPhotoRgb}) {
        const QByteArray profile = QColorSpace(space).iccProfile();
        const auto table = screen_table(profile);
        ASSERT_TRUE(table);
        EXPECT_FALSE(table->changes_nothing());
        std::vector<std::uint32_t> ours = many_colours(), theirs(ours.size());
        cmsHPROFILE screen = cmsOpenProfileFromMem(profile.constData(), static_cast<cmsUInt32Number>(profile.size()));
        cmsHPROFILE srgb = cmsCreate_sRGBProfile();
        cmsHTRANSFORM way = cmsCreateTransform(srgb, TYPE_BGRA_8, screen, TYPE_BGRA_8, INTENT_RELATIVE_COLORIMETRIC,
                                               cmsFLAGS_NOOPTIMIZE | cmsFLAGS_COPY_ALPHA);
        cmsDoTransform(way, ours.data(), theirs.data(), static_cast<cmsUInt32Number>(ours.size()));
        cmsDeleteTransform(way);
        cmsCloseProfile(srgb);
        cmsCloseProfile(screen);
        table->apply(ours);
        double sum = 0;
        for (std::size_t i = 0; i < ours.size(); ++i) {
            ASSERT_LE(furthest(ours[i], theirs[i]), 2) << std::hex << ours[i] << " " << theirs[i];
            sum += furthest(ours[i], theirs[i]);
        }
        EXPECT_LT(sum / static_cast<double>(ours.size()), 0.4);
    }
}

TEST(ScreenTable, IsWhatQtMakesOfColoursThatTheScreenCanShow) {
    const auto table = screen_table(QColorSpace(QColorSpace::DisplayP3).iccProfile());
    ASSERT_TRUE(table);
    QImage picture(200, 100, QImage::Format_RGB32);
    std::vector<std::uint32_t> ours = many_colours();
    std::memcpy(picture.bits(), ours.data(), ours.size() * 4);
    picture.setColorSpace(QColorSpace::SRgb);
    picture.convertToColorSpace(QColorSpace::DisplayP3);
    table->apply(ours);
    for (std::size_t i = 0; i < ours.size(); ++i) {
        const auto at = static_cast<int>(i);
        ASSERT_LE(furthest(ours[i], picture.pixel(at % 200, at / 200)), 3) << i;
    }
}

TEST(ScreenTable, OfAScreenThatIsSrgbChangesNothing) {
    const auto table = read_screen_profile(QColorSpace(QColorSpace::SRgb).iccProfile());
    ASSERT_TRUE(table) << table.problem().message.english();
    EXPECT_TRUE(table->changes_nothing());
}

TEST(ScreenTable, WhatIsNoScreensProfileIsRefusedInASentence) {
    const QByteArray whole = QColorSpace(QColorSpace::AdobeRgb).iccProfile();
    QByteArray of_printer = whole;
    of_printer.replace(12, 4, "prtr");
    QByteArray of_greys = whole;
    of_greys.replace(16, 4, "GRAY");
    QByteArray damaged = whole;
    for (qsizetype i = 128; i < damaged.size(); i += 3)
        damaged[i] = '\xff';
    for (const QByteArray& bytes :
         {QByteArray(), QByteArray("not a profile"), whole.first(whole.size() / 2), of_printer, of_greys, damaged}) {
        const auto table = read_screen_profile(bytes);
        ASSERT_FALSE(table) << bytes.size();
        EXPECT_EQ(table.problem().message.english(), "It is no colour profile of a screen.");
    }
    const QTemporaryDir folder;
    EXPECT_FALSE(read_screen_profile(folder.path()));
    EXPECT_FALSE(read_screen_profile(folder.filePath("none.icc")));
    QFile file(folder.filePath("screen.icc"));
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write(whole);
    file.close();
    EXPECT_EQ(*read_screen_profile(file.fileName()), *screen_table(whole)) << "what crosses is what was read";
}

} // namespace
} // namespace fusuma
