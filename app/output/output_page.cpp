#include "app/output/output_page.h"

#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/output/cut_view.h"
#include "core/sheet/paper.h"
#include "formats/file.h"
#include "formats/hpgl.h"
#include "formats/pdf.h"
#include "formats/svg.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

OutputPage::OutputPage(Session& project) : session(project), job(project) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* acts = new QWidget;
    acts->setObjectName(QStringLiteral("actsPanel"));
    acts->setAttribute(Qt::WA_StyledBackground);
    acts->setFixedWidth(320);
    auto* frame = column(acts, 12, 0);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inner = new QWidget;
    auto* list = column(inner, 0, 10);
    list->addWidget(label(tr("This sheet"), "title"));
    facts = label({}, "dim");
    facts->setWordWrap(true);
    list->addWidget(facts);
    changed_note = label(tr("The sheet has changed since it was printed. Cutting follows what was printed; print again "
                            "to use the change."),
                         "attention");
    changed_note->setObjectName(QStringLiteral("changedNote"));
    changed_note->setWordWrap(true);
    list->addWidget(changed_note);
    list->addWidget(print_act());
    list->addWidget(load_act());
    list->addWidget(cut_act());
    list->addWidget(export_section());
    list->addStretch();
    scroll->setWidget(inner);
    frame->addWidget(scroll);
    layout->addWidget(acts);
    auto* view = new CutView(job);
    layout->addWidget(view, 1);
    setFocusProxy(view);
    connect(&job, &PracticeJob::changed, this, &OutputPage::refresh);
    connect(&session, &Session::changed, this, &OutputPage::refresh);
    connect(&session, &Session::worked_out, this, &OutputPage::refresh_facts);
    connect(&session, &Session::worked_out, this, &OutputPage::refresh);
    refresh();
}

QWidget* OutputPage::act(int number, const QString& title, QLabel*& state, const QString& words,
                         const QList<QWidget*>& controls) {
    auto* card = new QWidget;
    card->setObjectName(QStringLiteral("card"));
    card->setAttribute(Qt::WA_StyledBackground);
    auto* layout = column(card, 12, 8);
    auto* head = new QHBoxLayout;
    auto* badge = label(QString::number(number), "strong");
    badge->setAlignment(Qt::AlignCenter);
    badge->setFixedSize(20, 20);
    badge->setStyleSheet(QStringLiteral("background: %1; color: %2; border-radius: 10px; font-weight: 600;")
                             .arg(theme().look_at_tint.name(), theme().ink.name()));
    head->addWidget(badge);
    head->addWidget(label(title, "section"));
    head->addStretch();
    state = label({}, "dim");
    head->addWidget(state);
    layout->addLayout(head);
    if (!words.isEmpty()) {
        auto* text = label(words, "dim");
        text->setWordWrap(true);
        layout->addWidget(text);
    }
    for (QWidget* control : controls)
        layout->addWidget(control);
    return card;
}

QWidget* OutputPage::print_act() {
    print = button(
        tr("Print on the practice printer"), "primary", QStringLiteral("practicePrint"),
        tr("See the sheet as it comes out of a printer without faults, from the very PDF that you would print."));
    connect(print, &QPushButton::clicked, &job, &PracticeJob::print);
    auto* pdf = button(tr("Save the PDF to print…"), "", QStringLiteral("savePdf"),
                       tr("Print it at actual size: no fit to page, no borderless. Page size and marks are in it."));
    connect(pdf, &QPushButton::clicked, this, [this] { export_file(File::pdf); });
    return act(1, tr("Print"), print_state, tr("Pictures and marks only. Print at actual size."), {print, pdf});
}

QWidget* OutputPage::load_act() {
    load = button(tr("Lay it in the practice cutter"), "primary", QStringLiteral("loadSheet"),
                  tr("Puts the printed sheet into the practice cutter, square to the paper's edges."));
    connect(load, &QPushButton::clicked, &job, &PracticeJob::load);
    return act(2, tr("Load"), load_state, tr("The practice cutter lies the sheet square to the paper's edges."),
               {load});
}

QWidget* OutputPage::cut_act() {
    cut_facts = label({}, "dim");
    cut_facts->setWordWrap(true);
    progress = new QProgressBar;
    progress->setRange(0, 1000);
    progress->setTextVisible(false);
    progress->setObjectName(QStringLiteral("cutProgress"));
    auto* speed = new Choices({tr("As a machine"), tr("Quick")});
    speed->set_chosen(0);
    speed->setToolTip(tr("How fast the practice blade goes: 250 mm/s, or ten times that to see the end sooner."));
    connect(speed, &Choices::picked, this, [this](int i) { job.set_speed(i == 0 ? 250 : 2500); });
    start = button(tr("Start cutting"), "primary", QStringLiteral("startCutting"),
                   tr("Sends HP-GL over a local connection to the practice cutter."));
    stop = button(tr("Stop"), "", QStringLiteral("stopCutting"), tr("Lift the blade and end this run."));
    connect(start, &QPushButton::clicked, &job, &PracticeJob::start_cutting);
    connect(stop, &QPushButton::clicked, &job, &PracticeJob::stop_cutting);
    return act(3, tr("Cut"), cut_state, {}, {cut_facts, speed, progress, start, stop});
}

QWidget* OutputPage::export_section() {
    auto* result = new QWidget;
    auto* layout = column(result, 0, 6);
    layout->addWidget(label(tr("Send elsewhere"), "section"));
    auto* line = new QHBoxLayout;
    line->setSpacing(6);
    const struct {
        const char* name;
        const char* object;
        const char* why;
        File kind;
    } kinds[] = {{"PDF…", "exportPdf", "What prints: pictures and marks at exact page size.", File::pdf},
                 {"SVG…", "exportSvg", "The cut lines in millimetres, a group for each kind of cut.", File::svg},
                 {"HP-GL…", "exportHpgl", "The cut lines for a cutter, in units of 0.025 mm.", File::hpgl}};
    for (const auto& kind : kinds) {
        auto* b = button(tr(kind.name), "", QLatin1String(kind.object), tr(kind.why));
        connect(b, &QPushButton::clicked, this, [this, file = kind.kind] { export_file(file); });
        line->addWidget(b, 1);
    }
    layout->addLayout(line);
    return result;
}

void OutputPage::export_file(File kind) {
    const auto plan = session.snapshot().plan;
    if (!plan)
        return;
    static const QString suffixes[] = {QStringLiteral(".pdf"), QStringLiteral(".svg"), QStringLiteral(".plt")};
    const QString suffix = suffixes[static_cast<int>(kind)];
    QString path = QFileDialog::getSaveFileName(this, tr("Save as"), session.project_name() + suffix,
                                                QStringLiteral("*") + suffix);
    if (path.isEmpty())
        return;
    if (!path.endsWith(suffix, Qt::CaseInsensitive))
        path += suffix;
    const std::string text = kind == File::pdf   ? print_pdf(*plan)
                             : kind == File::svg ? cut_svg(*plan)
                                                 : cut_hpgl(*plan);
    const Outcome written = write_file(path, QByteArray::fromStdString(text));
    if (written)
        emit session.note(tr("Saved %1.").arg(QFileInfo(path).fileName()));
    else
        emit session.problem(QString::fromStdString(written.problem().text()));
}

void OutputPage::refresh_facts() {
    const Snapshot& s = session.snapshot();
    if (!s.plan)
        return;
    const Unit unit = s.document.unit;
    const auto copies = s.document.placements.size();
    facts->setText(tr("%1. %2, %3.")
                       .arg(QString::fromStdString(paper_name(s.plan->paper)),
                            copies == 1 ? tr("1 copy") : tr("%1 copies").arg(copies),
                            s.totals.cuts == 1 ? tr("1 cut line") : tr("%1 cut lines").arg(s.totals.cuts)));
    QStringList words;
    if (s.totals.kiss_mm > 0)
        words << tr("Kiss cut: %1.").arg(QString::fromStdString(format_distance(s.totals.kiss_mm, unit)));
    if (s.totals.through_mm > 0)
        words << tr("Through cut: %1.").arg(QString::fromStdString(format_distance(s.totals.through_mm, unit)));
    cut_facts->setText(words.isEmpty() ? tr("There is nothing to cut yet.") : words.join(' '));
}

void OutputPage::refresh() {
    using Stage = PracticeJob::Stage;
    const Stage stage = job.stage();
    const bool empty = session.document().placements.empty();
    const bool printed = stage > Stage::printing;
    print_state->setText(stage == Stage::printing ? tr("printing…")
                         : printed                ? tr("done")
                         : empty                  ? tr("the sheet is empty")
                                                  : tr("ready"));
    load_state->setText(!printed ? tr("print first") : stage == Stage::printed ? tr("ready") : tr("done"));
    cut_state->setText(stage < Stage::loaded    ? tr("load first")
                       : stage == Stage::loaded ? tr("ready")
                       : stage == Stage::cut    ? tr("done")
                                                : tr("%1 %").arg(qRound(100 * job.progress())));
    print->setEnabled(!empty && stage != Stage::printing && stage != Stage::cutting);
    print->setText(printed ? tr("Print again") : tr("Print on the practice printer"));
    load->setEnabled(stage == Stage::printed || stage == Stage::cut);
    start->setEnabled(stage == Stage::loaded);
    stop->setVisible(stage == Stage::cutting);
    start->setVisible(stage != Stage::cutting);
    // One primary button at a time: the act that comes next.
    restyle(print, "role", printed ? "" : "primary");
    restyle(load, "role", stage == Stage::printed ? "primary" : "");
    restyle(start, "role", stage == Stage::loaded ? "primary" : "");
    progress->setVisible(stage == Stage::cutting || stage == Stage::cut);
    progress->setValue(static_cast<int>(1000 * job.progress()));
    changed_note->setVisible(job.is_outdated());
}

} // namespace fusuma::app
