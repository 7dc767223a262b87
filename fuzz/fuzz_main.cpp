// What libFuzzer starts: fuzz-parsers --of=NAME goes on with that target; with --seeds-into=FOLDER, too, it writes the
// target's seeds there as files and ends. libFuzzer itself takes no notice of words that start with two dashes.

#include "fuzz/target.h"

#include <cstdint>
#include <cstdlib>
#include <fstream>
#include <optional>

namespace fusuma::fuzz {
namespace {

const Target* chosen = nullptr;

std::optional<std::string> value_of(const std::string& option, int argc, char** argv) {
    for (int i = 1; i < argc; ++i)
        if (const std::string word = argv[i]; word.starts_with(option))
            return word.substr(option.size());
    return std::nullopt;
}

bool write(const std::vector<std::string>& seeds, const std::string& folder) {
    int number = 0;
    for (const std::string& seed : seeds)
        if (!(std::ofstream(folder + "/seed-" + std::to_string(++number), std::ios::binary) << seed))
            return false;
    return number > 0;
}

} // namespace

std::map<std::string_view, Target>& targets() {
    static std::map<std::string_view, Target> all;
    return all;
}

} // namespace fusuma::fuzz

using namespace fusuma::fuzz;

extern "C" int LLVMFuzzerInitialize(int* argc, char*** argv) {
    const auto known = targets().find(value_of("--of=", *argc, *argv).value_or(""));
    if (known == targets().end())
        std::exit(2);
    chosen = &known->second;
    if (const auto folder = value_of("--seeds-into=", *argc, *argv))
        std::exit(write(chosen->seeds(), *folder) ? 0 : 1);
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    chosen->take({reinterpret_cast<const char*>(data), size});
    return 0;
}
