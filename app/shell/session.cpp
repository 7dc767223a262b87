#include "app/shell/session.h"

#include "app/common/painting.h"
#include "core/document/arrange.h"
#include "formats/drawing_read.h"
#include "formats/picture_read.h"
#include "formats/project_file.h"

#include <QClipboard>
#include <QFileInfo>
#include <QGuiApplication>
#include <QMimeData>
#include <algorithm>

namespace fusuma::app {

std::shared_ptr<const StickerResult> Snapshot::result(int sticker) const {
    const auto it = results.find(sticker);
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
    search_stop.request_stop();
    reader.clear();
    reader.waitForDone();
    workers.waitForDone();
}

void Session::edit(const QString& label, const Edit& change, const QString& stroke) {
    history.apply(label.toStdString(), change(document()), stroke.toStdString());
    after_change();
}

void Session::add_ticket(const Ticket& ticket) {
    const auto shared = std::make_shared<const Ticket>(ticket);
    history.in_every_step([&](Document& d) { d.tickets.push_back(shared); });
    after_change();
}

void Session::remove_ticket(const std::string& code) {
    history.in_every_step([&](Document& d) { d = with_ticket_removed(std::move(d), code); });
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
    search_stop.request_stop(); // what it looks for is no longer wanted
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
    shown_page = std::clamp(shown_page, 0, document().pages - 1);
    selected.erase(selected.lower_bound(document().placements.size()), selected.end());
    std::erase_if(selected, [this](std::size_t i) { return document().placements[i].page != shown_page; });
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

void Session::select(Selection copies) {
    selected = with_groups(document(), copies);
    if (!selected.empty()) {
        const Placement& first = document().placements[*selected.begin()];
        shown_page = first.page;
        const bool is_of_one = std::ranges::all_of(
            selected, [&](std::size_t i) { return document().placements[i].sticker == first.sticker; });
        if (is_of_one)
            chosen_sticker = first.sticker;
        std::erase_if(selected, [this](std::size_t i) { return document().placements[i].page != shown_page; });
    }
    emit changed();
}

void Session::go_to_page(int page) {
    shown_page = std::clamp(page, 0, document().pages - 1);
    keep_selection_valid();
    emit changed();
}

void Session::edit_selection(const QString& label,
                             const std::function<Document(const Document&, const Selection&)>& change,
                             const QString& stroke) {
    if (selected.empty())
        return;
    Document next = change(document(), selected);
    if (!(next == document()))
        edit(
            label, [&](Document) { return std::move(next); }, stroke);
}

void Session::rearrange(const QString& label, const std::function<Edited(const Document&, const Selection&)>& change) {
    if (selected.empty())
        return;
    Edited edited = change(document(), selected);
    if (edited.document == document())
        return;
    selected.clear(); // its numbers mean other copies now
    edit(label, [&](Document) { return std::move(edited.document); });
    select(std::move(edited.selection));
}

void Session::remove_selection() {
    rearrange(tr("Remove copies"), [](const Document& d, const Selection& s) { return removed(d, s); });
}

void Session::duplicate_selection() {
    rearrange(tr("Duplicate"), [this](const Document& d, const Selection& s) {
        Edited edited = duplicated(d, s, {5, 5});
        if (s.size() == 1)
            if (auto moved = moved_to_free_place(edited.document, *evaluator, *edited.selection.begin()))
                edited.document = std::move(*moved);
        return edited;
    });
}

void Session::move_selection(Point by, const QString& stroke) {
    edit_selection(
        tr("Move"), [by](const Document& d, const Selection& s) { return moved(d, s, by); }, stroke);
}

namespace {
const QString copies_format = QStringLiteral("application/x-fusuma-copies");
}

void Session::copy_selection() const {
    if (selected.empty())
        return;
    auto* mime = new QMimeData;
    mime->setData(copies_format, project_bytes(only(document(), selected)));
    QGuiApplication::clipboard()->setMimeData(mime);
}

bool Session::paste_copies() {
    const QMimeData* mime = QGuiApplication::clipboard()->mimeData();
    if (!mime || !mime->hasFormat(copies_format))
        return false;
    const auto other = read_project_bytes(mime->data(copies_format), tr("What was copied"));
    if (!other) {
        emit problem(QString::fromStdString(other.problem().text()));
        return true;
    }
    Edited edited = joined(document(), *other, shown_page, {5, 5});
    edit(tr("Paste"), [&](Document) { return std::move(edited.document); });
    select(std::move(edited.selection));
    return true;
}

void Session::place_copies(int copies) {
    if (!sticker())
        return;
    Arranged arranged = place_in_rows(document(), *evaluator, chosen_sticker, copies, shown_page);
    const std::size_t before = document().placements.size();
    const QString name = QString::fromStdString(sticker()->name);
    if (arranged.placed == 0) {
        emit problem(tr("%1: no free place on the sheet is large enough for another copy.").arg(name));
        return;
    }
    edit(tr("Place copies"), [&](Document) { return std::move(arranged.document); });
    Selection fresh;
    for (std::size_t i = before; i < document().placements.size(); ++i)
        fresh.insert(i);
    select(std::move(fresh));
    if (copies > arranged.placed)
        emit problem(tr("%1: only %2 of %3 copies fit on the sheet.").arg(name).arg(arranged.placed).arg(copies));
}

void Session::search(const QString& label, const Search& find) {
    if (searching)
        return;
    searching = true;
    searched_edit = latest_edit;
    search_label = label;
    search_done = 0;
    search_stop = std::stop_source();
    last_report.clear();
    emit searched();
    workers.start([this, find, now = document(), work = Work{search_stop.get_token(), &search_done}] {
        Searched result;
        try {
            result = find(now, *evaluator, work, [this, now](const Document& better) {
                QMetaObject::invokeMethod(this, [this, better] {
                    if (searching && searched_edit == latest_edit) {
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
            if (searched_edit == latest_edit) {
                last_report = result.report;
                if (result.document && !(*result.document == document()))
                    edit(search_label, [&](Document) { return *result.document; });
            }
            emit searched();
        });
    });
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
        fresh->results[s.id] = result;
        if (const auto original = original_art(s.artwork))
            prepare_art(*original);
    }
    fresh->plan = evaluator->plan(now);
    std::set<const StickerResult*> shown;
    for (const auto& [id, result] : fresh->results)
        if (shown.insert(result.get()).second)
            prepare_print(result->print);
    for (const auto& copy : fresh->plan->copies)
        if (copy && shown.insert(copy->result.get()).second)
            prepare_print(copy->result->print);
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
    if (searching)
        return Business{search_label, search_done};
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
    if (searching) {
        search_stop.request_stop(); // what it has found by then is kept
        return;
    }
    is_cancelled = working;
    stop.request_stop();
    preview_stop.request_stop();
}

template <typename Read, typename Use> void Session::read_in_background(const QString& name, Read read, Use use) {
    const std::uint64_t number = next_reading++;
    reading.emplace_back(number, name);
    reader.start([this, number, read, use] {
        const auto result = read();
        QMetaObject::invokeMethod(this, [this, number, result, use] {
            if (std::erase_if(reading, [&](const auto& r) { return r.first == number; }) == 0)
                return; // cancelled
            if (!result)
                emit problem(QString::fromStdString(result.problem().text()));
            else
                use(*result);
        });
    });
}

void Session::add_as_sticker(Sticker s, const QString& words) {
    const QString name = QString::fromStdString(s.name);
    const int id = document().next_id;
    edit(tr("Add %1").arg(name), [&](Document d) { return with_sticker_added(std::move(d), std::move(s)); });
    choose_sticker(id);
    if (!words.isEmpty())
        emit note(words);
    emit artwork_added();
}

namespace {

bool is_drawing_file(const QString& path) {
    QFile file(path);
    constexpr qint64 enough_to_tell = 4096;
    return file.open(QIODevice::ReadOnly) && is_drawing(file.read(enough_to_tell));
}

} // namespace

void Session::add_artwork(const QStringList& paths) {
    for (const QString& path : paths)
        reader.start([this, path] { // even counting pages reads the file
            const bool is_drawn = is_drawing_file(path);
            const auto pages = is_drawn ? Result<int>(0) : page_count(path);
            QMetaObject::invokeMethod(this, [this, path, pages, is_drawn] {
                if (is_drawn)
                    add_drawing(path, 1);
                else if (!pages)
                    emit problem(QString::fromStdString(pages.problem().text()));
                else if (*pages > 0)
                    emit pages_wanted(path, *pages);
                else
                    add_pages(path, {1}, PageChoice{}.dpi);
            });
        });
}

void Session::add_drawing(const QString& path, int page) {
    read_in_background(
        QFileInfo(path).fileName(), [path, page] { return read_drawing(path, page); },
        [this](const std::shared_ptr<const Drawing>& drawing) {
            Sticker s = new_sticker(
                DrawingArtwork{drawing, std::make_shared<const Parts>(cut_round_everything(all_parts(*drawing)))});
            if (drawing->page > 0)
                s.name += " " + std::to_string(drawing->page);
            const bool has_paint = std::ranges::any_of(drawing->parts, [](const Part& p) { return !p.paints.empty(); });
            if (!has_paint) { // lines to cut and nothing else
                auto& art = std::get<DrawingArtwork>(s.artwork);
                art.parts = std::make_shared<const Parts>(as_in_file(*drawing, *art.parts));
                s.border.width = 0;
            }
            add_as_sticker(std::move(s), QString::fromStdString(drawing->note));
        });
}

void Session::add_label(const LabelDesign& design, const QString& name) {
    Sticker s = new_sticker(LabelArtwork{std::make_shared<const LabelDesign>(design), 0});
    s.name = name.toStdString();
    add_as_sticker(std::move(s), {});
}

void Session::read_picture_for(const QString& path,
                               const std::function<void(const std::shared_ptr<const Picture>&)>& use) {
    read_in_background(
        QFileInfo(path).fileName(), [path] { return read_picture(path); }, use);
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
    struct Read {
        std::shared_ptr<const Picture> picture;
        AlphaContent content;
        std::string why;
    };
    read_in_background(
        name,
        [read]() -> Result<Read> {
            auto picture = read();
            if (!picture)
                return picture.problem();
            const AlphaContent whole = alpha_content((*picture)->pixels);
            return Read{*picture, whole, whole == AlphaContent::opaque ? offer((*picture)->pixels, {}).why : ""};
        },
        [this, name](const Read& fresh) {
            if (fresh.content == AlphaContent::clear) {
                emit problem(tr("“%1” is fully transparent, so there is nothing to outline.").arg(name));
                return;
            }
            Sticker s = new_sticker(PictureArtwork{fresh.picture});
            if (fresh.picture->page > 0)
                s.name += " " + std::to_string(fresh.picture->page);
            const QString why = QString::fromStdString(fresh.why);
            add_as_sticker(std::move(s),
                           !fresh.picture->note.empty() ? QString::fromStdString(fresh.picture->note)
                           : why.isEmpty()              ? QString()
                                           : tr("“%1”: %2").arg(QString::fromStdString(fresh.picture->file_name), why));
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
