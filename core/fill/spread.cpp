#include "core/fill/fill_page.h"
#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fusuma {

std::vector<FilledCopy> spread_evenly(const FillTask& task, std::vector<FilledCopy> copies, const Work& work) {
    constexpr double cell = 0.5;
    constexpr int ways = 8;
    if (copies.empty() || bounds(task.zone).empty())
        return copies;
    FillPage page(task, cell);
    const std::size_t fixed = page.standing().size();
    std::vector<std::unique_ptr<ReadyItem>> pieces;
    for (const FillItem& item : task.items)
        pieces.push_back(std::make_unique<ReadyItem>(item, task.gap, cell, page.sight()));
    std::vector<std::unique_ptr<Posture>> postures;
    for (const FilledCopy& copy : copies) {
        postures.push_back(std::make_unique<Posture>(*pieces[copy.item], copy.item, copy.turn));
        page.put(*postures.back(), copy.centre);
    }
    try {
        const std::vector<double> steps{4, 4, 3, 2, 2, 1, 1, 0.5, 0.25, 0.1};
        for (std::size_t round = 0; round < steps.size(); ++round)
            for (std::size_t i = 0; i < copies.size(); ++i) {
                work.at((static_cast<double>(round) + static_cast<double>(i) / static_cast<double>(copies.size())) /
                        static_cast<double>(steps.size()));
                // Taken out and put back at the end, so the next one is always the first that stands.
                page.take({fixed});
                Point best = copies[i].centre;
                double most = page.fit(*postures[i], best, -HUGE_VAL).clearance;
                for (int way = 0; way < ways; ++way) {
                    const double angle = 2 * std::numbers::pi * way / ways;
                    const Point p = copies[i].centre + steps[round] * Point{std::cos(angle), std::sin(angle)};
                    const double room = page.fit(*postures[i], p, most).clearance;
                    if (room > most + 0.01 && page.is_allowed(*postures[i], p)) {
                        most = room;
                        best = p;
                    }
                }
                copies[i].centre = best;
                page.put(*postures[i], best);
            }
    } catch (const Stopped&) { // as far as it came
    }
    return copies;
}

} // namespace fusuma
