#include "app/frame/menus.h"

#include <QMessageBox>

namespace fusuma::app {

void add_help_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&Help"));
    commands.add(QObject::tr("First sheet in five steps"), QKeySequence::HelpContents, [on] {
        QMessageBox::information(
            &on.window, QObject::tr("First sheet in five steps"),
            QObject::tr("1. Drop a picture on the window.\n2. On the Bench, set the border and the size.\n"
               "3. On the Sheet, choose your paper and add copies.\n4. When the strip below says nothing to fix, go to "
               "Output and "
               "save the PDF. Print it at actual size.\n5. Save HP-GL or SVG for your cutter, or watch the practice "
               "cutter first."));
    });
    commands.add(QObject::tr("About Fusuma"), {}, [on] {
        QMessageBox::about(&on.window, QObject::tr("About Fusuma"),
                           QObject::tr("Fusuma prints and cuts sticker sheets.\n\nFree software under the GNU General Public "
                              "License, version 3 or later. "
                              "Set in Inter, and shipped with Cabin, Dancing Script, Lobster Two and Quicksand "
                              "for labels, all under the SIL Open Font License."));
    });
}

} // namespace fusuma::app
