#include "app/common/key_pointer.h"

#include "app/common/theme.h"

#include <QCoreApplication>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace fusuma::app {

void KeyPointer::show(bool on) {
    if (on && !shown)
        at = view.rect().center();
    if (!on)
        let_go();
    shown = on;
    view.update();
}

void KeyPointer::let_go() {
    if (is_held)
        send(QEvent::MouseButtonRelease, Qt::NoModifier);
}

void KeyPointer::send(QEvent::Type type, Qt::KeyboardModifiers modifiers) {
    if (type != QEvent::MouseMove)
        is_held = type == QEvent::MouseButtonPress;
    const Qt::MouseButton button = type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton;
    QMouseEvent event(type, at, view.mapToGlobal(at), button, is_held ? Qt::LeftButton : Qt::NoButton, modifiers);
    QCoreApplication::sendEvent(&view, &event);
}

bool KeyPointer::key(const QKeyEvent& event) {
    if (!shown)
        return false;
    const auto modifiers = event.modifiers() & ~Qt::KeypadModifier;
    const double step = modifiers & Qt::ShiftModifier ? 40 : modifiers & Qt::AltModifier ? 1 : 8; // px
    const QPointF way = event.key() == Qt::Key_Left    ? QPointF(-1, 0)
                        : event.key() == Qt::Key_Right ? QPointF(1, 0)
                        : event.key() == Qt::Key_Up    ? QPointF(0, -1)
                        : event.key() == Qt::Key_Down  ? QPointF(0, 1)
                                                       : QPointF();
    if (!way.isNull()) {
        at += step * way;
        at.setX(std::clamp(at.x(), 0.0, view.width() - 1.0));
        at.setY(std::clamp(at.y(), 0.0, view.height() - 1.0));
        send(QEvent::MouseMove, Qt::NoModifier);
    } else if (event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter) {
        if (!event.isAutoRepeat())
            send(is_held ? QEvent::MouseButtonRelease : QEvent::MouseButtonPress, modifiers);
    } else if (event.key() == Qt::Key_Escape && !is_held) {
        show(false);
    } else {
        is_held &= event.key() != Qt::Key_Escape; // the view takes back what was begun, and is told no more of it
        return false;
    }
    view.update();
    return true;
}

void KeyPointer::paint(QPainter& painter) const {
    if (!shown)
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    const double inner = is_held ? 3 : 6, outer = 22;
    for (const auto& [colour, width] : {std::pair{theme().casing, 4.0}, {theme().accent, 2.0}}) {
        painter.setPen(QPen(colour, width, Qt::SolidLine, Qt::RoundCap));
        for (const QPointF way : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)})
            painter.drawLine(at + inner * way, at + outer * way);
        painter.drawEllipse(at, inner, inner);
    }
    painter.restore();
}

} // namespace fusuma::app
