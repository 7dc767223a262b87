#pragma once

#include <QAction>
#include <QList>
#include <QMenu>
#include <QMenuBar>
#include <functional>

namespace fusuma::app {

/// The window's commands: each stands in a menu, has its keys everywhere in the window, and is found by its words.
class Commands {
  public:
    explicit Commands(QWidget& in);

    /// Begins the next menu; what is added goes into it.
    void begin_menu(const QString& title);
    QAction* add(const QString& text, const QKeySequence& keys, const std::function<void()>& run);
    void add_separator() { menu->addSeparator(); }

    [[nodiscard]] QMenuBar* menu_bar() const { return bar; }
    [[nodiscard]] const QList<QAction*>& all() const { return actions; }

    // Those that are not always possible.
    QAction *undo = nullptr, *redo = nullptr, *remove = nullptr, *duplicate = nullptr;

  private:
    QWidget& window;
    QMenuBar* bar;
    QMenu* menu = nullptr;
    QList<QAction*> actions;
};

} // namespace fusuma::app
