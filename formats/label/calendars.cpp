#include "formats/label/calendars.h"

#include "formats/basics/shipped.h"

#include <QDir>
#include <QLocale>

namespace fusuma {

namespace {

/// Its long date without the weekday.
std::string usual_of(const QLocale& locale) {
    QString pattern = locale.dateFormat(QLocale::LongFormat);
    pattern.remove(QStringLiteral("dddd"));
    const auto is_between = [](QChar c) { return c.isSpace() || c == QLatin1Char(',') || c == QChar(0x060c); };
    while (!pattern.isEmpty() && is_between(pattern.front()))
        pattern.remove(0, 1);
    while (!pattern.isEmpty() && is_between(pattern.back()))
        pattern.chop(1);
    return pattern.toStdString();
}

} // namespace

std::shared_ptr<const Calendar> calendar_in(const QString& language) {
    const QLocale locale(language);
    if (locale.language() == QLocale::C)
        return nullptr;
    Calendar calendar;
    if (locale.language() == QLocale::English)
        return std::make_shared<const Calendar>(std::move(calendar)); // it has what English has
    calendar.language = locale.bcp47Name().toStdString();
    for (int month = 1; month <= 12; ++month) {
        const auto i = static_cast<std::size_t>(month - 1);
        calendar.months[i] = locale.monthName(month).toStdString();
        calendar.short_months[i] = locale.monthName(month, QLocale::ShortFormat).toStdString();
    }
    for (int day = 1; day <= 7; ++day) { // Qt's from Monday
        const auto i = static_cast<std::size_t>(day % 7);
        calendar.weekdays[i] = locale.dayName(day).toStdString();
        calendar.short_weekdays[i] = locale.dayName(day, QLocale::ShortFormat).toStdString();
    }
    calendar.usual = usual_of(locale);
    return std::make_shared<const Calendar>(std::move(calendar));
}

QStringList calendar_languages() {
    QStringList all;
    for (const QString& file :
         QDir(shipped_file(QStringLiteral("translations"))).entryList({"fusuma_*.qm"}, QDir::Files))
        all << file.section(QLatin1Char('_'), 1).section(QLatin1Char('.'), 0, 0);
    const auto own = calendar_in(QLocale().bcp47Name());
    if (own && !all.contains(QString::fromStdString(own->language)))
        all << QString::fromStdString(own->language);
    return all;
}

} // namespace fusuma
