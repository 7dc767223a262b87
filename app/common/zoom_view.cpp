#include "app/common/zoom_view.h"

#include "app/common/accessible_view.h"
#include "app/common/screen_painter.h"
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
    make_views_accessible();
}

void ZoomView::set_content(const Rect& mm) {
    if (mm == content)
        return;
    content = mm;
    if (!by_hand)
        fit();
}

void ZoomView::set_fit_margins(const QMargins& room) {
    if (room == fit_margins)
        return;
    fit_margins = room;
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
    is_listed = false;
    ScreenPainter on_screen(*this);
    QPainter& painter = on_screen.painter();
    painter.fillRect(rect(), theme().canvas);
    paint(painter);
    pointer_of_keys.paint(painter);
    if (is_focused_by_keys) {
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(theme().accent, 2));
        painter.drawRect(rect().adjusted(1, 1, -1, -1));
    }
}

const Things& ZoomView::things() const {
    if (!is_listed)
        listed = list_things();
    is_listed = isVisible(); // what is not painted changes unseen
    return listed;
}

void ZoomView::choose(int id) {
    take_thing(id);
    is_listed = false;
}

bool ZoomView::choose_at(int place) {
    if (place < 0)
        return false;
    choose(things()[static_cast<std::size_t>(place)].id);
    is_focused_by_keys = true;
    tell_focus(*this, place);
    update();
    return true;
}

bool ZoomView::focusNextPrevChild(bool next) {
    return (!pointer_of_keys.is_shown() && choose_at(next_thing(things(), next))) || QWidget::focusNextPrevChild(next);
}

void ZoomView::focusInEvent(QFocusEvent* event) {
    is_focused_by_keys = event->reason() == Qt::TabFocusReason || event->reason() == Qt::BacktabFocusReason ||
                         event->reason() == Qt::ShortcutFocusReason;
    update();
    QWidget::focusInEvent(event);
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
    is_focused_by_keys &= pointer_of_keys.is_shown(); // by a hand on a mouse it is seen without a frame
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
    const bool is_ctrl = (event->modifiers() & ~Qt::KeypadModifier) == Qt::ControlModifier;
    const QPointF way = !is_ctrl                           ? QPointF()
                        : event->key() == Qt::Key_Left  ? QPointF(-1, 0)
                        : event->key() == Qt::Key_Right ? QPointF(1, 0)
                        : event->key() == Qt::Key_Up    ? QPointF(0, -1)
                        : event->key() == Qt::Key_Down  ? QPointF(0, 1)
                                                        : QPointF();
    if (pointer_of_keys.key(*event))
        return;
    if (!way.isNull() && choose_at(thing_towards(things(), way)))
        return;
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) {
        space_held = true;
        setCursor(Qt::OpenHandCursor);
    } else if (!key(event)) {
        QWidget::keyPressEvent(event);
    }
}

KeyList ZoomView::keys_of_views() {
    return {{tr("Tab, Shift+Tab"), tr("The next copy, node or part, and the one before")},
            {tr("Ctrl+arrows"), tr("The nearest one on that side")},
            {tr("Space, held"), tr("Drag the view")},
            {tr("F8, then arrows"), tr("Move the pointer; with Shift far, with Alt a pixel")},
            {tr("Return"), tr("With that pointer: take hold, and let go")},
            {tr("Esc"), tr("With that pointer: put it away")}};
}

/// A key that is let go of elsewhere is never told.
void ZoomView::focusOutEvent(QFocusEvent* event) {
    if (std::exchange(space_held, false) && !panning)
        setCursor(Qt::ArrowCursor);
    pointer_of_keys.let_go();
    is_focused_by_keys = false;
    update();
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
