// The same picture gives the same bytes, however many cores there are and whatever the desk looks like.

#include "formats/basics/file.h"
#include "tests/support/samples.h"

#include <QImage>
#include <QProcess>
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

/// The outline's file as the command line writes it there; empty when it fails.
QByteArray outlined(const QString& art, const QStringList& before, const QMap<QString, QString>& desk) {
    QTemporaryDir folder;
    QProcess program;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("HOME"), folder.path());
    for (const auto& [name, value] : desk.asKeyValueRange())
        environment.insert(name, value);
    program.setProcessEnvironment(environment);
    const QString out = folder.filePath("o.svg");
    const QStringList words = before + QStringList{FUSUMA_CLI, "outline", art, "-o", out};
    program.start(words.front(), words.sliced(1));
    EXPECT_TRUE(program.waitForFinished(120'000));
    EXPECT_EQ(program.exitCode(), 0) << program.readAllStandardError().toStdString();
    const auto file = read_file(out, 1 << 30);
    return file ? *file : QByteArray();
}

TEST(Determinism, TheSamePictureGivesTheSameOutlineEverywhere) {
    QTemporaryDir folder;
    const QString noise = folder.filePath("grain.png");
    ASSERT_TRUE(grain(300).save(noise));
    const QByteArray here = outlined(noise, {}, {});
    EXPECT_GT(here.size(), 1000);
    EXPECT_TRUE(outlined(noise, {"taskset", "-c", "0"}, {}) == here) << "on one core";
    EXPECT_TRUE(outlined(noise, {}, {{"LC_ALL", "de_DE.UTF-8"}, {"TZ", "Asia/Tokyo"}, {"LANGUAGE", "fr"}}) == here)
        << "at another desk";
}

} // namespace
} // namespace fusuma
