#pragma once

#include <array>
#include <string>

namespace fusuma {

/// A day of the Gregorian calendar.
struct Day {
    int year = 2026, month = 1, day = 1;
    bool operator==(const Day&) const = default;
};
/// The day so many days later, not before the year −400.
[[nodiscard]] Day later(Day day, int days);

/// How a language writes days. Names are UTF-8.
struct Calendar {
    std::string language = "en"; ///< its tag by BCP 47
    std::array<std::string, 12> months{"January", "February", "March",     "April",   "May",      "June",
                                       "July",    "August",   "September", "October", "November", "December"};
    std::array<std::string, 12> short_months{"Jan", "Feb", "Mar", "Apr", "May", "Jun",
                                             "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"};
    std::array<std::string, 7> weekdays{"Sunday",   "Monday", "Tuesday", "Wednesday",
                                        "Thursday", "Friday", "Saturday"}; ///< from Sunday
    std::array<std::string, 7> short_weekdays{"Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"};
    std::string usual = "d MMMM yyyy"; ///< its pattern of a day without weekday
    bool operator==(const Calendar& other) const { return language == other.language; }
};

/// In words by a pattern: d, dd, M, MM, MMM, MMMM, yy, yyyy, and ddd or dddd for the weekday. What stands between two
/// apostrophes stays as it is, '' is one, and so stays all else.
/// @param pattern  empty for the usual one
/// Source: patterns as in Unicode Technical Standard 35, part 4, as far as they are needed; names of the weekday there
/// are E and c (from memory)
[[nodiscard]] std::string in_words(Day day, const std::string& pattern = {}, const Calendar& calendar = {});

} // namespace fusuma
