#include "core/drawing/parts.h"
#include "reading/svg/svg_read.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::svg {
namespace {

void take(std::string_view input) {
    const auto read = read_svg(QByteArray::fromRawData(input.data(), std::ssize(input)));
    if (!read || read->parts.size() > 200)
        return;
    const Drawing drawing(read->size, read->parts);
    for (std::size_t i = 0; i < drawing.parts.size(); ++i)
        static_cast<void>(drawing.region(i));
}

std::vector<std::string> seeds() {
    return {
        R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="60mm" viewBox="0 0 60 30"><style>.a{fill:#c30}</style><g id="g" transform="rotate(9)"><path class="a" d="M1 1h9v9a3 3 0 0 1-5 4z"/></g></svg>)svg",
        R"svg(<svg viewBox="0 0 9 9"><clipPath id="c"><circle r="5"/></clipPath><g clip-path="url(#c)" opacity=".5"><use href="#r" x="2"/><rect id="r" width="4" height="4" fill="url(#l)" stroke="#000" stroke-dasharray="1 2"/></g><linearGradient id="l"><stop stop-color="red"/><stop offset="1"/></linearGradient></svg>)svg",
        R"svg(<svg width="20" height="20"><text x="1" y="9" font-size="5">a</text><polygon points="1,2 3,4 5,0" fill-rule="evenodd"/></svg>)svg"};
}

const Registered target("svg", take, seeds);

} // namespace
} // namespace fusuma::fuzz::svg
