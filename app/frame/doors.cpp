#include "app/frame/doors.h"

#include "app/common/theme.h"

#include <QApplication>
#include <QPainter>
#include <QStyle>
#include <QVariantAnimation>

namespace fusuma::app {

Door::Door(int door_number, const QString& name, QWidget* parent) : QAbstractButton(parent), number(door_number) {
    setText(name);
    setObjectName(QStringLiteral("door%1").arg(number));
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
    set_state(DoorState::not_started);
}

void Door::set_state(DoorState next) {
    if (state == next)
        return;
    state = next;
    const QString words = state == DoorState::fine            ? tr("fine")
                          : state == DoorState::to_fix        ? tr("something to fix")
                          : state == DoorState::not_looked_at ? tr("not looked at yet")
                                                              : tr("not started");
    setAccessibleName(text() + ", " + words);
    setToolTip(tr("%1 — %2 (Ctrl+%3)").arg(text(), words).arg(number));
    update();
}

void Door::paintEvent(QPaintEvent*) {
    const Theme& t = theme();
    const bool lit = underMouse() || hasFocus();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), lit ? t.hover : t.panel);
    painter.fillRect(QRect(0, 0, width(), 6), t.canvas); // the rails it slides in
    painter.fillRect(QRect(0, height() - 6, width(), 6), t.canvas);
    painter.setPen(hasFocus() ? t.accent : t.line);
    painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
    const double middle = width() / 2.0;

    painter.setPen(t.dim);
    QFont small = font();
    small.setPixelSize(11);
    small.setWeight(QFont::DemiBold);
    painter.setFont(small);
    painter.drawText(QRectF(0, 14, width(), 16), Qt::AlignCenter, QString::number(number));
    const QPointF dot(middle, 46);
    if (state == DoorState::not_started || state == DoorState::not_looked_at) {
        painter.setPen(QPen(t.dim, 1.5));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(dot, 4.5, 4.5);
    } else {
        painter.setPen(Qt::NoPen);
        painter.setBrush(state == DoorState::fine ? t.fine : t.attention);
        state == DoorState::fine ? painter.drawEllipse(dot, 5, 5)
                                 : painter.drawRoundedRect(QRectF(dot.x() - 5, dot.y() - 5, 10, 10), 2, 2);
    }
    QFont name = font();
    name.setPixelSize(14);
    name.setWeight(QFont::DemiBold);
    painter.setFont(name);
    painter.setPen(t.ink);
    const double pull = height() / 2.0;
    painter.save();
    painter.translate(middle, pull - 84);
    painter.rotate(-90);
    painter.drawText(QRectF(-80, -12, 160, 24), Qt::AlignCenter, text());
    painter.restore();
    painter.setPen(QPen(t.line.darker(118), 1.4));
    painter.setBrush(t.window);
    painter.drawEllipse(QPointF(middle, pull), 12, 12);
    painter.setPen(Qt::NoPen);
    painter.setBrush(lit ? t.accent : t.line);
    painter.drawEllipse(QPointF(middle, pull), 6.5, 6.5);
}

Doors::Doors(const std::array<std::pair<QString, QWidget*>, 3>& places, QWidget* parent)
    : QWidget(parent), slide(new QVariantAnimation(this)) {
    for (std::size_t i = 0; i < places.size(); ++i) {
        pages[i] = places[i].second;
        pages[i]->setParent(this);
        doors[i] = new Door(static_cast<int>(i) + 1, places[i].first, this);
        connect(doors[i], &Door::clicked, this, [this, i] { go_to(static_cast<int>(i)); });
    }
    slide->setStartValue(0.0);
    slide->setEndValue(1.0);
    slide->setDuration(180);
    slide->setEasingCurve(QEasingCurve::OutCubic);
    connect(slide, &QVariantAnimation::valueChanged, this, [this](const QVariant& v) { lay_out(v.toDouble()); });
    lay_out(1);
}

void Doors::go_to(int place) {
    if (place == open)
        return;
    previous = open;
    open = place;
    slide->stop();
    if (QApplication::isEffectEnabled(Qt::UI_AnimateMenu))
        slide->start();
    else
        lay_out(1); // the desktop asks for reduced motion
    pages[static_cast<std::size_t>(open)]->setFocus();
    emit opened(open);
}

bool Doors::is_sliding() const {
    return slide->state() == QAbstractAnimation::Running;
}

double Doors::door_left(int door, int open_at) const {
    if (door < open_at)
        return door * Door::width_px;
    if (door > open_at)
        return width() - (3 - door) * Door::width_px;
    // The open place's door has slid away to the side it came from.
    return door == 0 ? -Door::width_px : width();
}

void Doors::lay_out(double progress) {
    const int page_width = width() - 2 * Door::width_px;
    const auto place_at = [this](QWidget* one, int left, int wide) { // from the other side where words run that way
        one->setGeometry(QStyle::visualRect(layoutDirection(), rect(), QRect(left, 0, wide, height())));
    };
    for (int i = 0; i < 3; ++i) {
        const auto k = static_cast<std::size_t>(i);
        const double from = door_left(i, previous), to = door_left(i, open);
        place_at(doors[k], qRound(from + (to - from) * progress), Door::width_px);
        doors[k]->setVisible(i != open || progress < 1);
        doors[k]->raise();
        pages[k]->setVisible(i == open || (i == previous && progress < 1));
    }
    const int direction = open >= previous ? 1 : -1;
    const int gone = progress < 1 ? qRound(page_width * progress) : 0;
    QWidget* page = pages[static_cast<std::size_t>(open)];
    place_at(page, open * Door::width_px + (progress < 1 ? direction * (page_width - gone) : 0), page_width);
    if (progress < 1)
        place_at(pages[static_cast<std::size_t>(previous)], previous * Door::width_px - direction * gone, page_width);
}

void Doors::resizeEvent(QResizeEvent*) {
    slide->stop();
    lay_out(1);
}

} // namespace fusuma::app
