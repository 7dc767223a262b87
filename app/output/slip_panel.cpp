#include "app/output/slip_panel.h"

#include "app/common/painting.h"
#include "app/common/panel_scroll.h"
#include "app/common/screen_painter.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "formats/basics/in_words.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QProgressBar>
#include <QSlider>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <numbers>

namespace fusuma::app {

namespace {

constexpr std::array tried_mm{0.2, 0.4, 0.6, 0.8, 1.0};
constexpr double per_step = 0.05;     // mm of the shift sliders
constexpr double deg_per_step = 0.02; // of the turn slider
constexpr int loupe_times = 8;
constexpr double to_spare = 0.05; // mm that a remedy does more than it must

} // namespace

Loupe::Loupe(OutputRun& output_run) : run(output_run) {
    setObjectName(QStringLiteral("slipLoupe"));
    setAccessibleName(tr("Loupe on the weakest place"));
    setFixedHeight(px(150));
}

void Loupe::look_at(Point paper_mm, const Transform& moved) {
    at = paper_mm;
    slip = moved;
    update();
}

void Loupe::paintEvent(QPaintEvent*) {
    ScreenPainter on_screen(*this);
    QPainter& painter = on_screen.painter();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF frame = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    painter.fillRect(frame, theme().paper);
    const double px_per_mm = loupe_times * logicalDpiX() / 25.4;
    const QTransform view =
        QTransform::fromScale(px_per_mm, px_per_mm) *
        QTransform::fromTranslate(width() / 2.0 - px_per_mm * at.x, height() / 2.0 - px_per_mm * at.y);
    const OutputRun::Shown seen = run.shown();
    if (seen.plan && !seen.picture->isNull()) {
        painter.setTransform(view);
        // The print as the plan has it; where the printer puts it is part of the slip.
        const Transform printed = seen.is_planned ? Transform{}
                                                  : map_of(run.faults().print.pose,
                                                           {seen.plan->paper.width / 2, seen.plan->paper.height / 2});
        painter.setTransform(to_qt(printed.inverted()) * view);
        painter.drawImage(QRectF(0, 0, seen.plan->paper.width, seen.plan->paper.height), *seen.picture);
        painter.resetTransform();
        for (const PlannedCopy& copy : seen.plan->copies)
            if (copy.page == seen.page && copy->cut_box.grown(10).contains(at))
                draw_cut_lines(painter, *copy.placed, to_qt(slip) * view);
    }
    painter.setPen(theme().line);
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(frame);
    if (current_tone() == Tone::dark)
        painter.fillRect(frame, QColor(0, 0, 0, 70)); // paper is not to glare in a dark window
    const QString words = tr("Weakest place, %1 ×").arg(loupe_times);
    const QRectF behind(frame.left() + 1, frame.top() + 1, painter.fontMetrics().horizontalAdvance(words) + 14, 20);
    painter.fillRect(behind, theme().panel);
    painter.setPen(theme().dim);
    painter.drawText(behind, Qt::AlignCenter, words);
}

SlipPanel::SlipPanel(Model& project, OutputRun& output_run, RehearsalView& rehearsal_view)
    : model(project), run(output_run), view(rehearsal_view) {
    setObjectName(QStringLiteral("slipPanel"));
    setAttribute(Qt::WA_StyledBackground);
    setMinimumWidth(px(300));
    setMaximumWidth(px(460));
    auto* frame = column(this, 0, 0);
    auto* scroll = new PanelScroll(*this);
    auto* inner = new QWidget;
    auto* list = column(inner, 12, 8);
    list->addWidget(label(tr("What if it slips?"), "title"));
    auto* words = label(tr("Shift the cut against the print and look."), "dim");
    words->setWordWrap(true);
    list->addWidget(words);
    right = slide(list, tr("Shift right"), "slipRight", 30);
    down = slide(list, tr("Shift down"), "slipDown", 30);
    turn = slide(list, tr("Turn"), "slipTurn", 50);
    loupe = new Loupe(run);
    list->addWidget(loupe);
    verdict = label({}, "strong");
    verdict->setObjectName(QStringLiteral("slipVerdict"));
    verdict->setWordWrap(true);
    list->addWidget(verdict);
    list->addSpacing(6);
    list->addWidget(label(tr("Stickers that would show it"), "section"));
    for (const double mm : tried_mm) {
        auto* line = new QHBoxLayout;
        line->setSpacing(8);
        auto* caption = label(tr("slip %1 mm").arg(number_in_words(mm, 1)), "dim");
        caption->setMinimumWidth(px(76));
        auto* bar = new QProgressBar;
        bar->setTextVisible(false);
        bar->setObjectName(QStringLiteral("slipBar"));
        auto* count = label({});
        count->setMinimumWidth(px(64));
        count->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        line->addWidget(caption);
        line->addWidget(bar, 1);
        line->addWidget(count);
        list->addLayout(line);
        bars.emplace_back(bar, count);
    }
    advice = label({});
    advice->setObjectName(QStringLiteral("slipAdvice"));
    advice->setWordWrap(true);
    list->addWidget(advice);
    remedy_button = button({}, "", QStringLiteral("slipRemedy"),
                           tr("Widens borders and bleeds of the stickers that need it. One step that can be undone."));
    remedy_button->setAccessibleName(tr("Make stickers safe"));
    list->addWidget(remedy_button);
    list->addSpacing(6);
    try_button =
        button(tr("Try 1000 sheets"), "", QStringLiteral("trySheets"),
               tr("Slips as a usual machine makes them: 0.25 mm each way and 0.06° of turn, as standard deviations."));
    list->addWidget(try_button);
    chances_text = label({}, "dim");
    chances_text->setObjectName(QStringLiteral("slipChances"));
    chances_text->setWordWrap(true);
    list->addWidget(chances_text);
    list->addStretch();
    scroll->setWidget(inner);
    frame->addWidget(scroll);
    connect(remedy_button, &QPushButton::clicked, this, &SlipPanel::apply_remedy);
    connect(try_button, &QPushButton::clicked, this, &SlipPanel::try_sheets);
    connect(&run.progress, &RunStage::changed, this, &SlipPanel::refresh);
    connect(&model.working_out, &WorkingOut::worked_out, this, &SlipPanel::refresh);
    refresh();
}

SlipPanel::Slide SlipPanel::slide(QVBoxLayout* into, const QString& caption, const char* name, int most) {
    Slide result{new QSlider(Qt::Horizontal), label({})};
    auto* line = new QHBoxLayout;
    line->addWidget(label(caption));
    line->addStretch();
    line->addWidget(result.value);
    into->addLayout(line);
    into->addWidget(result.slider);
    result.slider->setObjectName(QLatin1String(name));
    result.slider->setAccessibleName(caption);
    result.slider->setRange(-most, most);
    connect(result.slider, &QSlider::valueChanged, this, &SlipPanel::show_slip);
    return result;
}

void SlipPanel::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

std::shared_ptr<const JobPlan> SlipPanel::plan() const {
    return run.printed.plan() ? run.printed.plan() : model.snapshot().printed;
}

int SlipPanel::page() const {
    return run.printed.plan() ? run.printed.page() : model.in_hand.page();
}

Transform SlipPanel::slip() const {
    const auto& now = plan();
    const Point middle = now ? Point{now->paper.width / 2, now->paper.height / 2} : Point{};
    return map_of({per_step * Point{double(right.slider->value()), double(down.slider->value())},
                   turn.slider->value() * deg_per_step * std::numbers::pi / 180},
                  middle);
}

void SlipPanel::refresh() {
    if (!isVisible())
        return;
    if (const auto now = plan(); now != sheet_of || page() != sheet_page)
        work_out_sheet();
    const bool has_copies = sheet && sheet->size() > 0;
    try_button->setEnabled(has_copies);
    for (auto* slider : {right.slider, down.slider, turn.slider})
        slider->setEnabled(has_copies);
}

void SlipPanel::work_out_sheet() {
    sheet_of = plan();
    sheet_page = page();
    sheet.reset(); // nothing is said about another sheet meanwhile
    remedy.reset();
    chances_text->clear();
    const auto is_on_page = [this](const PlannedCopy& copy) { return copy.page == sheet_page; };
    if (!sheet_of || std::ranges::none_of(sheet_of->copies, is_on_page)) {
        work.drop();
        show_slip();
        return;
    }
    show_slip();
    // What to change is said about the sheet as it is now: a ticket is printed and stays as it was.
    struct Made {
        std::shared_ptr<const SlipSheet> sheet;
        std::optional<Remedy> remedy;
        double mm = 0;
    };
    work.start(
        [now = sheet_of, number = sheet_page, document = model.document(), &evaluator = model.working_out.planner()] {
            Made made{std::make_shared<const SlipSheet>(*now, static_cast<std::size_t>(number), evaluator), {}, 0};
            for (const double tried : tried_mm) // the first slip that some do not bear
                if (!made.remedy && made.sheet->damaged_by(tried) > 0) {
                    made.mm = tried;
                    if (Remedy r = made_safe(document, evaluator, tried + to_spare); r.stickers > 0)
                        made.remedy = std::move(r);
                }
            return made;
        },
        [this](Made made) {
            sheet = std::move(made.sheet);
            remedy = std::move(made.remedy);
            remedied_mm = made.mm;
            chances_text->clear();
            show_slip();
            refresh();
        });
}

void SlipPanel::show_slip() {
    const Transform moved = slip();
    right.value->setText(tr("%1 mm").arg(number_in_words(right.slider->value() * per_step, 2)));
    down.value->setText(tr("%1 mm").arg(number_in_words(down.slider->value() * per_step, 2)));
    turn.value->setText(tr("%1°").arg(number_in_words(turn.slider->value() * deg_per_step, 2)));
    const std::size_t all = sheet ? sheet->size() : 0;
    for (std::size_t i = 0; i < bars.size(); ++i) {
        const auto count = sheet ? static_cast<int>(sheet->damaged_by(tried_mm[i])) : 0;
        bars[i].first->setRange(0, std::max(1, static_cast<int>(all)));
        bars[i].first->setValue(count);
        restyle(bars[i].first, "role", count > 0 ? "attention" : "");
        bars[i].second->setText(all == 0 ? QStringLiteral("–") : tr("%1 of %2").arg(count).arg(all));
    }
    const bool is_still =
        moved == slip() && right.slider->value() == 0 && down.slider->value() == 0 && turn.slider->value() == 0;
    const auto damaged = sheet ? sheet->damaged(moved) : std::vector<CopyId>{};
    view.set_slip(is_still ? std::nullopt : std::optional(moved), damaged);
    const bool is_empty = run.printed.ticket() ? false : model.document().placements.empty();
    verdict->setText(all == 0 && is_empty  ? tr("The sheet is empty.")
                     : all == 0            ? tr("Looking at the sheet…")
                     : is_still            ? tr("No slip.")
                     : damaged.empty()     ? tr("All %1 stay clean.").arg(all)
                     : damaged.size() == 1 ? tr("1 of %1 shows a fault.").arg(all)
                                           : tr("%1 of %2 show a fault.").arg(damaged.size()).arg(all));
    restyle(verdict, "role", damaged.empty() ? "strong" : "attention");
    loupe->setVisible(all > 0);
    if (all > 0)
        loupe->look_at(sheet->weakest_place(), moved);
    QStringList parts;
    const Unit unit = model.document().unit;
    if (remedy && remedy->widest_border > 0)
        parts << tr("borders up to %1").arg(length_in_words(remedy->widest_border, unit));
    if (remedy && remedy->widest_bleed > 0)
        parts << tr("bleeds up to %1").arg(length_in_words(remedy->widest_bleed, unit));
    if (remedy && remedy->without_bleed > 0)
        parts << tr("no bleed of another colour round white borders");
    advice->setText(remedy ? tr("%1 would keep every sticker clean up to a slip of %2 mm.")
                                 .arg(parts.join(tr(" and ")), number_in_words(remedied_mm, 1))
                    : all == 0                                ? QString()
                    : sheet->damaged_by(tried_mm.back()) == 0 ? tr("Every sticker bears a slip of 1 mm.")
                                                              : tr("Neighbours or marks lie too near. Fill the sheet "
                                                                   "with a wider gap, or move copies apart."));
    if (remedy && !advice->text().isEmpty())
        advice->setText(advice->text().left(1).toUpper() + advice->text().mid(1));
    remedy_button->setVisible(remedy.has_value());
    remedy_button->setText(
        remedy ? tr("Make %1 safe").arg(tr("%n stickers", nullptr, static_cast<int>(remedy->stickers))) : QString());
}

void SlipPanel::apply_remedy() {
    if (!remedy)
        return;
    model.worked.start(
        tr("Make safe for a slip of %1 mm").arg(number_in_words(remedied_mm, 1)),
        [mm = remedied_mm, selection = model.in_hand.copies()](const Document& document, Planner& planner,
                                                               const Work& job) {
            return Edited{made_safe(document, planner, mm + to_spare, job).document, selection};
        },
        [this] {
            if (run.printed.ticket())
                emit model.messages.note(
                    tr("Changed. Print again to use it: the ticket in hand stays as it was printed."));
        });
}

void SlipPanel::try_sheets() {
    if (!sheet)
        return;
    constexpr int sheets = 1000;
    try_button->setEnabled(false);
    chances_text->setText(tr("Trying %1 sheets…").arg(sheets));
    trying.start(
        [tried = sheet] {
            return std::pair{tried, tried->chances({}, sheets, 1)};
        },
        [this](const auto& result) {
            const auto& [tried, chances] = result;
            try_button->setEnabled(true);
            if (tried != sheet)
                return;
            chances_text->setText(
                tr("%1 % of sheets come out with every sticker clean; on average %2 of %3 show a fault.")
                    .arg(number_in_words(100 * chances.all_good, 1))
                    .arg(number_in_words(chances.mean, 2))
                    .arg(tried->size()));
        });
}

} // namespace fusuma::app
