#include "app/common/zoom_view.h"

#include "app/common/theme.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <utility>

namespace fusuma::app {

ZoomView::ZoomView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setMinimumSize(240, 240);
}

void ZoomView::set_content(const Rect& mm) {
    if (mm == content)
        return;
    content = mm;
    if (!by_hand)
        fit();
}

void ZoomView::fit() {
    by_hand = false;
    if (content.empty())
        return;
    const QRectF room = rect().marginsRemoved(fit_margins);
    scale = std::min(std::max(40.0, room.width()) / std::max(1.0, content.width()),
                     std::max(40.0, room.height()) / std::max(1.0, content.height()));
    centre_on(content.centre());
    shift += room.center() - QRectF(rect()).center();
    by_hand = false;
}

void ZoomView::centre_on(Point mm) {
    by_hand = true;
    shift = QPointF(rect().center()) - scale * QPointF(mm.x, mm.y);
    update();
    emit zoomed();
}

void ZoomView::zoom_by(double factor, QPointF at) {
    by_hand = true;
    const Point fixed = to_mm(at);
    scale = std::clamp(scale * factor, 0.1, 400.0);
    shift = at - scale * QPointF(fixed.x, fixed.y);
    update();
    emit zoomed();
}

QTransform ZoomView::to_view() const {
    return {scale, 0, 0, scale, shift.x(), shift.y()};
}

Point ZoomView::to_mm(QPointF view) const {
    return {(view.x() - shift.x()) / scale, (view.y() - shift.y()) / scale};
}

bool ZoomView::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride && claims(*static_cast<QKeyEvent*>(event))) {
        event->accept();
        return true;
    }
    return QWidget::event(event);
}

void ZoomView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().canvas);
    paint(painter);
}

void ZoomView::resizeEvent(QResizeEvent*) {
    if (!by_hand)
        fit();
}

void ZoomView::wheelEvent(QWheelEvent* event) {
    zoom_by(std::pow(1.0015, event->angleDelta().y()), event->position());
    event->accept();
}

void ZoomView::mousePressEvent(QMouseEvent* event) {
    last = event->position();
    if (event->button() == Qt::MiddleButton || (event->button() == Qt::LeftButton && space_held)) {
        panning = true;
        setCursor(Qt::ClosedHandCursor);
    } else if (event->button() == Qt::LeftButton) {
        press(event);
    }
}

void ZoomView::mouseMoveEvent(QMouseEvent* event) {
    if (panning) {
        by_hand = true;
        shift += event->position() - last;
        last = event->position();
        update();
    } else {
        drag(event);
    }
}

void ZoomView::mouseReleaseEvent(QMouseEvent* event) {
    if (panning) {
        panning = false;
        setCursor(space_held ? Qt::OpenHandCursor : Qt::ArrowCursor);
    } else if (event->button() == Qt::LeftButton) {
        release(event);
    }
}

void ZoomView::mouseDoubleClickEvent(QMouseEvent* event) {
    if (!double_click(event))
        fit();
}

void ZoomView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        space_held = true;
        setCursor(Qt::OpenHandCursor);
    } else if (!key(event)) {
        QWidget::keyPressEvent(event);
    }
}

/// A key that is let go of elsewhere is never told.
void ZoomView::focusOutEvent(QFocusEvent* event) {
    if (std::exchange(space_held, false) && !panning)
        setCursor(Qt::ArrowCursor);
    QWidget::focusOutEvent(event);
}

void ZoomView::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        space_held = false;
        setCursor(Qt::ArrowCursor);
    } else {
        QWidget::keyReleaseEvent(event);
    }
}

} // namespace fusuma::app
