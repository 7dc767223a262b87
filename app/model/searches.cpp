#include "app/model/searches.h"

#include "app/model/free_hands.h"
#include "app/model/in_background.h"

namespace fusuma::app {

Searches::Searches(Messages& told, Project& open_project, WorkingOut& work)
    : messages(told), project(open_project), working_out(work) {
    connect(&project, &Project::edited, this, &Searches::drop);
}

Searches::~Searches() {
    stop();
    worker.waitForDone();
}

void Searches::drop() {
    stop();
    if (found_so_far) {
        found_so_far.reset();
        emit searched();
    }
}

void Searches::search(const QString& label, const Search& find) {
    if (searching)
        return;
    searching = true;
    version = working_out.version();
    for_project = project.generation();
    words = label;
    done = 0;
    stop_source = std::stop_source();
    last_report.clear();
    emit searched();
    in_background(
        worker, this,
        [this, find, now = project.document(), work = Work{stop_source.get_token(), &done}] {
            return find(now, working_out.planner(), work, [this](const Document& better) {
                QMetaObject::invokeMethod(this, [this, better] {
                    if (searching && version == working_out.version()) {
                        found_so_far = better;
                        emit searched();
                    }
                });
            });
        },
        [this](const Searched& result) { once_hands_are_free(this, [this, result] { end(result); }); },
        [this](const QString& trouble) { // asked to stop before there was anything to keep, or worse
            if (!trouble.isEmpty())
                emit messages.problem(trouble);
            end({});
        });
}

void Searches::end(const Searched& result) {
    searching = false;
    found_so_far.reset();
    if (version == working_out.version()) {
        last_report = result.report;
        if (result.document && !(*result.document == project.document()))
            project.edit(words, [&](const Document&) { return *result.document; });
    } else if (for_project == project.generation()) {
        last_report = tr("%1: the project was changed meanwhile, so nothing came of it.").arg(words);
    }
    emit searched();
}

} // namespace fusuma::app
