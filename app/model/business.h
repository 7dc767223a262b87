#pragma once

#include "app/model/file_work.h"
#include "app/model/importer.h"
#include "app/model/searches.h"
#include "app/model/worked_edits.h"

#include <functional>

namespace fusuma::app {

/// What is being worked on for a person to wait for, and how to stop it.
class Business {
  public:
    Business(Project& open_project, FileWork& file_jobs, Importer& reads, WorkedEdits& edits, Searches& looks,
             WorkingOut& works, InHand& hand)
        : project(open_project), file_work(file_jobs), importer(reads), worked(edits), searches(looks),
          working_out(works), in_hand(hand) {}

    struct Doing {
        QString words;
        double done = -1; ///< 0–1; negative when nobody knows
        bool can_be_stopped = true;
    };
    [[nodiscard]] std::optional<Doing> now() const;
    /// Stops what `now` tells of and nothing else: what was being read is left out, an edit being worked out is not
    /// made, one whose result was being worked out is undone, a file being made is not saved. Opening and saving
    /// projects go on.
    void cancel();

  private:
    struct Stoppable {
        Doing doing;
        std::function<void()> stop;
    };
    [[nodiscard]] std::optional<Stoppable> at_work() const;

    Project& project;
    FileWork& file_work;
    Importer& importer;
    WorkedEdits& worked;
    Searches& searches;
    WorkingOut& working_out;
    InHand& in_hand;
};

} // namespace fusuma::app
