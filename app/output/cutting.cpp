#include "app/output/cutting.h"

#include "app/model/log.h"
#include "core/geometry/measure.h"
#include "formats/basics/in_words.h"

#include <cmath>

namespace fusuma::app {

using Stage = RunStage::Stage;

Cutting::Cutting(Model& project, RunStage& run_stage, LatestOnly& background, PrintedSheet& sheet, PrintFinder& find,
                 const PracticeFaults& practice_faults, ChosenMachine& chosen)
    : model(project), stage(run_stage), work(background), printed(sheet), finder(find), faults(practice_faults),
      machine(chosen) {
    PracticeCutter& practice = machine.practice;
    CutSender& sender = machine.sender;
    connect(&practice, &PracticeCutter::advanced, &stage, &RunStage::changed);
    connect(&practice, &PracticeCutter::finished, this, [this] {
        if (machine.is_practice() && machine.sender.state() == CutSender::State::done)
            end();
    });
    connect(&practice, &PracticeCutter::refused, &model.messages, &Messages::problem);
    connect(&sender, &CutSender::changed, &stage, &RunStage::changed);
    connect(&sender, &CutSender::finished, this, [this] {
        learn();
        if (!machine.is_practice() || machine.practice.progress() >= 1)
            end();
    });
    connect(&sender, &CutSender::dropped, this, [this](const QString& why) {
        const auto lines = tr("%1 of %2 lines are cut").arg(runs_done()).arg(machine.sender.runs());
        emit model.messages.problem(is_estimated()
                                        ? tr("%1 About %2, by estimate. Go on when it is back.").arg(why, lines)
                                        : tr("%1 %2. Go on when it is back.").arg(why, lines));
        stage.enter(Stage::dropped);
    });
    connect(&sender, &CutSender::tool_wanted, this, [this](CutKind kind) {
        emit model.messages.note(tr("Now come the %1. Change the tool, then go on.")
                                     .arg(kind == CutKind::through ? tr("through cuts")
                                          : kind == CutKind::score ? tr("scores")
                                                                   : tr("kiss cuts")));
        chosen_line.reset();
        stage.enter(Stage::paused);
    });
    connect(&sender, &CutSender::came_back, this, [this] {
        emit model.messages.note(tr("The machine is there again, with its blade up."));
        stage.enter(Stage::paused);
    });
    connect(&finder, &PrintFinder::loading, this, [this] {
        starts_when_found = false; // unless it is loaded for that
        machine.practice.set_faults(faults.machine, printed.ticket()->paper);
    });
    connect(&stage, &RunStage::changed, this, [this] {
        if (stage.now() <= Stage::printed || stage.now() == Stage::refused)
            starts_when_found = false; // nothing moves later because of what was asked for once
    });
    connect(&finder, &PrintFinder::accepted, this, &Cutting::plan);
    connect(&model, &Model::changed, this, [this] {
        if (stage.now() == Stage::found && model.document().material != planned_for)
            plan();
    });
}

void Cutting::plan() {
    stage.enter(Stage::loading);
    planned_for = model.document().material;
    work.start(
        [page = printed.ticket_page(), document = printed.ticket()->document, print = *finder.print(),
         cutter = model.document().sheet.cutter, material = planned_for, to_place = finder.to_bed().inverted(),
         fit = finder.registration().fit, paper = printed.ticket()->paper, is_practice = machine.is_practice(),
         truly = true_place(faults, printed.ticket()->paper), wrong = faults.machine, check = printed.slips()] {
            Planned result;
            result.job = print.job(page.cuts, cutter, material);
            auto shown = result.job->cut();
            for (CutRun& run : shown.runs)
                for (auto* line : {&run.tip, &run.axis})
                    for (Point& p : *line)
                        p = to_place.apply(p);
            result.shown = std::make_shared<const CutJob>(std::move(shown));
            result.seconds = result.job->seconds();
            if (is_practice) {
                result.traces = std::make_shared<const std::vector<CutTrace>>(
                    cut_by_practice(*result.shown, material, paper, wrong));
                result.judgement = judge(*result.shown, *result.traces, paper, {cutter, material, fit}, truly, wrong);
                result.faulty = check->damaged(result.judgement.moved);
            } else {
                std::vector<CutTrace> traces;
                for (const CutRun& run : result.shown->runs)
                    traces.push_back({run.kind, run.tip});
                result.traces = std::make_shared<const std::vector<CutTrace>>(std::move(traces));
            }
            if (const auto outside = result.job->out_of_reach(); !outside.empty()) {
                result.out_of_reach = in_words(reach_words(outside.front(), *document));
                for (const OutOfReach& what : outside)
                    result.faulty.push_back(what.copy);
            }
            return result;
        },
        [this](Planned result) {
            planned = std::move(result);
            chosen_copy.reset();
            machine.practice.load();
            stage.enter(Stage::found);
            if (std::exchange(starts_when_found, false))
                start();
        },
        [this] { stage.enter(Stage::printed); });
}

std::vector<CutTrace> Cutting::cut_so_far() const {
    if (machine.is_practice())
        return machine.practice.cut_so_far();
    const auto& all = *planned.traces;
    return {all.begin(), all.begin() + static_cast<std::ptrdiff_t>(std::min(runs_done(), all.size()))};
}

void Cutting::start() {
    if ((stage.now() != Stage::found && stage.now() != Stage::cut) || !planned.job)
        return;
    if (!planned.out_of_reach.isEmpty()) {
        emit model.messages.problem(tr("%1. Nothing was moved.").arg(planned.out_of_reach));
        return;
    }
    machine.head.let_go();
    machine.practice.set_faults(faults.machine, printed.ticket()->paper);
    since_start.start();
    stage.enter(Stage::cutting);
    qCInfo(machine_log) << "cut begins," << job().runs.size() << "runs";
    machine.sender.start(*planned.job);
}

void Cutting::pause() {
    if (stage.now() != Stage::cutting)
        return;
    machine.sender.pause();
    chosen_line.reset();
    stage.enter(Stage::paused);
}

void Cutting::go_on() {
    if (stage.now() != Stage::paused && stage.now() != Stage::dropped)
        return;
    const std::size_t line = next_line();
    chosen_line.reset();
    stage.enter(Stage::cutting);
    machine.sender.go_on_from(line);
}

void Cutting::choose_line(std::size_t line) {
    if ((stage.now() != Stage::paused && stage.now() != Stage::dropped) || line >= job().runs.size())
        return;
    chosen_line = line;
    emit stage.changed();
}

void Cutting::stop() {
    if (!stage.is_cutting())
        return;
    machine.sender.stop();
    machine.practice.stop();
    stage.enter(Stage::printed); // a half-cut sheet is laid in again
}

void Cutting::end() {
    if (stage.now() != Stage::cutting)
        return;
    took = static_cast<double>(since_start.elapsed()) / 1000;
    stage.enter(Stage::cut);
    model.project.count_cut(printed.ticket()->code, planned.job->machine().name, planned_for.name);
}

void Cutting::learn() {
    const Machine* own = machine.own();
    const double told = planned.seconds, worked = machine.sender.seconds_at_work();
    constexpr double least = 5; // s that tell something
    if (!own || told < least || worked < least)
        return;
    Machine learnt = *own;
    learnt.time_factor =
        std::clamp(learnt.time_factor * (1 + worked / told) / 2, 0.05, 50.0); // half way to what it was now
    machine.learn(learnt);
}

void Cutting::cut_next_sheet() {
    if (stage.is_cutting() || stage.now() < Stage::printed || stage.now() == Stage::loading)
        return;
    finder.load();
    starts_when_found = stage.now() == Stage::loading || stage.now() == Stage::pointing;
}

void Cutting::choose_copy(std::optional<CopyId> copy) {
    if (stage.now() != Stage::found)
        return;
    chosen_copy = copy;
    emit stage.changed();
}

void Cutting::go_round() {
    if (machine.is_practice() || !planned.job || !planned.out_of_reach.isEmpty() ||
        (stage.now() != Stage::found && stage.now() != Stage::cut))
        return;
    Rect box;
    for (const CutRun& run : planned.job->cut().runs)
        if (!chosen_copy || run.copy == *chosen_copy)
            box.include(bounds(run.tip));
    const Transform numbers = bed_of(planned.job->machine()).inverted();
    std::vector<Point> way;
    for (const Point corner : corners_of(box))
        way.push_back(numbers.apply(corner));
    way.push_back(way.front());
    machine.head.take_over(planned.job->machine(), &planned.job->loading());
    machine.head.go_round(way);
}

QString minutes(double seconds) {
    const int whole = static_cast<int>(std::lround(seconds));
    return whole < 60 ? Cutting::tr("%1 s").arg(whole)
                      : Cutting::tr("%1 min %2 s").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

} // namespace fusuma::app
