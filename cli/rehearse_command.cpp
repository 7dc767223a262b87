#include "cli/report.h"
#include "core/document/copies.h"
#include "devices/practice/practice_printer.h"
#include "devices/practice/rehearsal.h"
#include "formats/basics/file.h"
#include "formats/project/project_file.h"

#include <QBuffer>
#include <algorithm>

namespace fusuma {

namespace {

RehearsalSetup setup_of(const RehearseCommand& command, const Ticket& ticket) {
    RehearsalSetup setup{.dpi = practice_dpi(ticket.paper)};
    PracticeFaults& f = setup.faults;
    f.load.shift = {command.shift[0], command.shift[1]};
    f.load.turn = command.turn_deg * degree;
    f.load.upside_down = command.upside_down;
    f.load.noise = command.noise;
    f.load.seed = command.seed;
    const auto numbers = [](const std::vector<std::size_t>& from_one) {
        std::vector<std::size_t> from_nought;
        for (const std::size_t number : from_one)
            from_nought.push_back(number - 1);
        return from_nought;
    };
    f.load.smudged = numbers(command.smudged);
    f.load.missing = numbers(command.missing);
    f.print.pose.stretch_x = 1 + command.stretch.front() / 100;
    f.print.pose.stretch_y = 1 + command.stretch.back() / 100;
    f.print.ink_spread = command.ink_spread;
    f.machine.blade_offset = command.blade.value_or(ticket.document->material.blade_offset);
    f.machine.backlash = command.backlash;
    const bool has_marks = !ticket.pages.front().marks.empty();
    setup.method =
        value_of<MarkMethod>(command.method).value_or(has_marks ? MarkMethod::sensor : MarkMethod::paper_edge);
    return setup;
}

nlohmann::json page_json(const Rehearsal& r, const Ticket& ticket, const SlipSheet& slips,
                         const RehearseCommand& command) {
    nlohmann::json page{{"accepted", r.registration.accepted},
                        {"reason", r.registration.reason.english()},
                        {"marks_found", r.registration.marks_found},
                        {"fit", fit_json(r.registration, ticket.paper)},
                        {"residuals_mm", r.registration.residuals},
                        {"worst_error_mm", nullptr},
                        {"copies", slips.size()},
                        {"faulty_copies", nullptr}};
    if (r.registration.accepted) {
        page["worst_error_mm"] = r.judgement.worst_error;
        page["faulty_copies"] = r.faulty.size();
        nlohmann::json& faulty = page["faulty"] = nlohmann::json::array(); // by their place among the ticket's copies
        const auto& copies = ticket.document->placements;
        for (const CopyId id : r.faulty)
            faulty.push_back(std::ranges::find(copies, id, &Placement::id) - copies.begin());
        page["cut_mm"] = r.job.cut_mm;
        page["travel_mm"] = r.job.travel_mm;
        page["cutting_s"] =
            seconds_to_cut(r.job, ticket.paper, ticket.document->sheet.cutter, ticket.document->material);
    }
    nlohmann::json& bears = page["damaged_by_slip"] = nlohmann::json::array();
    for (const double mm : {0.2, 0.4, 0.6, 0.8, 1.0})
        bears.push_back({mm, slips.damaged_by(mm)});
    if (command.slips > 0) {
        const auto chances = slips.chances({}, command.slips, command.seed);
        page["slips"] = {{"sheets", command.slips}, {"mean_damaged", chances.mean}, {"all_good", chances.all_good}};
    }
    return page;
}

/// All pages as one: accepted when all are, the worst of the errors, the sum of the copies. The rest is the first's, or
/// the first's that was refused.
nlohmann::json whole_json(const nlohmann::json& pages) {
    nlohmann::json whole = pages.front();
    for (const auto& page : pages)
        if (!page["accepted"].get<bool>()) {
            whole = page;
            break;
        }
    std::size_t copies = 0, faulty = 0;
    double worst = 0;
    for (const auto& page : pages) {
        copies += page["copies"].get<std::size_t>();
        if (page["accepted"].get<bool>()) {
            faulty += page["faulty_copies"].get<std::size_t>();
            worst = std::max(worst, page["worst_error_mm"].get<double>());
        }
    }
    whole["copies"] = copies;
    if (whole["accepted"].get<bool>()) {
        whole["faulty_copies"] = faulty;
        whole["worst_error_mm"] = worst;
    }
    whole["pages"] = pages;
    return whole;
}

Outcome write_picture(const Rehearsal& r, Size paper, const LoadFaults& load, const RehearseCommand& command,
                      std::size_t page) {
    const int width = static_cast<int>(std::lround(paper.width / 25.4 * command.png_dpi));
    const QImage sheet = r.printed.scaledToWidth(width, Qt::SmoothTransformation);
    PracticeFaults loaded; // the cut as it lies on the paper, wherever that lay in the machine
    loaded.load = load;
    QByteArray bytes;
    QBuffer buffer(&bytes);
    cut_sheet(sheet, paper, r.traces, true_place(loaded, paper).inverted()).save(&buffer, "PNG");
    return write_file(QString::fromStdString(page_file(command.png, page)), bytes);
}

} // namespace

ExitCode run(const RehearseCommand& command) {
    if (const Outcome fine =
            check_outputs({command.project}, {{"--png", command.png, true}, {"--report", command.report}});
        !fine)
        return fine.problem();
    auto document = opened_project(command.project);
    if (!document)
        return document.problem();
    if (document->placements.empty())
        return Problem{"“{project}” has no copies on its sheet, so there is nothing to rehearse."_said.with(
            "project", command.project)};
    Planner planner;
    Ticket ticket;
    if (command.ticket.empty()) {
        ticket = frozen(*document, *planner.plan(as_printed(*document)), "");
    } else {
        const auto known = find_ticket(*document, command.ticket);
        if (!known)
            return Problem{"There is no ticket {ticket} in “{project}”."_said.with("ticket", command.ticket)
                               .with("project", command.project)};
        ticket = *known;
    }
    for (const auto* numbers : {&command.smudged, &command.missing})
        for (const std::size_t number : *numbers)
            if (number < 1 || number > ticket.pages.front().marks.size())
                return Problem{"The sheet has {marks} marks, numbered from 1."_said.with(
                    "marks", ticket.pages.front().marks.size())};
    for (const double percent : command.stretch)
        if (!(std::abs(percent) <= 20))
            return Problem{"--stretch takes up to 20 percent either way."_said};
    for (const double mm : command.shift)
        if (!(std::abs(mm) <= 1000))
            return Problem{"--shift takes up to 1000 mm either way."_said};
    const auto plan = planner.plan(as_printed(*ticket.document));
    const QByteArray pdf = for_practice(with_code(*plan, *ticket.document, ticket.code), setup_of(command, ticket).dpi);
    nlohmann::json pages = nlohmann::json::array();
    for (std::size_t page = 0; page < ticket.pages.size(); ++page) {
        const SlipSheet slips(*plan, page, planner);
        const RehearsalSetup setup = setup_of(command, ticket);
        const auto rehearsed = rehearse(pdf, page, ticket, slips, setup);
        if (!rehearsed)
            return rehearsed.problem();
        pages.push_back(page_json(*rehearsed, ticket, slips, command));
        if (!command.png.empty())
            if (const Outcome written = write_picture(*rehearsed, ticket.paper, setup.faults.load, command, page);
                !written)
                return written.problem();
    }
    const nlohmann::json report = whole_json(pages);
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return report["accepted"].get<bool>() && report["faulty_copies"].get<std::size_t>() == 0 ? 0 : 1;
}

} // namespace fusuma
