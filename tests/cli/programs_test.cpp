// The small programs that ship with Fusuma, run as programs.

#include "devices/cutter/cutter_link.h"
#include "formats/basics/file.h"
#include "tests/support/samples.h"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QImage>
#include <QProcess>
#include <gmock/gmock.h>

namespace fusuma {
namespace {

struct Ran {
    int code;
    std::string out, err;
};

Ran run(const char* program, const QStringList& arguments) {
    QProcess process;
    process.start(QLatin1String(program), arguments);
    EXPECT_TRUE(process.waitForFinished(60000)) << program;
    return {process.exitCode(), process.readAllStandardOutput().toStdString(),
            process.readAllStandardError().toStdString()};
}

class Programs : public testing::Test {
  protected:
    QTemporaryDir folder;
    [[nodiscard]] QString at(const char* name) const { return folder.filePath(QLatin1String(name)); }
};

TEST_F(Programs, OneSheetGoesFromPictureToPracticeCut) {
    const Ran made = run(FUSUMA_CLI, {"sheet", test::demo_art("puffin.png"), "--copies", "3", "--pdf", at("s.pdf"),
                                      "--hpgl", at("c.plt")});
    ASSERT_EQ(made.code, 0) << made.err;
    const Ran printed = run(PRACTICE_PRINTER, {at("s.pdf"), "-o", at("sheet.png"), "--dpi", "150"});
    ASSERT_EQ(printed.code, 0) << printed.err;
    const QImage sheet(at("sheet.png"));
    EXPECT_NEAR(sheet.width(), 210 / 25.4 * 150, 1);

    QProcess cutter;
    cutter.start(QStringLiteral(PRACTICE_CUTTER),
                 {at("sheet.png"), "--port", "0", "--speed", "0", "-o", at("cut.png")});
    ASSERT_TRUE(cutter.waitForReadyRead(20000));
    const QByteArray greeting = cutter.readLine();
    const quint16 port = greeting.trimmed().split(' ').last().toUShort();
    ASSERT_GT(port, 0) << greeting.toStdString();
    CutterLink line;
    const QByteArray job = *read_file(at("c.plt"), 1 << 24);
    QObject::connect(&line, &CutterLink::opened, [&] { line.write(job); });
    QObject::connect(&line, &CutterLink::left, [&] {
        if (line.waiting() == 0)
            line.close();
    });
    line.open({CutterAddress::Kind::tcp, QStringLiteral("127.0.0.1"), port});
    QElapsedTimer clock;
    for (clock.start(); cutter.state() != QProcess::NotRunning && clock.elapsed() < 20000;)
        QCoreApplication::processEvents(QEventLoop::AllEvents, 20);
    EXPECT_EQ(cutter.exitCode(), 0) << cutter.readAllStandardError().toStdString();
    EXPECT_THAT(cutter.readAllStandardOutput().toStdString(), testing::HasSubstr("cut 3 paths"));
    const QImage cut(at("cut.png"));
    ASSERT_EQ(cut.size(), sheet.size());
    EXPECT_NE(cut, sheet.convertToFormat(cut.format()));
}

TEST_F(Programs, SayInOneLineWhatIsWrong) {
    const struct {
        const char* program;
        QStringList arguments;
        const char* words;
    } cases[] = {{PRACTICE_PRINTER, {at("missing.pdf")}, "does not exist"},
                 {PRACTICE_PRINTER, {test::demo_art("puffin.png")}, "cannot read this PDF"},
                 {PRACTICE_CUTTER, {at("missing.png"), "--port", "0"}, "not a picture"},
                 {PRACTICE_CUTTER, {test::demo_art("puffin.png"), "--port", "0", "--paper", "napkin"}, "not a paper"},
                 {FUSUMA_CLI, {"check", at("missing.fusuma")}, "does not exist"}};
    for (const auto& c : cases) {
        const Ran ran = run(c.program, c.arguments);
        EXPECT_EQ(ran.code, 2) << c.words;
        EXPECT_THAT(ran.err, testing::HasSubstr(c.words));
        EXPECT_EQ(ran.out, "");
    }
}

TEST_F(Programs, HelpNamesEveryOption) {
    for (const auto& [program, word] : {std::pair{PRACTICE_PRINTER, "--dpi"}, {PRACTICE_CUTTER, "--speed"}}) {
        const Ran ran = run(program, {"--help"});
        EXPECT_EQ(ran.code, 0);
        EXPECT_THAT(ran.out, testing::HasSubstr(word));
    }
    const Ran sheet = run(FUSUMA_CLI, {"sheet", "--help"});
    for (const char* option : {"--paper", "--margins", "--marks", "--gap", "--copies", "--fill", "--size", "--save",
                               "--pdf", "--svg", "--hpgl", "--png", "--report", "--border", "--corners", "--holes"})
        EXPECT_THAT(sheet.out, testing::HasSubstr(option));
}

} // namespace
} // namespace fusuma
