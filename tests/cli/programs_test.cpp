// The small programs that ship with Fusuma, run as programs.

#include "devices/cutter/cutter_link.h"
#include "formats/basics/file.h"
#include "formats/basics/json.h"
#include "tests/support/run_apart.h"
#include "tests/support/samples.h"
#include "tests/support/waiting.h"

#include <QDir>
#include <QImage>
#include <QProcess>
#include <QRegularExpression>
#include <QTcpSocket>
#include <gmock/gmock.h>
#include <set>
#include <sstream>

namespace fusuma {
namespace {

using test::Ran;
using test::run;

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
    ASSERT_TRUE(cutter.waitForReadyRead(60000));
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
    Machine machine;
    machine.line = "tcp:127.0.0.1:" + std::to_string(port);
    line.open(machine);
    test::comes_true([&] { return cutter.state() == QProcess::NotRunning; });
    EXPECT_EQ(cutter.exitCode(), 0) << cutter.readAllStandardError().toStdString();
    EXPECT_THAT(cutter.readAllStandardOutput().toStdString(), testing::HasSubstr("cut 3 paths"));
    const QImage cut(at("cut.png"));
    ASSERT_EQ(cut.size(), sheet.size());
    EXPECT_NE(cut, sheet.convertToFormat(cut.format()));
}

TEST_F(Programs, JunkKnocksAndAMillionQuestionsDoNotEndThePracticeCutter) {
    QImage sheet(600, 800, QImage::Format_RGB32);
    sheet.fill(Qt::white);
    ASSERT_TRUE(sheet.save(at("sheet.png")));
    QProcess cutter;
    cutter.start(QStringLiteral(PRACTICE_CUTTER),
                 {at("sheet.png"), "--port", "0", "--speed", "0", "-o", at("cut.png")});
    ASSERT_TRUE(cutter.waitForReadyRead(60000));
    const quint16 port = cutter.readLine().trimmed().split(' ').last().toUShort();
    const auto send = [&](const QByteArray& bytes) {
        QTcpSocket line;
        line.connectToHost(QStringLiteral("127.0.0.1"), port);
        EXPECT_TRUE(line.waitForConnected(60000));
        line.write(bytes);
        while (line.bytesToWrite() > 0 && line.waitForBytesWritten(60000)) {
            line.waitForReadyRead(0);
            line.readAll();
        }
        line.disconnectFromHost();
        if (line.state() != QAbstractSocket::UnconnectedState)
            line.waitForDisconnected(60000);
    };
    send({});
    send("GET / HTTP/1.1\r\nHost: cutter\r\n\r\n");
    send(QByteArray(100'000, '\0'));
    send(QByteArray("OA;").repeated(300'000));
    EXPECT_FALSE(cutter.waitForFinished(500)) << "it waits for a job: " << cutter.readAllStandardError().toStdString();
    // It takes one job at a time, and turns others away while it still answers the questions.
    for (int tries = 0; tries < 12 && cutter.state() == QProcess::Running; ++tries) {
        send("IN;SP1;PU0,0;PD4000,0,4000,4000;"); // the blade is never lifted
        cutter.waitForFinished(5000);
    }
    ASSERT_EQ(cutter.state(), QProcess::NotRunning);
    EXPECT_EQ(cutter.exitCode(), 0) << cutter.readAllStandardError().toStdString();
    EXPECT_TRUE(cutter.readAllStandardOutput().contains("cut 1 paths"));
}

TEST_F(Programs, SayInOneLineWhatIsWrong) {
    const struct {
        const char* program;
        QStringList arguments;
        const char* words;
    } cases[] = {{PRACTICE_PRINTER, {at("missing.pdf")}, "does not exist"},
                 {PRACTICE_PRINTER, {test::demo_art("puffin.png")}, "its file is a damaged PDF"},
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

/// The options that a text names.
std::set<std::string> options_in(const std::string& text) {
    static const QRegularExpression option(QStringLiteral("(?<![\\w-])--[a-z][a-z-]*"));
    std::set<std::string> found;
    for (auto it = option.globalMatch(QString::fromStdString(text)); it.hasNext();)
        found.insert(it.next().captured().toStdString());
    return found;
}

/// docs/ARCHITECTURE.md promises the command line to scripts; it and --help name the same options, all of them.
TEST_F(Programs, HelpAndTheArchitectureNameEveryOption) {
    const std::string text = read_file(QStringLiteral(SOURCE_DIR "/docs/ARCHITECTURE.md"), 1 << 20)->toStdString();
    const auto from = text.find("fusuma-cli outline ART"), to = text.find("```", from);
    std::map<std::string, std::string> promised;
    std::string command;
    std::istringstream lines(text.substr(from, to - from));
    for (std::string line; std::getline(lines, line);) {
        if (line.starts_with("fusuma-cli "))
            command = line.substr(11, line.find(' ', 11) - 11);
        promised[command] += line + "\n";
    }
    ASSERT_EQ(promised.size(), 8u);
    const std::set<std::string> outline_options = options_in(promised["outline"]);
    for (const auto& [name, words] : promised) {
        const Ran help = run(FUSUMA_CLI, {QString::fromStdString(name), "--help"});
        EXPECT_EQ(help.code, 0);
        std::set<std::string> wanted = options_in(words), told = options_in(help.out);
        if (name == "sheet") // takes those of outline, too, except what has no meaning there
            for (const std::string& option : outline_options)
                if (told.contains(option))
                    wanted.insert(option);
        wanted.insert("--help");
        EXPECT_EQ(told, wanted) << name;
    }
    for (const auto& [program, word] : {std::pair{PRACTICE_PRINTER, "--dpi"}, {PRACTICE_CUTTER, "--speed"}})
        EXPECT_THAT(run(program, {"--help"}).out, testing::HasSubstr(word));
}

/// Options are read with a point and files are written with one, whatever the desktop's language.
TEST_F(Programs, ReadAndWriteThePointAndNotTheCommaInEveryLocale) {
    const QString locales = at("locales");
    QDir().mkpath(locales);
    const auto made_in = [&](const QString& locale) {
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("LOCPATH"), locales);
        environment.insert(QStringLiteral("LC_ALL"), locale);
        const QString art = test::demo_art("puffin.png");
        QByteArray all;
        EXPECT_TRUE(write_file(at("list.csv"), "name\nInis Mor\nistanbul\n"));
        const QStringList commands[] = {
            {"outline", art, "--crop", "300,300,420,420", "--border", "2.5", "--width", "42.5", "-o", at("o.svg")},
            {"sheet",     art,
             "--crop",    "300,300,420,420",
             "--margins", "5.5",
             "--border",  "1.25",
             "--rim",     "0.5,#102030",
             "--bleed",   "1.5",
             "--copies",  "2",
             "--stroke",  "add,12.5,100.5,100.5",
             "--save",    at("p.fusuma"),
             "--pdf",     at("o.pdf"),
             "--dxf",     at("o.dxf"),
             "--hpgl",    at("o.plt"),
             "--svg",     at("s.svg")},
            {"sheet", "--label", "rounded:60.5x30.5", "--frame", "0.4,1.5", "--text",
             "TITANIUM {date:d MMMM} {date+30}", "--date", "2026-03-09", "--text-style", "size=4.5,spacing=0.5",
             "--text", "{name} {number:007}", "--list", at("list.csv"), "--svg", at("l.svg"), "--pdf", at("l.pdf")},
            {"parts", test::demo_art("fair-badge.svg")},
            {"check", at("p.fusuma")},
            {"rehearse", at("p.fusuma"), "--shift", "1.5,0.5", "--turn", "0.5", "--stretch", "0.1,0.2", "--png",
             at("r.png"), "--dpi", "50.5"}};
        for (const QStringList& command : commands) {
            QProcess process;
            process.setProcessEnvironment(environment);
            process.start(QStringLiteral(FUSUMA_CLI), command + QStringList{"--report", at("report.json")});
            EXPECT_TRUE(process.waitForFinished(120'000));
            EXPECT_LE(process.exitCode(), 1)
                << command.join(' ').toStdString() << process.readAllStandardError().toStdString();
            auto report = nlohmann::json::parse(read_file(at("report.json"), 1 << 26)->toStdString());
            report.erase("seconds");
            all += QByteArray::fromStdString(report.dump());
        }
        for (const char* file : {"o.svg", "o.pdf", "o.dxf", "o.plt", "s.svg", "l.svg", "l.pdf", "p.fusuma", "r.png"})
            all += *read_file(at(file), 1 << 26);
        return all;
    };
    const QByteArray usual = made_in(QStringLiteral("C.UTF-8"));
    for (const char* language : {"tr_TR", "ar_EG"}) {
        const QString locale = QLatin1String(language) + QStringLiteral(".UTF-8");
        QByteArray source; // without its order of words, which takes long to make and is asked for by nobody
        for (const char* category : {"IDENTIFICATION", "CTYPE", "COLLATE", "TIME", "NUMERIC", "MONETARY", "MESSAGES",
                                     "PAPER", "NAME", "ADDRESS", "TELEPHONE", "MEASUREMENT"})
            source += QByteArray("LC_") + category + "\ncopy \"" +
                      (category == std::string_view("COLLATE") ? "POSIX" : language) + "\"\nEND LC_" + category + "\n";
        ASSERT_TRUE(write_file(at("source"), source));
        ASSERT_EQ(QProcess::execute(QStringLiteral("localedef"),
                                    {"-i", at("source"), "-f", "UTF-8", locales + QLatin1Char('/') + locale}),
                  0)
            << "the package locales makes them";
        EXPECT_EQ(made_in(locale), usual) << language;
    }
}

TEST_F(Programs, NeverWriteOverWhatTheyReadNorTwoThingsToOnePlace) {
    const QString art = at("art.png"), list = at("list.csv");
    ASSERT_TRUE(QFile::copy(test::demo_art("puffin.png"), art));
    ASSERT_TRUE(write_file(list, "name\nDulse\n"));
    ASSERT_TRUE(QFile::link(art, at("link.png")));
    const QByteArray before = *read_file(art, 1 << 24);
    for (const QString& out : {art, at("link.png"), folder.path() + QStringLiteral("/./art.png")}) {
        const Ran ran = run(FUSUMA_CLI, {"outline", art, "-o", out});
        EXPECT_EQ(ran.code, 2);
        EXPECT_THAT(ran.err, testing::HasSubstr("would write over what is read"));
    }
    EXPECT_EQ(run(FUSUMA_CLI, {"sheet", art, "--svg", art}).code, 2);
    EXPECT_EQ(run(FUSUMA_CLI, {"sheet", "--label", "oval:40x30", "--list", list, "--report", list}).code, 2);
    const QString second_page = at("sheet-2.png"); // what --png sheet.png writes the second page to
    ASSERT_TRUE(QFile::copy(art, second_page));
    EXPECT_EQ(run(FUSUMA_CLI, {"sheet", second_page, "--png", at("sheet.png")}).code, 2);
    EXPECT_EQ(*read_file(art, 1 << 24), before);
    EXPECT_EQ(*read_file(list, 100), "name\nDulse\n");

    const Ran twice =
        run(FUSUMA_CLI, {"sheet", art, "--svg", at("x"), "--dxf",
                         folder.path() + QStringLiteral("/../") + QFileInfo(folder.path()).fileName() + "/x"});
    EXPECT_EQ(twice.code, 2);
    EXPECT_THAT(twice.err, testing::HasSubstr("--svg and --dxf both write to"));
    EXPECT_FALSE(QFile::exists(at("x"))) << "refused before anything is written";

    ASSERT_EQ(run(FUSUMA_CLI, {"sheet", art, "--save", at("p.fusuma")}).code, 0);
    EXPECT_EQ(run(FUSUMA_CLI, {"sheet", at("p.fusuma"), "--gap", "5", "--save", at("p.fusuma")}).code, 0)
        << "a project may be saved over itself";
    EXPECT_EQ(run(FUSUMA_CLI, {"sheet", at("p.fusuma"), "--pdf", at("p.fusuma")}).code, 2);
}

TEST_F(Programs, LeaveDevicesAsTheyAreAndSayWhenTheyTakeNoMore) {
    EXPECT_EQ(
        run(FUSUMA_CLI, {"outline", test::demo_art("puffin.png"), "-o", "/dev/null", "--report", "/dev/null"}).code, 0);
    EXPECT_FALSE(QFileInfo(QStringLiteral("/dev/null")).isFile());
    for (const char* option : {"-o", "--report"}) {
        const Ran full = run(FUSUMA_CLI, {"outline", test::demo_art("puffin.png"), option, "/dev/full"});
        EXPECT_EQ(full.code, 2);
        EXPECT_THAT(full.err, testing::HasSubstr("No space left on device"));
    }
    const Ran to_full =
        run("/bin/sh", {"-c", QStringLiteral(FUSUMA_CLI " check '%1' --report - > /dev/full").arg(at("none"))});
    EXPECT_EQ(to_full.code, 2);
    const Ran report = run(
        "/bin/sh",
        {"-c", QStringLiteral(FUSUMA_CLI " parts '%1' --report - > /dev/full").arg(test::demo_art("fair-badge.svg"))});
    EXPECT_EQ(report.code, 2);
    EXPECT_THAT(report.err, testing::HasSubstr("cannot be written to standard output"));
}

/// Plotters' programs write nothing but lines; there is no background to take away.
TEST_F(Programs, CutADrawingThatIsNothingButLines) {
    ASSERT_TRUE(write_file(at("lines.dxf"),
                           "0\nSECTION\n2\nENTITIES\n0\nLINE\n8\n0\n10\n0\n20\n0\n11\n40\n21\n0\n0\nLINE\n8\n"
                           "0\n10\n0\n20\n10\n11\n40\n21\n12\n0\nENDSEC\n0\nEOF\n"));
    const Ran ran = run(FUSUMA_CLI, {"sheet", at("lines.dxf"), "--svg", at("cut.svg")});
    EXPECT_EQ(ran.code, 0) << ran.err;
    EXPECT_EQ(read_file(at("cut.svg"), 1 << 20)->count("<path"), 2);
}

} // namespace
} // namespace fusuma
