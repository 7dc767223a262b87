// The practice cutter and the lines to it: over the network, a serial port and a device file.

#include "core/machine/loaded_sheet.h"
#include "devices/cutter/cut_sender.h"
#include "devices/practice/practice_cutter.h"
#include "devices/practice/practice_sheet.h"
#include "formats/cut_files/machine_code.h"
#include "tests/support/samples.h"
#include "tests/support/waiting.h"

#include <QFile>
#include <QPainter>
#include <QTcpServer>
#include <QTcpSocket>
#include <QTemporaryDir>
#include <gmock/gmock.h>

namespace fusuma {
namespace {

using test::a4;
using test::comes_true;
using testing::HasSubstr;

std::vector<CutPath> rings(std::size_t count) { // in rows
    std::vector<CutPath> paths;
    for (std::size_t i = 0; i < count; ++i)
        paths.push_back(
            {contour_of(test::ellipse(
                 {20 + 12.0 * static_cast<double>(i % 14), 20 + 12.0 * static_cast<double>(i / 14)}, 5, 5, 0, 40)),
             CutKind::kiss, CopyId{static_cast<int>(i) + 1}});
    return paths;
}

MachineJob job_for(const Machine& machine, std::size_t count, const Material& material = {}) {
    return LoadedSheet(std::make_shared<const Machine>(machine), a4).by_edge().job(rings(count), {}, material);
}

Machine at(const QString& address, bool answers = true) {
    Machine machine = plain_machine(a4);
    machine.line = address.toStdString();
    machine.answers = answers;
    return machine;
}

struct Line {
    PracticeCutter cutter{0};
    CutterLink link;
    CutSender sender{link};
    bool cut = false, sent = false;
    QString refused, dropped;

    Line() {
        QObject::connect(&cutter, &PracticeCutter::finished, [this] { cut = true; });
        QObject::connect(&cutter, &PracticeCutter::refused, [this](const QString& why) { refused = why; });
        QObject::connect(&sender, &CutSender::finished, [this] { sent = true; });
        QObject::connect(&sender, &CutSender::dropped, [this](const QString& why) { dropped = why; });
        EXPECT_TRUE(cutter.listen(0));
    }
    [[nodiscard]] MachineJob rings(std::size_t count) const { return job_for(cutter.machine(a4), count); }
};

/// Every run of the job was cut once, where it should be.
void expect_all_cut(const PracticeCutter& cutter, const CutJob& job) {
    const auto traces = cutter.cut_so_far();
    ASSERT_EQ(traces.size(), job.runs.size());
    for (std::size_t i = 0; i < traces.size(); ++i) {
        EXPECT_LT(distance(traces[i].tip.front(), job.runs[i].axis.front()), 0.03);
        EXPECT_LT(distance(traces[i].tip.back(), job.runs[i].axis.back()), 0.03);
    }
}

TEST(CutSender, SendsAJobOverTheNetworkWithOrWithoutAnswers) {
    for (const bool answers : {true, false}) {
        Line line;
        Machine machine = line.cutter.machine(a4);
        machine.answers = answers;
        machine.time_factor = answers ? 1 : 0.1; // or the deaf one would take half a minute
        const auto job = job_for(machine, 100);
        line.sender.start(job);
        ASSERT_TRUE(comes_true([&] { return line.sent && line.cut; })) << line.dropped.toStdString();
        EXPECT_EQ(line.sender.runs_done(), 100u);
        EXPECT_EQ(line.sender.is_estimated(), !answers);
        EXPECT_EQ(line.cutter.progress(), 1);
        expect_all_cut(line.cutter, job.cut());
    }
}

TEST(CutSender, SendsAJobOverASerialPort) {
    Line line;
    const auto port = line.cutter.open_serial();
    ASSERT_TRUE(port) << port.problem().english();
    const auto job = job_for(line.cutter.machine(a4, *port), 40);
    line.sender.start(job);
    ASSERT_TRUE(comes_true([&] { return line.sent; })) << line.dropped.toStdString();
    expect_all_cut(line.cutter, job.cut());
}

TEST(CutSender, WritesToADeviceFile) {
    QTemporaryDir folder;
    const QString path = folder.filePath("lp0");
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.close();
    CutterLink link;
    CutSender sender(link);
    bool sent = false;
    QObject::connect(&sender, &CutSender::finished, [&] { sent = true; });
    const auto job = job_for(at("device:" + path, false), 5);
    sender.start(job);
    ASSERT_TRUE(comes_true([&] { return sent; }));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    HpglReader reader;
    ASSERT_TRUE(reader.take(file.readAll().toStdString()));
    ASSERT_EQ(reader.finished_strokes().size(), job.cut().runs.size());
    for (std::size_t i = 0; i < job.cut().runs.size(); ++i) {
        const Point end = reader.finished_strokes()[i].points.back();
        EXPECT_LT(distance({end.x, 297 - end.y}, job.cut().runs[i].axis.back()), 0.03);
    }
}

TEST(CutSender, PausesAtOnceAndGoesOnWithTheLineItWasIn) {
    Line line;
    line.cutter.set_speed(300); // a ring takes a tenth of a second
    line.sender.start(line.rings(12));
    ASSERT_TRUE(comes_true([&] { return line.sender.runs_done() >= 2; }));
    line.sender.pause();
    const std::size_t known = line.sender.runs_done();
    ASSERT_TRUE(comes_true([&] { return line.cutter.progress() >= 1; })) << "what is in hand is finished";
    const std::size_t then = line.cutter.cut_so_far().size();
    EXPECT_LE(then, known + 2);
    EXPECT_EQ(line.sender.state(), CutSender::State::paused);
    line.sender.go_on();
    line.cutter.set_speed(0);
    ASSERT_TRUE(comes_true([&] { return line.sent; }));
    EXPECT_GE(line.cutter.cut_so_far().size(), then + 12 - known) << "from the first line that is not known to be cut";
    EXPECT_LE(line.cutter.cut_so_far().size(), then + 13 - known);
}

TEST(CutSender, BeginsWithAnyLine) {
    Line line;
    line.sender.start(line.rings(12), 9);
    ASSERT_TRUE(comes_true([&] { return line.sent; }));
    EXPECT_EQ(line.cutter.cut_so_far().size(), 3u);
    EXPECT_EQ(line.sender.runs_done(), 12u);
}

TEST(CutSender, GoesOnWithTheNextLineAfterTheConnectionDropped) {
    Line line;
    line.cutter.set_faults({.drop_after = 7}, {210, 297});
    bool came_back = false;
    QObject::connect(&line.sender, &CutSender::came_back, [&] { came_back = true; });
    line.sender.start(line.rings(20));
    ASSERT_TRUE(comes_true([&] { return !line.dropped.isEmpty(); }));
    EXPECT_EQ(line.sender.state(), CutSender::State::dropped);
    EXPECT_LE(line.sender.runs_done(), line.cutter.cut_so_far().size());
    EXPECT_GE(line.sender.runs_done() + 2, line.cutter.cut_so_far().size())
        << "at most the lines in hand are cut twice";
    ASSERT_TRUE(comes_true([&] { return came_back; })) << "it notices by itself, lifts the blade, and waits";
    EXPECT_EQ(line.sender.state(), CutSender::State::paused);
    line.sender.go_on();
    ASSERT_TRUE(comes_true([&] { return line.sent; }));
    EXPECT_GE(line.cutter.cut_so_far().size(), 20u);
    EXPECT_LE(line.cutter.cut_so_far().size(), 23u);
}

TEST(CutSender, StopsWithTheBladeUp) {
    Line line;
    line.cutter.set_speed(100);
    line.sender.start(line.rings(50));
    ASSERT_TRUE(comes_true([&] { return line.sender.runs_done() >= 1; }));
    line.sender.stop();
    EXPECT_EQ(line.sender.state(), CutSender::State::idle);
    ASSERT_TRUE(comes_true([&] { return line.cut; })) << "the cutter ends what it has";
    EXPECT_LT(line.cutter.cut_so_far().size(), 50u);

    // Whatever is the last thing that moves the pen, it lifts it.
    for (int round = 0; round < 8; ++round) {
        QTcpServer cutter;
        ASSERT_TRUE(cutter.listen(QHostAddress::LocalHost));
        QByteArray received;
        QObject::connect(&cutter, &QTcpServer::newConnection, [&] {
            QTcpSocket* end = cutter.nextPendingConnection();
            QObject::connect(end, &QTcpSocket::readyRead, [&received, end] { received += end->readAll(); });
        });
        CutterLink link;
        CutSender sender(link);
        sender.start(job_for(at(QStringLiteral("tcp:127.0.0.1:%1").arg(cutter.serverPort()), false), 50));
        ASSERT_TRUE(comes_true([&] { return received.size() > 40 * round; }));
        sender.stop();
        ASSERT_TRUE(comes_true([&] {
            return received.trimmed().endsWith("SP0;") && received.lastIndexOf("PU") > received.lastIndexOf("PD");
        })) << received.right(200).toStdString();
    }
}

TEST(CutSender, SaysWhenNobodyListens) {
    for (const auto& [nobody, words] : {std::pair{"tcp:127.0.0.1:1", "dropped:"},
                                        {"serial:/dev/no-such-port@9600", "is the cable in"},
                                        {"device:/dev/no-such-device", "is the cable in"},
                                        {"", "only gets files"},
                                        {"lpt1", "not a cutter's address"}}) {
        Line line;
        line.sender.start(job_for(at(nobody), 1));
        ASSERT_TRUE(comes_true([&] { return !line.dropped.isEmpty(); })) << nobody;
        EXPECT_THAT(line.dropped.toStdString(), HasSubstr(words));
        EXPECT_EQ(line.sender.state(), CutSender::State::dropped);
    }
}

TEST(CutterAddress, IsReadOrRefused) {
    const auto tcp = parse_cutter_address("tcp:cutter.local:9100"),
               serial = parse_cutter_address("serial:/dev/ttyUSB0@38400"),
               plain = parse_cutter_address("serial:/dev/ttyS1"), device = parse_cutter_address("device:/dev/usb/lp0");
    ASSERT_TRUE(tcp && serial && plain && device);
    EXPECT_EQ(tcp->target, "cutter.local");
    EXPECT_EQ(tcp->number, 9100);
    EXPECT_EQ(serial->target, "/dev/ttyUSB0");
    EXPECT_EQ(serial->number, 38400);
    EXPECT_EQ(plain->number, 9600);
    EXPECT_EQ(device->target, "/dev/usb/lp0");
    for (const char* wrong :
         {"", "tcp:", "tcp:host", "tcp:host:0", "tcp:host:70000", "serial:", "serial:@9600", "serial:a@b", "lpt1"})
        EXPECT_FALSE(parse_cutter_address(wrong)) << wrong;
}

TEST(PracticeCutter, RefusesWhatIsNotHpglAndTakesTheNextJob) {
    Line line;
    QTcpSocket other;
    other.connectToHost("127.0.0.1", line.cutter.port());
    ASSERT_TRUE(comes_true([&] { return other.state() == QAbstractSocket::ConnectedState; }));
    other.write("GET / HTTP/1.1;\r\n");
    ASSERT_TRUE(comes_true([&] { return !line.refused.isEmpty(); }));
    EXPECT_TRUE(line.refused.contains("not HP-GL") || line.refused.contains("number")) << line.refused.toStdString();
    line.sender.start(line.rings(3));
    EXPECT_TRUE(comes_true([&] { return line.sent; }));
}

TEST(PracticeCutter, HasTheFaultsItIsGiven) {
    // 0.4 mm of play: a line drawn to the right and back ends where it began, but lags by 0.2 mm on the way.
    FaultyBlade blade({.backlash = 0.4}, {210, 297});
    const auto cut = blade.cut({{0, 0}, {10, 0}, {0, 0}});
    EXPECT_NEAR(cut[1].x, 9.8, 1e-9);
    EXPECT_NEAR(cut[2].x, 0.2, 1e-9);
    // A machine that is a per cent too large, about the paper's middle.
    FaultyBlade large({.own = {{}, 0, 1.01, 1.01}}, {200, 300});
    EXPECT_LT(distance(large.cut({{0, 0}, {200, 300}})[1], {201, 301.5}), 1e-9);
    // A trailing blade comes out behind its axis.
    FaultyBlade drag({.blade_offset = 0.5}, {210, 297});
    EXPECT_NEAR(drag.cut({{0, 0}, {10, 0}}).back().x, 9.5, 1e-6);
}

TEST(Hpgl, PiecesBeginAnywhereAndTellTheTool) {
    Material m;
    m.kiss = {75, 180, 1};
    Machine machine = plain_machine(a4);
    machine.hpgl.sets_speed = machine.hpgl.sets_force = true;
    const auto job = job_for(machine, 6, m);
    const auto all = hpgl_pieces(job.cut(), m, machine);
    ASSERT_EQ(all.size(), 8u) << "what comes before, six runs, the end";
    EXPECT_THAT(all[1], HasSubstr("SP1;\nVS18;\nFS75;")); // VS in cm/s
    EXPECT_THAT(all[2], testing::Not(HasSubstr("VS")));
    const auto rest = hpgl_pieces(job.cut(), m, machine, 4);
    ASSERT_EQ(rest.size(), 4u);
    EXPECT_THAT(rest[1], HasSubstr("SP1;\nVS18;\nFS75;")) << "the tool is told anew";
    EXPECT_EQ(rest[2], all[6]);
    HpglReader reader;
    for (const std::string& piece : rest)
        ASSERT_TRUE(reader.take(piece + "OA;"));
    EXPECT_EQ(reader.finished_strokes().size(), 2u);
    const auto answers = reader.take_answers();
    ASSERT_EQ(answers.size(), 4u);
    const HpglStroke& last = reader.finished_strokes().back();
    EXPECT_EQ(answers[2], std::to_string(std::lround(last.points.back().x * 40)) + "," +
                              std::to_string(std::lround(last.points.back().y * 40)) + ",1");
    EXPECT_TRUE(reader.take_answers().empty()) << "each once";
}

TEST(PracticeSheet, PrintersMoveClipAndBleed) {
    QImage sheet(2100, 2970, QImage::Format_RGB32); // 10 px to the mm
    sheet.setDotsPerMeterX(10000);
    sheet.fill(Qt::white);
    QPainter painter(&sheet);
    painter.fillRect(1000, 1400, 100, 100, Qt::black); // its middle in the middle of the page, nearly
    painter.fillRect(0, 0, 60, 60, Qt::black);
    painter.end();
    const auto grey = [](const QImage& image, double x, double y) {
        return qGray(image.pixel(static_cast<int>(10 * x), static_cast<int>(10 * y)));
    };
    EXPECT_EQ(with_faults(sheet, a4, {}), sheet) << "a printer without faults";
    const QImage moved = with_faults(sheet, a4, {.pose = {{20, -5}}});
    EXPECT_LT(grey(moved, 125, 140), 20);
    EXPECT_GT(grey(moved, 105, 145), 230);
    const QImage clipped = with_faults(sheet, a4, {.clipped = 7});
    EXPECT_GT(grey(clipped, 3, 3), 250);
    EXPECT_LT(grey(clipped, 105, 145), 20);
    const QImage spread = with_faults(sheet, a4, {.ink_spread = 0.5});
    EXPECT_LT(grey(spread, 110.3, 145), 100);
    EXPECT_GT(grey(spread, 111, 145), 230);
    // Stretched by 2 % about the middle, the near corner of the page goes outward.
    EXPECT_LT(grey(with_faults(sheet, a4, {.pose = {{}, 0, 1.02, 1.02}}), 3.5, 2.5), 20);
}

TEST(PracticeSheet, ScansShowTheSheetWhereItLiesWithItsMarksSpoilt) {
    QImage sheet(2100, 2970, QImage::Format_RGB32);
    sheet.setDotsPerMeterX(10000);
    sheet.fill(Qt::white);
    const std::vector<Mark> marks = marks_on({210, 297}, {});
    {
        QPainter painter(&sheet);
        painter.setPen(Qt::NoPen);
        painter.setBrush(Qt::black);
        for (const Mark& mark : marks)
            painter.drawEllipse(10 * QPointF(mark.centre.x, mark.centre.y), 10 * mark.radius, 10 * mark.radius);
    }
    LoadFaults load{{3, 4}, 0, false, 0, {}, {1}, 1};
    const Scan scan = practice_scan(sheet, {210, 297}, marks, {}, load);
    const auto grey = [&](Point machine) {
        const Point px = scan.px_per_mm * (machine - scan.origin);
        return static_cast<int>(scan.grey[static_cast<std::size_t>(px.y) * static_cast<std::size_t>(scan.width) +
                                          static_cast<std::size_t>(px.x)]);
    };
    EXPECT_LT(grey(marks[0].centre + load.shift), 20);
    EXPECT_GT(grey(marks[1].centre + load.shift), 200) << "covered";
    EXPECT_NEAR(grey({-10, -10}), 120, 3) << "the bed round the paper";
    EXPECT_EQ(find_spots(scan, marks).size(), 4u);
    load.smudged = {0};
    load.noise = 10;
    EXPECT_EQ(find_spots(practice_scan(sheet, {210, 297}, marks, {}, load), marks).size(), 3u);
    load.seed = 2;
    EXPECT_NE(practice_scan(sheet, {210, 297}, marks, {}, load).grey, scan.grey);
}

TEST(CutSheet, DrawsTheCutOverThePrintWhereverTheSheetLay) {
    QImage print(840, 1188, QImage::Format_RGB32);
    print.fill(Qt::yellow);
    const Transform lay = Transform::shift({30, 0});
    const QImage cut = cut_sheet(print, {210, 297}, {{CutKind::kiss, {{80, 97}, {180, 97}}}}, lay.inverted());
    const QColor on_line(cut.pixel(400, 388)); // 100 mm, 97 mm
    EXPECT_LT(on_line.red(), 200);
    EXPECT_EQ(cut.pixel(400, 800), print.pixel(400, 800));
    EXPECT_EQ(cut.pixel(650, 388), print.pixel(650, 388)) << "the line ends at 150 mm";
}

} // namespace
} // namespace fusuma
