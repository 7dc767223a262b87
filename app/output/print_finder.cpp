#include "app/output/print_finder.h"

#include "core/photo/find_print.h"
#include "devices/practice/practice_sheet.h"
#include "formats/picture/picture_read.h"

#include <algorithm>

namespace fusuma::app {

using Stage = RunStage::Stage;

PrintFinder::PrintFinder(Model& project, RunStage& run_stage, LatestOnly& background, PrintedSheet& sheet,
                         const PracticeFaults& practice_faults, ChosenMachine& chosen)
    : model(project), stage(run_stage), work(background), printed(sheet), faults(practice_faults), machine(chosen) {
    if (!has_sensor())
        how = MarkMethod::by_hand;
    connect(&machine, &ChosenMachine::changed, this, [this] {
        unload(); // it lies in another machine, or in one that is spoken to in another way
        if (!has_sensor() && how == MarkMethod::sensor)
            how = MarkMethod::by_hand;
        if (stage.now() > Stage::printed && !stage.is_cutting())
            stage.enter(Stage::printed);
        emit stage.changed();
    });
    connect(&stage, &RunStage::changed, this, [this] {
        if (stage.now() < Stage::printed && loaded)
            unload(); // another sheet, or none
    });
    connect(&machine.head, &MachineHead::moved, this, [this] {
        if (stage.now() != Stage::pointing || machine.head.is_moving())
            return;
        hand = in_place(machine.head.place());
        if (std::exchange(takes_on_arrival, false))
            take_here();
        emit stage.changed();
    });
    connect(&machine.head, &MachineHead::dropped, this, [this](const QString& why) {
        emit model.messages.problem(why);
        if (stage.now() != Stage::pointing)
            return;
        unload();
        stage.enter(Stage::printed);
    });
}

void PrintFinder::unload() {
    machine.release(); // for whoever else wants its line
    ++loading_number;
    loaded.reset();
    found.reset();
    shown = {};
    kept = {};
    takes_on_arrival = false;
}

Transform PrintFinder::to_bed() const {
    return loaded ? paper_on_bed(loaded->machine(), printed.ticket()->paper) : Transform{};
}

Point PrintFinder::on_machine(Point place) const {
    return to_bed().then(bed_of(loaded->machine()).inverted()).apply(place) - loaded->machine().light;
}

Point PrintFinder::in_place(Point on_machine) const {
    return bed_of(loaded->machine()).then(to_bed().inverted()).apply(on_machine + loaded->machine().light);
}

void PrintFinder::set_method(MarkMethod method) {
    if (stage.is_cutting() || method == how || (method == MarkMethod::sensor && !has_sensor()))
        return;
    how = method;
    const bool has_seen_some = method == MarkMethod::by_hand && stage.now() == Stage::refused && loaded &&
                               shown.marks_found > 0 && shown.marks_found < shown.found.size();
    if (has_seen_some)
        begin_pointing(std::vector(shown.found));
    else if (printed.ticket() && stage.now() > Stage::loading)
        load();
    emit stage.changed();
}

bool PrintFinder::lay_in() {
    if (!printed.ticket() || stage.is_cutting() || stage.now() < Stage::printed)
        return false;
    unload();
    const auto profile = machine.profile(printed.ticket()->paper);
    if (!profile)
        return false;
    loaded.emplace(profile, printed.ticket()->paper);
    seen = std::make_shared<const Scan>();
    emit loading();
    return true;
}

void PrintFinder::load() {
    if (!lay_in())
        return;
    if (machine.is_practice()) {
        look_for_marks();
        return;
    }
    if (how == MarkMethod::paper_edge)
        judge(loaded->by_edge());
    else
        begin_pointing();
}

void PrintFinder::look_for_marks() {
    stage.enter(Stage::loading);
    struct Seen {
        std::shared_ptr<const Scan> scan;
        Registration registration;
    };
    work.start(
        [sheet = printed.picture(), paper = printed.ticket()->paper, marks = printed.ticket_page().marks,
         wrong = faults, method = how] {
            Seen result{std::make_shared<const Scan>(practice_scan(sheet, paper, marks, wrong.print, wrong.load)), {}};
            if (method == MarkMethod::sensor)
                result.registration = locate(marks, find_spots(*result.scan, marks));
            return result;
        },
        [this, mine = loading_number](Seen result) {
            if (mine != loading_number)
                return;
            seen = std::move(result.scan);
            if (how == MarkMethod::by_hand)
                begin_pointing();
            else
                judge(how == MarkMethod::paper_edge ? loaded->by_edge()
                                                    : loaded->by_sensor(std::move(result.registration)));
        },
        [this, mine = loading_number] {
            if (mine == loading_number)
                stage.enter(Stage::printed);
        });
}

void PrintFinder::load_photographed(const QString& path) {
    if (machine.is_practice() || !lay_in())
        return;
    stage.enter(Stage::loading);
    work.start(
        [path, marks = printed.ticket_page().marks, machine_there = loaded->machine()] {
            Registration seen_by_it;
            const auto photo = read_picture(path);
            const auto print = photo
                                   ? fusuma::find_print(*(*photo)->pixels.get(), usual_boards(), marks, known_camera(**photo))
                                   : Result<PhotographedPrint>(photo.problem());
            if (!print) {
                seen_by_it.reason = print.problem().said();
                return seen_by_it;
            }
            // The board's places are the bed's.
            const Transform on_bed = paper_on_bed(machine_there, print->board.board.paper);
            seen_by_it = print->registration;
            seen_by_it.fit = seen_by_it.fit.then(on_bed);
            for (auto& mark : seen_by_it.found)
                if (mark)
                    mark = on_bed.apply(*mark);
            return seen_by_it;
        },
        [this, mine = loading_number](Registration registration) {
            if (mine == loading_number)
                judge(loaded->by_sensor(std::move(registration)));
        },
        [this, mine = loading_number] {
            if (mine == loading_number)
                stage.enter(Stage::printed);
        });
}

void PrintFinder::judge(FoundPrint print) {
    shown = print.registration();
    const Transform to_place = to_bed().inverted();
    shown.fit = shown.fit.then(to_place);
    for (auto& mark : shown.found)
        if (mark)
            mark = to_place.apply(*mark);
    found = std::move(print);
    if (shown.accepted)
        emit accepted();
    else
        stage.enter(Stage::refused);
}

void PrintFinder::accept_found() {
    if (stage.now() != Stage::refused || shown.marks_found < 3 || !loaded || !machine.is_practice())
        return;
    const auto& marks = printed.ticket_page().marks;
    RegistrationLimits limits;
    limits.may_be_missing = marks.size() - 3;
    Registration again = locate(marks, find_spots(*seen, marks), limits);
    if (again.accepted)
        judge(loaded->by_sensor(std::move(again)));
}

void PrintFinder::nudge(Point by) {
    if (!found || stage.is_cutting())
        return;
    found->nudge(by);
    emit accepted();
}

void PrintFinder::keep_nudge() {
    const Machine* own = machine.own();
    if (!own || !found)
        return;
    Machine corrected = *own;
    corrected.shift = corrected.shift + found->nudged_by() - kept;
    kept = found->nudged_by();
    machine.learn(corrected);
    emit stage.changed();
    emit model.messages.note(
        tr("Cuts on “%1” are moved by that from now on; this sheet has it already.").arg(machine.name()));
}

void PrintFinder::begin_pointing(const std::vector<std::optional<Point>>& seen_marks) {
    const auto& marks = printed.ticket_page().marks;
    if (marks.size() < 3) {
        shown.reason = "This sheet has fewer than three marks to point at."_said;
        stage.enter(Stage::refused);
        return;
    }
    pointed_at.assign(marks.size(), std::nullopt);
    shown_marks.assign(marks.size(), std::nullopt);
    to_point.clear();
    asked = 0;
    for (std::size_t i = 0; i < marks.size(); ++i)
        if (i < seen_marks.size() && seen_marks[i]) {
            shown_marks[i] = seen_marks[i];
            pointed_at[i] = on_machine(*seen_marks[i]) + loaded->machine().light;
        } else {
            to_point.push_back(i);
        }
    if (has_head())
        machine.head.take_over(loaded->machine(), &loaded->loading());
    stage.enter(Stage::pointing);
    go_to_wanted();
}

/// Off to where the wanted mark should be, by what the marks so far tell.
void PrintFinder::go_to_wanted() {
    const auto& marks = printed.ticket_page().marks;
    const bool knows_some = std::ranges::any_of(pointed_at, [](const auto& p) { return p.has_value(); });
    const Point nominal = marks[wanted_mark()].centre;
    move_pointer(knows_some ? in_place(loaded->expected(nominal, marks, pointed_at) - loaded->machine().light)
                            : nominal);
}

void PrintFinder::move_pointer(Point to) {
    constexpr double around = 20; // mm of bed round the paper that the practice pointer reaches
    if (has_head()) {
        const Transform from_bed = to_bed().inverted();
        const Size bed = loaded->machine().bed;
        const Point low = from_bed.apply({0, 0}), high = from_bed.apply({bed.width, bed.height});
        hand = {std::clamp(to.x, low.x, high.x), std::clamp(to.y, low.y, high.y)};
        machine.head.go_to(on_machine(hand));
    } else {
        const Size paper = printed.ticket()->paper;
        hand = {std::clamp(to.x, -around, paper.width + around), std::clamp(to.y, -around, paper.height + around)};
    }
    emit stage.changed();
}

void PrintFinder::step_pointer(Point by, bool is_held) {
    // A held key goes on once the head has come to where it was last sent, so that nothing is left to go when it is let
    // go.
    if (!is_held || !has_head() || !machine.head.is_moving())
        move_pointer(hand + by);
}

void PrintFinder::take_mark() {
    if (stage.now() != Stage::pointing)
        return;
    if (has_head() && machine.head.is_moving())
        takes_on_arrival = true;
    else
        take_here();
}

void PrintFinder::take_here() {
    shown_marks[wanted_mark()] = hand;
    pointed_at[wanted_mark()] = on_machine(hand) + loaded->machine().light;
    skip_mark();
}

void PrintFinder::skip_mark() {
    if (stage.now() != Stage::pointing)
        return;
    takes_on_arrival = false;
    if (asked + 1 >= to_point.size()) {
        end_pointing();
        return;
    }
    ++asked;
    go_to_wanted();
}

void PrintFinder::back_mark() {
    if (stage.now() != Stage::pointing || asked == 0)
        return;
    takes_on_arrival = false;
    --asked;
    shown_marks[wanted_mark()].reset();
    pointed_at[wanted_mark()].reset();
    go_to_wanted();
}

void PrintFinder::end_pointing() {
    if (stage.now() != Stage::pointing)
        return;
    machine.head.halt();
    judge(loaded->by_hand(printed.ticket_page().marks, pointed_at));
}

} // namespace fusuma::app
