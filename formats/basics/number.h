#pragma once

#include <charconv>
#include <cmath>
#include <string>

namespace fusuma {

/// A number for a file: at most `decimals` places, no trailing zeros, a point whatever the locale, never "-0".
inline std::string number(double value, int decimals) {
    char text[64];
    const auto end = std::to_chars(text, text + sizeof text, value, std::chars_format::fixed, decimals).ptr;
    std::string result(text, end);
    if (result.find('.') != std::string::npos) {
        result.erase(result.find_last_not_of('0') + 1);
        if (result.back() == '.')
            result.pop_back();
    }
    return result == "-0" ? "0" : result;
}

} // namespace fusuma
