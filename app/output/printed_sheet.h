#pragma once

#include "app/model/latest_only.h"
#include "app/model/model.h"
#include "app/output/run_stage.h"
#include "core/rehearsal/faults.h"
#include "core/rehearsal/slip.h"

#include <QImage>

namespace fusuma::app {

/// The ticket in hand and its pages, as printed on the practice printer. What is cut is the ticket, whatever has
/// changed since it was printed.
class PrintedSheet : public QObject {
    Q_OBJECT
  public:
    PrintedSheet(Model& project, RunStage& run_stage, LatestOnly& background, const PracticeFaults& practice_faults);

    [[nodiscard]] const std::shared_ptr<const Ticket>& ticket() const { return in_hand; }
    [[nodiscard]] std::vector<Said> changes() const;        ///< of the sheet since the ticket in hand was printed
    void take(const std::shared_ptr<const Ticket>& ticket); ///< takes an earlier one in hand
    void put_down();

    // Pages of the ticket
    [[nodiscard]] int page() const { return shown_page; }
    [[nodiscard]] int pages() const { return in_hand ? static_cast<int>(in_hand->pages.size()) : 0; }
    void go_to_page(int page);
    /// Of the ticket in hand; there must be one.
    [[nodiscard]] const Ticket::Page& ticket_page() const {
        return in_hand->pages[static_cast<std::size_t>(shown_page)];
    }

    /// Freezes the sheet into a new ticket and returns its plan, code and all; nothing while the sheet is empty or
    /// being worked out.
    std::shared_ptr<const JobPlan> freeze();
    /// Could all pictures of the sheet in sight be decoded? Says so when not.
    [[nodiscard]] bool is_readable() const;
    void freeze_soon(); ///< at once, or when what is being worked out is done
    [[nodiscard]] std::shared_ptr<const JobPlan> plan() const { return printed_plan; } ///< of the ticket in hand

    [[nodiscard]] const QImage& picture() const { return printed; } ///< of the page, as printed
    [[nodiscard]] std::shared_ptr<const SlipSheet> slips() const { return slip_sheet; }
    void print_for_practice();

  private:
    Model& model;
    RunStage& stage;
    LatestOnly& work;
    const PracticeFaults& faults;
    std::shared_ptr<const Ticket> in_hand;
    std::shared_ptr<const JobPlan> printed_plan;
    std::shared_ptr<const SlipSheet> slip_sheet;
    int shown_page = 0;
    QImage printed;
    bool is_wanted = false; ///< a ticket, as soon as the sheet is worked out

    void take_as_planned(const std::shared_ptr<const Ticket>& ticket, std::shared_ptr<const JobPlan> plan);
};

} // namespace fusuma::app
