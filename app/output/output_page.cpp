#include "app/output/output_page.h"

#include "app/common/panel_scroll.h"
#include "app/common/save_place.h"
#include "app/common/sides.h"
#include "app/common/widgets.h"
#include "app/output/dialogs.h"
#include "app/output/machine_card.h"
#include "app/output/slip_panel.h"
#include "app/output/tickets_dialog.h"
#include "formats/basics/file.h"
#include "formats/basics/in_words.h"
#include "formats/cut_files/cut_file.h"
#include "formats/cut_files/dxf_write.h"
#include "formats/cut_files/machine_code.h"
#include "formats/cut_files/svg_write.h"
#include "formats/pdf/pdf_write.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

namespace fusuma::app {

OutputPage::OutputPage(Model& project) : model(project), run(project) {
    run.setParent(this);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* view = new RehearsalView(run);
    auto* acts = new QWidget;
    acts->setObjectName(QStringLiteral("actsPanel"));
    acts->setAttribute(Qt::WA_StyledBackground);
    acts->setMinimumWidth(px(310));
    acts->setMaximumWidth(px(460));
    auto* frame = column(acts, 0, 0);
    auto* scroll = new PanelScroll(*acts);
    auto* inner = new QWidget;
    auto* list = column(inner, 12, 8);
    list->addWidget(new MachineCard(model, run));
    list->addWidget(ticket_head());
    print = new PrintAct(model, run);
    auto* load = new LoadAct(model, run, view);
    auto* cut = new CutAct(model, run);
    for (QWidget* act : std::initializer_list<QWidget*>{print, load, cut})
        list->addWidget(act);
    list->addWidget(exports());
    list->addStretch();
    scroll->setWidget(inner);
    frame->addWidget(scroll);
    layout->addWidget(new Sides(QStringLiteral("output"), acts, view, new SlipPanel(model, run, *view)));
    setFocusProxy(view);
    connect(print, &PrintAct::finding_wanted, this, &OutputPage::finding_wanted);
    connect(load, &LoadAct::faults_wanted, this, [this] { ask_for_faults(run, this); });
    connect(cut, &CutAct::material_wanted, this, [this] { ask_for_material(model, this); });
    connect(cut, &CutAct::machine_test_wanted, this, [this] { set_machine_right(model, this); });
    connect(cut, &CutAct::shows_travel, view, &RehearsalView::set_shows_travel);
    connect(cut, &CutAct::shows_order, view, &RehearsalView::set_shows_order);
    connect(&run.progress, &RunStage::changed, this, &OutputPage::refresh);
    connect(&model, &Model::changed, this, &OutputPage::refresh);
    connect(&model.project, &Project::replaced, this, [this] {
        is_opened = true;
        if (isVisible() && !model.document().tickets.empty()) {
            is_opened = false;
            run.printed.take(model.document().tickets.back());
        }
    });
    refresh();
}

QWidget* OutputPage::ticket_head() {
    auto* head = new QWidget;
    auto* rows = column(head, 0, 6);
    auto* line = new QHBoxLayout;
    ticket_title = label({}, "title");
    ticket_title->setObjectName(QStringLiteral("ticketTitle"));
    ticket_time = label({}, "dim");
    tickets = button(
        tr("Tickets…"), "", QStringLiteral("tickets"),
        tr("Everything that was printed from this project: cut it again, print it again, open it or delete it."));
    connect(tickets, &QPushButton::clicked, this, &OutputPage::show_tickets);
    line->addWidget(ticket_title);
    line->addWidget(ticket_time);
    line->addStretch();
    line->addWidget(tickets);
    rows->addLayout(line);
    changes = label({}, "attention");
    changes->setObjectName(QStringLiteral("changedNote"));
    changes->setWordWrap(true);
    rows->addWidget(changes);
    keep = button(tr("Cut what was printed"), "", QStringLiteral("cutPrinted"),
                  tr("The ticket stays as it is; so does the paper."));
    again = button(tr("Print again"), "", QStringLiteral("printAgain"), tr("A new ticket with the changes."));
    auto* choice = new QHBoxLayout;
    choice->setSpacing(6);
    choice->addWidget(keep);
    choice->addWidget(again);
    rows->addLayout(choice);
    connect(keep, &QPushButton::clicked, this, [this] {
        cuts_what_was_printed = true;
        refresh();
    });
    connect(again, &QPushButton::clicked, this, [this] { run.printed.freeze_soon(); });
    return head;
}

QString OutputPage::printed_when(const Ticket& ticket) {
    const QDateTime time = QDateTime::fromString(QString::fromStdString(ticket.printed), Qt::ISODate);
    return !time.isValid()                       ? QString()
           : time.date() == QDate::currentDate() ? tr("today, %1").arg(time.toString(QStringLiteral("hh:mm")))
                                                 : QLocale().toString(time, QLocale::ShortFormat);
}

void OutputPage::take(const std::shared_ptr<const Ticket>& ticket) {
    is_opened = false;
    cuts_what_was_printed = true;
    run.printed.take(ticket);
}

void OutputPage::open_ticket(const std::shared_ptr<const Ticket>& ticket) {
    model.project.edit(tr("Open ticket %1").arg(QString::fromStdString(ticket->code)), [ticket](const Document& now) {
        Document then = *ticket->document;
        then.tickets = now.tickets;
        then.sticker_ids.next = std::max(then.sticker_ids.next, now.sticker_ids.next);
        then.copy_ids.next = std::max(then.copy_ids.next, now.copy_ids.next);
        return then;
    });
}

void OutputPage::show_tickets() {
    const auto choice = ask_for_ticket(model, this);
    if (!choice)
        return;
    switch (choice->act) {
    case TicketAct::cut:
        take(choice->ticket);
        break;
    case TicketAct::print:
        open_ticket(choice->ticket);
        run.printed.freeze_soon(); // what is printed now is frozen anew, so that the cut follows this print
        break;
    case TicketAct::open:
        open_ticket(choice->ticket);
        break;
    }
}

/// What was printed last is most likely what is to be cut.
void OutputPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (std::exchange(is_opened, false) && !run.printed.ticket() && !model.document().tickets.empty())
        run.printed.take(model.document().tickets.back());
}

QWidget* OutputPage::exports() {
    auto* result = new QWidget;
    auto* rows = column(result, 0, 6);
    rows->addWidget(label(tr("Cut lines for elsewhere"), "section"));
    auto* line = new QHBoxLayout;
    line->setSpacing(6);
    const struct {
        const char* name;
        const char* object;
        const char* why;
        File kind;
    } kinds[] = {{"PDF…", "exportPdf", "The cut lines alone, an ink for each kind of cut.", File::pdf},
                 {"SVG…", "exportSvg", "In millimetres, a group for each kind of cut.", File::svg},
                 {"DXF…", "exportDxf", "In millimetres, a layer for each kind of cut.", File::dxf},
                 {"HP-GL…", "exportHpgl", "For a cutter, in cutting order, in units of 0.025 mm.", File::hpgl}};
    for (const auto& kind : kinds) {
        auto* b = button(tr(kind.name), "", QLatin1String(kind.object), tr(kind.why));
        connect(b, &QPushButton::clicked, this, [this, file = kind.kind] { export_file(file); });
        line->addWidget(b, 1);
    }
    rows->addLayout(line);
    auto* links = new QHBoxLayout;
    auto* check = button(tr("Check a file…"), "link", QStringLiteral("checkFile"),
                         tr("Reads an SVG, DXF or HP-GL file back and compares it with what is to be cut."));
    auto* inks =
        button(tr("Ink names…"), "link", QStringLiteral("inkNames"), tr("What cut lines are called in the PDF."));
    auto* printer = button(tr("Set the printer right…"), "link", QStringLiteral("printerRight"),
                           tr("Print a page, measure three lengths, and later prints are moved by it."));
    connect(check, &QPushButton::clicked, this, &OutputPage::check_file);
    connect(inks, &QPushButton::clicked, this, [this] { ask_for_inks(model, this); });
    connect(printer, &QPushButton::clicked, this, [this] { set_printer_right(model, this); });
    links->addWidget(check);
    links->addWidget(inks);
    links->addStretch();
    rows->addLayout(links);
    rows->addWidget(printer, 0, Qt::AlignLeft);
    return result;
}

std::shared_ptr<const JobPlan> OutputPage::plan_in_hand() const {
    if (run.printed.plan())
        return run.printed.plan();
    return run.printed.is_readable() ? model.snapshot().printed : nullptr;
}

void OutputPage::export_file(File kind) {
    const auto plan = plan_in_hand();
    if (!plan)
        return;
    static const QString suffixes[] = {QStringLiteral(".pdf"), QStringLiteral(".svg"), QStringLiteral(".dxf"),
                                       QStringLiteral(".plt")};
    const QString kinds[] = {tr("PDF"), tr("SVG"), tr("DXF"), tr("HP-GL")};
    const auto which = static_cast<std::size_t>(kind);
    const std::size_t files = kind == File::pdf ? 1 : plan->pages.size(); // a PDF holds all pages
    const auto path =
        ask_where_to_save(this, tr("Save the cut lines"), model.project.name(), kinds[which], suffixes[which], files);
    if (!path)
        return;
    std::vector<FileWork::File> all;
    for (std::size_t page = 0; page < files; ++page)
        all.push_back({page_file(*path, page),
                       [plan, page, kind, inks = model.document().inks, material = model.document().material,
                        cutter = model.document().sheet.cutter](const Work& work) {
                           const auto text = [&] {
                               switch (kind) {
                               case File::pdf:
                                   return print_pdf(*plan, {true, inks, false}, work);
                               case File::svg:
                                   return cut_svg(*plan, page);
                               case File::dxf:
                                   return cut_dxf(*plan, DxfCurves::polylines, page);
                               case File::hpgl:
                                   break;
                               }
                               return machine_code(plain_job(plan->pages[page].cuts, plan->paper, cutter, material));
                           };
                           return QByteArray::fromStdString(text());
                       }});
    model.file_work.write(std::move(all), files == 1 ? tr("Saved %1.").arg(QFileInfo(*path).fileName())
                                                     : tr("Saved %1 pages.").arg(files));
}

bool OutputPage::may_leave() {
    if (!run.is_cutting())
        return true;
    const bool was_running = run.stage() == RunStage::Stage::cutting;
    run.cutting.pause();
    QMessageBox ask(QMessageBox::NoIcon, tr("The cutter is at work"),
                    tr("%1 of %2 lines are cut; the cutter waits. Stop the cut for good?")
                        .arg(run.cutting.runs_done())
                        .arg(run.cutting.job().runs.size()),
                    QMessageBox::NoButton, this);
    ask.setObjectName(QStringLiteral("cutterAtWork"));
    const auto* stop = ask.addButton(tr("Stop the cut"), QMessageBox::DestructiveRole);
    auto* stay = ask.addButton(was_running ? tr("Go on cutting") : tr("Stay"), QMessageBox::RejectRole);
    ask.setDefaultButton(stay);
    ask.setEscapeButton(stay);
    ask.exec();
    if (ask.clickedButton() == stop)
        run.cutting.stop();
    else if (was_running)
        run.cutting.go_on();
    return ask.clickedButton() == stop;
}

void OutputPage::check_file() {
    const auto plan = plan_in_hand();
    const QString path = plan ? ask_which_file(this, tr("Check a cut file"), tr("Cut files (*.svg *.dxf *.plt *.hpgl)"),
                                               QStringLiteral("cut-file"))
                              : QString();
    if (path.isEmpty())
        return;
    const auto page = static_cast<std::size_t>(run.printed.plan() ? run.printed.page() : model.in_hand.page());
    model.file_work.look_at(
        tr("Checking “%1”").arg(QFileInfo(path).fileName()),
        [plan, path, page]() -> Result<FileCheck> {
            const auto bytes = read_file(path, 256LL << 20);
            if (!bytes)
                return bytes.problem();
            const auto lines = read_cut_file(*bytes, path, plan->paper);
            return lines ? Result<FileCheck>(compare(*lines, plan->pages[page].cuts)) : lines.problem();
        },
        [this, name = QFileInfo(path).fileName()](const Result<FileCheck>& check) {
            if (!check)
                emit model.messages.problem(in_words(check.problem()));
            else if (check->agrees())
                emit model.messages.note(tr("%1 agrees: %2 lines, nowhere more than %3 mm off.")
                                             .arg(name)
                                             .arg(check->lines)
                                             .arg(number_in_words(check->worst, 3)));
            else if (check->differs_in_kind_only())
                emit model.messages.problem(
                    tr("%1 has this page's lines, but not all as the same kind of cut: kiss, score or through.")
                        .arg(name));
            else
                emit model.messages.problem(tr("%1 does not agree with this page: its lines lie up to %2 mm off.")
                                                .arg(name)
                                                .arg(number_in_words(check->worst, 2)));
        });
}

void OutputPage::show_board() {
    ask_for_board(model, window());
}

void OutputPage::refresh() {
    const auto& ticket = run.printed.ticket();
    ticket_title->setText(ticket                             ? tr("Ticket %1").arg(QString::fromStdString(ticket->code))
                          : model.document().tickets.empty() ? tr("Not printed yet")
                                                             : tr("No ticket in hand"));
    ticket_time->setText(ticket ? tr("printed %1").arg(printed_when(*ticket)) : QString());
    const auto differences = run.printed.changes();
    if (differences.empty())
        cuts_what_was_printed = false;
    const bool asks = !differences.empty() && !cuts_what_was_printed;
    QString words;
    constexpr std::size_t most = 3;
    for (std::size_t i = 0; i < std::min(most, differences.size()); ++i)
        words += in_words(differences[i]) + ' ';
    if (differences.size() > most)
        words += tr("And more. ");
    changes->setText(asks ? tr("The sheet has changed since it was printed. %1").arg(words.trimmed())
                          : tr("Cutting what was printed; the sheet has changed since."));
    changes->setVisible(!differences.empty());
    restyle(changes, "role", asks ? "attention" : "dim");
    keep->setVisible(asks);
    again->setVisible(asks);
    again->setEnabled(!run.is_cutting());
}

std::optional<Business::Doing> OutputPage::cutting() const {
    if (!run.is_cutting())
        return std::nullopt;
    const std::size_t all = run.cutting.job().runs.size();
    return Business::Doing{tr("Cutting"),
                           all == 0 ? -1 : static_cast<double>(run.cutting.runs_done()) / static_cast<double>(all)};
}

} // namespace fusuma::app
