#include "app/common/more.h"

#include "app/common/widgets.h"
#include "app/model/settings.h"

#include <QVBoxLayout>

namespace fusuma::app {

More::More(const QString& name, const QString& words)
    : key(name), what(words),
      head(button({}, "more", name, tr("Open or close this part of the step."))), body(new QWidget) {
    auto* layout = column(this, 0, 4);
    layout->addWidget(head);
    layout->addWidget(body);
    inside = column(body, 0, 6);
    connect(head, &QPushButton::clicked, this, [this] {
        set_open(!is_open());
        Settings::opened.keep(is_open(), key);
    });
    set_open(Settings::opened.value(false, key));
}

void More::set_open(bool on) {
    body->setVisible(on);
    head->setText((on ? QStringLiteral("▾  ") : QStringLiteral("▸  ")) + what);
    head->setAccessibleName(what);
    head->setAccessibleDescription(on ? tr("open") : tr("closed"));
}

void More::open() {
    set_open(true);
}

void More::close_again() {
    set_open(false);
}

bool More::is_open() const {
    return !body->isHidden();
}

} // namespace fusuma::app
