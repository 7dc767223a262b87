#include "fuzz/target.h"
#include "reading/table/cells.h"

namespace fusuma::fuzz::table {
namespace {

void take(std::string_view input) {
    const QByteArray bytes = QByteArray::fromRawData(input.data(), std::ssize(input));
    constexpr const char* named[] = {"Windows-1250", "Shift_JIS", "EUC-JP", "GB18030", "Big5", "UTF-16"};
    static_cast<void>(cells_of(bytes, named[input.size() % std::size(named)]));
    const auto read = cells_of(bytes);
    if (!read)
        return;
    const Table table = table_of(read->cells, looks_like_header(read->cells, {"name"}));
    const std::string text(input);
    static_cast<void>(filled_in(text, &table, 1, {2026, 8, 29}));
}

std::vector<std::string> seeds() {
    return {"name,price\n\"Kelp, salted\",4.50\n", "a;b\n\"c\"\"d\";{date+9:ddd d MMM yy}\n",
            "{name|x} {number:007} {{ {date-3}\t\xff\xfe"};
}

const Registered target("table", take, seeds);

} // namespace
} // namespace fusuma::fuzz::table
