#include "app/frame/menus.h"

#include "app/common/question.h"
#include "app/frame/about_machine.h"
#include "app/frame/guide_window.h"
#include "formats/manual/usual_options.h"

namespace fusuma::app {

void add_help_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&Help"));
    commands.add(QObject::tr("User guide"), QKeySequence::HelpContents, [on] { GuideWindow::show_guide(on.window); });
    commands.add(QObject::tr("Keys…"), QKeySequence(QStringLiteral("?")), [on] { on.show_keys(); });
    commands.add(QObject::tr("First sheet in five steps"), {}, [on] {
        ask_or_tell(
            &on.window, QObject::tr("First sheet in five steps"),
            QObject::tr("1. Drop a picture on the window.\n"
                        "2. On the Bench, set the border and the size.\n"
                        "3. On the Sheet, choose your paper and fill it with copies.\n"
                        "4. When the strip below has nothing to fix, go to Output and print at actual size. The print "
                        "gets a ticket: its code stands on the paper, and what it says is what will be cut.\n"
                        "5. Load the sheet, let the marks be found, and cut. The practice printer and cutter show "
                        "all of it without paper."));
    });
    commands.add(QObject::tr("Last messages…"), {}, [on] { on.show_messages(); });
    commands.add(QObject::tr("About this machine…"), {}, [on] { show_about_machine(on.window, on.last_messages()); });
    commands.add(QObject::tr("About Fusuma"), {}, [on] {
        ask_or_tell(
            &on.window, QObject::tr("About Fusuma"),
            QObject::tr("Fusuma %1 prints and cuts sticker sheets.\n\nFree software under the GNU General Public "
                        "License, version 3 or later. "
                        "Set in Inter, and shipped with Cabin, Dancing Script, Lobster Two and Quicksand "
                        "for labels, all under the SIL Open Font License.")
                .arg(QLatin1String(version())));
    });
}

} // namespace fusuma::app
