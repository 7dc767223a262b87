#include "app/output/act_card.h"

#include "app/common/save_place.h"
#include "app/output/print_sheet.h"
#include "core/plan/test_prints.h"
#include "formats/basics/in_words.h"
#include "formats/pdf/pdf_write.h"

#include <QFileInfo>
#include <QMessageBox>
#include <QPrinter>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

using Stage = RunStage::Stage;

PrintAct::PrintAct(Model& project, OutputRun& output_run) : ActCard(project, output_run, 1, tr("Print"), "print") {
    facts = add_words("dim", "printFacts");
    warning = add_words("attention", "printWarning");
    practice =
        button(tr("Practice print"), "primary", QStringLiteral("practicePrint"),
               tr("Freezes the sheet into a ticket and shows what comes out of the printer, from the very PDF."));
    rows->addWidget(practice);
    real = button(tr("On paper…"), "", QStringLiteral("realPrint"),
                  tr("Print on a printer of this computer, at actual size."));
    pdf = button(tr("PDF…"), "", QStringLiteral("savePdf"),
                 tr("Save the sheet to print it elsewhere: at actual size, no fit to page, no borderless."));
    test =
        button(tr("Test…"), "", QStringLiteral("plainPaperTest"),
               tr("Outlines, marks and rulers for plain paper: hold it against the sticker paper before you print."));
    add_line({real, pdf, test});
    connect(practice, &QPushButton::clicked, this, [this] { run.printed.freeze_soon(); });
    connect(real, &QPushButton::clicked, this, &PrintAct::print_on_printer);
    connect(pdf, &QPushButton::clicked, this, [this] { save_pdf(); });
    connect(test, &QPushButton::clicked, this, &PrintAct::print_test);
    connect(&model.project, &Project::replaced, this, [this] { said_yes.clear(); });
    connect(&run.progress, &RunStage::changed, this, [this] { refresh(); });
    connect(&model, &Model::changed, this, [this] { refresh(); });
    connect(&model.working_out, &WorkingOut::worked_out, this, [this] { refresh(); });
    refresh();
}

bool PrintAct::may_print() {
    if (model.document().placements.empty())
        emit model.messages.note(tr("The sheet is empty: put copies on it first."));
    else if (model.document().sheet.photographed)
        emit model.messages.note(tr("This sheet cuts what lies on the photo board; it is not printed."));
    else if (!model.working_out.is_settled())
        emit model.messages.note(tr("The sheet is still being worked out. Print it in a moment."));
    else if (run.is_cutting())
        emit model.messages.note(tr("The cutter is at work. Print when it is done."));
    else
        return run.printed.is_readable();
    return false;
}

bool PrintAct::is_meant() {
    std::vector<const Finding*> to_fix;
    std::set<std::string> keys;
    for (const Finding& f : model.snapshot().findings)
        if (f.severity == Severity::to_fix) {
            to_fix.push_back(&f);
            keys.insert(f.key);
        }
    if (std::ranges::includes(said_yes, keys))
        return true;
    constexpr std::size_t most = 3;
    QStringList words;
    for (std::size_t i = 0; i < std::min(most, to_fix.size()); ++i)
        words << in_words(to_fix[i]->message) + '.';
    if (to_fix.size() > most)
        words << tr("And %1 more.").arg(to_fix.size() - most);
    QMessageBox ask(QMessageBox::NoIcon, tr("Before it is printed"),
                    tr("%n things would waste this print:", nullptr, static_cast<int>(to_fix.size())),
                    QMessageBox::NoButton, this);
    ask.setInformativeText(words.join('\n'));
    ask.setObjectName(QStringLiteral("beforePrinting"));
    auto* show = ask.addButton(tr("Show"), QMessageBox::RejectRole);
    const auto* print = ask.addButton(tr("Print all the same"), QMessageBox::AcceptRole);
    auto* cancel = ask.addButton(QMessageBox::Cancel);
    ask.setDefaultButton(show);
    ask.setEscapeButton(cancel);
    const Finding first = *to_fix.front();
    ask.exec();
    if (ask.clickedButton() == show)
        emit finding_wanted(first);
    if (ask.clickedButton() != print)
        return false;
    said_yes.insert(keys.begin(), keys.end());
    return true;
}

void PrintAct::print_on_printer() {
    if (!may_print() || !is_meant())
        return;
    const auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
    if (!ask_for_printer(*printer, model.document().sheet.paper, model.document().pages, this))
        return;
    if (const auto plan = run.printed.freeze())
        print_sheets(model, printer, plan, [this, code = run.printed.ticket()->code](bool printed) {
            if (!printed)
                model.project.remove_ticket(code);
        });
}

void PrintAct::save_pdf(Pictures pictures) {
    if (!may_print() || !is_meant())
        return;
    const auto path = ask_where_to_save(this, tr("Save as"), model.project.name(), tr("PDF"), QStringLiteral(".pdf"));
    const auto plan = path ? run.printed.freeze() : nullptr;
    if (!plan)
        return;
    const std::string code = run.printed.ticket()->code;
    PdfOptions options{.with_cut_lines = true, .inks = model.document().inks};
    if (pictures == Pictures::smaller) {
        options.enough_dpi = 600;
        options.jpeg_quality = 92;
    }
    model.file_work.write(
        {{*path,
          [plan, options](const Work& work) { return QByteArray::fromStdString(print_pdf(*plan, options, work)); }}},
        tr("Saved %1 as ticket %2. Print it at actual size.")
            .arg(QFileInfo(*path).fileName(), QString::fromStdString(code)),
        [this, code](bool written) {
            if (!written)
                model.project.remove_ticket(code);
        });
}

void PrintAct::print_test() {
    const auto& snapshot = model.snapshot();
    if (!snapshot.plan)
        return;
    QMessageBox ask(
        QMessageBox::NoIcon, tr("Test on plain paper"),
        tr("Outlines, marks and two rulers, on plain paper. Hold the print against the sticker paper, or measure "
           "the rulers: 100 mm must be 100 mm."),
        QMessageBox::Cancel, this);
    ask.setObjectName(QStringLiteral("plainPaperDialog"));
    const auto* to_printer = ask.addButton(tr("Print…"), QMessageBox::AcceptRole);
    const auto* to_pdf = ask.addButton(tr("Save as PDF…"), QMessageBox::AcceptRole);
    ask.exec();
    const auto plan = std::make_shared<const JobPlan>(plain_paper_test(*snapshot.printed, snapshot.document.sheet));
    if (ask.clickedButton() == to_printer) {
        const auto printer = std::make_shared<QPrinter>(QPrinter::HighResolution);
        if (ask_for_printer(*printer, plan->paper, static_cast<int>(plan->pages.size()), this))
            print_sheets(model, printer, plan);
    } else if (ask.clickedButton() == to_pdf) {
        if (const auto path =
                ask_where_to_save(this, tr("Save as"), tr("plain paper test"), tr("PDF"), QStringLiteral(".pdf")))
            model.file_work.write({{*path,
                                    [plan](const Work& work) {
                                        return QByteArray::fromStdString(
                                            print_pdf(*plan, {.with_cut_lines = false}, work));
                                    }}},
                                  tr("Saved %1.").arg(QFileInfo(*path).fileName()));
    }
}

void PrintAct::refresh() {
    const Document& document = model.document();
    const bool is_empty = document.placements.empty();
    const bool is_printed = run.stage() > Stage::printing;
    const PrinterProfile& printer = document.sheet.printer;
    set_state(run.stage() == Stage::printing ? tr("printing…")
              : is_printed                   ? tr("done")
              : is_empty                     ? tr("the sheet is empty")
                                             : tr("ready"),
              !is_printed);
    QString words = printer.name.empty() ? tr("Pictures and marks only, at actual size.")
                                         : tr("%1, at actual size.").arg(QString::fromStdString(printer.name));
    if (printer.shift != Point{} || printer.stretch_x != 1 || printer.stretch_y != 1)
        words += tr(" Correction: %1 mm right, %2 mm down.")
                     .arg(number_in_words(printer.shift.x, 2))
                     .arg(number_in_words(printer.shift.y, 2));
    facts->setText(words);
    warning->setVisible(!document.sheet.photographed && (printer.borderless || printer.scaling != 1));
    warning->setText(
        printer.borderless
            ? tr("This printer is set to borderless, which enlarges the page: the cut would miss its print.")
            : tr("This printer is set to scale pages: the cut would miss its print."));
    const bool is_there = document.sheet.photographed.has_value();
    set_title(is_there ? tr("What is there") : tr("Print"));
    if (is_there)
        facts->setText(tr("What lies on the board is the print; nothing is printed."));
    for (auto* b : {real, pdf, test})
        b->setVisible(!is_there);
    const bool may_print = !is_empty && !run.is_cutting() && run.stage() != Stage::printing;
    practice->setEnabled(may_print);
    for (auto* b : {real, pdf})
        b->setEnabled(may_print && model.working_out.is_settled());
    practice->setText(is_there     ? (is_printed ? tr("Take it anew") : tr("Take it as it lies"))
                      : is_printed ? tr("Practice print again")
                                   : tr("Practice print"));
    restyle(practice, "role", is_printed ? "" : "primary");
}

} // namespace fusuma::app
