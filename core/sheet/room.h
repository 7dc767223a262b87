#pragma once

#include "core/geometry/outline.h"

#include <map>
#include <optional>
#include <utility>
#include <vector>

namespace fusuma {

/// Which parts of a sheet are still free, on a grid of half-millimetre cells. A cell is free when all of it lies in the
/// zone and outside every blocked rectangle, so answers are safe and at most a cell short of the best.
class Room {
  public:
    /// @param zone  cut zone in mm
    explicit Room(const Polygons& zone);

    /// Takes a rectangle (mm) out of what is free.
    void block(const Rect& taken);
    /// Takes out all that does not lie in a rectangle.
    void keep_inside(const Rect& rect);

    /// Top-left corner of the first free place for a rectangle, going along rows from the top; nothing when none fits.
    [[nodiscard]] std::optional<Point> first_place(Size size);

    /// Top-left corner of the free place nearest to `wanted`, also a top-left corner.
    [[nodiscard]] std::optional<Point> nearest_place(Size size, Point wanted) const;

    /// The free axis-parallel rectangle of largest area, in mm; empty when nothing is free.
    [[nodiscard]] Rect largest_rectangle() const;

  private:
    Point origin;
    int columns = 0, rows = 0;
    std::vector<char> free_cells;
    std::map<std::pair<double, double>, int> rows_begun; ///< by size, the rows above which no place for it is left

    [[nodiscard]] std::size_t cell(int row, int column) const {
        return static_cast<std::size_t>(row) * static_cast<std::size_t>(columns) + static_cast<std::size_t>(column);
    }
    template <typename Visit> void for_each_place(Size size, int first_row, Visit&& visit) const;
};

} // namespace fusuma
