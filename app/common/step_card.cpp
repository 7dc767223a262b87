#include "app/common/step_card.h"

#include "app/common/theme.h"
#include "app/common/widgets.h"

#include <QHBoxLayout>
#include <QScrollArea>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

namespace {

/// The clickable head of a card; a push button so that keys and screen readers know it.
class Header : public QPushButton {
  public:
    Header(const char* id, const QString& name) {
        setObjectName(QLatin1String("step") + QLatin1String(id));
        setAccessibleName(name);
        setProperty("role", "flat");
        setFixedHeight(px(36));
        setCursor(Qt::PointingHandCursor);
    }
};

} // namespace

StepCard::StepCard(int number, const char* id, const QString& name, QWidget* body)
    : header(new Header(id, name)), title(label(name, "section")), content(body) {
    setObjectName(QStringLiteral("card"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = column(this, 1, 0);
    auto* head = new QHBoxLayout(header);
    head->setContentsMargins(8, 0, 10, 0);
    head->setSpacing(8);
    badge = label(QString::number(number), "strong");
    badge->setAlignment(Qt::AlignCenter);
    badge->setFixedSize(px(18), px(18));
    badge->setHidden(number == 0);
    state = label({}, "dim");
    head->addWidget(badge);
    head->addWidget(title);
    head->addStretch();
    head->addWidget(state);
    layout->addWidget(header);
    layout->addWidget(content);
    connect(static_cast<QPushButton*>(header), &QPushButton::clicked, this, &StepCard::toggle);
    set_open(false);
}

void StepCard::set_title(const QString& words) {
    title->setText(words);
    header->setAccessibleName(words);
}

void StepCard::set_state(const QString& words) {
    constexpr int room = 145; // px beside the longest title
    state->setText(QFontMetrics(state->font()).elidedText(words, Qt::ElideRight, room));
    header->setToolTip(words);
    header->setAccessibleDescription(words);
}

void StepCard::set_open(bool open) {
    content->setVisible(open);
    if (badge->isHidden())
        return; // several may be open at once, so none is marked
    restyle(this, "open", open);
    const Theme& t = theme();
    badge->setStyleSheet(
        QStringLiteral("background: %1; color: %2; border-radius: 9px; font-size: 11px; font-weight: 600;")
            .arg((open ? t.accent : t.look_at_tint).name(), (open ? t.on_accent : t.ink).name()));
}

void StepCard::open() {
    if (!is_open())
        toggle();
}

void StepCard::toggle() {
    emit toggled();
    if (is_open())
        QTimer::singleShot(0, this, &StepCard::come_into_sight); // once it has its new height
}

void StepCard::come_into_sight() {
    QWidget* at = parentWidget();
    while (at && !qobject_cast<QScrollArea*>(at))
        at = at->parentWidget();
    auto* area = static_cast<QScrollArea*>(at);
    if (!area)
        return;
    constexpr int around = 8;
    const int top = mapTo(area->widget(), QPoint()).y() - around, bottom = top + height() + 2 * around;
    QScrollBar* bar = area->verticalScrollBar();
    bar->setValue(std::min(top, std::max(bar->value(), bottom - area->viewport()->height())));
}

QString StepCard::name() const {
    return title->text();
}

bool StepCard::is(const char* id) const {
    return header->objectName() == QLatin1String("step") + QLatin1String(id);
}

bool StepCard::is_open() const {
    return !content->isHidden();
}

} // namespace fusuma::app
