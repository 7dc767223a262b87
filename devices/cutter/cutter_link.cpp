#include "devices/cutter/cutter_link.h"

#include <QFileInfo>
#include <QSerialPort>
#include <QSerialPortInfo>
#include <QSocketNotifier>
#include <QTcpSocket>
#include <algorithm>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <unistd.h>

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
        return Problem{"“" + text.toStdString() + "” is not a cutter's address.",
                       "Give tcp:HOST:PORT, serial:PORT@BAUD or device:/dev/…"};
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

QStringList serial_ports() {
    QStringList names;
    for (const QSerialPortInfo& port : QSerialPortInfo::availablePorts())
        names << port.systemLocation();
    return names;
}

CutterLink::CutterLink(QObject* parent) : QObject(parent) {}

CutterLink::~CutterLink() {
    close();
}

void CutterLink::open(const CutterAddress& address) {
    close();
    where = address;
    switch (address.kind) {
    case CutterAddress::Kind::tcp:
        return open_tcp();
    case CutterAddress::Kind::serial:
        return open_serial();
    case CutterAddress::Kind::device:
        return open_device();
    }
}

void CutterLink::drop(const QString& why) {
    if (!line)
        return;
    line->disconnect(this);
    line.release()->deleteLater();
    emit dropped(why);
}

void CutterLink::open_tcp() {
    auto socket = std::make_unique<QTcpSocket>();
    QTcpSocket* s = socket.get();
    line = std::move(socket);
    connect(s, &QTcpSocket::connected, this, &CutterLink::opened);
    connect(s, &QTcpSocket::bytesWritten, this, &CutterLink::left);
    connect(s, &QTcpSocket::readyRead, this, [this, s] { emit received(s->readAll()); });
    connect(s, &QTcpSocket::errorOccurred, this, [this, s](QAbstractSocket::SocketError) {
        drop(tr("The line to the cutter at %1 dropped: %2.").arg(where.target, s->errorString()));
    });
    s->connectToHost(where.target, static_cast<quint16>(where.number));
}

void CutterLink::open_serial() {
    auto port = std::make_unique<QSerialPort>(where.target);
    QSerialPort* p = port.get();
    line = std::move(port);
    p->setBaudRate(where.number);
    p->setFlowControl(QSerialPort::SoftwareControl); // cutters say when their memory is full
    if (!p->open(QIODevice::ReadWrite)) {
        drop(tr("The serial port %1 cannot be opened: %2.").arg(where.target, p->errorString()));
        return;
    }
    connect(p, &QSerialPort::bytesWritten, this, &CutterLink::left);
    connect(p, &QSerialPort::readyRead, this, [this, p] { emit received(p->readAll()); });
    connect(p, &QSerialPort::errorOccurred, this, [this, p](QSerialPort::SerialPortError error) {
        if (error != QSerialPort::NoError && error != QSerialPort::TimeoutError)
            drop(tr("The line to the cutter at %1 dropped: %2.").arg(where.target, p->errorString()));
    });
    QMetaObject::invokeMethod(this, &CutterLink::opened, Qt::QueuedConnection);
}

void CutterLink::open_device() {
    auto file = std::make_unique<DeviceFile>();
    DeviceFile* f = file.get();
    line = std::move(file);
    if (!QFileInfo::exists(where.target) || !f->open_file(where.target)) {
        drop(tr("The device %1 cannot be opened%2.")
                 .arg(where.target, f->errorString().isEmpty() ? QString() : QStringLiteral(": ") + f->errorString()));
        return;
    }
    connect(f, &QIODevice::bytesWritten, this, &CutterLink::left);
    connect(f, &QIODevice::aboutToClose, this,
            [this, f] { drop(tr("The line to the cutter at %1 dropped: %2.").arg(where.target, f->errorString())); });
    QMetaObject::invokeMethod(this, &CutterLink::opened, Qt::QueuedConnection);
}

void CutterLink::write(const QByteArray& bytes) {
    if (line)
        line->write(bytes);
}

qint64 CutterLink::waiting() const {
    return line ? line->bytesToWrite() : 0;
}

void CutterLink::close() {
    if (!line)
        return;
    line->disconnect(this);
    if (auto* socket = qobject_cast<QTcpSocket*>(line.get()); socket && socket->bytesToWrite() > 0)
        socket->waitForBytesWritten(200); // the blade is lifted before the line goes
    line->close();
    line.release()->deleteLater();
}

} // namespace fusuma
