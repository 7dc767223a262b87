#include "app/frame/commands.h"

namespace fusuma::app {

Commands::Commands(QWidget& in) : window(in), bar(new QMenuBar) {
    bar->setNativeMenuBar(false);
    bar->setFixedHeight(28);
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
