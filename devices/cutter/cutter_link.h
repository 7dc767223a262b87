#pragma once

#include "core/machine/machine.h"
#include "core/result.h"

#include <QByteArray>
#include <QIODevice>
#include <QObject>
#include <QTimer>
#include <memory>

namespace fusuma {

/// Where a cutter listens.
struct CutterAddress {
    enum class Kind { tcp, serial, device };
    Kind kind = Kind::tcp;
    QString target; ///< host, serial port or device file
    int number = 0; ///< TCP port, or baud
};

/// "tcp:HOST:PORT", "serial:PORT@BAUD" (9600 when not given) or "device:/dev/…".
Result<CutterAddress> parse_cutter_address(const QString& text);

/// A line to a cutter, whatever it is made of. Nothing waits: it tells when it is open, when what was written has left,
/// what comes back, and when the line drops. What is written waits here, not in the system, and leaves in small
/// portions and no faster than a serial line is, so that little is on its way when it is to be forgotten or the
/// cutter's memory is full.
class CutterLink : public QObject {
    Q_OBJECT
  public:
    explicit CutterLink(QObject* parent = nullptr);
    ~CutterLink() override;

    /// Opens the machine's line anew. A machine without one, or with an address that cannot be read, drops at once.
    void open(const Machine& machine);
    [[nodiscard]] bool is_open() const { return is_ready; }
    [[nodiscard]] bool is_open_to(const Machine& machine) const;
    void write(const QByteArray& bytes);
    /// Forgets what has not left yet, and sends this before anything else, even to a machine that has asked to wait.
    void interrupt(const QByteArray& bytes);
    [[nodiscard]] qint64 waiting() const; ///< bytes written that have not left yet
    void close();                         ///< what was written leaves first

  signals:
    void opened();
    void left(); ///< all that was written
    void received(QByteArray answer);
    void dropped(QString why); ///< or could not be opened

  private:
    std::unique_ptr<QIODevice> line;
    CutterAddress where;
    Machine reached; ///< that it was opened to
    QByteArray queue;
    QTimer rest;           ///< between portions
    qsizetype portion = 0; ///< bytes
    int pause_ms = 0;
    double bytes_per_ms = 0;
    bool is_ready = false;

    void push();
    void drop(const QString& why);
    void drop_later(const QString& why);
    void ready();
    void open_tcp();
    void open_serial(FlowControl flow);
    void open_device();
};

} // namespace fusuma
