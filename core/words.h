#pragma once

#include <array>
#include <optional>
#include <string_view>

namespace fusuma {

/// One choice of an enum in words.
template <typename E> struct Word {
    E value;
    std::string_view word;    ///< in project files, reports and on the command line
    std::string_view label{}; ///< in the window, to be translated; empty where it shows none
};

template <typename E> Word(E, std::string_view) -> Word<E>;
template <typename E> Word(E, std::string_view, std::string_view) -> Word<E>;

/// The words of an enum's choices, in the order in which lists show them: an array of `Word`, beside the enum. Files, the
/// command line and the window all read this one table.
template <typename E> inline constexpr int words = 0;

template <typename E> constexpr std::string_view word_of(E value) {
    for (const Word<E>& w : words<E>)
        if (w.value == value)
            return w.word;
    return {};
}

template <typename E> constexpr std::string_view label_of(E value) {
    for (const Word<E>& w : words<E>)
        if (w.value == value)
            return w.label;
    return {};
}

/// Nothing when no choice has that word.
template <typename E> constexpr std::optional<E> value_of(std::string_view word) {
    for (const Word<E>& w : words<E>)
        if (w.word == word)
            return w.value;
    return std::nullopt;
}

} // namespace fusuma
