#include "app/common/quick_picks.h"

#include "app/common/widgets.h"
#include "app/model/settings.h"
#include "formats/basics/in_words.h"

#include <QHBoxLayout>
#include <algorithm>
#include <cmath>

namespace fusuma::app {

namespace {

constexpr std::size_t most_last = 3;
constexpr double same_mm = 0.005;

bool holds(const std::vector<double>& all, double mm) {
    return std::ranges::any_of(all, [mm](double other) { return std::abs(other - mm) < same_mm; });
}

/// "50.0 mm" is "50".
QString bare(const QString& words) {
    QString figure = words.left(words.lastIndexOf(' '));
    if (figure.contains('.')) {
        while (figure.endsWith('0'))
            figure.chop(1);
        if (figure.endsWith('.'))
            figure.chop(1);
    }
    return figure;
}

} // namespace

QuickPicks::QuickPicks(const QString& name, const QString& accessible, std::vector<double> usual_mm,
                       std::vector<double> usual_inch)
    : in_mm(std::move(usual_mm)), in_inch(std::move(usual_inch)), line(new QHBoxLayout(this)) {
    setObjectName(name);
    setAccessibleName(accessible);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(4);
    for (double& inches : in_inch)
        inches *= mm_per_inch;
    rebuild();
}

std::vector<double> QuickPicks::last() const {
    std::vector<double> all;
    for (const QVariant& mm : Settings::last_lengths.value({}, objectName()))
        all.push_back(mm.toDouble());
    return all;
}

void QuickPicks::remember(double mm) {
    std::vector<double> all = last();
    std::erase_if(all, [mm](double other) { return std::abs(other - mm) < same_mm; });
    all.insert(all.begin(), mm);
    if (holds(shown_unit == Unit::inch ? in_inch : in_mm, mm))
        return; // it is there already
    all.resize(std::min(all.size(), most_last));
    QVariantList kept;
    for (const double one : all)
        kept << one;
    Settings::last_lengths.keep(kept, objectName());
    // Not at once: the click that led here may come from one of the buttons.
    QMetaObject::invokeMethod(this, &QuickPicks::rebuild, Qt::QueuedConnection);
}

void QuickPicks::set_unit(Unit unit) {
    if (unit == shown_unit)
        return;
    shown_unit = unit;
    rebuild();
}

void QuickPicks::rebuild() {
    while (auto* item = line->takeAt(0)) {
        if (item->widget())
            item->widget()->deleteLater();
        delete item;
    }
    std::vector<double> all = last();
    const std::size_t typed = all.size();
    for (const double mm : shown_unit == Unit::inch ? in_inch : in_mm)
        if (!holds(all, mm))
            all.push_back(mm);
    for (std::size_t i = 0; i < all.size(); ++i) {
        const QString words = length_in_words(all[i], shown_unit);
        auto* pick = button(bare(words), "pick", objectName() + QString::number(i),
                            i < typed ? tr("%1, typed before").arg(words) : words);
        pick->setAccessibleName(words);
        connect(pick, &QPushButton::clicked, this, [this, mm = all[i]] { emit picked(mm); });
        line->addWidget(pick);
    }
    line->addStretch();
}

} // namespace fusuma::app
