#include "app/common/theme.h"
#include "app/frame/instance.h"
#include "app/frame/windows.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <clocale>

int main(int argc, char** argv) {
    using namespace fusuma::app;
    QApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C"); // for the libraries that read files; what people see goes through QLocale
    QApplication::setOrganizationName(QStringLiteral("Fusuma"));
    QApplication::setApplicationName(QStringLiteral("fusuma"));
    QApplication::setDesktopFileName(QStringLiteral("fusuma"));
    QCommandLineParser arguments;
    arguments.setApplicationDescription(QStringLiteral("Fusuma: print-then-cut sticker sheets from pictures."));
    arguments.addHelpOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QStringLiteral("open this project as an example, to be saved under another name"),
                                  QStringLiteral("PROJECT"));
    arguments.addOption(demo);
    arguments.addPositionalArgument(QStringLiteral("FILE"), QStringLiteral("projects to open and pictures to add"),
                                    QStringLiteral("[FILE...]"));
    arguments.process(application);

    const QStringList files = arguments.positionalArguments();
    if (Instance::hand_over(Instance::usual_name(), files))
        return 0;
    apply_theme(application, QSettings().value(QStringLiteral("dark")).toBool() ? Tone::dark : Tone::light);
    Windows windows(Recovery::usual_folder());
    Instance instance;
    instance.listen(Instance::usual_name()); // else each window program is on its own, which loses nothing
    QObject::connect(&instance, &Instance::started_again, &windows, &Windows::open);
    if (files.isEmpty() && arguments.isSet(demo)) {
        windows.open_new();
        windows.model(0).project.open_example(arguments.value(demo));
    } else {
        windows.open(files);
    }
    windows.offer_left_behind();
    return QApplication::exec();
}
