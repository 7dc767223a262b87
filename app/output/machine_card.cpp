#include "app/output/machine_card.h"

#include "app/common/enum_words.h"
#include "app/common/theme.h"
#include "app/output/machine_dialog.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QVBoxLayout>

namespace fusuma::app {

MachineCard::MachineCard(Model& project, OutputRun& output_run) : model(project), run(output_run) {
    setObjectName(QStringLiteral("card"));
    setAccessibleName(tr("Machine"));
    setAttribute(Qt::WA_StyledBackground);
    auto* rows = column(this, 12, 8);
    auto* head = new QHBoxLayout;
    head->addWidget(label(tr("Machine"), "section"));
    head->addStretch();
    state = label({}, "dim");
    state->setObjectName(QStringLiteral("machineState"));
    head->addWidget(state);
    rows->addLayout(head);
    list = new QComboBox;
    list->setObjectName(QStringLiteral("machine"));
    list->setAccessibleName(tr("Machine"));
    list->setToolTip(tr("What you cut on. Where a print lies is found for this machine, and for no other."));
    rows->addWidget(list);
    facts = label({}, "dim");
    facts->setObjectName(QStringLiteral("machineFacts"));
    facts->setWordWrap(true);
    facts->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred); // the rest of the line
    edit = button(tr("Profile…"), "link", QStringLiteral("machineProfile"),
                  tr("Where it is plugged in, how its axes lie, how it is spoken to."));
    remove = button(tr("Remove"), "link", QStringLiteral("removeMachine"), tr("Forget this machine's profile."));
    auto* links = new QHBoxLayout;
    links->setSpacing(2);
    links->addWidget(facts, 1);
    links->addWidget(edit);
    links->addWidget(remove);
    rows->addLayout(links);
    connect(list, &QComboBox::activated, this, &MachineCard::pick);
    connect(edit, &QPushButton::clicked, this, [this] {
        run.machine.release(); // so that it can be greeted
        if (const auto machine =
                ask_for_machine(run.machine.own(), run.machine.taken_names(true), model.document().unit, this))
            run.machine.keep(*machine, true);
    });
    connect(remove, &QPushButton::clicked, this, [this] {
        QMessageBox ask(QMessageBox::NoIcon, tr("Remove the machine"),
                        tr("Forget the profile of “%1”? It can be added again.").arg(run.machine.name()),
                        QMessageBox::Cancel, this);
        const auto* yes = ask.addButton(tr("Remove it"), QMessageBox::DestructiveRole);
        ask.exec();
        if (ask.clickedButton() == yes)
            run.machine.forget();
    });
    connect(&run.machine, &ChosenMachine::changed, this, &MachineCard::refresh);
    connect(&run.machine, &ChosenMachine::presence_changed, this, &MachineCard::refresh);
    connect(&run.progress, &RunStage::changed, this, &MachineCard::refresh);
    refresh();
}

void MachineCard::pick(int index) {
    if (index + 1 < list->count()) {
        run.machine.choose(index);
    } else {
        list->setCurrentIndex(run.machine.number()); // until there is another
        if (const auto machine = ask_for_machine(nullptr, run.machine.taken_names(false), model.document().unit, this))
            run.machine.keep(*machine, false);
    }
}

void MachineCard::refresh() {
    QStringList names = run.machine.names();
    names << tr("Add a machine…");
    QStringList shown;
    for (int i = 0; i < list->count(); ++i)
        shown << list->itemText(i);
    if (shown != names) {
        list->clear();
        list->addItems(names);
    }
    if (!list->view()->isVisible())
        list->setCurrentIndex(run.machine.number());
    list->setEnabled(!run.is_cutting());
    const auto presence = run.machine.presence();
    using Presence = ChosenMachine::Presence;
    state->setText(presence == Presence::ready  ? tr("● ready")
                   : presence == Presence::busy ? tr("● at work")
                                                : tr("○ not there"));
    restyle(state, "role", presence == Presence::ready ? "fine" : presence == Presence::busy ? "dim" : "attention");
    const Machine* own = run.machine.own();
    facts->setVisible(own);
    edit->setVisible(own);
    remove->setVisible(own);
    for (auto* b : {edit, remove})
        b->setEnabled(!run.is_cutting() && run.stage() != RunStage::Stage::pointing);
    if (own)
        facts->setText(own->line.empty()
                           ? tr("%1, files only").arg(label_text(own->language))
                           : tr("%1 over %2").arg(label_text(own->language), QString::fromStdString(own->line)));
}

} // namespace fusuma::app
