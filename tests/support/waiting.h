#pragma once

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QTimer>

namespace fusuma::test {

/// Runs the event loop until `done` or the time is over, asleep where nothing happens: other tests run beside.
/// @param between  told of each turn of the loop; does it
template <typename Done, typename Turn> bool comes_true(Done&& done, Turn&& between, int ms) {
    QTimer looks; // at what happens in other programs
    looks.start(5);
    QElapsedTimer clock;
    for (clock.start(); !done() && clock.elapsed() < ms;)
        between([] { QCoreApplication::processEvents(QEventLoop::AllEvents | QEventLoop::WaitForMoreEvents); });
    return done();
}
template <typename Done> bool comes_true(Done&& done, int ms = 60000) {
    return comes_true(std::forward<Done>(done), [](auto&& turn) { turn(); }, ms);
}

} // namespace fusuma::test
