// Printed sheets cut from the command line on a machine of one's own.

#include "core/geometry/measure.h"
#include "core/machine/machine.h"
#include "core/plan/planner.h"
#include "core/plan/ticket.h"
#include "core/registration/fit.h"
#include "formats/basics/file.h"
#include "formats/basics/json.h"
#include "formats/cut_files/hpgl.h"
#include "formats/machine/machine_file.h"
#include "formats/project/project_file.h"
#include "tests/support/gcode.h"
#include "tests/support/plotter.h"
#include "tests/support/run_cli.h"
#include "tests/support/samples.h"

#include <QElapsedTimer>
#include <QThread>
#include <gmock/gmock.h>
#include <numbers>

namespace fusuma {
namespace {

using nlohmann::json;
using testing::HasSubstr;

class CutCli : public testing::Test {
  protected:
    QTemporaryDir folder;
    Document document;
    Ticket ticket;
    Machine machine;
    Polygons lines; ///< of the ticket's cuts, mm on the paper

    /// How far a place of the machine lies from every line of the print, mm.
    [[nodiscard]] double off(Point on_machine, const Transform& lies) const {
        return nearest_on(lines, lies.inverted().apply(on_machine)).distance;
    }

    void SetUp() override {
        const Ran made =
            run({"sheet", test::demo_art("puffin.png").toStdString(), "--copies", "2", "--save", at("p.fusuma")});
        ASSERT_EQ(made.code, 0) << made.err;
        document = *load_project(QString::fromStdString(at("p.fusuma")));
        Planner planner;
        ticket = frozen(document, *planner.plan(document), "2026-11-27T10:00:00");
        document = with_ticket_added(document, ticket);
        ASSERT_TRUE(save_project(document, QString::fromStdString(at("p.fusuma"))));
        for (const CutPath& cut : ticket.pages[0].cuts)
            lines.push_back(flatten(cut.line, 0.005));
        machine.name = "Wharf";
        machine.bed = {400, 500};
        machine.nought = BedCorner::bottom_right;
        machine.x_runs = Heading::up;
        machine.y_runs = Heading::left;
        save_machine();
    }
    [[nodiscard]] std::string at(const char* name) const { return folder.filePath(name).toStdString(); }
    void save_machine() const {
        ASSERT_TRUE(write_file(folder.filePath("m.json"), QByteArray::fromStdString(machine_text(machine))));
    }
    struct Ran {
        int code;
        json report;
        std::string err;
    };
    static Ran run(const std::vector<std::string>& arguments) {
        const test::CliRun ran = test::run_cli(arguments);
        return {ran.code, json::parse(ran.out, nullptr, false), ran.err};
    }
    [[nodiscard]] std::vector<std::string> cut(std::vector<std::string> more) const {
        std::vector<std::string> all{"cut",       at("p.fusuma"), "--ticket", ticket.code,
                                     "--machine", at("m.json"),   "--report", "-"};
        all.insert(all.end(), more.begin(), more.end());
        return all;
    }
    /// From the plan to the machine's numbers, when the sheet lies so beside where it should.
    [[nodiscard]] Transform on_machine(const Pose& pose) const {
        return map_of(pose, {ticket.paper.width / 2, ticket.paper.height / 2})
            .then(paper_on_bed(machine, ticket.paper))
            .then(bed_of(machine).inverted());
    }
    [[nodiscard]] std::vector<std::string> pointed_at(const Transform& lies) const {
        std::vector<std::string> all{"--marks"};
        for (const Mark& mark : ticket.pages[0].marks) {
            const Point p = lies.apply(mark.centre);
            all.push_back(std::to_string(p.x) + "," + std::to_string(p.y));
        }
        return all;
    }
};

TEST_F(CutCli, FollowsMarksThatWerePointedAtHoweverTheAxesLie) {
    const Transform lies = on_machine({{-7, 4}, 0.06, 1, 1});
    auto arguments = pointed_at(lies);
    arguments.insert(arguments.end(), {"-o", at("job.plt")});
    const Ran ran = run(cut(arguments));
    ASSERT_EQ(ran.code, 0) << ran.err;
    EXPECT_EQ(ran.report["accepted"], true);
    EXPECT_EQ(ran.report["reason"], "");
    EXPECT_EQ(ran.report["marks_found"], 5);
    EXPECT_EQ(ran.report["residuals_mm"].size(), 5u);
    EXPECT_LT(ran.report["fit"]["residual_mm"].get<double>(), 1e-3);
    EXPECT_NEAR(ran.report["fit"]["turn_deg"].get<double>(), 0.06 * 180 / std::numbers::pi, 1e-3);
    EXPECT_NEAR(ran.report["fit"]["shift_mm"][0].get<double>(), -7, 1e-3);
    EXPECT_NEAR(ran.report["fit"]["shift_mm"][1].get<double>(), 4, 1e-3);
    HpglReader reader;
    ASSERT_TRUE(reader.take(read_file(folder.filePath("job.plt"), 1 << 24)->toStdString()));
    ASSERT_EQ(reader.strokes().size(), 2u);
    for (const HpglStroke& stroke : reader.strokes())
        for (const Point p : stroke.points)
            EXPECT_LT(off(p, lies), 0.05);
}

TEST_F(CutCli, TakesPlacesWhoseNumbersLieBelowNought) {
    machine.nought = BedCorner::bottom_right; // and both axes count away from the bed
    machine.x_runs = Heading::right;
    machine.y_runs = Heading::down;
    save_machine();
    auto arguments = pointed_at(on_machine({{5, 6}, 0.03, 1, 1}));
    for (std::size_t i = 1; i < arguments.size(); ++i)
        ASSERT_THAT(arguments[i], testing::AllOf(testing::StartsWith("-"), HasSubstr(",-")));
    arguments.insert(arguments.end(), {"-o", at("below.plt")});
    const Ran ran = run(cut(arguments));
    ASSERT_EQ(ran.code, 0) << ran.err;
    EXPECT_EQ(ran.report["marks_found"], 5);
    EXPECT_LT(ran.report["fit"]["residual_mm"].get<double>(), 1e-3);
    EXPECT_THAT(read_file(folder.filePath("below.plt"), 1 << 24)->toStdString(), HasSubstr("PU-"));
}

/// Ctrl+C in the middle of a line: the blade is up before the program ends.
TEST_F(CutCli, AnInterruptedCutEndsWithTheBladeUp) {
    for (const bool answers : {true, false}) {
        const test::PlainPlotter plotter(QStringList{"--tcp", "--speed", "40"} +
                                         (answers ? QStringList{} : QStringList{"--deaf"}));
        machine.line = plotter.line();
        machine.answers = answers;
        machine.time_factor = 10; // it is slow with its blade up, too
        save_machine();
        QProcess cli;
        QStringList arguments;
        for (const std::string& a : cut({}))
            arguments << QString::fromStdString(a);
        cli.start(QStringLiteral(FUSUMA_CLI), arguments);
        ASSERT_TRUE(cli.waitForStarted());
        QElapsedTimer clock;
        for (clock.start(); !plotter.last().is_down && clock.elapsed() < 60000;)
            QThread::msleep(20);
        ASSERT_TRUE(plotter.last().is_down);
        ::kill(static_cast<pid_t>(cli.processId()), SIGINT);
        ASSERT_TRUE(cli.waitForFinished(60000));
        EXPECT_EQ(cli.exitCode(), 2);
        EXPECT_THAT(cli.readAllStandardError().toStdString(), HasSubstr("Stopped, with the blade up. 0 of 2 lines"));
        QThread::msleep(200); // that it may still need for what it has in hand
        EXPECT_FALSE(plotter.last().is_down) << (answers ? "answering" : "deaf");
        EXPECT_EQ(plotter.strokes().size(), 1u);
    }
}

TEST_F(CutCli, RefusesWithTheReason) {
    auto wrong = pointed_at(on_machine({}));
    wrong[2] = "100,100";
    const Ran off = run(cut(wrong));
    EXPECT_EQ(off.code, 1);
    EXPECT_EQ(off.report["accepted"], false);
    EXPECT_THAT(off.report["reason"].get<std::string>(), HasSubstr("look again at"));
    EXPECT_FALSE(off.report.contains("lines_cut"));
    const Ran few = run(cut({"--marks", "10,10", "none", "200,10"}));
    EXPECT_EQ(few.code, 1);
    EXPECT_THAT(few.report["reason"].get<std::string>(), HasSubstr("Point at three marks"));
    for (const auto& [arguments, words] : std::vector<std::pair<std::vector<std::string>, const char*>>{
             {{"--marks", "12"}, "give X,Y"},
             {{"--marks", "12,a"}, "give X,Y"},
             {{"--marks", "1,2", "1,2", "1,2", "1,2", "1,2", "1,2"}, "but the sheet has 5 marks"},
             {{"--page", "2"}, "has 1 page"},
             {{}, "only gets files"}}) {
        const Ran ran = run(cut(arguments));
        EXPECT_EQ(ran.code, 2) << words;
        EXPECT_THAT(ran.err, HasSubstr(words));
    }
    machine.bed = {210, 100};
    save_machine();
    const Ran far = run(cut({"-o", at("never.plt")}));
    EXPECT_EQ(far.code, 2);
    EXPECT_THAT(far.err, HasSubstr("“Puffin” would leave the machine's bed by"));
    EXPECT_FALSE(QFile::exists(folder.filePath("never.plt")));
    ASSERT_TRUE(write_file(folder.filePath("m.json"), R"({"flow": "by ear"})"));
    EXPECT_THAT(run(cut({})).err, HasSubstr("flow must be one of"));
}

TEST_F(CutCli, SendsTheJobToItsMachine) {
    const test::PlainPlotter plotter({"--tcp", "--speed", "400"});
    machine.line = plotter.line();
    machine.answers = true;
    save_machine();
    const Transform lies = on_machine({{3, 2}, -0.04, 1, 1});
    const Ran ran = run(cut(pointed_at(lies)));
    ASSERT_EQ(ran.code, 0) << ran.err;
    EXPECT_EQ(ran.report["lines_cut"], 2);
    const auto strokes = plotter.strokes();
    ASSERT_EQ(strokes.size(), 2u);
    for (const auto& stroke : strokes)
        for (const Point p : stroke)
            EXPECT_LT(off(p, lies), 0.05);
    machine.line = "tcp:127.0.0.1:1";
    save_machine();
    const Ran nobody = run(cut(pointed_at(lies)));
    EXPECT_EQ(nobody.code, 2);
    EXPECT_THAT(nobody.err, HasSubstr("0 of 2 lines are cut"));
}

TEST_F(CutCli, SheetsAreWrittenInAMachinesWays) {
    machine.gcode.lift = BladeLift::words;
    machine.hpgl.most_numbers = 8;
    machine.before = "M9";
    save_machine();
    const Ran ran =
        run({"sheet", at("p.fusuma"), "--machine", at("m.json"), "--hpgl", at("s.plt"), "--gcode", at("s.ngc")});
    ASSERT_EQ(ran.code, 0) << ran.err;
    const std::string hpgl = read_file(folder.filePath("s.plt"), 1 << 24)->toStdString(),
                      gcode = read_file(folder.filePath("s.ngc"), 1 << 24)->toStdString();
    EXPECT_THAT(hpgl, testing::StartsWith("IN;\nM9\nSP1;\nPU"));
    const Transform lies = on_machine({});
    for (const test::GcodeWay& way : test::gcode_ways(gcode))
        for (const Point p : way.points)
            EXPECT_LT(off(p, lies), 0.03);
    const Ran plain = run({"sheet", at("p.fusuma"), "--gcode", at("plain.ngc")});
    ASSERT_EQ(plain.code, 0) << plain.err;
    EXPECT_THAT(read_file(folder.filePath("plain.ngc"), 1 << 24)->toStdString(),
                testing::StartsWith("G21\nG90\nG17\nG94\nG0 Z5\nG0 X"));
    machine.bed = {100, 500};
    save_machine();
    const Ran far =
        run({"sheet", at("p.fusuma"), "--machine", at("m.json"), "--hpgl", at("far.plt"), "--svg", at("far.svg")});
    EXPECT_EQ(far.code, 2);
    EXPECT_THAT(far.err, HasSubstr("would leave the machine's bed"));
    EXPECT_FALSE(QFile::exists(folder.filePath("far.svg"))) << "nothing is written";
}

TEST_F(CutCli, AMirroredSheetIsFoundAndCutLikeAnyOther) {
    const Ran plain = run({"sheet", at("p.fusuma"), "--hpgl", at("plain.plt"), "--report", "-"}),
              ran = run({"sheet", at("p.fusuma"), "--mirror-sheet", "--hpgl", at("mirror.plt"), "--save",
                         at("mirror.fusuma"), "--report", "-"});
    ASSERT_EQ(ran.code, 0) << ran.err;
    EXPECT_EQ(ran.report["marks_mm"], plain.report["marks_mm"]);
    EXPECT_EQ(ran.report["findings"][0]["rule"], "mirrored-sheet");
    const auto box = [&](const char* file) {
        HpglReader reader;
        EXPECT_TRUE(reader.take(read_file(folder.filePath(file), 1 << 24)->toStdString()));
        Rect all;
        for (const HpglStroke& stroke : reader.strokes())
            all.include(bounds(Polygons{stroke.points}));
        return all;
    };
    EXPECT_NEAR(box("mirror.plt").min.x, 210 - box("plain.plt").max.x, 0.05);
    EXPECT_NEAR(box("mirror.plt").min.y, box("plain.plt").min.y, 0.05);
    const Ran rehearsed = run({"rehearse", at("mirror.fusuma"), "--shift", "2,1", "--turn", "1.5", "--report", "-"});
    EXPECT_EQ(rehearsed.code, 0) << rehearsed.err;
    EXPECT_EQ(rehearsed.report["faulty_copies"], 0);
    EXPECT_LT(rehearsed.report["worst_error_mm"].get<double>(), 0.15);
}

} // namespace
} // namespace fusuma
