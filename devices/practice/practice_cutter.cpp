#include "devices/practice/practice_cutter.h"

#include "formats/basics/in_words.h"
#include <QPainter>
#include <QPainterPath>
#include <QSocketNotifier>
#include <QTcpSocket>
#include <algorithm>
#include <cstdlib>
#include <fcntl.h>
#include <termios.h>
#include <unistd.h>
#include <utility>

namespace fusuma {

namespace {

double length_of(const std::vector<Point>& line) {
    double sum = 0;
    for (std::size_t i = 1; i < line.size(); ++i)
        sum += distance(line[i - 1], line[i]);
    return sum;
}

/// The first `left` millimetres of a line.
std::vector<Point> beginning(const std::vector<Point>& line, double left) {
    std::vector<Point> part{line.front()};
    for (std::size_t i = 1; i < line.size(); ++i) {
        const double piece = distance(line[i - 1], line[i]);
        if (piece > left) {
            part.push_back(lerp(line[i - 1], line[i], left / piece));
            break;
        }
        part.push_back(line[i]);
        left -= piece;
    }
    return part;
}

} // namespace

QImage cut_sheet(const QImage& print, Size paper, const std::vector<CutTrace>& traces, const Transform& to_paper) {
    QImage sheet = print.convertToFormat(QImage::Format_RGB32);
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(sheet.width() / paper.width, sheet.height() / paper.height);
    for (const CutTrace& trace : traces) {
        QPainterPath path;
        for (std::size_t i = 0; i < trace.tip.size(); ++i) {
            const Point at = to_paper.apply(trace.tip[i]);
            i == 0 ? path.moveTo(at.x, at.y) : path.lineTo(at.x, at.y);
        }
        const QColor colour(trace.kind == CutKind::through ? 0x6B2FA0
                            : trace.kind == CutKind::score ? 0x9A6A00
                                                           : 0x00838A);
        const double width = trace.kind == CutKind::through ? 0.4 : 0.3;
        painter.setPen(QPen(Qt::white, width + 0.4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPath(path);
        painter.setPen(QPen(colour, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPath(path);
    }
    return sheet;
}

PracticeCutter::PracticeCutter(double blade_speed, QObject* parent) : QObject(parent), speed(blade_speed) {
    step.setInterval(40);
    connect(&step, &QTimer::timeout, this, &PracticeCutter::advance);
    connect(&server, &QTcpServer::newConnection, this, &PracticeCutter::accept);
    load();
}

PracticeCutter::~PracticeCutter() {
    stop(); // nothing may come in while the rest of it goes
    terminal_input.reset();
    if (terminal >= 0)
        ::close(terminal);
}

Outcome PracticeCutter::listen(quint16 port) {
    if (!server.listen(QHostAddress::LocalHost, port))
        return Problem{
            "The practice cutter cannot listen on port {port}: {why}."_said.with("port", std::to_string(port))
                .with("why", server.errorString().toStdString())};
    return Done{};
}

Result<QString> PracticeCutter::open_serial() {
    terminal = ::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK | O_CLOEXEC);
    const char* name =
        terminal < 0 || ::grantpt(terminal) != 0 || ::unlockpt(terminal) != 0 ? nullptr : ::ptsname(terminal);
    if (!name)
        return Problem{"The practice cutter cannot open a pseudo-terminal."_said};
    termios settings{};
    ::tcgetattr(terminal, &settings);
    ::cfmakeraw(&settings);
    ::tcsetattr(terminal, TCSANOW, &settings);
    terminal_input = std::make_unique<QSocketNotifier>(terminal, QSocketNotifier::Read);
    connect(terminal_input.get(), &QSocketNotifier::activated, this, [this] {
        char bytes[4096];
        const ssize_t count = ::read(terminal, bytes, sizeof bytes);
        if (count > 0) {
            if (!step.isActive())
                begin();
            take(QByteArray(bytes, static_cast<qsizetype>(count)));
        } else { // nobody has the far end open
            if (step.isActive() && !connection)
                end();
            terminal_input->setEnabled(false);
            QTimer::singleShot(50, this, [this] { terminal_input->setEnabled(true); });
        }
    });
    return QString::fromLocal8Bit(name);
}

void PracticeCutter::set_faults(const MachineFaults& what, Size on_paper) {
    faults = what;
    paper = on_paper;
    load();
}

void PracticeCutter::load() {
    runs.clear();
    asked.clear();
    reader = {};
    known_strokes = 0;
    received = cut_length = 0;
    blade = std::make_unique<FaultyBlade>(faults, paper);
}

void PracticeCutter::begin() {
    whole = false;
    forget_the_rest(); // as a machine does that is reset
    clock.start();
    step.start();
}

void PracticeCutter::forget_the_rest() {
    begun.clear();
    reader = {};
    known_strokes = 0;
    asked.clear();
    std::vector<CutTrace> done = cut_so_far();
    runs.clear();
    received = 0;
    for (CutTrace& trace : done) {
        const double length = length_of(trace.tip);
        received += length;
        runs.push_back({std::move(trace), length});
    }
    cut_length = received;
}

void PracticeCutter::accept() {
    QTcpSocket* socket = server.nextPendingConnection();
    if (connection) { // one job at a time, as with a real machine
        socket->abort();
        socket->deleteLater();
        return;
    }
    connection = socket;
    begin();
    connect(socket, &QTcpSocket::readyRead, this, [this, socket] { take(socket->readAll()); });
    connect(socket, &QTcpSocket::disconnected, this, [this, socket] {
        if (connection != socket)
            return;
        if (socket->bytesAvailable() > 0)
            take(socket->readAll());
        connection = nullptr;
        socket->deleteLater();
        end();
    });
    if (socket->bytesAvailable() > 0)
        take(socket->readAll());
}

void PracticeCutter::end() {
    whole = true;
    take_strokes(reader.strokes()); // with one whose blade was never lifted
    advance();
}

void PracticeCutter::take(const QByteArray& arrived) {
    static const QByteArray abort = QByteArrayLiteral("\x1b.K"); // HP-GL's own
    QByteArray bytes = std::exchange(begun, {}) + arrived;
    if (const qsizetype dropped = bytes.lastIndexOf(abort); dropped >= 0) {
        forget_the_rest();
        bytes.remove(0, dropped + abort.size());
    }
    for (qsizetype some = abort.size() - 1; some > 0 && begun.isEmpty(); --some)
        if (bytes.endsWith(abort.left(some))) {
            begun = bytes.right(some);
            bytes.chop(some);
        }
    const Outcome taken = reader.take({bytes.constData(), static_cast<std::size_t>(bytes.size())});
    if (!taken) {
        stop();
        emit refused(in_words(taken.problem()));
        return;
    }
    // The last stroke may still grow: it counts once the blade is up, which every run and the job's end see to.
    take_strokes(reader.finished_strokes());
    for (std::string& words : reader.take_answers())
        asked.emplace_back(runs.size(), std::move(words));
    if (speed > 0)
        answer_what_is_due();
    else
        advance();
}

void PracticeCutter::take_strokes(const std::vector<HpglStroke>& strokes) {
    for (; known_strokes < strokes.size(); ++known_strokes) {
        const HpglStroke& stroke = strokes[known_strokes];
        std::vector<Point> axis;
        axis.reserve(stroke.points.size());
        for (const Point p : stroke.points)
            axis.push_back({p.x, paper.height - p.y});
        Run run{{kind_of_pen(stroke.pen), blade->cut(axis)}, 0};
        run.length = length_of(run.trace.tip);
        received += run.length;
        runs.push_back(std::move(run));
    }
}

void PracticeCutter::answer_what_is_due() {
    const std::size_t done = runs_cut();
    while (!asked.empty() && asked.front().first <= done) {
        answer(asked.front().second);
        asked.pop_front();
    }
}

Machine PracticeCutter::machine(Size with_paper, const QString& serial) const {
    Machine machine = plain_machine(with_paper);
    machine.name = "Practice cutter";
    machine.line =
        serial.isEmpty() ? "tcp:127.0.0.1:" + std::to_string(port()) : "serial:" + serial.toStdString() + "@115200";
    machine.flow = FlowControl::hardware;
    machine.answers = true;
    machine.abort = "\x1b.K";
    machine.bit = 0.5; // it drops all it has in hand at once
    return machine;
}

void PracticeCutter::stop() {
    step.stop();
    if (QIODevice* line = std::exchange(connection, nullptr)) {
        line->disconnect(this);
        line->close();
        line->deleteLater();
    }
}

void PracticeCutter::hold(bool on) {
    held = on;
    clock.restart();
}

void PracticeCutter::answer(const std::string& words) {
    const QByteArray line = QByteArray::fromStdString(words) + '\r';
    if (connection)
        connection->write(line);
    else if (terminal >= 0)
        (void)!::write(terminal, line.constData(), static_cast<std::size_t>(line.size()));
}

std::size_t PracticeCutter::runs_cut() const {
    double sum = 0;
    std::size_t count = 0;
    while (count < runs.size() && (sum += runs[count].length) <= cut_length + 1e-6)
        ++count;
    return count;
}

void PracticeCutter::advance() {
    const double seconds = static_cast<double>(clock.restart()) / 1000;
    if (!held)
        cut_length = speed > 0 ? std::min(received, cut_length + speed * seconds) : received;
    const std::size_t done = runs_cut();
    if (faults.drop_after >= 0 && done >= static_cast<std::size_t>(faults.drop_after) && !runs.empty()) {
        faults.drop_after = -1;
        if (done < runs.size() || !whole) {
            stop();
            emit advanced();
            return;
        }
    }
    answer_what_is_due();
    emit advanced();
    if (whole && cut_length >= received && step.isActive()) {
        step.stop();
        emit finished();
    }
}

std::vector<CutTrace> PracticeCutter::cut_so_far() const {
    std::vector<CutTrace> done;
    double left = cut_length;
    for (const Run& run : runs) {
        if (left <= 0)
            break;
        done.push_back(run.length <= left + 1e-9 ? run.trace
                                                 : CutTrace{run.trace.kind, beginning(run.trace.tip, left)});
        left -= run.length;
    }
    return done;
}

double PracticeCutter::progress() const {
    return received > 0 ? cut_length / received : whole ? 1 : 0;
}

} // namespace fusuma
