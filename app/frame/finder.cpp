#include "app/frame/finder.h"

#include "app/common/more.h"
#include "app/common/sides.h"
#include "app/common/step_card.h"
#include "app/common/widgets.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QPointer>
#include <QScrollArea>
#include <QSlider>
#include <QVBoxLayout>
#include <algorithm>

namespace fusuma::app {

Finder::Finder(std::vector<Findable> things, QWidget* parent) : QDialog(parent), all(std::move(things)) {
    setWindowTitle(tr("Find anything"));
    setObjectName(QStringLiteral("finder"));
    resize(480, 380);
    words = new QLineEdit;
    words->setPlaceholderText(tr("A command, a setting, a sticker or a ticket"));
    words->setAccessibleName(tr("What to find"));
    words->installEventFilter(this);
    list = new QListWidget;
    list->setObjectName(QStringLiteral("found"));
    list->setAccessibleName(tr("What is found"));
    auto* layout = column(this, 12, 8);
    layout->addWidget(words);
    layout->addWidget(list);
    connect(words, &QLineEdit::textChanged, this, &Finder::filter);
    connect(words, &QLineEdit::returnPressed, this, &Finder::run);
    connect(list, &QListWidget::itemActivated, this, &Finder::run);
    filter();
}

/// Every word typed must be found: in the name first, then in where it stands, then in what is said about it.
void Finder::filter() {
    list->clear();
    const QStringList typed = words->text().split(' ', Qt::SkipEmptyParts);
    const auto holds = [](const QString& text, const QString& word) {
        return text.contains(word, Qt::CaseInsensitive);
    };
    std::vector<std::pair<int, std::size_t>> found;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Findable& thing = all[i];
        const QString everything = thing.name + ' ' + thing.where + ' ' + thing.also;
        if (!std::ranges::all_of(typed, [&](const QString& word) { return holds(everything, word); }))
            continue;
        const auto all_in = [&](const QString& text) {
            return std::ranges::all_of(typed, [&](const QString& word) { return holds(text, word); });
        };
        const bool by_name = all_in(thing.name);
        const bool begins = !typed.isEmpty() && thing.name.startsWith(typed.front(), Qt::CaseInsensitive);
        found.emplace_back(begins && by_name ? 0 : by_name ? 1 : all_in(thing.name + ' ' + thing.where) ? 2 : 3, i);
    }
    std::ranges::stable_sort(found, {}, [](const auto& f) { return f.first; });
    for (const auto& [rank, i] : found) {
        auto* item = new QListWidgetItem(all[i].where.isEmpty() ? all[i].name
                                                                : all[i].name + QStringLiteral("  —  ") + all[i].where);
        item->setData(Qt::UserRole, static_cast<qulonglong>(i));
        list->addItem(item);
    }
    if (found.empty()) {
        auto* none = new QListWidgetItem(tr("Nothing here is called that. Try another word, or fewer letters."));
        none->setFlags(Qt::NoItemFlags);
        list->addItem(none);
    }
    list->setCurrentRow(0);
}

void Finder::run() {
    const QListWidgetItem* item = list->currentItem();
    if (!item || !item->data(Qt::UserRole).isValid())
        return;
    const auto go = all[item->data(Qt::UserRole).toULongLong()].go;
    accept();
    go();
}

bool Finder::eventFilter(QObject* watched, QEvent* event) {
    if (watched == words && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Down || key == Qt::Key_Up) {
            list->setCurrentRow(qBound(0, list->currentRow() + (key == Qt::Key_Down ? 1 : -1), list->count() - 1));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

namespace {

QString name_of(const QWidget& control) {
    if (!control.accessibleName().isEmpty())
        return control.accessibleName();
    const auto* pressed = qobject_cast<const QAbstractButton*>(&control);
    return pressed ? pressed->text().remove('&') : QString();
}

/// What opens when a person clicks on it, such as a step.
struct Fold {
    QString name;
    std::function<void()> open;
};

/// The folds that a control lies in, the innermost first; nothing when it is not there at present for another reason
/// than that they are closed.
std::optional<std::vector<Fold>> folds_round(QWidget* control, const QWidget& page) {
    std::vector<Fold> folds;
    for (QWidget* at = control; at != &page; at = at->parentWidget()) {
        if (!at)
            return std::nullopt;
        auto* step = qobject_cast<StepCard*>(at->parentWidget());
        auto* more = qobject_cast<More*>(at->parentWidget());
        if (step)
            folds.push_back({step->name(), [step] { step->open(); }});
        if (more)
            folds.push_back({{}, [more] { more->open(); }});
        const bool is_side = at->isHidden() && qobject_cast<Sides*>(at->parentWidget());
        if (is_side)
            folds.push_back({{}, [at] { at->show(); }});
        if (at->isHidden() && !step && !more && !is_side)
            return std::nullopt;
    }
    return folds;
}

void bring_into_sight(QWidget* control) {
    for (QWidget* at = control->parentWidget(); at; at = at->parentWidget())
        if (auto* area = qobject_cast<QScrollArea*>(at)) {
            area->widget()->adjustSize(); // a step has just been opened
            area->ensureWidgetVisible(control, 0, 40);
        }
}

} // namespace

std::vector<Findable> controls_of(QWidget& page, const QString& page_name, const std::function<void()>& show_page) {
    std::vector<Findable> all;
    for (auto* control : page.findChildren<QWidget*>()) {
        const bool is_control = qobject_cast<QAbstractButton*>(control) || qobject_cast<QLineEdit*>(control) ||
                                qobject_cast<QComboBox*>(control) || qobject_cast<QSlider*>(control);
        const QString name = is_control ? name_of(*control) : QString();
        if (name.isEmpty() || control->focusPolicy() == Qt::NoFocus || !name.front().isLetterOrNumber())
            continue;
        const auto folds = folds_round(control, page);
        if (!folds)
            continue;
        QString where = page_name;
        for (auto it = folds->rbegin(); it != folds->rend(); ++it)
            if (!it->name.isEmpty() && it->name != name)
                where += QStringLiteral(" › ") + it->name;
        all.push_back({name, where, control->toolTip() + ' ' + control->property("alsoFound").toString(),
                       [show_page, folds = *folds, there = QPointer<QWidget>(control)] {
                           show_page();
                           for (auto it = folds.rbegin(); it != folds.rend(); ++it)
                               it->open();
                           if (!there)
                               return;
                           bring_into_sight(there);
                           there->setFocus(Qt::ShortcutFocusReason);
                       }});
    }
    return all;
}

} // namespace fusuma::app
