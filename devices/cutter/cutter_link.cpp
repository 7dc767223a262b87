#include "devices/cutter/cutter_link.h"

#include "formats/basics/in_words.h"
#include <QFileInfo>
#include <QSerialPort>
#include <QSocketNotifier>
#include <QTcpSocket>
#include <algorithm>
#include <cerrno>
#include <cmath>
#include <cstring>
#include <fcntl.h>
#include <termios.h>
#include <unistd.h>
#include <utility>

namespace fusuma {

namespace {

/// A device file such as a printer port: bytes go out as it takes them, none come back.
class DeviceFile : public QIODevice {
  public:
    ~DeviceFile() override { close(); }

    bool open_file(const QString& path) {
        file = ::open(path.toLocal8Bit().constData(), O_WRONLY | O_NONBLOCK | O_NOCTTY | O_CLOEXEC);
        if (file < 0) {
            setErrorString(QString::fromLocal8Bit(std::strerror(errno)));
            return false;
        }
        room = std::make_unique<QSocketNotifier>(file, QSocketNotifier::Write);
        room->setEnabled(false);
        connect(room.get(), &QSocketNotifier::activated, this, &DeviceFile::push);
        return QIODevice::open(QIODevice::WriteOnly | QIODevice::Unbuffered);
    }
    void close() override {
        if (file < 0)
            return;
        room.reset();
        ::close(file);
        file = -1;
        QIODevice::close();
    }
    [[nodiscard]] qint64 bytesToWrite() const override { return pending.size(); }
    [[nodiscard]] bool isSequential() const override { return true; }

  protected:
    qint64 readData(char*, qint64) override { return -1; }
    qint64 writeData(const char* bytes, qint64 size) override {
        pending.append(bytes, static_cast<qsizetype>(size));
        room->setEnabled(true);
        return size;
    }

  private:
    int file = -1;
    QByteArray pending;
    std::unique_ptr<QSocketNotifier> room;

    void push() {
        const ssize_t taken = ::write(file, pending.constData(), static_cast<std::size_t>(pending.size()));
        if (taken < 0 && errno != EAGAIN && errno != EINTR) {
            setErrorString(QString::fromLocal8Bit(std::strerror(errno)));
            room->setEnabled(false);
            emit aboutToClose();
            return;
        }
        pending.remove(0, std::max<ssize_t>(taken, 0));
        room->setEnabled(!pending.isEmpty());
        emit bytesWritten(std::max<ssize_t>(taken, 0));
    }
};

} // namespace

Result<CutterAddress> parse_cutter_address(const QString& text) {
    const auto wrong = [&] {
        return Problem{"“{address}” is not a cutter's address."_said.with("address", text.toStdString()),
                       "Give tcp:HOST:PORT, serial:PORT@BAUD or device:/dev/…"_said};
    };
    const qsizetype colon = text.indexOf(':');
    const QString kind = text.left(colon), rest = text.mid(colon + 1);
    if (colon < 0 || rest.isEmpty())
        return wrong();
    bool ok = true;
    if (kind == QLatin1String("tcp")) {
        const qsizetype last = rest.lastIndexOf(':');
        const int port = rest.mid(last + 1).toInt(&ok);
        if (last < 1 || !ok || port < 1 || port > 65535)
            return wrong();
        return CutterAddress{CutterAddress::Kind::tcp, rest.left(last), port};
    }
    if (kind == QLatin1String("serial")) {
        const qsizetype at = rest.lastIndexOf('@');
        const int baud = at < 0 ? 9600 : rest.mid(at + 1).toInt(&ok);
        if (!ok || baud < 300 || baud > 4'000'000 || at == 0)
            return wrong();
        return CutterAddress{CutterAddress::Kind::serial, at < 0 ? rest : rest.left(at), baud};
    }
    if (kind == QLatin1String("device"))
        return CutterAddress{CutterAddress::Kind::device, rest, 0};
    return wrong();
}

CutterLink::CutterLink(QObject* parent) : QObject(parent) {
    rest.setSingleShot(true);
    connect(&rest, &QTimer::timeout, this, &CutterLink::push);
}

CutterLink::~CutterLink() {
    if (is_ready && waiting() > 0) {
        line->write(std::exchange(queue, {}));
        line->waitForBytesWritten(40);
    }
    close();
}

bool CutterLink::is_open_to(const Machine& machine) const {
    return is_ready && machine.line == reached.line && machine.flow == reached.flow &&
           machine.portion == reached.portion && machine.pause == reached.pause;
}

void CutterLink::open(const Machine& machine) {
    close();
    reached = machine;
    const auto address = parse_cutter_address(QString::fromStdString(machine.line));
    if (!address) {
        drop_later(
            machine.line.empty()
                ? tr("“%1” has no line to this computer: it only gets files.").arg(QString::fromStdString(machine.name))
                : in_words(address.problem()));
        return;
    }
    where = *address;
    portion = 512;
    pause_ms = 0;
    bytes_per_ms = HUGE_VAL;
    if (where.kind == CutterAddress::Kind::serial) {
        constexpr double in_hand_ms = 20;       // that may be on its way
        bytes_per_ms = where.number / 10'000.0; // start, eight bits, stop
        portion = std::clamp<qsizetype>(static_cast<qsizetype>(bytes_per_ms * in_hand_ms), 16, 1024);
    }
    if (machine.flow == FlowControl::portions) {
        portion = machine.portion;
        pause_ms = static_cast<int>(1000 * machine.pause);
    }
    switch (where.kind) {
    case CutterAddress::Kind::tcp:
        return open_tcp();
    case CutterAddress::Kind::serial:
        return open_serial(machine.flow);
    case CutterAddress::Kind::device:
        return open_device();
    }
}

void CutterLink::drop(const QString& why) {
    is_ready = false;
    queue.clear();
    if (!line)
        return;
    line->disconnect(this);
    line.release()->deleteLater();
    emit dropped(why);
}

void CutterLink::drop_later(const QString& why) {
    QMetaObject::invokeMethod(
        this, [this, why] { emit dropped(why); }, Qt::QueuedConnection);
}

void CutterLink::ready() {
    is_ready = true;
    connect(line.get(), &QIODevice::bytesWritten, this, &CutterLink::push);
    emit opened();
}

namespace {

/// Why something of the system cannot be opened, and whom to ask.
QString why_closed(const QString& path, const QString& words) {
    const QFileInfo file(path);
    if (!file.exists())
        return CutterLink::tr("There is no %1: is the cable in, and the machine on?").arg(path);
    if (!file.isWritable())
        return CutterLink::tr("You may not use %1. Join the group “%2” (sudo adduser $USER %2), then log in again.")
            .arg(path, file.group().isEmpty() ? QStringLiteral("dialout") : file.group());
    return CutterLink::tr("%1 cannot be opened: %2.").arg(path, words);
}

} // namespace

void CutterLink::open_tcp() {
    auto socket = std::make_unique<QTcpSocket>();
    QTcpSocket* s = socket.get();
    line = std::move(socket);
    connect(s, &QTcpSocket::connected, this, [this, s] {
        s->setSocketOption(QAbstractSocket::LowDelayOption, 1);
        ready();
    });
    connect(s, &QTcpSocket::readyRead, this, [this, s] { emit received(s->readAll()); });
    connect(s, &QTcpSocket::errorOccurred, this, [this, s](QAbstractSocket::SocketError) {
        drop(tr("The line to the cutter at %1 dropped: %2.").arg(where.target, s->errorString()));
    });
    s->connectToHost(where.target, static_cast<quint16>(where.number));
}

void CutterLink::open_serial(FlowControl flow) {
    auto port = std::make_unique<QSerialPort>(where.target);
    port->setBaudRate(where.number);
    port->setFlowControl(flow == FlowControl::hardware   ? QSerialPort::HardwareControl
                         : flow == FlowControl::xon_xoff ? QSerialPort::SoftwareControl
                                                         : QSerialPort::NoFlowControl);
    if (!port->open(QIODevice::ReadWrite)) {
        drop_later(why_closed(where.target, port->errorString()));
        return;
    }
    termios settings{};
    if (flow == FlowControl::xon_xoff && ::tcgetattr(port->handle(), &settings) == 0) {
        settings.c_iflag &= ~static_cast<tcflag_t>(IXANY); // an answer is no sign to go on
        ::tcsetattr(port->handle(), TCSANOW, &settings);
    }
    QSerialPort* p = port.get();
    line = std::move(port);
    connect(p, &QSerialPort::readyRead, this, [this, p] { emit received(p->readAll()); });
    connect(p, &QSerialPort::errorOccurred, this, [this, p](QSerialPort::SerialPortError error) {
        if (error != QSerialPort::NoError && error != QSerialPort::TimeoutError)
            drop(tr("The line to the cutter at %1 dropped: %2.").arg(where.target, p->errorString()));
    });
    QMetaObject::invokeMethod(this, &CutterLink::ready, Qt::QueuedConnection);
}

void CutterLink::open_device() {
    auto file = std::make_unique<DeviceFile>();
    DeviceFile* f = file.get();
    if (!QFileInfo::exists(where.target) || !f->open_file(where.target)) {
        drop_later(why_closed(where.target, f->errorString()));
        return;
    }
    line = std::move(file);
    connect(f, &QIODevice::aboutToClose, this,
            [this, f] { drop(tr("The line to the cutter at %1 dropped: %2.").arg(where.target, f->errorString())); });
    QMetaObject::invokeMethod(this, &CutterLink::ready, Qt::QueuedConnection);
}

void CutterLink::write(const QByteArray& bytes) {
    queue += bytes;
    push();
}

void CutterLink::push() {
    while (is_ready && !queue.isEmpty() && line->bytesToWrite() == 0 && !rest.isActive()) {
        // Whole lines: half a command would be taken for one that goes elsewhere, whatever follows it.
        const qsizetype end = queue.lastIndexOf('\n', portion - 1);
        const qsizetype first_end = queue.indexOf('\n');
        const qsizetype count = end >= 0 ? end + 1 : first_end >= 0 ? first_end + 1 : queue.size();
        line->write(queue.left(count));
        queue.remove(0, count);
        if (const int ms = std::max(pause_ms, static_cast<int>(std::ceil(static_cast<double>(count) / bytes_per_ms)));
            ms > 0)
            rest.start(ms);
    }
    if (is_ready && waiting() == 0)
        QMetaObject::invokeMethod(this, &CutterLink::left, Qt::QueuedConnection);
}

void CutterLink::interrupt(const QByteArray& bytes) {
    queue.clear();
    rest.stop();
    if (auto* port = qobject_cast<QSerialPort*>(line.get())) {
        ::tcflow(port->handle(), TCOOFF); // so that it begins anew, whatever sign the machine gave
        ::tcflow(port->handle(), TCOON);
    }
    write(bytes);
}

qint64 CutterLink::waiting() const {
    return queue.size() + (line ? line->bytesToWrite() : 0);
}

void CutterLink::close() {
    if (!line)
        return;
    line->disconnect(this);
    if (is_ready && !queue.isEmpty())
        line->write(queue);
    queue.clear();
    rest.stop();
    QIODevice* last = line.release();
    if (std::exchange(is_ready, false) && last->bytesToWrite() > 0) { // the blade is lifted before the line goes
        constexpr int longest_ms = 500;
        const auto end = [last] {
            last->close();
            last->deleteLater();
        };
        connect(last, &QIODevice::bytesWritten, last, [last, end] {
            if (last->bytesToWrite() == 0)
                end();
        });
        QTimer::singleShot(longest_ms, last, end);
        return;
    }
    last->close();
    last->deleteLater();
}

} // namespace fusuma
