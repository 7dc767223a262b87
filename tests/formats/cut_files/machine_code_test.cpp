// What machines are sent: HP-GL in the ways of many, G-code with arcs, both read by others.

#include "core/geometry/measure.h"
#include "formats/cut_files/hpgl.h"
#include "formats/cut_files/machine_code.h"
#include "tests/support/exact_coverage.h"
#include "tests/support/gcode.h"

#include <QFile>
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <gmock/gmock.h>
#include <random>

namespace fusuma {
namespace {

using testing::HasSubstr;
using testing::Not;

constexpr Size paper_size{210, 297};

/// Discs, stars with sharp tips, an open score and a through cut.
std::vector<CutPath> many_cuts() {
    std::vector<CutPath> paths;
    std::mt19937 random(7);
    const auto within = [&](double low, double high) { return std::uniform_real_distribution(low, high)(random); };
    for (int i = 0; i < 9; ++i) {
        const Point middle{35.0 + 70 * (i % 3), 50.0 + 90 * (i / 3)};
        Polygon star;
        for (int k = 0; k < 14; ++k)
            star.push_back(middle + (k % 2 ? within(8, 12) : within(18, 25)) *
                                        Point{std::cos(k * 0.4488), std::sin(k * 0.4488)});
        const CopyId copy{i + 1};
        paths.push_back({contour_of(i % 2 ? star : test::ellipse(middle, 20, 14, 0.4, 300)), CutKind::kiss, copy});
        if (i == 4)
            paths.push_back({contour_of(test::ellipse(middle, 29, 29, 0, 300)), CutKind::through, copy});
    }
    Contour line;
    line.start = {100, 10};
    line.segments.push_back(Segment::line_to({100, 20}));
    paths.push_back({line, CutKind::score, CopyId{1}, true});
    return paths;
}

MachineJob job_on(Machine machine, const Material& material = {.dash_gap = 0}) {
    machine.bed = {300, 400};
    return LoadedSheet(std::make_shared<const Machine>(std::move(machine)), paper_size)
        .by_edge()
        .job(many_cuts(), {}, material);
}

/// The strokes of HP-GL in machine mm.
std::vector<HpglStroke> strokes_in(const std::string& text, double units_per_mm = 40) {
    HpglReader reader;
    EXPECT_TRUE(reader.take(text));
    auto strokes = reader.strokes();
    for (HpglStroke& stroke : strokes)
        for (Point& p : stroke.points)
            p = (hpgl_units_per_mm / units_per_mm) * p;
    return strokes;
}

/// Every run of the job is there in its order, in the machine's own numbers.
template <typename Strokes> void expect_runs(const MachineJob& job, const Strokes& strokes, double within) {
    ASSERT_EQ(strokes.size(), job.cut().runs.size());
    const Transform numbers = bed_of(job.machine()).inverted();
    for (std::size_t i = 0; i < strokes.size(); ++i) {
        const auto& axis = job.cut().runs[i].axis;
        std::vector<Point> there_and_back;
        for (const Point p : axis)
            there_and_back.push_back(numbers.apply(p));
        EXPECT_LT(distance(there_and_back.front(), strokes[i].points.front()), within);
        EXPECT_LT(distance(there_and_back.back(), strokes[i].points.back()), within);
        auto drawn = strokes[i].points;
        const auto wanted = there_and_back;
        drawn.insert(drawn.end(), strokes[i].points.rbegin(), strokes[i].points.rend());
        there_and_back.insert(there_and_back.end(), wanted.rbegin(), wanted.rend());
        const Polygons way{there_and_back}, seen{drawn};
        for (const Point p : strokes[i].points)
            EXPECT_LT(nearest_on(way, p, within).distance, within);
        for (const Point p : wanted)
            EXPECT_LT(nearest_on(seen, p, within).distance, within);
    }
}

std::vector<Machine> machines() {
    Machine plain, turned, mirrored, fine;
    turned.nought = BedCorner::top_right;
    turned.x_runs = Heading::down;
    turned.y_runs = Heading::left;
    mirrored.nought = BedCorner::bottom_right;
    mirrored.x_runs = Heading::left;
    mirrored.y_runs = Heading::up;
    fine.hpgl.units_per_mm = 100;
    return {plain, turned, mirrored, fine};
}

TEST(MachineCode, HpglHoldsEveryRunHoweverTheAxesLie) {
    for (const Machine& machine : machines()) {
        const MachineJob job = job_on(machine);
        expect_runs(job, strokes_in(machine_code(job), machine.hpgl.units_per_mm), 0.03);
    }
}

TEST(MachineCode, HpglKeepsToWhatTheMachineTakes) {
    Machine machine;
    machine.hpgl = {.most_numbers = 12, .most_bytes = 60, .sets_pen = false};
    machine.before = "PS4;\nVS3;";
    machine.after = "PG;";
    machine.park = Point{5, 7};
    const MachineJob job = job_on(machine);
    const std::string text = machine_code(job);
    EXPECT_THAT(text, testing::StartsWith("IN;\nPS4;\nVS3;\nPU"));
    EXPECT_THAT(text, testing::EndsWith("PU;\nPU200,280;\nPG;\n"));
    EXPECT_THAT(text, Not(HasSubstr("SP")));
    std::istringstream lines(text);
    for (std::string line; std::getline(lines, line);) {
        EXPECT_LE(line.size() + 1, 60u);
        EXPECT_LE(std::ranges::count(line, ','), 11) << "twelve numbers";
    }
    expect_runs(job, strokes_in(text), 0.03);
}

TEST(MachineCode, GcodeHoldsEveryRunWithinAHundredth) {
    for (Machine machine : machines())
        for (const bool arcs : {true, false}) {
            machine.language = CutLanguage::gcode;
            machine.gcode.arcs = arcs;
            const MachineJob job = job_on(machine, {.blade_offset = 0.3, .overcut = 0.5, .dash_gap = 0});
            const std::string text = machine_code(job);
            expect_runs(job, test::gcode_ways(text), 0.01);
            EXPECT_EQ(text.find("G2 ") != std::string::npos, arcs);
        }
}

TEST(MachineCode, GcodeLiftsAndFeedsAsTheMachineIsMade) {
    Machine machine;
    machine.language = CutLanguage::gcode;
    machine.gcode.lift = BladeLift::words;
    machine.gcode.down = "M3 S700";
    machine.gcode.up = "M5";
    machine.gcode.wait = 0.25;
    machine.before = "G92 X0 Y0";
    machine.after = "M5\nM9";
    machine.park = Point{0, 200};
    Material material{.dash_gap = 0};
    material.kiss.speed = 50;
    const MachineJob job = job_on(machine, material);
    const std::string text = machine_code(job);
    EXPECT_THAT(text, testing::StartsWith("G21\nG90\nG17\nG94\nG92 X0 Y0\nM5\nG4 P0.25\nG0 X"));
    EXPECT_THAT(text, HasSubstr("\nM3 S700\nG4 P0.25\nG"));
    EXPECT_THAT(text, testing::EndsWith("M5\nG4 P0.25\nG0 X0 Y200\nM5\nM9\nM2\n"));
    EXPECT_THAT(text, Not(HasSubstr("Z")));
    const auto ways = test::gcode_ways(text);
    expect_runs(job, ways, 0.01);
    for (std::size_t i = 0; i < ways.size(); ++i)
        EXPECT_NEAR(ways[i].feed, 60 * material.tooling(job.cut().runs[i].kind).speed, 1e-6);
}

TEST(MachineCode, BeginsWithAnyRunInEitherLanguage) {
    for (const CutLanguage language : {CutLanguage::hpgl, CutLanguage::gcode}) {
        Machine machine;
        machine.language = language;
        const MachineJob job = job_on(machine);
        const auto pieces = [&](std::size_t first) { return code_pieces(job.cut(), job.material(), job.machine(), first); };
        const auto all = pieces(0), rest = pieces(7);
        ASSERT_EQ(all.size(), job.cut().runs.size() + 2);
        ASSERT_EQ(rest.size(), all.size() - 7);
        EXPECT_EQ(rest.front(), all.front());
        EXPECT_EQ(rest.back(), all.back());
        EXPECT_EQ(rest[2], all[9]);
        EXPECT_EQ(pieces(job.cut().runs.size()).size(), 2u);
    }
}

/// GNU hp2xx reads our HP-GL: the same lines at the same places beside each other.
TEST(MachineCode, AnotherProgramReadsOurHpgl) {
    if (QStandardPaths::findExecutable("hp2xx").isEmpty())
        GTEST_SKIP() << "hp2xx is not installed";
    for (const Machine& machine : machines()) {
        if (machine.hpgl.units_per_mm != hpgl_units_per_mm)
            continue; // not HP-GL's own
        const MachineJob job =
            job_on(machine, {.through = {.passes = 1}, .dash_gap = 0}); // each line once, to tell them apart
        QTemporaryDir folder;
        QFile file(folder.filePath("cut.plt"));
        ASSERT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(QByteArray::fromStdString(machine_code(job)));
        file.close();
        QProcess::execute("hp2xx", {"-q", "-t", "-m", "dxf", "-f", folder.filePath("cut.dxf"), file.fileName()});
        QFile dxf(folder.filePath("cut.dxf"));
        ASSERT_TRUE(dxf.open(QIODevice::ReadOnly));
        struct Drawn {
            int layer = 0;
            Point from, to;
        };
        std::vector<Drawn> read; // counted from the drawing's bottom left
        int layer = 0;
        std::pair<Point, Point> line;
        for (QList<QByteArray> rows = dxf.readAll().split('\n'); rows.size() > 1; rows.remove(0, 2)) {
            const int group = rows[0].trimmed().toInt();
            const double value = rows[1].trimmed().toDouble();
            if (group == 62) // colour, by its pen
                layer = rows[1].trimmed().toInt();
            else if (group == 10)
                line.first.x = value;
            else if (group == 20)
                line.first.y = value;
            else if (group == 11)
                line.second.x = value;
            else if (group == 21)
                read.push_back({layer, line.first, {line.second.x, value}});
        }
        const Transform numbers = bed_of(job.machine()).inverted();
        Rect box, its_box;
        for (const CutRun& run : job.cut().runs)
            for (const Point p : run.axis)
                box.include(numbers.apply(p));
        for (const auto& [pen, from, to] : read) {
            its_box.include(from);
            its_box.include(to);
        }
        EXPECT_NEAR(its_box.width(), box.width(), 0.05);
        EXPECT_NEAR(its_box.height(), box.height(), 0.05);
        std::vector<HpglStroke> strokes;
        for (const auto& [pen, from, to] : read) {
            const Point begin = from - its_box.min + box.min, end = to - its_box.min + box.min;
            if (strokes.empty() || strokes.back().pen != pen || distance(strokes.back().points.back(), begin) > 1e-6)
                strokes.push_back({pen, {begin}});
            strokes.back().points.push_back(end);
        }
        expect_runs(job, strokes, 0.05);
    }
}

} // namespace
} // namespace fusuma
