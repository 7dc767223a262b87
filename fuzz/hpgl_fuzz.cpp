#include "formats/cut_files/hpgl.h"
#include "fuzz/target.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    fusuma::HpglReader reader;
    const std::string_view bytes(reinterpret_cast<const char*>(data), size);
    const std::size_t half = bytes.size() / 2; // arrives in two pieces
    if (reader.take(bytes.substr(0, half)))
        static_cast<void>(reader.take(bytes.substr(half)));
    static_cast<void>(reader.strokes());
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    return {"IN;SP1;PU2716,11560;PD2708,11545,2700,11531,2692,11516;PU;SP0;",
            "IN;\nSP2;PA;PU10,10PD20,20PR;PD5,-5;VS10;FS3;LBwords;PU;"};
}
