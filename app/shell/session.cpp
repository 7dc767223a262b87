#include "app/shell/session.h"

#include "core/document/arrange.h"
#include "formats/picture_read.h"
#include "formats/project_file.h"

#include <QFileInfo>
#include <limits>

namespace fusuma::app {

std::shared_ptr<const StickerResult> Snapshot::result(int sticker, double scale) const {
    const auto it = results.find({sticker, scale});
    return it == results.end() ? nullptr : it->second;
}

Session::Session(QObject* parent) : QObject(parent), latest(std::make_shared<Snapshot>()) {
    after_change();
}

Session::~Session() {
    workers.waitForDone();
}

void Session::edit(const QString& label, const Edit& change, const QString& stroke) {
    history.apply(label.toStdString(), change(document()), stroke.toStdString());
    after_change();
}

void Session::undo() {
    history.undo();
    after_change();
}

void Session::redo() {
    history.redo();
    after_change();
}

void Session::after_change() {
    keep_selection_valid();
    ++latest_edit;
    work_out();
    emit changed();
}

void Session::keep_selection_valid() {
    selected.erase(selected.lower_bound(document().placements.size()), selected.end());
    if (!document().find(chosen_sticker))
        chosen_sticker = document().stickers.empty() ? 0 : document().stickers.front()->id;
}

void Session::choose_sticker(int id) {
    if (id == chosen_sticker || !document().find(id))
        return;
    chosen_sticker = id;
    emit changed();
}

void Session::edit_sticker(const QString& label, const std::function<void(Sticker&)>& change, const QString& stroke) {
    if (!sticker())
        return;
    Sticker next = *sticker();
    change(next);
    edit(
        label, [&](Document d) { return with_sticker_changed(std::move(d), std::move(next)); },
        stroke.isEmpty() ? stroke : stroke + QString::number(chosen_sticker));
}

void Session::select(std::set<std::size_t> copies) {
    selected = std::move(copies);
    if (selected.size() == 1)
        chosen_sticker = document().placements[*selected.begin()].sticker;
    emit changed();
}

void Session::remove_selection() {
    if (selected.empty())
        return;
    const std::set<std::size_t> gone = std::exchange(selected, {});
    edit(tr("Remove copies"), [&](Document d) {
        for (auto it = gone.rbegin(); it != gone.rend(); ++it)
            d.placements.erase(d.placements.begin() + static_cast<std::ptrdiff_t>(*it));
        return d;
    });
}

void Session::duplicate_selection() {
    if (selected.empty())
        return;
    std::set<std::size_t> fresh;
    edit(tr("Duplicate"), [&](Document d) {
        for (const std::size_t i : selected) {
            Placement copy = d.placements[i];
            copy.centre = copy.centre + Point{5, 5};
            d.placements.push_back(copy);
            const std::size_t index = d.placements.size() - 1;
            if (auto moved = moved_to_free_place(d, *evaluator, index))
                d = std::move(*moved);
            fresh.insert(index);
        }
        return d;
    });
    select(std::move(fresh));
}

void Session::move_selection(Point by, const QString& stroke) {
    edit(
        tr("Move"),
        [&](Document d) {
            for (const std::size_t i : selected)
                d.placements[i].centre = d.placements[i].centre + by;
            return d;
        },
        stroke);
}

void Session::place_copies(int copies) {
    if (!sticker())
        return;
    const int wanted = copies < 0 ? std::numeric_limits<int>::max() : copies;
    Arranged arranged = place_in_rows(document(), *evaluator, chosen_sticker, wanted);
    const std::size_t before = document().placements.size();
    const QString name = QString::fromStdString(sticker()->name);
    if (arranged.placed == 0) {
        emit problem(tr("%1: no free place on the sheet is large enough for another copy.").arg(name));
        return;
    }
    edit(tr("Place copies"), [&](Document) { return std::move(arranged.document); });
    std::set<std::size_t> fresh;
    for (std::size_t i = before; i < document().placements.size(); ++i)
        fresh.insert(i);
    select(std::move(fresh));
    if (copies > arranged.placed)
        emit problem(tr("%1: only %2 of %3 copies fit on the sheet.").arg(name).arg(arranged.placed).arg(copies));
}

void Session::apply_fix(const Finding& finding) {
    if (!finding.fix)
        return;
    if (auto fixed = finding.fix->apply(document()))
        edit(QString::fromStdString(finding.fix->label), [&](Document) { return std::move(*fixed); });
    else
        emit problem(tr("%1 — no free place is large enough.").arg(QString::fromStdString(finding.message)));
}

void Session::work_out() {
    if (working)
        return; // picked up when the present run ends
    working = true;
    workers.start([this, run = latest_edit, now = document(), engine = evaluator] {
        auto fresh = std::make_shared<Snapshot>();
        fresh->document = now;
        for (const auto& sticker : now.stickers)
            fresh->results[{sticker->id, 1.0}] = engine->evaluate(*sticker);
        for (const Placement& p : now.placements)
            if (const auto sticker = now.find(p.sticker))
                fresh->results[{p.sticker, p.scale}] = engine->evaluate(*sticker, sticker->width * p.scale);
        fresh->plan = engine->plan(now);
        fresh->findings = preflight(now, *engine);
        fresh->totals = totals(*fresh->plan);
        QMetaObject::invokeMethod(this, [this, run, fresh] {
            working = false;
            worked_edit = run;
            latest = fresh;
            emit worked_out();
            if (latest_edit != run)
                work_out();
        });
    });
}

void Session::add_artwork(const QStringList& paths) {
    workers.start([this, paths] {
        for (const QString& path : paths) {
            auto picture = read_picture(path);
            const AlphaContent whole = picture ? alpha_content((*picture)->pixels) : AlphaContent::clear;
            const QString why =
                whole == AlphaContent::opaque ? QString::fromStdString(offer((*picture)->pixels, {}).why) : QString();
            QMetaObject::invokeMethod(this, [this, path, picture, whole, why] {
                if (!picture) {
                    emit problem(QString::fromStdString(picture.problem().text()));
                    return;
                }
                if (whole == AlphaContent::clear) {
                    emit problem(tr("“%1” is fully transparent, so there is nothing to outline.")
                                     .arg(QFileInfo(path).fileName()));
                    return;
                }
                Sticker s = new_sticker(PictureArtwork{*picture});
                const QString name = QString::fromStdString(s.name);
                const int id = document().next_id;
                edit(tr("Add %1").arg(name),
                     [&](Document d) { return with_sticker_added(std::move(d), std::move(s)); });
                choose_sticker(id);
                if (!why.isEmpty())
                    emit note(tr("“%1”: %2").arg(QFileInfo(path).fileName(), why));
                emit artwork_added();
            });
        }
    });
}

void Session::open(const QString& path) {
    workers.start([this, path] {
        auto loaded = load_project(path);
        QMetaObject::invokeMethod(this, [this, path, loaded = std::move(loaded)] {
            if (loaded)
                replace(*loaded, path, {});
            else
                emit problem(QString::fromStdString(loaded.problem().text()));
        });
    });
}

void Session::start_new() {
    replace({}, {}, tr("New project"));
}

void Session::adopt(Document document, const QString& name) {
    replace(std::move(document), {}, name);
}

void Session::replace(Document document, const QString& path, const QString& name) {
    history = History(std::move(document));
    saved_document = history.current();
    project_path = path;
    fallback_name = name;
    selected.clear();
    chosen_sticker = 0;
    after_change();
    emit project_changed();
}

bool Session::save(const QString& path) {
    const Outcome saved = save_project(document(), path);
    if (!saved) {
        emit problem(QString::fromStdString(saved.problem().text()));
        return false;
    }
    saved_document = document();
    project_path = path;
    emit project_changed();
    return true;
}

QString Session::project_name() const {
    if (!project_path.isEmpty())
        return QFileInfo(project_path).completeBaseName();
    return fallback_name.isEmpty() ? tr("New project") : fallback_name;
}

} // namespace fusuma::app
