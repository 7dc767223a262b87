#pragma once

#include "app/model/working_out.h"

#include <deque>

namespace fusuma::app {

/// Edits that have to work something out first. That happens on a thread, one after the other; each is made on the
/// document as it is when its turn comes, and again when that was edited meanwhile, so that neither is lost.
class WorkedEdits : public QObject {
    Q_OBJECT
  public:
    WorkedEdits(Messages& told, Project& open_project, InHand& hand, WorkingOut& work);
    ~WorkedEdits() override;

    /// A Problem is told, and changes nothing.
    using Make = std::function<Result<Edited>(const Document&, Planner&)>;
    /// @param then  called when it is made and what it selects is selected
    void start(const QString& label, const Make& make, const std::function<void()>& then = {});
    /// What is worked out, in words; empty when nothing is.
    [[nodiscard]] QString business() const { return waiting.empty() ? QString() : waiting.front().label; }

  private:
    struct Wanted {
        QString label;
        Make make;
        std::function<void()> then;
        std::uint64_t for_project;
    };
    Messages& messages;
    Project& project;
    InHand& in_hand;
    WorkingOut& working_out;
    std::deque<Wanted> waiting; ///< the first is at work
    QThreadPool worker;

    void work();
    void end(Result<Edited> made, const Document& on);
    void next();
};

} // namespace fusuma::app
