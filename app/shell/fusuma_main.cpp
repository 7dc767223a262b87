#include "app/common/theme.h"
#include "app/shell/main_window.h"
#include "app/shell/recovery.h"
#include "formats/project_file.h"

#include <CLI/CLI.hpp>
#include <QApplication>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>

int main(int argc, char** argv) {
    using namespace fusuma;
    using namespace fusuma::app;
    CLI::App arguments("Fusuma: print-then-cut sticker sheets from pictures.");
    std::vector<std::string> files;
    std::string demo;
    arguments.add_option("FILE", files, "projects to open and pictures to add");
    arguments.add_option("--demo", demo, "open this project as an example, to be saved under another name");
    arguments.allow_extras(); // Qt's own, such as -platform
    CLI11_PARSE(arguments, argc, argv);

    QApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("Fusuma"));
    QApplication::setApplicationName(QStringLiteral("fusuma"));
    QApplication::setDesktopFileName(QStringLiteral("fusuma"));
    apply_theme(application, QSettings().value(QStringLiteral("dark")).toBool() ? Tone::dark : Tone::light);

    Session session;
    MainWindow window(session);
    Recovery recovery(session, QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    QStringList paths;
    for (const std::string& file : files)
        if (!file.starts_with('-'))
            paths << QString::fromStdString(file);
    window.show();
    if (recovery.has_left_behind() && paths.isEmpty()) {
        if (auto document = recovery.left_behind()) {
            session.adopt(std::move(*document), QObject::tr("Recovered work"));
            emit session.note(
                QObject::tr("Fusuma did not end properly last time. This is the work that was not saved."));
        }
    } else if (!demo.empty() && paths.isEmpty()) {
        auto document = load_project(QString::fromStdString(demo));
        if (document)
            session.adopt(std::move(*document), QFileInfo(QString::fromStdString(demo)).completeBaseName());
        else
            emit session.problem(QString::fromStdString(document.problem().text()));
    }
    window.open_files(paths);
    return QApplication::exec();
}
