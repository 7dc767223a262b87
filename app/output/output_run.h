#pragma once

#include "app/output/cutting.h"
#include "app/output/planned_sheet.h"

namespace fusuma::app {

/// One run of a sheet from print to cut: its stage and its three acts, each of which knows those before it. The
/// machine is chosen first; while it is the practice cutter, printing, loading and finding happen on the practice devices,
/// so that the cut can be rehearsed before ink and paper are spent.
class OutputRun : public QObject {
    Q_OBJECT
  private:
    Model& model;
    PracticeFaults wrong;
    LatestOnly work;

  public:
    explicit OutputRun(Model& project);

    RunStage progress;
    PlannedSheet planned;
    ChosenMachine machine;
    PrintedSheet printed;
    PrintFinder finder;
    Cutting cutting;

    /// What there is to see: the ticket in hand, else the sheet as it is planned.
    struct Shown {
        std::shared_ptr<const JobPlan> plan; ///< null when there is nothing yet
        int page = 0, pages = 0;
        const QImage* picture = nullptr;
        const CutJob* job = nullptr;
        const std::vector<CutTrace>* traces = nullptr;
        double seconds = 0;
        bool is_planned = false; ///< nothing is printed yet
    };
    [[nodiscard]] Shown shown() const;
    void go_to_page(int page); ///< of what is shown
    [[nodiscard]] RunStage::Stage stage() const { return progress.now(); }
    [[nodiscard]] bool is_cutting() const { return progress.is_cutting(); }
    [[nodiscard]] const PracticeFaults& faults() const { return wrong; }
    void set_faults(const PracticeFaults& what); ///< the sheet must be loaded again
    [[nodiscard]] Transform place() const;       ///< from the plan to where the print truly lies in the machine
    [[nodiscard]] Transform sheet_place() const; ///< the same of the sheet of paper
};

} // namespace fusuma::app
