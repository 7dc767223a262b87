#include "app/common/colour_button.h"

#include "app/common/painting.h"
#include "app/common/theme.h"

#include <QColorDialog>
#include <QMenu>
#include <QPointer>

namespace fusuma::app {

ColourButton::ColourButton(const QString& name, const QString& accessible, const QString& none)
    : ColourPatch(name, accessible), none_word(none) {
    setFixedHeight(px(26));
    setMinimumWidth(px(30));
    connect(this, &QPushButton::clicked, this, &ColourButton::ask);
    set_colour(std::nullopt);
}

void ColourButton::set_colour(std::optional<Rgb> colour) {
    current = colour;
    show_colour(colour);
    setText(colour ? QString() : none_word);
    setToolTip(colour ? tr("%1. Click to change it.").arg(to_qt(*colour).name().toUpper()) : none_word);
}

void ColourButton::ask() {
    if (none_word.isEmpty() || !current) {
        choose();
        return;
    }
    QMenu menu;
    const QAction* other = menu.addAction(tr("Choose…"));
    const QAction* none = menu.addAction(none_word);
    const QPointer<ColourButton> here = this; // what it is for may go while a person chooses
    const QAction* chosen = menu.exec(mapToGlobal(QPoint(0, height())));
    if (!here)
        return;
    if (chosen == other)
        choose();
    else if (chosen == none)
        emit edited(std::nullopt);
}

void ColourButton::choose() {
    const QPointer<ColourButton> here = this;
    const QColor colour = QColorDialog::getColor(current ? to_qt(*current) : QColor(Qt::white), window(),
                                                 accessibleName(), QColorDialog::DontUseNativeDialog);
    if (here && colour.isValid())
        emit edited(Rgb{static_cast<std::uint8_t>(colour.red()), static_cast<std::uint8_t>(colour.green()),
                        static_cast<std::uint8_t>(colour.blue())});
}

} // namespace fusuma::app
