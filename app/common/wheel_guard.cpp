#include "app/common/wheel_guard.h"

#include <QAbstractSpinBox>
#include <QApplication>
#include <QComboBox>
#include <QScrollBar>
#include <QSlider>
#include <QWheelEvent>

namespace fusuma::app {

void WheelGuard::install(QApplication& application) {
    static WheelGuard* guard = nullptr;
    if (!guard)
        application.installEventFilter(guard = new WheelGuard(&application));
}

bool WheelGuard::eventFilter(QObject* watched, QEvent* event) {
    const auto type = event->type();
    if (!watched->isWidgetType() || (type != QEvent::Wheel && type != QEvent::Polish))
        return false;
    auto* widget = static_cast<QWidget*>(watched);
    const bool is_list = qobject_cast<QComboBox*>(widget);
    if (!is_list && !qobject_cast<QSlider*>(widget) && !qobject_cast<QAbstractSpinBox*>(widget))
        return false;
    if (type == QEvent::Polish) { // a turn of the wheel must not give them the focus either
        if (widget->focusPolicy() == Qt::WheelFocus)
            widget->setFocusPolicy(Qt::StrongFocus);
        return false;
    }
    const bool is_meant = widget->hasFocus() || static_cast<QWheelEvent*>(event)->modifiers() & Qt::ControlModifier;
    if (!is_list && is_meant)
        return false;
    event->ignore(); // goes on to what scrolls
    return true;
}

} // namespace fusuma::app
