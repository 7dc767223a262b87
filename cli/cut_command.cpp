#include "cli/report.h"
#include "core/plan/ticket.h"
#include "devices/cutter/cut_sender.h"
#include "formats/basics/file.h"
#include "formats/cut_files/machine_code.h"
#include "formats/project/project_file.h"

#include <QEventLoop>
#include <QTimer>
#include <array>
#include <charconv>
#include <csignal>

namespace fusuma {

namespace {

/// "12.5,-3", or none.
Result<std::optional<Point>> place_from(const std::string& text) {
    if (text == "none")
        return std::optional<Point>();
    Point place;
    const char *at = text.data(), *end = at + text.size();
    const auto number = [&](double& into) {
        const auto [after, error] = std::from_chars(at, end, into, std::chars_format::fixed);
        const bool is_good = error == std::errc{} && std::abs(into) <= 1e5;
        at = after;
        return is_good;
    };
    if (number(place.x) && at != end && *at++ == ',' && number(place.y) && at == end)
        return std::optional<Point>(place);
    return Problem{"--marks {words}: give X,Y in mm, such as 12.5,280, or none."_said.with("words", text)};
}

Result<FoundPrint> find_print(const CutCommand& command, const LoadedSheet& sheet, const std::vector<Mark>& marks) {
    if (command.marks.empty())
        return sheet.by_edge();
    if (command.marks.size() > marks.size())
        return Problem{
            "--marks gives {marks} places, but the sheet has {marks2} marks."_said.with("marks", command.marks.size())
                .with("marks2", marks.size())};
    std::vector<std::optional<Point>> pointed;
    for (const std::string& text : command.marks) {
        const auto place = place_from(text);
        if (!place)
            return place.problem();
        pointed.push_back(*place);
    }
    return sheet.by_hand(marks, pointed);
}

volatile std::sig_atomic_t is_asked_to_stop = 0;

/// While it lives, Ctrl+C and SIGTERM do not end the program with the blade down.
class StopSigns {
  public:
    StopSigns() {
        is_asked_to_stop = 0;
        for (std::size_t i = 0; i < signs.size(); ++i)
            before[i] = std::signal(signs[i], [](int) { is_asked_to_stop = 1; });
    }
    ~StopSigns() {
        for (std::size_t i = 0; i < signs.size(); ++i)
            std::signal(signs[i], before[i]);
    }
    StopSigns(const StopSigns&) = delete;
    StopSigns& operator=(const StopSigns&) = delete;

  private:
    static constexpr std::array signs{SIGINT, SIGTERM, SIGHUP};
    std::array<void (*)(int), signs.size()> before{};
};

/// Sends the job and waits for its end. A Problem tells how far it came.
Outcome send(const MachineJob& job, std::size_t& lines_cut) {
    CutterLink link;
    CutSender sender(link);
    QEventLoop loop;
    QString ended;
    QObject::connect(&sender, &CutSender::finished, &loop, &QEventLoop::quit);
    QObject::connect(&sender, &CutSender::dropped, &loop, [&](const QString& why) {
        ended = why;
        loop.quit();
    });
    const StopSigns signs;
    QTimer look;
    QObject::connect(&look, &QTimer::timeout, &loop, [&] {
        if (!is_asked_to_stop)
            return;
        look.stop();
        sender.stop();
        ended = QStringLiteral("Stopped, with the blade up.");
        constexpr int last_words_ms = 600;
        QTimer::singleShot(last_words_ms, &loop, &QEventLoop::quit);
    });
    constexpr int look_ms = 20;
    look.start(look_ms);
    sender.start(job);
    loop.exec();
    lines_cut = sender.runs_done();
    if (ended.isEmpty())
        return Done{};
    return Problem{
        Said::verbatim(ended.toStdString()),
        "{lines_cut} of {runs} lines are cut. With -o FILE nothing is sent."_said.with("lines_cut", lines_cut)
            .with("runs", sender.runs())};
}

} // namespace

ExitCode run(const CutCommand& command) {
    if (const Outcome fine =
            check_outputs({command.project, command.machine}, {{"--out", command.out}, {"--report", command.report}});
        !fine)
        return fine.problem();
    const auto document = opened_project(command.project);
    if (!document)
        return document.problem();
    const auto ticket = ticket_of(command.project, command.ticket, *document);
    if (!ticket)
        return ticket.problem();
    const auto machine = machine_from(command.machine);
    if (!machine)
        return machine.problem();
    const std::size_t pages = (*ticket)->pages.size();
    if (static_cast<std::size_t>(command.page) > pages)
        return Problem{
            "Ticket {code} has %n pages."_said.counted(static_cast<std::size_t>(pages), "Ticket {code} has %n page.")
                .with("code", (*ticket)->code)};
    const Ticket::Page& page = (*ticket)->pages[static_cast<std::size_t>(command.page) - 1];

    const LoadedSheet sheet(std::make_shared<const Machine>(*machine), (*ticket)->paper);
    auto print = find_print(command, sheet, page.marks);
    if (!print)
        return print.problem();
    print->nudge({command.nudge[0], command.nudge[1]});
    const Registration& found = print->registration();
    nlohmann::json report{{"machine", machine->name},
                          {"ticket", (*ticket)->code},
                          {"page", command.page},
                          {"accepted", found.accepted},
                          {"reason", found.reason.english()},
                          {"marks_found", found.marks_found},
                          {"fit", fit_json(found, (*ticket)->paper, paper_on_bed(*machine, (*ticket)->paper))},
                          {"residuals_mm", found.residuals}};
    if (found.accepted) {
        const MachineJob job = print->job(page.cuts, (*ticket)->document->sheet.cutter, (*ticket)->document->material);
        if (const Outcome fine = check_reach(job, *(*ticket)->document); !fine)
            return fine.problem();
        report["lines"] = job.cut().runs.size();
        report["cut_mm"] = job.cut().cut_mm;
        report["travel_mm"] = job.cut().travel_mm;
        report["cutting_s"] = job.seconds();
        if (!command.out.empty())
            if (const Outcome written =
                    write_file(QString::fromStdString(command.out), QByteArray::fromStdString(machine_code(job)));
                !written)
                return written.problem();
        if (command.out.empty()) {
            std::size_t lines_cut = 0;
            const Outcome sent = send(job, lines_cut);
            if (!sent)
                return sent.problem();
            report["lines_cut"] = lines_cut;
        }
    }
    if (const Outcome written = write_report(report, command.report); !written)
        return written.problem();
    return found.accepted ? 0 : 1;
}

} // namespace fusuma
