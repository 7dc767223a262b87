#include "app/output/output_run.h"

namespace fusuma::app {

OutputRun::OutputRun(Model& model)
    : work(model.messages), printed(model, progress, work, wrong), finder(progress, work, printed, wrong),
      cutting(model, progress, work, printed, finder, wrong) {}

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
    PracticeFaults laid = wrong;
    laid.print = {};
    return true_place(laid, printed.ticket() ? printed.ticket()->paper : Size{});
}

Transform OutputRun::place() const {
    return true_place(wrong, printed.ticket() ? printed.ticket()->paper : Size{});
}

} // namespace fusuma::app
