#include "app/common/theme.h"
#include "formats/basics/language.h"
#include "tests/app/watchdog.h"

#include <QApplication>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <gtest/gtest.h>

int main(int argc, char** argv) {
    testing::InitGoogleTest(&argc, argv);
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QStandardPaths::setTestModeEnabled(true);
    fusuma::app::WatchedApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("Fusuma tests"));
    const QTemporaryDir settings; // of this run alone: others may go on beside it
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, settings.path());
    fusuma::speak(QLocale::c()); // English, with its forms for one and many
    fusuma::app::apply_theme(application, fusuma::app::Tone::light);
    return RUN_ALL_TESTS();
}
