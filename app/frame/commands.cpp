#include "app/frame/commands.h"

#include "app/common/mnemonics.h"
#include "app/common/theme.h"

namespace fusuma::app {

Commands::Commands(QWidget& in) : window(in), bar(new QMenuBar) {
    bar->setNativeMenuBar(false);
    bar->setFixedHeight(px(28));
}

void Commands::begin_menu(const QString& title) {
    menu = bar->addMenu(title);
}

QAction* Commands::add(const QString& text, const QKeySequence& keys, const std::function<void()>& run) {
    QAction* action = menu->addAction(text);
    action->setShortcut(keys);
    QObject::connect(action, &QAction::triggered, &window, run);
    window.addAction(action);
    actions << action;
    return action;
}

void Commands::end_menus() {
    for (const QAction* of_bar : bar->actions())
        give_mnemonics(*of_bar->menu());
}

void Commands::rename(QAction& action, const QString& text) {
    if (action.text().remove(QLatin1Char('&')) == text)
        return;
    action.setText(text);
    for (const QAction* of_bar : bar->actions())
        if (of_bar->menu()->actions().contains(&action))
            give_mnemonics(*of_bar->menu());
}

QAction* Commands::add_for_sheet(const QString& text, const QKeySequence& keys, const std::function<void()>& run,
                                 Near near) {
    QAction* action = add(text, keys, run);
    of_sheet.emplace_back(action, near);
    return action;
}

QList<QAction*> Commands::for_sheet() const {
    QList<QAction*> all;
    for (const auto& [action, shown] : of_sheet)
        all << action;
    return all;
}

QList<QAction*> Commands::near(Near what) const {
    QList<QAction*> all;
    for (const auto& [action, shown] : of_sheet)
        if (shown == what)
            all << action;
    return all;
}

} // namespace fusuma::app
