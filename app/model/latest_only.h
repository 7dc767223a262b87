#pragma once

#include <QObject>
#include <QThreadPool>

namespace fusuma::app {

/// Work on a thread of its own whose result is used only while nothing newer is wanted.
class LatestOnly : public QObject {
    Q_OBJECT
  public:
    ~LatestOnly() override { workers.waitForDone(); }

    /// Calls `work` on a thread and then `use` with its result, unless something newer was started or dropped by then.
    template <typename Work, typename Use> void start(Work&& work, Use&& use) {
        const std::uint64_t mine = ++wanted;
        workers.start([this, mine, work = std::forward<Work>(work), use = std::forward<Use>(use)] {
            auto result = work();
            QMetaObject::invokeMethod(this, [this, mine, use, result = std::move(result)]() mutable {
                if (mine == wanted)
                    use(std::move(result));
            });
        });
    }
    void drop() { ++wanted; } ///< whatever is under way is no longer wanted

  private:
    QThreadPool workers;
    std::uint64_t wanted = 0;
};

} // namespace fusuma::app
