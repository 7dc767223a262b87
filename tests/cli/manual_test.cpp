// What programs say about themselves in man pages and completions: all that their help says, in forms that the programs
// which read them take.

#include "formats/basics/file.h"
#include "formats/basics/shipped.h"
#include "formats/fonts/fonts.h"
#include "formats/label/label_json.h"
#include "formats/manual/usual_options.h"
#include "formats/project/project_file.h"
#include "formats/project/thumbnail.h"
#include "tests/support/run_apart.h"
#include "tests/support/samples.h"

#include <QBuffer>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <algorithm>
#include <gmock/gmock.h>
#include <map>
#include <set>

namespace fusuma {
namespace {

using testing::HasSubstr;

struct Program {
    const char *name, *path;
    std::vector<const char*> commands;
};
const std::vector<Program> programs{
    {"fusuma", FUSUMA, {}},
    {"fusuma-cli", FUSUMA_CLI, {"outline", "sheet", "parts", "rehearse", "cut", "board", "find", "check"}},
    {"fusuma-thumbnailer", THUMBNAILER, {}},
    {"fusuma-practice-printer", PRACTICE_PRINTER, {}},
    {"fusuma-practice-cutter", PRACTICE_CUTTER, {}},
    {"fusuma-practice-camera", PRACTICE_CAMERA, {}}};

std::string described(const Program& program, const char* kind, const QString& locale = "C") {
    const test::Ran ran = test::run(program.path, {"--describe", kind}, locale);
    EXPECT_EQ(ran.code, 0) << ran.err;
    return ran.out;
}

/// Every long option that the help of a program, or of one of its commands, lists.
std::set<std::string> helped_options(const Program& program, const char* command) {
    const QStringList arguments = command ? QStringList{command, "--help"} : QStringList{"--help"};
    const auto help = QString::fromStdString(test::run(program.path, arguments).out);
    std::set<std::string> all;
    static const QRegularExpression option(QStringLiteral("^ +(?:-\\w,)?(--[a-z0-9-]+)"),
                                           QRegularExpression::MultilineOption);
    for (auto found = option.globalMatch(help); found.hasNext();)
        all.insert(found.next().captured(1).toStdString());
    EXPECT_FALSE(all.empty()) << program.name << " " << (command ? command : "");
    return all;
}

TEST(Manual, SaysAllThatHelpSaysInEveryForm) {
    for (const Program& program : programs) {
        const std::string man = described(program, "man"), bash = described(program, "bash"),
                          zsh = described(program, "zsh"), fish = described(program, "fish");
        std::vector<const char*> commands = program.commands;
        commands.push_back(nullptr);
        for (const char* command : commands)
            for (const std::string& option : helped_options(program, command)) {
                EXPECT_NE(option, "--describe");
                QString in_man = QString::fromStdString(option);
                EXPECT_THAT(man, HasSubstr(in_man.replace('-', "\\-").toStdString())) << program.name;
                EXPECT_THAT(bash, HasSubstr(option)) << program.name;
                EXPECT_THAT(zsh, HasSubstr("*" + option + "[")) << program.name;
                EXPECT_THAT(fish, HasSubstr(" -l " + option.substr(2))) << program.name;
            }
        for (const char* command : program.commands)
            for (const std::string& text : {man, bash, zsh, fish})
                EXPECT_THAT(text, HasSubstr(command)) << program.name;
    }
}

TEST(Manual, IsWhatWasBuiltForInstalling) {
    for (const Program& program : programs) {
        const QString name = program.name;
        for (const auto& [kind, file] : {std::pair<const char*, QString>{"man", name + ".1"},
                                         {"bash", name},
                                         {"zsh", "_" + name},
                                         {"fish", name + ".fish"}}) {
            const auto built = read_file(QStringLiteral(PACKAGING "/") + kind + "/" + file, 1 << 20);
            ASSERT_TRUE(built) << built.problem().english();
            EXPECT_EQ(built->toStdString(), described(program, kind)) << program.name << " " << kind;
        }
    }
}

const std::map<QString, QString> languages{
    {"de", "de_DE.UTF-8"}, {"es", "es_ES.UTF-8"}, {"fr", "fr_FR.UTF-8"}, {"ja", "ja_JP.UTF-8"}};

TEST(Manual, IsInEveryLanguageThatTheProgramsSpeak) {
    for (const Program& program : programs)
        for (const auto& [language, locale] : languages) {
            const QString file = QStringLiteral(PACKAGING "/man/") + language + "/" + program.name + ".1";
            const auto built = read_file(file, 1 << 20);
            ASSERT_TRUE(built) << built.problem().english();
            EXPECT_EQ(built->toStdString(), described(program, "man", locale)) << file.toStdString();
        }
}

/// What options and commands are described by.
std::multiset<std::string> descriptions(const Program& program, const QString& locale) {
    const QString script = QString::fromStdString(described(program, "fish", locale));
    std::multiset<std::string> all;
    static const QRegularExpression description(QStringLiteral(" -d '(.*)'$"), QRegularExpression::MultilineOption);
    for (auto found = description.globalMatch(script); found.hasNext();)
        all.insert(found.next().captured(1).toStdString());
    return all;
}

TEST(Manual, NothingInItIsLeftInEnglish) {
    for (const Program& program : programs)
        for (const auto& [language, locale] : languages) {
            const auto english = descriptions(program, "C"), theirs = descriptions(program, locale);
            EXPECT_EQ(theirs.size(), english.size());
            std::set<std::string> left;
            std::ranges::set_intersection(english, theirs, std::inserter(left, left.end()));
            left.erase("pixels"); // in French, too
            EXPECT_THAT(left, testing::IsEmpty()) << program.name << " " << language.toStdString();
            const test::Ran help = test::run(program.path, {"--help"}, locale);
            for (const char* word : {"Options:", "Commands:", "print this help", "needed"})
                if (language != "fr" || word != std::string("Options:")) {
                    EXPECT_THAT(help.out, testing::Not(HasSubstr(word))) << program.name;
                }
        }
}

TEST(Manual, WhatCannotBeUnderstoodIsToldInThePersonsLanguage) {
    struct Wrong {
        QStringList arguments;
        const char *english, *german;
    };
    for (const auto& [arguments, english, german] :
         {Wrong{{},
                "Give one of the commands that --help lists.",
                "Geben Sie einen der Befehle an, die --help auflistet."},
          {{"outline"}, "ART is needed.", "ART wird gebraucht."},
          {{"check", "a", "b"}, "b is not expected here.", "b wird hier nicht erwartet."},
          {{"outline", "a", "--bleed", "99.5"},
           "--bleed: 99.5 is not between 0 and 20.",
           "--bleed: 99.5 liegt nicht zwischen 0 und 20."},
          {{"outline", "a", "--corners", "soft"},
           "--corners: soft is none of round,mitre,bevel.",
           "--corners: soft ist keines von round,mitre,bevel."},
          {{"sheet", "a", "--seed", "much"},
           "--seed: “much” cannot be understood.",
           "--seed: „much“ ist nicht zu verstehen."},
          {{"outline", "a", "--width"}, "--width needs a value.", "--width braucht einen Wert."},
          {{"rehearse", "a", "--shift", "1"},
           "--shift does not take so many values.",
           "--shift nimmt nicht so viele Werte."},
          {{"sheet", "a", "--dpi", "100"}, "--dpi goes only with --png.", "--dpi geht nur mit --png."},
          {{"sheet", "a", "--size", "10", "--width", "10"},
           "--size does not go with --width.",
           "--size geht nicht mit --width."},
          {{"outline", "a", "--width", "nan"},
           "--width: “nan” is no number that can be used.",
           "--width: „nan“ ist keine brauchbare Zahl."}}) {
        const test::Ran ours = test::run(FUSUMA_CLI, arguments, "C");
        EXPECT_EQ(ours.err, std::string(english) + "\n");
        EXPECT_EQ(ours.code, 2);
        EXPECT_EQ(test::run(FUSUMA_CLI, arguments, "de_DE.UTF-8").err, std::string(german) + "\n");
    }
    EXPECT_THAT(test::run(FUSUMA, {"--colour"}, "de_DE.UTF-8").err,
                testing::EndsWith("--colour wird hier nicht erwartet.\n")); // Qt may have said something before
    EXPECT_EQ(test::run(PRACTICE_PRINTER, {}, "de_DE.UTF-8").err, "PDF wird gebraucht.\n");
    EXPECT_EQ(test::run(PRACTICE_PRINTER, {"/none.pdf"}, "C").code, 2);
}

TEST(Manual, TellsTheVersionEverywhere) {
    for (const Program& program : programs)
        EXPECT_EQ(test::run(program.path, {"--version"}).out, "Fusuma " + std::string(version()) + "\n")
            << program.name;
    const auto changes = read_file(QStringLiteral(SOURCE_DIR "/CHANGELOG.md"), 1 << 20);
    ASSERT_TRUE(changes);
    EXPECT_THAT(changes->toStdString(), HasSubstr("\n## " + std::string(version()) + ", " + release_date() + "\n"));
}

/// What bash completes the last word to.
std::set<std::string> completed_by_bash(const QStringList& words) {
    QString script = "source " PACKAGING "/bash/fusuma-cli; COMP_WORDS=(";
    for (const QString& word : words)
        script += "'" + word + "' ";
    script += QStringLiteral("); COMP_CWORD=%1; _fusuma_cli; printf '%s\\n' \"${COMPREPLY[@]}\"").arg(words.size() - 1);
    const test::Ran ran = test::run("bash", {"--norc", "-c", script});
    EXPECT_EQ(ran.err, "");
    std::set<std::string> all;
    for (const QString& line : QString::fromStdString(ran.out).split('\n', Qt::SkipEmptyParts))
        all.insert(line.toStdString());
    return all;
}

TEST(Completions, OfBashGiveCommandsOptionsAndWords) {
    EXPECT_EQ(completed_by_bash({"fusuma-cli", "re"}), (std::set<std::string>{"rehearse"}));
    EXPECT_EQ(completed_by_bash({"fusuma-cli", "sheet", "a.png", "--mark"}),
              (std::set<std::string>{"--marks", "--mark-scheme"}));
    EXPECT_EQ(completed_by_bash({"fusuma-cli", "sheet", "--marks", ""}),
              (std::set<std::string>{"dots", "crosses", "none"}));
    EXPECT_EQ(completed_by_bash({"fusuma-cli", "rehearse", "--method", "s"}), (std::set<std::string>{"sensor"}));
    EXPECT_TRUE(completed_by_bash({"fusuma-cli", "sheet", "pic"}).empty()) << "files, by bash itself";
}

TEST(Completions, AreTakenByTheirShells) {
    for (const char* shell : {"zsh", "fish"}) {
        if (QStandardPaths::findExecutable(shell).isEmpty())
            continue; // not every machine has all of them
        for (const Program& program : programs) {
            const QString file = QString(PACKAGING "/") + shell + "/" + (shell == std::string("zsh") ? "_" : "") +
                                 program.name + (shell == std::string("fish") ? ".fish" : "");
            const test::Ran ran = test::run(shell, {shell == std::string("zsh") ? "-n" : "--no-execute", file});
            EXPECT_EQ(ran.code, 0) << program.name << ": " << ran.err;
        }
    }
}

TEST(Completions, ManPagesAreTypesetWithoutComplaint) {
    if (QStandardPaths::findExecutable("groff").isEmpty())
        GTEST_SKIP() << "no groff here";
    for (const Program& program : programs) {
        const test::Ran ran =
            test::run("groff", {"-man", "-Tutf8", "-wall", "-z", QString(PACKAGING "/man/") + program.name + ".1"});
        EXPECT_EQ(ran.err, "") << program.name;
    }
}

TEST(Thumbnailer, TakesThePictureOfTheFirstSheetAndNothingElse) {
    QTemporaryDir folder;
    const auto at = [&](const char* name) { return folder.filePath(name); };
    const test::Ran made = test::run(
        FUSUMA_CLI, {"sheet", test::demo_art("puffin.png"), "--size", "60", "--copies", "4", "--save", at("s.fusuma")});
    ASSERT_EQ(made.code, 0) << made.err;
    ASSERT_EQ(test::run(THUMBNAILER, {"-s", "128", at("s.fusuma"), at("t.png")}).code, 0);
    const QImage picture(at("t.png"));
    EXPECT_EQ(picture.height(), 128);
    EXPECT_NEAR(picture.width(), 128 * 210 / 297.0, 1.5) << "the paper's shape";
    int inked = 0;
    for (int y = 0; y < picture.height(); ++y)
        for (int x = 0; x < picture.width(); ++x)
            inked += qGray(picture.pixel(x, y)) < 200;
    EXPECT_GT(inked, 300) << "puffins";
    // The start of the file tells what it is, where the file type's magic looks for it.
    const auto bytes = read_file(at("s.fusuma"), 1 << 24);
    ASSERT_TRUE(bytes);
    EXPECT_EQ(bytes->mid(30, 8 + 28).toStdString(), "mimetype" + std::string(project_type));
    // No picture, a damaged one, a huge one: one sentence, no file.
    ASSERT_TRUE(save_project(test::disc_document({{60, 60}}), at("none.fusuma")));
    QByteArray huge;
    QBuffer buffer(&huge);
    QImage(5000, 5000, QImage::Format_Mono).save(&buffer, "PNG");
    ASSERT_TRUE(save_project(test::disc_document({{60, 60}}), at("huge.fusuma"), {{thumbnail_entry, huge}}));
    ASSERT_TRUE(
        save_project(test::disc_document({{60, 60}}), at("damaged.fusuma"), {{thumbnail_entry, "\x89PNG\r\n"}}));
    ASSERT_TRUE(write_file(at("text.fusuma"), "no project at all"));
    for (const char* name : {"none.fusuma", "huge.fusuma", "damaged.fusuma", "text.fusuma", "not-there.fusuma"}) {
        const test::Ran ran = test::run(THUMBNAILER, {at(name), at("none.png")});
        EXPECT_EQ(ran.code, 2) << name;
        EXPECT_EQ(std::ranges::count(ran.err, '\n'), 1) << ran.err;
        EXPECT_FALSE(QFile::exists(at("none.png"))) << name;
    }
}

TEST(Shipped, FilesAreFoundFromWhereTheProgramIs) {
    for (const char* name : {"fonts/Inter-Regular.otf", "templates/jars.json", "guide/user-guide.md"})
        EXPECT_TRUE(QFile::exists(shipped_file(name))) << shipped_file(name).toStdString();
    EXPECT_FALSE(shipped_templates().empty());
    EXPECT_EQ(find_font("Quicksand", true, false)->family, "Quicksand");
}

} // namespace
} // namespace fusuma
