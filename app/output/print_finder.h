#pragma once

#include "app/output/printed_sheet.h"
#include "core/registration/locate.h"
#include "devices/practice/rehearsal.h"

namespace fusuma::app {

/// Lays the sheet in the cutter and finds where the print lies: by sensor, by hand or by the paper's edge.
class PrintFinder : public QObject {
    Q_OBJECT
  public:
    PrintFinder(RunStage& run_stage, LatestOnly& background, PrintedSheet& sheet, const PracticeFaults& practice_faults)
        : stage(run_stage), work(background), printed(sheet), faults(practice_faults) {}

    [[nodiscard]] MarkMethod method() const { return how; }
    void set_method(MarkMethod method);
    void load();
    void accept_found(); ///< although marks are missing
    [[nodiscard]] const Scan& scan() const { return *seen; }
    [[nodiscard]] const Registration& registration() const { return found; }

    // Pointing by hand
    [[nodiscard]] Point pointer() const { return hand; } ///< machine mm
    void move_pointer(Point to);
    [[nodiscard]] std::size_t wanted_mark() const { return next_mark; }
    [[nodiscard]] const std::vector<std::optional<Point>>& pointed() const { return shown_marks; }
    void take_mark(); ///< the wanted mark is where the pointer is
    void skip_mark();
    void end_pointing(); ///< with the marks taken so far

  signals:
    void loading();  ///< a sheet is laid in
    void accepted(); ///< the print was found well enough to cut

  private:
    RunStage& stage;
    LatestOnly& work;
    PrintedSheet& printed;
    const PracticeFaults& faults;
    MarkMethod how = MarkMethod::sensor;
    std::shared_ptr<const Scan> seen = std::make_shared<const Scan>();
    Registration found;
    Point hand;
    std::size_t next_mark = 0;
    std::vector<std::optional<Point>> shown_marks;

    void look_for_marks();
    void begin_pointing();
    void judge_found();
};

} // namespace fusuma::app
