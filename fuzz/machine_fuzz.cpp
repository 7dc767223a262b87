#include "formats/machine/machine_file.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::machine {
namespace {

void take(std::string_view input) {
    if (const auto machine = read_machine(std::string(input)))
        if (const auto back = read_machine(machine_text(*machine)); !back)
            __builtin_trap(); // what was read can be written and read again
}

std::vector<std::string> seeds() {
    Machine other;
    other.language = CutLanguage::gcode;
    other.before = "G92 X0 Y0\nM9";
    other.park = Point{3, 400};
    return {machine_text({}), machine_text(other), R"({"name": "Small", "hpgl": {"most_bytes": 60}})"};
}

const Registered target("machine", take, seeds);

} // namespace
} // namespace fusuma::fuzz::machine
