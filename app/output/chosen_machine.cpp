#include "app/output/chosen_machine.h"

#include "app/model/log.h"
#include "app/model/profiles.h"
#include "app/model/settings.h"
#include "formats/basics/in_words.h"

#include <QFileInfo>
#include <algorithm>

namespace fusuma::app {

namespace {

constexpr double unhurried_mm_per_s = 250;
constexpr int look_ms = 2000;

} // namespace

ChosenMachine::ChosenMachine(Messages& told) : practice(unhurried_mm_per_s), messages(told), saved(saved_machines()) {
    const auto last = std::ranges::find(saved, Settings::machine.value().toStdString(), &Machine::name);
    if (last != saved.end())
        chosen = practice_lines + static_cast<int>(last - saved.begin());
    connect(&link, &CutterLink::opened, this, [this] {
        was_away = false;
        qCInfo(machine_log) << "connected";
        emit presence_changed();
    });
    connect(&link, &CutterLink::dropped, this, [this] {
        was_away = true;
        qCInfo(machine_log) << "connection lost";
        emit presence_changed();
    });
    connect(&sender, &CutSender::changed, this, &ChosenMachine::presence_changed);
    look.setInterval(look_ms); // cables come out without a word
    connect(&look, &QTimer::timeout, this, &ChosenMachine::presence_changed);
    look.start();
}

QStringList ChosenMachine::names() const {
    QStringList all{tr("Practice cutter"), tr("Practice cutter, serial port")};
    for (const Machine& machine : saved)
        all << QString::fromStdString(machine.name);
    return all;
}

void ChosenMachine::choose(int number) {
    if (number == chosen || number < 0 || number >= names().size())
        return;
    release();
    chosen = number;
    was_away = false;
    Settings::machine.keep(is_practice() ? QString() : name());
    emit changed();
    emit presence_changed();
}

const Machine* ChosenMachine::own() const {
    return is_practice() ? nullptr : &saved[static_cast<std::size_t>(chosen - practice_lines)];
}

ChosenMachine::Presence ChosenMachine::presence() const {
    const auto at_work = sender.state();
    if (at_work == CutSender::State::sending || at_work == CutSender::State::paused ||
        at_work == CutSender::State::connecting)
        return Presence::busy;
    if (is_practice())
        return Presence::ready;
    const auto address = parse_cutter_address(QString::fromStdString(own()->line));
    const bool is_file = address && address->kind != CutterAddress::Kind::tcp;
    if (is_file)
        return QFileInfo::exists(address->target) ? Presence::ready : Presence::away;
    return was_away || !address ? Presence::away : Presence::ready;
}

QStringList ChosenMachine::taken_names(bool but_the_chosen) const {
    QStringList taken = names();
    if (but_the_chosen)
        taken.removeAt(chosen);
    return taken;
}

void ChosenMachine::release() {
    head.let_go();
    link.close();
}

void ChosenMachine::keep(const Machine& machine, bool replaces) {
    if (replaces && own() && own()->name != machine.name)
        remove_machine(own()->name);
    release();
    save_profile(machine);
    saved = saved_machines();
    const auto it = std::ranges::find(saved, machine.name, &Machine::name);
    chosen = practice_lines + static_cast<int>(it - saved.begin());
    was_away = false;
    Settings::machine.keep(name());
    emit changed();
    emit presence_changed();
}

void ChosenMachine::learn(const Machine& machine) {
    save_profile(machine);
    saved = saved_machines();
}

void ChosenMachine::forget() {
    const Machine* machine = own();
    if (!machine)
        return;
    remove_machine(machine->name);
    choose(0);
    saved = saved_machines();
    emit changed();
}

std::shared_ptr<const Machine> ChosenMachine::profile(Size paper) {
    if (const Machine* machine = own())
        return std::make_shared<const Machine>(*machine);
    if (practice.port() == 0)
        if (const Outcome listening = practice.listen(0); !listening) {
            emit messages.problem(in_words(listening.problem()));
            return nullptr;
        }
    if (chosen == 1 && serial.isEmpty()) {
        const auto name = practice.open_serial();
        if (!name) {
            emit messages.problem(in_words(name.problem()));
            return nullptr;
        }
        serial = *name;
    }
    return std::make_shared<const Machine>(practice.machine(paper, chosen == 1 ? serial : QString()));
}

} // namespace fusuma::app
