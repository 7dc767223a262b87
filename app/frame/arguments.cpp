#include "app/frame/arguments.h"

#include "formats/manual/usual_options.h"

#include <CLI/CLI.hpp>

namespace fusuma::app {

void describe(CLI::App& program, Arguments& arguments) {
    program.description("Fusuma: print-then-cut sticker sheets from pictures");
    program.add_option("FILE", arguments.files, "projects to open, and pictures and drawings to add");
    auto* label = program.add_flag("--new-label", arguments.new_label, "begin with a new label");
    program
        .add_flag("--example", arguments.example,
                  "open the example that comes with the program, unless FILEs are given")
        ->excludes(label);
    add_usual_options(program, "fusuma");
}

} // namespace fusuma::app
