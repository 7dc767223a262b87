#include "formats/machine/mark_scheme.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::scheme {
namespace {

void take(std::string_view input) {
    static_cast<void>(read_mark_scheme(input));
}

std::vector<std::string> seeds() {
    return {R"({"name":"a","marks":[{"shape":"dot","from":"top-left","x":12,"y":14,"radius":2}]})",
            R"({"name":"b","marks":[{"shape":"ring","from":"bottom-right","x":1,"y":1e3,"radius":2,"line":0.1}]})",
            "[[[{"};
}

const Registered target("scheme", take, seeds);

} // namespace
} // namespace fusuma::fuzz::scheme
