// Jobs on a plotter that knows nothing of us: small memory, slow line, deaf or answering, and its cable comes out.

#include "devices/cutter/cut_sender.h"
#include "devices/cutter/machine_head.h"
#include "tests/support/plotter.h"
#include "tests/support/samples.h"
#include "tests/support/shortest.h"
#include "tests/support/waiting.h"

#include <QTcpServer>
#include <QTcpSocket>
#include <ctime>
#include <gmock/gmock.h>

namespace fusuma {
namespace {

using test::a4;
using testing::HasSubstr;

/// Processor time of this thread, ms.
double worked_ms() {
    timespec t{};
    ::clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
    return 1e3 * static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_nsec);
}
double longest_event_ms = 0; ///< that anything sent or answered took

template <typename Done> bool wait_for(Done&& done, int ms = 60000) {
    return test::comes_true(
        std::forward<Done>(done),
        [](auto&& turn) {
            const double before = worked_ms();
            turn();
            longest_event_ms = std::max(longest_event_ms, worked_ms() - before);
        },
        ms);
}

MachineJob discs_on(const Machine& machine, int count, double radius = 5, double speed = 200) {
    std::vector<CutPath> paths;
    for (int i = 0; i < count; ++i)
        paths.push_back(
            {contour_of(test::ellipse({20 + 12.0 * (i % 14), 270 - 12.0 * (i / 14)}, radius, radius, 0, 40)),
             CutKind::kiss, CopyId{i + 1}});
    Material material;
    material.kiss.speed = speed;
    CutterProfile cutter;
    cutter.motion.travel_speed = speed; // it is no quicker with its blade up, and what it does is estimated by that
    return LoadedSheet(std::make_shared<const Machine>(machine), a4).by_edge().job(paths, cutter, material);
}

/// Everything was cut once, where it should be.
void expect_cut(const std::vector<std::vector<Point>>& strokes, const MachineJob& job) {
    const auto& runs = job.cut().runs;
    ASSERT_EQ(strokes.size(), runs.size());
    const Transform numbers = bed_of(job.machine()).inverted();
    for (std::size_t i = 0; i < runs.size(); ++i) {
        EXPECT_LT(distance(strokes[i].back(), numbers.apply(runs[i].axis.back())), 0.03) << i;
        for (const Point p : runs[i].axis) {
            double nearest = HUGE_VAL;
            for (const Point q : strokes[i])
                nearest = std::min(nearest, distance(q, numbers.apply(p)));
            EXPECT_LT(nearest, 0.03) << i;
        }
    }
}

struct Bench {
    test::PlainPlotter plotter;
    Machine machine = plain_machine(a4);
    CutterLink link;
    CutSender sender{link};
    bool is_done = false;
    int came_back = 0;
    QString dropped;

    explicit Bench(const QStringList& options) : plotter(options) {
        machine.line = plotter.line();
        QObject::connect(&sender, &CutSender::finished, [this] { is_done = true; });
        QObject::connect(&sender, &CutSender::came_back, [this] { ++came_back; });
        QObject::connect(&sender, &CutSender::dropped, [this](const QString& why) { dropped = why; });
    }
    /// Once all that was sent is done.
    void expect_all_cut(const MachineJob& job) {
        ASSERT_TRUE(wait_for([&] { return is_done; }, 60000 + 1000 * static_cast<int>(sender.runs())))
            << sender.runs_done() << " of " << sender.runs() << dropped.toStdString();
        ASSERT_TRUE(wait_for([&] { return plotter.strokes().size() == sender.runs() && !plotter.last().is_down; }));
        expect_cut(plotter.strokes(), job);
        plotter.end();
        EXPECT_EQ(plotter.lost(), 0);
    }
};

/// FUSUMA_STICKERS sets how many; docs/cutting.md tells of 500.
TEST(PlainPlotter, LosesNothingOverASlowLineWithSignsThoughItIsDeaf) {
    const char* asked = std::getenv("FUSUMA_STICKERS");
    EXPECT_LT(test::shortest(50,
                             [&] {
                                 Bench b({"--xon-xoff", "--deaf", "--baud", "9600", "--speed", "400"});
                                 b.machine.flow = FlowControl::xon_xoff;
                                 b.machine.time_factor = 0.5;
                                 const auto job = discs_on(b.machine, asked ? std::atoi(asked) : 14);
                                 b.sender.start(job);
                                 EXPECT_TRUE(b.sender.is_estimated());
                                 longest_event_ms = 0;
                                 b.expect_all_cut(job);
                                 return longest_event_ms;
                             }),
              50)
        << "whoever sends from the window is never held up";
}

TEST(PlainPlotter, AnswersAndIsNeverFarBehind) {
    for (const QStringList& options : {QStringList{"--tcp"}, {"--xon-xoff", "--baud", "38400"}}) {
        Bench b(options + QStringList{"--speed", "400"});
        b.machine.line = b.plotter.line(38400);
        b.machine.answers = true;
        const auto job = discs_on(b.machine, 20);
        b.sender.start(job);
        ASSERT_TRUE(wait_for([&] { return b.sender.runs_done() >= 8; }));
        EXPECT_LE(b.plotter.strokes().size(), b.sender.runs_done() + 2);
        EXPECT_GE(b.plotter.strokes().size(), b.sender.runs_done());
        b.expect_all_cut(job);
    }
}

TEST(PlainPlotter, TakesSmallPortionsWhereNothingElseHelps) {
    Bench b({"--deaf", "--xon-xoff", "--speed", "2000"}); // it gives signs, which nobody minds
    b.machine.flow = FlowControl::portions;
    b.machine.portion = 64;
    b.machine.pause = 0.05;
    b.machine.time_factor = 0.1;
    const auto job = discs_on(b.machine, 6);
    b.sender.start(job);
    b.expect_all_cut(job);
}

/// A job of long slow lines is ended, or paused and gone on with.
void end_amidst(const QStringList& options, bool stops, double& seconds_until_up) {
    Bench b(options + QStringList{"--speed", "60"});
    b.machine.answers = !options.contains("--deaf");
    if (options.contains("--abort"))
        b.machine.abort = "\x1b.K";
    const auto job = discs_on(b.machine, 3, 20, 60); // a ring takes two seconds
    b.sender.start(job);
    ASSERT_TRUE(wait_for([&] { return b.plotter.last().is_down; }));
    ASSERT_FALSE(wait_for([] { return false; }, 400));
    ASSERT_TRUE(b.plotter.last().is_down);
    const double clicked = test::PlainPlotter::now();
    stops ? b.sender.stop() : b.sender.pause();
    ASSERT_TRUE(wait_for([&] { return !b.plotter.last().is_down; })) << " waiting " << b.link.waiting();
    for (const auto& moment : b.plotter.moments())
        if (moment.s > clicked && !moment.is_down) {
            seconds_until_up = moment.s - clicked;
            break;
        }
    ASSERT_FALSE(wait_for([] { return false; }, 300));
    EXPECT_FALSE(b.plotter.last().is_down) << "nor does it go down again";
    if (stops)
        return;
    b.sender.go_on();
    ASSERT_TRUE(wait_for([&] { return b.plotter.last().is_down; })) << "it goes on with the line it was in";
    const Point begin = bed_of(b.machine).inverted().apply(job.cut().runs[0].axis.front());
    EXPECT_LT(distance(b.plotter.strokes().back().front(), begin), 1);
}

/// Within a tenth of a second, whatever was queued.
TEST(PlainPlotter, StopsAndPausesWithTheBladeUpAtOnce) {
    for (const QStringList& options : {QStringList{"--tcp", "--abort"},
                                       {"--xon-xoff", "--abort", "--baud", "9600"},
                                       {"--tcp"},
                                       {"--xon-xoff", "--deaf", "--baud", "9600"},
                                       {"--tcp", "--deaf"}})
        for (const bool stops : {true, false}) {
            SCOPED_TRACE(options.join(' ').toStdString() + (stops ? " stop" : " pause"));
            EXPECT_LT(test::shortest(0.1,
                                     [&] {
                                         double seconds = HUGE_VAL;
                                         end_amidst(options, stops, seconds);
                                         return seconds;
                                     }),
                      0.1);
        }
}

TEST(PlainPlotter, ALostCableLosesNoLineAndTheBladeIsUpFirstOnceItIsBack) {
    for (const QStringList& options : {QStringList{"--tcp"}, {"--xon-xoff", "--deaf"}}) {
        Bench b(options + QStringList{"--speed", "400"});
        b.machine.answers = !options.contains("--deaf");
        b.machine.time_factor = 0.6;
        const auto job = discs_on(b.machine, 12);
        b.sender.start(job);
        ASSERT_TRUE(wait_for([&] { return b.sender.runs_done() >= 4; }));
        b.plotter.pull_cable();
        ASSERT_TRUE(wait_for([&] { return !b.dropped.isEmpty(); }));
        EXPECT_EQ(b.sender.state(), CutSender::State::dropped);
        const std::size_t known = b.sender.runs_done();
        EXPECT_LE(known, b.plotter.strokes().size());
        b.plotter.put_cable_in();
        ASSERT_TRUE(wait_for([&] { return b.came_back > 0; })) << options.join(' ').toStdString();
        ASSERT_TRUE(wait_for([&] { return !b.plotter.last().is_down; }));
        EXPECT_EQ(b.sender.state(), CutSender::State::paused) << "nothing moves before somebody says so";
        b.sender.go_on();
        ASSERT_TRUE(wait_for([&] { return b.is_done; }));
        ASSERT_TRUE(wait_for([&] { return b.plotter.strokes().size() >= 12 && !b.plotter.last().is_down; }));
        const Transform numbers = bed_of(b.machine).inverted();
        const auto strokes = b.plotter.strokes();
        for (const CutRun& run : job.cut().runs)
            EXPECT_TRUE(std::ranges::any_of(strokes,
                                            [&](const auto& stroke) {
                                                return distance(stroke.front(), numbers.apply(run.axis.front())) <
                                                           0.03 &&
                                                       distance(stroke.back(), numbers.apply(run.axis.back())) < 0.03 &&
                                                       stroke.size() + 1 >= run.axis.size();
                                            }))
                << "line " << (&run - job.cut().runs.data()) << " was left out after " << known << " were known, "
                << options.join(' ').toStdString();
    }
}

TEST(PlainPlotter, WaitsForAnotherToolBetweenKindsOfCut) {
    for (const bool answers : {true, false}) {
        Bench b(QStringList{"--tcp", "--speed", "600"} + (answers ? QStringList{} : QStringList{"--deaf"}));
        b.machine.answers = answers;
        b.machine.stops_for_tool = true;
        b.machine.time_factor = 0.5;
        std::vector<CutPath> paths;
        for (const auto& [kind, radius] : {std::pair{CutKind::kiss, 8.0}, {CutKind::through, 10.0}})
            for (const double x : {30.0, 60.0})
                paths.push_back(
                    {contour_of(test::ellipse({x, 260}, radius, radius, 0, 40)), kind, CopyId{static_cast<int>(x)}});
        const auto job = LoadedSheet(std::make_shared<const Machine>(b.machine), a4)
                             .by_edge()
                             .job(paths, {}, {.through = {.passes = 1}});
        std::vector<CutKind> wanted;
        QObject::connect(&b.sender, &CutSender::tool_wanted, [&](CutKind kind) { wanted.push_back(kind); });
        b.sender.start(job);
        ASSERT_TRUE(wait_for([&] { return !wanted.empty(); }));
        ASSERT_FALSE(wait_for([] { return false; }, 400));
        EXPECT_EQ(b.plotter.strokes().size(), 2u) << "both kiss cuts, and nothing more";
        EXPECT_FALSE(b.plotter.last().is_down);
        EXPECT_EQ(b.sender.state(), CutSender::State::paused);
        b.sender.go_on();
        ASSERT_TRUE(wait_for([&] { return b.is_done; }));
        EXPECT_EQ(wanted, std::vector{CutKind::through}) << "once";
        ASSERT_TRUE(wait_for([&] { return b.plotter.strokes().size() == 4 && !b.plotter.last().is_down; }));
    }
}

TEST(PlainPlotter, ItsHeadGoesWhereItIsSentAndNothingRunsOn) {
    for (const QStringList& options : {QStringList{"--tcp"}, {"--xon-xoff", "--deaf"}}) {
        Bench b(options + QStringList{"--speed", "100"});
        b.machine.answers = !options.contains("--deaf");
        MachineHead head(b.link);
        head.take_over(b.machine);
        head.go_to({50, 100});
        ASSERT_TRUE(wait_for([&] { return !head.is_moving(); }));
        ASSERT_TRUE(wait_for([&] { return distance(b.plotter.last().units, {2000, 4000}) < 1; }));
        EXPECT_LT(distance(head.place(), {50, 100}), 0.03);
        // A key held for a second: thirty steps are asked for; once it is let go, one move at most is still to come.
        for (int i = 1; i <= 30; ++i) {
            head.go_to({50 + 5.0 * i, 100});
            ASSERT_FALSE(wait_for([] { return false; }, 30));
        }
        head.halt();
        ASSERT_TRUE(wait_for([&] { return !head.is_moving(); }));
        const Point told = head.place();
        ASSERT_FALSE(wait_for([] { return false; }, 400));
        const Point then = b.plotter.last().units;
        ASSERT_FALSE(wait_for([] { return false; }, 300));
        EXPECT_EQ(b.plotter.last().units, then) << "it stands";
        EXPECT_LT(distance((1 / 40.0) * then, told), 6);
        EXPECT_FALSE(b.plotter.last().is_down);
        EXPECT_TRUE(b.plotter.strokes().empty());
    }
}

/// What begins a job may set where nought is: it is sent before places are pointed at, and never again for that sheet.
TEST(PlainPlotter, WhatBeginsAJobIsSentOnceForEachLoading) {
    QTcpServer machine_end;
    ASSERT_TRUE(machine_end.listen(QHostAddress::LocalHost));
    QByteArray received;
    QTcpSocket* end = nullptr;
    QObject::connect(&machine_end, &QTcpServer::newConnection, [&] {
        end = machine_end.nextPendingConnection();
        QObject::connect(end, &QTcpSocket::readyRead, [&, from = end] { received += from->readAll(); });
    });
    Machine machine = plain_machine(a4);
    machine.line = "tcp:127.0.0.1:" + std::to_string(machine_end.serverPort());
    machine.before = "G92 X0 Y0";
    machine.language = CutLanguage::gcode;
    machine.time_factor = 0.05;
    CutterLink link;
    MachineHead head(link);
    CutSender sender(link);
    const auto shared = std::make_shared<const Machine>(machine);
    const LoadedSheet loaded(shared, a4);
    head.take_over(machine, &loaded.loading());
    head.go_to({100, 100});
    ASSERT_TRUE(wait_for([&] { return received.contains("X100 Y100"); }));
    EXPECT_EQ(received.count("G92"), 1);
    EXPECT_LT(received.indexOf("G92"), received.indexOf("X100 Y100")) << "before the head moves";
    head.let_go();
    const std::vector<CutPath> ring{{contour_of(test::ellipse({50, 250}, 20, 20, 0, 40)), CutKind::kiss, CopyId{1}}};
    const MachineJob job = loaded.by_edge().job(ring, {}, {});
    sender.start(job);
    ASSERT_TRUE(wait_for([&] { return received.contains("G1 X"); }));
    sender.pause();
    sender.go_on();
    ASSERT_TRUE(wait_for([&] { return received.count("G1 Z") >= 2; }));
    end->abort(); // the cable comes out, and is in again
    ASSERT_TRUE(wait_for([&] { return sender.state() == CutSender::State::paused; }));
    sender.go_on();
    ASSERT_TRUE(wait_for([&] { return sender.state() == CutSender::State::done; }));
    sender.start(job); // once more
    ASSERT_TRUE(wait_for([&] { return sender.state() == CutSender::State::done; }));
    EXPECT_EQ(received.count("G92"), 1);
    EXPECT_GE(received.count("G21"), 4) << "what it may have forgotten is told again";
    sender.start(LoadedSheet(shared, a4).by_edge().job(ring, {}, {}));
    ASSERT_TRUE(wait_for([&] { return received.count("G92") == 2; })) << "another sheet begins anew";
}

/// A line that is open to one machine is not used for another, or for one whose profile names another place by now.
TEST(PlainPlotter, AJobNeverReachesAnotherMachineOverALineThatIsOpen) {
    Bench here({"--tcp", "--speed", "600"}), there({"--tcp", "--speed", "600"});
    MachineHead head(here.link);
    head.take_over(here.machine);
    ASSERT_TRUE(wait_for([&] { return head.is_there(); }));
    Machine other = there.machine;
    other.answers = true;
    here.sender.start(discs_on(other, 2));
    ASSERT_TRUE(wait_for([&] { return here.is_done; }));
    EXPECT_EQ(there.plotter.strokes().size(), 2u);
    EXPECT_TRUE(here.plotter.strokes().empty());
}

TEST(PlainPlotter, APauseBeforeItIsConnectedHoldsAndItsEndLiftsTheBlade) {
    Bench b({"--tcp", "--speed", "60"});
    b.machine.answers = true;
    const auto job = discs_on(b.machine, 3, 20, 60);
    b.sender.start(job);
    b.sender.pause();
    EXPECT_EQ(b.sender.state(), CutSender::State::paused);
    ASSERT_FALSE(wait_for([] { return false; }, 500));
    EXPECT_TRUE(b.plotter.strokes().empty()) << "it waits, though the line is open by now";
    {
        CutSender ended(b.link); // as when the program is told to end
        ended.start(job);
        ASSERT_TRUE(wait_for([&] { return b.plotter.last().is_down; }));
    }
    ASSERT_TRUE(wait_for([&] { return !b.plotter.last().is_down; }));
    ASSERT_FALSE(wait_for([] { return false; }, 300));
    EXPECT_FALSE(b.plotter.last().is_down);
}

TEST(PlainPlotter, ItsHeadIsHeldToItsBedAndGreetsOnIt) {
    Bench b({"--tcp", "--deaf", "--speed", "2000"});
    b.machine.nought = BedCorner::bottom_right; // both axes count away from it
    b.machine.x_runs = Heading::right;
    b.machine.y_runs = Heading::down;
    MachineHead head(b.link);
    bool waved = false;
    QObject::connect(&head, &MachineHead::waved, [&] { waved = true; });
    head.take_over(b.machine);
    head.say_hello();
    ASSERT_TRUE(wait_for([&] { return waved && !head.is_moving(); }));
    head.go_to({500, -5000});
    ASSERT_TRUE(wait_for([&] { return !head.is_moving(); }));
    Rect box;
    for (const auto& moment : b.plotter.moments())
        box.include((1 / 40.0) * moment.units);
    EXPECT_LE(box.max.x, 0.03);
    EXPECT_LE(box.max.y, 0.03);
    EXPECT_GE(box.min.x, -210.03);
    EXPECT_GE(box.min.y, -297.03);
    EXPECT_NEAR(box.min.x, -20, 0.1) << "the square of the greeting";
    // A cross that is asked for in the corner lies on the bed with both its arms.
    head.cut_cross({});
    ASSERT_TRUE(wait_for([&] { return b.plotter.strokes().size() == 2 && !head.is_moving(); }));
    for (const auto& stroke : b.plotter.strokes())
        for (const Point p : stroke) {
            EXPECT_LE(p.x, 0.03);
            EXPECT_GE(p.y, -297.03);
        }
    const Point middle{-2, -295}; // near the corner that it was sent to
    EXPECT_LT(distance(head.place(), middle), 0.1);
}

TEST(PlainPlotter, SaysHelloOrWaves) {
    Bench talks({"--tcp"}), waves({"--tcp", "--deaf", "--speed", "300"});
    QString said;
    bool waved = false;
    MachineHead one(talks.link), other(waves.link);
    QObject::connect(&one, &MachineHead::said, [&](const QString& words) { said = words; });
    QObject::connect(&other, &MachineHead::waved, [&] { waved = true; });
    for (auto [head, machine] : {std::pair{&one, &talks.machine}, {&other, &waves.machine}}) {
        head->take_over(*machine);
        head->say_hello();
    }
    ASSERT_TRUE(wait_for([&] { return !said.isEmpty() && waved && !other.is_moving(); }));
    EXPECT_THAT(said.toStdString(), HasSubstr("PLAIN-1"));
    EXPECT_TRUE(talks.plotter.moments().empty()) << "it moves nothing";
    ASSERT_TRUE(wait_for([&] { return distance(waves.plotter.last().units, {0, 0}) < 1; }));
    Rect box;
    for (const auto& moment : waves.plotter.moments()) {
        box.include(moment.units);
        EXPECT_FALSE(moment.is_down);
    }
    EXPECT_NEAR(box.width(), 800, 1);
    EXPECT_NEAR(box.height(), 800, 1);
}

TEST(PlainPlotter, AMachineThatDoesNotAnswerIsToldNotWaitedForForEver) {
    Bench b({"--tcp", "--deaf"});
    b.machine.answers = true; // it does not
    b.sender.start(discs_on(b.machine, 2));
    ASSERT_TRUE(wait_for([&] { return !b.dropped.isEmpty(); }));
    EXPECT_THAT(b.dropped.toStdString(), HasSubstr("does not answer"));
}

} // namespace
} // namespace fusuma
