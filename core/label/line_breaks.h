#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace fusuma {

/// A word as pieces between which a line may end, in order: of scripts that are written without blanks, such as
/// Japanese and Thai, every place where Unicode allows it; other words stay whole, with their hyphens.
/// Source: Unicode Standard Annex 14 (and dictionaries for scripts that need them), by ICU
[[nodiscard]] std::vector<std::string> pieces_of(std::string_view word);

} // namespace fusuma
