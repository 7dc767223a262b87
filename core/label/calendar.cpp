#include "core/label/calendar.h"

#include "core/label/figures.h"

#include <algorithm>

namespace fusuma {

namespace {

constexpr int repeats = 400; // years, of whole weeks: so many are added, so that none is counted below nought

/// Days since 1 March of the year −400, in the Gregorian calendar.
/// Source: Richards, Explanatory Supplement to the Astronomical Almanac, 2013, 15.11 (from memory)
int days_of(Day d) {
    const int month = (d.month + 9) % 12, year = d.year + repeats - month / 10;
    return 365 * year + year / 4 - year / 100 + year / 400 + (month * 306 + 5) / 10 + d.day - 1;
}

Day day_of(int days) {
    int year = static_cast<int>((10000LL * days + 14780) / 3652425);
    const auto in_year = [&] { return days - (365 * year + year / 4 - year / 100 + year / 400); };
    if (in_year() < 0)
        --year;
    const int month = (100 * in_year() + 52) / 3060;
    return {year - repeats + (month + 2) / 12, (month + 2) % 12 + 1, in_year() - (month * 306 + 5) / 10 + 1};
}

/// One letter so many times, as a part of the day; itself where it means none.
std::string part_of(Day day, char letter, std::size_t times, const Calendar& calendar) {
    const auto weekday = static_cast<std::size_t>((days_of(day) + 3) % 7);
    const auto month = static_cast<std::size_t>(std::clamp(day.month, 1, 12) - 1);
    if (letter == 'd' && times <= 2)
        return padded(day.day, times);
    if (letter == 'd' && times <= 4)
        return (times == 3 ? calendar.short_weekdays : calendar.weekdays)[weekday];
    if (letter == 'M' && times <= 2)
        return padded(day.month, times);
    if (letter == 'M' && times <= 4)
        return (times == 3 ? calendar.short_months : calendar.months)[month];
    if (letter == 'y' && times == 2)
        return padded(day.year % 100, 2);
    return letter == 'y' && times == 4 ? padded(day.year, 4) : std::string(times, letter);
}

} // namespace

Day later(Day day, int days) {
    return day_of(days_of(day) + days);
}

std::string in_words(Day day, const std::string& given, const Calendar& calendar) {
    const std::string& pattern = given.empty() ? calendar.usual : given;
    std::string words;
    for (std::size_t i = 0; i < pattern.size();) {
        const std::size_t end = pattern[i] == '\'' ? pattern.find('\'', i + 1) : std::string::npos;
        if (end != std::string::npos) {
            words += end == i + 1 ? "'" : pattern.substr(i + 1, end - i - 1);
            i = end + 1;
            continue;
        }
        const std::size_t next = std::min(pattern.find_first_not_of(pattern[i], i), pattern.size());
        words += part_of(day, pattern[i], next - i, calendar);
        i = next;
    }
    return words;
}

} // namespace fusuma
