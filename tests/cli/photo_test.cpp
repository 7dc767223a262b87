// Photographs by the command line, from printing the board to the outlines of what lies on it, with the practice
// devices as programs; finding a sheet; and options and pictures that are refused.

#include "core/geometry/outline.h"
#include "formats/basics/file.h"
#include "formats/basics/json.h"
#include "formats/drawing/drawing_read.h"
#include "reading/dxf/dxf_read.h"
#include "tests/support/run_apart.h"
#include "tests/support/samples.h"

#include <QImage>
#include <QPainter>
#include <QTemporaryDir>
#include <cstdlib>
#include <fstream>
#include <gmock/gmock.h>
#include <iostream>
#include <random>

namespace fusuma {
namespace {

using test::Ran;
using test::run;
using testing::HasSubstr;

class PhotoCli : public testing::Test {
  protected:
    QTemporaryDir folder;
    [[nodiscard]] QString file(const char* name) const { return folder.filePath(QLatin1String(name)); }
    Ran fusuma(const QStringList& arguments) { return run(FUSUMA_CLI, arguments); }

    /// A photograph of the A4 board with two stamps on it.
    void photograph(const QStringList& faults = {}) {
        ASSERT_EQ(fusuma({"board", "--pdf", file("board.pdf"), "--svg", file("board.svg"), "--hpgl", file("board.plt"),
                          "--report", file("board.json")})
                      .code,
                  0);
        ASSERT_EQ(run(PRACTICE_PRINTER, {file("board.pdf"), "-o", file("board.png"), "--dpi", "180"}).code, 0);
        QImage sheet(file("board.png"));
        QPainter painter(&sheet);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.scale(sheet.width() / 210.0, sheet.height() / 297.0);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(30, 60, 120));
        painter.drawRect(QRectF(40, 60, 40, 30));
        painter.setBrush(QColor(150, 30, 40));
        painter.drawEllipse(QPointF(130, 150), 25, 25);
        painter.end();
        ASSERT_TRUE(sheet.save(file("things.png")));
        ASSERT_EQ(run(PRACTICE_CAMERA, QStringList{file("things.png"),
                                                   "-o",
                                                   file("photo.jpg"),
                                                   "--size",
                                                   "a4",
                                                   "--width",
                                                   "1800",
                                                   "--height",
                                                   "1350",
                                                   "--tilt",
                                                   "20",
                                                   "--towards",
                                                   "50",
                                                   "--turn",
                                                   "95",
                                                   "--k1",
                                                   "-0.06",
                                                   "--falls-to",
                                                   "0.6",
                                                   "--noise",
                                                   "2"} +
                                           faults)
                      .code,
                  0);
    }
};

TEST_F(PhotoCli, FromTheBoardToTheOutlinesInTrueMillimetres) {
    photograph();
    const auto board = nlohmann::json::parse(std::ifstream(file("board.json").toStdString()));
    EXPECT_EQ(board["paper_mm"], (nlohmann::json{210.0, 297.0}));
    const double left = board["inside_mm"][0], top = board["inside_mm"][1];
    EXPECT_GE(board["marks_mm"].size(), 30u);
    const Ran ran = fusuma(
        {"outline", file("photo.jpg"), "--flatten", "board", "--pieces", "3", "-o", file("out.svg"), "--report", "-"});
    ASSERT_EQ(ran.code, 0) << ran.err;
    const auto report = nlohmann::json::parse(ran.out);
    EXPECT_EQ(report["flatten"]["by"], "board");
    EXPECT_EQ(report["flatten"]["found"], true);
    EXPECT_LT(report["flatten"]["residual_mm"], 0.1);
    EXPECT_NEAR(report["flatten"]["lens"][0], -0.06, 0.01);
    EXPECT_EQ(report["light"], "even");
    ASSERT_EQ(report["pieces"], 2);
    const auto& square = report["pieces_mm"][0];
    EXPECT_NEAR(square[0], 40 - left, 0.25);
    EXPECT_NEAR(square[1], 60 - top, 0.25);
    EXPECT_NEAR(square[2], 40, 0.25);
    EXPECT_NEAR(square[3], 30, 0.25);
    EXPECT_NEAR(report["pieces_mm"][1][2], 50, 0.25);
    std::ifstream svg(file("out.svg").toStdString());
    const std::string text((std::istreambuf_iterator<char>(svg)), {});
    std::size_t paths = 0;
    for (std::size_t at = 0; (at = text.find("<path", at)) != std::string::npos; ++at)
        ++paths;
    EXPECT_EQ(paths, 2u) << "one for each piece";
    // The board drawn by a pen stays within its paper.
    std::ifstream plt(file("board.plt").toStdString());
    const std::string code((std::istreambuf_iterator<char>(plt)), {});
    EXPECT_THAT(code, HasSubstr("PD"));
    // Stickers of a photograph go on sheets and into projects like others.
    const Ran sheet =
        fusuma({"sheet", file("photo.jpg"), "--flatten", "board:a4", "--save", file("p.fusuma"), "--report", "-"});
    EXPECT_LE(sheet.code, 1) << sheet.err;
    EXPECT_LE(fusuma({"check", file("p.fusuma")}).code, 1);
    // Or they are cut where they lie, with nothing printed.
    const QStringList there{"sheet", file("photo.jpg"), "--flatten", "board",  "--pieces",
                            "3",     "--border",        "2",         "--there"};
    const Ran cut =
        fusuma(there + QStringList{"--save", file("there.fusuma"), "--dxf", file("there.dxf"), "--report", "-"});
    ASSERT_EQ(cut.code, 0) << cut.err;
    const auto said = nlohmann::json::parse(cut.out);
    EXPECT_EQ(said["paper_mm"], (nlohmann::json{210.0, 297.0}));
    EXPECT_EQ(said["copies"], 2);
    EXPECT_EQ(said["marks_mm"].size(), 5u);
    const auto lines = read_dxf(*read_file(file("there.dxf"), 1 << 24));
    ASSERT_TRUE(lines);
    ASSERT_EQ(lines->parts.size(), 2u);
    EXPECT_NEAR(lines->size.width, 157 - 38, 0.3) << "from the left stamp's border to the right one's";
    const Ran rehearsed =
        fusuma({"rehearse", file("there.fusuma"), "--shift", "1.5,-0.8", "--turn", "1", "--report", "-"});
    ASSERT_EQ(rehearsed.code, 0) << rehearsed.err;
    EXPECT_LT(nlohmann::json::parse(rehearsed.out)["worst_error_mm"], 0.1);
    EXPECT_THAT(fusuma(there + QStringList{"--pdf", file("no.pdf")}).err, HasSubstr("not printed"));
    EXPECT_FALSE(QFile::exists(file("no.pdf")));
    // Nothing that is asked of such a project later moves a line off its art.
    ASSERT_EQ(fusuma({"sheet", file("there.fusuma"), "--svg", file("a.svg")}).code, 0);
    ASSERT_EQ(fusuma({"sheet", file("there.fusuma"), "--mirror-sheet", "--divide", "2x2", "--svg", file("b.svg")}).code,
              0);
    EXPECT_EQ(*read_file(file("a.svg"), 1 << 24), *read_file(file("b.svg"), 1 << 24));
    for (const QStringList& other : {QStringList{"--paper", "30x30"}, {"--paper", "a5"}, {"--marks", "dots"}})
        EXPECT_THAT(fusuma(QStringList{"sheet", file("there.fusuma")} + other).err, HasSubstr("paper and marks stay"));
    EXPECT_THAT(fusuma({"sheet", test::demo_art("puffin.png"), "--there"}).err, HasSubstr("--flatten board"));
}

/// How far a point is from the edge of a rectangle with round corners, a circle when they are as large as they may be.
double off_edge(Point p, const Rect& box, double corner) {
    const Point c = box.centre();
    const double x = std::abs(p.x - c.x) - box.width() / 2 + corner,
                 y = std::abs(p.y - c.y) - box.height() / 2 + corner;
    return std::abs(std::hypot(std::max(x, 0.0), std::max(y, 0.0)) + std::min(std::max(x, y), 0.0) - corner);
}

/// FUSUMA_PHOTOS asks for so many photographs, of 12 megapixels; docs/photographs.md tells of 100. Else it is one where
/// the edge of a hard shadow meets that of a stamp.
TEST_F(PhotoCli, StampsOnTheBoardHaveTheirTrueOutlinesHoweverTheyArePhotographed) {
    const char* asked = std::getenv("FUSUMA_PHOTOS");
    const int first = asked ? 0 : 37, seeds = asked ? std::atoi(asked) : 1;
    const double px = asked ? 4000 : 2200, size_error = asked ? 0.002 : 0.006, off = asked ? 0.08 : 0.12;
    ASSERT_EQ(fusuma({"board", "--pdf", file("board.pdf"), "--report", file("board.json")}).code, 0);
    const auto board = nlohmann::json::parse(std::ifstream(file("board.json").toStdString()));
    const Point origin{board["inside_mm"][0], board["inside_mm"][1]};
    ASSERT_EQ(run(PRACTICE_PRINTER, {file("board.pdf"), "-o", file("board.png"), "--dpi", "360"}).code, 0);
    const QImage bare(file("board.png"));
    int right = 0;
    for (int seed = first; seed < first + seeds; ++seed) {
        std::mt19937 numbers(static_cast<unsigned>(seed));
        const auto any = [&numbers](double least, double most) {
            return least + (most - least) * (static_cast<double>(numbers()) / 4294967296.0);
        };
        QImage sheet = bare.convertToFormat(QImage::Format_RGB32);
        QPainter painter(&sheet);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.scale(sheet.width() / 210.0, sheet.height() / 297.0);
        painter.setPen(Qt::NoPen);
        struct Stamp {
            Rect box; // mm on the board
            double corner;
        };
        std::vector<Stamp> stamps;
        for (const double top : {50.0, 150.0}) {
            const double corner = any(2, 15), width = any(30, 60), height = any(30, 60);
            const Point at{any(40, 90), top + any(0, 20)};
            stamps.push_back({{at, at + Point{width, height}}, corner});
            painter.setBrush(QColor::fromHsv(static_cast<int>(any(0, 359)), 200, static_cast<int>(any(60, 150))));
            painter.drawRoundedRect(QRectF(at.x, at.y, width, height), corner, corner);
        }
        painter.end();
        ASSERT_TRUE(sheet.save(file("things.png")));
        const bool is_wide = any(0, 1) < 0.5;
        const auto value = [](double number) { return QString::number(number, 'f', 3); };
        const QStringList shot{"--size",     "a4",
                               "--width",    QString::number(is_wide ? px : px * 3 / 4),
                               "--height",   QString::number(is_wide ? px * 3 / 4 : px),
                               "--tilt",     value(any(0, 35)),
                               "--towards",  value(any(0, 360)),
                               "--turn",     value(any(-12, 12) + 90 * std::floor(any(0, 4))),
                               "--k1",       value(any(-0.1, 0.1)),
                               "--falls-to", value(any(0.5, 1)),
                               "--shadow",   std::array{"none", "soft", "hard"}[numbers() % 3],
                               "--blur",     value(any(0, 1.5)),
                               "--noise",    value(any(0, 5)),
                               "--quality",  "80",
                               "--seed",     QString::number(seed)};
        ASSERT_EQ(run(PRACTICE_CAMERA, QStringList{file("things.png"), "-o", file("photo.jpg")} + shot).code, 0);
        const std::string where = "seed " + std::to_string(seed) + ": " + shot.join(' ').toStdString();
        const Ran ran = fusuma({"outline", file("photo.jpg"), "--flatten", "board", "--pieces", "3", "-o",
                                file("out.svg"), "--report", file("out.json")});
        if (ran.code != 0) {
            EXPECT_FALSE(ran.err.empty()) << where;
            std::cout << where << " was refused: " << ran.err << '\n';
            continue;
        }
        const auto report = nlohmann::json::parse(std::ifstream(file("out.json").toStdString()));
        const auto drawing = read_drawing(file("out.svg"));
        ASSERT_TRUE(drawing);
        EXPECT_EQ(report["pieces"], 2) << where;
        if (report["pieces"] != 2 || (*drawing)->parts.size() != 2)
            continue;
        for (std::size_t i = 0; i < 2; ++i) {
            const auto& [box, corner] = stamps[i];
            const auto& found = report["pieces_mm"][i];
            EXPECT_NEAR(found[0], box.min.x - origin.x, 0.2) << where;
            EXPECT_NEAR(found[1], box.min.y - origin.y, 0.2) << where;
            EXPECT_NEAR(found[2], box.width(), size_error * box.width()) << where;
            EXPECT_NEAR(found[3], box.height(), size_error * box.height()) << where;
            double sum = 0, length = 0;
            for (const Polygon& line : flatten((*drawing)->parts[i].paints.at(0).area->curves, 0.005))
                for (std::size_t k = 0; k < line.size(); ++k) {
                    const Point from = line[k], to = line[(k + 1) % line.size()];
                    const double long_mm = distance(from, to);
                    sum += long_mm * off_edge(origin + 0.5 * (from + to), box, corner);
                    length += long_mm;
                }
            EXPECT_LT(sum / length, off) << where;
        }
        ++right;
    }
    EXPECT_GE(right, seeds * 97 / 100);
}

/// The sheet's edge, half table and half paper, must not pass for what lies round the art.
TEST_F(PhotoCli, ADrawingPhotographedOnADeskIsLaidFlatAndEvened) {
    ASSERT_EQ(run(PRACTICE_CAMERA, {test::demo_art("anchor-sketch.png"),
                                    "-o",
                                    file("desk.jpg"),
                                    "--width",
                                    "1600",
                                    "--height",
                                    "1200",
                                    "--tilt",
                                    "22",
                                    "--towards",
                                    "60",
                                    "--turn",
                                    "8",
                                    "--k1",
                                    "-0.05",
                                    "--falls-to",
                                    "0.6",
                                    "--shadow",
                                    "soft",
                                    "--noise",
                                    "2",
                                    "--seed",
                                    "5"})
                  .code,
              0);
    const Ran ran =
        fusuma({"outline", file("desk.jpg"), "--flatten", "paper:100x120", "--outer-only", "--report", "-"});
    ASSERT_EQ(ran.code, 0) << ran.err;
    const auto flat = nlohmann::json::parse(ran.out);
    EXPECT_EQ(flat["light"], "even");
    EXPECT_EQ(flat["source"], "brightness");
    // As a scan of the same drawing has it, which is as wide as the sheet of paper.
    const Ran scan =
        fusuma({"outline", test::demo_art("anchor-sketch.png"), "--width", "100", "--outer-only", "--report", "-"});
    ASSERT_EQ(scan.code, 0) << scan.err;
    const auto drawn = nlohmann::json::parse(scan.out);
    EXPECT_NEAR(flat["width_mm"].get<double>(), drawn["width_mm"].get<double>(), 0.8);
    EXPECT_NEAR(flat["area_mm2"].get<double>() / drawn["area_mm2"].get<double>(), 1, 0.1);
}

TEST_F(PhotoCli, FindRefusesWithTheReasonAndAReport) {
    ASSERT_LE(fusuma({"sheet", test::demo_art("puffin.png"), "--paper", "148x210", "--save", file("p.fusuma")}).code,
              1);
    const Ran none = fusuma({"find", file("p.fusuma"), "--photo", test::demo_art("puffin.png"), "--report", "-"});
    EXPECT_EQ(none.code, 1);
    const auto report = nlohmann::json::parse(none.out);
    EXPECT_EQ(report["accepted"], false);
    EXPECT_THAT(report["reason"].get<std::string>(), HasSubstr("board"));
    EXPECT_TRUE(report["fit"].is_null());
    for (const auto& [arguments, words] : std::vector<std::pair<QStringList, const char*>>{
             {{"find", file("p.fusuma"), "--photo", file("nothing.jpg")}, "nothing.jpg"},
             {{"find", file("p.fusuma"), "--photo", test::demo_art("puffin.png"), "--board", "10x10"}, "--board 10x10"},
             {{"find", file("p.fusuma"), "--photo", test::demo_art("puffin.png"), "--page", "9"}, "page"},
             {{"board", "--paper", "50x50"}, "at least 90"},
             {{"board", "--paper", "nonsense"}, "nonsense"},
             {{"outline", test::demo_art("puffin.png"), "--flatten", "board"}, "photo board"},
             {{"outline", test::demo_art("puffin.png"), "--flatten", "paper:a4"}, "sheet of such paper"},
             {{"outline", test::demo_art("puffin.png"), "--flatten", "card"}, "card"},
             {{"outline", test::demo_art("puffin.png"), "--flatten", "paper"}, "paper:PAPER"},
             {{"outline", test::demo_art("puffin.png"), "--flatten", "corners:1,2,3:4x5"}, "corners"},
             {{"outline", test::demo_art("puffin.png"), "--flatten", "corners:0,0,9,0,9,9,nan,9:40x50"}, "corners"},
             {{"outline", test::demo_art("puffin.png"), "--flatten", "corners:0,0,0,0,0,0,0,0:40x50"}, "four corners"},
             {{"outline", test::demo_art("puffin.png"), "--subject", "1,2,3"}, "--subject"},
             {{"outline", test::demo_art("puffin.png"), "--belongs", "20,1,2"}, "--subject, too"},
             {{"outline", test::demo_art("puffin.png"), "--subject", "auto", "--not", "20,1"}, "--not"},
             {{"outline", test::demo_art("puffin.png"), "--subject", "auto", "--source", "alpha"},
              "do not go together"}}) {
        const Ran ran = fusuma(arguments);
        EXPECT_EQ(ran.code, 2) << arguments.join(' ').toStdString();
        EXPECT_THAT(ran.err, HasSubstr(words));
        EXPECT_LE(std::ranges::count(ran.err, '\n'), 1) << ran.err;
    }
}

} // namespace
} // namespace fusuma
