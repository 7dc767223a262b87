#pragma once

#include "core/geometry/point.h"
#include "core/result.h"
#include "core/work.h"

#include <QImage>
#include <QString>
#include <vector>

namespace fusuma {

/// A scanner that is plugged in or in the network.
struct ScannerName {
    QString id;   ///< as SANE opens it
    QString name; ///< for people
};
/// May take some seconds. An empty list when there is none.
[[nodiscard]] Result<std::vector<ScannerName>> scanners();

/// What a scanner can do.
struct ScannerFacts {
    Size bed;                        ///< mm; nothing when it does not tell
    std::vector<double> resolutions; ///< dpi, rising; ends of a range where any will do
    bool is_any_resolution = false;  ///< between the two
    bool has_colour = false, has_grey = false;
};
[[nodiscard]] Result<ScannerFacts> look_at_scanner(const QString& id);

struct ScanWish {
    QString scanner;
    double dpi = 300;
    bool is_colour = true;
    Rect area; ///< mm on the bed; all of it when empty
};

/// One scan, with its true density set. A Problem says in a sentence what went wrong: no right to the device, a jam, an
/// open cover, the cable pulled. Throws Stopped when asked to stop; the scanner is told to.
/// Source: SANE Standard 1.07 (its C interface).
[[nodiscard]] Result<QImage> scan(const ScanWish& wish, const Work& work = {});

} // namespace fusuma
