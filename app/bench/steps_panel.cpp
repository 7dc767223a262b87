#include "app/bench/steps_panel.h"

#include "app/common/number_field.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "core/geometry/measure.h"

#include <QCheckBox>
#include <QScrollArea>
#include <QSlider>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

namespace {

QString words(double mm, Unit unit) {
    return QString::fromStdString(format_length(mm, unit));
}

QWidget* body_of(QVBoxLayout*& layout) {
    auto* body = new QWidget;
    layout = column(body, 0, 8);
    layout->setContentsMargins(12, 4, 12, 12);
    return body;
}

} // namespace

NumberField* StepsPanel::length_field(double least, double most, double step, const char* object_name) {
    auto* field = new NumberField(NumberField::Kind::length, least, most, step, QLatin1String(object_name));
    lengths.push_back(field);
    return field;
}

StepsPanel::StepsPanel(Session& project) : session(project) {
    setObjectName(QStringLiteral("panel"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedWidth(300);
    auto* layout = column(this, 12, 8);
    auto* head = new QHBoxLayout;
    title = label({}, "title");
    head->addWidget(title);
    head->addStretch();
    head->addWidget(label(tr("all steps stay live"), "dim"));
    layout->addLayout(head);

    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    steps = new QWidget;
    auto* list = column(steps, 0, 6);
    add_card(tr("Artwork"), artwork_step());
    add_card(tr("Background"), background_step());
    add_card(tr("Outline"), outline_step());
    add_card(tr("Border"), border_step());
    add_card(tr("Cut"), cut_step());
    add_card(tr("Size"), size_step());
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
    connect(&session, &Session::changed, this, &StepsPanel::refresh);
    connect(&session, &Session::worked_out, this, &StepsPanel::refresh);
    refresh();
}

void StepsPanel::add_card(const QString& card_title, QWidget* body) {
    const std::size_t index = cards.size();
    cards.push_back(new StepCard(static_cast<int>(index) + 1, card_title, body));
    connect(cards.back(), &StepCard::toggled, this,
            [this, index] { open_card(cards[index]->is_open() ? cards.size() : index); });
}

void StepsPanel::open_card(std::size_t index) {
    for (std::size_t i = 0; i < cards.size(); ++i)
        cards[i]->set_open(i == index);
}

QWidget* StepsPanel::artwork_step() {
    QVBoxLayout* layout = nullptr;
    QWidget* body = body_of(layout);
    name = new QLineEdit;
    name->setObjectName(QStringLiteral("stickerName"));
    connect(name, &QLineEdit::editingFinished, this, [this] {
        if (session.sticker() && name->text().toStdString() != session.sticker()->name &&
            !name->text().trimmed().isEmpty())
            session.edit_sticker(tr("Rename"), [this](Sticker& s) { s.name = name->text().trimmed().toStdString(); });
    });
    layout->addWidget(row(tr("Name"), name, 170));
    artwork_facts = label({}, "dim");
    artwork_facts->setObjectName(QStringLiteral("artworkFacts"));
    artwork_facts->setWordWrap(true);
    layout->addWidget(artwork_facts);
    return body;
}

QWidget* StepsPanel::background_step() {
    QVBoxLayout* layout = nullptr;
    QWidget* body = body_of(layout);
    source = new Choices({tr("As offered"), tr("Alpha"), tr("Brightness"), tr("Colour")});
    source->setToolTip(tr("What tells the art from its background."));
    connect(source, &Choices::picked, this, [this](int i) {
        edit_background(tr("Background"), [i](BackgroundSettings& b) { b.source = static_cast<Source>(i); });
    });
    layout->addWidget(source);
    source_why = label({}, "dim");
    source_why->setObjectName(QStringLiteral("sourceWhy"));
    source_why->setWordWrap(true);
    layout->addWidget(source_why);

    brightness_rows = new QWidget;
    auto* brightness_layout = column(brightness_rows, 0, 4);
    brightness_layout->addWidget(label(tr("Darker than this is art")));
    brightness = new QSlider(Qt::Horizontal);
    brightness->setObjectName(QStringLiteral("brightness"));
    brightness->setAccessibleName(tr("Darker than this is art"));
    brightness->setRange(1, 254);
    brightness->setToolTip(tr("Raise it until the whole figure counts and no more."));
    connect(brightness, &QSlider::valueChanged, this, [this](int grey) {
        edit_background(
            tr("Brightness"),
            [grey](BackgroundSettings& b) {
                b.source = Source::brightness;
                b.brightness = grey;
            },
            QStringLiteral("brightness"));
    });
    brightness_layout->addWidget(brightness);
    layout->addWidget(brightness_rows);

    colour_rows = new QWidget;
    auto* colour_layout = column(colour_rows, 0, 6);
    swatch = label({});
    swatch->setFixedSize(56, 20);
    colour_layout->addWidget(row(tr("Take away"), swatch));
    auto* pick = button(tr("Pick in the picture"), "", QStringLiteral("pickColour"),
                        tr("Then click the background in the picture."));
    connect(pick, &QPushButton::clicked, this, &StepsPanel::pick_wanted);
    colour_layout->addWidget(pick);
    colour_layout->addWidget(label(tr("And what is nearly that colour")));
    tolerance = new QSlider(Qt::Horizontal);
    tolerance->setObjectName(QStringLiteral("tolerance"));
    tolerance->setAccessibleName(tr("Tolerance"));
    tolerance->setRange(1, 60);
    tolerance->setToolTip(tr("Higher takes more away. Too high eats into pale art."));
    connect(tolerance, &QSlider::valueChanged, this, [this](int difference) {
        edit_background(
            tr("Tolerance"), [difference](BackgroundSettings& b) { b.tolerance = difference; },
            QStringLiteral("tolerance"));
    });
    colour_layout->addWidget(tolerance);
    pockets = new QCheckBox(tr("Also enclosed pockets of this colour"));
    pockets->setObjectName(QStringLiteral("pockets"));
    pockets->setToolTip(tr("Off, only what is joined to the picture's edge is taken away."));
    connect(pockets, &QCheckBox::clicked, this,
            [this](bool on) { edit_background(tr("Pockets"), [on](BackgroundSettings& b) { b.pockets = on; }); });
    colour_layout->addWidget(pockets);
    layout->addWidget(colour_rows);

    auto* focus = button(tr("Draw a focus box"), "", QStringLiteral("focusBox"),
                         tr("Only what lies in the box becomes the sticker. Draw it in the picture."));
    connect(focus, &QPushButton::clicked, this, &StepsPanel::focus_wanted);
    whole_picture =
        button(tr("Use the whole picture"), "", QStringLiteral("wholePicture"), tr("Take the focus box away."));
    connect(whole_picture, &QPushButton::clicked, this,
            [this] { edit_background(tr("Focus box"), [](BackgroundSettings& b) { b.focus.reset(); }); });
    layout->addWidget(focus);
    layout->addWidget(whole_picture);
    return body;
}

void StepsPanel::edit_background(const QString& text, const std::function<void(BackgroundSettings&)>& change,
                                 const QString& stroke) {
    session.edit_sticker(
        text, [&](Sticker& s) { change(s.background); }, stroke);
}

void StepsPanel::refresh_background(const Sticker& s, const Isolation& isolation) {
    const QSignalBlocker quiet_brightness(brightness), quiet_tolerance(tolerance);
    const BackgroundSettings& chosen = isolation.chosen;
    source->set_chosen(static_cast<int>(s.background.source));
    source_why->setText(QString::fromStdString(isolation.why));
    source_why->setVisible(!isolation.why.empty());
    brightness_rows->setVisible(chosen.source == Source::brightness);
    colour_rows->setVisible(chosen.source == Source::colour);
    brightness->setValue(static_cast<int>(std::lround(chosen.brightness.value_or(127))));
    tolerance->setValue(static_cast<int>(std::lround(chosen.tolerance)));
    pockets->setChecked(chosen.pockets);
    const Rgb colour = chosen.colour.value_or(Rgb{255, 255, 255});
    const QString hex = QColor(colour.red, colour.green, colour.blue).name();
    swatch->setStyleSheet(
        QStringLiteral("background: %1; border: 1px solid %2; border-radius: 4px;").arg(hex, theme().line.name()));
    swatch->setToolTip(hex);
    whole_picture->setVisible(s.background.focus.has_value());
    const QString words = chosen.source == Source::brightness         ? tr("by brightness")
                          : chosen.source == Source::colour           ? tr("%1 taken away").arg(hex)
                          : isolation.content == AlphaContent::opaque ? tr("none found")
                                                                      : tr("clear already");
    cards[1]->set_state(s.background.focus ? words + tr(", in a box") : words);
}

QWidget* StepsPanel::outline_step() {
    QVBoxLayout* layout = nullptr;
    QWidget* body = body_of(layout);
    threshold = new QSlider(Qt::Horizontal);
    threshold->setObjectName(QStringLiteral("threshold"));
    threshold->setRange(1, 99);
    threshold->setAccessibleName(tr("Threshold"));
    threshold->setToolTip(
        tr("How solid a pixel must be to count as art. Raise it to leave out faint haze and shadows."));
    threshold_text = label({});
    layout->addWidget(row(tr("Counts as art when solid over"), threshold_text));
    layout->addWidget(threshold);
    connect(threshold, &QSlider::valueChanged, this, [this](int percent) {
        session.edit_sticker(
            tr("Threshold"), [&](Sticker& s) { s.trace.threshold = percent * 2.55; }, QStringLiteral("threshold"));
    });
    detail = new NumberField(NumberField::Kind::plain, 0.02, 5, 0.02, QStringLiteral("detail"));
    detail->set_suffix(QStringLiteral("px"));
    detail->setToolTip(
        tr("How far the curve may stray from the art's edge. Larger gives fewer nodes and a smoother cut."));
    layout->addWidget(row(tr("Detail"), detail, 90));
    connect(detail, &NumberField::edited, this, [this](double px) {
        session.edit_sticker(
            tr("Detail"), [&](Sticker& s) { s.trace.detail_px = px; }, QStringLiteral("detail"));
    });
    least_speck = new NumberField(NumberField::Kind::plain, 0, 1000, 0.1, QStringLiteral("leastSpeck"));
    least_speck->set_suffix(QStringLiteral("mm²"));
    least_speck->setToolTip(tr("Every leftover speck is a cut. Pieces and holes smaller than this are left out."));
    layout->addWidget(row(tr("Leave out specks under"), least_speck, 90));
    connect(least_speck, &NumberField::edited, this, [this](double mm2) {
        session.edit_sticker(
            tr("Specks"), [&](Sticker& s) { s.ignore_specks = mm2; }, QStringLiteral("specks"));
    });
    specks = label({}, "dim");
    layout->addWidget(specks);
    return body;
}

QWidget* StepsPanel::border_step() {
    QVBoxLayout* layout = nullptr;
    QWidget* body = body_of(layout);
    border_field = length_field(-5, 50, 0.1, "borderWidth");
    layout->addWidget(row(tr("Width"), border_field, 90));
    border_width = new QSlider(Qt::Horizontal);
    border_width->setObjectName(QStringLiteral("borderSlider"));
    border_width->setAccessibleName(tr("Border width"));
    border_width->setToolTip(
        tr("The white rim between art and cut. Below zero the cut goes inside the art, so no white shows."));
    border_width->setRange(-20, 120); // tenths of a millimetre
    border_width->setPageStep(5);
    layout->addWidget(border_width);
    const auto set_width = [this](double mm) {
        session.edit_sticker(
            tr("Border width"), [&](Sticker& s) { s.border.width = mm; }, QStringLiteral("border"));
    };
    connect(border_field, &NumberField::edited, this, set_width);
    connect(border_width, &QSlider::valueChanged, this, [set_width](int tenths) { set_width(tenths / 10.0); });
    connect(border_width, &QSlider::sliderReleased, this, [this] { session.end_stroke(); });

    layout->addWidget(label(tr("Corners")));
    corners = new Choices({tr("Round"), tr("Mitre"), tr("Bevel")});
    connect(corners, &Choices::picked, this, [this](int i) {
        session.edit_sticker(tr("Corners"), [&](Sticker& s) { s.border.corners = static_cast<Corners>(i); });
    });
    corners->setProperty("name", "corners");
    layout->addWidget(corners);
    layout->addWidget(label(tr("Holes")));
    holes = new Choices({tr("Keep"), tr("Close all"), tr("Close small")});
    connect(holes, &Choices::picked, this, [this](int i) {
        session.edit_sticker(tr("Holes"), [&](Sticker& s) { s.border.holes = static_cast<Holes>(i); });
    });
    layout->addWidget(holes);
    close_under = new NumberField(NumberField::Kind::plain, 0, 10000, 1, QStringLiteral("closeUnder"));
    close_under->set_suffix(QStringLiteral("mm²"));
    connect(close_under, &NumberField::edited, this, [this](double mm2) {
        session.edit_sticker(
            tr("Holes"), [&](Sticker& s) { s.border.close_under = mm2; }, QStringLiteral("close-under"));
    });
    close_under_row = row(tr("Close those under"), close_under, 90);
    layout->addWidget(close_under_row);
    return body;
}

QWidget* StepsPanel::cut_step() {
    QVBoxLayout* layout = nullptr;
    QWidget* body = body_of(layout);
    cut = new Choices({tr("Kiss cut"), tr("Through cut")});
    cut->setToolTip(
        tr("Kiss cut leaves the backing whole, so stickers stay on the sheet. Through cut frees each one."));
    connect(cut, &Choices::picked, this,
            [this](int i) { session.edit_sticker(tr("Cut"), [&](Sticker& s) { s.cut = static_cast<CutKind>(i); }); });
    layout->addWidget(cut);
    return body;
}

QWidget* StepsPanel::size_step() {
    QVBoxLayout* layout = nullptr;
    QWidget* body = body_of(layout);
    width = length_field(0.5, 2000, 1, "artWidth");
    height = length_field(0.5, 2000, 1, "artHeight");
    finished_width = length_field(0.5, 2000, 1, "finishedWidth");
    finished_height = length_field(0.5, 2000, 1, "finishedHeight");
    layout->addWidget(row(tr("Artwork width"), width, 100));
    layout->addWidget(row(tr("Artwork height"), height, 100));
    layout->addWidget(row(tr("Finished width"), finished_width, 100));
    layout->addWidget(row(tr("Finished height"), finished_height, 100));
    connect(width, &NumberField::edited, this, [this](double mm) { resize_sticker(mm, QStringLiteral("size")); });
    connect(height, &NumberField::edited, this, [this](double mm) {
        if (const auto s = session.sticker())
            resize_sticker(s->width * mm / artwork_size(*s).height, QStringLiteral("size"));
    });
    // The border stays the same millimetres at every size, so only what lies inside it scales.
    const auto finish = [this](double mm, double (Rect::*side)() const) {
        const auto s = session.sticker();
        const auto result = s ? session.snapshot().result(s->id) : nullptr;
        if (!result)
            return;
        const double rim = (bounds(result->cut_line).*side)() - (bounds(result->outline).*side)();
        const double art = (bounds(result->outline).*side)();
        if (mm - rim > 0.5 && art > 0)
            resize_sticker(s->width * (mm - rim) / art, QStringLiteral("size"));
    };
    connect(finished_width, &NumberField::edited, this, [finish](double mm) { finish(mm, &Rect::width); });
    connect(finished_height, &NumberField::edited, this, [finish](double mm) { finish(mm, &Rect::height); });
    auto* natural = button(tr("Size as in the file"), "", QStringLiteral("naturalSize"),
                           tr("Back to the size that the picture's own density gives it."));
    connect(natural, &QPushButton::clicked, this, [this] {
        if (const auto s = session.sticker())
            resize_sticker(natural_size(s->artwork).width, {});
    });
    layout->addWidget(natural);
    return body;
}

void StepsPanel::resize_sticker(double width_mm, const QString& stroke) {
    session.edit_sticker(
        tr("Size"), [&](Sticker& s) { s.width = std::clamp(width_mm, 0.5, 2000.0); }, stroke);
}

void StepsPanel::refresh() {
    const auto sticker = session.sticker();
    steps->setEnabled(sticker != nullptr);
    put_on_sheet->setEnabled(sticker != nullptr);
    if (!sticker) {
        title->setText(tr("No sticker yet"));
        finished_text->setText(QStringLiteral("–"));
        finished_words->clear();
        return;
    }
    title->setText(QFontMetrics(title->font()).elidedText(QString::fromStdString(sticker->name), Qt::ElideRight, 165));
    for (NumberField* field : lengths)
        field->set_unit(session.document().unit);
    refresh_values(*sticker);
    if (const auto result = session.snapshot().result(sticker->id))
        refresh_results(*sticker, *result);
}

void StepsPanel::refresh_values(const Sticker& s) {
    const Unit unit = session.document().unit;
    const QSignalBlocker quiet_threshold(threshold), quiet_border(border_width);
    if (!name->hasFocus())
        name->setText(QString::fromStdString(s.name));
    const int percent = static_cast<int>(std::lround(s.trace.threshold / 2.55));
    threshold->setValue(percent);
    threshold_text->setText(tr("%1 %").arg(percent));
    detail->set_value(s.trace.detail_px);
    least_speck->set_value(s.ignore_specks);
    border_field->set_value(s.border.width);
    border_width->setValue(static_cast<int>(std::lround(s.border.width * 10)));
    corners->set_chosen(static_cast<int>(s.border.corners));
    holes->set_chosen(static_cast<int>(s.border.holes));
    close_under->set_value(s.border.close_under);
    close_under_row->setVisible(s.border.holes == Holes::close_small);
    cut->set_chosen(static_cast<int>(s.cut));
    const Size size = artwork_size(s);
    width->set_value(size.width);
    height->set_value(size.height);

    static const QStringList corner_words{tr("round"), tr("mitre"), tr("bevel")};
    cards[2]->set_state(tr("at %1 %").arg(percent));
    cards[3]->set_state(s.border.width == 0
                            ? tr("none, cut on the outline")
                            : words(s.border.width, unit) + ", " + corner_words[static_cast<int>(s.border.corners)]);
    cards[4]->set_state(s.cut == CutKind::kiss ? tr("kiss cut") : tr("through cut"));
    cards[5]->set_state(words(size.width, unit) + QStringLiteral(" wide"));
    std::visit(
        [&](const PictureArtwork& art) {
            const Picture& p = *art.picture;
            cards[0]->set_state(tr("%1 × %2 px").arg(p.pixels.width).arg(p.pixels.height));
            const double printed = p.pixels.width / (s.width / mm_per_inch);
            artwork_facts->setText(tr("%1, %2. Prints at %3 dpi at this size.")
                                       .arg(QString::fromStdString(p.file_name),
                                            p.dpi_is_stated ? tr("saved at %1 dpi").arg(std::lround(p.dpi))
                                                            : tr("no density in the file, 300 dpi assumed"))
                                       .arg(std::lround(printed)));
        },
        s.artwork);
}

void StepsPanel::refresh_results(const Sticker& sticker, const StickerResult& result) {
    refresh_background(sticker, *result.isolation);
    const Unit unit = session.document().unit;
    const Rect box = bounds(result.cut_line);
    finished_width->set_value(box.width());
    finished_height->set_value(box.height());
    const QString height_words = words(box.height(), unit), width_words = words(box.width(), unit);
    finished_text->setText(box.empty()
                               ? tr("nothing to cut")
                               : width_words.left(width_words.lastIndexOf(' ')) + QStringLiteral(" × ") + height_words);
    const auto pieces = std::count_if(result.cut_line.contours.begin(), result.cut_line.contours.end(),
                                      [](const Contour& c) { return signed_area(c) > 0; });
    finished_words->setText(box.empty() ? tr("Nothing is left to cut. Look at the Background and Border steps.")
                            : result.isolation->content == AlphaContent::opaque
                                ? tr("The whole rectangle is the outline. The Background step can take a colour away.")
                            : pieces > 1 ? tr("Falls into %1 pieces. A wider border joins them.").arg(pieces)
                                         : tr("One piece."));
    specks->setText(result.dropped_specks == 0   ? tr("No specks left out.")
                    : result.dropped_specks == 1 ? tr("1 speck left out.")
                                                 : tr("%1 specks left out.").arg(result.dropped_specks));
}

} // namespace fusuma::app
