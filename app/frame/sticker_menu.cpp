#include "app/frame/menus.h"

#include <QInputDialog>

namespace fusuma::app {

void add_sticker_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&Sticker"));
    commands.add(QObject::tr("New label…"), keys_of("Ctrl+Shift+N"), [on] { on.artwork.new_label(); });
    commands.add(QObject::tr("Save the label as a template…"), {}, [on] { on.artwork.save_template(); });
    commands.add_separator();
    commands.add(QObject::tr("Put on the sheet"), keys_of("Ctrl+Return"), [on] {
        on.model.copies.place(1);
        on.go_to(Place::sheet);
    });
    commands.add(QObject::tr("Put some of each on the sheet…"), {}, [on] {
        bool is_taken = false;
        const int copies = QInputDialog::getInt(&on.window, QObject::tr("Put some of each on the sheet"),
                                                QObject::tr("Copies of every sticker"), 1, 1, 999, 1, &is_taken);
        if (!is_taken)
            return;
        on.model.copies.place_each(copies);
        on.go_to(Place::sheet);
    });
    commands.add_separator();
    const auto by_hand = [&](const QString& text, Tool tool) {
        commands.add(text, {}, [on, tool] {
            on.go_to(Place::bench);
            on.bench.take(tool);
        });
    };
    by_hand(QObject::tr("Move the cut line's nodes"), Tool::nodes);
    by_hand(QObject::tr("Draw a cut line by hand"), Tool::free_hand);
    by_hand(QObject::tr("Draw a cut line with the pen"), Tool::pen);
    by_hand(QObject::tr("Close or open single holes"), Tool::hole);
    commands.add_separator();
    commands.add(QObject::tr("Rename"), QKeySequence(Qt::Key_F2), [on] { on.rename(); });
    commands.add(QObject::tr("Replace the artwork…"), {}, [on] { on.stickers.choose_artwork(); });
    commands.add(QObject::tr("Duplicate the sticker"), {}, [on] { on.stickers.duplicate(); });
    commands.add(QObject::tr("Move up in the tray"), keys_of("Ctrl+Alt+Up"), [on] { on.stickers.move(-1); });
    commands.add(QObject::tr("Move down in the tray"), keys_of("Ctrl+Alt+Down"), [on] { on.stickers.move(1); });
    commands.add(QObject::tr("Remove from the project…"), {}, [on] { on.stickers.ask_to_remove(); });
}

} // namespace fusuma::app
