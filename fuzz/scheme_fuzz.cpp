#include "formats/machine/mark_scheme.h"
#include "fuzz/target.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static_cast<void>(fusuma::read_mark_scheme({reinterpret_cast<const char*>(data), size}));
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    return {R"({"name":"a","marks":[{"shape":"dot","from":"top-left","x":12,"y":14,"radius":2}]})",
            R"({"name":"b","marks":[{"shape":"ring","from":"bottom-right","x":1,"y":1e3,"radius":2,"line":0.1}]})",
            "[[[{"};
}
