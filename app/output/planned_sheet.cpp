#include "app/output/planned_sheet.h"

#include "core/work.h"
#include "devices/practice/practice_printer.h"
#include "devices/practice/rehearsal.h"
#include "formats/basics/in_words.h"

#include <algorithm>

namespace fusuma::app {

PlannedSheet::PlannedSheet(Model& project, RunStage& run_stage) : model(project), stage(run_stage) {
    connect(&model.working_out, &WorkingOut::worked_out, this, &PlannedSheet::look);
    connect(&model, &Model::changed, this, &PlannedSheet::look);
    connect(&stage, &RunStage::changed, this, &PlannedSheet::look);
    connect(&model.project, &Project::replaced, this, [this] { // nothing of the one before is shown meanwhile
        work.drop();
        latest.reset();
        is_working = false;
        emit stage.changed();
    });
}

void PlannedSheet::set_watched(bool is_seen) {
    is_watched = is_seen;
    look();
}

void PlannedSheet::look() {
    if (!is_watched || stage.now() != RunStage::Stage::nothing || !model.working_out.is_settled())
        return;
    const auto& plan = model.snapshot().printed;
    const int page = model.in_hand.page();
    const Material& material = model.document().material;
    if (plan == wanted_plan && page == wanted_page && material == wanted_material)
        return;
    wanted_plan = plan;
    wanted_page = page;
    wanted_material = material;
    const auto is_on_page = [page](const PlannedCopy& copy) { return copy.page == page; };
    work.drop();
    if (!plan || std::ranges::none_of(plan->copies, is_on_page)) {
        is_working = false;
        latest.reset();
        emit stage.changed();
        return;
    }
    is_working = true;
    emit stage.changed();
    work.start(
        [plan, page, material,
         cutter = model.document().sheet.cutter](const Work& job) -> Result<std::shared_ptr<const Foreseen>> {
            const double seen_dpi = practice_dpi(plan->paper, 150);
            job.at(0); // unless something newer is to be seen
            auto picture = practice_print(for_practice(*plan, seen_dpi), seen_dpi, page, job);
            if (!picture)
                return picture.problem();
            Foreseen f{plan, page, std::move(*picture), {}, {}, 0};
            f.job = cut_page(plan->pages[static_cast<std::size_t>(page)].cuts, plan->paper, cutter, material);
            job.at(0.8);
            f.traces = cut_by_practice(f.job, material, plan->paper, {});
            f.seconds = seconds_to_cut(f.job, plan->paper, cutter, material);
            return std::make_shared<const Foreseen>(std::move(f));
        },
        [this](const Result<std::shared_ptr<const Foreseen>>& made) {
            is_working = false;
            latest = made ? *made : nullptr;
            if (!made)
                emit model.messages.problem(in_words(made.problem()));
            emit stage.changed();
        },
        [this] {
            is_working = false;
            latest.reset();
            emit stage.changed();
        });
}

} // namespace fusuma::app
