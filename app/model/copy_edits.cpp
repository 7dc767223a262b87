#include "app/model/copy_edits.h"

#include "app/model/carried.h"
#include "app/model/in_background.h"
#include "core/arrange/free_place.h"
#include "core/arrange/label_list.h"
#include "formats/basics/in_words.h"
#include "formats/project/project_file.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QMimeData>
#include <QUuid>

namespace fusuma::app {

namespace {
const QString copies_format = QStringLiteral("application/x-fusuma-copies"),
              here_format = QStringLiteral("application/x-fusuma-copies-of-this-window");
}

CopyEdits::CopyEdits(Messages& told, Project& open_project, InHand& hand, WorkedEdits& work)
    : messages(told), project(open_project), in_hand(hand), worked(work) {}

CopyEdits::~CopyEdits() {
    packer.waitForDone();
}

void CopyEdits::edit(const QString& label, const std::function<Document(const Document&, const Selection&)>& change,
                     const QString& stroke) {
    if (in_hand.copies().empty())
        return;
    Document next = change(project.document(), in_hand.copies());
    if (!(next == project.document()))
        project.edit(
            label, [&](const Document&) { return std::move(next); }, stroke);
}

void CopyEdits::rearrange(const QString& label,
                          const std::function<Edited(const Document&, const Selection&)>& change) {
    if (in_hand.copies().empty())
        return;
    Edited edited = change(project.document(), in_hand.copies());
    if (edited.document == project.document())
        return;
    project.edit(label, [&](const Document&) { return std::move(edited.document); });
    in_hand.select(edited.selection);
}

void CopyEdits::remove() {
    rearrange(tr("Remove copies"), [](const Document& d, const Selection& s) { return Edited{removed(d, s), {}}; });
}

void CopyEdits::work_out(const QString& label, const Change& change, const std::function<void()>& then) {
    if (in_hand.copies().empty())
        return;
    worked.start(
        label,
        [change, selection = in_hand.copies()](const Document& d, Planner& planner, const Work& work) {
            return change(d, selection, planner, work);
        },
        then);
}

void CopyEdits::duplicate() {
    work_out(tr("Duplicate"), [](const Document& d, const Selection& s, Planner& planner, const Work&) {
        Edited edited = duplicated(d, s, {5, 5});
        if (edited.selection.size() == 1)
            if (auto moved = moved_to_free_place(edited.document, planner, *edited.selection.begin()))
                edited.document = std::move(*moved);
        return edited;
    });
}

void CopyEdits::move(Point by, const QString& stroke) {
    edit(
        tr("Move"), [by](const Document& d, const Selection& s) { return moved(d, s, by); }, stroke);
}

void CopyEdits::copy(const std::shared_ptr<const JobPlan>& plan) {
    if (in_hand.copies().empty())
        return;
    copied = only(project.document(), in_hand.copies());
    copied_as = QUuid::createUuid().toByteArray();
    struct Packed {
        QByteArray project;
        Carried for_others;
    };
    const auto put = [this](const Packed& packed) {
        auto* mime = new QMimeData;
        mime->setData(here_format, copied_as);
        if (!packed.project.isEmpty())
            mime->setData(copies_format, packed.project);
        if (!packed.for_others.png.isEmpty()) {
            mime->setData(QStringLiteral("image/png"), packed.for_others.png);
            mime->setData(QStringLiteral("image/svg+xml"), packed.for_others.svg);
            mime->setText(packed.for_others.text);
        }
        QGuiApplication::clipboard()->setMimeData(mime);
    };
    put({});
    std::vector<std::shared_ptr<const PlacedCopy>> shown;
    for (const CopyId id : in_hand.copies())
        if (const PlannedCopy* planned = plan ? plan->find(id) : nullptr)
            shown.push_back(planned->placed);
    // For other windows and programs, as soon as it is packed.
    in_background(
        packer, this,
        [what = copied, shown, unit = project.document().unit] {
            Packed packed;
            if (auto bytes = project_bytes(what))
                packed.project = std::move(*bytes);
            if (!shown.empty())
                packed.for_others = carried(shown, unit);
            return packed;
        },
        [put, as = copied_as](const Packed& packed) {
            const QMimeData* now = QGuiApplication::clipboard()->mimeData();
            if (now && now->data(here_format) == as)
                put(packed);
        },
        [](const QString&) {}); // it can be pasted here all the same
}

bool CopyEdits::paste() {
    const QMimeData* mime = QGuiApplication::clipboard()->mimeData();
    const bool is_ours = mime && !copied_as.isEmpty() && mime->data(here_format) == copied_as;
    if (!mime || !(is_ours || mime->hasFormat(copies_format)))
        return false;
    const QByteArray bytes = is_ours ? QByteArray() : mime->data(copies_format);
    worked.start(tr("Paste"),
                 [is_ours, bytes, own = copied, page = in_hand.page(),
                  name = tr("What was copied")](const Document& d, Planner&, const Work&) -> Result<Edited> {
                     const auto other = is_ours ? Result<Document>(own) : read_project_bytes(bytes, name);
                     return other ? Result<Edited>(joined(d, *other, page, {5, 5})) : other.problem();
                 });
    return true;
}

void CopyEdits::place(int copies) {
    if (const auto sticker = in_hand.sticker())
        place_of({sticker->id}, copies, QString::fromStdString(sticker->name));
}

void CopyEdits::place_each(int copies) {
    std::vector<int> all;
    for (const auto& sticker : project.document().stickers)
        all.push_back(sticker->id);
    if (!all.empty())
        place_of(all, copies, tr("All stickers"));
}

void CopyEdits::place_of(const std::vector<int>& stickers, int copies, const QString& name) {
    const auto placed = std::make_shared<int>(0);
    const int wanted = copies * static_cast<int>(stickers.size());
    worked.start(
        tr("Place copies"),
        [copies, stickers, page = in_hand.page(), placed,
         none = "{sticker}: no free place on the sheet is large enough for another copy."_said.with(
             "sticker", name.toStdString())](const Document& d, Planner& planner, const Work& work) -> Result<Edited> {
            Edited edited{d, {}};
            *placed = 0;
            const auto share = [&](std::size_t k) {
                return static_cast<double>(k) / static_cast<double>(stickers.size());
            };
            for (std::size_t k = 0; k < stickers.size(); ++k) {
                Arranged arranged = place_in_rows(edited.document, planner, stickers[k], copies, page,
                                                  work.part(share(k), share(k + 1)));
                *placed += arranged.placed;
                edited.document = std::move(arranged.document);
                const auto& all = edited.document.placements;
                for (auto it = all.end() - arranged.placed; it != all.end(); ++it)
                    edited.selection.insert(it->id);
            }
            if (*placed == 0)
                return Problem{none};
            return edited;
        },
        [this, wanted, name, placed] {
            if (wanted > *placed)
                emit messages.problem(
                    tr("%1: only %2 of %3 copies fit on the sheet.").arg(name).arg(*placed).arg(wanted));
        });
}

void CopyEdits::place_at(int sticker, Point centre) {
    const auto found = project.document().find(sticker);
    if (!found)
        return;
    CopyId put = CopyId::none;
    project.edit(tr("Put %1 there").arg(QString::fromStdString(found->name)), [&](Document d) {
        put = d.put(
            {.sticker = sticker, .centre = centre, .page = in_hand.page(), .row = next_rows(d, sticker, 1).front()});
        return d;
    });
    in_hand.select({put});
}

void CopyEdits::apply_fix(const Finding& finding) {
    worked.start(
        in_words(finding.fix->label),
        [finding, selection = in_hand.copies()](const Document& d, Planner&, const Work& work) -> Result<Edited> {
            auto fixed = repaired(d, finding, work);
            return fixed ? Result<Edited>(Edited{std::move(*fixed), selection}) : fixed.problem();
        });
}

} // namespace fusuma::app
