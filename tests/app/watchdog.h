#pragma once

#include <QApplication>
#include <QThread>
#include <ctime>
#include <vector>

namespace fusuma::app {

/// The application of the tests. It measures how long every event keeps the interface thread at work, as processor
/// time, so that a busy machine makes no difference, and remembers what took too long.
class WatchedApplication : public QApplication {
  public:
    using QApplication::QApplication;

    struct Block {
        double ms;
        QString what;
    };
    static constexpr const char* stood_still = "the interface thread stood still";
    /// Those since it was last asked.
    static std::vector<Block> take_blocks() { return std::exchange(blocks, {}); }

    /// What a test does itself in an event, while this lives, does not count.
    class Uncounted {
      public:
        Uncounted() : from(processor_ms()) {}
        ~Uncounted() { in_loops_within += processor_ms() - from; }
        Uncounted(const Uncounted&) = delete;
        Uncounted& operator=(const Uncounted&) = delete;

      private:
        double from;
    };

    bool notify(QObject* receiver, QEvent* event) override {
        // Events within events are part of these; only those of a loop within, as a dialog has, count for themselves.
        const int level = QThread::currentThread() == thread() ? QThread::currentThread()->loopLevel() : -1;
        if (level < 0 || level <= measured_level)
            return QApplication::notify(receiver, event);
        const int outer = std::exchange(measured_level, level);
        const QString what = QStringLiteral("event %1 of %2 “%3”")
                                 .arg(event->type())
                                 .arg(QLatin1String(receiver->metaObject()->className()), receiver->objectName());
        const double from = processor_ms(), loops_before = in_loops_within;
        const bool result = QApplication::notify(receiver, event);
        const double took = processor_ms() - from;
        const double alone = took - (in_loops_within - loops_before);
        measured_level = outer;
        in_loops_within = loops_before + (outer >= 0 ? took : 0);
        if (alone > limit_ms)
            blocks.push_back({alone, what});
        return result;
    }

#if defined(__SANITIZE_ADDRESS__) || (defined(__has_feature) && __has_feature(address_sanitizer))
    static constexpr double slower = 5; ///< than the program that people use, by sanitizers and without optimising
#else
    static constexpr double slower = 1;
#endif
    static constexpr double limit_ms = 100 * slower;

  private:
    static inline int measured_level = -1;
    static inline double in_loops_within = 0;
    static inline std::vector<Block> blocks;

    static double processor_ms() {
        timespec now{};
        clock_gettime(CLOCK_THREAD_CPUTIME_ID, &now);
        return static_cast<double>(now.tv_sec) * 1000 + static_cast<double>(now.tv_nsec) / 1e6;
    }
};

} // namespace fusuma::app
