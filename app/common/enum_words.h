#pragma once

#include "core/words.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>

namespace fusuma::app {

// Lists of choices in the window: an enum's words in the order of its table, and the way back from a place in the list.

template <typename E> [[nodiscard]] QString label_text(E value) {
    return QCoreApplication::translate("words", label_of(value).data());
}

/// Within a sentence: in lower case, but in German, whose nouns keep their capitals.
template <typename E> [[nodiscard]] QString label_within(E value) {
    const QString text = label_text(value);
    return QLocale().language() == QLocale::German ? text : text.toLower();
}

template <typename E> [[nodiscard]] QStringList labels() {
    QStringList all;
    for (const Word<E>& w : words<E>)
        all << QCoreApplication::translate("words", w.label.data());
    return all;
}

/// @param place  in the list, from 0
template <typename E> [[nodiscard]] E choice_at(int place) {
    return words<E>.at(static_cast<std::size_t>(place)).value;
}

template <typename E> [[nodiscard]] int place_of(E value) {
    int place = 0;
    for (const Word<E>& w : words<E>) {
        if (w.value == value)
            return place;
        ++place;
    }
    return -1;
}

} // namespace fusuma::app
