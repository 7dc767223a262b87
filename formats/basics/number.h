#pragma once

#include <charconv>
#include <string>

namespace fusuma {

/// A number for a file: at most `decimals` places, no trailing zeros, a point whatever the locale, never "-0".
inline void append_number(std::string& to, double value, int decimals) {
    char text[64];
    char* end = std::to_chars(text, text + sizeof text, value, std::chars_format::fixed, decimals).ptr;
    if (decimals > 0) {
        while (end[-1] == '0')
            --end;
        if (end[-1] == '.')
            --end;
    }
    const bool is_minus_zero = end - text == 2 && text[0] == '-' && text[1] == '0';
    to.append(is_minus_zero ? text + 1 : text, end);
}
[[nodiscard]] inline std::string number(double value, int decimals) {
    std::string text;
    append_number(text, value, decimals);
    return text;
}

} // namespace fusuma
