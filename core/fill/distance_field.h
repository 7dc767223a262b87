#pragma once

#include "core/geometry/edge_grid.h"
#include "core/geometry/transform.h"

#include <cmath>
#include <vector>

namespace fusuma {

/// Points in rows of numbers, so that all can be looked up at once.
struct PointRows {
    std::vector<float> x, y; ///< mm, as many of both
    std::vector<Rect> boxes; ///< round every `at_once` of them

    static constexpr std::size_t at_once = 16;
    PointRows() = default;
    /// @param points  those that follow each other should lie together
    explicit PointRows(const std::vector<Point>& points);
};

/// How near points are to something.
struct Nearness {
    float lacking = 0;       ///< mm that they are nearer than they may be, summed over those that are
    float least = HUGE_VALF; ///< mm, of how much farther they are; negative where any is too near
};
/// Looks points up between the nodes of a grid of distances, all at once. Beyond the grid its edge's values go on.
/// @param nodes   row by row, mm, at least two of both ways
/// @param map     from the points' mm to the grid, where nodes are whole numbers
/// @param need    mm
/// @param within  of the grid: points beyond are known to be far, and left out
[[nodiscard]] Nearness nearness(const float* nodes, int columns, int rows, const PointRows& points,
                                const Transform& map, double need, const Rect& within);

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
    /// How near the points are to the edge once they are moved. What is farther than `need` and `sight` together may be
    /// left out. The margin must be wider than that.
    [[nodiscard]] Nearness nearness(const PointRows& points, const Transform& moved, double need, double sight) const;

  private:
    Rect shape;
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
