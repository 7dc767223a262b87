#pragma once

#include "app/model/in_background.h"
#include "app/model/messages.h"
#include "core/work.h"

#include <QByteArray>
#include <atomic>
#include <functional>
#include <vector>

namespace fusuma::app {

/// Makes and writes files, and looks at them, on a thread, one set after the other.
class FileWork : public QObject {
    Q_OBJECT
  public:
    explicit FileWork(Messages& told);
    ~FileWork() override;

    struct File {
        QString path;
        std::function<QByteArray(const Work&)> make; ///< called on a thread
    };
    /// A failure or stop() is told, and leaves what was there; then the rest is not written.
    /// @param words  what to tell when all are there
    /// @param then  called with whether they are
    void write(std::vector<File> files, const QString& words, const std::function<void(bool)>& then = {});
    /// Calls `look` on the thread, then `use` with what it found.
    /// @param words  what to tell meanwhile
    template <typename Look, typename Use> void look_at(const QString& words, Look look, Use use) {
        under_way.push_back({words, {}});
        in_background(
            worker, this, std::move(look),
            [this, use = std::move(use)](auto found) mutable {
                under_way.erase(under_way.begin());
                use(std::move(found));
            },
            [this](const QString& trouble) {
                under_way.erase(under_way.begin());
                emit messages.problem(trouble);
            });
    }
    /// What is done, in words; empty when nothing is.
    [[nodiscard]] QString business() const { return under_way.empty() ? QString() : under_way.front().words; }
    [[nodiscard]] bool is_busy() const { return !under_way.empty(); }
    /// Of the file being made, 0–1; negative when nobody knows.
    [[nodiscard]] double progress() const { return done; }
    /// Ends making the file in hand; there must be one. One that is being written is finished.
    void stop() { under_way.front().stop.request_stop(); }

  private:
    Messages& messages;
    QThreadPool worker;
    struct Task {
        QString words;
        std::stop_source stop;
    };
    std::vector<Task> under_way;
    std::atomic<double> done = -1;
};

} // namespace fusuma::app
