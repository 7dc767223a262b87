// PDF layers, inks and boxes as other programs see them; DXF read by libdxflib; cut files read back; a real spooler.

#include "core/plan/ticket.h"
#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/basics/json.h"
#include "formats/basics/qpdf.h"
#include "formats/cut_files/cut_file.h"
#include "formats/cut_files/dxf_write.h"
#include "formats/cut_files/svg_write.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "formats/project/zip_archive.h"
#include "tests/support/hpgl.h"
#include "tests/support/samples.h"

#include <QDir>
#include <QElapsedTimer>
#include <QProcess>
#include <QStandardPaths>
#include <QTcpServer>
#include <QThread>
#include <gmock/gmock.h>
#include <numbers>
#include <sstream>

namespace fusuma {
namespace {

using testing::HasSubstr;
using testing::Not;

struct Ran {
    int code = -1;
    std::string out;
};

Ran run(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.setProcessChannelMode(QProcess::MergedChannels);
    process.start(program, arguments);
    process.waitForFinished(60000);
    return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -1, process.readAll().toStdString()};
}

/// A kiss and a through cut sticker on a page divided by scores.
struct Sheet {
    Document document = test::disc_document({{60, 80}});
    Planner evaluator;
    std::shared_ptr<const JobPlan> plan;
    QTemporaryDir folder;

    Sheet() {
        Sticker through = test::disc_sticker(20);
        through.cut = CutKind::through;
        document = with_sticker_added(document, through);
        document.put({.sticker = 2, .centre = {150, 200}});
        document.sheet.division = {2, 1, 6, Division::Cut::score};
        document.inks.through = "Stanze außen";
        plan = evaluator.plan(document);
    }
    QString written(const char* name, const std::string& bytes) {
        const QString path = folder.filePath(QLatin1String(name));
        EXPECT_TRUE(write_file(path, QByteArray::fromStdString(bytes)));
        return path;
    }
};

TEST(PdfFile, PassesOtherProgramsChecks) {
    Sheet sheet;
    const QString path = sheet.written("s.pdf", print_pdf(*sheet.plan, {true, sheet.document.inks}));
    const Ran qpdf = run("qpdf", {"--check", path});
    EXPECT_EQ(qpdf.code, 0) << qpdf.out;
    EXPECT_THAT(qpdf.out, HasSubstr("No syntax or stream encoding errors found"));
    const Ran info = run("pdfinfo", {"-box", path});
    EXPECT_EQ(info.code, 0);
    for (const char* box : {"MediaBox", "TrimBox", "BleedBox"})
        EXPECT_THAT(info.out, testing::ContainsRegex(std::string(box) + ": +0.00 +0.00 +595.28 +841.89")) << box;
    EXPECT_THAT(info.out, HasSubstr("Metadata Stream: yes"));
    const Ran mupdf = run("mutool", {"info", path});
    EXPECT_EQ(mupdf.code, 0) << mupdf.out;
    EXPECT_THAT(mupdf.out, Not(HasSubstr("error")));
    // Drawn as a printing press sees it: with a plate for each ink.
    const Ran plates = run("mutool", {"draw", "-F", "psd", "-o", sheet.folder.filePath("s.psd"), path});
    EXPECT_EQ(plates.code, 0) << plates.out;
}

TEST(PdfFile, PageIsThePaperToATenthOfAPoint) {
    Sheet sheet;
    for (const Size paper : {Size{210, 297}, Size{215.9, 279.4}, Size{101.6, 152.4}}) {
        Document document;
        document.sheet.paper = paper;
        const std::string pdf = print_pdf(*Planner().plan(document));
        const std::string info = run("pdfinfo", {sheet.written("p.pdf", pdf)}).out; // poppler's
        EXPECT_THAT(info, testing::ContainsRegex("Pages: +1\n"));
        std::istringstream said(info.substr(std::min(info.find("Page size:"), info.size())).erase(0, 10));
        double width = 0, height = 0;
        std::string times;
        said >> width >> times >> height;
        // 1 pt = 1/72 in (ISO 32000-1, 8.3.2.3)
        EXPECT_NEAR(width, paper.width / 25.4 * 72, 0.1);
        EXPECT_NEAR(height, paper.height / 25.4 * 72, 0.1);
        EXPECT_THAT(pdf, HasSubstr("/PrintScaling /None"));
    }
}

TEST(PdfFile, CutLinesAreHiddenLayersInInksOfTheirOwnWithTheirProcessingSteps) {
    Sheet sheet;
    const std::string bytes = print_pdf(*sheet.plan, {true, sheet.document.inks});
    QPDF pdf;
    pdf.processMemoryFile("sheet", bytes.data(), bytes.size());
    QPDFObjectHandle layers = pdf.getRoot().getKey("/OCProperties"), all = layers.getKey("/OCGs");
    std::map<std::string, std::string> steps; // by name
    for (int i = 0; i < all.getArrayNItems(); ++i) {
        QPDFObjectHandle group = all.getArrayItem(i);
        QPDFObjectHandle step = group.getKey("/GTS_Metadata");
        steps[group.getKey("/Name").getUTF8Value()] =
            step.isDictionary()
                ? step.getKey("/GTS_ProcStepsGroup").getName() + step.getKey("/GTS_ProcStepsType").getName()
                : "";
        EXPECT_EQ(group.getKey("/Usage").getKey("/Print").getKey("/PrintState").getName(),
                  step.isDictionary() ? "/OFF" : "/ON");
    }
    // ISO 19593-1 (names from memory): group Structural; kiss = partial cutting, score = creasing, through = cutting.
    EXPECT_THAT(steps, testing::UnorderedElementsAre(testing::Pair("Print", ""), testing::Pair("Marks", ""),
                                                     testing::Pair("Kiss cut", "/Structural/PartialCutting"),
                                                     testing::Pair("Score", "/Structural/Creasing"),
                                                     testing::Pair("Stanze außen", "/Structural/Cutting")));
    EXPECT_EQ(layers.getKey("/D").getKey("/OFF").getArrayNItems(), 3);
    QPDFObjectHandle page = pdf.getAllPages().at(0);
    QPDFObjectHandle spaces = page.getKey("/Resources").getKey("/ColorSpace");
    EXPECT_EQ(spaces.getKey("/ink-kiss").getArrayItem(0).getName(), "/Separation");
    EXPECT_EQ(spaces.getKey("/ink-through").getArrayItem(1).getName(), "/Stanze außen");
    EXPECT_EQ(spaces.getKey("/DefaultRGB").getArrayItem(0).getName(), "/ICCBased");
    // To be printed at home they can be left out altogether.
    EXPECT_THAT(print_pdf(*sheet.plan, {.with_cut_lines = false}), Not(HasSubstr("Structural")));
    EXPECT_EQ(bytes, print_pdf(*sheet.plan, {true, sheet.document.inks})) << "same sheet, same bytes";
}

TEST(PdfFile, OfTheCutAloneShowsNothingElse) {
    Sheet sheet;
    const std::string bytes = print_pdf(*sheet.plan, {true, sheet.document.inks, false});
    EXPECT_EQ(run("qpdf", {"--check", sheet.written("c.pdf", bytes)}).code, 0);
    const auto page = practice_print(QByteArray::fromStdString(bytes), 254);
    ASSERT_TRUE(page);
    const auto grey = [&](double x, double y) {
        return qGray(page->pixel(static_cast<int>(10 * x), static_cast<int>(10 * y)));
    };
    EXPECT_GT(grey(60, 80), 250) << "no art";
    EXPECT_GT(grey(14, 14), 250) << "no marks";
    EXPECT_LT(grey(60 + 17, 80), 200) << "the kiss cut";
    EXPECT_LT(grey(150 + 12, 200), 200) << "the through cut";
}

TEST(Dxf, IsReadByLibdxflibWithALayerForEachKind) {
    Sheet sheet;
    for (const DxfCurves curves : {DxfCurves::polylines, DxfCurves::splines}) {
        const std::string dxf = cut_dxf(*sheet.plan, curves);
        EXPECT_THAT(dxf, HasSubstr(curves == DxfCurves::splines ? "AC1015" : "AC1009"));
        const auto lines = read_cut_file(QByteArray::fromStdString(dxf), "cut.dxf", sheet.plan->paper);
        ASSERT_TRUE(lines) << lines.problem().english();
        ASSERT_EQ(lines->size(), sheet.plan->pages[0].cuts.size());
        for (std::size_t i = 0; i < lines->size(); ++i)
            EXPECT_EQ((*lines)[i].kind, sheet.plan->pages[0].cuts[i].kind);
        EXPECT_LT(compare(*lines, sheet.plan->pages[0].cuts).worst, 0.02);
    }
}

TEST(CutFile, EveryFormatReadsBackAndAnotherSheetIsToldApart) {
    Sheet sheet;
    const auto& cuts = sheet.plan->pages[0].cuts;
    Document moved = sheet.document;
    moved.placements[0].centre.x += 0.5;
    const auto other = sheet.evaluator.plan(moved);
    for (const auto& [name, bytes] : {std::pair{"c.svg", cut_svg(*sheet.plan)},
                                      {"c.dxf", cut_dxf(*sheet.plan)},
                                      {"c.plt", test::hpgl_of(*sheet.plan)}}) {
        const auto lines = read_cut_file(QByteArray::fromStdString(bytes), name, sheet.plan->paper);
        ASSERT_TRUE(lines) << name << lines.problem().english();
        const FileCheck check = compare(*lines, cuts);
        EXPECT_TRUE(check.agrees()) << name << " " << check.worst;
        EXPECT_EQ(check.lines, cuts.size());
        const FileCheck wrong = compare(*lines, other->pages[0].cuts);
        EXPECT_FALSE(wrong.agrees());
        EXPECT_NEAR(wrong.worst, 0.5, 0.1);
        EXPECT_FALSE(compare({lines->begin(), lines->end() - 1}, cuts).agrees()) << "a line is missing";
    }
}

TEST(CutFile, LinesOfTheWrongKindDoNotAgree) {
    Sheet sheet;
    auto swapped = *sheet.plan;
    for (CutPath& cut : swapped.pages[0].cuts)
        cut.kind = cut.kind == CutKind::kiss ? CutKind::through : CutKind::kiss;
    for (const auto& [name, bytes] :
         {std::pair{"c.svg", cut_svg(swapped)}, {"c.dxf", cut_dxf(swapped)}, {"c.plt", test::hpgl_of(swapped)}}) {
        const auto lines = read_cut_file(QByteArray::fromStdString(bytes), name, swapped.paper);
        ASSERT_TRUE(lines) << name;
        const FileCheck check = compare(*lines, sheet.plan->pages[0].cuts);
        EXPECT_FALSE(check.agrees()) << name;
        EXPECT_TRUE(check.differs_in_kind_only()) << name;
    }
}

TEST(CutFile, SaysWhatItCannotRead) {
    for (const auto& [name, bytes] : {std::pair{"a.svg", "<svg"},
                                      {"b.svg", "<svg><path d='no path at all'/></svg>"},
                                      {"c.dxf", "nothing"},
                                      {"d.plt", "hello there"},
                                      {"e.svg", "<svg><path d='L1 1'/></svg>"}}) {
        const auto lines = read_cut_file(bytes, name, {210, 297});
        ASSERT_FALSE(lines) << name;
        EXPECT_THAT(lines.problem().english(), HasSubstr(name));
    }
}

TEST(Project, KeepsTicketsMaterialInksAndTheCuttersCorrection) {
    Document d = with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(test::demo_art("puffin.png"))}));
    d.put({.sticker = 1, .centre = {80, 120}});
    Planner evaluator;
    d = with_ticket_added(d, frozen(d, *evaluator.plan(d), "2026-11-24T10:00:00"));
    d = with_ticket_added(d, frozen(d, *evaluator.plan(d), "2026-11-24T11:00:00"));
    d.placements[0].centre.x = 60;
    d.material = usual_materials()[2];
    d.material.tabs = 3;
    d.inks.kiss = "Anriss A";
    d.sheet.cutter.shift = {0.3, -0.2};
    d.sheet.cutter.turn = 0.001;
    d.sheet.cutter.stretch_x = 1.001;
    const QByteArray bytes = *project_bytes(d);
    const auto back = read_project_bytes(bytes, "p.fusuma");
    ASSERT_TRUE(back) << back.problem().english();
    EXPECT_EQ(back->material, d.material);
    EXPECT_EQ(back->inks, d.inks);
    EXPECT_EQ(back->sheet, d.sheet);
    ASSERT_EQ(back->tickets.size(), 2u);
    for (std::size_t i = 0; i < 2; ++i) {
        EXPECT_EQ(back->tickets[i]->code, d.tickets[i]->code);
        EXPECT_EQ(back->tickets[i]->pages, d.tickets[i]->pages);
        EXPECT_EQ(back->tickets[i]->document->placements[0].centre, (Point{80, 120}));
    }
    EXPECT_EQ(*project_bytes(*back), bytes);
    EXPECT_LT(bytes.size(), 2 * read_file(test::demo_art("puffin.png"), 1 << 24)->size())
        << "the picture is stored once";
}

TEST(Project, RefusesDamagedTickets) {
    Document d = with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(test::demo_art("puffin.png"))}));
    d.put({.sticker = 1, .centre = {80, 120}});
    Planner evaluator;
    d = with_ticket_added(d, frozen(d, *evaluator.plan(d), "2026-11-24T10:00:00"));
    const ZipEntries good = *unzip(*project_bytes(d), 1 << 24);
    const std::string entry = "tickets/" + d.tickets[0]->code + ".json";
    const std::pair<std::function<void(nlohmann::json&)>, const char*> cases[] = {
        {[](auto& j) { j["code"] = "../../x"; }, "code is out of range"},
        {[](auto& j) { j["pages"][0]["cuts"][0]["copy"] = 9; }, "copy is out of range"},
        {[](auto& j) {
             j["pages"][0]["cuts"][0]["segments"][0] = {1, 2, 3};
         },
         "cannot be read"},
        {[](auto& j) { j["pages"][0]["marks"][0]["shape"] = "square"; }, "“square” is not a known choice"},
        {[](auto& j) {
             j["paper"] = {1, 1};
         },
         "paper is out of range"},
        {[](auto& j) { j.erase("document"); }, "description is damaged"}};
    for (const auto& [damage, words] : cases) {
        ZipEntries entries = good;
        const QByteArray& text = entries[entry];
        auto json = nlohmann::json::parse(text.begin(), text.end());
        damage(json);
        entries[entry] = QByteArray::fromStdString(json.dump());
        const auto loaded = read_project_bytes(*zip_bytes(entries), "p.fusuma");
        ASSERT_FALSE(loaded) << words;
        EXPECT_THAT(loaded.problem().english(), HasSubstr(words));
    }
}

TEST(Spooler, ARealPrintServerTakesTheSheetAtItsSize) {
    // CUPS's own IPP Everywhere printer and client (cups-ipp-utils).
    if (QStandardPaths::findExecutable("ippeveprinter").isEmpty() ||
        QStandardPaths::findExecutable("ipptool").isEmpty())
        GTEST_SKIP() << "cups-ipp-utils is not installed";
    Sheet sheet;
    QTemporaryDir spool;
    const std::string bytes = print_pdf(*sheet.plan);
    const QString path = sheet.written("s.pdf", bytes);
    QTcpServer probe;
    ASSERT_TRUE(probe.listen(QHostAddress::LocalHost));
    const quint16 port = probe.serverPort();
    probe.close();
    QProcess printer;
    printer.setProcessChannelMode(QProcess::MergedChannels);
    printer.start("ippeveprinter", {"-p", QString::number(port), "-d", spool.path(), "-k", "-f", "application/pdf",
                                    "-r", "off", "Fusuma test"});
    ASSERT_TRUE(printer.waitForStarted());
    const QString uri = QStringLiteral("ipp://localhost:%1/ipp/print").arg(port);
    const QString job = sheet.written(
        "job.test", "{ OPERATION Print-Job GROUP operation-attributes-tag ATTR charset attributes-charset utf-8 "
                    "ATTR language attributes-natural-language en ATTR uri printer-uri $uri "
                    "ATTR name requesting-user-name fusuma ATTR mimeMediaType document-format application/pdf "
                    "GROUP job-attributes-tag ATTR keyword media iso_a4_210x297mm ATTR keyword print-scaling none "
                    "FILE $filename STATUS successful-ok STATUS successful-ok-ignored-or-substituted-attributes }");
    Ran sent;
    QElapsedTimer clock;
    for (clock.start(); sent.code != 0 && clock.elapsed() < 60000 && !printer.waitForFinished(100);)
        sent = run("ipptool", {"-tf", path, uri, job});
    if (printer.state() != QProcess::Running) // it wants a running avahi-daemon
        GTEST_SKIP() << "ippeveprinter does not run here: " << printer.readAll().toStdString();
    ASSERT_EQ(sent.code, 0) << sent.out;
    QStringList received;
    for (clock.restart(); received.isEmpty() && clock.elapsed() < 60000;) {
        received = QDir(spool.path()).entryList({"*.pdf"}, QDir::Files);
        QThread::msleep(50);
    }
    printer.kill();
    printer.waitForFinished();
    ASSERT_EQ(received.size(), 1);
    const auto spooled = read_file(spool.filePath(received[0]), 1 << 28);
    ASSERT_TRUE(spooled);
    EXPECT_EQ(spooled->toStdString(), bytes) << "what is spooled is the sheet, page size, marks and all";
    EXPECT_THAT(run("pdfinfo", {spool.filePath(received[0])}).out, HasSubstr("595.276 x 841.89 pts (A4)"));
}

} // namespace
} // namespace fusuma
