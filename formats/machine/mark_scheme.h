#pragma once

#include "core/result.h"
#include "core/sheet/marks.h"
#include "formats/basics/json.h"

#include <QString>
#include <string_view>

namespace fusuma {

constexpr std::size_t most_marks = 100;

/// Reads a scheme file (docs/guide/mark-schemes.md). A message says in which line and field the file is wrong.
[[nodiscard]] Result<MarkScheme> read_mark_scheme(std::string_view text);

/// The same from a file, read in a room of its own (formats/room/room.h).
[[nodiscard]] Result<MarkScheme> load_mark_scheme(const QString& path);

/// A scheme as in its file.
[[nodiscard]] nlohmann::json mark_scheme_json(const MarkScheme& scheme);

} // namespace fusuma
