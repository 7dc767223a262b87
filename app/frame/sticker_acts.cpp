#include "app/frame/sticker_acts.h"

#include "app/common/save_place.h"

#include <QMenu>
#include <QMessageBox>
#include <algorithm>

namespace fusuma::app {

StickerActs::StickerActs(Model& of, QWidget& over) : model(of), window(over) {}

void StickerActs::duplicate() {
    const auto s = model.in_hand.sticker();
    if (!s)
        return;
    const auto& all = model.document().stickers;
    const auto place = static_cast<std::size_t>(std::ranges::find(all, s) - all.begin());
    Sticker twin = *s;
    twin.name += tr(" 2").toStdString();
    model.project.edit(tr("Duplicate %1").arg(QString::fromStdString(s->name)), [&](Document d) {
        d = with_sticker_added(std::move(d), std::move(twin));
        const int id = d.stickers.back()->id;
        return with_sticker_moved(std::move(d), id, place + 1);
    });
    model.in_hand.choose_sticker(model.document().stickers[place + 1]->id);
}

void StickerActs::rename(int sticker, const QString& name) {
    const auto s = model.document().find(sticker);
    const std::string wanted = name.trimmed().toStdString();
    if (!s || wanted.empty() || wanted == s->name)
        return;
    Sticker named = *s;
    named.name = wanted;
    model.project.edit(tr("Rename"), [&](Document d) { return with_sticker_changed(std::move(d), std::move(named)); });
}

void StickerActs::move(int steps) {
    const auto s = model.in_hand.sticker();
    if (!s)
        return;
    const auto& all = model.document().stickers;
    const auto at = std::ranges::find(all, s) - all.begin();
    const auto to = std::clamp<std::ptrdiff_t>(at + steps, 0, std::ssize(all) - 1);
    if (to != at)
        model.project.edit(tr("Move in the tray"), [&, id = s->id](Document d) {
            return with_sticker_moved(std::move(d), id, static_cast<std::size_t>(to));
        });
}

void StickerActs::ask_to_remove() {
    const auto s = model.in_hand.sticker();
    if (!s)
        return;
    const QString name = QString::fromStdString(s->name);
    const int copies = model.document().copies_of(s->id);
    QMessageBox ask(QMessageBox::NoIcon, tr("Remove a sticker"),
                    copies == 0 ? tr("Remove “%1” from the project?").arg(name)
                    : copies == 1
                        ? tr("Remove “%1” from the project, with its copy on the sheet?").arg(name)
                        : tr("Remove “%1” from the project, with its %2 copies on the sheet?").arg(name).arg(copies),
                    QMessageBox::NoButton, &window);
    ask.setInformativeText(tr("Undo brings all of it back."));
    ask.setObjectName(QStringLiteral("removeSticker"));
    const auto* remove = ask.addButton(tr("Remove"), QMessageBox::DestructiveRole);
    auto* keep = ask.addButton(tr("Keep it"), QMessageBox::RejectRole);
    ask.setDefaultButton(keep);
    ask.setEscapeButton(keep);
    ask.exec();
    if (ask.clickedButton() == remove)
        model.project.edit(tr("Remove %1").arg(name),
                           [id = s->id](Document d) { return with_sticker_removed(std::move(d), id); });
}

void StickerActs::choose_artwork() {
    if (!model.in_hand.sticker())
        return;
    const QString path =
        ask_which_file(&window, tr("Replace the artwork"), artwork_file_kinds(), QStringLiteral("artwork"));
    if (!path.isEmpty())
        model.importer.replace_artwork(path);
}

void StickerActs::add_to(QMenu& menu) {
    menu.addAction(tr("Put one on the sheet"), this, [this] { model.copies.place(1); });
    menu.addAction(tr("Replace the artwork…"), this, &StickerActs::choose_artwork);
    menu.addAction(tr("Duplicate"), this, &StickerActs::duplicate);
    menu.addSeparator();
    menu.addAction(tr("Move up"), this, [this] { move(-1); });
    menu.addAction(tr("Move down"), this, [this] { move(1); });
    menu.addSeparator();
    menu.addAction(tr("Remove from the project…"), this, &StickerActs::ask_to_remove);
}

} // namespace fusuma::app
