#pragma once

#include "tests/app/window.h"

#include <QMenu>
#include <set>

namespace fusuma::app {

/// Opens, once each, everything that a person reaches from the window by a button in sight, or a command, whose words
/// end in “…”, shows each dialog that comes up to `look` and closes it again.
class EachDialog {
  public:
    /// @param to_look  is given the dialog and the words that opened it
    EachDialog(QWidget& of, std::function<void(QDialog&, const std::string&)> to_look)
        : window(of), look(std::move(to_look)) {}

    void open_all() {
        QTimer watch;
        QObject::connect(&watch, &QTimer::timeout, &window, [&] { look_at_open(); });
        watch.start(5);
        for (QAction* action : window.findChildren<QAction*>())
            if (action->isEnabled() && !action->menu())
                go_in(action->text(), [action] { action->trigger(); });
        for (QAbstractButton* button : window.findChildren<QAbstractButton*>())
            if (button->isVisible() && button->isEnabled())
                go_in(button->text() + QLatin1Char(' ') + button->objectName(), [button] { button->click(); });
    }
    [[nodiscard]] std::size_t seen() const { return opened.size(); }

  private:
    QWidget& window;
    std::function<void(QDialog&, const std::string&)> look;
    std::set<QString> tried, opened;
    QString by;

    void go_in(const QString& words, const std::function<void()>& open) {
        if (!words.contains(QChar(0x2026)) || !tried.insert(words).second)
            return;
        by = words;
        open();
        QTest::qWait(10);
    }
    void look_at_open() {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!dialog || !dialog->isVisible())
            return;
        const bool is_the_desktops = dialog->inherits("QFileDialog") || dialog->inherits("QAbstractPrintDialog");
        const QString name = dialog->objectName().isEmpty() ? dialog->windowTitle() : dialog->objectName();
        if (!is_the_desktops && opened.insert(name).second) {
            QCoreApplication::sendPostedEvents();
            const WatchedApplication::Uncounted own; // judging a dialog takes longer than showing it
            look(*dialog, by.toStdString());
        }
        dialog->reject();
    }
};

} // namespace fusuma::app
