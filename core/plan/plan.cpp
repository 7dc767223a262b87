#include "core/plan/plan.h"

#include "core/geometry/measure.h"

#include <algorithm>

namespace fusuma {

const PlannedCopy* JobPlan::find(CopyId id) const {
    const auto it = std::ranges::find(copies, id, &PlannedCopy::id);
    return it == copies.end() ? nullptr : &*it;
}

PlanTotals totals(const JobPlan& plan) {
    PlanTotals sum;
    double used = 0;
    const auto add = [&sum](CutKind kind, double mm) {
        (kind == CutKind::kiss ? sum.kiss_mm : kind == CutKind::score ? sum.score_mm : sum.through_mm) += mm;
    };
    for (const PlannedCopy& copy : plan.copies) {
        used += copy->room_mm2;
        for (const CopyLine& line : copy->lines)
            add(line.kind, line.mm);
    }
    for (const PagePlan& page : plan.pages) {
        sum.zone_mm2 += area(page.zone);
        for (const CutPath& cut : page.cuts)
            if (cut.copy == CopyId::none)
                add(cut.kind, length(cut.line));
        for (const auto& [kind, mm] : page.sharing.replaced)
            add(kind, -mm);
        sum.shared_mm += page.sharing.saved_mm;
        sum.cuts += page.cuts.size();
    }
    sum.used_share = sum.zone_mm2 > 0 ? used / sum.zone_mm2 : 0;
    return sum;
}

} // namespace fusuma
