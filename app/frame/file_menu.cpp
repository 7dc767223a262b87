#include "app/frame/menus.h"

#include "app/frame/scan_dialog.h"

namespace fusuma::app {

void add_file_menu(Commands& commands, const MenuTargets& on) {
    commands.begin_menu(QObject::tr("&File"));
    commands.add(QObject::tr("New project"), QKeySequence::New, [on] { on.files.start_new(); });
    commands.add(QObject::tr("New window"), keys_of("Ctrl+Alt+N"), [on] { on.open_new_window(); });
    commands.add(QObject::tr("Open project…"), QKeySequence::Open, [on] { on.files.open_project(); });
    commands.add(QObject::tr("Add artwork…"), keys_of("Ctrl+Shift+O"), [on] { on.artwork.choose_files(); });
    commands.add(QObject::tr("Scan…"), {}, [on] { scan_artwork(on.model, &on.window); });
    commands.add_separator();
    commands.add(QObject::tr("Save"), QKeySequence::Save, [on] { on.files.save(); });
    commands.add(QObject::tr("Save as…"), keys_of("Ctrl+Shift+S"), [on] { on.files.save_as(); });
    commands.add_separator();
    commands.add(QObject::tr("Print…"), QKeySequence::Print, [on] { on.output.print_act().print_on_printer(); });
    commands.add(QObject::tr("Save the PDF to print…"), {}, [on] { on.output.print_act().save_pdf(); });
    commands.add(QObject::tr("Save a smaller PDF to print…"), {},
                 [on] { on.output.print_act().save_pdf(PrintAct::Pictures::smaller); });
    commands.add(QObject::tr("Save the cut lines as SVG…"), {}, [on] { on.output.export_file(OutputPage::File::svg); });
    commands.add(QObject::tr("Save the cut lines as DXF…"), {}, [on] { on.output.export_file(OutputPage::File::dxf); });
    commands.add(QObject::tr("Save the cut lines as HP-GL…"), {},
                 [on] { on.output.export_file(OutputPage::File::hpgl); });
    commands.add(QObject::tr("Check a cut file…"), {}, [on] { on.output.check_file(); });
    commands.add(QObject::tr("Photo board…"), {}, [on] { on.output.show_board(); });
    commands.add_separator();
    commands.add(QObject::tr("Quit"), QKeySequence::Quit, [on] { on.window.close(); });
}

} // namespace fusuma::app
