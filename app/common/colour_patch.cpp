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
    constexpr double rounding = 4;
    const double edge = hasFocus() ? 2 : 1;
    ScreenPainter on_screen(*this);
    QPainter& painter = on_screen.painter();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setOpacity(isEnabled() ? 1 : 0.4);
    painter.setPen(QPen(hasFocus() ? theme().accent : theme().dim, edge));
    painter.setBrush(to_qt(*ground));
    painter.drawRoundedRect(QRectF(rect()).adjusted(edge / 2, edge / 2, -edge / 2, -edge / 2), rounding, rounding);
    painter.setPen(to_qt(letters));
    painter.drawText(rect(), Qt::AlignCenter, text());
}

} // namespace fusuma::app
