#include "app/frame/menus.h"

namespace fusuma::app {

void add_edit_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&Edit"));
    commands.undo = commands.add(QObject::tr("Undo"), QKeySequence::Undo, [on] { on.model.project.undo(); });
    commands.redo = commands.add(QObject::tr("Redo"), keys_of("Ctrl+Shift+Z"), [on] { on.model.project.redo(); });
    commands.add_separator();
    commands.add_for_sheet(
        QObject::tr("Copy"), QKeySequence::Copy, [on] { on.model.copies.copy(on.model.snapshot().plan); },
        Commands::Near::copy);
    commands.add(QObject::tr("Paste copies or a picture"), QKeySequence::Paste, [on] {
        if (!on.model.copies.paste())
            on.artwork.paste();
        else
            on.go_to(Place::sheet);
    });
    commands.add_for_sheet(
        QObject::tr("Select all copies"), QKeySequence::SelectAll,
        [on] {
            Selection all;
            for (const Placement& p : on.model.document().placements)
                if (p.page == on.model.in_hand.page())
                    all.insert(p.id);
            on.model.in_hand.select(all);
        },
        Commands::Near::page);
    commands.add_for_sheet(QObject::tr("Select all of this sticker"), keys_of("Ctrl+Shift+A"), [on] {
        if (const auto s = on.model.in_hand.sticker())
            on.model.in_hand.select(copies_of_sticker(on.model.document(), s->id, on.model.in_hand.page()));
    });
    commands.add(QObject::tr("Find anything…"), keys_of("Ctrl+K"), [on] { on.find_anything(); });
}

} // namespace fusuma::app
