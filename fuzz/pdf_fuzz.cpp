#include "core/plan/planner.h"
#include "formats/pdf/pdf_write.h"
#include "reading/picture/pdf_pages.h"
#include "fuzz/target.h"

/// Pages as pictures, small ones.

namespace fusuma::fuzz::pdf {
namespace {

void take(std::string_view input) {
    const QByteArray bytes(input.data(), std::ssize(input));
    constexpr double dpi = 10;
    constexpr qint64 most_px = 100'000;
    const auto pages = pdf_page_count(bytes);
    if (pages && *pages > 0)
        static_cast<void>(render_pdf_page(bytes, *pages, dpi, most_px));
}

std::vector<std::string> seeds() {
    Planner planner;
    Document document;
    document.sheet.paper = {60, 40};
    document.sheet.division.columns = 2;
    document.sheet.division.cut = Division::Cut::score;
    return {print_pdf(*planner.plan(document), {true, {}})};
}

const Registered target("pdf", take, seeds);

} // namespace
} // namespace fusuma::fuzz::pdf
