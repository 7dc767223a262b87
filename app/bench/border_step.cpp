#include "app/bench/border_step.h"

#include "app/bench/fill_field.h"
#include "app/common/enum_words.h"
#include "app/common/glyphs.h"
#include "app/common/more.h"
#include "app/common/quick_picks.h"
#include "app/common/theme.h"
#include "core/geometry/measure.h"
#include "formats/basics/in_words.h"

#include <QCheckBox>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

namespace {

QString length_words(double mm, Unit unit) {
    return length_in_words(mm, unit);
}

} // namespace

template <typename Change>
void BorderStep::edit_on(NumberField* field, const QString& text, const char* stroke, Change change) {
    connect(field, &NumberField::edited, this, [this, text, stroke, change](double value) {
        model.in_hand.edit_sticker(
            text, [&](Sticker& s) { change(s, value); }, QLatin1String(stroke));
    });
}

NumberField* BorderStep::length(double least, double most, double step, const char* name, const QString& why) {
    auto* field = new NumberField(NumberField::Kind::length, least, most, step, QLatin1String(name));
    field->setToolTip(why);
    lengths.push_back(field);
    return field;
}

BorderStep::BorderStep(Model& project, BenchTools& bench_tools) : model(project), tools(bench_tools) {
    auto* layout = step_layout(this);
    add_width(layout);
    add_corners_and_holes(layout);
    add_joining(layout);
    add_rims(layout);
}

void BorderStep::add_width(QVBoxLayout* layout) {
    const QString why =
        tr("The white rim between art and cut. Below zero the cut goes inside the art, so no white shows.");
    width = length(-5, 50, 0.1, "borderWidth", why);
    slider_width = slider(-20, 120, "borderSlider", tr("Border width"), why); // tenths of a millimetre
    slider_width->setPageStep(5);
    auto* line = new QHBoxLayout;
    line->setSpacing(10);
    line->addWidget(label(tr("Width")));
    line->addWidget(slider_width, 1);
    width->setFixedWidth(px(84));
    width->setAccessibleName(tr("Width"));
    line->addWidget(width);
    layout->addLayout(line);
    const auto set_width = [this](double mm) {
        model.in_hand.edit_sticker(
            tr("Border width"), [&](Sticker& s) { s.border.width = mm; }, QStringLiteral("border"));
    };
    // Common practice: 2 to 3 mm, or an eighth of an inch, for white borders; thinner for labels.
    picks =
        new QuickPicks(QStringLiteral("borderPicks"), tr("Border widths"), {0, 1, 2, 3, 5}, {0, 0.0625, 0.125, 0.1875});
    layout->addWidget(picks);
    connect(picks, &QuickPicks::picked, this, set_width);
    connect(width, &NumberField::edited, this, set_width);
    connect(width, &NumberField::typed, picks, &QuickPicks::remember);
    connect(slider_width, &QSlider::valueChanged, this, [set_width](int tenths) { set_width(tenths / 10.0); });
    connect(slider_width, &QSlider::sliderReleased, this, [this] { model.project.end_stroke(); });
    scales = new QCheckBox(tr("Grows with larger copies"));
    scales->setObjectName(QStringLiteral("scaleBorder"));
    scales->setToolTip(tr("Off, the border is the same millimetres on every copy, large or small."));
    connect(scales, &QCheckBox::clicked, this, [this](bool on) {
        model.in_hand.edit_sticker(tr("Scale the border"), [on](Sticker& s) { s.border.scales_with_art = on; });
    });
    layout->addWidget(scales);
}

void BorderStep::add_corners_and_holes(QVBoxLayout* layout) {
    layout->addWidget(label(tr("Corners")));
    corners = new Choices(labels<Corners>(), Choices::Look::pictures);
    for (const Word<Corners>& w : fusuma::words<Corners>)
        corners->set_glyph(place_of(w.value), glyph(w.value));
    connect(corners, &Choices::picked, this, [this](int i) {
        model.in_hand.edit_sticker(tr("Corners"), [&](Sticker& s) { s.border.corners = choice_at<Corners>(i); });
    });
    corners->setProperty("name", "corners");
    layout->addWidget(corners);
    mitre_limit = plain_field(1, 20, 0.5, "mitreLimit", QStringLiteral("×"),
                              tr("Points that would stick out farther than this many widths are cut square."));
    edit_on(mitre_limit, tr("Mitre limit"), "mitre", [](Sticker& s, double times) { s.border.mitre_limit = times; });
    mitre_row = row(tr("Points up to"), mitre_limit, 90);
    layout->addWidget(mitre_row);
    layout->addWidget(label(tr("Holes")));
    holes = new Choices(labels<Holes>(), Choices::Look::pictures);
    for (const Word<Holes>& w : fusuma::words<Holes>)
        holes->set_glyph(place_of(w.value), glyph(w.value));
    connect(holes, &Choices::picked, this, [this](int i) {
        model.in_hand.edit_sticker(tr("Holes"), [&](Sticker& s) {
            s.border.holes = choice_at<Holes>(i);
            s.border.by_hand.clear();
        });
    });
    layout->addWidget(holes);
    close_under =
        plain_field(0, 10000, 1, "closeUnder", QStringLiteral("mm²"), tr("Holes smaller than this are closed."));
    edit_on(close_under, tr("Holes"), "close-under", [](Sticker& s, double mm2) { s.border.close_under = mm2; });
    close_under_row = row(tr("Close those under"), close_under, 90);
    layout->addWidget(close_under_row);
    layout->addWidget(tool_button(tools, Tool::hole, tr("Click single holes"), QStringLiteral("toolHole"),
                                  tr("Click a hole in the picture to close it, or a closed one to open it.")));
}

void BorderStep::add_joining(QVBoxLayout* layout) {
    auto* more = new More(QStringLiteral("moreJoining"), tr("Join pieces, inlets and tips"));
    join = length(0, 100, 0.5, "join",
                  tr("Parts of the border closer together than this grow together by a smooth bridge. "
                     "The rim elsewhere stays as wide as it is."));
    edit_on(join, tr("Join pieces"), "join", [](Sticker& s, double mm) { s.border.join = mm; });
    more->rows().addWidget(row(tr("Join pieces closer than"), join, 90));
    one_border = new QCheckBox(tr("One border round everything"));
    one_border->setObjectName(QStringLiteral("oneBorder"));
    one_border->setToolTip(
        tr("Bridges all pieces the shortest way, however far apart, so the sticker comes off in one."));
    connect(one_border, &QCheckBox::clicked, this, [this](bool on) {
        model.in_hand.edit_sticker(tr("One border"), [on](Sticker& s) { s.border.one_border = on; });
    });
    more->rows().addWidget(one_border);
    least_gap =
        length(0, 50, 0.5, "leastGap", tr("Narrow inlets tear under the blade. Those under this width are filled."));
    edit_on(least_gap, tr("Fill inlets"), "gap", [](Sticker& s, double mm) { s.border.least_gap = mm; });
    more->rows().addWidget(row(tr("No gap narrower than"), least_gap, 90));
    least_tip = length(0, 50, 0.5, "leastTip", tr("Thin spikes bend and tear. Those under this width are cut off."));
    edit_on(least_tip, tr("Cut off spikes"), "tip", [](Sticker& s, double mm) { s.border.least_tip = mm; });
    more->rows().addWidget(row(tr("No tip thinner than"), least_tip, 90));
    layout->addWidget(more);
    words = label({}, "dim");
    words->setObjectName(QStringLiteral("borderWords"));
    words->setWordWrap(true);
    layout->addWidget(words);
}

void BorderStep::add_rims(QVBoxLayout* layout) {
    layout->addWidget(label(tr("Printed with"), "section"));
    fill = new FillField(tools, QStringLiteral("borderFill"), tr("The border is printed with"));
    connect(fill, &FillField::edited, this, [this](const Fill& next) {
        model.in_hand.edit_sticker(tr("Border colour"), [&](Sticker& s) { s.rims.border = next; });
    });
    layout->addWidget(fill);
    auto* list = new QWidget;
    rim_list = column(list, 0, 8);
    layout->addWidget(list);
    auto* more =
        button(tr("Add a rim inside"), "", QStringLiteral("addRim"),
               tr("A printed rim between the art and the border, such as a coloured line inside a white edge."));
    connect(more, &QPushButton::clicked, this, [this] {
        model.in_hand.edit_sticker(tr("Add a rim"), [](Sticker& s) {
            if (s.rims.inner.size() < most_rims)
                s.rims.inner.push_back({1, {.kind = Fill::Kind::colour}});
        });
    });
    layout->addWidget(more);
}

void BorderStep::add_rim_row() {
    const std::size_t index = rims.size();
    const QString number = QString::number(index + 1);
    RimRow rim{new QWidget, nullptr, nullptr};
    auto* layout = column(rim.whole, 0, 6);
    rim.width = length(0, 50, 0.1, "", tr("How wide this rim is. The cut line moves outward by it."));
    rim.width->setObjectName(QStringLiteral("rimWidth") + number);
    rim.fill = new FillField(tools, QStringLiteral("rim") + number, tr("Rim %1 is printed with").arg(number));
    auto* gone = button(tr("Remove"), "flat", QStringLiteral("removeRim") + number, tr("Take this rim away."));
    auto* head = new QHBoxLayout;
    head->setSpacing(6);
    head->addWidget(label(index == 0 ? tr("Innermost rim") : tr("Rim %1").arg(number)), 1);
    head->addWidget(gone);
    rim.width->setFixedWidth(px(80));
    rim.width->setAccessibleName(tr("Width of rim %1").arg(number));
    head->addWidget(rim.width);
    layout->addLayout(head);
    layout->addWidget(rim.fill);
    rim_list->addWidget(rim.whole);
    connect(rim.width, &NumberField::edited, this, [this, index](double mm) {
        model.in_hand.edit_sticker(
            tr("Rim width"),
            [&](Sticker& s) {
                if (index < s.rims.inner.size())
                    s.rims.inner[index].width = mm;
            },
            QStringLiteral("rim%1-").arg(index));
    });
    connect(rim.fill, &FillField::edited, this, [this, index](const Fill& next) {
        model.in_hand.edit_sticker(tr("Rim colour"), [&](Sticker& s) {
            if (index < s.rims.inner.size())
                s.rims.inner[index].fill = next;
        });
    });
    connect(gone, &QPushButton::clicked, this, [this, index] {
        model.in_hand.edit_sticker(tr("Remove a rim"), [&](Sticker& s) {
            if (index < s.rims.inner.size())
                s.rims.inner.erase(s.rims.inner.begin() + static_cast<std::ptrdiff_t>(index));
        });
    });
    rims.push_back(rim);
}

void BorderStep::refresh(const Sticker& s, Unit unit) {
    const QSignalBlocker quiet(slider_width);
    while (rims.size() < s.rims.inner.size())
        add_rim_row();
    for (NumberField* field : lengths)
        field->set_unit(unit);
    picks->set_unit(unit);
    width->set_value(s.border.width);
    slider_width->setValue(static_cast<int>(std::lround(s.border.width * 10)));
    scales->setChecked(s.border.scales_with_art);
    corners->set_chosen(place_of(s.border.corners));
    mitre_limit->set_value(s.border.mitre_limit);
    mitre_row->setVisible(s.border.corners == Corners::mitre);
    holes->set_chosen(place_of(s.border.holes));
    close_under->set_value(s.border.close_under);
    close_under_row->setVisible(s.border.holes == Holes::close_small);
    join->set_value(s.border.join);
    one_border->setChecked(s.border.one_border);
    least_gap->set_value(s.border.least_gap);
    least_tip->set_value(s.border.least_tip);
    fill->set_fill(s.rims.border);
    for (std::size_t i = 0; i < rims.size(); ++i) {
        rims[i].whole->setVisible(i < s.rims.inner.size());
        if (i < s.rims.inner.size()) {
            rims[i].width->set_value(s.rims.inner[i].width);
            rims[i].fill->set_fill(s.rims.inner[i].fill);
        }
    }
}

void BorderStep::refresh_result(const StickerResult& result, Unit) {
    const auto& line = result.cut->derived->line.contours;
    const auto pieces = std::count_if(line.begin(), line.end(), [](const Contour& c) { return signed_area(c) > 0; });
    words->setText(pieces > 1 ? tr("The border falls into %1 pieces. Join them above, or widen it.").arg(pieces)
                              : QString());
    words->setVisible(pieces > 1);
}

QString BorderStep::state_of(const Sticker& s, Unit unit) {
    QString text = s.border.width == 0 ? tr("none, cut on the outline")
                                       : length_words(s.border.width, unit) + ", " + label_within(s.border.corners);
    if (!s.rims.inner.empty())
        text += tr(", %n rims", nullptr, static_cast<int>(s.rims.inner.size()));
    if (s.border.one_border || s.border.join > 0)
        text += tr(", joined");
    return text;
}

} // namespace fusuma::app
