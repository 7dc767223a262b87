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
        for (const Polygon& polygon : page.zone)
            sum.zone_mm2 += signed_area(polygon);
        for (const CutPath& cut : page.cuts)
            if (cut.copy == CopyId::none)
                add(cut.kind, length(cut.line));
        sum.cuts += page.cuts.size();
    }
    sum.used_share = sum.zone_mm2 > 0 ? used / sum.zone_mm2 : 0;
    return sum;
}

} // namespace fusuma
