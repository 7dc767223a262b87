#pragma once

#include "core/sheet/marks.h"

#include <cstdint>
#include <string>

namespace fusuma {

/// What a cutter's sensor sees of the sheet in it: grey values, 255 white, and where they lie.
struct Scan {
    int width = 0, height = 0;
    double px_per_mm = 0;
    Point origin; ///< machine mm of the first pixel's outer corner
    std::vector<std::uint8_t> grey;
};

/// Something that looks like a mark.
struct Spot {
    Point at;                ///< machine mm, to a few hundredths of a pixel
    double radius = 0;       ///< mm
    double out_of_round = 0; ///< rms of its edge about a circle, as a share of the radius; 0 for crosses
};

/// Everything on the scan that could be one of the marks: of their size and weight, evenly shaped, dark, and with blank
/// paper round it. Art can hold such spots too; `locate` finds out which are the marks.
///
/// Spots are found on a picture made smaller, by a threshold that follows the paper's brightness, and placed on the
/// whole one by the centre of their ink.
/// @param tolerance  share by which sizes may differ
[[nodiscard]] std::vector<Spot> find_spots(const Scan& scan, const std::vector<Mark>& marks, double tolerance = 0.12);

} // namespace fusuma
