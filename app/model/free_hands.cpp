#include "app/model/free_hands.h"

#include <QApplication>
#include <QPointer>
#include <QThread>
#include <QTimer>
#include <deque>

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

/// What came, in its order.
class Waiting : public QTimer {
  public:
    explicit Waiting(QObject* of) : QTimer(of) {
        constexpr int again_ms = 30;
        setInterval(again_ms);
        callOnTimeout([this] { let_come(); });
    }
    void add(QObject* context, std::function<void()> then) {
        waiting.push_back({context, std::move(then)});
        let_come();
    }

  private:
    struct Arrival {
        QPointer<QObject> context;
        std::function<void()> then;
    };
    std::deque<Arrival> waiting;

    void let_come() {
        while (!waiting.empty() && are_hands_free()) { // what comes may ask something itself
            const Arrival next = std::move(waiting.front());
            waiting.pop_front();
            if (next.context)
                next.then();
        }
        if (waiting.empty())
            stop();
        else if (!isActive())
            start();
    }
};

} // namespace

void need_not_be_waited_for(QDialog& dialog) {
    dialog.setProperty(lets_arrive, true);
}

void once_hands_are_free(QObject* context, std::function<void()> then) {
    static auto* all = new Waiting(QApplication::instance());
    all->add(context, std::move(then));
}

} // namespace fusuma::app
