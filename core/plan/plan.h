#pragma once

#include "core/cutting/cut_path.h"
#include "core/plan/shared_cuts.h"
#include "core/steps/placed_copy.h"

namespace fusuma {

/// One layer of a copy's print, in millimetres on the paper.
struct PrintItem {
    PrintLayer layer;
    CopyId copy = CopyId::none; ///< none: it is no copy's
    /// The sticker's layer that this is as a whole, the same for all its copies, and what puts it on the paper; null
    /// where something is cut back. What writes files writes such layers once.
    std::shared_ptr<const PrintLayer> whole{};
    Transform placed{};
};

struct PagePlan {
    std::vector<PrintItem> prints; ///< back to front; cut back where it would cover a neighbour or a mark
    std::vector<CutPath> cuts;     ///< by copy, what divides the sheet last; `cut_job` puts them in order
    Sharing sharing;
    std::vector<Mark> marks;
    Polygons zone;                     ///< mm on the paper
    Rect largest_place;                ///< the largest rectangle in the empty zone
    std::vector<Rect> small_sheets;    ///< of a divided page, else none
    std::shared_ptr<const void> sheet; ///< the same for as long as paper, marks and zone are
};

/// A copy of the document on its page.
struct PlannedCopy {
    CopyId id = CopyId::none;
    int page = 0; ///< counted from 0
    std::shared_ptr<const PlacedCopy> placed;

    [[nodiscard]] const PlacedCopy* operator->() const { return placed.get(); }
};

/// Everything that screen, printer, file writers, cutter and preflight read.
struct JobPlan {
    Size paper;
    std::vector<PagePlan> pages;
    std::vector<PlannedCopy> copies; ///< of stickers that there are, back to front
    Transform print_correction;      ///< of the printer, mm on the paper, for what is sent to it

    [[nodiscard]] const PlannedCopy* find(CopyId id) const; ///< null when there is none
};

/// Sums over all pages, as every place shows and reports them.
struct PlanTotals {
    double zone_mm2 = 0;
    double used_share = 0; ///< area inside cut lines over area of the cut zone, 0 when there is no zone
    double kiss_mm = 0;    ///< length of all kiss cuts
    double score_mm = 0;   ///< length of all scores
    double through_mm = 0; ///< length of all through cuts
    double shared_mm = 0;  ///< that neighbours share, so that it is cut once instead of twice
    std::size_t cuts = 0;  ///< lines, closed and open
};
[[nodiscard]] PlanTotals totals(const JobPlan& plan);

} // namespace fusuma
