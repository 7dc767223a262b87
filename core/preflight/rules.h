#pragma once

#include "core/preflight/preflight.h"

namespace fusuma {

/// What a rule looks at: the document, its plan, and each copy's cut line as polygons on the paper (0.02 mm).
struct PreflightInput {
    const Document& document;
    const JobPlan& plan;
    Evaluator& evaluator;
    std::vector<Polygons> copies;                       ///< by placement
    std::vector<std::vector<std::vector<Point>>> lines; ///< the open ones, by placement
};

using Rule = std::vector<Finding> (*)(const PreflightInput&);

/// A cut line reaches beyond the cut zone: outside the margins or into a keep-clear area.
std::vector<Finding> outside_zone(const PreflightInput& input);
/// Two copies overlap, or their cut lines come closer than the gap.
std::vector<Finding> too_close(const PreflightInput& input);
/// A picture is printed larger than its pixels carry.
std::vector<Finding> low_resolution(const PreflightInput& input);

/// Less bleed remains than was asked for, since a neighbour or a mark is too near.
std::vector<Finding> short_bleed(const PreflightInput& input);
/// Handwork on a cut line that found no place after a change.
std::vector<Finding> lost_handwork(const PreflightInput& input);

/// The sticker's name for use in a message.
[[nodiscard]] std::string name_of_copy(const PreflightInput& input, std::size_t placement);

} // namespace fusuma
