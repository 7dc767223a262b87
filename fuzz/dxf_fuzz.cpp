#include "reading/dxf/dxf_read.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::dxf {
namespace {

void take(std::string_view input) {
    static_cast<void>(read_dxf(QByteArray::fromRawData(input.data(), std::ssize(input))));
}

std::vector<std::string> seeds() {
    return {"0\nSECTION\n2\nENTITIES\n0\nLINE\n8\nkiss\n10\n0\n20\n0\n11\n2\n21\n0\n0\nARC\n8\na\n10\n5\n20\n5\n40\n1\n"
            "50\n0\n51\n90\n0\nENDSEC\n0\nEOF\n",
            "0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n8\na\n90\n2\n70\n1\n10\n3\n20\n0\n42\n1\n10\n4\n20\n0\n0\nELLIPSE"
            "\n8\nb\n10\n1\n20\n1\n11\n2\n21\n0\n40\n0.5\n41\n0\n42\n3\n0\nENDSEC\n0\nEOF\n"};
}

const Registered target("dxf", take, seeds);

} // namespace
} // namespace fusuma::fuzz::dxf
