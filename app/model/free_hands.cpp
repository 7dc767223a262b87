#include "app/model/free_hands.h"

#include <QApplication>
#include <QTimer>

namespace fusuma::app {

void once_hands_are_free(QObject* context, std::function<void()> then) {
    if (!QApplication::activeModalWidget() && !QApplication::activePopupWidget()) {
        then();
        return;
    }
    constexpr int again_ms = 30;
    QTimer::singleShot(again_ms, context,
                       [context, then = std::move(then)]() mutable { once_hands_are_free(context, std::move(then)); });
}

} // namespace fusuma::app
