#pragma once

#include "core/machine/machine.h"
#include "core/machine/reach.h"
#include "core/plan/cut_page.h"
#include "core/registration/locate.h"

#include <memory>
#include <utility>

namespace fusuma {

class FoundPrint;

/// One laying of a sheet into a machine. What begins a job there may set where nought is, so it is sent once, before
/// the head moves at all, and not again after places were pointed at.
class Loading {
  public:
    /// True the first time.
    bool begins() { return !std::exchange(has_begun, true); }

  private:
    bool has_begun = false;
};

/// What a machine is to do for one page of a sheet that was found in it. Only a print that was found makes one, so a
/// job for one machine, or for an earlier loading, cannot be sent to another: it knows its machine, and nobody else is
/// asked.
class MachineJob {
  public:
    [[nodiscard]] const CutJob& cut() const& { return job; } ///< in the bed's mm
    [[nodiscard]] CutJob cut() && { return std::move(job); }
    [[nodiscard]] const Machine& machine() const { return *target; }
    [[nodiscard]] const Material& material() const { return tools; }
    [[nodiscard]] Loading& loading() const { return *laid; }
    /// How long all of it takes, one run, or the way to one, as learnt from the machine.
    [[nodiscard]] double seconds() const;
    [[nodiscard]] double seconds_of(std::size_t run) const;
    [[nodiscard]] double seconds_to(std::size_t run) const;
    [[nodiscard]] std::vector<OutOfReach> out_of_reach() const { return fusuma::out_of_reach(job, *target); }

  private:
    friend class FoundPrint;
    MachineJob(std::shared_ptr<const Machine> machine, std::shared_ptr<Loading> loading, CutJob cuts, Material material,
               const Motion& motion)
        : target(std::move(machine)), laid(std::move(loading)), job(std::move(cuts)), tools(std::move(material)),
          moves(motion) {}

    std::shared_ptr<const Machine> target;
    std::shared_ptr<Loading> laid;
    CutJob job;
    Material tools;
    Motion moves;
};

/// Where a print lies in the machine that it was loaded into.
class FoundPrint {
  public:
    /// Its fit leads from the paper's to the bed's mm.
    [[nodiscard]] const Registration& registration() const { return where; }
    [[nodiscard]] const Machine& machine() const { return *target; }
    /// Moves what is cut from now on, mm right and towards the person: what a first look at the cut tells.
    void nudge(Point by) { nudged = nudged + by; }
    [[nodiscard]] Point nudged_by() const { return nudged; }

    /// @param cuts    in the paper's mm
    /// @param cutter  whose correction and motion count
    [[nodiscard]] MachineJob job(const std::vector<CutPath>& cuts, const CutterProfile& cutter,
                                 const Material& material) const;

  private:
    friend class LoadedSheet;
    FoundPrint(std::shared_ptr<const Machine> machine, std::shared_ptr<Loading> loading, Size size,
               Registration registration)
        : target(std::move(machine)), laid(std::move(loading)), paper(size), where(std::move(registration)) {}

    std::shared_ptr<const Machine> target;
    std::shared_ptr<Loading> laid;
    Size paper;
    Registration where;
    Point nudged;
};

/// A sheet of paper that was laid into a machine once. Laid in again it is another.
class LoadedSheet {
  public:
    LoadedSheet(std::shared_ptr<const Machine> machine, Size size) : target(std::move(machine)), paper(size) {}

    [[nodiscard]] const Machine& machine() const { return *target; }
    [[nodiscard]] Loading& loading() const { return *laid; }
    /// Where a mark lies, machine mm, when the paper lies in its corner: the first place to look.
    [[nodiscard]] Point expected(Point on_paper) const;
    /// The same by what was pointed at so far.
    [[nodiscard]] Point expected(Point on_paper, const std::vector<Mark>& marks,
                                 const std::vector<std::optional<Point>>& pointed) const;

    /// @param pointed  by mark, machine mm; at least three, not on one line
    [[nodiscard]] FoundPrint by_hand(const std::vector<Mark>& marks,
                                     const std::vector<std::optional<Point>>& pointed) const;
    /// By the paper's edge: nothing checks where the print lies.
    [[nodiscard]] FoundPrint by_edge() const;
    /// As a sensor found it.
    /// @param registration  its fit leads from the paper's to the bed's mm
    [[nodiscard]] FoundPrint by_sensor(Registration registration) const;

  private:
    std::shared_ptr<const Machine> target;
    Size paper;
    std::shared_ptr<Loading> laid = std::make_shared<Loading>();

    [[nodiscard]] std::vector<std::optional<Point>> on_bed(const std::vector<std::optional<Point>>& pointed) const;
};

/// A page's cuts for no machine in particular: one with nothing special, into which the paper is laid straight.
[[nodiscard]] MachineJob plain_job(const std::vector<CutPath>& cuts, Size paper, const CutterProfile& cutter,
                                   const Material& material);

} // namespace fusuma
