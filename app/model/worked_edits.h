#pragma once

#include "app/model/working_out.h"

#include <atomic>
#include <deque>
#include <stop_token>

namespace fusuma::app {

/// Edits that have to work something out first. That happens on a thread, one after the other; each is made on the
/// document as it is when its turn comes, and again when that was edited meanwhile, so that neither is lost.
class WorkedEdits : public QObject {
    Q_OBJECT
  public:
    WorkedEdits(Messages& told, Project& open_project, InHand& hand, WorkingOut& work);
    ~WorkedEdits() override;

    /// A Problem is told, and changes nothing.
    using Make = std::function<Result<Edited>(const Document&, Planner&, const Work&)>;
    /// @param then  called when it is made and what it selects is selected
    void start(const QString& label, const Make& make, const std::function<void()>& then = {});
    /// What is worked out, in words; empty when nothing is.
    [[nodiscard]] QString business() const { return waiting.empty() ? QString() : waiting.front().label; }
    /// Of that, 0–1; negative when nobody knows.
    [[nodiscard]] double progress() const { return done; }
    void stop(); ///< drops what is worked out, if anything is: the document stays as it is

  private:
    struct Wanted {
        QString label;
        Make make;
        std::function<void()> then;
        std::uint64_t for_project;
        std::stop_source stop{};
    };
    Messages& messages;
    Project& project;
    InHand& in_hand;
    WorkingOut& working_out;
    std::deque<Wanted> waiting; ///< the first is at work
    QThreadPool worker;
    std::atomic<double> done = -1;

    void work();
    void end(Result<Edited> made, const Document& on);
    void next();
};

} // namespace fusuma::app
