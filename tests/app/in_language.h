#pragma once

#include "formats/basics/shipped.h"

#include <QCoreApplication>
#include <QLocale>
#include <QTranslator>
#include <gtest/gtest.h>

namespace fusuma::app {

/// The program speaks one of its languages for as long as this lives. To be made before the window is.
class InLanguage {
  public:
    explicit InLanguage(const char* language) {
        EXPECT_TRUE(words.load(shipped_file(QStringLiteral("translations/fusuma_%1.qm").arg(QLatin1String(language)))));
        QLocale::setDefault(QLocale(QLatin1String(language)));
        QCoreApplication::installTranslator(&words);
    }
    ~InLanguage() {
        QCoreApplication::removeTranslator(&words);
        QLocale::setDefault(QLocale::c());
    }
    InLanguage(const InLanguage&) = delete;
    InLanguage& operator=(const InLanguage&) = delete;

  private:
    QTranslator words;
};

} // namespace fusuma::app
