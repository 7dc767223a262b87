#include "formats/machine/machine_file.h"
#include "fuzz/target.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    if (const auto machine = fusuma::read_machine({reinterpret_cast<const char*>(data), size}))
        if (const auto back = fusuma::read_machine(fusuma::machine_text(*machine)); !back)
            __builtin_trap(); // what was read can be written and read again
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    fusuma::Machine other;
    other.language = fusuma::CutLanguage::gcode;
    other.before = "G92 X0 Y0\nM9";
    other.park = fusuma::Point{3, 400};
    return {fusuma::machine_text({}), fusuma::machine_text(other), R"({"name": "Small", "hpgl": {"most_bytes": 60}})"};
}
