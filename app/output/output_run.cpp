#include "app/output/output_run.h"

namespace fusuma::app {

OutputRun::OutputRun(Model& project)
    : model(project), work(model.messages), planned(model, progress), machine(model.messages),
      printed(model, progress, work, wrong), finder(model, progress, work, printed, wrong, machine),
      cutting(model, progress, work, printed, finder, wrong, machine) {}

void OutputRun::go_to_page(int page) {
    printed.ticket() ? printed.go_to_page(page) : model.in_hand.go_to_page(page);
}

OutputRun::Shown OutputRun::shown() const {
    if (printed.ticket())
        return {printed.plan(), printed.page(),      printed.pages(),   &printed.picture(),
                &cutting.job(), &cutting.foreseen(), cutting.seconds(), false};
    if (const auto& f = planned.foreseen(); f && stage() == RunStage::Stage::nothing)
        return {f->plan,    f->page, static_cast<int>(f->plan->pages.size()), &f->picture, &f->job, &f->traces,
                f->seconds, true};
    return {};
}

void OutputRun::set_faults(const PracticeFaults& what) {
    if (is_cutting() || what == wrong)
        return;
    const bool prints_anew = what.print != wrong.print;
    wrong = what;
    if (printed.ticket() && prints_anew)
        printed.print_for_practice();
    else if (printed.ticket() && stage() > RunStage::Stage::printed)
        progress.enter(RunStage::Stage::printed);
}

Transform OutputRun::sheet_place() const {
    if (!machine.is_practice())
        return place();
    PracticeFaults laid = wrong;
    laid.print = {};
    return true_place(laid, printed.ticket() ? printed.ticket()->paper : Size{});
}

Transform OutputRun::place() const {
    if (!machine.is_practice()) // all that is known of it is what was found
        return finder.registration().accepted ? finder.registration().fit : Transform{};
    return true_place(wrong, printed.ticket() ? printed.ticket()->paper : Size{});
}

} // namespace fusuma::app
