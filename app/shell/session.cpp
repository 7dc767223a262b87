#include "app/shell/session.h"

#include "app/common/painting.h"
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
    reader.setMaxThreadCount(1);
    full_soon.setSingleShot(true);
    full_soon.setInterval(40);
    connect(&full_soon, &QTimer::timeout, this, &Session::work_out);
    after_change();
}

Session::~Session() {
    stop.request_stop();
    preview_stop.request_stop();
    reader.clear();
    reader.waitForDone();
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

bool Session::awaits_preview() const {
    const auto before = latest->document.find(chosen_sticker), after = sticker();
    return before && after && before != after;
}

void Session::after_change() {
    keep_selection_valid();
    ++latest_edit;
    if (working && may_stop)
        stop.request_stop();
    if (awaits_preview()) {
        work_out_preview();
        full_soon.start();
    } else {
        work_out();
    }
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
    preview.reset();
    if (awaits_preview())
        work_out_preview();
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

std::shared_ptr<const StickerResult> Session::shown() const {
    return preview && preview_of == chosen_sticker ? preview : latest->result(chosen_sticker);
}

/// A quick result of the sticker in hand, on a thread of its own, so that it never waits for a full one.
void Session::work_out_preview() {
    if (previewing)
        return; // the newest edit is taken up when this one is done
    previewing = true;
    preview_stop = std::stop_source();
    workers.start(
        [this, run = latest_edit.load(), in_hand = sticker(), work = Work{preview_stop.get_token(), nullptr}] {
            std::shared_ptr<const StickerResult> quick;
            try {
                quick = evaluator->preview(*in_hand, work);
                prepare_print(quick->print);
            } catch (const Stopped&) { // then there is none
            }
            QMetaObject::invokeMethod(this, [this, run, quick, id = in_hand->id] {
                previewing = false;
                if (quick && worked_edit < run) {
                    preview = quick;
                    preview_of = id;
                    preview_edit = run;
                    emit previewed();
                }
                if (latest_edit != run && awaits_preview())
                    work_out_preview();
            });
        });
}

void Session::work_out() {
    if (working || worked_edit == latest_edit)
        return; // picked up when the present run ends
    working = true;
    may_stop = awaits_preview();
    done = 0;
    stop = std::stop_source();
    workers.start([this, run = latest_edit.load(), now = document(), work = Work{stop.get_token(), &done}] {
        try {
            work_on(run, now, work);
        } catch (const Stopped&) {
            QMetaObject::invokeMethod(this, [this, run] {
                working = false;
                if (std::exchange(is_cancelled, false) && latest_edit == run) {
                    worked_edit = run;
                    undo(); // works out the document before
                } else if (!full_soon.isActive()) {
                    work_out();
                }
            });
        }
    });
}

void Session::work_on(std::uint64_t run, const Document& now, const Work& work) {
    auto fresh = std::make_shared<Snapshot>();
    fresh->document = now;
    const double count = static_cast<double>(std::max<std::size_t>(1, now.stickers.size()));
    for (std::size_t i = 0; i < now.stickers.size(); ++i) {
        const Sticker& s = *now.stickers[i];
        const auto result = evaluator->evaluate(
            s, std::nullopt, work.part(static_cast<double>(i) / count, static_cast<double>(i + 1) / count));
        fresh->results[{s.id, 1.0}] = result;
        prepare_art(original_art(s.artwork));
    }
    for (const Placement& p : now.placements)
        if (const auto s = now.find(p.sticker))
            fresh->results[{p.sticker, p.scale}] = evaluator->evaluate(*s, s->width * p.scale, work);
    for (const auto& [copy, result] : fresh->results)
        prepare_print(result->print);
    fresh->plan = evaluator->plan(now);
    fresh->findings = preflight(now, *evaluator);
    fresh->totals = totals(*fresh->plan);
    QMetaObject::invokeMethod(this, [this, run, fresh] {
        working = false;
        worked_edit = run;
        latest = fresh;
        if (preview_edit <= run)
            preview.reset();
        is_cancelled = false;
        emit worked_out();
        if (latest_edit != run && !full_soon.isActive())
            work_out();
    });
}

std::optional<Session::Business> Session::business() const {
    if (!reading.empty())
        return Business{tr("Reading “%1”").arg(reading.front().second), -1};
    if (working)
        return Business{sticker() ? tr("Working out %1").arg(QString::fromStdString(sticker()->name)) : tr("Working"),
                        done};
    return std::nullopt;
}

void Session::cancel_business() {
    if (!reading.empty()) {
        reading.clear(); // their results find nobody waiting
        return;
    }
    is_cancelled = working;
    stop.request_stop();
    preview_stop.request_stop();
}

void Session::read_in_background(const QString& name, const Reader& read,
                                 const std::function<void(const std::shared_ptr<const Picture>&)>& use) {
    const std::uint64_t number = next_reading++;
    reading.emplace_back(number, name);
    reader.start([this, number, read, use] {
        const auto picture = read();
        QMetaObject::invokeMethod(this, [this, number, picture, use] {
            if (std::erase_if(reading, [&](const auto& r) { return r.first == number; }) == 0)
                return; // cancelled
            if (!picture)
                emit problem(QString::fromStdString(picture.problem().text()));
            else
                use(*picture);
        });
    });
}

void Session::add_as_sticker(const std::shared_ptr<const Picture>& picture, const QString& why) {
    const QString file = QString::fromStdString(picture->file_name);
    Sticker s = new_sticker(PictureArtwork{picture});
    if (picture->page > 0)
        s.name += " " + std::to_string(picture->page);
    const QString name = QString::fromStdString(s.name);
    const int id = document().next_id;
    edit(tr("Add %1").arg(name), [&](Document d) { return with_sticker_added(std::move(d), std::move(s)); });
    choose_sticker(id);
    if (!picture->note.empty())
        emit note(QString::fromStdString(picture->note));
    else if (!why.isEmpty())
        emit note(tr("“%1”: %2").arg(file, why));
    emit artwork_added();
}

void Session::add_artwork(const QStringList& paths) {
    for (const QString& path : paths)
        reader.start([this, path] { // even counting pages reads the file
            const auto pages = page_count(path);
            QMetaObject::invokeMethod(this, [this, path, pages] {
                if (!pages)
                    emit problem(QString::fromStdString(pages.problem().text()));
                else if (*pages > 1)
                    emit pages_wanted(path, *pages);
                else
                    add_pages(path, {1}, PageChoice{}.dpi);
            });
        });
}

void Session::add_pages(const QString& path, const std::vector<int>& pages, double dpi) {
    for (const int page : pages)
        add_read(QFileInfo(path).fileName(), [path, page, dpi] { return read_picture(path, {page, dpi}); });
}

void Session::add_picture(const QByteArray& file, const QString& name) {
    add_read(name, [file, name] { return decode_picture(file, name); });
}

void Session::add_read(const QString& name, const Reader& read) {
    // Looking for the best start is part of reading: it goes over the whole picture.
    const auto why = std::make_shared<QString>();
    const auto is_clear = std::make_shared<bool>(false);
    read_in_background(
        name,
        [read, why, is_clear]() -> Result<std::shared_ptr<const Picture>> {
            auto picture = read();
            if (picture) {
                const AlphaContent whole = alpha_content((*picture)->pixels);
                *is_clear = whole == AlphaContent::clear;
                if (whole == AlphaContent::opaque)
                    *why = QString::fromStdString(offer((*picture)->pixels, {}).why);
            }
            return picture;
        },
        [this, name, why, is_clear](const std::shared_ptr<const Picture>& picture) {
            if (*is_clear)
                emit problem(tr("“%1” is fully transparent, so there is nothing to outline.").arg(name));
            else
                add_as_sticker(picture, *why);
        });
}

void Session::set_page_resolution(double dpi) {
    const auto s = sticker();
    const auto* art = s ? std::get_if<PictureArtwork>(&s->artwork) : nullptr;
    if (!art || art->picture->page == 0)
        return;
    read_in_background(
        QString::fromStdString(art->picture->file_name),
        [picture = art->picture, dpi] {
            return decode_picture(picture->original, QString::fromStdString(picture->file_name), {picture->page, dpi});
        },
        [this, id = s->id, before = art->picture](const std::shared_ptr<const Picture>& picture) {
            const auto now = document().find(id);
            if (!now || std::get<PictureArtwork>(now->artwork).picture != before)
                return;
            edit(tr("Resolution"), [&](Document d) {
                return with_sticker_changed(std::move(d), with_picture(*now, picture, before->dpi / picture->dpi));
            });
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
