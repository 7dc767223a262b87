#include "app/model/searches.h"

namespace fusuma::app {

Searches::Searches(Project& open_project, WorkingOut& work) : project(open_project), working_out(work) {
    connect(&project, &Project::edited, this, &Searches::stop); // what it looks for is no longer wanted
}

Searches::~Searches() {
    stop();
    worker.waitForDone();
}

void Searches::search(const QString& label, const Search& find) {
    if (searching)
        return;
    searching = true;
    version = working_out.version();
    words = label;
    done = 0;
    stop_source = std::stop_source();
    last_report.clear();
    emit searched();
    worker.start([this, find, now = project.document(), work = Work{stop_source.get_token(), &done}] {
        Searched result;
        try {
            result = find(now, working_out.planner(), work, [this](const Document& better) {
                QMetaObject::invokeMethod(this, [this, better] {
                    if (searching && version == working_out.version()) {
                        found_so_far = better;
                        emit searched();
                    }
                });
            });
        } catch (const Stopped&) { // before there was anything to keep
        }
        QMetaObject::invokeMethod(this, [this, result] {
            searching = false;
            found_so_far.reset();
            if (version == working_out.version()) {
                last_report = result.report;
                if (result.document && !(*result.document == project.document()))
                    project.edit(words, [&](const Document&) { return *result.document; });
            }
            emit searched();
        });
    });
}

} // namespace fusuma::app
