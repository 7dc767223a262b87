#include "app/model/profiles.h"
#include "app/output/act_card.h"
#include "app/output/arrow_pad.h"

#include "app/common/theme.h"
#include "formats/basics/in_words.h"
#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QVBoxLayout>
#include <array>
#include <set>

namespace fusuma::app {

using Stage = RunStage::Stage;

CutAct::CutAct(Model& project, OutputRun& output_run) : ActCard(project, output_run, 3, tr("Cut"), "cut") {
    material = new QComboBox;
    material->setObjectName(QStringLiteral("material"));
    material->setAccessibleName(tr("Material"));
    material->setToolTip(tr("Decides force, speed, passes, overcut and what blade is in."));
    auto* edit = button(QStringLiteral("…"), "", QStringLiteral("materialSettings"),
                        tr("Change this material, or save it under a name."));
    edit->setFixedWidth(px(34));
    auto* chosen_material = new QWidget;
    auto* beside = new QHBoxLayout(chosen_material);
    beside->setContentsMargins(0, 0, 0, 0);
    beside->setSpacing(6);
    beside->addWidget(material, 1);
    beside->addWidget(edit);
    rows->addWidget(row(tr("Material"), chosen_material, 192));
    facts = add_words("dim", "cutFacts");
    speed = new Choices({tr("As a machine"), tr("Quick")});
    speed->set_chosen(0);
    speed->setToolTip(tr("How fast the practice blade goes: 250 mm/s, or ten times that to see the end sooner."));
    rows->addWidget(speed);
    progress = new QProgressBar;
    progress->setTextVisible(false);
    progress->setObjectName(QStringLiteral("cutProgress"));
    rows->addWidget(progress);
    start = button(tr("Start cutting"), "primary", QStringLiteral("startCutting"),
                   tr("Sends the lines to the cutter one by one."));
    pause = button(tr("Pause"), "", QStringLiteral("pauseCutting"), tr("Lift the blade at once and wait."));
    stop = button(tr("Stop"), "", QStringLiteral("stopCutting"), tr("Lift the blade at once and end this run."));
    round =
        button(tr("Go round it"), "", QStringLiteral("goRound"),
               tr("Moves the machine's lifted head round all that is to be cut, or round the sticker that you clicked "
                  "in the picture: does it lie where you think?"));
    next = button(tr("Next sheet"), "primary", QStringLiteral("nextSheet"),
                  tr("The next print of this ticket is in: find it and cut the same again (F9)."));
    next->setShortcut(Qt::Key_F9);
    next_page =
        button(tr("Next page"), "primary", QStringLiteral("nextPage"), tr("Go on with the next page of this ticket."));
    rows->addWidget(round);
    rows->addWidget(start);
    rows->addWidget(next_page);
    rows->addWidget(next);
    add_line({pause, stop});
    nudged = add_words("dim", "cutNudged");
    pad = arrow_pad("cut", tr("Move the cut by 0.05 mm"), [this](Point way) { run.finder.nudge(0.05 * way); });
    rows->addWidget(pad);
    keep = button(tr("Keep that for this machine"), "link", QStringLiteral("keepNudge"),
                  tr("Every cut on this machine is moved by it from now on."));
    rows->addWidget(keep, 0, Qt::AlignLeft);
    auto* travel = new QCheckBox(tr("Travel"));
    travel->setObjectName(QStringLiteral("showTravel"));
    travel->setToolTip(tr("Show the way of the lifted blade."));
    auto* order = new QCheckBox(tr("Order and direction"));
    order->setObjectName(QStringLiteral("showOrder"));
    order->setToolTip(tr("Number the lines and show where the blade goes in."));
    add_line({travel, order});
    auto* test = button(tr("Set the machine right…"), "link", QStringLiteral("machineTest"),
                        tr("Print and cut a test sheet, type in what you see, and later cuts are moved by it."));
    rows->addWidget(test, 0, Qt::AlignLeft);
    connect(material, &QComboBox::activated, this, [this](int i) {
        std::vector<Material> all = usual_materials();
        std::ranges::move(saved_materials(), std::back_inserter(all));
        if (i >= 0 && i < static_cast<int>(all.size()))
            model.project.edit(tr("Material"), [chosen = all[static_cast<std::size_t>(i)]](Document d) {
                d.material = chosen;
                return d;
            });
    });
    connect(speed, &Choices::picked, this, [this](int i) { run.cutting.set_speed(i == 0 ? 250 : 2500); });
    connect(start, &QPushButton::clicked, this, [this] { run.cutting.start(); });
    connect(pause, &QPushButton::clicked, this,
            [this] { run.stage() == RunStage::Stage::cutting ? run.cutting.pause() : run.cutting.go_on(); });
    connect(stop, &QPushButton::clicked, this, [this] { run.cutting.stop(); });
    connect(round, &QPushButton::clicked, this, [this] { run.cutting.go_round(); });
    connect(next_page, &QPushButton::clicked, this, [this] { run.printed.go_to_page(run.printed.page() + 1); });
    connect(next, &QPushButton::clicked, this, [this] { run.cutting.cut_next_sheet(); });
    connect(keep, &QPushButton::clicked, this, [this] { run.finder.keep_nudge(); });
    connect(&run.machine, &ChosenMachine::changed, this, [this] { refresh(); });
    connect(travel, &QCheckBox::toggled, this, &CutAct::shows_travel);
    connect(order, &QCheckBox::toggled, this, &CutAct::shows_order);
    connect(edit, &QPushButton::clicked, this, &CutAct::material_wanted);
    connect(test, &QPushButton::clicked, this, &CutAct::machine_test_wanted);
    connect(&run.progress, &RunStage::changed, this, [this] { refresh(); });
    connect(&model, &Model::changed, this, [this] { refresh(); });
    refresh();
}

void CutAct::refresh_materials() {
    QStringList names;
    const QString now = material_in_words(model.document().material.name);
    for (const Material& m : usual_materials())
        names << material_in_words(m.name);
    for (const Material& m : saved_materials())
        names << QString::fromStdString(m.name);
    if (!names.contains(now))
        names << now;
    if (material->count() != names.size() || material->currentText() != now) {
        const QSignalBlocker quiet(material);
        material->clear();
        material->addItems(names);
        material->setCurrentIndex(static_cast<int>(names.indexOf(now)));
    }
}

void CutAct::refresh() {
    const Stage stage = run.stage();
    refresh_materials();
    const bool is_practice = run.machine.is_practice();
    speed->setVisible(is_practice);
    refresh_nudge();
    const auto all = run.cutting.job().runs.size();
    const auto done = run.cutting.runs_done();
    set_state(stage < Stage::found         ? tr("load first")
              : stage == Stage::found      ? tr("ready")
              : stage == Stage::paused     ? tr("paused")
              : stage == Stage::dropped    ? tr("connection dropped")
              : stage == Stage::cut        ? tr("done")
              : run.cutting.is_estimated() ? tr("about %1 of %2").arg(done).arg(all)
                                           : tr("%1 of %2").arg(done).arg(all),
              stage >= Stage::found && stage != Stage::cut);
    QStringList lines;
    if (stage == Stage::cut) {
        std::set<CopyId> copies;
        for (const CutRun& one : run.cutting.job().runs)
            if (one.copy != CopyId::none)
                copies.insert(one.copy);
        lines << (copies.size() == 1
                      ? tr("1 sticker cut in %1.").arg(minutes(run.cutting.took_s()))
                      : tr("%1 stickers cut in %2.").arg(copies.size()).arg(minutes(run.cutting.took_s())));
    } else if (stage >= Stage::found) {
        const Material& m = model.document().material;
        for (const auto& [kind, name] :
             std::array{std::pair{CutKind::kiss, tr("Kiss")}, std::pair{CutKind::score, tr("Score")},
                        std::pair{CutKind::through, tr("Through")}}) {
            const auto runs = std::ranges::count(run.cutting.job().runs, kind, &CutRun::kind) / m.tooling(kind).passes;
            if (runs > 0)
                lines << tr("%1: %2 lines, %3 g, %4 mm/s, %5")
                             .arg(name)
                             .arg(runs)
                             .arg(m.tooling(kind).force)
                             .arg(m.tooling(kind).speed)
                             .arg(tr("%n passes", nullptr, m.tooling(kind).passes));
        }
        lines << tr("About %1: %2 of cut, %3 of travel")
                     .arg(minutes(run.cutting.seconds()),
                          distance_in_words(run.cutting.job().cut_mm, model.document().unit),
                          distance_in_words(run.cutting.job().travel_mm, model.document().unit));
    }
    facts->setText(lines.join('\n'));
    facts->setVisible(!lines.isEmpty());
    material->setEnabled(!run.is_cutting());
    start->setVisible(!run.is_cutting());
    start->setEnabled((stage == Stage::found || stage == Stage::cut) && all > 0 &&
                      run.cutting.out_of_reach().isEmpty());
    start->setText(stage == Stage::cut ? tr("Again")
                   : is_practice       ? tr("Start the practice cut")
                                       : tr("Start cutting"));
    round->setVisible(!is_practice && !run.is_cutting());
    round->setText(run.cutting.copy_in_view() ? tr("Go round this sticker") : tr("Go round it"));
    round->setEnabled((stage == Stage::found || stage == Stage::cut) && all > 0 &&
                      run.cutting.out_of_reach().isEmpty());
    next->setVisible(stage == Stage::cut);
    const bool has_more = run.printed.page() + 1 < run.printed.pages();
    next_page->setVisible(stage == Stage::cut && has_more);
    restyle(next, "role", has_more ? "" : "primary");
    const auto ticket = run.printed.ticket();
    const auto counted = ticket ? find_ticket(model.document(), ticket->code) : nullptr;
    const int sheets = counted ? counted->sheets_cut() : 0;
    next->setText(sheets > 1 ? tr("Next sheet (%1 are cut)").arg(sheets) : tr("Next sheet"));
    restyle(start, "role", stage == Stage::found ? "primary" : "");
    pause->setVisible(run.is_cutting());
    pause->setText(stage == Stage::cutting ? tr("Pause") : tr("Go on"));
    restyle(pause, "role", stage == Stage::dropped || stage == Stage::paused ? "primary" : "");
    stop->setVisible(run.is_cutting());
    progress->setVisible(run.is_cutting() || stage == Stage::cut);
    progress->setRange(0, std::max(1, static_cast<int>(all)));
    progress->setValue(static_cast<int>(done));
}

void CutAct::refresh_nudge() {
    const bool may_move = (run.stage() == Stage::found || run.stage() == Stage::cut) && !run.machine.is_practice();
    const Point by = run.finder.print() ? run.finder.print()->nudged_by() : Point{};
    pad->setVisible(may_move);
    nudged->setVisible(may_move);
    keep->setVisible(may_move && run.finder.has_news());
    const auto side = [](double mm, const QString& more, const QString& less) {
        return mm == 0 ? QString() : tr("%1 mm %2").arg(number_in_words(std::abs(mm), 2)).arg(mm > 0 ? more : less);
    };
    QStringList ways{side(by.x, tr("to the right"), tr("to the left")),
                     side(by.y, tr("towards you"), tr("away from you"))};
    ways.removeAll(QString());
    nudged->setText(ways.isEmpty() ? tr("Is the cut a little off its print? Move it:")
                                   : tr("Moved %1.").arg(ways.join(tr(" and "))));
}

} // namespace fusuma::app
