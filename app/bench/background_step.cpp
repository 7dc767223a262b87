#include "app/bench/background_step.h"

#include "app/common/colour_patch.h"
#include "app/common/enum_words.h"
#include "app/common/more.h"
#include "app/common/theme.h"
#include "core/steps/source_pictures.h"
#include "formats/basics/in_words.h"
#include "formats/painting/shown_art.h"

#include <QCheckBox>
#include <QListWidget>
#include <cmath>

namespace fusuma::app {

namespace {

QString hex(Rgb colour) {
    return QColor(colour.red, colour.green, colour.blue).name();
}

} // namespace

BackgroundStep::BackgroundStep(Model& project, BenchTools& bench_tools) : model(project), tools(bench_tools) {
    auto* layout = step_layout(this);
    source = new Choices(labels<Source>(), Choices::Look::pictures);
    source->setToolTip(tr("What tells the art from its background, and what each way would give."));
    connect(source, &Choices::picked, this,
            [this](int i) { edit(tr("Background"), [i](BackgroundSettings& b) { b.source = choice_at<Source>(i); }); });
    layout->addWidget(source);
    why = label({}, "dim");
    why->setObjectName(QStringLiteral("sourceWhy"));
    why->setWordWrap(true);
    layout->addWidget(why);
    layout->addWidget(brightness_part());
    layout->addWidget(colour_part());
    layout->addWidget(subject_part());
    auto* pocket = tool_button(tools, Tool::pocket, tr("Take a patch"), QStringLiteral("pocket"),
                               tr("Click patches of one even colour in the picture, such as a gap the paper shows "
                                  "through. Esc puts the tool down."));
    give_back = button(tr("Give back"), "", QStringLiteral("givePocketBack"), tr("Bring the last patch back."));
    connect(give_back, &QPushButton::clicked, this, [this] {
        edit(tr("Give a patch back"), [](BackgroundSettings& b) {
            if (!b.pockets_at.empty())
                b.pockets_at.pop_back();
        });
    });
    tolerance_rows = new QWidget;
    auto* tolerance_layout = column(tolerance_rows, 0, 4);
    tolerance_layout->addWidget(label(tr("What is nearly that colour counts, too")));
    tolerance =
        slider(1, 60, "tolerance", tr("Tolerance"), tr("Higher takes more along. Too high eats into pale art."));
    connect(tolerance, &QSlider::valueChanged, this, [this](int difference) {
        edit(
            tr("Tolerance"), [difference](BackgroundSettings& b) { b.tolerance = difference; }, "tolerance");
    });
    tolerance_layout->addWidget(tolerance);
    layout->addWidget(tolerance_rows);
    fill_inside = new QCheckBox(tr("Fill the inside of line drawings"));
    fill_inside->setObjectName(QStringLiteral("fillInside"));
    fill_inside->setToolTip(tr("Whatever the lines enclose counts as art, so the figure becomes one solid piece."));
    connect(fill_inside, &QCheckBox::clicked, this,
            [this](bool on) { edit(tr("Fill the inside"), [on](BackgroundSettings& b) { b.fill_inside = on; }); });
    layout->addWidget(fill_inside);
    auto* more = new More(QStringLiteral("moreBackground"), tr("Light, shadows and patches"));
    more->rows().addWidget(light_part());
    more->rows().addWidget(side_by_side({pocket, give_back}));
    layout->addWidget(more);
    layout->addWidget(brush_part());

    auto* focus = tool_button(tools, Tool::focus_box, tr("Focus box"), QStringLiteral("focusBox"),
                              tr("Only what lies in the box becomes the sticker. Draw it in the picture."));
    whole_picture = button(tr("Whole picture"), "", QStringLiteral("wholePicture"), tr("Take the focus box away."));
    connect(whole_picture, &QPushButton::clicked, this,
            [this] { edit(tr("Focus box"), [](BackgroundSettings& b) { b.focus.reset(); }); });
    layout->addWidget(side_by_side({focus, whole_picture}));
}

QWidget* BackgroundStep::brightness_part() {
    brightness_rows = new QWidget;
    auto* layout = column(brightness_rows, 0, 4);
    layout->addWidget(label(tr("Darker than this is art")));
    brightness = slider(1, 254, "brightness", tr("Darker than this is art"),
                        tr("Raise it until the whole figure counts and no more."));
    connect(brightness, &QSlider::valueChanged, this, [this](int grey) {
        edit(
            tr("Brightness"),
            [grey](BackgroundSettings& b) {
                b.source = Source::brightness;
                b.brightness = grey;
            },
            "brightness");
    });
    layout->addWidget(brightness);
    return brightness_rows;
}

QWidget* BackgroundStep::colour_part() {
    colour_rows = new QWidget;
    auto* layout = column(colour_rows, 0, 6);
    use = new Choices(labels<ColourUse>());
    use->setToolTip(tr("Whether the picked colours are the background, or all there is of the art."));
    connect(use, &Choices::picked, this, [this](int i) {
        // What was offered is the background, so keeping starts from what is picked next.
        edit(tr("Colours"), [i](BackgroundSettings& b) {
            b.source = Source::colour;
            b.use = choice_at<ColourUse>(i);
        });
    });
    layout->addWidget(use);
    auto* colours = new QWidget;
    swatches = new QHBoxLayout(colours);
    swatches->setContentsMargins(0, 0, 0, 0);
    swatches->setSpacing(4);
    layout->addWidget(colours);
    layout->addWidget(
        tool_button(tools, Tool::pick_colour, tr("Pick a colour in the picture"), QStringLiteral("pickColour"),
                    tr("Then click it in the picture. Every pick adds a colour; click one above to drop it.")));
    pockets = new QCheckBox(tr("Also enclosed pockets of this colour"));
    pockets->setObjectName(QStringLiteral("pockets"));
    pockets->setToolTip(tr("Off, only what is joined to the picture's edge is taken away."));
    connect(pockets, &QCheckBox::clicked, this,
            [this](bool on) { edit(tr("Pockets"), [on](BackgroundSettings& b) { b.pockets = on; }); });
    layout->addWidget(pockets);
    return colour_rows;
}

QWidget* BackgroundStep::subject_part() {
    subject_rows = new QWidget;
    auto* layout = column(subject_rows, 0, 6);
    no_box = button(tr("Without a box"), "", QStringLiteral("noSubjectBox"), tr("Look at nearly the whole picture."));
    connect(no_box, &QPushButton::clicked, this,
            [this] { edit(tr("Without a box"), [](BackgroundSettings& b) { b.subject_box.reset(); }); });
    layout->addWidget(
        side_by_side({tool_button(tools, Tool::subject_box, tr("Box round it"), QStringLiteral("subjectBox"),
                                  tr("Draw a box round the subject: what lies outside is ground.")),
                      no_box}));
    layout->addWidget(
        side_by_side({tool_button(tools, Tool::brush_belongs, tr("This belongs"), QStringLiteral("brushBelongs"),
                                  tr("Paint over a part of the subject that was left out; a short stroke will do.")),
                      tool_button(tools, Tool::brush_foreign, tr("This does not"), QStringLiteral("brushForeign"),
                                  tr("Paint over ground that was taken along; a short stroke will do."))}));
    return subject_rows;
}

QWidget* BackgroundStep::light_part() {
    light_rows = new QWidget;
    auto* layout = column(light_rows, 0, 6);
    light = new Choices(labels<Light>());
    light->setToolTip(tr("Light that falls unevenly on paper, with its shadows, is divided out."));
    connect(light, &Choices::picked, this,
            [this](int i) { edit(tr("Light"), [i](BackgroundSettings& b) { b.light.light = choice_at<Light>(i); }); });
    layout->addWidget(label(tr("Uneven light")));
    layout->addWidget(light);
    prints_evened = new QCheckBox(tr("Print the evened picture"));
    prints_evened->setObjectName(QStringLiteral("printsEvened"));
    prints_evened->setToolTip(tr("Off, the picture is printed as it came; evening only tells the art from the paper."));
    connect(prints_evened, &QCheckBox::clicked, this,
            [this](bool on) { edit(tr("Light"), [on](BackgroundSettings& b) { b.light.prints_evened = on; }); });
    layout->addWidget(prints_evened);
    whitens_paper = new QCheckBox(tr("Print no ink on paper"));
    whitens_paper->setObjectName(QStringLiteral("whitensPaper"));
    whitens_paper->setToolTip(
        tr("What is nearly as white as the paper becomes white. Colours of the art stay as they are."));
    connect(whitens_paper, &QCheckBox::clicked, this,
            [this](bool on) { edit(tr("Light"), [on](BackgroundSettings& b) { b.light.whitens_paper = on; }); });
    layout->addWidget(whitens_paper);
    shadows = new Choices(labels<Shadows>());
    shadows->setToolTip(tr("Soft shadows that the art throws on a ground of one colour."));
    connect(shadows, &Choices::picked, this, [this](int i) {
        edit(tr("Soft shadows"), [i](BackgroundSettings& b) { b.light.shadows = choice_at<Shadows>(i); });
    });
    layout->addWidget(label(tr("Soft shadows")));
    layout->addWidget(shadows);
    return light_rows;
}

QWidget* BackgroundStep::brush_part() {
    auto* part = new QWidget;
    auto* layout = column(part, 0, 6);
    layout->addWidget(
        side_by_side({tool_button(tools, Tool::brush_add, tr("Brush: add"), QStringLiteral("brushAdd"),
                                  tr("Paint over what should count as art. Hold Shift for a straight stroke.")),
                      tool_button(tools, Tool::brush_erase, tr("Brush: erase"), QStringLiteral("brushErase"),
                                  tr("Paint over what should not count as art. Hold Shift for a straight stroke."))}));
    stroke_rows = new QWidget;
    auto* stroke_layout = column(stroke_rows, 0, 6);
    brush_size = plain_field(1, 5000, 2, "brushSize", QStringLiteral("px"), tr("Across, in pixels of the picture."));
    brush_hardness = plain_field(0, 100, 10, "brushHardness", QStringLiteral("%"),
                                 tr("100 % has a sharp rim; lower fades out towards it."));
    connect(brush_size, &NumberField::edited, this, [this](double px) {
        tools.brush_size = px;
        edit_chosen_stroke(tr("Brush size"), [px](Stroke& s) { s.size = px; });
    });
    connect(brush_hardness, &NumberField::edited, this, [this](double percent) {
        tools.brush_hardness = percent / 100;
        edit_chosen_stroke(tr("Brush hardness"), [percent](Stroke& s) { s.hardness = percent / 100; });
    });
    stroke_layout->addWidget(row(tr("Brush size"), brush_size, 90));
    stroke_layout->addWidget(row(tr("Hardness"), brush_hardness, 90));
    strokes = new QListWidget;
    strokes->setObjectName(QStringLiteral("strokes"));
    strokes->setAccessibleName(tr("Brush strokes"));
    strokes->setToolTip(tr("Every stroke stays: choose one to change its size or hardness, or to remove it."));
    strokes->setFixedHeight(px(84));
    connect(strokes, &QListWidget::currentRowChanged, this, [this](int chosen) {
        tools.chosen_stroke = chosen;
        emit tools.changed();
    });
    stroke_layout->addWidget(strokes);
    auto* change_kind =
        button(tr("Turn round"), "", QStringLiteral("strokeKind"), tr("Let the chosen stroke do the opposite."));
    connect(change_kind, &QPushButton::clicked, this, [this] {
        edit_chosen_stroke(tr("Brush stroke"), [](Stroke& s) {
            s.kind = s.kind == Stroke::Kind::add       ? Stroke::Kind::erase
                     : s.kind == Stroke::Kind::erase   ? Stroke::Kind::add
                     : s.kind == Stroke::Kind::belongs ? Stroke::Kind::foreign
                                                       : Stroke::Kind::belongs;
        });
    });
    auto* remove = button(tr("Remove stroke"), "", QStringLiteral("removeStroke"), tr("Take the chosen stroke out."));
    connect(remove, &QPushButton::clicked, this, [this] {
        const int chosen = strokes->currentRow();
        edit(tr("Remove stroke"), [chosen](BackgroundSettings& b) {
            if (chosen >= 0 && static_cast<std::size_t>(chosen) < b.strokes.size())
                b.strokes.erase(b.strokes.begin() + chosen);
        });
    });
    stroke_buttons = side_by_side({change_kind, remove});
    stroke_layout->addWidget(stroke_buttons);
    layout->addWidget(stroke_rows);
    return part;
}

void BackgroundStep::edit(const QString& text, const std::function<void(BackgroundSettings&)>& change,
                          const QString& stroke) {
    model.in_hand.edit_sticker(
        text, [&](Sticker& s) { change(s.background); }, stroke);
}

void BackgroundStep::edit_chosen_stroke(const QString& text, const std::function<void(Stroke&)>& change) {
    const int chosen = strokes->currentRow();
    const auto s = model.in_hand.sticker();
    if (s && chosen >= 0 && static_cast<std::size_t>(chosen) < s->background.strokes.size())
        edit(text, [&](BackgroundSettings& b) { change(b.strokes[static_cast<std::size_t>(chosen)]); });
}

/// What the other sources would give, worked out anew when anything but the source has changed.
void BackgroundStep::refresh_pictures(const Sticker& s) {
    const auto same = [](Sticker a, const Sticker& b) {
        a.background.source = b.background.source;
        return a.artwork == b.artwork && a.framing == b.framing && a.background == b.background;
    };
    if (!isVisible() || (pictured && same(*pictured, s)))
        return;
    pictured = std::make_shared<const Sticker>(s);
    constexpr int most_px = 120; // twice what is shown, for fine screens
    small.start([of = pictured] { return source_pictures(*of, most_px); },
                [this](const std::vector<std::shared_ptr<const Image>>& pictures) {
                    for (std::size_t i = 0; i < pictures.size(); ++i)
                        source->set_picture(static_cast<int>(i), image_of(*pictures[i]).copy());
                });
}

void BackgroundStep::refresh_swatches(const BackgroundSettings& chosen) {
    if (shown_swatches == chosen.colours)
        return;
    shown_swatches = chosen.colours;
    while (QLayoutItem* item = swatches->takeAt(0)) {
        if (item->widget())
            item->widget()->deleteLater();
        delete item;
    }
    for (std::size_t i = 0; i < std::min<std::size_t>(6, chosen.colours.size()); ++i) {
        const Rgb colour = chosen.colours[i];
        auto* swatch = new ColourPatch(QStringLiteral("swatch") + QString::number(i), hex(colour),
                                       tr("%1. Click to drop it.").arg(hex(colour)));
        swatch->setFixedSize(px(36), px(22));
        swatch->show_colour(colour);
        connect(swatch, &QPushButton::clicked, this, [this, colour] {
            edit(tr("Drop a colour"), [colour](BackgroundSettings& b) { std::erase(b.colours, colour); });
        });
        swatches->addWidget(swatch);
    }
    if (chosen.colours.size() > 6)
        swatches->addWidget(label(tr("and %1 more").arg(chosen.colours.size() - 6), "dim"));
    swatches->addStretch();
}

void BackgroundStep::refresh_strokes(const std::vector<Stroke>& all) {
    stroke_rows->setVisible(!all.empty() || (tools.tool() >= Tool::brush_add && tools.tool() <= Tool::brush_foreign));
    strokes->setVisible(!all.empty());
    stroke_buttons->setVisible(!all.empty());
    const QSignalBlocker quiet(strokes);
    const int chosen = strokes->currentRow();
    strokes->clear();
    for (const Stroke& stroke : all)
        strokes->addItem((stroke.kind == Stroke::Kind::add       ? tr("Add, %1 px")
                          : stroke.kind == Stroke::Kind::erase   ? tr("Erase, %1 px")
                          : stroke.kind == Stroke::Kind::belongs ? tr("Belongs, %1 px")
                                                                 : tr("Does not belong, %1 px"))
                             .arg(std::lround(stroke.size)));
    strokes->setCurrentRow(std::min(chosen, strokes->count() - 1));
    tools.chosen_stroke = strokes->currentRow();
}

void BackgroundStep::refresh(const Sticker& s, const Isolation& isolation) {
    const QSignalBlocker quiet_brightness(brightness), quiet_tolerance(tolerance);
    const BackgroundSettings& chosen = isolation.chosen;
    source->set_chosen(place_of(s.background.source));
    why->setText(in_words(isolation.why));
    why->setVisible(!isolation.why.empty());
    brightness_rows->setVisible(chosen.source == Source::brightness);
    colour_rows->setVisible(chosen.source == Source::colour);
    subject_rows->setVisible(chosen.source == Source::subject);
    no_box->setEnabled(s.background.subject_box.has_value());
    light->set_chosen(place_of(s.background.light.light));
    shadows->set_chosen(place_of(s.background.light.shadows));
    prints_evened->setChecked(s.background.light.prints_evened);
    prints_evened->setVisible(chosen.light.light == Light::even);
    whitens_paper->setChecked(s.background.light.whitens_paper);
    whitens_paper->setVisible(chosen.light.light == Light::even && s.background.light.prints_evened);
    light_rows->setVisible(chosen.source != Source::alpha || isolation.content == AlphaContent::opaque);
    tolerance_rows->setVisible(chosen.source == Source::colour || !s.background.pockets_at.empty());
    brightness->setValue(static_cast<int>(std::lround(chosen.brightness.value_or(127))));
    tolerance->setValue(static_cast<int>(std::lround(chosen.tolerance)));
    use->set_chosen(place_of(chosen.use));
    pockets->setChecked(chosen.pockets);
    pockets->setVisible(chosen.use == ColourUse::take_away);
    fill_inside->setChecked(s.background.fill_inside);
    give_back->setEnabled(!s.background.pockets_at.empty());
    whole_picture->setEnabled(s.background.focus.has_value());
    brush_size->set_value(tools.brush_size);
    brush_hardness->set_value(tools.brush_hardness * 100);
    refresh_pictures(s);
    refresh_swatches(chosen);
    refresh_strokes(s.background.strokes);
}

QString BackgroundStep::state_of(const Sticker& s, const Isolation& isolation) {
    const BackgroundSettings& chosen = isolation.chosen;
    const QString colours = chosen.colours.empty()       ? QString()
                            : chosen.colours.size() == 1 ? hex(chosen.colours.front())
                                                         : tr("%1 colours").arg(chosen.colours.size());
    QString words = chosen.source == Source::brightness ? tr("by brightness")
                    : chosen.source == Source::colour
                        ? (chosen.use == ColourUse::keep_only ? tr("only %1") : tr("%1 taken away")).arg(colours)
                    : chosen.source == Source::subject          ? tr("the subject")
                    : isolation.content == AlphaContent::opaque ? tr("none found")
                                                                : tr("clear already");
    if (chosen.light.light == Light::even)
        words += tr(", light evened");
    if (chosen.light.shadows == Shadows::drop)
        words += tr(", no shadows");
    if (!s.background.strokes.empty())
        words += tr(", brushed");
    if (s.background.focus)
        words += tr(", in a box");
    return words;
}

} // namespace fusuma::app
