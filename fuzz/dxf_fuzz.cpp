#include "reading/dxf/dxf_read.h"
#include "fuzz/target.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static_cast<void>(
        fusuma::read_dxf(QByteArray::fromRawData(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size))));
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    return {"0\nSECTION\n2\nENTITIES\n0\nLINE\n8\nkiss\n10\n0\n20\n0\n11\n2\n21\n0\n0\nARC\n8\na\n10\n5\n20\n5\n40\n1\n"
            "50\n0\n51\n90\n0\nENDSEC\n0\nEOF\n",
            "0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n8\na\n90\n2\n70\n1\n10\n3\n20\n0\n42\n1\n10\n4\n20\n0\n0\nELLIPSE"
            "\n8\nb\n10\n1\n20\n1\n11\n2\n21\n0\n40\n0.5\n41\n0\n42\n3\n0\nENDSEC\n0\nEOF\n"};
}
