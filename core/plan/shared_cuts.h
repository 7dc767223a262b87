#pragma once

#include "core/cutting/cut_path.h"
#include "core/steps/placed_copy.h"

#include <map>
#include <set>

namespace fusuma {

/// What neighbours on a page cut together.
struct Sharing {
    std::set<CopyId> copies; ///< whose own line is not among the page's, but part of nobody's: straight, open, cut once
    std::map<CutKind, double> replaced; ///< mm of these copies' own lines
    double saved_mm = 0;                ///< that are not cut a second time
};

/// Closed lines with nothing but straight edges, whose edges lie on each other with one line on either side, are cut as
/// straight lines, each once and as long as it goes. Lines of different kinds are not joined, nor are lines that lie on
/// each other on the same side: those are copies on top of each other. Heaps, and pages of more than 50,000 edges, are
/// left as they are.
/// @param cuts  of one page; what is shared goes out, and comes in behind the others
[[nodiscard]] Sharing share_cuts(std::vector<CutPath>& cuts);

/// Is all that is cut of it one upright rectangle with sharp corners?
[[nodiscard]] bool is_box(const PlacedCopy& copy);

} // namespace fusuma
