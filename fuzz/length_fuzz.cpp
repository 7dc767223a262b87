#include "core/sheet/paper.h"
#include "core/units.h"
#include "fuzz/target.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    static_cast<void>(fusuma::parse_length(text, fusuma::Unit::inch));
    static_cast<void>(fusuma::parse_paper(text));
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    return {"1/8in", "-(2,5 cm + 3)*4/2", "((((1))))", "4x6in", "100mm x 5in", "1e5", "−3\""};
}
