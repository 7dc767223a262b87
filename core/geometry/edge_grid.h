#pragma once

#include "core/geometry/outline.h"

#include <cstdint>
#include <optional>

namespace fusuma {

/// The edges of polygons sorted into the cells of a grid, so that asking what is near costs little however many there
/// are.
class EdgeGrid {
  public:
    struct Edge {
        Point from, to;
        std::size_t polygon = 0;
        double along = 0; ///< length from the polygon's first point to `from`
    };
    struct Hit {
        double distance = 0; ///< from the ray's start
        const Edge* edge = nullptr;
    };

    explicit EdgeGrid(const Polygons& polygons);

    /// Is any edge within `reach` of the point?
    [[nodiscard]] bool is_near(Point p, double reach) const;
    /// How far the nearest edge is; `most` when none is nearer.
    [[nodiscard]] double distance_to(Point p, double most) const;
    /// The first edge that a ray meets farther than `least` and at most `most` away.
    /// @param direction  unit length
    [[nodiscard]] std::optional<Hit> first_hit(Point from, Point direction, double least, double most) const;

    [[nodiscard]] double perimeter(std::size_t polygon) const { return perimeters[polygon]; }

  private:
    Rect box;
    double cell = 1;
    int columns = 0, rows = 0;
    std::vector<Edge> edges;
    std::vector<double> perimeters;
    std::vector<std::vector<std::uint32_t>> cells;

    [[nodiscard]] int column_of(double x) const;
    [[nodiscard]] int row_of(double y) const;
    [[nodiscard]] const std::vector<std::uint32_t>& cell_at(int column, int row) const {
        return cells[static_cast<std::size_t>(row) * static_cast<std::size_t>(columns) +
                     static_cast<std::size_t>(column)];
    }
};

} // namespace fusuma
