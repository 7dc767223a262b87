#pragma once

#include "core/geometry/point.h"

#include <optional>
#include <vector>

namespace fusuma {

/// Boxes sorted into the cells of a grid, so that asking which lie near costs little however many there are.
class BoxGrid {
  public:
    explicit BoxGrid(std::vector<Rect> boxes); ///< empty ones are never found

    /// Indices of the boxes that overlap `place`, rising.
    [[nodiscard]] std::vector<std::size_t> overlapping(const Rect& place) const;
    /// The same unless there are more than `most`; nothing then, found out without going through all of them.
    [[nodiscard]] std::optional<std::vector<std::size_t>> few_overlapping(const Rect& place, std::size_t most) const;
    [[nodiscard]] const Rect& box(std::size_t index) const { return all[index]; }
    [[nodiscard]] std::size_t size() const { return all.size(); }

  private:
    std::vector<Rect> all;
    Rect whole;
    double cell = 1;
    std::size_t columns = 0, rows = 0;
    std::vector<std::vector<std::size_t>> cells;

    template <typename Visit> void for_cells(const Rect& place, Visit&& visit) const;
};

} // namespace fusuma
