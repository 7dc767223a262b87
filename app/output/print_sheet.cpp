#include "app/output/print_sheet.h"

#include "app/common/painting.h"
#include "core/sheet/paper.h"

#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>

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

} // namespace

bool ask_for_printer(QPrinter& printer, Size paper, QWidget* parent) {
    const bool is_wide = paper.width > paper.height;
    const QSizeF upright(std::min(paper.width, paper.height), std::max(paper.width, paper.height));
    printer.setPageSize(QPageSize(upright, QPageSize::Millimeter, {}, QPageSize::FuzzyMatch));
    printer.setPageOrientation(is_wide ? QPageLayout::Landscape : QPageLayout::Portrait);
    QPrintDialog dialog(&printer, parent);
    return dialog.exec() == QDialog::Accepted;
}

Outcome paint_sheets(QPrinter& printer, const JobPlan& plan) {
    printer.setFullPage(true); // places count from the paper's edge
    const QSizeF set = printer.pageLayout().fullRect(QPageLayout::Millimeter).size();
    if (std::abs(set.width() - plan.paper.width) > mm_slack || std::abs(set.height() - plan.paper.height) > mm_slack)
        return Problem{"The printer is set to " + paper_name({set.width(), set.height()}) + ", but the sheet is " +
                           paper_name(plan.paper) + ".",
                       "Choose that paper in the printer's settings; nothing was printed."};
    printer.setDocName(QStringLiteral("Fusuma sheet"));
    QPainter painter;
    if (!painter.begin(&printer))
        return Problem{"The printer does not take the sheet.", "Is it on, and does it have paper?"};
    const double dots = printer.resolution() / 25.4;
    for (std::size_t page = 0; page < plan.pages.size(); ++page) {
        if (page > 0)
            printer.newPage();
        painter.resetTransform();
        painter.scale(dots, dots);
        painter.setTransform(to_qt(plan.print_correction), true);
        for (const PrintItem& item : plan.pages[page].prints)
            paint_item(painter, item.layer);
        for (const Mark& mark : plan.pages[page].marks)
            painter.fillPath(to_qt(ink_of(mark)), Qt::black);
    }
    painter.end();
    return Done{};
}

} // namespace fusuma::app
