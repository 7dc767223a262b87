#pragma once

#include "app/model/importer.h"
#include "app/model/searches.h"

namespace fusuma::app {

/// What is being worked on for a person to wait for, and how to stop it.
class Business {
  public:
    Business(Importer& reads, Searches& looks, WorkingOut& works, InHand& hand)
        : importer(reads), searches(looks), working_out(works), in_hand(hand) {}

    struct Doing {
        QString words;
        double done = -1; ///< 0–1; negative when nobody knows
    };
    [[nodiscard]] std::optional<Doing> now() const;
    /// Stops it: what was being read is left out, what was being worked out is undone.
    void cancel();

  private:
    Importer& importer;
    Searches& searches;
    WorkingOut& working_out;
    InHand& in_hand;
};

} // namespace fusuma::app
