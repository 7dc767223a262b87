#include "app/output/act_card.h"

#include "app/model/profiles.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QProgressBar>
#include <QSettings>
#include <QVBoxLayout>
#include <array>

namespace fusuma::app {

using Stage = RunStage::Stage;

namespace {

enum Connection { practice, practice_serial, elsewhere };

} // namespace

CutAct::CutAct(Model& project, OutputRun& output_run) : ActCard(project, output_run, 3, tr("Cut"), "cut") {
    material = new QComboBox;
    material->setObjectName(QStringLiteral("material"));
    material->setAccessibleName(tr("Material"));
    material->setToolTip(tr("Decides force, speed, passes, overcut and what blade is in."));
    auto* edit = button(QStringLiteral("…"), "", QStringLiteral("materialSettings"),
                        tr("Change this material, or save it under a name."));
    edit->setFixedWidth(34);
    auto* chosen_material = new QWidget;
    auto* beside = new QHBoxLayout(chosen_material);
    beside->setContentsMargins(0, 0, 0, 0);
    beside->setSpacing(6);
    beside->addWidget(material, 1);
    beside->addWidget(edit);
    rows->addWidget(row(tr("Material"), chosen_material, 192));
    connection = new QComboBox;
    connection->setObjectName(QStringLiteral("connection"));
    connection->addItems({tr("Practice cutter"), tr("Practice, serial port"), tr("My cutter…")});
    rows->addWidget(row(tr("Send to"), connection, 192));
    address = new QLineEdit(QSettings().value(QStringLiteral("cutter/address")).toString());
    address->setObjectName(QStringLiteral("cutterAddress"));
    address->setAccessibleName(tr("Cutter's address"));
    address->setPlaceholderText(tr("tcp:HOST:PORT, serial:PORT@BAUD or device:/dev/…"));
    QStringList known;
    for (const QString& port : serial_ports())
        known << QStringLiteral("serial:") + port;
    address->setToolTip(known.isEmpty() ? tr("This computer has no serial port just now.")
                                        : tr("Here: %1").arg(known.join(QStringLiteral(", "))));
    rows->addWidget(address);
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
    pause = button(tr("Pause"), "", QStringLiteral("pauseCutting"), tr("Finish the lines in hand and wait."));
    stop = button(tr("Stop"), "", QStringLiteral("stopCutting"), tr("Lift the blade and end this run."));
    rows->addWidget(start);
    add_line({pause, stop});
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
    connect(connection, &QComboBox::activated, this, &CutAct::take_connection);
    connect(address, &QLineEdit::editingFinished, this, &CutAct::take_connection);
    connect(speed, &Choices::picked, this, [this](int i) { run.cutting.set_speed(i == 0 ? 250 : 2500); });
    connect(start, &QPushButton::clicked, this, [this] { run.cutting.start(); });
    connect(pause, &QPushButton::clicked, this,
            [this] { run.stage() == RunStage::Stage::cutting ? run.cutting.pause() : run.cutting.go_on(); });
    connect(stop, &QPushButton::clicked, this, [this] { run.cutting.stop(); });
    connect(travel, &QCheckBox::toggled, this, &CutAct::shows_travel);
    connect(order, &QCheckBox::toggled, this, &CutAct::shows_order);
    connect(edit, &QPushButton::clicked, this, &CutAct::material_wanted);
    connect(test, &QPushButton::clicked, this, &CutAct::machine_test_wanted);
    connect(&run.progress, &RunStage::changed, this, [this] { refresh(); });
    connect(&model, &Model::changed, this, [this] { refresh(); });
    refresh();
}

void CutAct::take_connection() {
    const int chosen = connection->currentIndex();
    if (chosen == elsewhere)
        QSettings().setValue(QStringLiteral("cutter/address"), address->text());
    run.cutting.set_address(chosen == practice          ? QString()
                    : chosen == practice_serial ? Cutting::serial_address
                                                : address->text().trimmed());
    // A machine that may not answer is told its tool; what has left the computer counts as cut.
    run.cutting.set_options({.sets_tool = chosen == elsewhere, .asks_back = chosen != elsewhere});
    refresh();
}

void CutAct::refresh_materials() {
    QStringList names;
    for (const Material& m : usual_materials())
        names << QString::fromStdString(m.name);
    for (const Material& m : saved_materials())
        names << QString::fromStdString(m.name);
    const QString now = QString::fromStdString(model.document().material.name);
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
    address->setVisible(connection->currentIndex() == elsewhere);
    speed->setVisible(connection->currentIndex() != elsewhere);
    const auto all = run.cutting.job().runs.size();
    const auto done = run.cutting.runs_done();
    set_state(stage < Stage::found      ? tr("load first")
              : stage == Stage::found   ? tr("ready")
              : stage == Stage::paused  ? tr("paused")
              : stage == Stage::dropped ? tr("line dropped")
              : stage == Stage::cut     ? tr("done")
                                        : tr("%1 of %2").arg(done).arg(all),
              stage >= Stage::found && stage != Stage::cut);
    QStringList lines;
    if (stage >= Stage::found) {
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
                             .arg(m.tooling(kind).passes == 1 ? tr("1 pass")
                                                              : tr("%1 passes").arg(m.tooling(kind).passes));
        }
        lines << tr("About %1: %2 of cut, %3 of travel")
                     .arg(minutes(run.cutting.seconds()),
                          QString::fromStdString(format_distance(run.cutting.job().cut_mm, model.document().unit)),
                          QString::fromStdString(format_distance(run.cutting.job().travel_mm, model.document().unit)));
    }
    facts->setText(lines.join('\n'));
    facts->setVisible(!lines.isEmpty());
    material->setEnabled(!run.is_cutting());
    connection->setEnabled(!run.is_cutting());
    start->setVisible(!run.is_cutting());
    start->setEnabled((stage == Stage::found || stage == Stage::cut) && all > 0);
    start->setText(stage == Stage::cut ? tr("Cut it once more") : tr("Start cutting"));
    restyle(start, "role", stage == Stage::found ? "primary" : "");
    pause->setVisible(run.is_cutting());
    pause->setText(stage == Stage::cutting ? tr("Pause") : tr("Go on"));
    restyle(pause, "role", stage == Stage::dropped || stage == Stage::paused ? "primary" : "");
    stop->setVisible(run.is_cutting());
    progress->setVisible(run.is_cutting() || stage == Stage::cut);
    progress->setRange(0, std::max(1, static_cast<int>(all)));
    progress->setValue(static_cast<int>(done));
}

} // namespace fusuma::app
