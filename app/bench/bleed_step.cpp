#include "app/bench/bleed_step.h"

#include "app/common/enum_words.h"
#include "formats/basics/in_words.h"
#include <cmath>

namespace fusuma::app {

BleedStep::BleedStep(Model& project) : model(project) {
    auto* layout = step_layout(this);
    kinds = new Choices(labels<Bleed::Kind>());
    kinds->setToolTip(tr("What prints past the cut line, so that a cut that slips shows colour instead of paper."));
    connect(kinds, &Choices::picked, this, [this](int i) {
        model.in_hand.edit_sticker(tr("Bleed"), [i](Sticker& s) { s.bleed.kind = choice_at<Bleed::Kind>(i); });
    });
    layout->addWidget(kinds);
    const QString why = tr("How far colour goes past the cut. 1 mm covers what most printers and cutters are off.");
    width = new NumberField(NumberField::Kind::length, 0, 20, 0.1, QStringLiteral("bleedWidth"));
    width->setToolTip(why);
    width->setProperty("alsoFound", tr("width"));
    width_row = row(tr("Past the cut by"), width, 90);
    layout->addWidget(width_row);
    slider_width = slider(0, 50, "bleedSlider", tr("Bleed"), why); // tenths of a millimetre
    layout->addWidget(slider_width);
    const auto set_width = [this](double mm) {
        model.in_hand.edit_sticker(
            tr("Bleed width"), [&](Sticker& s) { s.bleed.width = mm; }, QStringLiteral("bleed"));
    };
    connect(width, &NumberField::edited, this, set_width);
    connect(slider_width, &QSlider::valueChanged, this, [set_width](int tenths) { set_width(tenths / 10.0); });
    connect(slider_width, &QSlider::sliderReleased, this, [this] { model.project.end_stroke(); });
    words = label({}, "dim");
    words->setObjectName(QStringLiteral("bleedWords"));
    words->setWordWrap(true);
    layout->addWidget(words);
}

void BleedStep::refresh(const Sticker& s, Unit unit) {
    const QSignalBlocker quiet(slider_width);
    kinds->set_chosen(place_of(s.bleed.kind));
    width->set_unit(unit);
    width->set_value(s.bleed.width);
    slider_width->setValue(static_cast<int>(std::lround(s.bleed.width * 10)));
    const bool is_on = s.bleed.kind != Bleed::Kind::none;
    width_row->setVisible(is_on);
    slider_width->setVisible(is_on);
    const double reach = reach_of(s.border, s.rims);
    const bool edge_is_paper = s.border.width > 0 && s.rims.border.kind == Fill::Kind::clear;
    words->setText(
        s.bleed.kind == Bleed::Kind::rim && !bleeds(s.border, s.rims, s.bleed)
            ? tr("The rim at the cut is paper, so there is no colour to carry on. Give it one in the Border step.")
        : s.bleed.kind == Bleed::Kind::art && edge_is_paper
            ? tr("The rim at the cut is paper: a slip would show a thin coloured edge. None suits a white border best.")
        : s.bleed.kind == Bleed::Kind::none && !edge_is_paper && reach >= 0
            ? tr("The cut lies on print. Without bleed the smallest slip shows paper.")
        : s.bleed.kind == Bleed::Kind::none
            ? tr("A slip of the cut shows nothing new: paper lies on both sides.")
            : tr("Beside a close neighbour it is cut back halfway; preflight says so."));
    if (s.bleed.kind == Bleed::Kind::none && reach < 0)
        words->setText(tr("The cut lies inside the art, which prints past it by itself."));
}

QString BleedStep::state_of(const Sticker& s, Unit unit) {
    if (s.bleed.kind == Bleed::Kind::none)
        return tr("none");
    if (!bleeds(s.border, s.rims, s.bleed))
        return tr("nothing to carry on");
    return length_in_words(s.bleed.width, unit) +
           (s.bleed.kind == Bleed::Kind::art ? tr(", art's colours") : tr(", rim's colour"));
}

} // namespace fusuma::app
