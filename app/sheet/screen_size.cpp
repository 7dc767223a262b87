#include "app/sheet/screen_size.h"

#include "app/common/theme.h"
#include "app/common/widgets.h"
#include "app/model/settings.h"
#include "core/units.h"

#include <QDialogButtonBox>
#include <QPainter>
#include <QSlider>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

constexpr double card_width = 85.60, card_height = 53.98;    // mm; ISO/IEC 7810 ID-1
constexpr double least_px_per_mm = 1.5, most_px_per_mm = 12; // px per mm
constexpr int slider_steps = 2000;

} // namespace

double screen_px_per_mm(const QWidget& on) {
    const double kept = Settings::screen.value();
    return kept >= least_px_per_mm && kept <= most_px_per_mm ? kept : on.logicalDpiX() / mm_per_inch;
}

ScreenSizeDialog::ScreenSizeDialog(QWidget* parent) : QDialog(parent), px_per_mm(screen_px_per_mm(*this)) {
    setWindowTitle(tr("The screen's size"));
    setObjectName(QStringLiteral("screenSize"));
    resize(760, 520);
    auto* layout = column(this, 20, 10);
    auto* words =
        label(tr("Hold a bank card or any card of that size against the screen, and move the slider until the "
                 "drawn card is just as large. Then 1:1 on the Sheet is true."));
    words->setWordWrap(true);
    layout->addWidget(words);
    layout->addStretch();
    auto* slider = new QSlider(Qt::Horizontal);
    slider->setObjectName(QStringLiteral("screenSlider"));
    slider->setAccessibleName(tr("Size of the card"));
    slider->setRange(0, slider_steps);
    slider->setValue(qRound((px_per_mm - least_px_per_mm) / (most_px_per_mm - least_px_per_mm) * slider_steps));
    layout->addWidget(slider);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    layout->addWidget(buttons);
    connect(slider, &QSlider::valueChanged, this, [this](int at) {
        px_per_mm = least_px_per_mm + (most_px_per_mm - least_px_per_mm) * at / slider_steps;
        update();
    });
    connect(buttons, &QDialogButtonBox::accepted, this, [this] {
        Settings::screen.keep(px_per_mm);
        accept();
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
}

void ScreenSizeDialog::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QSizeF card(card_width * px_per_mm, card_height * px_per_mm);
    const QRectF at((width() - card.width()) / 2, 84, card.width(), card.height());
    painter.setPen(QPen(theme().accent, 1.5));
    painter.setBrush(theme().field);
    painter.drawRoundedRect(at, 3.18 * px_per_mm, 3.18 * px_per_mm);
}

} // namespace fusuma::app
