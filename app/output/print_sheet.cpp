#include "app/output/print_sheet.h"

#include "app/common/painting.h"
#include "core/sheet/paper.h"
#include "formats/basics/in_words.h"

#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <algorithm>
#include <utility>

namespace fusuma::app {

namespace {

constexpr double mm_slack = 1.5; // that printers round paper sizes by

void paint_item(QPainter& painter, const PrintLayer& layer) {
    painter.save();
    if (const Rgb* colour = std::get_if<Rgb>(&layer.ink)) {
        painter.fillPath(to_qt(layer.area), to_qt(*colour));
    } else {
        if (!layer.area.empty())
            painter.setClipPath(to_qt(layer.area));
        draw_in_full(painter, std::get<PrintArt>(layer.ink), to_qt(layer.from_unit));
    }
    painter.restore();
}

/// Those that were chosen in the printer's dialog, counted from 0, in the order asked for.
std::vector<std::size_t> pages_to_print(const QPrinter& printer, std::size_t count) {
    std::vector<std::size_t> pages;
    const auto from = static_cast<std::size_t>(std::max(1, printer.fromPage()));
    const auto to = printer.toPage() > 0 ? std::min(count, static_cast<std::size_t>(printer.toPage())) : count;
    const bool has_range = printer.printRange() == QPrinter::PageRange;
    for (std::size_t page = has_range ? from : 1; page <= (has_range ? to : count); ++page)
        pages.push_back(page - 1);
    if (printer.pageOrder() == QPrinter::LastPageFirst)
        std::ranges::reverse(pages);
    return pages;
}

} // namespace

bool ask_for_printer(QPrinter& printer, Size paper, int pages, QWidget* parent) {
    const bool is_wide = paper.width > paper.height;
    const QSizeF upright(std::min(paper.width, paper.height), std::max(paper.width, paper.height));
    printer.setPageSize(QPageSize(upright, QPageSize::Millimeter, {}, QPageSize::FuzzyMatch));
    printer.setPageOrientation(is_wide ? QPageLayout::Landscape : QPageLayout::Portrait);
    QPrintDialog dialog(&printer, parent);
    if (pages > 1) {
        dialog.setOption(QAbstractPrintDialog::PrintPageRange);
        dialog.setMinMax(1, pages);
        dialog.setFromTo(1, pages);
    }
    return dialog.exec() == QDialog::Accepted;
}

Outcome paint_sheets(QPrinter& printer, const JobPlan& plan) {
    printer.setFullPage(true); // places count from the paper's edge
    const QSizeF set = printer.pageLayout().fullRect(QPageLayout::Millimeter).size();
    if (std::abs(set.width() - plan.paper.width) > mm_slack || std::abs(set.height() - plan.paper.height) > mm_slack)
        return Problem{"The printer is set to {paper}, but the sheet is {other}."_said
                           .with("paper", paper_name({set.width(), set.height()}))
                           .with("other", paper_name(plan.paper)),
                       "Choose that paper in the printer's settings; nothing was printed."_said};
    printer.setDocName(QStringLiteral("Fusuma sheet"));
    QPainter painter;
    if (!painter.begin(&printer))
        return Problem{"The printer does not take the sheet."_said, "Is it on, and does it have paper?"_said};
    painter.setRenderHint(QPainter::LosslessImageRendering); // or pictures are sent as JPEG
    const double dots = printer.resolution() / 25.4;
    const Problem failed{"The printer stopped before the sheet was done."_said,
                         "Look at the printer, then print again."_said};
    bool is_first = true;
    for (const std::size_t page : pages_to_print(printer, plan.pages.size())) {
        if (!std::exchange(is_first, false) && !printer.newPage())
            return failed;
        painter.resetTransform();
        painter.scale(dots, dots);
        painter.setTransform(to_qt(plan.print_correction), true);
        for (const PrintItem& item : plan.pages[page].prints)
            paint_item(painter, item.layer);
        for (const Mark& mark : plan.pages[page].marks)
            painter.fillPath(to_qt(ink_of(mark)), Qt::black);
    }
    const bool is_done =
        painter.end() && printer.printerState() != QPrinter::Error && printer.printerState() != QPrinter::Aborted;
    return is_done ? Outcome(Done{}) : failed;
}

void print_sheets(Model& model, std::shared_ptr<QPrinter> printer, std::shared_ptr<const JobPlan> plan,
                  const std::function<void(bool)>& then) {
    model.file_work.look_at(
        QCoreApplication::translate("printing", "Printing"),
        [printer = std::move(printer), plan = std::move(plan)]() -> Outcome {
            try {
                return paint_sheets(*printer, *plan);
            } catch (const std::exception& trouble) {
                return Problem{Said::verbatim(words_of(trouble).toStdString())};
            }
        },
        [&model, then](const Outcome& printed) {
            if (!printed)
                emit model.messages.problem(in_words(printed.problem()));
            if (then)
                then(bool(printed));
        });
}

} // namespace fusuma::app
