#include "app/output/output_job.h"

#include "devices/practice_printer.h"
#include "devices/practice_sheet.h"
#include "formats/pdf.h"

#include <QDateTime>
#include <algorithm>

namespace fusuma::app {

namespace {
constexpr double printer_dpi = 300;
constexpr double unhurried_mm_per_s = 250;
} // namespace

OutputJob::OutputJob(Session& project) : session(project), cutter(unhurried_mm_per_s), sender(this) {
    hpgl.asks_back = true; // the practice cutter answers
    connect(&cutter, &PracticeCutter::advanced, this, &OutputJob::changed);
    connect(&cutter, &PracticeCutter::finished, this, [this] {
        if (is_practice() && sender.state() == CutSender::State::done)
            enter(Stage::cut);
    });
    connect(&cutter, &PracticeCutter::refused, &session, &Session::problem);
    connect(&sender, &CutSender::changed, this, &OutputJob::changed);
    connect(&sender, &CutSender::finished, this, [this] {
        if (!is_practice() || cutter.progress() >= 1)
            enter(Stage::cut);
    });
    connect(&sender, &CutSender::dropped, this, [this](const QString& why) {
        emit session.problem(tr("%1 %2 of %3 lines are cut. Go on when it is back.")
                                 .arg(why)
                                 .arg(sender.runs_done())
                                 .arg(sender.runs()));
        enter(Stage::dropped);
    });
    connect(&session, &Session::worked_out, this, [this] {
        if (is_wanted)
            freeze_soon();
    });
    connect(&session, &Session::project_changed, this, [this] {
        is_wanted = false;
        if (in_hand && !find_ticket(session.document(), in_hand->code))
            put_down();
    });
    connect(&session, &Session::changed, this, [this] {
        if (in_hand && !is_cutting() && !find_ticket(session.document(), in_hand->code))
            put_down();
        if (now == Stage::found && session.document().material != planned_for)
            plan_cut();
    });
}

OutputJob::~OutputJob() {
    workers.waitForDone();
}

void OutputJob::enter(Stage next) {
    now = next;
    emit changed();
}

template <typename Work, typename Use> void OutputJob::in_background(Work&& work, Use&& use) {
    const std::uint64_t mine = ++run;
    workers.start([this, mine, work = std::forward<Work>(work), use = std::forward<Use>(use)] {
        auto result = work();
        QMetaObject::invokeMethod(this, [this, mine, use, result = std::move(result)]() mutable {
            if (mine == run)
                use(std::move(result));
        });
    });
}

std::vector<std::string> OutputJob::changes() const {
    return in_hand ? changes_since(*in_hand, session.document()) : std::vector<std::string>{};
}

std::shared_ptr<const JobPlan> OutputJob::freeze() {
    const Snapshot& snapshot = session.snapshot();
    if (is_cutting() || !snapshot.plan || snapshot.document.placements.empty() || !session.is_settled())
        return nullptr;
    const Ticket ticket =
        frozen(snapshot.document, *snapshot.plan, QDateTime::currentDateTime().toString(Qt::ISODate).toStdString());
    session.add_ticket(ticket);
    take(find_ticket(session.document(), ticket.code));
    return printed_plan;
}

void OutputJob::freeze_soon() {
    is_wanted = !session.is_settled();
    if (!is_wanted)
        freeze();
}

void OutputJob::take(const std::shared_ptr<const Ticket>& ticket) {
    if (is_cutting() || !ticket)
        return;
    in_hand = ticket;
    shown_page = 0;
    printed_plan = std::make_shared<const JobPlan>(
        with_code(*session.working_out().plan(*ticket->document), *ticket->document, ticket->code));
    print_for_practice();
}

void OutputJob::put_down() {
    ++run;
    in_hand.reset();
    printed_plan.reset();
    printed_sheet = {};
    enter(Stage::nothing);
}

void OutputJob::go_to_page(int page) {
    if (is_cutting() || page < 0 || page >= pages() || page == shown_page)
        return;
    shown_page = page;
    print_for_practice();
}

void OutputJob::print_for_practice() {
    enter(Stage::printing);
    struct Printed {
        Result<QImage> sheet;
        std::shared_ptr<const SlipSheet> slips;
    };
    in_background(
        [plan = printed_plan, page = shown_page, faults = wrong.print, &evaluator = session.working_out()] {
            auto sheet = practice_print(QByteArray::fromStdString(print_pdf(*plan, {.with_cut_lines = false})),
                                        printer_dpi, page);
            if (sheet)
                *sheet = with_faults(*sheet, plan->paper, faults);
            return Printed{std::move(sheet),
                           std::make_shared<const SlipSheet>(*plan, static_cast<std::size_t>(page), evaluator)};
        },
        [this](Printed printed) {
            if (!printed.sheet) {
                emit session.problem(QString::fromStdString(printed.sheet.problem().text()));
                put_down();
                return;
            }
            printed_sheet = *printed.sheet;
            slips = printed.slips;
            enter(Stage::printed);
        });
}

void OutputJob::set_faults(const PracticeFaults& what) {
    if (is_cutting() || what == wrong)
        return;
    const bool prints_anew = what.print != wrong.print;
    wrong = what;
    if (in_hand && prints_anew)
        print_for_practice();
    else if (in_hand && now > Stage::printed)
        enter(Stage::printed);
}

void OutputJob::set_method(MarkMethod method) {
    if (is_cutting() || method == how)
        return;
    how = method;
    if (in_hand && now > Stage::loading)
        load();
    emit changed();
}

Transform OutputJob::sheet_place() const {
    PracticeFaults laid = wrong;
    laid.print = {};
    return true_place(laid, in_hand ? in_hand->paper : Size{});
}

Transform OutputJob::place() const {
    return true_place(wrong, in_hand ? in_hand->paper : Size{});
}

void OutputJob::load() {
    if (!in_hand || is_cutting() || now < Stage::printed)
        return;
    found = {};
    cutter.set_faults(wrong.machine, in_hand->paper);
    look_for_marks();
}

void OutputJob::look_for_marks() {
    enter(Stage::loading);
    struct Seen {
        std::shared_ptr<const Scan> scan;
        Registration registration;
    };
    in_background(
        [sheet = printed_sheet, paper = in_hand->paper, marks = ticket_page().marks, faults = wrong, method = how] {
            Seen result{std::make_shared<const Scan>(practice_scan(sheet, paper, marks, faults.print, faults.load)),
                        {}};
            if (method == MarkMethod::sensor)
                result.registration = locate(marks, find_spots(*result.scan, marks));
            return result;
        },
        [this](Seen result) {
            seen = std::move(result.scan);
            found = std::move(result.registration);
            if (how == MarkMethod::by_hand) {
                if (ticket_page().marks.size() < 3) {
                    found.reason = "This sheet has fewer than three marks to point at.";
                    enter(Stage::refused);
                    return;
                }
                shown_marks.assign(ticket_page().marks.size(), std::nullopt);
                next_mark = 0;
                hand = ticket_page().marks.front().centre;
                enter(Stage::pointing);
                return;
            }
            if (how == MarkMethod::paper_edge) {
                found.accepted = true;
                found.reason = "Found by the paper's edge: nothing checks where the print lies.";
            }
            if (found.accepted)
                plan_cut();
            else
                enter(Stage::refused);
        });
}

void OutputJob::accept_found() {
    if (now != Stage::refused || found.marks_found < 3)
        return;
    RegistrationLimits limits;
    limits.may_be_missing = ticket_page().marks.size() - 3;
    const Registration again = locate(ticket_page().marks, find_spots(*seen, ticket_page().marks), limits);
    if (!again.accepted)
        return;
    found = again;
    plan_cut();
}

void OutputJob::move_pointer(Point to) {
    constexpr double around = 20; // mm of bed round the paper that the pointer reaches
    hand = {std::clamp(to.x, -around, in_hand->paper.width + around),
            std::clamp(to.y, -around, in_hand->paper.height + around)};
    emit changed();
}

void OutputJob::take_mark() {
    if (now != Stage::pointing)
        return;
    shown_marks[next_mark] = hand;
    skip_mark();
}

void OutputJob::skip_mark() {
    if (now != Stage::pointing)
        return;
    const auto& marks = ticket_page().marks;
    if (++next_mark >= marks.size()) {
        end_pointing();
        return;
    }
    // Off to where the next one should be, by what the marks so far tell.
    const auto so_far = located_by_hand(marks, shown_marks, {.residual = 5});
    Point by;
    for (std::size_t i = 0; i < marks.size(); ++i)
        if (shown_marks[i])
            by = *shown_marks[i] - marks[i].centre;
    hand = so_far.accepted ? so_far.fit.apply(marks[next_mark].centre) : marks[next_mark].centre + by;
    emit changed();
}

void OutputJob::end_pointing() {
    if (now != Stage::pointing)
        return;
    found = located_by_hand(ticket_page().marks, shown_marks);
    if (found.accepted)
        plan_cut();
    else
        enter(Stage::refused);
}

CuttingSetup OutputJob::setup() const {
    return {session.document().sheet.cutter, session.document().material, found.fit};
}

void OutputJob::plan_cut() {
    enter(Stage::loading);
    planned_for = session.document().material;
    struct Planned {
        std::shared_ptr<const CutJob> job;
        std::shared_ptr<const std::vector<CutTrace>> traces;
        Judgement judgement;
        double seconds = 0;
        std::vector<std::size_t> faulty;
    };
    in_background(
        [page = ticket_page(), paper = in_hand->paper, with = setup(), truly = place(), faults = wrong.machine,
         check = slips] {
            Planned result;
            result.job =
                std::make_shared<const CutJob>(cut_page(page.cuts, paper, with.cutter, with.material, with.fit));
            result.traces = std::make_shared<const std::vector<CutTrace>>(
                cut_by_practice(*result.job, with.material, paper, faults));
            result.seconds = seconds_to_cut(*result.job, paper, with.cutter, with.material);
            result.judgement = judge(*result.job, *result.traces, paper, with, truly, faults);
            result.faulty = check->damaged(result.judgement.moved);
            return result;
        },
        [this](Planned result) {
            planned = std::move(result.job);
            foreseen = std::move(result.traces);
            expected = result.judgement;
            expected_seconds = result.seconds;
            expected_faulty = std::move(result.faulty);
            cutter.load();
            enter(Stage::found);
        });
}

Result<CutterAddress> OutputJob::address() {
    if (address_text.isEmpty()) {
        if (cutter.port() == 0)
            if (const Outcome listening = cutter.listen(0); !listening)
                return listening.problem();
        return CutterAddress{CutterAddress::Kind::tcp, QStringLiteral("127.0.0.1"), cutter.port()};
    }
    if (address_text == serial_address) {
        if (serial_name.isEmpty()) {
            auto name = cutter.open_serial();
            if (!name)
                return name.problem();
            serial_name = *name;
        }
        return CutterAddress{CutterAddress::Kind::serial, serial_name, 9600};
    }
    return parse_cutter_address(address_text);
}

void OutputJob::start_cutting() {
    if (now != Stage::found && now != Stage::cut)
        return;
    const auto to = address();
    if (!to) {
        emit session.problem(QString::fromStdString(to.problem().text()));
        return;
    }
    cutter.set_faults(wrong.machine, in_hand->paper);
    enter(Stage::cutting);
    HpglOptions options = hpgl;
    options.asks_back = options.asks_back || is_practice();
    sender.start(*to, {*planned, session.document().material, in_hand->paper, options});
}

void OutputJob::pause() {
    if (now != Stage::cutting)
        return;
    sender.pause();
    enter(Stage::paused);
}

void OutputJob::go_on() {
    if (now != Stage::paused && now != Stage::dropped)
        return;
    enter(Stage::cutting);
    sender.go_on();
}

void OutputJob::stop_cutting() {
    if (!is_cutting())
        return;
    sender.stop();
    cutter.stop();
    enter(Stage::printed); // a half-cut sheet is laid in again
}

QString minutes(double seconds) {
    const int whole = static_cast<int>(std::lround(seconds));
    return whole < 60 ? OutputJob::tr("%1 s").arg(whole)
                      : OutputJob::tr("%1 min %2 s").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

} // namespace fusuma::app
