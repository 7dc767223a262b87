#pragma once

#include "core/words.h"
#include "core/plan/cut_page.h"
#include "core/plan/ticket.h"
#include "core/registration/locate.h"
#include "core/rehearsal/slip.h"
#include "devices/practice/practice_cutter.h"

namespace fusuma {

/// How the cutter is told where the print lies.
enum class MarkMethod { sensor, by_hand, paper_edge };
template <> inline constexpr std::array words<MarkMethod>{
    Word{MarkMethod::sensor, "sensor", "Sensor"},
    Word{MarkMethod::by_hand, "hand", "By hand"},
    Word{MarkMethod::paper_edge, "edge", "Paper edge"}};

/// The machine, what is cut, and where the print lies.
struct CuttingSetup {
    CutterProfile cutter;
    Material material;
    Transform fit; ///< from the paper's to the machine's millimetres, as found
};

/// Where the practice machine's blade goes for a job, by way of the very HP-GL that it is sent.
[[nodiscard]] std::vector<CutTrace> cut_by_practice(const CutJob& job, const Material& material, Size paper,
                                                    const MachineFaults& faults);

/// How a cut came out.
struct Judgement {
    double worst_error = 0; ///< mm that any place of a cut lies off its place in the print
    Transform moved;        ///< on the plan: where cuts really lie, over where they should
};
/// @param place  from where the plan has it to where the print truly lies in the machine
[[nodiscard]] Judgement judge(const CutJob& job, const std::vector<CutTrace>& traces, Size paper,
                              const CuttingSetup& setup, const Transform& place, const MachineFaults& faults);

struct RehearsalSetup {
    PracticeFaults faults;
    MarkMethod method = MarkMethod::sensor;
    double dpi = 300; ///< of the printed and scanned picture
};

/// One page printed, loaded, found and cut by the practice devices.
struct Rehearsal {
    QImage printed;
    Registration registration;
    CutJob job;                   ///< empty when the print was not found
    std::vector<CutTrace> traces; ///< machine mm
    Transform place;              ///< where the print truly lies
    Judgement judgement;
    std::vector<CopyId> faulty;
};
/// @param pdf    as printed
/// @param slips  of the same page
Result<Rehearsal> rehearse(const QByteArray& pdf, std::size_t page, const Ticket& ticket, const SlipSheet& slips,
                           const RehearsalSetup& setup, const Work& work = {});

/// Where a steady hand points when it is asked for the marks: a little off each, by the seed.
[[nodiscard]] std::vector<std::optional<Point>> pointed_at(const std::vector<Mark>& marks, const Transform& place,
                                                           const LoadFaults& load);

} // namespace fusuma
