#include "core/sheet/paper.h"
#include "core/units.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::length {
namespace {

void take(std::string_view text) {
    static_cast<void>(parse_length(text, Unit::inch));
    static_cast<void>(parse_paper(text));
}

std::vector<std::string> seeds() {
    return {"1/8in", "-(2,5 cm + 3)*4/2", "((((1))))", "4x6in", "100mm x 5in", "1e5", "−3\""};
}

const Registered target("length", take, seeds);

} // namespace
} // namespace fusuma::fuzz::length
