#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QIODevice>
#include <QObject>
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

/// The serial ports that this computer has, by the names an address takes.
[[nodiscard]] QStringList serial_ports();

/// A line to a cutter, whatever it is made of. Nothing waits: it tells when it is open, when what was written has left,
/// what comes back, and when the line drops.
class CutterLink : public QObject {
    Q_OBJECT
  public:
    explicit CutterLink(QObject* parent = nullptr);
    ~CutterLink() override;

    void open(const CutterAddress& address);
    void write(const QByteArray& bytes);
    [[nodiscard]] qint64 waiting() const; ///< bytes written that have not left yet
    void close();

  signals:
    void opened();
    void left(); ///< some bytes
    void received(QByteArray answer);
    void dropped(QString why); ///< or could not be opened

  private:
    std::unique_ptr<QIODevice> line;
    CutterAddress where;

    void drop(const QString& why);
    void open_tcp();
    void open_serial();
    void open_device();
};

} // namespace fusuma
