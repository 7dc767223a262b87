#pragma once

#include "core/said.h"

#include <string>

namespace CLI {
class App;
class ParseError;
} // namespace CLI

namespace fusuma {

/// "0.2.0", from the newest entry of CHANGELOG.md.
[[nodiscard]] const char* version();
/// When that was, as ISO 8601 has it.
[[nodiscard]] const char* release_date();

/// What every program of ours knows: `--version`, and `--describe man|bash|zsh|fish`, which help does not list and
/// which prints its man page or a shell's completion. Call it when all other options are there.
/// @param name  what the program is installed as
/// What is said of it all is put into the language that the program speaks.
void add_usual_options(CLI::App& program, const std::string& name);

/// Tells what was asked for (help, the version), or why its arguments cannot be understood.
/// @return  what the program is to end with: 0 or 2
int ended_by(const CLI::App& program, const CLI::ParseError& why);

/// Tells the person on standard error, in one line.
void tell(const Said& said);

} // namespace fusuma
