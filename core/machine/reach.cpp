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

std::string reach_words(const OutOfReach& what, const Document& document) {
    const Placement* copy = document.copy(what.copy);
    const auto sticker = copy ? document.find(copy->sticker) : nullptr;
    const char* edge = what.past == Heading::left    ? "left"
                       : what.past == Heading::right ? "right"
                       : what.past == Heading::up    ? "far"
                                                     : "near";
    char mm[32];
    std::snprintf(mm, sizeof mm, "%.1f", std::max(0.1, what.mm));
    for (char& c : mm)
        if (c == ',')
            c = '.';
    return (sticker ? "“" + sticker->name + "”" : std::string("A line that divides the sheet")) +
           " would leave the machine's bed by " + mm + " mm at its " + edge + " edge";
}

} // namespace fusuma
