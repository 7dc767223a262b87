#include "cli/photo_options.h"
#include "cli/report.h"
#include "core/photo/find_print.h"
#include "core/plan/planner.h"
#include "core/plan/ticket.h"
#include "core/sheet/paper.h"
#include "formats/picture/picture_read.h"
#include "formats/project/project_file.h"

namespace fusuma {

namespace {

/// The marks that a sheet is found by, and its paper: of what was printed, or of the sheet as it is when nothing was.
struct SheetMarks {
    std::vector<Mark> marks;
    Size paper;
    std::string code;
};

Result<SheetMarks> marks_of(const FindCommand& command, const Document& document) {
    const auto page = static_cast<std::size_t>(command.page) - 1;
    const auto too_few = [](std::size_t pages) {
        return Problem{
            "The sheet has %n pages."_said.counted(static_cast<std::size_t>(pages), "The sheet has %n page.")};
    };
    if (command.ticket.empty() && document.tickets.empty()) {
        const auto plan = Planner().plan(document);
        if (page >= plan->pages.size())
            return too_few(plan->pages.size());
        return SheetMarks{plan->pages[page].marks, plan->paper, {}};
    }
    const auto ticket = ticket_of(command.project, command.ticket, document);
    if (!ticket)
        return ticket.problem();
    if (page >= (*ticket)->pages.size())
        return too_few((*ticket)->pages.size());
    return SheetMarks{(*ticket)->pages[page].marks, (*ticket)->paper, (*ticket)->code};
}

} // namespace

ExitCode run(const FindCommand& command) {
    if (const Outcome fine = check_outputs({command.project, command.photo}, {{"--report", command.report}}); !fine)
        return fine.problem();
    std::vector<Board> boards = usual_boards();
    if (!command.board.empty()) {
        const auto paper = parse_paper(command.board);
        if (!paper || !can_be_board(*paper))
            return Problem{
                "--board {board}: give a4, letter, a3, 12x12in or WxH in mm, each at least 90, both together at most 1030."_said
                    .with("board", command.board)};
        boards = {board_on(*paper)};
    }
    const auto document = opened_project(command.project);
    if (!document)
        return document.problem();
    const auto sheet = marks_of(command, *document);
    if (!sheet)
        return sheet.problem();
    const auto photo = read_picture(QString::fromStdString(command.photo));
    if (!photo)
        return photo.problem();
    nlohmann::json report{{"ticket", sheet->code}, {"page", command.page}};
    const auto print = find_print(*(*photo)->pixels.get(), boards, sheet->marks, known_camera(**photo));
    if (print) {
        const Registration& found = print->registration;
        report.update({{"accepted", found.accepted},
                       {"reason", found.reason.english()},
                       {"marks_found", found.marks_found},
                       {"fit", fit_json(found, sheet->paper)},
                       {"residuals_mm", found.residuals},
                       {"board_residual_mm", print->board.residual},
                       {"board_marks", print->board.marks},
                       {"px_per_mm", print->board.px_per_mm}});
    } else {
        report.update({{"accepted", false},
                       {"reason", print.problem().english()},
                       {"marks_found", 0},
                       {"fit", nullptr},
                       {"residuals_mm", nlohmann::json::array()}});
    }
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return print && print->registration.accepted ? 0 : 1;
}

} // namespace fusuma
