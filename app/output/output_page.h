#pragma once

#include "app/output/act_card.h"
#include "app/output/rehearsal_view.h"

class QLabel;
class QPushButton;

namespace fusuma::app {

/// The third place: print, load, cut, in that order, each act done, ready or waiting with the reason; the rehearsal in
/// the middle; what a slip would do on the right.
class OutputPage : public QWidget {
    Q_OBJECT
  public:
    explicit OutputPage(Model& project);

    enum class File { pdf, svg, dxf, hpgl };
    /// Asks for a name and writes the cut lines of the ticket in hand, else of the sheet as it is; a file for each
    /// page.
    void export_file(File kind);
    /// Reads a cut file back and tells whether it agrees with what is to be cut.
    void check_file();
    void show_board(); ///< to print or save it
    [[nodiscard]] PrintAct& print_act() { return *print; }
    void take(const std::shared_ptr<const Ticket>& ticket); ///< an earlier one in hand
    [[nodiscard]] std::optional<Business::Doing> cutting() const; ///< nothing while nothing is cut
    [[nodiscard]] static QString printed_when(const Ticket& ticket); ///< date and time, or the time today
    /// Asks whether a cutter at work may be stopped, which waits with its blade up meanwhile. False when it goes on.
    bool may_leave();

  signals:
    void finding_wanted(const Finding& finding); ///< to be shown on the Sheet

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    Model& model;
    OutputRun run;
    PrintAct* print;
    QLabel *ticket_title, *ticket_time, *changes;
    QPushButton *tickets, *keep, *again;
    bool cuts_what_was_printed = false;
    bool is_opened = true; ///< and its newest ticket not taken in hand yet

    QWidget* ticket_head();
    QWidget* exports();
    void show_tickets();
    void open_ticket(const std::shared_ptr<const Ticket>& ticket);
    void refresh();
    [[nodiscard]] std::shared_ptr<const JobPlan> plan_in_hand() const;
};

} // namespace fusuma::app
