#include "app/model/project.h"

#include "app/model/free_hands.h"
#include "app/model/in_background.h"
#include "app/model/log.h"
#include "core/document/as_photographed.h"
#include "formats/basics/in_words.h"
#include "formats/project/project_file.h"
#include "formats/room/room.h"

#include <QFileInfo>

namespace fusuma::app {

Project::Project(Messages& told) : messages(told) {
    files.setMaxThreadCount(1);
}

Project::~Project() {
    files.waitForDone();
}

void Project::edit(const QString& label, const Edit& change, const QString& stroke) {
    Document changed = as_photographed(change(document()));
    if (changed.placements.size() > std::max(most_copies, document().placements.size())) {
        emit messages.problem(tr("A project holds at most %L1 copies, and this would be %L2. Nothing was changed.")
                                  .arg(most_copies)
                                  .arg(changed.placements.size()));
        return;
    }
    history.apply(label.toStdString(), std::move(changed), stroke.toStdString());
    was_undone = false;
    emit edited();
}

void Project::undo() {
    history.undo();
    was_undone = true;
    emit edited();
}

void Project::redo() {
    history.redo();
    was_undone = false;
    emit edited();
}

void Project::take_back() {
    was_undone ? redo() : undo();
}

void Project::add_ticket(const Ticket& ticket) {
    const auto shared = std::make_shared<const Ticket>(ticket);
    history.in_every_step([&](Document& d) { d.tickets.push_back(shared); });
    emit edited();
}

void Project::count_cut(const std::string& code, const std::string& machine, const std::string& material) {
    history.in_every_step([&](Document& d) { d = with_sheet_cut(std::move(d), code, machine, material); });
    emit edited();
}

void Project::remove_ticket(const std::string& code) {
    history.in_every_step([&](Document& d) { d = with_ticket_removed(std::move(d), code); });
    emit edited();
}

void Project::open(const QString& path, const std::function<void(bool opened)>& then) {
    doing.push_back(tr("Opening “%1”").arg(QFileInfo(path).fileName()));
    struct Loaded {
        Result<Document> document;
        FileStamp stamp;
        Said left_out;
    };
    const auto use = [this, path, then](Loaded loaded) {
        doing.pop_front();
        qCInfo(files_log) << "opened" << static_cast<bool>(loaded.document) << path;
        if (loaded.document && !loaded.left_out.empty()) {
            // Without its path, so that saving does not write the smaller project over the larger one.
            adopt(std::move(*loaded.document), QFileInfo(path).completeBaseName());
            emit messages.note(in_words(loaded.left_out));
        } else if (loaded.document) {
            stamp = loaded.stamp;
            replace(std::move(*loaded.document), path, {});
        } else if (room::wants_more_time(loaded.document.problem())) {
            emit messages.time_wanted(in_words(loaded.document.problem().message), [this, path, then](bool again) {
                if (again)
                    open(path, then);
                else if (then)
                    then(false);
            });
            return;
        } else {
            emit messages.problem(in_words(loaded.document.problem()));
        }
        if (then)
            then(static_cast<bool>(loaded.document));
    };
    in_background(
        files, this,
        [path] {
            const FileStamp before = stamp_of(path); // so that what is written meanwhile is noticed later
            Said left_out;
            auto document = load_project(path, &left_out);
            return Loaded{std::move(document), before, std::move(left_out)};
        },
        [this, use](const Loaded& loaded) { once_hands_are_free(this, [use, loaded] { use(loaded); }); },
        [this, then](const QString& words) {
            doing.pop_front();
            emit messages.problem(words);
            if (then)
                then(false);
        });
}

void Project::open_example(const QString& path) {
    open(path, [this, path](bool is_open) {
        if (is_open)
            adopt(document(), QFileInfo(path).completeBaseName());
    });
}

void Project::start_new() {
    replace({}, {}, tr("New project"));
}

void Project::adopt(Document document, const QString& name) {
    replace(std::move(document), {}, name);
}

void Project::adopt_unsaved(Document document, const QString& name, const QString& path) {
    stamp = stamp_of(path);
    replace(std::move(document), path, name);
    saved_document.reset();
    emit edited();
}

void Project::replace(Document document, const QString& path, const QString& name) {
    emit replacing();
    ++opened;
    history = History(std::move(document));
    saved_document = history.current();
    file = path;
    fallback_name = name;
    emit edited();
    emit replaced();
}

void Project::save(const QString& path, const std::function<void(bool saved)>& then) {
    doing.push_back(tr("Saving “%1”").arg(QFileInfo(path).fileName()));
    struct Written {
        Outcome outcome;
        FileStamp stamp;
    };
    in_background(
        files, this,
        [document = document(), path, beside = beside_when_saved()] {
            Outcome outcome = save_project(document, path, beside());
            return Written{std::move(outcome), stamp_of(path)};
        },
        [this, path, then, document = document(), for_project = opened](const Written& written) {
            doing.pop_front();
            qCInfo(files_log) << "saved" << static_cast<bool>(written.outcome) << path;
            if (!written.outcome) {
                emit messages.problem(in_words(written.outcome.problem()));
            } else if (for_project == opened) {
                saved_document = document;
                file = path;
                stamp = written.stamp;
                emit saved();
            }
            if (then)
                then(static_cast<bool>(written.outcome));
        },
        [this, then](const QString& words) {
            doing.pop_front();
            emit messages.problem(words);
            if (then)
                then(false);
        });
}

bool Project::has_changed_on_disk() const {
    const FileStamp now = file.isEmpty() ? stamp : stamp_of(file);
    return now != FileStamp{} && now != stamp;
}

QString Project::name() const {
    if (!file.isEmpty())
        return QFileInfo(file).completeBaseName();
    return fallback_name.isEmpty() ? tr("New project") : fallback_name;
}

} // namespace fusuma::app
