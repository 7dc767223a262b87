#pragma once

#include "core/geometry/edge_grid.h"

#include <cmath>
#include <vector>

namespace fusuma {

/// How far every place is from a region's edge, negative inside, on a grid of nodes with straight lines between. Exact
/// at the nodes; between them off by at most half a cell, so what it allows is to be checked on the shapes.
class DistanceField {
  public:
    /// @param region  even-odd polygons, mm
    /// @param cell    mm between nodes
    /// @param margin  mm round the region's box that the grid covers; beyond, distances are lower bounds
    /// @param reach   mm; what is farther counts as that far, which takes less work to find out
    DistanceField(const Polygons& region, double cell, double margin, double reach = HUGE_VAL);

    [[nodiscard]] double at(Point p) const;

  private:
    Point origin;
    double cell;
    int columns = 0, rows = 0;
    std::vector<float> nodes;

    float& node(int column, int row) {
        return nodes[static_cast<std::size_t>(row) * static_cast<std::size_t>(columns) +
                     static_cast<std::size_t>(column)];
    }
    void mark_inside(const Polygons& region);
    struct Square {
        int left, top, side; ///< in nodes
    };
    void measure(const EdgeGrid::NearEdges& of_larger, Square square, double reach);
};

} // namespace fusuma
