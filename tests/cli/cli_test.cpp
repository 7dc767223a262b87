#include "formats/basics/json.h"
#include "formats/project/project_file.h"
#include "tests/support/run_cli.h"
#include "tests/support/samples.h"

#include <QFile>
#include <QImage>
#include <fstream>
#include <gmock/gmock.h>

namespace fusuma {
namespace {

using nlohmann::json;

using test::CliRun;
using test::run_cli;

const std::string lantern = test::demo_art("paper-lantern.png").toStdString();

TEST(Cli, OutlineReportsEveryStatedField) {
    QTemporaryDir folder;
    const std::string svg = folder.filePath("o.svg").toStdString();
    const CliRun run = run_cli({"outline", lantern, "-o", svg, "--width", "92", "--report", "-"});
    ASSERT_EQ(run.code, 0) << run.err;
    const json report = json::parse(run.out);
    for (const char* field :
         {"contours", "holes", "segments", "nodes", "length_mm", "area_mm2", "width_mm", "height_mm"})
        EXPECT_TRUE(report.contains(field)) << field;
    for (const char* field : {"decode", "coverage", "trace", "border"})
        EXPECT_GE(report["seconds"].at(field).get<double>(), 0) << field;
    EXPECT_EQ(report["contours"], 2) << "the lantern and the hole of its handle";
    EXPECT_EQ(report["holes"], 1);
    // The lantern's ink reaches to about 1.8 mm from both sides of its 46 mm picture, here at twice the size.
    EXPECT_NEAR(report["width_mm"].get<double>(), 92 - 2 * 3.6, 1.5);
    std::ifstream file(svg);
    const std::string text((std::istreambuf_iterator<char>(file)), {});
    EXPECT_THAT(text,
                testing::AllOf(testing::HasSubstr("width=\"92mm\""), testing::HasSubstr("fill-rule=\"evenodd\"")));
}

TEST(Cli, OutlineTakesBorderCornersHolesAndDensity) {
    const auto report = [](std::vector<std::string> options) {
        std::vector<std::string> all{"outline", lantern, "--report", "-"};
        all.insert(all.end(), options.begin(), options.end());
        return json::parse(run_cli(all).out);
    };
    const json bare = report({}), wide = report({"--border", "3"}),
               closed = report({"--border", "3", "--holes", "close"});
    EXPECT_NEAR(wide["width_mm"].get<double>() - bare["width_mm"].get<double>(), 6, 0.05);
    EXPECT_EQ(closed["holes"], 0);
    EXPECT_EQ(report({"--holes", "close-under=1"})["holes"], 1);
    EXPECT_NEAR(report({"--dpi", "150"})["width_mm"].get<double>(), 2 * bare["width_mm"].get<double>(), 0.1);
}

TEST(Cli, BorderBleedAndHandworkAreTakenByOutlineAndSheetAlike) {
    const std::string mackerel = test::demo_art("leaping-mackerel.png").toStdString();
    const auto report = [](const std::string& art, std::vector<std::string> options) {
        std::vector<std::string> all{"outline", art, "--report", "-"};
        if (std::find(options.begin(), options.end(), "--border") == options.end())
            all.insert(all.end(), {"--border", "1"});
        all.insert(all.end(), options.begin(), options.end());
        const CliRun run = run_cli(all);
        EXPECT_EQ(run.code, 0) << run.err;
        return json::parse(run.out);
    };
    const json apart = report(mackerel, {}), one = report(mackerel, {"--one-border"});
    EXPECT_GT(apart["pieces"], 2);
    EXPECT_EQ(one["pieces"], 1);
    EXPECT_LT(report(mackerel, {"--join", "2"})["pieces"], apart["pieces"]);
    EXPECT_NEAR(one["width_mm"].get<double>(), apart["width_mm"].get<double>(), 0.05);
    EXPECT_NEAR(report(lantern, {"--rim", "1.5,#2E4A7D", "--rim", "0.5,art"})["width_mm"].get<double>(),
                report(lantern, {"--border", "3"})["width_mm"].get<double>(), 0.05);
    EXPECT_EQ(report(lantern, {"--close-hole", "272,100"})["holes"], 0);
    EXPECT_EQ(report(lantern, {"--holes", "close", "--keep-hole", "272,100"})["holes"], 1);
    EXPECT_EQ(report(lantern, {"--leave-out", "272,100"})["contours"], 1);
    EXPECT_EQ(report(lantern, {"--line", "100,400,300,420,300,500"})["open_lines"], 1);
    EXPECT_EQ(report(lantern, {"--line", "100,400,300,420,300,500,100,400"})["contours"], 3);
    EXPECT_EQ(report(lantern, {"--bleed", "1.2"})["bleed_mm"], 1.2);
    EXPECT_EQ(report(lantern, {"--bleed", "1.2", "--bleed-with", "rim"})["bleed_mm"], 0) << "the border is paper";

    // The sheet prints the bleed: at the practice printer, paper 0.5 mm outside a cut on the outline has colour on it.
    QTemporaryDir folder;
    const std::string png = folder.filePath("s.png").toStdString();
    const auto inked = [&](std::vector<std::string> options) {
        std::vector<std::string> all{"sheet",  lantern, "--border", "0",     "--marks", "none",        "--paper",
                                     "80x100", "--png", png,        "--dpi", "200",     "--least-gap", "1"};
        all.insert(all.end(), options.begin(), options.end());
        EXPECT_NE(run_cli(all).code, 2) << "without a bleed there is something to fix";
        const QImage sheet(QString::fromStdString(png));
        int count = 0;
        for (int y = 0; y < sheet.height(); ++y)
            for (int x = 0; x < sheet.width(); ++x)
                count += qGray(sheet.pixel(x, y)) < 200;
        return count / (200 / 25.4) / (200 / 25.4); // mm²
    };
    const double perimeter = report(lantern, {"--border", "0"})["length_mm"];
    EXPECT_NEAR(inked({"--bleed", "1"}) - inked({}), perimeter, 0.15 * perimeter);
}

TEST(Cli, SheetWritesEveryOutputAndReportsIt) {
    QTemporaryDir folder;
    const auto path = [&](const char* name) { return folder.filePath(QLatin1String(name)).toStdString(); };
    const CliRun run = run_cli({"sheet",  lantern,       "--paper",        "a4",          "--copies",
                                "3",      "--pdf",       path("s.pdf"),    "--svg",       path("c.svg"),
                                "--hpgl", path("c.plt"), "--png",          path("s.png"), "--dpi",
                                "50",     "--save",      path("p.fusuma"), "--report",    "-"});
    ASSERT_EQ(run.code, 0) << run.err;
    const json report = json::parse(run.out);
    EXPECT_EQ(report["paper_mm"], json({210.0, 297.0}));
    EXPECT_EQ(report["marks_mm"].size(), 5u);
    EXPECT_EQ(report["copies"], 3);
    EXPECT_EQ(report["pages"], 1);
    EXPECT_EQ(report["cuts"], 6) << "outside and handle of three lanterns";
    EXPECT_GT(report["cut_length_mm"], 3 * 150);
    EXPECT_GT(report["used_share"], 0.05);
    EXPECT_GT(report["zone_mm2"], 50000);
    EXPECT_EQ(report["largest_fit_mm"].size(), 2u);
    EXPECT_EQ(report["findings"], json::array());
    for (const char* field : {"evaluate", "fill", "plan"})
        EXPECT_TRUE(report["seconds"].contains(field)) << field;
    for (const char* name : {"s.pdf", "c.svg", "c.plt", "p.fusuma"})
        EXPECT_TRUE(QFile::exists(folder.filePath(QLatin1String(name)))) << name;
    EXPECT_NEAR(QImage(folder.filePath("s.png")).width(), 210 / 25.4 * 50, 1);

    const CliRun check = run_cli({"check", path("p.fusuma"), "--report", "-"});
    EXPECT_EQ(check.code, 0);
    EXPECT_EQ(json::parse(check.out)["copies"], 3);

    const CliRun more = run_cli({"sheet", path("p.fusuma"), test::demo_art("puffin.png").toStdString(), "--size", "40",
                                 "--copies", "2", "--report", "-"});
    EXPECT_EQ(json::parse(more.out)["copies"], 5) << "a project can be added to";
}

TEST(Cli, NeighboursShareTheirCutsWhereThatIsAsked) {
    QTemporaryDir folder;
    const auto path = [&](const char* name) { return folder.filePath(QLatin1String(name)).toStdString(); };
    QImage card(600, 360, QImage::Format_RGB32);
    card.fill(QColor(20, 120, 130));
    ASSERT_TRUE(card.save(QString::fromStdString(path("card.png"))));
    const auto sheet = [&](std::vector<std::string> more) {
        std::vector<std::string> words{"sheet", path("card.png"), "--size", "50",       "--border", "0", "--bleed",
                                       "1.5",   "--fill",         "rows",   "--report", "-"};
        words.insert(words.end(), more.begin(), more.end());
        const CliRun run = run_cli(words);
        EXPECT_EQ(run.code, 0) << run.err;
        return json::parse(run.out);
    };
    const json apart = sheet({}), shared = sheet({"--share-cuts", "--svg", path("c.svg"), "--save", path("p.fusuma")});
    EXPECT_GT(shared["copies"], apart["copies"]);
    EXPECT_EQ(apart["shared_cut_mm"], 0);
    EXPECT_EQ(apart["cuts"], apart["copies"]);
    EXPECT_NEAR(shared["cut_length_mm"].get<double>() + shared["shared_cut_mm"].get<double>(),
                160 * shared["copies"].get<double>(), 1);
    EXPECT_EQ(shared["findings"], apart["findings"]);

    QFile svg(folder.filePath("c.svg"));
    ASSERT_TRUE(svg.open(QIODevice::ReadOnly));
    EXPECT_EQ(svg.readAll().count("<path"), shared["cuts"].get<int>()) << "every line stands there once";
    const CliRun again = run_cli({"check", path("p.fusuma"), "--report", "-"});
    EXPECT_EQ(json::parse(again.out)["shared_cut_mm"], shared["shared_cut_mm"]) << "the project keeps it";
    const CliRun rehearsed = run_cli({"rehearse", path("p.fusuma"), "--report", "-"});
    EXPECT_EQ(json::parse(rehearsed.out)["faulty_copies"], 0);
}

TEST(Cli, SizeIsTheLongerSideOfTheArtwork) {
    const CliRun run =
        run_cli({"sheet", lantern, "--size", "74", "--border", "0", "--holes", "close", "--report", "-"});
    const CliRun doubled =
        run_cli({"sheet", lantern, "--size", "148", "--border", "0", "--holes", "close", "--report", "-"});
    EXPECT_NEAR(json::parse(doubled.out)["cut_length_mm"].get<double>() /
                    json::parse(run.out)["cut_length_mm"].get<double>(),
                2, 0.01);
}

TEST(Cli, OneLineFillsAPageWithEightStickersAndNoFinding) {
    std::vector<std::string> arguments{"sheet"};
    for (const char* name : {"puffin.png", "octopus.png", "leaping-mackerel.png", "white-moon.png", "paper-lantern.png",
                             "anchor-sketch.png", "kelp-relish.png", "harbour-ferry.jpg"})
        arguments.push_back(test::demo_art(name).toStdString());
    for (const char* option : {"--size", "38", "--border", "2", "--holes", "close", "--ignore-specks", "2", "--fill",
                               "turned", "--rounds", "1", "--report", "-"})
        arguments.emplace_back(option);
    const CliRun run = run_cli(arguments);
    EXPECT_EQ(run.code, 0) << run.err;
    const json report = json::parse(run.out);
    EXPECT_GE(report["copies"], 32);
    EXPECT_GT(report["used_share"], 0.5);
    EXPECT_EQ(report["findings"], json::array());
}

TEST(Cli, PagesSmallSheetsAndSchemesAreTakenAndTheirErrorsSaid) {
    QTemporaryDir folder;
    const std::string scheme = folder.filePath("marks.json").toStdString();
    std::ofstream(scheme) << R"({"name": "x",
 "marks": [{"shape": "dot", "from": "top-left", "x": 9,
  "y": -1, "radius": 2}]})";
    const json pages = json::parse(
        run_cli({"sheet", lantern, "--size", "60", "--copies", "40", "--fill", "rows", "--pages", "9", "--divide",
                 "2x2", "--marks", "crosses", "--svg", folder.filePath("c.svg").toStdString(), "--report", "-"})
            .out);
    EXPECT_GT(pages["pages"], 1);
    EXPECT_EQ(pages["copies"], 40);
    EXPECT_TRUE(QFile::exists(folder.filePath("c-2.svg")));
    const std::vector<std::pair<std::vector<std::string>, const char*>> wrong{
        {{"--mark-scheme", scheme}, "Line 3, field “marks/0/y”"},
        {{"--pages", "1000"}, "--pages"},
        {{"--gap", "-1"}, "--gap"},
        {{"--divide", "0x4"}, "--divide 0x4"},
        {{"--paper", "25x25"}, "leave nothing of the cut zone"},
        {{"--margins", "100", "--paper", "a5"}, "leave nothing"}};
    for (const auto& [options, words] : wrong) {
        std::vector<std::string> arguments{"sheet", lantern};
        arguments.insert(arguments.end(), options.begin(), options.end());
        const CliRun run = run_cli(arguments);
        EXPECT_EQ(run.code, 2) << words;
        EXPECT_THAT(run.err, testing::HasSubstr(words));
    }
}

TEST(Cli, FillPlacesAsManyAsFitAndCopiesThatDoNotFitAreAFinding) {
    const json filled = json::parse(run_cli({"sheet", lantern, "--size", "40", "--fill", "rows", "--report", "-"}).out);
    EXPECT_GT(filled["copies"], 20);
    EXPECT_EQ(filled["findings"], json::array());
    const CliRun tight = run_cli({"sheet", lantern, "--copies", "500", "--report", "-"});
    EXPECT_EQ(tight.code, 1);
    const json report = json::parse(tight.out);
    EXPECT_EQ(report["findings"][0]["rule"], "does-not-fit");
    EXPECT_THAT(report["findings"][0]["message"].get<std::string>(), testing::HasSubstr("of 500 copies fit"));
}

/// A saved project with three lanterns on a page.
std::string saved_project(const QTemporaryDir& folder) {
    const std::string path = folder.filePath("p.fusuma").toStdString();
    EXPECT_EQ(run_cli({"sheet", lantern, "--size", "45", "--copies", "3", "--save", path}).code, 0);
    return path;
}

TEST(Cli, RehearseReportsEveryStatedFieldAndFindsTheSheetWhereItLies) {
    QTemporaryDir folder;
    const std::string project = saved_project(folder), png = folder.filePath("r.png").toStdString();
    const CliRun run = run_cli({"rehearse", project, "--shift", "-1.5,0.8", "--turn", "-0.6", "--stretch", "0.4,-0.3",
                                "--seed", "5", "--slips", "200", "--png", png, "--report", "-"});
    ASSERT_EQ(run.code, 0) << run.err;
    const json report = json::parse(run.out);
    for (const char* field : {"accepted", "reason", "marks_found", "fit", "worst_error_mm", "copies", "faulty_copies"})
        EXPECT_TRUE(report.contains(field)) << field;
    EXPECT_TRUE(report["accepted"].get<bool>());
    EXPECT_EQ(report["marks_found"], 5);
    EXPECT_NEAR(report["fit"]["shift_mm"][0].get<double>(), -1.5, 0.03);
    EXPECT_NEAR(report["fit"]["shift_mm"][1].get<double>(), 0.8, 0.03);
    EXPECT_NEAR(report["fit"]["turn_deg"].get<double>(), -0.6, 0.02);
    EXPECT_NEAR(report["fit"]["stretch_pct"][0].get<double>(), 0.4, 0.03);
    EXPECT_NEAR(report["fit"]["stretch_pct"][1].get<double>(), -0.3, 0.03);
    EXPECT_LT(report["fit"]["residual_mm"].get<double>(), 0.05);
    EXPECT_LT(report["worst_error_mm"].get<double>(), 0.15);
    EXPECT_EQ(report["copies"], 3);
    EXPECT_EQ(report["faulty_copies"], 0);
    EXPECT_EQ(report["slips"]["sheets"], 200);
    EXPECT_NEAR(QImage(QString::fromStdString(png)).width(), 210 / 25.4 * 150, 2);
}

TEST(Cli, RehearseRefusesSmudgedMarksAndCountsSpoiltStickers) {
    QTemporaryDir folder;
    const std::string project = saved_project(folder);
    const CliRun smudged = run_cli({"rehearse", project, "--smudge", "3", "--report", "-"});
    EXPECT_EQ(smudged.code, 1);
    const json refused = json::parse(smudged.out);
    EXPECT_FALSE(refused["accepted"].get<bool>());
    EXPECT_THAT(refused["reason"].get<std::string>(), testing::HasSubstr("bottom right"));
    EXPECT_TRUE(refused["worst_error_mm"].is_null());
    const CliRun by_hand = run_cli({"rehearse", project, "--smudge", "3", "--method", "hand", "--report", "-"});
    EXPECT_EQ(by_hand.code, 0);
    // By the edge alone a sheet that lies 6 mm off is spoilt, every copy of it.
    const CliRun by_edge = run_cli({"rehearse", project, "--shift", "6,0", "--method", "edge", "--report", "-"});
    EXPECT_EQ(by_edge.code, 1);
    EXPECT_EQ(json::parse(by_edge.out)["faulty_copies"], 3);
    for (const auto& [options, words] : {std::pair<std::vector<std::string>, const char*>{{"--smudge", "9"}, "5 marks"},
                                         {{"--stretch", "40"}, "20 percent"},
                                         {{"--ticket", "ZZZZ"}, "no ticket ZZZZ"}}) {
        std::vector<std::string> all{"rehearse", project};
        all.insert(all.end(), options.begin(), options.end());
        const CliRun wrong = run_cli(all);
        EXPECT_EQ(wrong.code, 2);
        EXPECT_THAT(wrong.err, testing::HasSubstr(words));
    }
}

TEST(Cli, SheetWritesEveryFormatWithMaterialAndInks) {
    QTemporaryDir folder;
    const auto at = [&](const char* name) { return folder.filePath(QLatin1String(name)).toStdString(); };
    const CliRun run = run_cli({"sheet",     lantern,     "--size",      "45",         "--copies",        "2",
                                "--pdf",     at("s.pdf"), "--dxf",       at("c.dxf"),  "--dxf-splines",   "--svg",
                                at("c.svg"), "--hpgl",    at("c.plt"),   "--material", "Printable vinyl", "--ink",
                                "kiss=Ritz", "--save",    at("p.fusuma")});
    ASSERT_EQ(run.code, 0) << run.err;
    const auto text = [&](const char* name) {
        std::ifstream file(at(name));
        return std::string((std::istreambuf_iterator<char>(file)), {});
    };
    EXPECT_THAT(text("c.dxf"), testing::HasSubstr("SPLINE"));
    EXPECT_THAT(text("s.pdf"), testing::HasSubstr("/Ritz"));
    EXPECT_GT(text("c.plt").size(), 500u);
    // A plain-paper test has no art: it is much smaller, and without layers for cuts.
    ASSERT_EQ(run_cli({"sheet", at("p.fusuma"), "--plain-paper", "--pdf", at("t.pdf")}).code, 0);
    EXPECT_THAT(text("t.pdf"), testing::Not(testing::HasSubstr("/Ritz")));
    EXPECT_THAT(run_cli({"sheet", lantern, "--material", "Cheese"}).err, testing::HasSubstr("Printable vinyl"));
    EXPECT_THAT(run_cli({"sheet", lantern, "--ink", "red=x"}).err, testing::HasSubstr("kiss=NAME"));
}

TEST(Cli, PreflightDecidesTheExitCode) {
    const CliRun run =
        run_cli({"sheet", test::demo_art("tide-bell.png").toStdString(), "--size", "80", "--report", "-"});
    EXPECT_EQ(run.code, 1);
    const json finding = json::parse(run.out)["findings"][0];
    EXPECT_EQ(finding["rule"], "low-resolution");
    EXPECT_EQ(finding["severity"], "to-fix");
    EXPECT_EQ(finding["page"], 1);
    EXPECT_EQ(finding["at_mm"].size(), 2u);
}

TEST(Cli, BadInputIsOneLineOnStandardErrorAndExitCode2) {
    QTemporaryDir folder;
    const std::string damaged = folder.filePath("damaged.fusuma").toStdString(),
                      clear = folder.filePath("clear.png").toStdString();
    std::ofstream(damaged) << "PK not really";
    QImage empty(20, 20, QImage::Format_ARGB32);
    empty.fill(Qt::transparent);
    ASSERT_TRUE(empty.save(QString::fromStdString(clear)));
    const std::vector<std::string> cases[] = {{},
                                              {"dance"},
                                              {"outline"},
                                              {"outline", "missing.png"},
                                              {"outline", clear},
                                              {"sheet", clear},
                                              {"outline", lantern, "--border", "wide"},
                                              {"outline", lantern, "--holes", "close-under=big"},
                                              {"outline", lantern, "-o", "/no/such/folder/o.svg"},
                                              {"sheet", lantern, "--paper", "napkin"},
                                              {"sheet", lantern, "--pdf", "/no/such/folder/s.pdf"},
                                              {"sheet", lantern, damaged},
                                              {"check", damaged},
                                              {"outline", lantern, "--rim", "2"},
                                              {"outline", lantern, "--rim", "2,mauve"},
                                              {"outline", lantern, "--rim", "-1,#112233"},
                                              {"outline", lantern, "--border-fill", "dots=#112233"},
                                              {"outline", lantern, "--bleed-with", "rim"},
                                              {"outline", lantern, "--bleed", "99"},
                                              {"outline", lantern, "--close-hole", "12"},
                                              {"outline", lantern, "--line", "1,2"},
                                              {"outline", lantern, "--line", "1,2,nan,4"},
                                              {"outline", lantern, "--leave-out", "here"},
                                              {"outline", lantern, "--mitre-limit", "0"},
                                              {"outline", lantern, "--source", "smell"},
                                              {"outline", lantern, "--source", "colour=#12"},
                                              {"outline", lantern, "--focus", "1,2,3"},
                                              {"outline", lantern, "--focus", "5000,5000,10,10"},
                                              {"sheet", lantern, "--width", "20", "--size", "20"}};
    for (const auto& arguments : cases) {
        const CliRun run = run_cli(arguments);
        EXPECT_EQ(run.code, 2) << testing::PrintToString(arguments);
        EXPECT_EQ(std::count(run.err.begin(), run.err.end(), '\n'), 1) << run.err;
        EXPECT_EQ(run.out, "");
    }
}

/// A picture without transparency and without one colour along its edge.
std::string gradient_picture(const QTemporaryDir& folder) {
    QImage image(120, 80, QImage::Format_RGB32);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            image.setPixel(x, y, qRgb(2 * x, 3 * y, 255 - 2 * x));
    image.save(folder.filePath("gradient.png"));
    return folder.filePath("gradient.png").toStdString();
}

TEST(Cli, APictureWithNoBackgroundToFindIsOutlinedAsItsRectangleWithAHint) {
    QTemporaryDir folder;
    const json report =
        json::parse(run_cli({"outline", gradient_picture(folder), "--width", "60", "--report", "-"}).out);
    EXPECT_NEAR(report["width_mm"].get<double>(), 60, 0.1);
    EXPECT_EQ(report["nodes"], 4);
    EXPECT_THAT(report["hint"].get<std::string>(), testing::HasSubstr("whole rectangle"));
}

TEST(Cli, TheBestSourceIsOfferedAndCanBeOverruled) {
    const std::string ferry = test::demo_art("harbour-ferry.jpg").toStdString();
    const std::string anchor = test::demo_art("anchor-sketch.png").toStdString();
    const auto report = [](std::vector<std::string> arguments) {
        arguments.insert(arguments.begin(), "outline");
        arguments.insert(arguments.end(), {"--report", "-"});
        return json::parse(run_cli(arguments).out);
    };
    EXPECT_EQ(report({lantern})["source"], "alpha");
    const json by_colour = report({ferry});
    EXPECT_EQ(by_colour["source"], "colour");
    EXPECT_EQ(by_colour["contours"], 1) << "the ferry in one piece, its cream parts kept, the dust left out";
    EXPECT_EQ(report({anchor})["source"], "brightness");
    EXPECT_NEAR(report({ferry, "--source", "alpha"})["width_mm"].get<double>(), 80, 0.1);
    const json named = report({ferry, "--source", "colour=#F6F3EC"});
    EXPECT_NEAR(named["area_mm2"].get<double>(), by_colour["area_mm2"].get<double>(), 2);
    // A box round the flag alone, at 300 dpi.
    const json flag = report({ferry, "--focus", "690,80,120,140"});
    EXPECT_LT(flag["width_mm"].get<double>(), 120 / 300.0 * 25.4);
    EXPECT_GT(flag["width_mm"].get<double>(), 5);
}

const std::string badge = test::demo_art("fair-badge.svg").toStdString();

TEST(Cli, ListsThePartsOfADrawing) {
    const CliRun run = run_cli({"parts", badge, "--report", "-"});
    ASSERT_EQ(run.code, 0) << run.err;
    const json report = json::parse(run.out);
    ASSERT_EQ(report["parts"].size(), 11u);
    EXPECT_EQ(report["parts"][0]["name"], "plate");
    EXPECT_EQ(report["parts"][0]["colour"], "#F3E5C4");
    EXPECT_EQ(report["parts"][1]["layer"], "sky");
    EXPECT_EQ(report["parts"][3]["name"], "gull-one") << "named by what uses it";
    EXPECT_NEAR(report["size_mm"][0].get<double>(), 58, 1e-6);
}

TEST(Cli, CutsADrawingsBottomShapeOnlyOrEachColourApart) {
    const auto sheet = [](std::vector<std::string> options) {
        std::vector<std::string> all{"sheet", badge, "--report", "-"};
        all.insert(all.end(), options.begin(), options.end());
        const CliRun run = run_cli(all);
        EXPECT_LT(run.code, 2) << run.err;
        return run.code < 2 ? json::parse(run.out) : json();
    };
    const json bottom = sheet({"--parts", "bottom"});
    EXPECT_EQ(bottom["cuts"], 1);
    EXPECT_EQ(bottom["stickers"][0]["parts"], 11);
    const json both = sheet({"--parts", "bottom", "--part", "sun=both:score", "--part", "layer:harbour=neither"});
    EXPECT_EQ(both["cuts"], 2);
    EXPECT_GT(sheet({"--parts", "colours"})["stickers"].size(), 5u);
    const json seen = sheet({"--visible", "--parts", "round"});
    EXPECT_EQ(seen["cuts"], 1) << "the pieces abut, so one line goes round them all";
    EXPECT_NEAR(seen["cut_length_mm"].get<double>(), sheet({})["cut_length_mm"].get<double>(), 0.5);
    const json joined = sheet({"--combine", "join:sail,jib,hull", "--recolour", "#A6402B=#224466", "--fill-part",
                               "sun=dots=#FFFFFF,#CC2222,1"});
    EXPECT_EQ(joined["stickers"][0]["parts"], 9);
    for (const auto& [option, value] : {std::pair{"--part", "nobody=cut"},
                                        {"--part", "sun=eaten"},
                                        {"--combine", "join:sun"},
                                        {"--combine", "melt:sun,sail"},
                                        {"--recolour", "red=blue"},
                                        {"--fill-part", "sun=/nowhere.png"}}) {
        const CliRun run = run_cli({"sheet", badge, option, value});
        EXPECT_EQ(run.code, 2) << option << " " << value;
        EXPECT_FALSE(run.err.empty());
    }
}

TEST(Cli, MakesLabelsFromTemplatesAndLists) {
    QTemporaryDir folder;
    const std::string list = folder.filePath("list.csv").toStdString(), pdf = folder.filePath("l.pdf").toStdString(),
                      project = folder.filePath("l.fusuma").toStdString();
    std::ofstream(list) << "name;contents\nKelp relish;\"kelp, apple\"\nSamphire;bay\n";
    const CliRun run =
        run_cli({"sheet",  "--template", "Small jar",  "--text",     "{name}",   "--text",   "{contents} {number:01}",
                 "--list", list,         "--one-size", "--dates-in", "fr",       "--copies", "2",
                 "--pdf",  pdf,          "--save",     project,      "--report", "-"});
    ASSERT_EQ(run.code, 0) << run.err;
    const json report = json::parse(run.out);
    EXPECT_EQ(report["stickers"][0]["kind"], "label");
    EXPECT_EQ(report["stickers"][0]["rows"], 2);
    EXPECT_EQ(report["copies"], 4);
    EXPECT_EQ(report["cuts"], 4) << "words never cut unless asked";
    EXPECT_TRUE(std::ifstream(pdf).good());
    const auto saved = load_project(QString::fromStdString(project));
    ASSERT_TRUE(saved) << saved.problem().english();
    const LabelDesign& design = *std::get<LabelArtwork>(saved->stickers[0]->artwork).design;
    EXPECT_TRUE(design.in_one_size);
    ASSERT_TRUE(design.calendar);
    EXPECT_EQ(design.calendar->months[7], "août");
    const CliRun tight = run_cli({"sheet", "--label", "oval:20x8", "--text", "Incomprehensibilities", "--text-style",
                                  "size=6,least=5", "--report", "-"});
    EXPECT_EQ(tight.code, 1);
    EXPECT_THAT(tight.out, testing::HasSubstr("label-text"));
    for (std::vector<std::string> wrong : {std::vector<std::string>{"--label", "blob:5x5"},
                                           {"--label", "oval:5"},
                                           {"--template", "none such"},
                                           {"--text", "a", "--text-style", "size=huge"},
                                           {"--text", "a", "--swatch", "neon"},
                                           {"--text", "a", "--list", "/nowhere.csv"},
                                           {"--text", "a", "--list", list, "--list-encoding", "Whelk-8"},
                                           {"--text", "a", "--dates-in", "xx"},
                                           {"--text", "a", "--date", "yesterday"}}) {
        wrong.insert(wrong.begin(), "sheet");
        EXPECT_EQ(run_cli(wrong).code, 2) << wrong[2];
    }
}

TEST(Cli, ReadsAListInTheEncodingThatIsNamed) {
    QTemporaryDir folder;
    const std::string list = folder.filePath("till.csv").toStdString(),
                      project = folder.filePath("z.fusuma").toStdString();
    std::ofstream(list) << "name;price\nK\x84se;4\n";
    const auto first_name = [&](std::vector<std::string> more) {
        std::vector<std::string> all{"sheet",  "--template", "Small jar", "--text", "{name}",
                                     "--list", list,         "--save",    project};
        all.insert(all.end(), more.begin(), more.end());
        const CliRun run = run_cli(all);
        EXPECT_LT(run.code, 2) << run.err;
        const auto saved = load_project(QString::fromStdString(project));
        EXPECT_TRUE(saved);
        return std::pair(std::get<LabelArtwork>(saved->stickers[0]->artwork).design->table->rows[0][0], run.err);
    };
    const auto [guessed, told] = first_name({});
    EXPECT_EQ(guessed, "K„se");
    EXPECT_THAT(told,
                testing::HasSubstr("The list was read as Windows-1252. If letters in it are wrong, name another by "
                                   "--list-encoding."));
    const auto [named, quiet] = first_name({"--list-encoding", "IBM850"});
    EXPECT_EQ(named, "Käse");
    EXPECT_THAT(quiet, testing::Not(testing::HasSubstr("read as"))) << "who names it knows";
}

TEST(Cli, LaysALabelOnAPictureAndMakesThemOne) {
    const CliRun run = run_cli({"sheet", lantern, "--size", "60", "--label", "lettering:60x20", "--text", "Tide Fair",
                                "--cluster", "outer", "--report", "-"});
    ASSERT_LT(run.code, 2) << run.err;
    const json report = json::parse(run.out);
    ASSERT_EQ(report["stickers"].size(), 1u);
    EXPECT_EQ(report["stickers"][0]["kind"], "cluster");
    EXPECT_EQ(report["stickers"][0]["members"], 2);
    EXPECT_EQ(run_cli({"sheet", lantern, "--cluster", "outer"}).code, 2);
}

} // namespace
} // namespace fusuma
