#pragma once

#include "core/cutting/cut_job.h"
#include "core/document/document.h"
#include "core/machine/machine.h"

namespace fusuma {

/// A copy whose cut would leave the machine's bed.
struct OutOfReach {
    CopyId copy = CopyId::none;    ///< none for a line that belongs to no copy
    double mm = 0;                 ///< how far its blade's axis would leave the bed
    Heading past = Heading::right; ///< which edge, as one stands before the machine
    bool operator==(const OutOfReach&) const = default;
};

/// All copies that the machine cannot cut whole, in cutting order.
/// @param job  in the bed's mm
[[nodiscard]] std::vector<OutOfReach> out_of_reach(const CutJob& job, const Machine& machine);

/// "“Puffin” would leave the machine's bed by 3.2 mm at its right edge"
[[nodiscard]] Said reach_words(const OutOfReach& what, const Document& document);

} // namespace fusuma
