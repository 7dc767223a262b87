#include "core/machine/reach.h"

#include <algorithm>
#include <cstdio>

namespace fusuma {

std::vector<OutOfReach> out_of_reach(const CutJob& job, const Machine& machine) {
    constexpr double tiny = 1e-6; // mm
    std::vector<OutOfReach> all;
    for (const CutRun& run : job.runs) {
        OutOfReach farthest{run.copy, tiny};
        const auto look = [&](double mm, Heading past) {
            if (mm > farthest.mm) {
                farthest.mm = mm;
                farthest.past = past;
            }
        };
        for (const Point p : run.axis) {
            look(-p.x, Heading::left);
            look(p.x - machine.bed.width, Heading::right);
            look(-p.y, Heading::up);
            look(p.y - machine.bed.height, Heading::down);
        }
        if (farthest.mm == tiny)
            continue;
        const auto known = std::ranges::find(all, run.copy, &OutOfReach::copy);
        if (known == all.end())
            all.push_back(farthest);
        else if (known->mm < farthest.mm)
            *known = farthest;
    }
    return all;
}

Said reach_words(const OutOfReach& what, const Document& document) {
    const Placement* copy = document.copy(what.copy);
    const auto sticker = copy ? document.find(copy->sticker) : nullptr;
    const Said edge = what.past == Heading::left    ? "at its left edge"_said
                      : what.past == Heading::right ? "at its right edge"_said
                      : what.past == Heading::up    ? "at its far edge"_said
                                                    : "at its near edge"_said;
    return (sticker ? "“{sticker}” would leave the machine's bed by {mm} mm {edge}"_said.with("sticker", sticker->name)
                    : "A line that divides the sheet would leave the machine's bed by {mm} mm {edge}"_said)
        .with("mm", std::max(0.1, what.mm), 1)
        .with("edge", edge);
}

} // namespace fusuma
