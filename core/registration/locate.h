#pragma once

#include "core/registration/find_marks.h"
#include "core/registration/fit.h"
#include "core/said.h"

#include <optional>

namespace fusuma {

/// Where a print lies in the machine, as far as its marks tell.
struct Registration {
    bool accepted = false;
    Said reason;                             ///< why it is refused, or what to keep in mind; empty when all is well
    Transform fit;                           ///< from the paper's to the machine's millimetres
    std::vector<std::optional<Point>> found; ///< by mark, machine mm
    std::vector<double> residuals;           ///< by mark, mm that the fit leaves over; 0 for those not found
    std::size_t marks_found = 0;
    double residual = 0; ///< mm, root mean square over the marks used
    bool operator==(const Registration&) const = default;
};

struct RegistrationLimits {
    double residual = 0.15;         ///< mm, most that a mark may be off
    double turn = 0.26;             ///< radians, from lying straight or upside down: 15°
    double stretch = 0.03;          ///< most share
    std::size_t may_be_missing = 0; ///< marks
};

/// Finds out which spots are the marks, and how the sheet lies: shifted, turned, upside down, stretched.
///
/// Every pair of spots whose distance suits a pair of marks is tried; what most marks agree with wins. When one mark is
/// off, the others decide and it is left out. Refused with the reason when a mark is missing, left over errors are
/// larger than the limit, the marks would fit two ways, or the sheet lies in a way that nobody loads it.
[[nodiscard]] Registration locate(const std::vector<Mark>& marks, const std::vector<Spot>& spots,
                                  const RegistrationLimits& limits = {});

/// The same from places that a person pointed at. At least three, not on one line.
/// @param pointed  by mark, machine mm
[[nodiscard]] Registration located_by_hand(const std::vector<Mark>& marks,
                                           const std::vector<std::optional<Point>>& pointed,
                                           const RegistrationLimits& limits = {.residual = 0.4});

/// "the dot at the bottom left"
[[nodiscard]] Said name_of(const std::vector<Mark>& marks, std::size_t mark);

} // namespace fusuma
