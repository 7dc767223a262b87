#pragma once

#include "core/plan/memo.h"
#include "core/plan/plan.h"
#include "core/steps/evaluator.h"

namespace fusuma {

/// An evaluator that puts what it works out on pages, too, and remembers the plans.
class Planner : public Evaluator {
  public:
    using Evaluator::Evaluator;

    std::shared_ptr<const JobPlan> plan(const Document& document);

  private:
    /// What a sheet is, whatever lies on it.
    struct Zone {
        Polygons polygons;
        Rect largest_place;
        std::vector<Rect> small_sheets;
        std::vector<Mark> marks;
    };
    Memo<Document, JobPlan> plans{4};
    Memo<SheetSettings, Zone> zones{8};

    static Zone zone_of(const SheetSettings& sheet);
    JobPlan make_plan(const Document& document);
    PagePlan make_page(const Document& document, const JobPlan& plan, int page);
    static std::vector<PrintItem> photograph_on(const Document& document, int page);
};

} // namespace fusuma
