#include "app/model/worked_edits.h"

#include "app/model/free_hands.h"
#include "app/model/in_background.h"
#include "formats/basics/in_words.h"

namespace fusuma::app {

WorkedEdits::WorkedEdits(Messages& told, Project& open_project, InHand& hand, WorkingOut& work)
    : messages(told), project(open_project), in_hand(hand), working_out(work) {
    worker.setMaxThreadCount(1);
    connect(&project, &Project::replaced, this, &WorkedEdits::stop);
}

WorkedEdits::~WorkedEdits() {
    stop();
    worker.waitForDone();
}

void WorkedEdits::start(const QString& label, const Make& make, const std::function<void()>& then) {
    waiting.push_back({label, make, then, project.generation()});
    if (waiting.size() == 1)
        work();
}

void WorkedEdits::stop() {
    if (!waiting.empty())
        waiting.front().stop.request_stop();
}

void WorkedEdits::work() {
    const Document now = project.document();
    done = -1;
    in_background(
        worker, this,
        [this, now, make = waiting.front().make, token = waiting.front().stop.get_token()] {
            return make(now, working_out.planner(), {.stop = token, .done = &done});
        },
        [this, now](const Result<Edited>& made) { once_hands_are_free(this, [this, made, now] { end(made, now); }); },
        [this](const QString& trouble) {
            if (!trouble.isEmpty())
                emit messages.problem(trouble);
            next();
        });
}

void WorkedEdits::end(Result<Edited> made, const Document& on) {
    const Wanted wanted = waiting.front();
    if (wanted.for_project != project.generation() || wanted.stop.stop_requested()) {
        next();
        return;
    }
    if (!(project.document() == on)) {
        work();
        return;
    }
    if (!made) {
        emit messages.problem(in_words(made.problem()));
    } else {
        if (!(made->document == on))
            project.edit(wanted.label, [&](const Document&) { return std::move(made->document); });
        in_hand.select(made->selection);
        if (wanted.then)
            wanted.then();
    }
    next();
}

void WorkedEdits::next() {
    do
        waiting.pop_front();
    while (!waiting.empty() && waiting.front().for_project != project.generation());
    if (!waiting.empty())
        work();
}

} // namespace fusuma::app
