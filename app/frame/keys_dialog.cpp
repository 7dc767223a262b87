#include "app/frame/keys_dialog.h"

#include "app/common/widgets.h"

#include <QHeaderView>
#include <QMenu>
#include <QStyledItemDelegate>
#include <QTreeWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <climits>

namespace fusuma::app {

namespace {

/// Rows as high as their words need in the width that there is.
class WholeWords : public QStyledItemDelegate {
  public:
    explicit WholeWords(QTreeWidget* of) : QStyledItemDelegate(of), list(of) {}

  protected:
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        constexpr int edges = 8;
        const QSize usual = QStyledItemDelegate::sizeHint(option, index);
        const int width = list->columnWidth(index.column()) - list->indentation() - edges;
        const QFontMetrics letters(option.font);
        const int lines =
            letters.boundingRect(0, 0, width, INT_MAX / 2, Qt::TextWordWrap, index.data().toString()).height();
        const bool is_wrapped = index.column() == 0 && index.parent().isValid();
        return {usual.width(), is_wrapped ? usual.height() + std::max(0, lines - letters.height()) : usual.height()};
    }

  private:
    QTreeWidget* list;
};

} // namespace

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
    list->setWordWrap(true);
    list->setItemDelegate(new WholeWords(list));
    connect(list->header(), &QHeaderView::sectionResized, list, &QTreeWidget::doItemsLayout);
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
