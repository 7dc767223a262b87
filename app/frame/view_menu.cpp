#include "app/frame/menus.h"

#include "app/common/sides.h"
#include "app/common/theme.h"
#include "app/sheet/screen_size.h"

#include <QApplication>
#include <QSettings>

namespace fusuma::app {

void next_unit(Model& model) {
    model.project.edit(QObject::tr("Unit"), [](Document d) {
        d.unit = d.unit == Unit::mm ? Unit::cm : d.unit == Unit::cm ? Unit::inch : Unit::mm;
        return d;
    });
}

namespace {

void switch_tone(const MenuTargets& on) {
    apply_theme(*qobject_cast<QApplication*>(QApplication::instance()),
                current_tone() == Tone::light ? Tone::dark : Tone::light);
    QSettings().setValue(QStringLiteral("dark"), current_tone() == Tone::dark);
    emit on.model.changed(); // painted widgets take the new colours
}

} // namespace

void add_view_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&View"));
    commands.add(QObject::tr("Go to the Bench"), QKeySequence(QObject::tr("Ctrl+1")), [on] { on.go_to(Place::bench); });
    commands.add(QObject::tr("Go to the Sheet"), QKeySequence(QObject::tr("Ctrl+2")), [on] { on.go_to(Place::sheet); });
    commands.add(QObject::tr("Go to the Output"), QKeySequence(QObject::tr("Ctrl+3")), [on] { on.go_to(Place::output); });
    commands.add_separator();
    const auto fold = [on](Sides::Side side) {
        const auto all = on.window.findChildren<Sides*>();
        const bool is_folded = !all.isEmpty() && all.front()->is_folded(side);
        for (Sides* sides : all)
            sides->set_folded(side, !is_folded);
    };
    commands.add(QObject::tr("Fold the left panel"), QKeySequence(QObject::tr("Ctrl+[")), [fold] { fold(Sides::Side::left); });
    commands.add(QObject::tr("Fold the right panel"), QKeySequence(QObject::tr("Ctrl+]")), [fold] { fold(Sides::Side::right); });
    commands.add_separator();
    commands.add(QObject::tr("True size on the Sheet"), QKeySequence(QObject::tr("Ctrl+0")), [on] {
        on.go_to(Place::sheet);
        on.sheet.show_true_size();
    });
    commands.add(QObject::tr("Set the screen's size…"), {}, [on] { ScreenSizeDialog(&on.window).exec(); });
    commands.add(QObject::tr("Measure on the Sheet"), {}, [on] {
        on.go_to(Place::sheet);
        on.sheet.start_measuring();
    });
    commands.add(QObject::tr("Next unit"), {}, [on] { next_unit(on.model); });
    commands.add(QObject::tr("Light or dark"), {}, [on] { switch_tone(on); });
}

} // namespace fusuma::app
