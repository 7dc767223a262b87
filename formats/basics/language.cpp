#include "formats/basics/language.h"

#include "formats/basics/shipped.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>

namespace fusuma {

namespace {

/// The application owns what it translates by.
bool take_words(const QLocale& locale, const QString& name, const QString& folder) {
    auto* words = new QTranslator(QCoreApplication::instance());
    return words->load(locale, name, QStringLiteral("_"), folder) && QCoreApplication::installTranslator(words);
}

} // namespace

void speak(const QLocale& locale) {
    const QString fusuma = QStringLiteral("fusuma"), ours = shipped_file(QStringLiteral("translations"));
    take_words(locale, QStringLiteral("qtbase"), QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    if (!take_words(locale, fusuma, ours))
        take_words(QLocale(QLocale::English), fusuma, ours); // its forms for one and many
}

} // namespace fusuma
