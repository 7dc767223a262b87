#include "reading/table/cells.h"
#include "fuzz/target.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const auto read =
        fusuma::cells_of(QByteArray::fromRawData(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size)));
    if (!read)
        return 0;
    const fusuma::Table table = fusuma::table_of(read->cells, fusuma::looks_like_header(read->cells, {"name"}));
    const std::string text(reinterpret_cast<const char*>(data), size);
    static_cast<void>(fusuma::filled_in(text, &table, 1, {2026, 8, 29}));
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    return {"name,price\n\"Kelp, salted\",4.50\n", "a;b\n\"c\"\"d\";{date+9:ddd d MMM yy}\n",
            "{name|x} {number:007} {{ {date-3}\t\xff\xfe"};
}
