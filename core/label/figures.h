#pragma once

#include <string>

namespace fusuma {

/// A number ≥ 0 in at least so many figures.
[[nodiscard]] inline std::string padded(int value, std::size_t figures) {
    std::string text = std::to_string(value);
    return text.size() < figures ? std::string(figures - text.size(), '0') + text : text;
}

} // namespace fusuma
