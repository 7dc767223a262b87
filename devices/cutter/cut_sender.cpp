#include "devices/cutter/cut_sender.h"

#include "formats/cut_files/machine_code.h"

#include <algorithm>
#include <cmath>
#include <span>
#include <utility>

namespace fusuma {

namespace {

constexpr double ahead = 0.03;        // s of work that a deaf machine has in hand
constexpr double doubt = 0.3;         // s by which a deaf machine may be later than it is estimated to be
constexpr std::size_t most_asked = 2; // questions without an answer
constexpr int look_ms = 10, again_ms = 1000;
constexpr double least_patience = 10; // s, before a machine that answers counts as silent

/// The machine as it is sent a job in bits that take no longer than a moment each, so that it can be stopped between
/// them.
Machine in_bits(Machine machine) {
    machine.hpgl.most_numbers = 2;
    if (machine.abort.empty()) // one that can be made to drop all may have its arcs
        machine.gcode.arcs = false;
    return machine;
}

/// How long a bit takes, s: as much as a slow line can carry.
double bit_seconds(const Machine& machine) {
    constexpr double place_bytes = 16, shortest = 0.02;
    const auto address = parse_cutter_address(QString::fromStdString(machine.line));
    const bool is_serial = address && address->kind == CutterAddress::Kind::serial;
    return std::max(shortest, is_serial ? place_bytes * 10 / address->number : 0.0);
}

std::vector<Point> with_edges_at_most(const std::vector<Point>& line, double mm) {
    std::vector<Point> all{line.front()};
    for (std::size_t i = 1; i < line.size(); ++i) {
        const int parts = std::max(1, static_cast<int>(std::ceil(distance(line[i - 1], line[i]) / mm)));
        for (int k = 1; k < parts; ++k)
            all.push_back(lerp(line[i - 1], line[i], static_cast<double>(k) / parts));
        all.push_back(line[i]);
    }
    return all;
}

bool is_cut(const QByteArray& line) {
    return line.startsWith("PD") || line.startsWith("G1 X") || line.startsWith("G2") || line.startsWith("G3");
}

bool is_way(const QByteArray& line) {
    return line.startsWith("PU") || line.startsWith("G0 X");
}

bool tells_tool(const QByteArray& line) {
    return line.startsWith("SP") || line.startsWith("VS") || line.startsWith("FS");
}

} // namespace

CutSender::CutSender(CutterLink& to, QObject* parent) : QObject(parent), link(to) {
    look.setInterval(look_ms);
    patience.setSingleShot(true);
    again.setInterval(again_ms);
    again.setSingleShot(true);
    connect(&look, &QTimer::timeout, this, &CutSender::feed);
    connect(&patience, &QTimer::timeout, this, [this] {
        be_dropped(tr("“%1” does not answer any more.").arg(QString::fromStdString(cutting->machine().name)));
    });
    connect(&again, &QTimer::timeout, this, [this] { link.open(cutting->machine()); });
    connect(&link, &CutterLink::opened, this, [this] {
        if (now == State::connecting) {
            begin();
        } else if (now == State::dropped) { // the cable is in again: nothing moves before somebody says so
            link.interrupt(blade_up() + QByteArray::fromStdString(resume_code(cutting->machine())));
            enter(State::paused);
            emit came_back();
        }
    });
    connect(&link, &CutterLink::left, this, &CutSender::feed);
    connect(&link, &CutterLink::received, this, &CutSender::take);
    connect(&link, &CutterLink::dropped, this, [this](const QString& why) {
        if (now == State::connecting || now == State::sending || now == State::paused)
            be_dropped(why);
        else if (now == State::dropped && was_there)
            again.start(); // not yet
    });
}

CutSender::~CutSender() {
    if (now == State::sending)
        link.interrupt(blade_up()); // whoever ended the program, the blade is up
}

void CutSender::enter(State state) {
    if (now == State::sending && state != State::sending)
        worked += time();
    now = state;
    if (state == State::sending) {
        clock.start();
        busy_until = 0;
        look.start();
    } else {
        look.stop();
        patience.stop();
    }
    emit changed();
}

void CutSender::be_dropped(const QString& why) {
    const bool may_come_back = was_there;
    enter(State::dropped);
    if (may_come_back)
        again.start();
    emit dropped(why);
}

double CutSender::seconds_at_work() const {
    return worked + (now == State::sending ? time() : 0);
}

QByteArray CutSender::blade_up() const {
    const Machine& machine = cutting->machine();
    return QByteArray::fromStdString(machine.abort + lift_code(machine));
}

void CutSender::prepare(std::size_t first) {
    commands.clear();
    next = done = 0;
    cut = next_run = first;
    has_end = false;
    told.reset();
    wants_tool.reset();
    answer.clear();
    sent_machine = in_bits(cutting->machine());
}

bool CutSender::add_next() {
    if (has_end)
        return false;
    if (next_run == runs()) {
        has_end = true;
        add_commands(code_pieces({}, cutting->material(), sent_machine).back(), {});
        return true;
    }
    const CutRun& run = cutting->cut().runs[next_run];
    if (sent_machine.stops_for_tool && told && *told != run.kind) {
        wants_tool = run.kind;
        return false;
    }
    CutJob alone;
    alone.runs.push_back(run);
    const double mm = cutting->material().tooling(run.kind).speed * bit_seconds(sent_machine);
    if (sent_machine.language == CutLanguage::hpgl || !sent_machine.gcode.arcs)
        alone.runs.front().axis = with_edges_at_most(run.axis, mm);
    add_commands(code_pieces(alone, cutting->material(), sent_machine)[1], next_run++);
    return true;
}

void CutSender::add_commands(const std::string& piece, std::optional<std::size_t> run) {
    const bool is_hpgl = sent_machine.language == CutLanguage::hpgl;
    QByteArrayList lines = QByteArray::fromStdString(piece).trimmed().split('\n');
    if (run) {
        const CutKind kind = cutting->cut().runs[*run].kind;
        if (kind == told)
            lines.removeIf(tells_tool); // it has that in its hand
        told = kind;
    }
    const double way = run ? cutting->seconds_to(*run) : 0,
                 each = run ? cutting->seconds_of(*run) / static_cast<double>(std::ranges::count_if(lines, is_cut)) : 0;
    double unasked = 0;
    for (qsizetype i = 0; i < lines.size(); ++i) {
        const bool is_last = i + 1 == lines.size();
        Command command{lines[i] + '\n', run ? *run + is_last : next_run,
                        !run               ? 0
                        : is_cut(lines[i]) ? each
                        : is_way(lines[i]) ? way
                                           : 0};
        unasked += command.seconds;
        command.asks = sent_machine.answers && (!is_hpgl || is_last || unasked > sent_machine.bit);
        if (command.asks) {
            unasked = 0;
            if (is_hpgl)
                command.text += is_last && run ? "PU;OA;\n" : "OA;\n";
        }
        commands.push_back(std::move(command));
    }
}

void CutSender::start(const MachineJob& what, std::size_t first) {
    cutting = what;
    worked = 0;
    was_there = false;
    prepare(first);
    enter(State::connecting);
    if (link.is_open_to(cutting->machine()))
        begin();
    else
        link.open(cutting->machine());
}

void CutSender::begin() {
    const Machine& machine = cutting->machine();
    add_commands(cutting->loading().begins() ? begin_code(machine) : resume_code(machine), {});
    was_there = true;
    enter(State::sending);
    feed();
}

void CutSender::pause() {
    if (now == State::sending)
        link.interrupt(blade_up());
    if (now == State::sending || now == State::connecting)
        enter(State::paused);
}

void CutSender::go_on() {
    go_on_from(cut);
}

void CutSender::go_on_from(std::size_t run) {
    if (!cutting || (now != State::paused && now != State::dropped))
        return;
    again.stop();
    prepare(std::min(run, runs()));
    if (now == State::paused && link.is_open_to(cutting->machine())) {
        begin();
        return;
    }
    enter(State::connecting);
    link.open(cutting->machine());
}

void CutSender::stop() {
    if (now == State::idle || now == State::done)
        return;
    again.stop();
    if (now == State::sending || now == State::paused) {
        const auto end = code_pieces(cutting->cut(), cutting->material(), cutting->machine(), runs());
        link.interrupt(blade_up() + QByteArray::fromStdString(end.back()));
    }
    enter(State::idle);
    link.close();
}

bool CutSender::may_send() {
    if (next >= commands.size() && !add_next())
        return false;
    if (!cutting->machine().answers)
        return link.waiting() == 0 && busy_until - time() < ahead;
    return asked() < most_asked;
}

std::size_t CutSender::asked() const {
    const auto sent = std::span(commands).subspan(done, next - done);
    return static_cast<std::size_t>(std::ranges::count(sent, true, &Command::asks));
}

void CutSender::feed() {
    if (now != State::sending)
        return;
    if (is_estimated() && link.waiting() == 0) {
        std::size_t by_now = done;
        while (by_now < next && commands[by_now].ends + doubt <= time())
            ++by_now;
        know_done(by_now);
    }
    while (now == State::sending && may_send()) {
        Command& command = commands[next++];
        busy_until = std::max(busy_until, time()) + command.seconds;
        command.ends = busy_until;
        link.write(command.text);
    }
    if (now == State::sending && asked() > 0 && !patience.isActive())
        patience.start(static_cast<int>(1000 * (least_patience + 3 * std::max(0.0, busy_until - time()))));
}

void CutSender::know_done(std::size_t commands_done) {
    if (commands_done == done)
        return;
    done = commands_done;
    const std::size_t before = std::exchange(cut, std::max(cut, commands[done - 1].runs));
    if (!has_end || done < commands.size()) {
        if (wants_tool && done == commands.size()) {
            link.write(QByteArray::fromStdString(lift_code(cutting->machine())));
            enter(State::paused);
            emit tool_wanted(*wants_tool);
        } else if (cut != before) {
            emit changed();
        }
        return;
    }
    enter(State::done);
    link.close();
    emit finished();
}

void CutSender::take(const QByteArray& answered) {
    if (now != State::sending || is_estimated())
        return;
    answer += answered;
    constexpr qsizetype longest_answer = 1000;
    const auto end_of_line = [this] {
        return std::ranges::find_if(answer, [](char c) { return c == '\r' || c == '\n'; }) - answer.begin();
    };
    for (qsizetype end; now == State::sending && (end = end_of_line()) < answer.size();) {
        const QByteArray words = answer.left(end).trimmed();
        answer.remove(0, end + 1);
        if (!words.isEmpty())
            count_answer(words);
    }
    if (answer.size() > longest_answer)
        answer.clear();
    feed();
}

void CutSender::count_answer(const QByteArray& words) {
    const bool is_hpgl = cutting->machine().language == CutLanguage::hpgl;
    if (!is_hpgl && words.startsWith("error")) {
        const QString refused = QString::fromUtf8(words.left(80));
        pause();
        emit dropped(tr("“%1” refused a line (%2) and waits with its blade up.")
                         .arg(QString::fromStdString(cutting->machine().name), refused));
        return;
    }
    if (!is_hpgl && words != "ok")
        return; // it says other things, too
    std::size_t answered = done;
    while (answered < next && !commands[answered].asks)
        ++answered;
    if (answered == next)
        return; // not asked
    patience.stop();
    know_done(answered + 1);
}

} // namespace fusuma
