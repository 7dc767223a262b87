#include "app/frame/menus.h"

namespace fusuma::app {

void add_sticker_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&Sticker"));
    commands.add(QObject::tr("New label…"), QKeySequence(QObject::tr("Ctrl+Shift+N")), [on] { on.artwork.new_label(); });
    commands.add(QObject::tr("Save the label as a template…"), {}, [on] { on.artwork.save_template(); });
    commands.add_separator();
    commands.add(QObject::tr("Put on the sheet"), QKeySequence(QObject::tr("Ctrl+Return")), [on] {
        on.model.copies.place(1);
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
    commands.add(QObject::tr("Remove from the project"), {}, [on] {
        if (const auto s = on.model.in_hand.sticker())
            on.model.project.edit(QObject::tr("Remove %1").arg(QString::fromStdString(s->name)),
                         [id = s->id](Document d) { return with_sticker_removed(std::move(d), id); });
    });
}

} // namespace fusuma::app
