#include "app/bench/steps_panel.h"

#include "app/bench/artwork_step.h"
#include "app/bench/background_step.h"
#include "app/bench/bleed_step.h"
#include "app/bench/border_step.h"
#include "app/bench/cluster_step.h"
#include "app/bench/cut_step.h"
#include "app/bench/label_step.h"
#include "app/bench/outline_step.h"
#include "app/bench/parts_step.h"
#include "app/bench/step_parts.h"
#include "app/common/panel_scroll.h"
#include "app/common/quick_picks.h"
#include "app/common/theme.h"
#include "core/document/cluster.h"
#include "core/geometry/measure.h"
#include "formats/basics/in_words.h"

#include <QMenu>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

NumberField* StepsPanel::length_field(double least, double most, double step, const char* object_name) {
    auto* field = new NumberField(NumberField::Kind::length, least, most, step, QLatin1String(object_name));
    lengths.push_back(field);
    return field;
}

StepsPanel::StepsPanel(Model& project, BenchTools& bench_tools) : model(project), tools(bench_tools) {
    setObjectName(QStringLiteral("panel"));
    setAttribute(Qt::WA_StyledBackground);
    setMinimumWidth(px(316));
    setMaximumWidth(px(520));
    auto* layout = column(this, 12, 8);
    auto* head = new QHBoxLayout;
    title = label({}, "title");
    head->addWidget(title);
    head->addStretch();
    head->addWidget(label(tr("all steps stay live"), "dim"));
    layout->addLayout(head);

    auto* scroll = new PanelScroll(*this);
    steps = new QWidget;
    auto* list = column(steps, 0, 6);
    add_card(QT_TR_NOOP("Artwork"), artwork = new ArtworkStep(model, tools));
    add_card(QT_TR_NOOP("Background"), source_step());
    add_card(QT_TR_NOOP("Outline"), outline = new OutlineStep(model));
    add_card(QT_TR_NOOP("Border"), border = new BorderStep(model, tools));
    add_card(QT_TR_NOOP("Bleed"), bleed = new BleedStep(model));
    add_card(QT_TR_NOOP("Cut"), cut = new CutStep(model, tools));
    add_card(QT_TR_NOOP("Size"), size_step());
    for (StepCard* card : cards)
        list->addWidget(card);
    list->addStretch();
    scroll->setWidget(steps);
    layout->addWidget(scroll, 1);

    auto* summary = new QWidget;
    summary->setObjectName(QStringLiteral("summary"));
    auto* summary_layout = column(summary, 12, 2);
    summary_layout->addWidget(label(tr("Finished size"), "dim"));
    finished_text = label({}, "figure");
    finished_text->setObjectName(QStringLiteral("finishedSize"));
    summary_layout->addWidget(finished_text);
    finished_words = label({}, "dim");
    finished_words->setWordWrap(true);
    summary_layout->addWidget(finished_words);
    layout->addWidget(summary);
    put_on_sheet = button(tr("Put on the sheet"), "primary", QStringLiteral("putOnSheet"),
                          tr("Place one copy in the first free place and go to the Sheet."));
    connect(put_on_sheet, &QPushButton::clicked, this, &StepsPanel::put_on_sheet_wanted);
    layout->addWidget(put_on_sheet);

    open_card(3);
    connect(&model, &Model::changed, this, &StepsPanel::refresh);
    connect(&model.working_out, &WorkingOut::worked_out, this, &StepsPanel::refresh);
    connect(&model.working_out, &WorkingOut::previewed, this, &StepsPanel::refresh);
    connect(&model.working_out, &WorkingOut::came_early, this, [this](int sticker) {
        if (model.in_hand.sticker() && model.in_hand.sticker()->id == sticker)
            refresh();
    });
    connect(&tools, &BenchTools::changed, this, &StepsPanel::refresh);
    refresh();
}

void StepsPanel::add_card(const char* id, QWidget* body) {
    const std::size_t index = cards.size();
    cards.push_back(new StepCard(static_cast<int>(index) + 1, id, tr(id), body));
    connect(cards.back(), &StepCard::toggled, this,
            [this, index] { open_card(cards[index]->is_open() ? cards.size() : index); });
}

void StepsPanel::open_card(std::size_t index) {
    for (std::size_t i = 0; i < cards.size(); ++i)
        cards[i]->set_open(i == index);
    tools.take(Tool::none); // tools belong to the step they were taken from
    emit step_opened(index < cards.size() ? static_cast<int>(index) : -1);
}

void StepsPanel::open_step_of(Tool tool) {
    constexpr std::size_t border_card = 3, cut_card = 5;
    open_card(tool == Tool::hole ? border_card : cut_card);
}

/// What the artwork is made of: a picture has a background to take away, a drawing its parts, a label its design.
QWidget* StepsPanel::source_step() {
    auto* body = new QWidget;
    auto* layout = column(body, 0, 0);
    layout->addWidget(background = new BackgroundStep(model, tools));
    layout->addWidget(parts = new PartsStep(model, tools));
    layout->addWidget(label_step = new LabelStep(model));
    layout->addWidget(cluster = new ClusterStep(model));
    return body;
}

void StepsPanel::show_source(const QWidget* shown, const QString& its_name) {
    for (QWidget* w : std::initializer_list<QWidget*>{background, parts, label_step, cluster})
        w->setVisible(w == shown);
    cards[1]->set_title(its_name);
}

void StepsPanel::refresh_source(const Sticker& s) {
    StepCard& card = *cards[1];
    if (s.id != shown_sticker) {
        shown_sticker = s.id;
        tools.choose_parts({});
        tools.show_slivers({});
    }
    if (const auto* drawing = std::get_if<DrawingArtwork>(&s.artwork)) {
        show_source(parts, tr("Parts"));
        parts->refresh(*drawing, model.document().unit);
        card.set_state(PartsStep::state_of(*drawing));
    } else if (const auto* label_art = std::get_if<LabelArtwork>(&s.artwork)) {
        show_source(label_step, tr("Label"));
        label_step->refresh(*label_art, model.document().unit);
        card.set_state(LabelStep::state_of(*label_art));
    } else if (const auto* members = std::get_if<ClusterArtwork>(&s.artwork)) {
        show_source(cluster, tr("Cluster"));
        cluster->refresh(*members->cluster);
        card.set_state(ClusterStep::state_of(*members->cluster));
    } else {
        show_source(background, tr("Background"));
    }
}

void StepsPanel::show_menu(Point mm, double px_per_mm, QPoint global) {
    QMenu menu;
    menu.setObjectName(QStringLiteral("benchMenu"));
    const auto sticker = model.in_hand.sticker();
    if (tools.tool() == Tool::nodes) {
        tools.press(mm, px_per_mm, Qt::NoModifier);
        tools.release();
        cut->add_to(menu);
    } else if (sticker && std::holds_alternative<DrawingArtwork>(sticker->artwork)) {
        tools.choose_part_at(mm, false);
        if (!tools.chosen_parts().empty()) {
            parts->add_to(menu);
            menu.addSeparator();
        }
    }
    if (tools.tool() == Tool::none) {
        for (std::size_t step = 3; step < cards.size(); ++step)
            menu.addAction(tr("%1…").arg(cards[step]->name()), this, [this, step] { open_card(step); });
        menu.addSeparator();
        menu.addAction(put_on_sheet->text(), put_on_sheet, &QPushButton::click);
    }
    if (!menu.isEmpty())
        menu.exec(global);
}

void StepsPanel::open_source() {
    open_card(1);
}

QWidget* StepsPanel::size_step() {
    auto* body = new QWidget;
    auto* layout = step_layout(body);
    width = length_field(0.5, 2000, 1, "artWidth");
    height = length_field(0.5, 2000, 1, "artHeight");
    finished_width = length_field(0.5, 2000, 1, "finishedWidth");
    finished_height = length_field(0.5, 2000, 1, "finishedHeight");
    layout->addWidget(row(tr("Artwork width"), width, 100));
    layout->addWidget(row(tr("Artwork height"), height, 100));
    layout->addWidget(row(tr("Finished width"), finished_width, 100));
    layout->addWidget(row(tr("Finished height"), finished_height, 100));
    // Common practice: what sticker makers sell most, 40 to 100 mm or 1½ to 4 inches wide.
    picks =
        new QuickPicks(QStringLiteral("sizePicks"), tr("Finished widths"), {40, 50, 60, 75, 100}, {1.5, 2, 2.5, 3, 4});
    layout->addWidget(picks);
    connect(width, &NumberField::edited, this, [this](double mm) { resize_sticker(mm, QStringLiteral("size")); });
    connect(height, &NumberField::edited, this, [this](double mm) {
        if (const auto s = model.in_hand.sticker())
            resize_sticker(s->width * mm / artwork_size(*s).height, QStringLiteral("size"));
    });
    const auto finish = [this](double mm, Side side) {
        const auto s = model.in_hand.sticker();
        const auto result = s ? model.snapshot().result(s->id) : nullptr;
        if (const auto fitting = result ? width_for_finished(*result, *s, side, mm) : std::nullopt)
            resize_sticker(*fitting, QStringLiteral("size"));
    };
    connect(finished_width, &NumberField::edited, this, [finish](double mm) { finish(mm, Side::width); });
    connect(finished_width, &NumberField::typed, picks, &QuickPicks::remember);
    connect(picks, &QuickPicks::picked, this, [finish](double mm) { finish(mm, Side::width); });
    connect(finished_height, &NumberField::edited, this, [finish](double mm) { finish(mm, Side::height); });
    auto* natural = button(tr("Size as in the file"), "", QStringLiteral("naturalSize"),
                           tr("Back to the size that the picture's own density gives it."));
    connect(natural, &QPushButton::clicked, this, [this] {
        if (const auto s = model.in_hand.sticker())
            resize_sticker(natural_size(s->artwork).width / size_px(s->artwork).x * frame_of(*s).size.width, {});
    });
    layout->addWidget(natural);
    return body;
}

void StepsPanel::resize_sticker(double width_mm, const QString& stroke) {
    model.in_hand.edit_sticker(
        tr("Size"), [&](Sticker& s) { s = resized(std::move(s), std::clamp(width_mm, 0.5, 2000.0)); }, stroke);
}

void StepsPanel::refresh() {
    const auto sticker = model.in_hand.sticker();
    steps->setEnabled(sticker != nullptr);
    put_on_sheet->setEnabled(sticker != nullptr);
    if (!sticker) {
        title->setText(tr("No sticker yet"));
        finished_text->setText(QStringLiteral("–"));
        finished_words->clear();
        shown_sticker = 0;
        show_source(background, tr("Background"));
        for (StepCard* card : cards)
            card->set_state({});
        return;
    }
    title->setText(QFontMetrics(title->font()).elidedText(QString::fromStdString(sticker->name), Qt::ElideRight, 165));
    for (NumberField* field : lengths)
        field->set_unit(model.document().unit);
    picks->set_unit(model.document().unit);
    refresh_values(*sticker);
    if (const auto result = model.working_out.shown())
        refresh_results(*sticker, *result);
}

void StepsPanel::refresh_values(const Sticker& s) {
    const Unit unit = model.document().unit;
    artwork->refresh(s);
    refresh_source(s);
    outline->refresh(s);
    border->refresh(s, unit);
    bleed->refresh(s, unit);
    cut->refresh(s, unit);
    const Size size = artwork_size(s);
    width->set_value(size.width);
    height->set_value(size.height);

    cards[0]->set_state(ArtworkStep::state_of(s));
    cards[2]->set_state(OutlineStep::state_of(s));
    cards[3]->set_state(BorderStep::state_of(s, unit));
    cards[4]->set_state(BleedStep::state_of(s, unit));
    cards[5]->set_state(CutStep::state_of(s));
    cards[6]->set_state(tr("%1 wide").arg(length_in_words(size.width, unit)));
}

void StepsPanel::refresh_results(const Sticker& sticker, const StickerResult& result) {
    if (!is_drawn(sticker.artwork)) {
        background->refresh(sticker, *result.isolation);
        cards[1]->set_state(BackgroundStep::state_of(sticker, *result.isolation));
    }
    outline->refresh_result(*result.outlined);
    const Unit unit = model.document().unit;
    border->refresh_result(result, unit);
    if (!model.working_out.shows_preview())
        cut->refresh_result(sticker, result, unit);
    const Rect box = bounds(result.cut_line());
    finished_width->set_value(box.width());
    finished_height->set_value(box.height());
    const QString height_words = length_in_words(box.height(), unit), width_words = length_in_words(box.width(), unit);
    finished_text->setText(box.empty()
                               ? tr("nothing to cut")
                               : width_words.left(width_words.lastIndexOf(' ')) + QStringLiteral(" × ") + height_words);
    const auto pieces = std::count_if(result.cut_line().contours.begin(), result.cut_line().contours.end(),
                                      [](const Contour& c) { return signed_area(c) > 0; });
    finished_words->setText(box.empty() ? tr("Nothing is left to cut. Look at the Background and Border steps.")
                            : result.isolation->content == AlphaContent::opaque && !result.isolation->drawn
                                ? tr("The whole rectangle is the outline. The Background step can take a colour away.")
                            : pieces > 1 ? tr("Falls into %1 pieces. The Border step can join them.").arg(pieces)
                                         : tr("One piece."));
}

} // namespace fusuma::app
