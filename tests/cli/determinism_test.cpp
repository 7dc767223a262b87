// The same picture gives the same bytes, however many cores there are and whatever the desk looks like.

#include "formats/basics/file.h"
#include "tests/support/samples.h"

#include <QImage>
#include <QProcess>
#include <cmath>
#include <random>

namespace fusuma {
namespace {

/// Nothing but grain, which gives more contours than are kept, so that it matters which of them go.
QImage grain(int side) {
    QImage image(side, side, QImage::Format_ARGB32);
    std::mt19937 random(9);
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x)
            image.setPixel(x, y, qRgba(200, 60, 40, static_cast<int>(random() % 256)));
    return image;
}

/// What the command line writes there; empty when it fails.
QByteArray written(const QStringList& command, const QStringList& before, const QMap<QString, QString>& desk) {
    QTemporaryDir folder;
    QProcess program;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("HOME"), folder.path());
    for (const auto& [name, value] : desk.asKeyValueRange())
        environment.insert(name, value);
    program.setProcessEnvironment(environment);
    const QString out = folder.filePath("o.svg");
    const QStringList words = before + QStringList{FUSUMA_CLI} + command + QStringList{out};
    program.start(words.front(), words.sliced(1));
    EXPECT_TRUE(program.waitForFinished(120'000));
    EXPECT_LE(program.exitCode(), 1) << program.readAllStandardError().toStdString();
    const auto file = read_file(out, 1 << 30);
    return file ? *file : QByteArray();
}

TEST(Determinism, TheSamePictureGivesTheSameOutlineAndTheSameSheetEverywhere) {
    QTemporaryDir folder;
    const QString noise = folder.filePath("grain.png"), art = folder.filePath("disc.png");
    ASSERT_TRUE(grain(300).save(noise));
    QImage disc(120, 120, QImage::Format_ARGB32);
    for (int y = 0; y < 120; ++y)
        for (int x = 0; x < 120; ++x)
            disc.setPixel(x, y, qRgba(200, 60, 40, std::hypot(x - 60, y - 60) < 50 ? 255 : 0));
    ASSERT_TRUE(disc.save(art));
    const QStringList sheet{"sheet",  art,      "--size",   "38", "--paper", "a6",
                            "--fill", "turned", "--rounds", "40", "--svg"};
    for (const QStringList& command : {QStringList{"outline", noise, "-o"}, sheet}) {
        const QByteArray here = written(command, {}, {});
        EXPECT_GT(here.size(), 1000);
        EXPECT_TRUE(written(command, {"taskset", "-c", "0"}, {}) == here) << "on one core";
        EXPECT_TRUE(written(command, {}, {{"LC_ALL", "de_DE.UTF-8"}, {"TZ", "Asia/Tokyo"}, {"LANGUAGE", "fr"}}) == here)
            << "at another desk";
    }
}

} // namespace
} // namespace fusuma
