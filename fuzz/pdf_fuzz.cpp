#include "core/plan/planner.h"
#include "formats/pdf/pdf_write.h"
#include "reading/picture/pdf_pages.h"
#include "fuzz/target.h"

/// Pages as pictures, small ones.
extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const QByteArray bytes(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
    constexpr double dpi = 10;
    constexpr qint64 most_px = 100'000;
    const auto pages = fusuma::pdf_page_count(bytes);
    if (pages && *pages > 0)
        static_cast<void>(fusuma::render_pdf_page(bytes, *pages, dpi, most_px));
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    fusuma::Planner planner;
    fusuma::Document document;
    document.sheet.paper = {60, 40};
    document.sheet.division.columns = 2;
    document.sheet.division.cut = fusuma::Division::Cut::score;
    return {fusuma::print_pdf(*planner.plan(document), {true, {}})};
}
