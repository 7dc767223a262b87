#include "app/common/widgets.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QStyle>
#include <QVBoxLayout>
#include <QVariant>

namespace fusuma::app {

QLabel* label(const QString& text, const char* role) {
    auto* result = new QLabel(text);
    result->setProperty("role", role);
    return result;
}

QPushButton* button(const QString& text, const char* role, const QString& name, const QString& why) {
    auto* result = new QPushButton(text);
    result->setProperty("role", role);
    result->setObjectName(name);
    result->setToolTip(why);
    result->setAutoDefault(false);
    return result;
}

void restyle(QWidget* widget, const char* property, const QVariant& value) {
    if (widget->property(property) == value)
        return;
    widget->setProperty(property, value);
    widget->style()->unpolish(widget);
    widget->style()->polish(widget);
}

QVBoxLayout* column(QWidget* parent, int margin, int spacing) {
    auto* layout = new QVBoxLayout(parent);
    layout->setContentsMargins(margin, margin, margin, margin);
    layout->setSpacing(spacing);
    return layout;
}

QWidget* row(const QString& caption, QWidget* widget, int widget_width) {
    auto* result = new QWidget;
    auto* layout = new QHBoxLayout(result);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(label(caption));
    layout->addStretch();
    layout->addWidget(widget);
    if (widget_width > 0)
        widget->setFixedWidth(widget_width);
    widget->setAccessibleName(caption);
    return result;
}

Choices::Choices(const QStringList& names, QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("choices"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* group = new QButtonGroup(this);
    for (const QString& name : names) {
        auto* choice = new QPushButton(name);
        choice->setCheckable(true);
        choice->setObjectName(QStringLiteral("choice") + QString::number(buttons.size()));
        group->addButton(choice, static_cast<int>(buttons.size()));
        layout->addWidget(choice, 1);
        buttons.push_back(choice);
    }
    connect(group, &QButtonGroup::idClicked, this, &Choices::picked);
}

void Choices::set_chosen(int index) {
    buttons[static_cast<std::size_t>(index)]->setChecked(true);
}

void Choices::set_enabled(int index, bool on) {
    buttons[static_cast<std::size_t>(index)]->setEnabled(on);
}

bool Choices::is_chosen(int index) const {
    return buttons[static_cast<std::size_t>(index)]->isChecked();
}

} // namespace fusuma::app
