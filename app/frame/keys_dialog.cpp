#include "app/frame/keys_dialog.h"

#include "app/common/widgets.h"

#include <QHeaderView>
#include <QMenu>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace fusuma::app {

KeysDialog::KeysDialog(const QMenuBar& menus, const std::vector<std::pair<QString, KeyList>>& views, QWidget* over)
    : QDialog(over) {
    setObjectName(QStringLiteral("keysDialog"));
    setWindowTitle(tr("Keys"));
    resize(720, 560);
    auto* rows = column(this, 16, 10);
    auto* list = new QTreeWidget;
    list->setObjectName(QStringLiteral("keyList"));
    list->setAccessibleName(tr("Keys"));
    list->setColumnCount(2);
    list->setHeaderLabels({tr("What it does"), tr("Keys")});
    list->setRootIsDecorated(false);
    list->header()->setStretchLastSection(false);
    list->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    list->header()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    const auto group = [list](QString name) {
        auto* item = new QTreeWidgetItem(list, {name.remove(QLatin1Char('&'))});
        item->setFirstColumnSpanned(true);
        QFont bold = list->font();
        bold.setWeight(QFont::DemiBold);
        item->setFont(0, bold);
        return item;
    };
    for (const auto& [name, keys] : views) {
        auto* in = group(name);
        for (const KeyWords& k : keys)
            new QTreeWidgetItem(in, {k.does, k.keys});
    }
    for (const QAction* menu : menus.actions()) {
        QTreeWidgetItem* in = nullptr;
        for (const QAction* action : menu->menu()->actions())
            if (!action->shortcut().isEmpty()) {
                in = in ? in : group(menu->text());
                new QTreeWidgetItem(in, {action->text().remove(QLatin1Char('&')),
                                         action->shortcut().toString(QKeySequence::NativeText)});
            }
    }
    list->expandAll();
    rows->addWidget(list, 1);
    auto* close = button(tr("Close"), "", QStringLiteral("closeKeys"), {});
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    rows->addWidget(close, 0, Qt::AlignRight);
    close->setFocus();
}

} // namespace fusuma::app
