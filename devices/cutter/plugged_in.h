#pragma once

#include <QStringList>

namespace fusuma {

/// Something that a cutter may be plugged in at.
struct Plug {
    QString address; ///< as a machine's line without its speed: "serial:/dev/ttyUSB0", "device:/dev/usb/lp0"
    QString name;    ///< for people, with what the maker of the cable calls it
};

/// The serial ports and printer-class device files that this computer has.
[[nodiscard]] QList<Plug> plugged_in();

} // namespace fusuma
