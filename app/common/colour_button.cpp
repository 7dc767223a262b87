#include "app/common/colour_button.h"

#include "app/common/painting.h"
#include "app/common/theme.h"

#include <QColorDialog>
#include <QMenu>

namespace fusuma::app {

ColourButton::ColourButton(const QString& name, const QString& accessible, const QString& none) : none_word(none) {
    setObjectName(name);
    setAccessibleName(accessible);
    setAutoDefault(false);
    setFixedHeight(px(26));
    setMinimumWidth(px(30));
    connect(this, &QPushButton::clicked, this, &ColourButton::ask);
    setProperty("colour", QStringLiteral("?"));
    set_colour(std::nullopt);
}

void ColourButton::set_colour(std::optional<Rgb> colour) {
    current = colour;
    const QString value = colour ? to_qt(*colour).name() : QString();
    if (property("colour").toString() == value)
        return; // style sheets are slow to take in
    setProperty("colour", value);
    setText(colour ? QString() : none_word);
    setToolTip(colour ? tr("%1. Click to change it.").arg(value.toUpper()) : none_word);
    setStyleSheet(
        colour
            ? QStringLiteral("background: %1; border: 1px solid %2; border-radius: 4px;").arg(value, theme().dim.name())
            : QString());
}

void ColourButton::ask() {
    if (none_word.isEmpty() || !current) {
        choose();
        return;
    }
    QMenu menu;
    const QAction* other = menu.addAction(tr("Choose…"));
    const QAction* none = menu.addAction(none_word);
    const QAction* chosen = menu.exec(mapToGlobal(QPoint(0, height())));
    if (chosen == other)
        choose();
    else if (chosen == none)
        emit edited(std::nullopt);
}

void ColourButton::choose() {
    const QColor colour = QColorDialog::getColor(current ? to_qt(*current) : QColor(Qt::white), this, accessibleName(),
                                                 QColorDialog::DontUseNativeDialog);
    if (colour.isValid())
        emit edited(Rgb{static_cast<std::uint8_t>(colour.red()), static_cast<std::uint8_t>(colour.green()),
                        static_cast<std::uint8_t>(colour.blue())});
}

} // namespace fusuma::app
