#pragma once

#include "app/shell/session.h"
#include "devices/cut_sender.h"
#include "devices/practice_cutter.h"
#include "devices/rehearsal.h"

#include <QImage>

namespace fusuma::app {

/// One run of a sheet from print to cut. What is cut is the ticket in hand, whatever has changed since it was printed.
/// Printing, loading and finding also happen on the practice devices, so that the cut can be rehearsed before ink and
/// paper are spent; heavy steps run on workers and are dropped when something newer is wanted.
class OutputJob : public QObject {
    Q_OBJECT
  public:
    explicit OutputJob(Session& project);
    ~OutputJob() override;

    enum class Stage {
        nothing, ///< no ticket in hand
        printing,
        printed,
        loading,  ///< and looking for the marks
        pointing, ///< a person shows where the marks are
        refused,  ///< the marks were not found well enough
        found,
        cutting,
        paused,
        dropped, ///< the line to the cutter
        cut,
    };
    [[nodiscard]] Stage stage() const { return now; }
    [[nodiscard]] bool is_cutting() const {
        return now == Stage::cutting || now == Stage::paused || now == Stage::dropped;
    }

    // Tickets
    [[nodiscard]] const std::shared_ptr<const Ticket>& ticket() const { return in_hand; }
    [[nodiscard]] std::vector<std::string> changes() const; ///< of the sheet since the ticket in hand was printed
    void take(const std::shared_ptr<const Ticket>& ticket); ///< takes an earlier one in hand
    void put_down();

    // Pages of the ticket
    [[nodiscard]] int page() const { return shown_page; }
    [[nodiscard]] int pages() const { return in_hand ? static_cast<int>(in_hand->pages.size()) : 0; }
    void go_to_page(int page);

    /// Freezes the sheet into a new ticket and returns its plan, code and all; nothing while the sheet is empty or
    /// being worked out.
    std::shared_ptr<const JobPlan> freeze();
    void freeze_soon(); ///< at once, or when what is being worked out is done
    [[nodiscard]] std::shared_ptr<const JobPlan> plan() const { return printed_plan; } ///< of the ticket in hand

    // Loading and finding
    [[nodiscard]] const PracticeFaults& faults() const { return wrong; }
    void set_faults(const PracticeFaults& what); ///< the sheet must be loaded again
    [[nodiscard]] MarkMethod method() const { return how; }
    void set_method(MarkMethod method);
    void load();
    void accept_found();                                                ///< although marks are missing
    [[nodiscard]] const QImage& sheet() const { return printed_sheet; } ///< of the page, as printed
    [[nodiscard]] const Scan& scan() const { return *seen; }
    [[nodiscard]] Transform place() const;       ///< from the plan to where the print truly lies in the machine
    [[nodiscard]] Transform sheet_place() const; ///< the same of the sheet of paper
    [[nodiscard]] const Registration& registration() const { return found; }

    // Pointing by hand
    [[nodiscard]] Point pointer() const { return hand; } ///< machine mm
    void move_pointer(Point to);
    [[nodiscard]] std::size_t wanted_mark() const { return next_mark; }
    [[nodiscard]] const std::vector<std::optional<Point>>& pointed() const { return shown_marks; }
    void take_mark(); ///< the wanted mark is where the pointer is
    void skip_mark();
    void end_pointing(); ///< with the marks taken so far

    // Cutting
    [[nodiscard]] const CutJob& job() const { return *planned; }      ///< for where the print was found
    [[nodiscard]] double seconds() const { return expected_seconds; } ///< that the cut will take
    [[nodiscard]] const std::vector<CutTrace>& rehearsed() const { return *foreseen; }
    [[nodiscard]] const Judgement& judgement() const { return expected; }
    [[nodiscard]] const std::vector<std::size_t>& faulty() const { return expected_faulty; }
    [[nodiscard]] std::vector<CutTrace> cut_so_far() const { return cutter.cut_so_far(); }
    [[nodiscard]] std::size_t runs_done() const { return sender.runs_done(); }
    [[nodiscard]] bool is_practice() const { return address_text.isEmpty() || address_text == serial_address; }
    /// Where the job is sent: empty for the practice cutter, else as `parse_cutter_address` takes it.
    void set_address(const QString& text) { address_text = text; }
    static inline const QString serial_address = QStringLiteral("practice-serial");
    void set_options(const HpglOptions& options) { hpgl = options; }
    void set_speed(double mm_per_s) { cutter.set_speed(mm_per_s); }
    void start_cutting();
    void pause();
    void go_on();
    void stop_cutting();

  signals:
    void changed();

  private:
    Session& session;
    Stage now = Stage::nothing;
    std::shared_ptr<const Ticket> in_hand;
    std::shared_ptr<const JobPlan> printed_plan;
    std::shared_ptr<const SlipSheet> slips;
    int shown_page = 0;
    PracticeFaults wrong;
    MarkMethod how = MarkMethod::sensor;
    QImage printed_sheet;
    std::shared_ptr<const Scan> seen = std::make_shared<const Scan>();
    Registration found;
    Point hand;
    std::size_t next_mark = 0;
    std::vector<std::optional<Point>> shown_marks;
    std::shared_ptr<const CutJob> planned = std::make_shared<const CutJob>();
    std::shared_ptr<const std::vector<CutTrace>> foreseen = std::make_shared<const std::vector<CutTrace>>();
    Judgement expected;
    double expected_seconds = 0;
    std::vector<std::size_t> expected_faulty;
    PracticeCutter cutter;
    CutSender sender;
    QString address_text, serial_name;
    HpglOptions hpgl;
    bool is_wanted = false; ///< a ticket, as soon as the sheet is worked out
    QThreadPool workers;
    std::uint64_t run = 0; ///< of work; results of earlier ones are dropped
    Material planned_for;

    void enter(Stage next);
    void print_for_practice();
    void look_for_marks();
    void plan_cut();
    /// Does `work` on a thread and `use`s its result, unless something newer is wanted by then.
    template <typename Work, typename Use> void in_background(Work&& work, Use&& use);
    [[nodiscard]] const Ticket::Page& ticket_page() const {
        return in_hand->pages[static_cast<std::size_t>(shown_page)];
    }
    [[nodiscard]] CuttingSetup setup() const;
    [[nodiscard]] Result<CutterAddress> address();
};

/// "2 min 05 s"
[[nodiscard]] QString minutes(double seconds);

} // namespace fusuma::app
