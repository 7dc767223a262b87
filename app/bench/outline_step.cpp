#include "app/bench/outline_step.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

namespace fusuma::app {

template <typename Change>
void OutlineStep::edit_on(NumberField* field, const QString& text, const char* stroke, Change change) {
    connect(field, &NumberField::edited, this, [this, text, stroke, change](double value) {
        model.in_hand.edit_sticker(
            text, [&](Sticker& s) { change(s, value); }, QLatin1String(stroke));
    });
}

OutlineStep::OutlineStep(Model& project) : model(project) {
    auto* layout = step_layout(this);
    threshold = slider(1, 99, "threshold", tr("Threshold"),
                       tr("How solid a pixel must be to count as art. Raise it to leave out faint haze and shadows."));
    threshold_text = label({});
    layout->addWidget(row(tr("Counts as art when solid over"), threshold_text));
    layout->addWidget(threshold);
    connect(threshold, &QSlider::valueChanged, this, [this](int percent) {
        model.in_hand.edit_sticker(
            tr("Threshold"), [&](Sticker& s) { s.trace.threshold = percent * 2.55; }, QStringLiteral("threshold"));
    });
    connect(threshold, &QSlider::sliderReleased, this, [this] { model.project.end_stroke(); });

    const QString detail_why =
        tr("How far the curve may stray from the art's edge. Larger gives fewer nodes and a smoother cut.");
    detail_px = plain_field(0.02, 5, 0.005, "detail", QStringLiteral("px"), detail_why);
    detail_mm = plain_field(0.001, 5, 0.001, "detailMm", QStringLiteral("mm"), detail_why);
    edit_on(detail_px, tr("Detail"), "detail", [](Sticker& s, double px) { s.trace.detail_px = px; });
    edit_on(detail_mm, tr("Detail"), "detail",
            [](Sticker& s, double mm) { s.trace.detail_px = std::clamp(mm / mm_per_px(s), 0.02, 50.0); });
    layout->addWidget(row(tr("Detail"), detail_px, 90));
    layout->addWidget(row(tr("which is"), detail_mm, 90));
    smoothing = plain_field(0, 500, 2, "smoothing", QStringLiteral("px"),
                            tr("Evens out an edge that wobbles, as scanned ink does, over this length. Corners stay."));
    edit_on(smoothing, tr("Smoothing"), "smoothing", [](Sticker& s, double px) { s.trace.smoothing_px = px; });
    layout->addWidget(row(tr("Smooth wobbles over"), smoothing, 90));

    for (int i = 0; i < layout->count(); ++i)
        of_pixels.push_back(layout->itemAt(i)->widget());
    edges = new Choices({tr("With holes"), tr("Outer edge only")});
    edges->setToolTip(tr("Whether holes in the art become holes in the sticker."));
    connect(edges, &Choices::picked, this, [this](int i) {
        model.in_hand.edit_sticker(tr("Holes"), [i](Sticker& s) { s.clean.outer_only = i == 1; });
    });
    layout->addWidget(edges);
    gaps =
        plain_field(0, 20, 0.1, "closeGaps", QStringLiteral("mm"),
                    tr("Joins lines that are broken by no more than this, so that a drawing closes round its inside."));
    edit_on(gaps, tr("Close gaps"), "gaps", [](Sticker& s, double mm) { s.clean.gaps = mm; });
    layout->addWidget(row(tr("Close gaps up to"), gaps, 90));
    const QString speck_why = tr("Every leftover speck is a cut. Smaller ones are left out; the view rings them.");
    specks = plain_field(0, 1000, 0.1, "leastSpeck", QStringLiteral("mm²"), speck_why);
    edit_on(specks, tr("Specks"), "specks", [](Sticker& s, double mm2) { s.clean.specks = mm2; });
    layout->addWidget(row(tr("Leave out specks under"), specks, 90));
    holes = plain_field(0, 1000, 0.1, "leastHole", QStringLiteral("mm²"),
                        tr("Pinholes make the blade turn on the spot. Smaller ones are closed; the view rings them."));
    edit_on(holes, tr("Pinholes"), "holes", [](Sticker& s, double mm2) { s.clean.holes = mm2; });
    layout->addWidget(row(tr("and pinholes under"), holes, 90));
    dropped = label({}, "dim");
    dropped->setObjectName(QStringLiteral("droppedSpecks"));
    dropped->setWordWrap(true);
    layout->addWidget(dropped);
}

void OutlineStep::refresh(const Sticker& s) {
    for (QWidget* w : of_pixels)
        w->setVisible(!is_drawn(s.artwork));
    const QSignalBlocker quiet(threshold);
    const int percent = static_cast<int>(std::lround(s.trace.threshold / 2.55));
    threshold->setValue(percent);
    threshold_text->setText(tr("%1 %").arg(percent));
    detail_px->set_value(s.trace.detail_px);
    detail_mm->set_value(s.trace.detail_px * mm_per_px(s));
    smoothing->set_value(s.trace.smoothing_px);
    edges->set_chosen(s.clean.outer_only ? 1 : 0);
    gaps->set_value(s.clean.gaps);
    specks->set_value(s.clean.specks);
    holes->set_value(s.clean.holes);
    holes->setEnabled(!s.clean.outer_only);
}

void OutlineStep::refresh_result(const SizedOutline& outlined) {
    const auto& contours = outlined.dropped.contours;
    const auto pinholes =
        std::count_if(contours.begin(), contours.end(), [](const Contour& c) { return signed_area(c) < 0; });
    const auto pieces = static_cast<std::ptrdiff_t>(contours.size()) - pinholes;
    QStringList kinds;
    if (pieces > 0)
        kinds << (tr("%n specks", nullptr, static_cast<int>(pieces)));
    if (pinholes > 0)
        kinds << (tr("%n holes", nullptr, static_cast<int>(pinholes)));
    QString words = kinds.isEmpty() ? tr("Nothing is left out.") : tr("Left out: %1.").arg(kinds.join(tr(", ")));
    if (outlined.left_out > 0)
        words += tr(" This picture falls into so many bits that %1 more were not even looked at. Another background "
                    "source may find the figure.")
                     .arg(outlined.left_out);
    if (outlined.coarsened > 1)
        words += tr(" It is so grainy that it was looked at %1 times coarser than its pixels.").arg(outlined.coarsened);
    dropped->setText(words);
}

QString OutlineStep::state_of(const Sticker& s) {
    QString words =
        is_drawn(s.artwork) ? tr("exact, as drawn") : tr("at %1 %").arg(std::lround(s.trace.threshold / 2.55));
    if (s.trace.smoothing_px > 0)
        words += tr(", smoothed");
    if (s.clean.outer_only)
        words += tr(", outer edge only");
    return words;
}

} // namespace fusuma::app
