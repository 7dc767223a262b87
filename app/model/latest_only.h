#pragma once

#include "app/model/in_background.h"
#include "app/model/messages.h"

#include <functional>

namespace fusuma::app {

/// Work on a thread of its own whose result is used only while nothing newer is wanted.
class LatestOnly : public QObject {
    Q_OBJECT
  public:
    explicit LatestOnly(Messages& told) : messages(told) {}
    ~LatestOnly() override { workers.waitForDone(); }

    /// Calls `work` on a thread and then `use` with its result, unless something newer was started or dropped by then.
    /// What goes wrong is told, and `failed` called in place of `use`.
    template <typename Work, typename Use>
    void start(Work&& work, Use&& use, const std::function<void()>& failed = [] {}) {
        const std::uint64_t mine = ++wanted;
        in_background(
            workers, this, std::forward<Work>(work),
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
    void drop() { ++wanted; } ///< whatever is under way is no longer wanted

  private:
    Messages& messages;
    QThreadPool workers;
    std::uint64_t wanted = 0;
};

} // namespace fusuma::app
