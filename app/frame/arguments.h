#pragma once

#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace fusuma::app {

/// What the program was started with.
struct Arguments {
    std::vector<std::string> files;
    bool new_label = false, example = false;
};
void describe(CLI::App& program, Arguments& arguments);

} // namespace fusuma::app
