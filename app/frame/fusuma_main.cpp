#include "app/common/theme.h"
#include "app/frame/main_window.h"
#include "app/model/autosave.h"
#include "formats/project/project_file.h"

#include <CLI/CLI.hpp>
#include <QApplication>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <clocale>

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
    std::setlocale(LC_NUMERIC, "C"); // for the libraries that read files; what people see goes through QLocale
    QApplication::setOrganizationName(QStringLiteral("Fusuma"));
    QApplication::setApplicationName(QStringLiteral("fusuma"));
    QApplication::setDesktopFileName(QStringLiteral("fusuma"));
    apply_theme(application, QSettings().value(QStringLiteral("dark")).toBool() ? Tone::dark : Tone::light);

    Model model;
    MainWindow window(model);
    Autosave autosave(model.project, QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    QStringList paths;
    for (const std::string& file : files)
        if (!file.starts_with('-'))
            paths << QString::fromStdString(file);
    window.show();
    if (autosave.has_left_behind() && paths.isEmpty()) {
        if (auto document = autosave.left_behind()) {
            model.project.adopt(std::move(*document), QObject::tr("Recovered work"));
            emit model.messages.note(
                QObject::tr("Fusuma did not end properly last time. This is the work that was not saved."));
        }
    } else if (!demo.empty() && paths.isEmpty()) {
        auto document = load_project(QString::fromStdString(demo));
        if (document)
            model.project.adopt(std::move(*document), QFileInfo(QString::fromStdString(demo)).completeBaseName());
        else
            emit model.messages.problem(QString::fromStdString(document.problem().text()));
    }
    window.open_files(paths);
    return QApplication::exec();
}
