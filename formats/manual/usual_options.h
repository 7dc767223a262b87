#pragma once

#include <string>

namespace CLI {
class App;
}

namespace fusuma {

/// "0.2.0", from the newest entry of CHANGELOG.md.
[[nodiscard]] const char* version();
/// When that was, as ISO 8601 has it.
[[nodiscard]] const char* release_date();

/// What every program of ours knows: `--version`, and `--describe man|bash|zsh|fish`, which help does not list and
/// which prints its man page or a shell's completion. Call it when all other options are there.
/// @param name  what the program is installed as
void add_usual_options(CLI::App& program, const std::string& name);

} // namespace fusuma
