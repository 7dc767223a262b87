#include "app/sheet/sheet_panel.h"

#include "app/common/panel_scroll.h"
#include "app/common/step_card.h"
#include "app/common/theme.h"
#include "app/sheet/fill_card.h"
#include "app/sheet/paper_card.h"
#include "app/sheet/selection_card.h"
#include "formats/basics/in_words.h"

#include <QVBoxLayout>

namespace fusuma::app {

SheetPanel::SheetPanel(Model& project) : model(project) {
    setObjectName(QStringLiteral("panel"));
    setAttribute(Qt::WA_StyledBackground);
    setMinimumWidth(px(316));
    setMaximumWidth(px(520));
    auto* layout = column(this, 12, 10);
    auto* scroll = new PanelScroll(*this);
    auto* inner = new QWidget;
    auto* list = column(inner, 0, 8);
    list->setContentsMargins(0, 0, 8, 0); // beside the scroll bar
    const auto add = [&](const char* id, SheetCard* body, bool is_open) {
        auto* card = new StepCard(0, id, tr(id), body);
        card->set_open(is_open);
        connect(card, &StepCard::toggled, card, [card] { card->set_open(!card->is_open()); });
        list->addWidget(card);
        cards.emplace_back(card, body);
        return card;
    };
    add(QT_TR_NOOP("Paper"), new PaperCard(model), false);
    copies = add(QT_TR_NOOP("Copies"), new FillCard(model), true);
    add(QT_TR_NOOP("Selection"), new SelectionCard(model), true);
    add(QT_TR_NOOP("Marks and cutter"), new CutterCard(model), false);
    printer = add(QT_TR_NOOP("Printer"), new PrinterCard(model), false);
    list->addStretch();
    scroll->setWidget(inner);
    layout->addWidget(scroll, 1);

    auto* summary = new QWidget;
    summary->setObjectName(QStringLiteral("summary"));
    auto* summary_layout = column(summary, 12, 2);
    QLabel* caption = label(tr("Largest sticker that fits an empty sheet"), "dim");
    caption->setWordWrap(true);
    summary_layout->addWidget(caption);
    zone_size = label({}, "figure");
    zone_size->setObjectName(QStringLiteral("largestFit"));
    zone_text = label({}, "dim");
    zone_text->setWordWrap(true);
    summary_layout->addWidget(zone_size);
    summary_layout->addWidget(zone_text);
    layout->addWidget(summary);

    connect(&model, &Model::changed, this, &SheetPanel::refresh);
    connect(&model.working_out, &WorkingOut::worked_out, this, &SheetPanel::refresh);
    refresh();
}

void SheetPanel::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void SheetPanel::refresh() {
    if (!isVisible())
        return; // the size of a selected copy takes its full result, which would hold up a slider on the Bench
    const bool is_there = model.document().sheet.photographed.has_value();
    for (const auto& [card, body] : cards) {
        body->refresh_units();
        body->refresh();
        const bool is_of_prints = card == copies || card == printer;
        body->setEnabled(!is_of_prints || !is_there);
        card->set_state(is_of_prints && is_there ? tr("it lies there already") : body->state());
    }
    const Snapshot& s = model.snapshot();
    if (!s.plan) {
        zone_text->clear();
        return;
    }
    const Document& document = model.document();
    const Rect& most = s.plan->pages.front().largest_place;
    const QString w = length_in_words(most.width(), document.unit);
    zone_size->setText(most.empty() ? tr("nothing")
                                    : w.left(w.lastIndexOf(' ')) + QStringLiteral(" × ") +
                                          length_in_words(most.height(), document.unit));
    const auto count = document.placements.size();
    const QString on_it = tr("%n copies", nullptr, static_cast<int>(count));
    QString words = most.empty()
                        ? tr("The margins leave nowhere to cut on this paper.")
                        : tr("%1 on %2, %3 % of the cut zone used")
                              .arg(on_it)
                              .arg(document.pages == 1 ? tr("the sheet") : tr("%n pages", nullptr, document.pages))
                              .arg(qRound(100 * s.totals.used_share));
    if (s.totals.shared_mm > 0)
        words += '\n' + tr("Shared cuts spare %1 of cutting").arg(length_in_words(s.totals.shared_mm, document.unit));
    zone_text->setText(words);
}

} // namespace fusuma::app
