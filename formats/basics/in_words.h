#pragma once

#include "core/result.h"

#include <QString>

namespace fusuma {

// Where messages are put into words, in the language and by the numbers of the program's locale.

[[nodiscard]] QString in_words(const Said& said);
[[nodiscard]] inline QString in_words(const Problem& problem) {
    return in_words(problem.said());
}

/// With the locale's decimal sign.
[[nodiscard]] QString number_in_words(double number, int decimals);
/// "2.0 mm", "0.079 in": as many decimals as a maker can use, with the locale's decimal sign.
[[nodiscard]] QString length_in_words(double mm, Unit unit);
/// A long way, in metres from one on.
[[nodiscard]] QString distance_in_words(double mm, Unit unit);

} // namespace fusuma
