#include "devices/cutter/machine_head.h"

#include "formats/cut_files/machine_code.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace fusuma {

namespace {

constexpr double hand_speed = 150;   // mm/s at which a head is expected to move, when it does not tell
constexpr double slowest_speed = 10; // mm/s that one that answers is waited for
constexpr int step_ms = 15;          // least for a move
constexpr int patience_ms = 4000;    // besides, until it is expected to have answered
constexpr int hello_ms = 1500;
constexpr double wave = 20; // mm

} // namespace

MachineHead::MachineHead(CutterLink& to, QObject* parent) : QObject(parent), link(to) {
    arrival.setSingleShot(true);
    ear.setSingleShot(true);
    connect(&arrival, &QTimer::timeout, this, &MachineHead::arrive);
    connect(&ear, &QTimer::timeout, this, &MachineHead::hear);
    connect(&link, &CutterLink::received, this, &MachineHead::take);
    connect(&link, &CutterLink::opened, this, [this] {
        if (!has_line)
            return;
        link.write(std::exchange(greeting, {}));
        if (std::exchange(wants_hello, false))
            say_hello();
        go_on();
    });
    connect(&link, &CutterLink::dropped, this, [this](const QString& why) {
        if (!has_line)
            return;
        let_go();
        emit dropped(why);
    });
}

void MachineHead::take_over(const Machine& which, Loading* loading) {
    machine = which;
    has_line = true;
    is_busy = false;
    target.reset();
    way_on.clear();
    at = {};
    greeting = QByteArray::fromStdString(loading && loading->begins() ? begin_code(machine) : resume_code(machine));
    if (link.is_open_to(machine))
        link.write(std::exchange(greeting, {}));
    else
        link.open(machine);
}

void MachineHead::let_go() {
    has_line = is_busy = is_greeted = wants_hello = false;
    target.reset();
    way_on.clear();
    arrival.stop();
    ear.stop();
}

void MachineHead::go_to(Point to) {
    way_on.clear();
    target = to;
    go_on();
}

void MachineHead::go_round(const std::vector<Point>& way) {
    way_on.assign(way.rbegin(), way.rend());
    go_on();
}

void MachineHead::halt() {
    target.reset();
    way_on.clear();
}

void MachineHead::cut_cross(const Material& material) {
    if (!is_there() || is_moving())
        return;
    constexpr double arm = 2; // mm
    const Point here = bed_of(machine).apply(at);
    const Point middle{std::clamp(here.x, arm, std::max(arm, machine.bed.width - arm)),
                       std::clamp(here.y, arm, std::max(arm, machine.bed.height - arm))}; // all of it on the bed
    CutJob cross;
    for (const Point way : {Point{arm, 0}, Point{0, arm}}) {
        const std::vector<Point> line{middle - way, middle + way};
        cross.runs.push_back({.tip = line, .axis = line});
    }
    const auto pieces = code_pieces(cross, material, machine);
    link.write(QByteArray::fromStdString(pieces[1] + pieces[2] + lift_code(machine)));
    go_to(bed_of(machine).inverted().apply(middle));
}

void MachineHead::go_on() {
    if (!is_there() || is_busy || is_greeted)
        return;
    if (!target && !way_on.empty()) {
        target = way_on.back();
        way_on.pop_back();
    }
    if (!target)
        return;
    const Point to = held_to_bed(machine, *std::exchange(target, std::nullopt));
    const double far = distance(at, to);
    at = to;
    is_busy = true;
    answer.clear();
    QByteArray text = QByteArray::fromStdString(move_code(machine, to));
    if (machine.answers && machine.language == CutLanguage::hpgl)
        text += "OA;\n";
    link.write(text);
    const double speed = machine.answers ? slowest_speed : hand_speed;
    arrival.start((machine.answers ? patience_ms : step_ms) + static_cast<int>(1000 * far / speed));
}

void MachineHead::arrive() {
    arrival.stop();
    is_busy = false;
    emit moved();
    go_on();
}

void MachineHead::take(const QByteArray& bytes) {
    if (!has_line)
        return;
    answer += bytes;
    constexpr qsizetype longest = 4000;
    if (answer.size() > longest)
        answer.remove(0, answer.size() - longest);
    if (is_greeted || !is_busy || !(answer.contains('\r') || answer.contains('\n')))
        return;
    // "x,y,pen" in plotter units tells where it really is; G-code machines only say that they have understood.
    const QList<QByteArray> numbers = answer.trimmed().split(',');
    bool has_x = false, has_y = false;
    const double x = numbers.value(0).toDouble(&has_x), y = numbers.value(1).toDouble(&has_y);
    if (machine.language == CutLanguage::hpgl && has_x && has_y && !target && way_on.empty())
        at = (1 / machine.hpgl.units_per_mm) * Point{x, y};
    arrive();
}

void MachineHead::say_hello() {
    if (!link.is_open()) {
        wants_hello = true;
        return;
    }
    is_greeted = true;
    answer.clear();
    link.write(machine.language == CutLanguage::hpgl ? "OI;OS;\n" : "M115\n");
    ear.start(hello_ms);
}

void MachineHead::hear() {
    is_greeted = false;
    const QString words = QString::fromUtf8(answer).simplified();
    answer.clear();
    if (!words.isEmpty()) {
        emit said(words);
        go_on();
        return;
    }
    // Towards the middle of the bed, whichever way its axes count.
    const Point middle = bed_of(machine).inverted().apply({machine.bed.width / 2, machine.bed.height / 2});
    const Point far{std::copysign(wave, middle.x), std::copysign(wave, middle.y)};
    go_round({{0, 0}, {far.x, 0}, far, {0, far.y}, {0, 0}});
    emit waved();
}

} // namespace fusuma
