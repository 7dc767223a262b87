#pragma once

#include <string>

namespace CLI {
class App;
}

namespace fusuma {

/// A program's man page, section 1, with a part for each of its commands.
/// Source: man-pages(7) for the parts and their order; groff_man(7) for the macros
[[nodiscard]] std::string man_page(const CLI::App& program);

/// A script that completes the program's commands and options, and the words of those that take one of a few; else
/// names of files.
/// @param shell  bash, zsh or fish
[[nodiscard]] std::string completion(const CLI::App& program, const std::string& shell);

} // namespace fusuma
