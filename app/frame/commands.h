#pragma once

#include <QAction>
#include <QList>
#include <QMenu>
#include <QMenuBar>
#include <functional>
#include <vector>

namespace fusuma::app {

/// Keys are the same in every language; how they are named is the locale's.
[[nodiscard]] inline QKeySequence keys_of(const char* portable) {
    return QKeySequence(QLatin1String(portable), QKeySequence::PortableText);
}

/// The window's commands: each stands in a menu, has its keys everywhere in the window, and is found by its words.
class Commands {
  public:
    explicit Commands(QWidget& in);

    /// Begins the next menu; what is added goes into it.
    void begin_menu(const QString& title);
    QAction* add(const QString& text, const QKeySequence& keys, const std::function<void()>& run);
    enum class Near { nothing, copy, page }; ///< a right click on what shows it
    /// The same for what acts on the copies on the Sheet: it is possible there alone.
    QAction* add_for_sheet(const QString& text, const QKeySequence& keys, const std::function<void()>& run,
                           Near near = Near::nothing);
    void add_separator() { menu->addSeparator(); }
    void end_menus(); ///< all are there: gives their entries letters
    void rename(QAction& action, const QString& text);

    [[nodiscard]] QMenuBar* menu_bar() const { return bar; }
    [[nodiscard]] const QList<QAction*>& all() const { return actions; }

    [[nodiscard]] QList<QAction*> for_sheet() const;
    [[nodiscard]] QList<QAction*> near(Near what) const;

    // Those that are not always possible.
    QAction *undo = nullptr, *redo = nullptr, *remove = nullptr, *duplicate = nullptr;

  private:
    QWidget& window;
    QMenuBar* bar;
    QMenu* menu = nullptr;
    QList<QAction*> actions;
    std::vector<std::pair<QAction*, Near>> of_sheet;
};

} // namespace fusuma::app
