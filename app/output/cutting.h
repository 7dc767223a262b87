#pragma once

#include "app/output/print_finder.h"
#include "devices/cutter/cut_sender.h"
#include "devices/practice/practice_cutter.h"

namespace fusuma::app {

/// The cut: planned for where the print was found, foreseen on the practice cutter, then sent to a cutter run by run.
class Cutting : public QObject {
    Q_OBJECT
  public:
    Cutting(Model& project, RunStage& run_stage, LatestOnly& background, PrintedSheet& sheet, PrintFinder& finder,
            const PracticeFaults& practice_faults);

    [[nodiscard]] const CutJob& job() const { return *planned.job; }       ///< for where the print was found
    [[nodiscard]] double seconds() const { return planned.seconds; } ///< that the cut will take
    /// What the practice cutter will come to, how far off that is, and whom it spoils.
    [[nodiscard]] const std::vector<CutTrace>& foreseen() const { return *planned.traces; }
    [[nodiscard]] const Judgement& judgement() const { return planned.judgement; }
    [[nodiscard]] const std::vector<CopyId>& faulty() const { return planned.faulty; }

    [[nodiscard]] std::vector<CutTrace> cut_so_far() const { return cutter.cut_so_far(); }
    [[nodiscard]] std::size_t runs_done() const { return sender.runs_done(); }
    [[nodiscard]] bool is_practice() const { return address_text.isEmpty() || address_text == serial_address; }
    /// Where the job is sent: empty for the practice cutter, else as `parse_cutter_address` takes it.
    void set_address(const QString& text) { address_text = text; }
    static inline const QString serial_address = QStringLiteral("practice-serial");
    void set_options(const HpglOptions& options) { hpgl = options; }
    void set_speed(double mm_per_s) { cutter.set_speed(mm_per_s); }
    void start();
    void pause();
    void go_on();
    void stop();

  private:
    struct Planned {
        std::shared_ptr<const CutJob> job = std::make_shared<const CutJob>();
        std::shared_ptr<const std::vector<CutTrace>> traces = std::make_shared<const std::vector<CutTrace>>();
        Judgement judgement;
        double seconds = 0;
        std::vector<CopyId> faulty;
    };
    Model& model;
    RunStage& stage;
    LatestOnly& work;
    PrintedSheet& printed;
    PrintFinder& finder;
    const PracticeFaults& faults;
    Planned planned;
    Material planned_for;
    PracticeCutter cutter;
    CutSender sender;
    QString address_text, serial_name;
    HpglOptions hpgl;

    void plan();
    [[nodiscard]] CuttingSetup setup() const;
    [[nodiscard]] Result<CutterAddress> address();
};

/// "2 min 05 s"
[[nodiscard]] QString minutes(double seconds);

} // namespace fusuma::app
