// Installed under any prefix, moved about, and seen by the desktop.

#include "formats/basics/file.h"
#include "formats/project/project_file.h"
#include "tests/support/run_apart.h"
#include "tests/support/samples.h"

#include <QDir>
#include <QImage>
#include <QMimeDatabase>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <gmock/gmock.h>
#include <set>

namespace fusuma {
namespace {

class Installed : public testing::Test {
  protected:
    QTemporaryDir folder;
    const QString id = "org.fusuma_stickers.fusuma";
    QString at(const QString& name) const { return folder.filePath("moved/" + name); }

    void SetUp() override {
        // Into a folder that stands for the system's root, then somewhere else: nothing may know where it was.
        qputenv("DESTDIR", QFile::encodeName(folder.filePath("root")));
        const test::Ran installed = test::run("cmake", {"--install", BUILD_FOLDER, "--prefix", "/opt/somewhere"});
        qunsetenv("DESTDIR");
        ASSERT_EQ(installed.code, 0) << installed.err;
        ASSERT_TRUE(QDir().rename(folder.filePath("root/opt/somewhere"), folder.filePath("moved")));
    }
    /// A file's lines that begin with a key, without it.
    QStringList values(const QString& file, const QString& key) const {
        QStringList all;
        const auto bytes = read_file(at(file), 1 << 20);
        for (const QString& line : QString::fromUtf8(bytes ? *bytes : QByteArray()).split('\n'))
            if (line.startsWith(key))
                all << line.mid(key.size());
        return all;
    }
};

TEST_F(Installed, LiesWhereDesktopsLookAndWorksFromAnywhere) {
    for (const QString& file : QStringList{"bin/fusuma",
                                           "bin/fusuma-cli",
                                           "bin/fusuma-thumbnailer",
                                           "bin/fusuma-practice-printer",
                                           "bin/fusuma-practice-cutter",
                                           "bin/fusuma-practice-camera",
                                           "share/fusuma/fonts/Inter-Regular.otf",
                                           "share/fusuma/fonts/LICENSE-Inter.txt",
                                           "share/fusuma/templates/jars.json",
                                           "share/fusuma/guide/user-guide.md",
                                           "share/fusuma/demo/Tide Fair.fusuma",
                                           "share/doc/fusuma/LICENSE",
                                           "share/applications/" + id + ".desktop",
                                           "share/metainfo/" + id + ".metainfo.xml",
                                           "share/mime/packages/" + id + ".xml",
                                           "share/thumbnailers/" + id + ".thumbnailer",
                                           "share/icons/hicolor/scalable/apps/" + id + ".svg",
                                           "share/icons/hicolor/scalable/mimetypes/" + id + ".project.svg",
                                           "share/man/man1/fusuma-cli.1",
                                           "share/man/de/man1/fusuma-cli.1",
                                           "share/bash-completion/completions/fusuma-cli",
                                           "share/zsh/vendor-completions/_fusuma-cli",
                                           "share/fish/vendor_completions.d/fusuma-cli.fish"})
        EXPECT_TRUE(QFileInfo(at(file)).size() > 0) << file.toStdString();
    for (const int px : {16, 24, 32, 48, 64, 128, 256})
        for (const QString& icon : {"apps/" + id, "mimetypes/" + id + ".project"})
            EXPECT_EQ(QImage(at(QStringLiteral("share/icons/hicolor/%1x%1/").arg(px) + icon + ".png")).size(),
                      QSize(px, px));
    // Fonts and templates are found from where the program is now.
    const QByteArray cli = QFile::encodeName(at("bin/fusuma-cli"));
    const test::Ran made = test::run(cli.constData(), {"sheet", "--template", "Small jar", "--text", "Kelp", "--svg",
                                                       at("label.svg"), "--save", at("label.fusuma")});
    EXPECT_LE(made.code, 1) << made.err;
    EXPECT_TRUE(QFile::exists(at("label.svg")));
    // And when they are gone, one sentence says so in place of a label in another font.
    ASSERT_TRUE(QDir(at("share/fusuma/templates")).removeRecursively());
    const test::Ran without = test::run(cli.constData(), {"sheet", "--template", "Small jar", "--svg", at("none.svg")});
    EXPECT_EQ(without.code, 2);
    EXPECT_EQ(std::ranges::count(without.err, '\n'), 1) << without.err;
}

TEST_F(Installed, TellsTheDesktopTheTruth) {
    // What the desktop file and the thumbnailer start is there, with options that it knows.
    const QString desktop = "share/applications/" + id + ".desktop";
    QStringList lines = values(desktop, "Exec=");
    EXPECT_EQ(lines.size(), 3);
    lines += values("share/thumbnailers/" + id + ".thumbnailer", "Exec=");
    for (const QString& line : lines) {
        const QStringList words = line.split(' ');
        const QByteArray program = QFile::encodeName(at("bin/" + words[0]));
        ASSERT_TRUE(QFile::exists(at("bin/" + words[0]))) << line.toStdString();
        const std::string help = test::run(program.constData(), {"--help"}).out;
        for (const QString& word : words)
            if (word.startsWith("--")) {
                EXPECT_THAT(help, testing::HasSubstr(word.toStdString()));
            }
    }
    EXPECT_EQ(values(desktop, "Icon="), QStringList{id});
    for (const auto& [tool, arguments] :
         {std::pair<const char*, QStringList>{"desktop-file-validate", {at(desktop)}},
          {"appstreamcli", {"validate", "--pedantic", "--no-net", at("share/metainfo/" + id + ".metainfo.xml")}}}) {
        if (QStandardPaths::findExecutable(tool).isEmpty())
            continue;
        const test::Ran ran = test::run(tool, arguments);
        EXPECT_EQ(ran.code, 0) << tool << ": " << ran.out << ran.err;
    }
}

TEST_F(Installed, MakesProjectsKnownByTheirStartAndByTheirName) {
    // Beside the system's own types in one database, as where it is installed; zip is one of them.
    const QString system = "/usr/share/mime/packages/freedesktop.org.xml";
    if (!QFile::exists(system) || QStandardPaths::findExecutable("update-mime-database").isEmpty())
        GTEST_SKIP() << "no shared-mime-info here";
    ASSERT_TRUE(QFile::copy(system, at("share/mime/packages/freedesktop.org.xml")));
    EXPECT_EQ(test::run("update-mime-database", {at("share/mime")}).code, 0);
    qputenv("XDG_DATA_DIRS", QFile::encodeName(at("share")));
    const QMimeDatabase types;
    const QByteArray bytes = *project_bytes(test::disc_document({{60, 60}}));
    EXPECT_EQ(types.mimeTypeForData(bytes).name().toStdString(), project_type);
    EXPECT_EQ(types.mimeTypeForFile("Tide Fair.fusuma", QMimeDatabase::MatchExtension).name().toStdString(),
              project_type);
    EXPECT_EQ(types.mimeTypeForName(project_type).iconName().toStdString(), (id + ".project").toStdString());
    EXPECT_NE(types.mimeTypeForData(QByteArray("PK\003\004 something else")).name().toStdString(), project_type);
    qunsetenv("XDG_DATA_DIRS");
}

} // namespace
} // namespace fusuma
