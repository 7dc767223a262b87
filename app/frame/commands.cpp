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

} // namespace fusuma::app
