#pragma once

#include "app/model/in_background.h"
#include "app/model/messages.h"
#include "core/work.h"

#include <functional>
#include <type_traits>

namespace fusuma::app {

/// Work on a thread of its own whose result is used only while nothing newer is wanted.
class LatestOnly : public QObject {
    Q_OBJECT
  public:
    explicit LatestOnly(Messages& told) : messages(told) {}
    ~LatestOnly() override {
        stop.request_stop();
        workers.waitForDone();
    }

    /// Calls `task` on a thread and then `use` with its result, unless something newer was started or dropped by then.
    /// One that takes a Work is asked to stop when that happens. What goes wrong is told, and `failed` called in place
    /// of `use`.
    template <typename Task, typename Use>
    void start(
        Task&& task, Use&& use, const std::function<void()>& failed = [] {}) {
        drop();
        const std::uint64_t mine = wanted;
        in_background(
            workers, this,
            [task = std::forward<Task>(task), work = Work{.stop = stop.get_token()}]() mutable {
                if constexpr (std::is_invocable_v<std::decay_t<Task>&, const Work&>)
                    return task(work);
                else
                    return task();
            },
            [this, mine, use = std::forward<Use>(use)](auto result) mutable {
                if (mine == wanted)
                    use(std::move(result));
            },
            [this, mine, failed](const QString& words) {
                if (!words.isEmpty())
                    emit messages.problem(words);
                if (mine == wanted)
                    failed();
            });
    }
    void drop() { ///< whatever is under way is no longer wanted
        ++wanted;
        stop.request_stop();
        stop = {};
    }

  private:
    Messages& messages;
    QThreadPool workers;
    std::uint64_t wanted = 0;
    std::stop_source stop;
};

} // namespace fusuma::app
