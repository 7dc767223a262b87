#pragma once

#include "core/geometry/outline.h"

#include <vector>

namespace fusuma {

enum class MarkKind { dots, none };

struct MarkSettings {
    MarkKind kind = MarkKind::dots;
    double inset = 14;     ///< mm from the paper's edges to the middle of a corner mark
    double radius = 2.5;   ///< mm
    double keep_clear = 8; ///< mm round a mark's middle that must stay blank
    bool operator==(const MarkSettings&) const = default;
};

struct SheetSettings {
    Size paper{210, 297};
    double printer_margin = 4.2; ///< mm along every edge that the printer cannot print
    double cutter_margin = 8;    ///< mm along every edge that the cutter cannot reach
    double gap = 3;              ///< mm, least distance between cut lines of two copies
    MarkSettings marks;
    bool operator==(const SheetSettings&) const = default;
};

/// A printed round dot by which the cutter finds the print.
struct Mark {
    Point centre;
    double radius = 0;
    double keep_clear = 0;
    bool operator==(const Mark&) const = default;
};

/// The marks of a sheet: one near each corner and a fifth on the top edge's line, 30 mm (at most a third of the way)
/// from the top-left one, so that no turn of the sheet by 90° or 180° puts all five where five were.
[[nodiscard]] std::vector<Mark> marks(const SheetSettings& sheet);

/// Where cut lines may lie: paper, less margins, less what the cutter cannot reach, less the keep-clear areas.
/// @return  polygons in mm; round bites are flattened to 0.005 mm. Empty when the margins leave nothing.
[[nodiscard]] Polygons cut_zone(const SheetSettings& sheet);

} // namespace fusuma
