#pragma once

#include <QDBusConnection>
#include <QProcess>

namespace fusuma::app {

/// A session bus of its own.
class PrivateBus {
  public:
    PrivateBus() {
        bus.start("dbus-daemon", {"--session", "--nofork", "--print-address=1"});
        if (bus.waitForStarted() && bus.waitForReadyRead(5000))
            address = QString::fromUtf8(bus.readLine()).trimmed();
    }
    ~PrivateBus() {
        for (const QString& name : names)
            QDBusConnection::disconnectFromBus(name);
        bus.kill();
        bus.waitForFinished();
    }
    QDBusConnection connection(const QString& name) {
        names << name;
        return QDBusConnection::connectToBus(address, name);
    }
    [[nodiscard]] bool is_there() const { return !address.isEmpty(); }

  private:
    QProcess bus;
    QString address;
    QStringList names;
};

} // namespace fusuma::app
