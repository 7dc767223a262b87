#include "app/model/free_hands.h"

#include <QApplication>
#include <QThread>
#include <QTimer>

namespace fusuma::app {

namespace {

constexpr auto lets_arrive = "lets_arrive"; // property of a dialog

/// A dialog that was just closed has an answer that is still on its way to who asked, in the loop that is about to end.
bool are_hands_free() {
    const QWidget* dialog = QApplication::activeModalWidget();
    if (dialog && dialog->property(lets_arrive).toBool())
        return !QApplication::activePopupWidget();
    constexpr int of_the_program = 1;
    return QThread::currentThread()->loopLevel() <= of_the_program && !dialog && !QApplication::activePopupWidget();
}

} // namespace

void need_not_be_waited_for(QDialog& dialog) {
    dialog.setProperty(lets_arrive, true);
}

void once_hands_are_free(QObject* context, std::function<void()> then) {
    if (are_hands_free()) {
        then();
        return;
    }
    constexpr int again_ms = 30;
    QTimer::singleShot(again_ms, context,
                       [context, then = std::move(then)]() mutable { once_hands_are_free(context, std::move(then)); });
}

} // namespace fusuma::app
