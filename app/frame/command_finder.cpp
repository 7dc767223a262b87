#include "app/frame/command_finder.h"

#include "app/common/widgets.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QVBoxLayout>

namespace fusuma::app {

CommandFinder::CommandFinder(const QList<QAction*>& commands, QWidget* parent) : QDialog(parent), all(commands) {
    setWindowTitle(tr("Find a command"));
    setObjectName(QStringLiteral("commandFinder"));
    resize(420, 340);
    words = new QLineEdit;
    words->setPlaceholderText(tr("What would you like to do?"));
    words->installEventFilter(this);
    list = new QListWidget;
    auto* layout = column(this, 12, 8);
    layout->addWidget(words);
    layout->addWidget(list);
    connect(words, &QLineEdit::textChanged, this, &CommandFinder::filter);
    connect(words, &QLineEdit::returnPressed, this, &CommandFinder::run);
    connect(list, &QListWidget::itemActivated, this, &CommandFinder::run);
    filter();
}

void CommandFinder::filter() {
    list->clear();
    const QStringList parts = words->text().split(' ', Qt::SkipEmptyParts);
    for (QAction* action : all) {
        const QString name = action->text().remove('&');
        const bool found = std::all_of(parts.begin(), parts.end(),
                                       [&](const QString& p) { return name.contains(p, Qt::CaseInsensitive); });
        if (!found || !action->isEnabled())
            continue;
        auto* item =
            new QListWidgetItem(action->shortcut().isEmpty() ? name : name + "    " + action->shortcut().toString());
        item->setData(Qt::UserRole, QVariant::fromValue(action));
        list->addItem(item);
    }
    list->setCurrentRow(0);
}

void CommandFinder::run() {
    if (const QListWidgetItem* item = list->currentItem()) {
        auto* action = item->data(Qt::UserRole).value<QAction*>();
        accept();
        action->trigger();
    }
}

bool CommandFinder::eventFilter(QObject* watched, QEvent* event) {
    if (watched == words && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Down || key == Qt::Key_Up) {
            list->setCurrentRow(qBound(0, list->currentRow() + (key == Qt::Key_Down ? 1 : -1), list->count() - 1));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

} // namespace fusuma::app
