#pragma once

#include "core/geometry/point.h"
#include "core/said.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>

namespace fusuma {

struct Paper {
    std::string_view id;   ///< as on the command line, e.g. "a4"
    std::string_view name; ///< as shown to people, e.g. "A4"
    Size size;             ///< mm, upright
};

/// Papers known by name. Source: ISO 216; ANSI/ASME Y14.1; JIS P 0138 and the media names of PWG 5101.1, from memory.
[[nodiscard]] std::span<const Paper> papers();

/// Reads a paper's id, or a custom size such as `120x180` (mm), `4x6in`, `100mm x 5in`.
/// @return  mm, each side 20 to 2000; nothing when the text is neither
[[nodiscard]] std::optional<Size> parse_paper(std::string_view text);

/// "A4, upright", "Letter, sideways", or the bare size when it has no name.
[[nodiscard]] Said paper_name(Size size);

} // namespace fusuma
