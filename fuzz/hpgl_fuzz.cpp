#include "formats/cut_files/hpgl.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::hpgl {
namespace {

void take(std::string_view bytes) {
    HpglReader reader;
    const std::size_t half = bytes.size() / 2; // arrives in two pieces
    if (reader.take(bytes.substr(0, half)))
        static_cast<void>(reader.take(bytes.substr(half)));
    static_cast<void>(reader.strokes());
}

std::vector<std::string> seeds() {
    return {"IN;SP1;PU2716,11560;PD2708,11545,2700,11531,2692,11516;PU;SP0;",
            "IN;\nSP2;PA;PU10,10PD20,20PR;PD5,-5;VS10;FS3;LBwords;PU;"};
}

const Registered target("hpgl", take, seeds);

} // namespace
} // namespace fusuma::fuzz::hpgl
