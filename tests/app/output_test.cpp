// Output in the real window: print, load crooked, find, cut; refusals and ways on; tickets; settings; files.

#include "app/model/profiles.h"
#include "app/output/output_run.h"
#include "app/output/print_sheet.h"
#include "app/output/rehearsal_view.h"
#include "devices/practice/practice_printer.h"
#include "formats/basics/file.h"
#include "formats/basics/json.h"
#include "formats/pdf/pdf_write.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"
#include "tests/app/window.h"
#include "tests/support/plotter.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QFile>
#include <QListWidget>
#include <QMenu>
#include <QPrinter>
#include <QProcess>
#include <QSlider>

namespace fusuma::app {
namespace {

using testing::HasSubstr;

class Output : public Window {
  protected:
    OutputRun* run = nullptr;

    void SetUp() override {
        Window::SetUp();
        run = window.findChild<OutputRun*>();
        ASSERT_TRUE(run);
    }
    /// Four puffins on the Output page.
    void open_puffins() {
        Document d = with_sticker_added({}, new_sticker(PictureArtwork{*read_picture(test::demo_art("puffin.png"))}));
        for (int i = 0; i < 4; ++i)
            d.put({.sticker = 1, .centre = {60.0 + 80 * (i % 2), 90.0 + 100 * (i / 2)}, .turn = 0.3 * i, .scale = 0.9});
        model.project.adopt(d, "Tide Fair");
        window.go_to(Place::output);
        settle();
    }
    void reach(RunStage::Stage stage) {
        ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == stage; }, long_enough))
            << "stage " << static_cast<int>(run->stage());
        settle();
    }
    void choose_machine(int number) {
        auto* list = find<QComboBox>("machine");
        list->setCurrentIndex(number);
        emit list->activated(number);
        settle();
    }
    void print() {
        open_puffins();
        click("practicePrint");
        reach(RunStage::Stage::printed);
    }
    void make_crooked(const char* right, const char* turn, int smudged = 0) {
        in_dialog(
            "faultsDialog",
            [&](QDialog& dialog) {
                type_in(dialog, "faultRight", right);
                type_in(dialog, "faultTurn", turn);
                dialog.findChild<QComboBox*>("faultSmudged")->setCurrentIndex(smudged);
            },
            [&] { click("practiceFaults"); });
    }
    /// The farthest that any cut lies from its line in the print, mm.
    double worst_cut() {
        double worst = 0;
        const Transform back = run->place().inverted();
        Polygons lines;
        for (const CutPath& cut : run->printed.ticket()->pages[0].cuts)
            lines.push_back(flatten(cut.line, 0.005));
        for (const CutTrace& trace : run->cutting.cut_so_far())
            for (std::size_t i = 0; i < trace.tip.size(); i += 7)
                worst = std::max(worst, nearest_on(lines, back.apply(trace.tip[i])).distance);
        return worst;
    }
    /// Chooses what becomes of the newest ticket.
    void with_ticket(const char* act) {
        in_dialog(
            "ticketsDialog", [](QDialog&) {}, [&] { click("tickets"); }, act);
    }
};

TEST_F(Output, PrintsTheDemoSheetLoadsItCrookedFindsAndCutsWithinTolerance) {
    auto demo = load_project(QStringLiteral(DEMO_PROJECT));
    ASSERT_TRUE(demo) << demo.problem().english();
    model.project.adopt(std::move(*demo), "Tide Fair");
    window.go_to(Place::output);
    settle();
    click("practicePrint");
    reach(RunStage::Stage::printed);
    make_crooked("2.4", "-1.7");
    click("loadSheet");
    reach(RunStage::Stage::found);
    EXPECT_EQ(find<QLabel>("loadState")->text(), "found 5 of 5");
    EXPECT_THAT(find<QLabel>("loadFigures")->text().toStdString(), HasSubstr("Turned -1.70°, shifted 2.4"));
    choose("Quick");
    click("startCutting");
    reach(RunStage::Stage::cut);
    EXPECT_EQ(run->cutting.cut_so_far().size(), run->cutting.job().runs.size());
    EXPECT_LT(worst_cut(), 0.15);
    EXPECT_TRUE(run->cutting.faulty().empty());
    // Smudge a mark: refused with the reason; finish by hand, with keys.
    make_crooked("1", "0.8", 4);
    EXPECT_EQ(run->stage(), RunStage::Stage::printed);
    click("loadSheet");
    reach(RunStage::Stage::refused);
    EXPECT_THAT(find<QLabel>("loadWords")->text().toStdString(),
                HasSubstr("A mark was not found: the dot at the bottom left"));
    EXPECT_FALSE(find<QPushButton>("startCutting")->isEnabled());
    click("findByHand");
    reach(RunStage::Stage::pointing);
    auto* view = find<RehearsalView>("rehearsalView");
    view->setFocus();
    const auto& marks = run->printed.ticket()->pages[0].marks;
    EXPECT_EQ(find<QLabel>("loadState")->text(), "mark 1 of 1") << "only the one that is missing";
    EXPECT_EQ(run->finder.wanted_mark(), 3u);
    EXPECT_LT(distance(run->finder.pointer(), run->place().apply(marks[3].centre)), 0.5)
        << "the pointer begins where the others say it is";
    choose("Sensor"); // then all of them by hand
    reach(RunStage::Stage::refused);
    choose("Paper edge");
    reach(RunStage::Stage::found);
    choose("By hand");
    reach(RunStage::Stage::pointing);
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Return);
    EXPECT_EQ(run->finder.wanted_mark(), 1u);
    QTest::keyClick(view, Qt::Key_Backspace);
    EXPECT_EQ(run->finder.wanted_mark(), 0u) << "one can go back";
    EXPECT_FALSE(run->finder.pointed()[0]);
    while (run->stage() == RunStage::Stage::pointing) {
        if (run->finder.wanted_mark() == 3) { // the smudged one
            click("skipMark");
            continue;
        }
        const Point goal = run->place().apply(marks[run->finder.wanted_mark()].centre);
        const auto drive = [&](double step, Qt::KeyboardModifiers with) {
            for (int i = 0; i < 200 && std::abs(goal.x - run->finder.pointer().x) > step / 2; ++i)
                QTest::keyClick(view, goal.x > run->finder.pointer().x ? Qt::Key_Right : Qt::Key_Left, with);
            for (int i = 0; i < 200 && std::abs(goal.y - run->finder.pointer().y) > step / 2; ++i)
                QTest::keyClick(view, goal.y > run->finder.pointer().y ? Qt::Key_Down : Qt::Key_Up, with);
        };
        drive(5, Qt::ShiftModifier);
        drive(0.5, {});
        drive(0.05, Qt::AltModifier);
        QTest::keyClick(view, Qt::Key_Return);
    }
    reach(RunStage::Stage::found);
    EXPECT_EQ(run->finder.registration().marks_found, 4u);
    click("startCutting");
    reach(RunStage::Stage::cut);
    EXPECT_LT(worst_cut(), 0.15);
    // Change the sheet after printing: what changed is said, and the ticket is offered.
    model.in_hand.select({CopyId{1}});
    model.copies.move({5, 0}, {});
    settle();
    EXPECT_THAT(find<QLabel>("changedNote")->text().toStdString(), HasSubstr("1 copy was moved."));
    click("cutPrinted");
    EXPECT_THAT(find<QLabel>("changedNote")->text().toStdString(), HasSubstr("Cutting what was printed"));
    click("loadSheet");
    reach(RunStage::Stage::pointing);
    choose("Paper edge");
    reach(RunStage::Stage::found);
    EXPECT_GT(run->cutting.judgement().worst_error, 0.5) << "nothing corrects how it lies";
}

TEST_F(Output, TheCommandLineTellsTheSameOfATicket) {
    print();
    make_crooked("2.4", "-1.7");
    click("loadSheet");
    reach(RunStage::Stage::found);
    choose("Quick");
    click("startCutting");
    reach(RunStage::Stage::cut);
    const QString saved = folder.filePath("demo.fusuma"), told = folder.filePath("r.json");
    ASSERT_TRUE(save(saved));
    QProcess cli;
    cli.start(QStringLiteral(FUSUMA_CLI),
              {"rehearse", saved, "--ticket", QString::fromStdString(run->printed.ticket()->code), "--shift", "2.4,0",
               "--turn", "-1.7", "--report", told});
    ASSERT_TRUE(cli.waitForFinished(120000));
    EXPECT_EQ(cli.exitCode(), 0) << cli.readAllStandardError().toStdString();
    const auto report = nlohmann::json::parse(read_file(told, 1 << 20)->toStdString());
    EXPECT_NEAR(report["worst_error_mm"].get<double>(), run->cutting.judgement().worst_error, 1e-6);
    EXPECT_NEAR(report["fit"]["residual_mm"].get<double>(), run->finder.registration().residual, 1e-6);
    EXPECT_EQ(report["faulty_copies"].get<std::size_t>(), run->cutting.faulty().size());
}

TEST_F(Output, TicketsStayThroughUndoAndCanBeCutPrintedOpenedAndDeleted) {
    print();
    const std::string first = run->printed.ticket()->code;
    model.in_hand.select({CopyId{1}});
    model.copies.move({7, 0}, {});
    settle();
    click("printAgain");
    reach(RunStage::Stage::printed);
    EXPECT_NE(run->printed.ticket()->code, first);
    EXPECT_EQ(model.document().tickets.size(), 2u);
    model.project.undo();
    settle();
    EXPECT_EQ(model.document().tickets.size(), 2u) << "paper cannot be undone";
    EXPECT_FALSE(run->printed.changes().empty());
    model.project.redo();
    settle();
    EXPECT_TRUE(run->printed.changes().empty());
    // The newest is listed first.
    in_dialog(
        "ticketsDialog",
        [](QDialog& dialog) {
            auto* list = dialog.findChild<QListWidget*>("ticketList");
            EXPECT_EQ(list->count(), 2);
            EXPECT_FALSE(list->item(0)->icon().isNull());
            EXPECT_THAT(list->item(0)->text().toStdString(), HasSubstr("printed today"));
            QTest::mouseClick(dialog.findChild<QPushButton*>("ticketDelete"), Qt::LeftButton);
            EXPECT_EQ(list->count(), 1);
        },
        [&] { click("tickets"); }, "no more");
    EXPECT_EQ(model.document().tickets.size(), 1u);
    EXPECT_EQ(run->stage(), RunStage::Stage::nothing) << "it was in hand";
    with_ticket("ticketCut");
    reach(RunStage::Stage::printed);
    EXPECT_EQ(run->printed.ticket()->code, first);
    const double moved = model.document().placements[0].centre.x;
    with_ticket("ticketOpen");
    EXPECT_NEAR(model.document().placements[0].centre.x, moved - 7, 1e-9);
    EXPECT_EQ(model.document().tickets.size(), 1u);
    with_ticket("ticketPrint");
    ASSERT_TRUE(QTest::qWaitFor([&] { return model.document().tickets.size() == 2; }, long_enough));
    // They are saved with the project.
    const QString path = folder.filePath("t.fusuma");
    ASSERT_TRUE(save(path));
    EXPECT_EQ(load_project(path)->tickets.size(), 2u);
}

TEST_F(Output, PausesStopsAndGoesOnAfterTheLineDropped) {
    print();
    in_dialog(
        "faultsDialog", [](QDialog& d) { type_in(d, "faultDrop", "2"); }, [&] { click("practiceFaults"); });
    click("loadSheet");
    reach(RunStage::Stage::found);
    choose("Quick");
    click("startCutting");
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::dropped; }, long_enough));
    settle();
    EXPECT_THAT(notice(), HasSubstr("lines are cut"));
    EXPECT_EQ(find<QPushButton>("pauseCutting")->text(), "Go on");
    click("pauseCutting");
    reach(RunStage::Stage::cut);
    EXPECT_GE(run->cutting.cut_so_far().size(), 4u);
    // Over the practice cutter's serial port, slowly: pause and stop.
    choose_machine(1);
    EXPECT_EQ(run->stage(), RunStage::Stage::printed)
        << "what was found in another machine counts for nothing in this one";
    EXPECT_FALSE(find<QPushButton>("startCutting")->isEnabled());
    click("loadSheet");
    reach(RunStage::Stage::found);
    choose("As a machine");
    click("startCutting");
    click("pauseCutting");
    EXPECT_EQ(run->stage(), RunStage::Stage::paused);
    click("pauseCutting");
    EXPECT_EQ(run->stage(), RunStage::Stage::cutting);
    click("stopCutting");
    EXPECT_EQ(run->stage(), RunStage::Stage::printed);
}

/// The whole way on a machine that knows nothing of us, its axes turned, the sheet laid in crooked.
TEST_F(Output, AMakersOwnMachineIsAddedFoundByHandGoneRoundAndCut) {
    const test::PlainPlotter plotter({"--tcp", "--abort", "--speed", "300"});
    QString heard;
    open_puffins();
    in_dialog(
        "machineDialog",
        [&](QDialog& d) {
            type_in(d, "machineName", "Old Faithful");
            auto* plug = d.findChild<QComboBox*>("machinePlug");
            plug->setCurrentIndex(plug->findData("tcp:"));
            type_in(d, "machineHost", plotter.line().substr(4).c_str());
            d.findChild<QCheckBox*>("machineAnswers")->setChecked(true);
            type_in(d, "machineWidth", "400");
            type_in(d, "machineDepth", "500");
            for (const auto& [field, choice] : {std::pair{"machineNought", 3}, {"machineX", 3}, {"machineY", 1}})
                d.findChild<QComboBox*>(QLatin1String(field))
                    ->setCurrentIndex(choice); // far right, towards me, to the left
            type_in(d, "machineAbort", "\\x1b.K");
            auto* hello = d.findChild<QPushButton*>("sayHello");
            QTest::mouseClick(hello, Qt::LeftButton);
            auto* words = d.findChild<QLabel*>("machineHeard");
            std::ignore = QTest::qWaitFor([&] { return words->text().contains("PLAIN-1"); }, long_enough);
            heard = words->text();
        },
        [&] { choose_machine(find<QComboBox>("machine")->count() - 1); });
    EXPECT_THAT(heard.toStdString(), HasSubstr("PLAIN-1"));
    EXPECT_EQ(find<QComboBox>("machine")->currentText(), "Old Faithful");
    EXPECT_EQ(find<QLabel>("machineState")->text(), "● ready");
    ASSERT_TRUE(run->machine.own());
    const Machine machine = *run->machine.own();
    EXPECT_EQ(machine.abort, "\x1b.K");

    click("practicePrint");
    reach(RunStage::Stage::printed);
    EXPECT_FALSE(window.findChild<QPushButton*>("practiceFaults")->isVisible())
        << "a real machine has faults of its own";
    click("loadSheet");
    reach(RunStage::Stage::pointing);
    EXPECT_EQ(find<QLabel>("loadMachine")->text(), "In “Old Faithful”.");
    const Size paper = run->printed.ticket()->paper;
    const auto& marks = run->printed.ticket()->pages[0].marks;
    const Transform lies = map_of({{6, -4}, 0.05, 1, 1}, {paper.width / 2, paper.height / 2}); // from where it should
    auto* view = find<RehearsalView>("rehearsalView");
    view->setFocus();
    while (run->stage() == RunStage::Stage::pointing) {
        const Point goal = lies.apply(marks[run->finder.wanted_mark()].centre);
        const std::size_t mark = run->finder.wanted_mark();
        for (const auto& [step, held] :
             {std::pair{5.0, Qt::ShiftModifier}, {0.5, Qt::NoModifier}, {0.05, Qt::AltModifier}})
            for (int i = 0; i < 400; ++i) {
                const Point off = goal - run->finder.pointer();
                if (std::max(std::abs(off.x), std::abs(off.y)) <= step / 2)
                    break;
                const auto key = std::abs(off.x) > std::abs(off.y) ? (off.x > 0 ? Qt::Key_Right : Qt::Key_Left)
                                                                   : (off.y > 0 ? Qt::Key_Down : Qt::Key_Up);
                QTest::keyClick(view, key, held);
            }
        QTest::keyClick(view, Qt::Key_Return);
        ASSERT_TRUE(QTest::qWaitFor(
            [&] { return run->stage() != RunStage::Stage::pointing || run->finder.wanted_mark() != mark; },
            long_enough));
    }
    reach(RunStage::Stage::found);
    EXPECT_LT(run->finder.registration().residual, 0.1);

    // Round it, with the blade up.
    const Transform to_machine = lies.then(paper_on_bed(machine, paper)).then(bed_of(machine).inverted());
    const std::size_t before = plotter.moments().size();
    click("goRound");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !run->machine.head.is_moving(); }, long_enough));
    Rect round, cuts;
    const auto moments = plotter.moments();
    for (std::size_t i = before + moments.size() / 50; i < moments.size(); ++i) {
        EXPECT_FALSE(moments[i].is_down);
        round.include((1 / 40.0) * moments[i].units);
    }
    for (const CutPath& cut : run->printed.ticket()->pages[0].cuts)
        for (const Point p : flatten(cut.line, 0.01))
            cuts.include(to_machine.apply(p));
    EXPECT_TRUE(round.grown(0.5).contains(cuts.min) && round.grown(0.5).contains(cuts.max));

    // Round the sticker that is clicked, and no other.
    const CutRun& first = run->cutting.job().runs.front();
    const auto on_view = [&](Point place) { return view->to_view().map(QPointF(place.x, place.y)).toPoint(); };
    QTest::mouseClick(view, Qt::LeftButton, {}, on_view(first.tip[first.tip.size() / 2]));
    EXPECT_EQ(run->cutting.copy_in_view(), first.copy);
    EXPECT_EQ(find<QPushButton>("goRound")->text(), "Go round this sticker");
    const std::size_t begun = plotter.moments().size();
    click("goRound");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !run->machine.head.is_moving(); }, long_enough));
    Rect went, its;
    const auto after = plotter.moments();
    for (std::size_t i = begun + 1; i < after.size(); ++i)
        if (went.include((1 / 40.0) * after[i].units); after[i].is_down)
            ADD_FAILURE() << "the blade was down";
    for (const CutRun& line : run->cutting.job().runs)
        if (line.copy == first.copy)
            its.include(bounds(Polygons{line.tip}));
    EXPECT_LT(went.width(), round.width());
    EXPECT_NEAR(std::min(its.width(), its.height()), std::min(went.width(), went.height()), 60);
    QTest::mouseClick(view, Qt::LeftButton, {}, on_view({2, 2}));
    EXPECT_FALSE(run->cutting.copy_in_view()) << "a click beside them means the page again";

    // Cut it; the cable comes out on the way.
    click("startCutting");
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->cutting.runs_done() >= 1; }, long_enough));
    plotter.pull_cable();
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::dropped; }, long_enough));
    EXPECT_THAT(notice(), HasSubstr("lines are cut"));
    plotter.put_cable_in();
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::paused; }, long_enough));
    EXPECT_FALSE(plotter.last().is_down);
    click("pauseCutting"); // go on
    reach(RunStage::Stage::cut);
    ASSERT_EQ(model.document().tickets.back()->cut.size(), 1u);
    EXPECT_EQ(model.document().tickets.back()->cut[0], (Ticket::Cut{"Old Faithful", "Plain lines", 1}));

    // What its blade did is what was printed.
    const auto strokes = plotter.strokes();
    for (const CutPath& cut : run->printed.ticket()->pages[0].cuts)
        for (const Point p : flatten(cut.line, 0.05)) {
            double nearest = HUGE_VAL;
            for (const auto& stroke : strokes)
                nearest = std::min(nearest, nearest_on({stroke}, to_machine.apply(p)).distance);
            ASSERT_LT(nearest, 0.25);
        }
    run->machine.forget();
    EXPECT_EQ(find<QComboBox>("machine")->currentIndex(), 0);
    EXPECT_EQ(run->stage(), RunStage::Stage::printed) << "the sheet lies in no machine any more";
}

TEST_F(Output, AHeldKeyStopsTheHeadWhenItIsLetGo) {
    const test::PlainPlotter plotter({"--tcp", "--speed", "50"}); // slower than a key repeats
    Machine machine;
    machine.name = "Slow";
    machine.line = plotter.line();
    machine.answers = true;
    machine.light = {12, 7};
    run->machine.keep(machine, false);
    print();
    click("loadSheet");
    reach(RunStage::Stage::pointing);
    ASSERT_TRUE(QTest::qWaitFor([&] { return !run->machine.head.is_moving() && run->machine.head.place() != Point{}; },
                                long_enough));
    const Point mark = run->printed.ticket()->pages[0].marks[0].centre;
    const Point light =
        bed_of(machine).inverted().apply(paper_on_bed(machine, run->printed.ticket()->paper).apply(mark));
    EXPECT_LT(distance((1 / 40.0) * plotter.last().units, light - machine.light), 0.1) << "the light is over the mark";
    auto* view = find<RehearsalView>("rehearsalView");
    view->setFocus();
    for (int i = 0; i < 30; ++i) { // one second
        QKeyEvent held(QEvent::KeyPress, Qt::Key_Right, Qt::ShiftModifier, {}, i > 0);
        QApplication::sendEvent(view, &held);
        QTest::qWait(33);
    }
    const Point let_go = plotter.last().units;
    QTest::qWait(800);
    const Point stood = plotter.last().units;
    EXPECT_GT(let_go.x / 40, light.x - machine.light.x + 15) << "it went along";
    EXPECT_LT(distance(let_go, stood) / 40, 5.1) << "one step at most was still to come";
    EXPECT_LT(distance((1 / 40.0) * stood + machine.light - light, run->finder.pointer() - mark), 0.1)
        << "the pointer shows where it is";
    // The sheet is put down while the head is out: its line is free, and nothing is pointed at any more.
    model.project.remove_ticket(run->printed.ticket()->code);
    settle();
    EXPECT_EQ(run->stage(), RunStage::Stage::nothing);
    EXPECT_FALSE(run->machine.head.is_there());
    EXPECT_FALSE(run->machine.link.is_open());
    run->machine.forget();
}

TEST_F(Output, TheLightIsFoundByACutCross) {
    const test::PlainPlotter plotter({"--tcp", "--speed", "300"});
    Machine machine;
    open_puffins();
    machine.name = "Laser pointer";
    machine.line = plotter.line();
    machine.answers = true;
    run->machine.keep(machine, false);
    in_dialog(
        "machineDialog",
        [&](QDialog& d) {
            in_dialog(
                "lightDialog",
                [&](QDialog& light) {
                    auto* cut = light.findChild<QPushButton*>("cutCross");
                    auto* told = light.findChild<QLabel*>("lightTold");
                    const auto is_at = [&](Point mm) {
                        return QTest::qWaitFor([&] { return distance((1 / 40.0) * plotter.last().units, mm) < 0.05; },
                                               20000);
                    };
                    ASSERT_TRUE(is_at({30, 30})) << "a little into the bed";
                    ASSERT_TRUE(QTest::qWaitFor([&] { return cut->isEnabled(); }, long_enough));
                    QTest::qWait(100);
                    QTest::mouseClick(cut, Qt::LeftButton);
                    ASSERT_TRUE(QTest::qWaitFor([&] { return plotter.strokes().size() == 2; }, long_enough));
                    ASSERT_TRUE(is_at({30, 30})) << "back over its middle";
                    QTest::qWait(300);
                    // The light of this one is 10 mm left of the blade: the head goes 10 mm to the right.
                    for (int i = 1; i <= 2; ++i) {
                        QTest::mouseClick(light.findChild<QPushButton*>("lightRight"), Qt::LeftButton,
                                          Qt::ShiftModifier);
                        QApplication::processEvents();
                        ASSERT_TRUE(is_at({30 + 5.0 * i, 30})) << i;
                        QTest::qWait(100);
                    }
                    EXPECT_EQ(told->text(), "From the blade to the light: X -10.00 mm, Y 0.00 mm.");
                    EXPECT_FALSE(plotter.last().is_down);
                },
                [&] { QTest::mouseClick(d.findChild<QPushButton*>("findLight"), Qt::LeftButton); });
        },
        [&] { click("machineProfile"); });
    EXPECT_EQ(run->machine.own()->light, (Point{-10, 0}));
    for (const auto& stroke : plotter.strokes())
        for (const Point p : stroke)
            EXPECT_LT(distance(p, {30, 30}), 2.1);
    run->machine.forget();
}

TEST_F(Output, NothingIsCutLaterBecauseTheNextSheetWasAskedForOnce) {
    print();
    click("loadSheet");
    reach(RunStage::Stage::found);
    choose("Quick");
    click("startCutting");
    reach(RunStage::Stage::cut);
    QTest::keyClick(&window, Qt::Key_F9);
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::cutting; }, long_enough)) << "in one key";
    reach(RunStage::Stage::cut);
    EXPECT_EQ(model.document().tickets[0]->sheets_cut(), 2);
    // The next one is not found; what is found after that waits for its own start.
    PracticeFaults faults = run->faults();
    faults.load.missing = {1, 2};
    run->set_faults(faults);
    ASSERT_EQ(run->stage(), RunStage::Stage::printed);
    run->cutting.cut_next_sheet();
    reach(RunStage::Stage::refused);
    faults.load.missing.clear();
    run->set_faults(faults);
    click("loadSheet");
    reach(RunStage::Stage::found);
    QTest::qWait(500);
    EXPECT_EQ(run->stage(), RunStage::Stage::found);
}

TEST_F(Output, MachinesKeepTheirNamesApart) {
    Machine machine;
    machine.name = "Wharf";
    run->machine.keep(machine, false);
    open_puffins();
    QString heard;
    int tries = 0;
    QTimer look; // a name that is taken is refused, and the dialog stays
    QObject::connect(&look, &QTimer::timeout, &window, [&] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!dialog || dialog->objectName() != "machineDialog")
            return;
        heard = dialog->findChild<QLabel*>("machineHeard")->text();
        if (tries == 2)
            return dialog->reject();
        type_in(*dialog, "machineName", tries++ == 0 ? "Wharf" : "Practice cutter");
        QTest::mouseClick(dialog->findChild<QPushButton*>("takeForm"), Qt::LeftButton);
    });
    look.start(100);
    choose_machine(find<QComboBox>("machine")->count() - 1);
    look.stop();
    EXPECT_EQ(heard, "There is a machine of that name already.");
    EXPECT_EQ(saved_machines().size(), 1u);
    // A new name takes the old one's place.
    in_dialog(
        "machineDialog", [](QDialog& d) { type_in(d, "machineName", "Quay"); }, [&] { click("machineProfile"); });
    ASSERT_EQ(saved_machines().size(), 1u);
    EXPECT_EQ(saved_machines()[0].name, "Quay");
    EXPECT_EQ(find<QComboBox>("machine")->currentText(), "Quay");
    run->machine.forget();
    EXPECT_TRUE(saved_machines().empty());
}

TEST_F(Output, SlipsShowWhoWouldSufferAndOneClickMakesThemSafe) {
    open_puffins();
    model.in_hand.choose_sticker(1);
    model.in_hand.edit_sticker("Border", [](Sticker& s) { s.border.width = 0.5; });
    click("practicePrint");
    reach(RunStage::Stage::printed);
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("slipVerdict")->text() == "No slip."; }, long_enough));
    auto* right = find<QSlider>("slipRight");
    right->setFocus();
    for (int i = 0; i < 8; ++i)
        QTest::keyClick(right, Qt::Key_Right);
    settle();
    EXPECT_EQ(find<QLabel>("slipVerdict")->text(), "All 4 stay clean.") << "0.40 mm within a border of 0.5";
    for (int i = 0; i < 6; ++i)
        QTest::keyClick(right, Qt::Key_Right);
    settle();
    EXPECT_EQ(find<QLabel>("slipVerdict")->text(), "4 of 4 show a fault.");
    EXPECT_THAT(find<QLabel>("slipAdvice")->text().toStdString(),
                HasSubstr("would keep every sticker clean up to a slip of 0.6 mm"));
    click("slipRemedy");
    EXPECT_NEAR(model.in_hand.sticker()->border.width, 0.75, 0.06);
    click("printAgain");
    reach(RunStage::Stage::printed);
    ASSERT_TRUE(QTest::qWaitFor([&] { return find<QLabel>("slipAdvice")->text().contains("1.0 mm"); }, long_enough));
    click("trySheets");
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return find<QLabel>("slipChances")->text().contains("% of sheets"); }, long_enough));
}

TEST_F(Output, MaterialPrinterMachineAndInksAreSetInDialogs) {
    open_puffins();
    find<QComboBox>("material")->setCurrentIndex(3);
    emit find<QComboBox>("material")->activated(3);
    settle();
    EXPECT_EQ(model.document().material.name, usual_materials()[3].name);
    in_dialog(
        "materialDialog",
        [](QDialog& d) {
            type_in(d, "materialName", "Quay vinyl");
            type_in(d, "bladeOffset", "0.3");
            type_in(d, "kissPasses", "2");
            d.findChild<QAbstractButton*>("keepMaterial")->click();
        },
        [&] { click("materialSettings"); });
    EXPECT_EQ(model.document().material.name, "Quay vinyl");
    EXPECT_EQ(model.document().material.kiss.passes, 2);
    EXPECT_NEAR(model.document().material.blade_offset, 0.3, 1e-9);
    EXPECT_EQ(saved_materials().back(), model.document().material) << "for other projects too";
    // A picture without the page is told, and changes nothing.
    in_dialog(
        "printerRightDialog",
        [&](QDialog& d) {
            const QString before = d.findChild<QLineEdit*>("measureLeft")->text();
            with_file_dialog(test::demo_art("puffin.png"),
                             [&] { d.findChild<QPushButton*>("measureByPhoto")->click(); });
            auto* seen = d.findChild<QLabel*>("measureSeen");
            ASSERT_TRUE(QTest::qWaitFor([&] { return seen->text().contains("sheet"); }, long_enough))
                << seen->text().toStdString();
            EXPECT_EQ(d.findChild<QLineEdit*>("measureLeft")->text(), before);
        },
        [&] { click("printerRight"); });
    in_dialog(
        "printerRightDialog",
        [](QDialog& d) {
            auto* left = d.findChild<QLineEdit*>("measureLeft");
            type_in(d, "measureLeft", QByteArray::number(left->text().split(' ').first().toDouble() + 1));
            EXPECT_THAT(d.findChild<QLabel*>("measureEffect")->text().toStdString(), HasSubstr("1.00 mm to the left"));
            EXPECT_THAT(d.findChild<QWidget*>("printerPicture")->accessibleName().toStdString(), HasSubstr("Arrows"));
        },
        [&] { click("printerRight"); });
    EXPECT_NEAR(model.document().sheet.printer.shift.x, -1, 1e-6);
    in_dialog(
        "machineRightDialog",
        [](QDialog& d) {
            EXPECT_EQ(d.findChild<QWidget*>("machinePicture")->accessibleName(), "All came out where it should be.");
            for (int i = 1; i <= 5; ++i)
                type_in(d, ("offDown" + std::to_string(i)).c_str(), "0.4");
        },
        [&] { click("machineTest"); });
    EXPECT_NEAR(model.document().sheet.cutter.shift.y, -0.4, 1e-6);
    in_dialog(
        "inksDialog", [](QDialog& d) { type_in(d, "inkKiss", "Anriss"); }, [&] { click("inkNames"); });
    EXPECT_EQ(model.document().inks.kiss, "Anriss");
    click("undo");
    EXPECT_EQ(model.document().inks.kiss, "Kiss cut");
}

TEST_F(Output, WritesCutFilesOfEveryPageAndChecksThem) {
    open_puffins();
    model.project.edit("Page", [](Document d) {
        d = with_page_added(d);
        d.placements[3].page = 1;
        return d;
    });
    settle();
    for (const auto& [name, target] :
         {std::pair{"exportSvg", "c.svg"}, {"exportDxf", "c.dxf"}, {"exportHpgl", "c.plt"}}) {
        const QString path = folder.filePath(QLatin1String(target));
        with_file_dialog(path, [&, n = name] { click(n); });
        EXPECT_GT(QFile(path).size(), 200);
        const QString second = QString(path).insert(path.lastIndexOf('.'), "-2");
        EXPECT_GT(QFile(second).size(), 100) << second.toStdString();
        with_file_dialog(path, [&] { click("checkFile"); });
        EXPECT_THAT(notice(), HasSubstr("agrees: 3 lines")) << target;
        with_file_dialog(second, [&] { click("checkFile"); });
        EXPECT_THAT(notice(), HasSubstr("does not agree with this page"));
    }
    // The ticket has both pages, too.
    click("practicePrint");
    reach(RunStage::Stage::printed);
    EXPECT_EQ(run->printed.pages(), 2);
    click("outputPageAfter");
    reach(RunStage::Stage::printed);
    click("loadSheet");
    reach(RunStage::Stage::found);
    EXPECT_EQ(run->cutting.job().runs.size(), 1u);
}

TEST_F(Output, RealPrintersGetThePageAtTrueSizeOrASentence) {
    open_puffins();
    const auto plan = model.snapshot().plan;
    QPrinter printer(QPrinter::HighResolution);
    printer.setOutputFormat(QPrinter::PdfFormat); // the system's print support, writing to a file
    const QString path = folder.filePath("printed.pdf");
    printer.setOutputFileName(path);
    printer.setPageSize(QPageSize(QPageSize::A5));
    const Outcome wrong = paint_sheets(printer, *plan);
    ASSERT_FALSE(wrong);
    EXPECT_THAT(wrong.problem().english(), HasSubstr("The printer is set to A5"));
    printer.setPageSize(QPageSize(QPageSize::A4));
    ASSERT_TRUE(paint_sheets(printer, *plan));
    const auto sheet = practice_print(*read_file(path, 1 << 28), 254),
               ours = practice_print(QByteArray::fromStdString(print_pdf(*plan)), 254);
    ASSERT_TRUE(sheet && ours);
    ASSERT_NEAR(sheet->width(), ours->width(), 2);
    int different = 0;
    for (int y = 0; y < std::min(sheet->height(), ours->height()); y += 3)
        for (int x = 0; x < std::min(sheet->width(), ours->width()); x += 3)
            different += std::abs(qGray(sheet->pixel(x, y)) - qGray(ours->pixel(x, y))) > 90;
    EXPECT_LT(different, 2000) << "of 690000 places";
}

TEST_F(Output, PrintingHappensOnAThreadAndAFailedOneIsTold) {
    open_puffins();
    std::vector<bool> ends;
    const auto print_into = [&](const QString& file) {
        const auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
        printer->setOutputFormat(QPrinter::PdfFormat);
        printer->setOutputFileName(file);
        printer->setPageSize(QPageSize(QPageSize::A4));
        print_sheets(model, printer, model.snapshot().plan, [&](bool printed) { ends.push_back(printed); });
        EXPECT_TRUE(model.file_work.is_busy()) << "and leaving waits for it";
        ASSERT_TRUE(QTest::qWaitFor([&] { return !model.file_work.is_busy(); }, long_enough));
    };
    print_into(folder.filePath("printed.pdf"));
    EXPECT_GT(QFile(folder.filePath("printed.pdf")).size(), 10000);
    print_into(folder.filePath("nowhere/printed.pdf"));
    EXPECT_EQ(ends, (std::vector{true, false}));
    EXPECT_THAT(notice(), HasSubstr("printer"));
}

TEST_F(Output, TheRehearsalShowsTimeTravelAndOrder) {
    print();
    click("loadSheet");
    reach(RunStage::Stage::found);
    auto* view = find<RehearsalView>("rehearsalView");
    auto* time = find<QSlider>("timeSlider");
    EXPECT_EQ(time->maximum(), 4);
    std::vector<QImage> looks;
    const auto look = [&] {
        settle();
        looks.push_back(view->grab().toImage());
        for (std::size_t i = 0; i + 1 < looks.size(); ++i)
            EXPECT_NE(looks[i], looks.back()) << looks.size();
    };
    look();
    time->setFocus();
    QTest::keyClick(time, Qt::Key_Left);
    EXPECT_THAT(find<QLabel>("timeText")->text().toStdString(), HasSubstr("line 3 of 4"));
    look();
    for (const char* box : {"showTravel", "showOrder"}) {
        QTest::mouseClick(find<QAbstractButton>(box), Qt::LeftButton, {}, {8, 8});
        look();
    }
}

TEST_F(Output, APdfIsATicketAndAPlainPaperTestIsNot) {
    open_puffins();
    model.project.edit(QStringLiteral("Smaller"), [](Document d) {
        Sticker small = *d.stickers.front();
        small.width = 12; // mm, finer than anybody prints
        return with_sticker_changed(std::move(d), small);
    });
    settle();
    const QString path = folder.filePath("s.pdf");
    with_file_dialog(path, [&] { click("savePdf"); });
    EXPECT_EQ(model.document().tickets.size(), 1u);
    EXPECT_THAT(notice(), HasSubstr(model.document().tickets[0]->code));
    reach(RunStage::Stage::printed);
    // The menu's smaller one keeps its pictures at 600 dpi, in whatever way takes less.
    const QString small = folder.filePath("small.pdf");
    with_file_dialog(small, [&] {
        for (QAction* action : window.findChildren<QAction*>())
            if (action->text().remove(QLatin1Char('&')) == QStringLiteral("Save a smaller PDF to print…"))
                action->trigger();
    });
    ASSERT_TRUE(QTest::qWaitFor([&] { return QFile::exists(small); }, long_enough));
    const auto whole = read_file(path, 1 << 28), smaller = read_file(small, 1 << 28);
    ASSERT_TRUE(whole && smaller);
    EXPECT_LT(smaller->size() * 3, whole->size() * 2);
    // Both ways to the plain-paper test: its PDF needs no ticket.
    const QString test = folder.filePath("test.pdf");
    bool asked = false;
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, &window, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box || box->objectName() != "plainPaperDialog")
            return;
        asked = true;
        look.stop();
        for (QAbstractButton* b : box->buttons())
            if (b->text().contains("PDF")) {
                QTimer::singleShot(0, b, [b] { b->click(); });
                return;
            }
    });
    look.start(50);
    with_file_dialog(test, [&] { QTest::mouseClick(find<QPushButton>("plainPaperTest"), Qt::LeftButton); });
    EXPECT_TRUE(asked);
    EXPECT_GT(QFile(test).size(), 1000);
    EXPECT_EQ(model.document().tickets.size(), 2u) << "of the two that are printed";
}

TEST_F(Output, ATicketThatIsBeingTakenBelongsToItsProjectOnly) {
    print();
    const auto ticket = run->printed.ticket();
    run->printed.put_down();
    run->printed.take(ticket);
    reach(RunStage::Stage::printed);
    EXPECT_EQ(run->printed.ticket(), ticket);
    run->printed.put_down();
    run->printed.take(ticket);
    EXPECT_FALSE(run->printed.plan()) << "nothing is exported or cut of it before it is planned";
    model.project.start_new();
    settle();
    QTest::qWait(300);
    EXPECT_FALSE(run->printed.ticket());
    EXPECT_EQ(run->stage(), RunStage::Stage::nothing);
}

/// While people are asked, the cutter waits with its blade up; when they stay, it goes on, and nothing is lost.
TEST_F(Output, LeavingACutAsksFirstAndTheCutterWaitsMeanwhile) {
    print();
    click("loadSheet");
    reach(RunStage::Stage::found);
    ASSERT_TRUE(save(folder.filePath("fair.fusuma")));
    run->cutting.set_speed(60);
    QTest::mouseClick(find<QPushButton>("startCutting"), Qt::LeftButton);
    ASSERT_TRUE(QTest::qWaitFor([&] { return run->stage() == RunStage::Stage::cutting; }, long_enough));
    std::vector<RunStage::Stage> while_asked;
    const auto answering = [&](QMessageBox::ButtonRole role, const std::function<void()>& leave) {
        QTimer look;
        QObject::connect(&look, &QTimer::timeout, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box || box->objectName() != "cutterAtWork")
                return;
            while_asked.push_back(run->stage());
            for (QAbstractButton* b : box->buttons())
                if (box->buttonRole(b) == role) {
                    b->click();
                    return;
                }
        });
        look.start(50);
        QApplication::setActiveWindow(&window);
        leave();
    };
    const std::function<void()> ways[] = {[&] { window.close(); },
                                          [&] { QTest::keyClick(&window, Qt::Key_N, Qt::ControlModifier); },
                                          [&] { window.open_files({folder.filePath("fair.fusuma")}); }};
    for (const auto& leave : ways) {
        answering(QMessageBox::RejectRole, leave);
        ASSERT_FALSE(while_asked.empty());
        EXPECT_EQ(while_asked.back(), RunStage::Stage::paused);
        EXPECT_EQ(run->stage(), RunStage::Stage::cutting) << "it goes on";
        EXPECT_TRUE(window.isVisible());
        while_asked.clear();
    }
    answering(QMessageBox::DestructiveRole, ways[1]);
    EXPECT_TRUE(model.document().placements.empty()) << "a new project";
    EXPECT_FALSE(run->is_cutting());
    settle();
}

TEST_F(Output, PrintsThePagesThatWereChosenAndTellsWhenThePrinterFails) {
    open_puffins();
    model.project.edit("Pages", [](Document d) {
        for (int page = 1; page < 3; ++page) {
            d = with_page_added(std::move(d));
            d.placements[static_cast<std::size_t>(page)].page = page;
        }
        return d;
    });
    settle();
    const auto plan = model.snapshot().plan;
    const auto printed = [&](const std::function<void(QPrinter&)>& choose, const QString& to) {
        QPrinter printer(QPrinter::ScreenResolution);
        printer.setOutputFormat(QPrinter::PdfFormat);
        printer.setOutputFileName(to);
        printer.setPageSize(QPageSize(QPageSize::A4));
        choose(printer);
        return paint_sheets(printer, *plan);
    };
    const auto pages = [&](const std::function<void(QPrinter&)>& choose) {
        const QString path = folder.filePath("printed.pdf");
        EXPECT_TRUE(printed(choose, path));
        const auto read = read_artwork(path);
        const Pages* several = read ? std::get_if<Pages>(&*read) : nullptr;
        return several ? several->count : read ? 1 : 0;
    };
    EXPECT_EQ(pages([](QPrinter&) {}), 3);
    EXPECT_EQ(pages([](QPrinter& p) {
                  p.setPrintRange(QPrinter::PageRange);
                  p.setFromTo(2, 3);
              }),
              2);
    EXPECT_EQ(pages([](QPrinter& p) {
                  p.setPrintRange(QPrinter::PageRange);
                  p.setFromTo(3, 9);
              }),
              1);
    const Outcome none = printed([](QPrinter&) {}, folder.filePath("no/such/folder/p.pdf"));
    EXPECT_FALSE(none);
    const Outcome wrong =
        printed([](QPrinter& p) { p.setPageSize(QPageSize(QPageSize::A5)); }, folder.filePath("a5.pdf"));
    ASSERT_FALSE(wrong);
    EXPECT_THAT(wrong.problem().english(), HasSubstr("nothing was printed"));
}

TEST_F(Output, AnEmptySheetCannotBePrinted) {
    window.go_to(Place::output);
    settle();
    EXPECT_EQ(find<QLabel>("printState")->text(), "the sheet is empty");
    for (const char* name : {"practicePrint", "realPrint", "savePdf", "loadSheet", "startCutting"})
        EXPECT_FALSE(find<QPushButton>(name)->isEnabled()) << name;
    EXPECT_EQ(find<QLabel>("slipVerdict")->text(), "The sheet is empty.");
    QApplication::setActiveWindow(&window);
    QTest::keyClick(&window, Qt::Key_P, Qt::ControlModifier); // the menu's way says why, too
    settle();
    EXPECT_THAT(notice(), HasSubstr("The sheet is empty"));
    EXPECT_TRUE(model.document().tickets.empty());
}

} // namespace
} // namespace fusuma::app
