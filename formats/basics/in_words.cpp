#include "formats/basics/in_words.h"

#include <QCoreApplication>
#include <QLocale>

namespace fusuma {

namespace {

/// As core writes it, with the locale's decimal sign; "−" stays.
QString by_locale(const std::string& english) {
    return QString::fromStdString(english).replace(QLatin1Char('.'), QLocale().decimalPoint());
}

QString value_in_words(const Said::Value& value) {
    using Kind = Said::Value::Kind;
    if (value.kind == Kind::length)
        return length_in_words(value.number, value.unit);
    if (value.kind == Kind::number)
        return number_in_words(value.number, value.decimals);
    QStringList all;
    for (const Said& one : value.said)
        all << in_words(one);
    return QLocale().createSeparatedList(all);
}

/// The sentence in the program's language, with its count.
QString translated(const Said& said) {
    const QByteArray source(said.sentence.data(), static_cast<qsizetype>(said.sentence.size()));
    const QString words =
        QCoreApplication::translate("said", source.constData(), nullptr, static_cast<int>(said.count));
    const bool is_english =
        said.count == 1 && words == QString::fromUtf8(source).replace(QLatin1String("%n"), QLatin1String("1"));
    return is_english ? QString::fromUtf8(said.of_one.data(), static_cast<qsizetype>(said.of_one.size()))
                            .replace(QLatin1String("%n"), QLatin1String("1"))
                      : words;
}

} // namespace

QString in_words(const Said& said) {
    if (said.sentence.empty()) {
        QString all = QString::fromStdString(said.words);
        for (const Said& part : said.parts)
            all += (all.isEmpty() ? QString() : QStringLiteral(" ")) + in_words(part);
        return all;
    }
    // What is put in may hold such names itself, so each place is filled once.
    const QString words = translated(said);
    QString filled;
    for (qsizetype at = 0; at < words.size();) {
        const qsizetype open = words.indexOf(QLatin1Char('{'), at), close = words.indexOf(QLatin1Char('}'), open);
        if (open < 0 || close < 0)
            return filled + words.mid(at);
        filled += words.mid(at, open - at);
        const QString name = words.mid(open + 1, close - open - 1);
        const Said::Value* known = nullptr;
        for (const Said::Value& value : said.values)
            if (QLatin1String(value.name.data(), static_cast<qsizetype>(value.name.size())) == name)
                known = &value;
        filled += known ? value_in_words(*known) : words.mid(open, close - open + 1);
        at = close + 1;
    }
    return filled;
}

QString number_in_words(double number, int decimals) {
    return by_locale(QString::number(number, 'f', decimals).toStdString());
}

QString length_in_words(double mm, Unit unit) {
    return by_locale(format_length(mm, unit));
}

QString distance_in_words(double mm, Unit unit) {
    return by_locale(format_distance(mm, unit));
}

} // namespace fusuma
