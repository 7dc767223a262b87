#pragma once

#include "app/output/chosen_machine.h"
#include "app/output/printed_sheet.h"
#include "core/machine/loaded_sheet.h"
#include "devices/practice/rehearsal.h"

namespace fusuma::app {

/// Lays the sheet in the chosen machine and finds where the print lies: by sensor, by hand or by the paper's edge. What
/// it shows is in the sheet's place: mm right and towards the person from where the paper's corner would lie.
class PrintFinder : public QObject {
    Q_OBJECT
  public:
    PrintFinder(Model& project, RunStage& run_stage, LatestOnly& background, PrintedSheet& sheet,
                const PracticeFaults& practice_faults, ChosenMachine& chosen);

    [[nodiscard]] MarkMethod method() const { return how; }
    [[nodiscard]] bool has_sensor() const { return machine.is_practice(); }
    void set_method(MarkMethod method);
    void load();
    /// By a photograph of the sheet on the photo board, which lies in the corner of the machine's nought. Not for the
    /// practice cutter.
    void load_photographed(const QString& path);
    void accept_found();                                     ///< although marks are missing
    [[nodiscard]] const Scan& scan() const { return *seen; } ///< empty when no sensor saw the sheet
    /// As found, in the sheet's place.
    [[nodiscard]] const Registration& registration() const { return shown; }
    /// What jobs are made with; none before the print is found.
    [[nodiscard]] const std::optional<FoundPrint>& print() const { return found; }
    /// Moves what is cut, mm right and towards the person, for this loading.
    void nudge(Point by);
    [[nodiscard]] bool has_news() const { return found && found->nudged_by() != kept; } ///< a nudge that is not kept
    void keep_nudge(); ///< for all that is cut on this machine from now on

    // Pointing by hand
    [[nodiscard]] Point pointer() const { return hand; }
    void move_pointer(Point to); ///< and a real machine's lifted head with it
    /// One step of a key or an arrow.
    /// @param is_held  it repeats
    void step_pointer(Point by, bool is_held);
    /// Only those that no sensor found are asked for.
    [[nodiscard]] std::size_t wanted_mark() const { return to_point.empty() ? 0 : to_point[asked]; }
    [[nodiscard]] std::size_t marks_asked() const { return asked; } ///< before this one
    [[nodiscard]] std::size_t marks_to_ask() const { return to_point.size(); }
    [[nodiscard]] const std::vector<std::optional<Point>>& pointed() const { return shown_marks; }
    void take_mark(); ///< the wanted mark is where the pointer is, as soon as the head is there
    void skip_mark();
    void back_mark(); ///< to the one asked for before, which is to be taken anew
    void end_pointing(); ///< with the marks taken so far

    /// From the sheet's place to the bed of the machine that it is loaded into.
    [[nodiscard]] Transform to_bed() const;

  signals:
    void loading();  ///< a sheet is laid in
    void accepted(); ///< the print was found well enough to cut

  private:
    Model& model;
    RunStage& stage;
    LatestOnly& work;
    PrintedSheet& printed;
    const PracticeFaults& faults;
    ChosenMachine& machine;
    MarkMethod how = MarkMethod::sensor;
    std::shared_ptr<const Scan> seen = std::make_shared<const Scan>();
    std::optional<LoadedSheet> loaded;
    std::optional<FoundPrint> found;
    Registration shown;
    std::uint64_t loading_number = 0; ///< so that what was seen of one loading is not taken for another's
    Point hand, kept;                 ///< of the nudge, in the machine's profile
    std::vector<std::size_t> to_point; ///< marks, in the order in which they are asked for
    std::size_t asked = 0;             ///< of these
    bool takes_on_arrival = false;
    std::vector<std::optional<Point>> pointed_at; ///< by mark, machine mm
    std::vector<std::optional<Point>> shown_marks;

    bool lay_in(); ///< a sheet, anew; false when there is none or this is no time for it
    void look_for_marks();
    /// @param seen_marks  by mark, what a sensor found of them, in the sheet's place; may be empty
    void begin_pointing(const std::vector<std::optional<Point>>& seen_marks = {});
    void go_to_wanted();
    void judge(FoundPrint print);
    void take_here();
    void unload();
    [[nodiscard]] bool has_head() const { return loaded && !machine.is_practice(); }
    [[nodiscard]] Point on_machine(Point place) const; ///< where the light, or the blade, is then
    [[nodiscard]] Point in_place(Point on_machine) const;
};

} // namespace fusuma::app
