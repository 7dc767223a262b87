#include "formats/manual/usual_options.h"

#include "formats/manual/manual.h"

#include <CLI/CLI.hpp>
#include <iostream>

namespace fusuma {

const char* version() {
    return FUSUMA_VERSION;
}

const char* release_date() {
    return FUSUMA_RELEASE_DATE;
}

void add_usual_options(CLI::App& program, const std::string& name) {
    program.name(name);
    program.set_version_flag("--version", "Fusuma " FUSUMA_VERSION, "print the version and end");
    program
        .add_option_function<std::string>(
            "--describe",
            [&program](const std::string& kind) {
                std::cout << (kind == "man" ? man_page(program) : completion(program, kind)) << std::flush;
                throw CLI::Success();
            },
            "print the man page or a shell's completion")
        ->check(CLI::IsMember({"man", "bash", "zsh", "fish"}))
        ->group(""); // of no use but to those who make packages
}

} // namespace fusuma
