#include "app/output/printed_sheet.h"

#include "core/document/copies.h"
#include "devices/practice/practice_printer.h"
#include "devices/practice/practice_sheet.h"
#include "formats/basics/in_words.h"

#include <QDateTime>

namespace fusuma::app {

using Stage = RunStage::Stage;

PrintedSheet::PrintedSheet(Model& project, RunStage& run_stage, LatestOnly& background,
                           const PracticeFaults& practice_faults)
    : model(project), stage(run_stage), work(background), faults(practice_faults) {
    connect(&model.working_out, &WorkingOut::worked_out, this, [this] {
        if (is_wanted)
            freeze_soon();
    });
    const auto has_gone = [this] { return in_hand && !find_ticket(model.document(), in_hand->code); };
    connect(&model.project, &Project::replaced, this, [this, has_gone] {
        is_wanted = false;
        if (!in_hand || has_gone()) // one that is on its way was of the project before
            put_down();
    });
    connect(&model, &Model::changed, this, [this, has_gone] {
        if (!stage.is_cutting() && has_gone())
            put_down();
    });
}

std::vector<Said> PrintedSheet::changes() const {
    return in_hand ? changes_since(*in_hand, model.document()) : std::vector<Said>{};
}

bool PrintedSheet::is_readable() const {
    const auto& unreadable = model.snapshot().unreadable;
    if (!unreadable.empty())
        emit model.messages.problem(tr("Pictures on this sheet cannot be read, so it is neither printed nor cut. %1")
                                        .arg(in_words(unreadable.begin()->second)));
    return unreadable.empty();
}

std::shared_ptr<const JobPlan> PrintedSheet::freeze() {
    const Snapshot& snapshot = model.snapshot();
    if (stage.is_cutting() || !snapshot.plan || snapshot.document.placements.empty() || !model.working_out.is_settled())
        return nullptr;
    if (!is_readable())
        return nullptr;
    const Ticket ticket =
        frozen(snapshot.document, *snapshot.printed, QDateTime::currentDateTime().toString(Qt::ISODate).toStdString());
    const auto plan = std::make_shared<const JobPlan>(with_code(*snapshot.printed, *ticket.document, ticket.code));
    model.project.add_ticket(ticket);
    take_as_planned(find_ticket(model.document(), ticket.code), plan);
    return plan;
}

void PrintedSheet::freeze_soon() {
    is_wanted = !model.working_out.is_settled();
    if (!is_wanted)
        freeze();
}

void PrintedSheet::take(const std::shared_ptr<const Ticket>& ticket) {
    if (stage.is_cutting() || !ticket)
        return;
    put_down(); // nothing of the one before is shown, found or exported for this one
    stage.enter(Stage::printing);
    work.start(
        [ticket, &planner = model.working_out.planner()] {
            return std::make_shared<const JobPlan>(
                with_code(*planner.plan(as_printed(*ticket->document)), *ticket->document, ticket->code));
        },
        [this, ticket](std::shared_ptr<const JobPlan> plan) { take_as_planned(ticket, std::move(plan)); },
        [this] { put_down(); });
}

void PrintedSheet::take_as_planned(const std::shared_ptr<const Ticket>& ticket, std::shared_ptr<const JobPlan> plan) {
    in_hand = ticket;
    shown_page = 0;
    printed_plan = std::move(plan);
    print_for_practice();
}

void PrintedSheet::put_down() {
    work.drop();
    in_hand.reset();
    printed_plan.reset();
    printed = {};
    stage.enter(Stage::nothing);
}

void PrintedSheet::go_to_page(int page) {
    if (stage.is_cutting() || page < 0 || page >= pages() || page == shown_page)
        return;
    shown_page = page;
    print_for_practice();
}

void PrintedSheet::print_for_practice() {
    stage.enter(Stage::printing);
    struct Printed {
        Result<QImage> sheet;
        std::shared_ptr<const SlipSheet> slips;
    };
    work.start(
        [plan = printed_plan, page = shown_page, wrong = faults.print,
         &planner = model.working_out.planner()](const Work& job) {
            const double printer_dpi = practice_dpi(plan->paper);
            auto sheet = practice_print(for_practice(*plan, printer_dpi), printer_dpi, page, job);
            if (sheet)
                *sheet = with_faults(*sheet, plan->paper, wrong);
            return Printed{std::move(sheet),
                           std::make_shared<const SlipSheet>(*plan, static_cast<std::size_t>(page), planner, job)};
        },
        [this](Printed fresh) {
            if (!fresh.sheet) {
                emit model.messages.problem(in_words(fresh.sheet.problem()));
                put_down();
                return;
            }
            printed = *fresh.sheet;
            slip_sheet = fresh.slips;
            stage.enter(Stage::printed);
        },
        [this] { put_down(); });
}

} // namespace fusuma::app
