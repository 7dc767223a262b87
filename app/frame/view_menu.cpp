#include "app/frame/menus.h"

#include "app/common/enum_words.h"
#include "app/common/question.h"
#include "app/common/sides.h"
#include "app/frame/looks.h"
#include "app/sheet/screen_size.h"

#include <QActionGroup>

namespace fusuma::app {

void next_unit(Model& model) {
    model.project.edit(QObject::tr("Unit"), [](Document d) {
        d.unit = d.unit == Unit::mm ? Unit::cm : d.unit == Unit::cm ? Unit::inch : Unit::mm;
        return d;
    });
}

namespace {

void ask_to_put_back(QWidget& window) {
    const auto answer = ask_or_tell(
        &window, QObject::tr("Put all settings back"),
        QObject::tr(
            "How the window looks, widths of panels, what is open, last folders, last projects and the screen's "
            "size become as they were at first. Printers, cutters, machines, materials and lenses that you "
            "saved stay. Projects are not touched."),
        QMessageBox::RestoreDefaults | QMessageBox::Cancel, QMessageBox::Cancel);
    if (answer != QMessageBox::RestoreDefaults)
        return;
    Settings::put_back();
    choose_look(Look::desktop);
}

} // namespace

void add_view_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&View"));
    commands.add(QObject::tr("Go to the Bench"), keys_of("Ctrl+1"), [on] { on.go_to(Place::bench); });
    commands.add(QObject::tr("Go to the Sheet"), keys_of("Ctrl+2"), [on] { on.go_to(Place::sheet); });
    commands.add(QObject::tr("Go to the Output"), keys_of("Ctrl+3"), [on] { on.go_to(Place::output); });
    commands.add_separator();
    const auto fold = [on](Sides::Side side) {
        const auto all = on.window.findChildren<Sides*>();
        const bool is_folded = !all.isEmpty() && all.front()->is_folded(side);
        for (Sides* sides : all)
            sides->set_folded(side, !is_folded);
    };
    commands.add(QObject::tr("Fold the left panel"), keys_of("Ctrl+["), [fold] { fold(Sides::Side::left); });
    commands.add(QObject::tr("Fold the right panel"), keys_of("Ctrl+]"), [fold] { fold(Sides::Side::right); });
    commands.add_separator();
    commands.add(QObject::tr("Next pane"), QKeySequence(Qt::Key_F6), [on] { on.next_pane(true); });
    commands.add(QObject::tr("Pane before"), QKeySequence(QObject::tr("Shift+F6")), [on] { on.next_pane(false); });
    commands.add(QObject::tr("Move the pointer by keys"), QKeySequence(Qt::Key_F8), [on] { on.point_by_keys(); });
    commands.add_separator();
    commands.add(QObject::tr("True size on the Sheet"), keys_of("Ctrl+0"), [on] {
        on.go_to(Place::sheet);
        on.sheet.show_true_size();
    });
    commands.add(QObject::tr("Set the screen's size…"), {}, [on] { ScreenSizeDialog(&on.window).exec(); });
    commands.add(QObject::tr("Measure on the Sheet"), {}, [on] {
        on.go_to(Place::sheet);
        on.sheet.start_measuring();
    });
    commands.add(QObject::tr("Next unit"), {}, [on] { next_unit(on.model); });
    commands.add_separator();
    auto* looks = new QActionGroup(&on.window);
    for (const Word<Look>& look : words<Look>) {
        QAction* action = commands.add(QObject::tr("Look: %1").arg(label_within(look.value)), {},
                                       [value = look.value] { choose_look(value); });
        action->setCheckable(true);
        action->setChecked(look.value == Settings::chosen_look());
        looks->addAction(action);
    }
    commands.add(QObject::tr("Put all settings back…"), {}, [on] { ask_to_put_back(on.window); });
}

} // namespace fusuma::app
