#include "app/common/colour_patch.h"

#include "app/common/painting.h"
#include "app/common/screen_painter.h"
#include "app/common/theme.h"

namespace fusuma::app {

ColourPatch::ColourPatch(const QString& name, const QString& accessible, const QString& why) {
    setObjectName(name);
    setAccessibleName(accessible);
    setToolTip(why);
    setAutoDefault(false);
}

void ColourPatch::show_colour(std::optional<Rgb> colour, Rgb lettering) {
    ground = colour;
    letters = lettering;
    update();
}

void ColourPatch::paintEvent(QPaintEvent* event) {
    if (!ground) {
        QPushButton::paintEvent(event);
        return;
    }
    constexpr double rounding = 4, ring = 2;
    ScreenPainter on_screen(*this);
    QPainter& painter = on_screen.painter();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setOpacity(isEnabled() ? 1 : 0.4);
    QRectF place(rect());
    if (hasFocus()) { // a ring apart from the colour, which may be the ring's own
        painter.setPen(QPen(theme().accent, ring));
        painter.drawRoundedRect(place.adjusted(ring / 2, ring / 2, -ring / 2, -ring / 2), rounding, rounding);
        place.adjust(2 * ring, 2 * ring, -2 * ring, -2 * ring);
    }
    painter.setPen(theme().dim);
    painter.setBrush(to_qt(*ground));
    painter.drawRoundedRect(place.adjusted(0.5, 0.5, -0.5, -0.5), rounding, rounding);
    painter.setPen(to_qt(letters));
    painter.drawText(rect(), Qt::AlignCenter, text());
}

} // namespace fusuma::app
