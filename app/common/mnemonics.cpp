#include "app/common/mnemonics.h"

#include <QMenu>
#include <QSet>

namespace fusuma::app {

namespace {

/// Where an entry's letter stands: behind its “&”; −1 when it has none.
qsizetype letter_at(const QString& words) {
    for (qsizetype i = words.indexOf(QLatin1Char('&')); i >= 0 && i + 1 < words.size();
         i = words.indexOf(QLatin1Char('&'), i + 2))
        if (words[i + 1] != QLatin1Char('&'))
            return i + 1;
    return -1;
}

} // namespace

void give_mnemonics(QMenu& menu) {
    QSet<QChar> taken;
    QList<QAction*> without;
    for (QAction* action : menu.actions()) {
        if (const qsizetype at = letter_at(action->text()); at >= 0)
            taken.insert(action->text()[at].toLower());
        else if (!action->isSeparator())
            without << action;
    }
    for (QAction* action : without) {
        const QString words = action->text();
        qsizetype best = -1;
        for (qsizetype i = 0; i < words.size() && best < 0; ++i) // the first letter of a word reads best
            if (words[i].isLetter() && (i == 0 || !words[i - 1].isLetter()) && !taken.contains(words[i].toLower()))
                best = i;
        for (qsizetype i = 0; i < words.size() && best < 0; ++i)
            if (words[i].isLetter() && !taken.contains(words[i].toLower()))
                best = i;
        if (best < 0)
            continue;
        taken.insert(words[best].toLower());
        action->setText(QString(words).insert(best, QLatin1Char('&')));
    }
}

} // namespace fusuma::app
