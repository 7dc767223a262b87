// A hundred pages of a project's stickers written as a PDF, beside libqpdf rewriting that very file: with what is
// packed in it copied as it is, and packed anew as writing has to. Usage: bench-pages PROJECT.fusuma

#include "bench/figure.h"
#include "core/plan/planner.h"
#include "formats/pdf/pdf_write.h"
#include "formats/project/project_file.h"
#include "formats/room/room.h"

#include <QCoreApplication>
#include <iostream>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFWriter.hh>

namespace {

using namespace fusuma;

std::size_t rewritten(const std::string& file, bool packs_anew) {
    QPDF pdf;
    pdf.processMemoryFile("pages.pdf", file.data(), file.size());
    QPDFWriter writer(pdf);
    writer.setOutputMemory();
    writer.setRecompressFlate(packs_anew);
    writer.write();
    return writer.getBufferSharedPointer()->getSize();
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv);
    room::prepare();
    auto project = argc == 2 ? load_project(QString::fromLocal8Bit(argv[1]))
                             : Result<Document>(Problem{"usage: bench-pages PROJECT"_said});
    if (!project) {
        std::cerr << project.problem().english() << '\n';
        return 2;
    }
    constexpr int pages = 100;
    Document document = std::move(*project);
    const std::vector<Placement> copies = document.placements;
    const int own_pages = std::exchange(document.pages, pages);
    for (int page = own_pages; page < pages; ++page)
        for (Placement copy : copies)
            if (copy.page == page % own_pages) {
                copy.page = page;
                document.put(copy);
            }
    Planner planner;
    const auto plan = planner.plan(document);
    std::string pdf;
    const double write = bench::best_seconds([&] { pdf = print_pdf(*plan); });
    const double copy = bench::best_seconds([&] { static_cast<void>(rewritten(pdf, false)); });
    const double pack = bench::best_seconds([&] { static_cast<void>(rewritten(pdf, true)); });
    std::cout << plan->pages.size() << " pages, " << document.placements.size() << " copies, "
              << static_cast<double>(pdf.size()) / 1e6 << " MB: written in " << write << " s, rewritten by libqpdf in "
              << copy << " s, packed anew in " << pack << " s\n";
    bench::tell("pages-pdf-over-qpdf", write / copy);
    bench::tell("pages-pdf-over-qpdf-packing", write / pack);
    return 0;
}
