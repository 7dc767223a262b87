#include "app/model/copy_edits.h"

#include "core/arrange/free_place.h"
#include "formats/project/project_file.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QMimeData>

namespace fusuma::app {

namespace {
const QString copies_format = QStringLiteral("application/x-fusuma-copies");
}

CopyEdits::CopyEdits(Messages& told, Project& open_project, InHand& hand, WorkingOut& work)
    : messages(told), project(open_project), in_hand(hand), working_out(work) {}

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

void CopyEdits::duplicate() {
    rearrange(tr("Duplicate"), [this](const Document& d, const Selection& s) {
        Edited edited = duplicated(d, s, {5, 5});
        if (edited.selection.size() == 1)
            if (auto moved =
                    moved_to_free_place(edited.document, working_out.planner(), *edited.selection.begin()))
                edited.document = std::move(*moved);
        return edited;
    });
}

void CopyEdits::move(Point by, const QString& stroke) {
    edit(
        tr("Move"), [by](const Document& d, const Selection& s) { return moved(d, s, by); }, stroke);
}

void CopyEdits::copy() const {
    if (in_hand.copies().empty())
        return;
    auto* mime = new QMimeData;
    mime->setData(copies_format, project_bytes(only(project.document(), in_hand.copies())));
    QGuiApplication::clipboard()->setMimeData(mime);
}

bool CopyEdits::paste() {
    const QMimeData* mime = QGuiApplication::clipboard()->mimeData();
    if (!mime || !mime->hasFormat(copies_format))
        return false;
    const auto other = read_project_bytes(mime->data(copies_format), tr("What was copied"));
    if (!other) {
        emit messages.problem(QString::fromStdString(other.problem().text()));
        return true;
    }
    Edited edited = joined(project.document(), *other, in_hand.page(), {5, 5});
    project.edit(tr("Paste"), [&](const Document&) { return std::move(edited.document); });
    in_hand.select(edited.selection);
    return true;
}

void CopyEdits::place(int copies) {
    const auto sticker = in_hand.sticker();
    if (!sticker)
        return;
    Arranged arranged =
        place_in_rows(project.document(), working_out.planner(), sticker->id, copies, in_hand.page());
    const QString name = QString::fromStdString(sticker->name);
    if (arranged.placed == 0) {
        emit messages.problem(tr("%1: no free place on the sheet is large enough for another copy.").arg(name));
        return;
    }
    project.edit(tr("Place copies"), [&](const Document&) { return arranged.document; });
    const auto& all = arranged.document.placements;
    Selection fresh;
    for (auto it = all.end() - arranged.placed; it != all.end(); ++it)
        fresh.insert(it->id);
    in_hand.select(fresh);
    if (copies > arranged.placed)
        emit messages.problem(
            tr("%1: only %2 of %3 copies fit on the sheet.").arg(name).arg(arranged.placed).arg(copies));
}

void CopyEdits::apply_fix(const Finding& finding) {
    auto fixed = repaired(project.document(), finding);
    if (fixed)
        project.edit(QString::fromStdString(finding.fix->label), [&](const Document&) { return std::move(*fixed); });
    else
        emit messages.problem(QString::fromStdString(fixed.problem().text()));
}

} // namespace fusuma::app
