#include "devices/cutter/plugged_in.h"

#include <QDir>
#include <QSerialPortInfo>

namespace fusuma {

QList<Plug> plugged_in() {
    QList<Plug> plugs;
    for (const QSerialPortInfo& port : QSerialPortInfo::availablePorts()) {
        const QString cable = port.description().isEmpty() ? port.manufacturer() : port.description();
        plugs.append({QStringLiteral("serial:") + port.systemLocation(),
                      cable.isEmpty() ? port.portName() : QStringLiteral("%1 (%2)").arg(port.portName(), cable)});
    }
    const QDir printers(QStringLiteral("/dev/usb"), QStringLiteral("lp*"), QDir::Name, QDir::System);
    for (const QFileInfo& file : printers.entryInfoList())
        plugs.append({QStringLiteral("device:") + file.filePath(), file.filePath()});
    return plugs;
}

} // namespace fusuma
