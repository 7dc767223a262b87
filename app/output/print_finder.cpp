#include "app/output/print_finder.h"

#include "devices/practice/practice_sheet.h"

#include <algorithm>

namespace fusuma::app {

using Stage = RunStage::Stage;

void PrintFinder::set_method(MarkMethod method) {
    if (stage.is_cutting() || method == how)
        return;
    how = method;
    if (printed.ticket() && stage.now() > Stage::loading)
        load();
    emit stage.changed();
}

void PrintFinder::load() {
    if (!printed.ticket() || stage.is_cutting() || stage.now() < Stage::printed)
        return;
    found = {};
    emit loading();
    look_for_marks();
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
        [this](Seen result) {
            seen = std::move(result.scan);
            found = std::move(result.registration);
            if (how == MarkMethod::by_hand) {
                begin_pointing();
                return;
            }
            if (how == MarkMethod::paper_edge) {
                found.accepted = true;
                found.reason = "Found by the paper's edge: nothing checks where the print lies.";
            }
            judge_found();
        },
        [this] { stage.enter(Stage::printed); });
}

void PrintFinder::judge_found() {
    if (found.accepted)
        emit accepted();
    else
        stage.enter(Stage::refused);
}

void PrintFinder::accept_found() {
    if (stage.now() != Stage::refused || found.marks_found < 3)
        return;
    const auto& marks = printed.ticket_page().marks;
    RegistrationLimits limits;
    limits.may_be_missing = marks.size() - 3;
    const Registration again = locate(marks, find_spots(*seen, marks), limits);
    if (!again.accepted)
        return;
    found = again;
    emit accepted();
}

void PrintFinder::begin_pointing() {
    const auto& marks = printed.ticket_page().marks;
    if (marks.size() < 3) {
        found.reason = "This sheet has fewer than three marks to point at.";
        stage.enter(Stage::refused);
        return;
    }
    shown_marks.assign(marks.size(), std::nullopt);
    next_mark = 0;
    hand = marks.front().centre;
    stage.enter(Stage::pointing);
}

void PrintFinder::move_pointer(Point to) {
    constexpr double around = 20; // mm of bed round the paper that the pointer reaches
    const Size paper = printed.ticket()->paper;
    hand = {std::clamp(to.x, -around, paper.width + around), std::clamp(to.y, -around, paper.height + around)};
    emit stage.changed();
}

void PrintFinder::take_mark() {
    if (stage.now() != Stage::pointing)
        return;
    shown_marks[next_mark] = hand;
    skip_mark();
}

void PrintFinder::skip_mark() {
    if (stage.now() != Stage::pointing)
        return;
    const auto& marks = printed.ticket_page().marks;
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
    emit stage.changed();
}

void PrintFinder::end_pointing() {
    if (stage.now() != Stage::pointing)
        return;
    found = located_by_hand(printed.ticket_page().marks, shown_marks);
    judge_found();
}

} // namespace fusuma::app
