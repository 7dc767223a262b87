#include "app/common/screen_colours.h"
#include "app/frame/arguments.h"
#include "app/frame/looks.h"
#include "app/frame/windows.h"
#include "formats/basics/language.h"
#include "formats/manual/usual_options.h"

#include <CLI/CLI.hpp>
#include <QApplication>
#include <QSessionManager>
#include <clocale>
#include <optional>

using namespace fusuma::app;

namespace {

int run(const Arguments& arguments) {
    QStringList files;
    for (const std::string& file : arguments.files)
        files << QString::fromLocal8Bit(file);
    const Wish wish = arguments.new_label ? Wish::new_label : arguments.example ? Wish::example : Wish::window;
    if (Instance::hand_over(Instance::usual_name(), files, wish))
        return 0;
    follow_looks();
    const ScreenColours colours;
    Windows windows(Recovery::usual_folder());
    Instance instance;
    instance.listen(Instance::usual_name()); // else each window program is on its own, which loses nothing
    const auto open = [&windows](const QStringList& paths, Wish wished) {
        paths.isEmpty() ? windows.open_wish(wished) : windows.open(paths);
    };
    QObject::connect(&instance, &Instance::started_again, &windows, open);
    // The desktop's session manager starts it again with what was open; unsaved work is kept aside anyway.
    QObject::connect(qGuiApp, &QGuiApplication::saveStateRequest, &windows, [&windows](QSessionManager& session) {
        session.setRestartCommand(QStringList{QCoreApplication::applicationFilePath()} + windows.projects());
        session.setRestartHint(QSessionManager::RestartIfRunning);
    });
    open(files, wish);
    windows.offer_left_behind();
    return QApplication::exec();
}

/// Help, the version and the man page, which need no screen.
/// @return  what the program is to end with, if one of them was asked for
std::optional<int> told_without_screen(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    fusuma::speak();
    CLI::App program;
    Arguments arguments;
    describe(program, arguments);
    try { // Qt has options of its own, which are not known here
        program.allow_extras();
        program.parse(argc, argv);
    } catch (const CLI::Success& asked) {
        return program.exit(asked);
    } catch (const CLI::ParseError&) {
    }
    return {};
}

} // namespace

int main(int argc, char** argv) {
    if (const auto code = told_without_screen(argc, argv))
        return *code;
    const QApplication application(argc, argv);
    fusuma::speak();
    std::setlocale(LC_NUMERIC, "C"); // for the libraries that read files; what people see goes through QLocale
    QApplication::setOrganizationName(QStringLiteral("Fusuma"));
    QApplication::setApplicationName(QStringLiteral("fusuma"));
    QApplication::setApplicationVersion(QLatin1String(fusuma::version()));
    QApplication::setDesktopFileName(QStringLiteral("org.fusuma_stickers.fusuma"));
    CLI::App program;
    Arguments arguments;
    describe(program, arguments);
    try {
        program.parse(argc, argv);
    } catch (const CLI::ParseError& why) {
        return fusuma::ended_by(program, why);
    }
    return run(arguments);
}
