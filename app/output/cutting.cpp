#include "app/output/cutting.h"

#include <cmath>

namespace fusuma::app {

using Stage = RunStage::Stage;

namespace {
constexpr double unhurried_mm_per_s = 250;
}

Cutting::Cutting(Model& project, RunStage& run_stage, LatestOnly& background, PrintedSheet& sheet, PrintFinder& find,
                 const PracticeFaults& practice_faults)
    : model(project), stage(run_stage), work(background), printed(sheet), finder(find), faults(practice_faults),
      cutter(unhurried_mm_per_s), sender(this) {
    hpgl.asks_back = true; // the practice cutter answers
    connect(&cutter, &PracticeCutter::advanced, &stage, &RunStage::changed);
    connect(&cutter, &PracticeCutter::finished, this, [this] {
        if (is_practice() && sender.state() == CutSender::State::done)
            stage.enter(Stage::cut);
    });
    connect(&cutter, &PracticeCutter::refused, &model.messages, &Messages::problem);
    connect(&sender, &CutSender::changed, &stage, &RunStage::changed);
    connect(&sender, &CutSender::finished, this, [this] {
        if (!is_practice() || cutter.progress() >= 1)
            stage.enter(Stage::cut);
    });
    connect(&sender, &CutSender::dropped, this, [this](const QString& why) {
        emit model.messages.problem(tr("%1 %2 of %3 lines are cut. Go on when it is back.")
                                        .arg(why)
                                        .arg(sender.runs_done())
                                        .arg(sender.runs()));
        stage.enter(Stage::dropped);
    });
    connect(&finder, &PrintFinder::loading, this,
            [this] { cutter.set_faults(faults.machine, printed.ticket()->paper); });
    connect(&finder, &PrintFinder::accepted, this, &Cutting::plan);
    connect(&model, &Model::changed, this, [this] {
        if (stage.now() == Stage::found && model.document().material != planned_for)
            plan();
    });
}

CuttingSetup Cutting::setup() const {
    return {model.document().sheet.cutter, model.document().material, finder.registration().fit};
}

void Cutting::plan() {
    stage.enter(Stage::loading);
    planned_for = model.document().material;
    work.start(
        [page = printed.ticket_page(), paper = printed.ticket()->paper, with = setup(),
         truly = true_place(faults, printed.ticket()->paper), wrong = faults.machine, check = printed.slips()] {
            Planned result;
            result.job =
                std::make_shared<const CutJob>(cut_page(page.cuts, paper, with.cutter, with.material, with.fit));
            result.traces = std::make_shared<const std::vector<CutTrace>>(
                cut_by_practice(*result.job, with.material, paper, wrong));
            result.seconds = seconds_to_cut(*result.job, paper, with.cutter, with.material);
            result.judgement = judge(*result.job, *result.traces, paper, with, truly, wrong);
            result.faulty = check->damaged(result.judgement.moved);
            return result;
        },
        [this](Planned result) {
            planned = std::move(result);
            cutter.load();
            stage.enter(Stage::found);
        },
        [this] { stage.enter(Stage::printed); });
}

Result<CutterAddress> Cutting::address() {
    if (address_text.isEmpty()) {
        if (cutter.port() == 0)
            if (const Outcome listening = cutter.listen(0); !listening)
                return listening.problem();
        return CutterAddress{CutterAddress::Kind::tcp, QStringLiteral("127.0.0.1"), cutter.port()};
    }
    if (address_text == serial_address) {
        if (serial_name.isEmpty()) {
            auto name = cutter.open_serial();
            if (!name)
                return name.problem();
            serial_name = *name;
        }
        return CutterAddress{CutterAddress::Kind::serial, serial_name, 9600};
    }
    return parse_cutter_address(address_text);
}

void Cutting::start() {
    if (stage.now() != Stage::found && stage.now() != Stage::cut)
        return;
    const auto to = address();
    if (!to) {
        emit model.messages.problem(QString::fromStdString(to.problem().text()));
        return;
    }
    cutter.set_faults(faults.machine, printed.ticket()->paper);
    stage.enter(Stage::cutting);
    HpglOptions options = hpgl;
    options.asks_back = options.asks_back || is_practice();
    sender.start(*to, {*planned.job, model.document().material, printed.ticket()->paper, options});
}

void Cutting::pause() {
    if (stage.now() != Stage::cutting)
        return;
    sender.pause();
    stage.enter(Stage::paused);
}

void Cutting::go_on() {
    if (stage.now() != Stage::paused && stage.now() != Stage::dropped)
        return;
    stage.enter(Stage::cutting);
    sender.go_on();
}

void Cutting::stop() {
    if (!stage.is_cutting())
        return;
    sender.stop();
    cutter.stop();
    stage.enter(Stage::printed); // a half-cut sheet is laid in again
}

QString minutes(double seconds) {
    const int whole = static_cast<int>(std::lround(seconds));
    return whole < 60 ? Cutting::tr("%1 s").arg(whole)
                      : Cutting::tr("%1 min %2 s").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

} // namespace fusuma::app
