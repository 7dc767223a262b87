#include "core/geometry/box_grid.h"

#include <algorithm>

namespace fusuma {

BoxGrid::BoxGrid(std::vector<Rect> boxes) : all(std::move(boxes)) {
    double sides = 0;
    std::size_t count = 0;
    for (const Rect& box : all)
        if (!box.empty()) {
            whole.include(box);
            sides += box.width() + box.height();
            ++count;
        }
    if (whole.empty())
        return;
    // Cells about as large as a box, but never more cells than there could be use for.
    constexpr double most_per_side = 256;
    cell = std::max({sides / (2 * static_cast<double>(count)), whole.width() / most_per_side,
                     whole.height() / most_per_side, 1e-6});
    columns = static_cast<std::size_t>(whole.width() / cell) + 1;
    rows = static_cast<std::size_t>(whole.height() / cell) + 1;
    cells.resize(columns * rows);
    for (std::size_t i = 0; i < all.size(); ++i)
        for_cells(all[i], [&](std::size_t at) { cells[at].push_back(i); });
}

template <typename Visit> void BoxGrid::for_cells(const Rect& place, Visit&& visit) const {
    if (place.empty() || whole.empty() || !place.overlaps(whole))
        return;
    const auto line = [this](double mm, double from, std::size_t count) {
        return std::min(count - 1, static_cast<std::size_t>(std::max(0.0, mm - from) / cell));
    };
    for (std::size_t r = line(place.min.y, whole.min.y, rows); r <= line(place.max.y, whole.min.y, rows); ++r)
        for (std::size_t c = line(place.min.x, whole.min.x, columns); c <= line(place.max.x, whole.min.x, columns); ++c)
            visit(r * columns + c);
}

std::optional<std::vector<std::size_t>> BoxGrid::few_overlapping(const Rect& place, std::size_t most) const {
    std::vector<std::size_t> found;
    const auto each_once = [&found] {
        std::sort(found.begin(), found.end());
        found.erase(std::unique(found.begin(), found.end()), found.end());
    };
    bool are_more = false;
    for_cells(place, [&](std::size_t at) {
        std::size_t here = 0; // of this cell, each another
        for (std::size_t k = 0; k < cells[at].size() && !are_more; ++k) {
            if (!all[cells[at][k]].overlaps(place))
                continue;
            found.push_back(cells[at][k]);
            are_more = ++here > most;
            if (found.size() > 4 * most + 16) { // a box may lie in several cells
                each_once();
                are_more |= found.size() > most;
            }
        }
    });
    if (are_more)
        return std::nullopt;
    each_once();
    return found.size() > most ? std::nullopt : std::optional(std::move(found));
}

std::vector<std::size_t> BoxGrid::overlapping(const Rect& place) const {
    std::vector<std::size_t> found;
    for_cells(place, [&](std::size_t at) {
        for (const std::size_t i : cells[at])
            if (all[i].overlaps(place))
                found.push_back(i);
    });
    std::sort(found.begin(), found.end());
    found.erase(std::unique(found.begin(), found.end()), found.end());
    return found;
}

} // namespace fusuma
