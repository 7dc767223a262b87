#pragma once

#include "core/result.h"

#include <string>
#include <string_view>

namespace fusuma {

/// How much of it a text may hold before it is parsed.
struct JsonBounds {
    std::size_t bytes = 1 << 20;
    std::size_t values = 1 << 20;
};
inline constexpr int deepest_json = 200; ///< brackets within brackets

/// Why a JSON text is not even to be parsed: too long, too deep, or more values than memory is worth. Without a name.
[[nodiscard]] Outcome within_bounds(std::string_view text, const JsonBounds& bounds);

/// Drops what lists of that name in a JSON text hold beyond `most` values, so that no memory is spent on it.
/// @return how many were dropped; lists that are not closed stay as they are
std::size_t cut_lists(std::string& text, std::string_view name, std::size_t most);

} // namespace fusuma
