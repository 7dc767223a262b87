#pragma once

#include "app/output/print_finder.h"

#include <QElapsedTimer>

namespace fusuma::app {

/// The cut: planned for where the print was found, foreseen, then sent to the machine that it was found in.
class Cutting : public QObject {
    Q_OBJECT
  public:
    Cutting(Model& project, RunStage& run_stage, LatestOnly& background, PrintedSheet& sheet, PrintFinder& finder,
            const PracticeFaults& practice_faults, ChosenMachine& chosen);

    /// For where the print was found, in the sheet's place.
    [[nodiscard]] const CutJob& job() const { return *planned.shown; }
    [[nodiscard]] double seconds() const { return planned.seconds; } ///< that the cut will take
    /// What the practice cutter, or a machine without faults, will come to, how far off that is, and whom it spoils.
    [[nodiscard]] const std::vector<CutTrace>& foreseen() const { return *planned.traces; }
    [[nodiscard]] const Judgement& judgement() const { return planned.judgement; }
    [[nodiscard]] const std::vector<CopyId>& faulty() const { return planned.faulty; }
    /// What the machine does not reach, in words; empty when it reaches all. Nothing is cut then.
    [[nodiscard]] const QString& out_of_reach() const { return planned.out_of_reach; }

    [[nodiscard]] std::vector<CutTrace> cut_so_far() const;
    [[nodiscard]] std::size_t runs_done() const { return machine.sender.runs_done(); }
    [[nodiscard]] bool is_estimated() const { return machine.sender.is_estimated(); }
    [[nodiscard]] double took_s() const { return took; } ///< the last cut, from start to end with its pauses
    void set_speed(double mm_per_s) { machine.practice.set_speed(mm_per_s); }
    void start();
    void pause();
    void go_on();
    /// Where to go on after a pause: with the first that is not cut, or with another that a person chose.
    [[nodiscard]] std::size_t next_line() const { return chosen_line.value_or(runs_done()); }
    void choose_line(std::size_t line);
    void stop();
    /// Loads the next sheet, finds the print and cuts the same again, as far as that goes by itself.
    void cut_next_sheet();
    /// Moves the machine's lifted head round all that is to be cut, or round the copy that was chosen for it.
    void go_round();
    /// One that a person looks at before it is cut; none for the whole page.
    void choose_copy(std::optional<CopyId> copy);
    [[nodiscard]] std::optional<CopyId> copy_in_view() const { return chosen_copy; }

  private:
    struct Planned {
        std::optional<MachineJob> job;
        std::shared_ptr<const CutJob> shown = std::make_shared<const CutJob>();
        std::shared_ptr<const std::vector<CutTrace>> traces = std::make_shared<const std::vector<CutTrace>>();
        Judgement judgement;
        double seconds = 0;
        std::vector<CopyId> faulty;
        QString out_of_reach;
    };
    Model& model;
    RunStage& stage;
    LatestOnly& work;
    PrintedSheet& printed;
    PrintFinder& finder;
    const PracticeFaults& faults;
    ChosenMachine& machine;
    Planned planned;
    Material planned_for;
    std::optional<std::size_t> chosen_line; ///< while it is paused
    std::optional<CopyId> chosen_copy;      ///< before it is cut
    bool starts_when_found = false;
    QElapsedTimer since_start;
    double took = 0; ///< s

    void plan();
    void end();
    void learn();
};

/// "2 min 05 s"
[[nodiscard]] QString minutes(double seconds);

} // namespace fusuma::app
