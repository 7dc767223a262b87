#pragma once

#include "core/geometry/outline.h"

#include <algorithm>
#include <cstdint>
#include <optional>
#include <vector>

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
    using NearEdges = std::vector<const Edge*>;
    struct Hit {
        double distance = 0; ///< from the ray's start
        const Edge* edge = nullptr;
    };

    explicit EdgeGrid(const Polygons& polygons);

    [[nodiscard]] static double squared_distance(Point p, const Edge& edge) {
        const Point along = edge.to - edge.from;
        const double squared = dot(along, along);
        const double t = squared > 0 ? std::clamp(dot(p - edge.from, along) / squared, 0.0, 1.0) : 0;
        const Point off = p - (edge.from + t * along);
        return dot(off, off);
    }

    /// Is any edge within `reach` of the point?
    [[nodiscard]] bool is_near(Point p, double reach) const;
    /// How far the nearest edge is; `most` when none is nearer.
    [[nodiscard]] double distance_to(Point p, double most) const;
    /// Every edge that is nearest to some place within `spread` of the centre, and few more; those of places that have
    /// none nearer than `most` may be missing.
    [[nodiscard]] NearEdges nearest_round(Point centre, double spread, double most) const;
    /// The same of these, which have to hold all of them.
    [[nodiscard]] static NearEdges nearest_round(Point centre, double spread, const NearEdges& of);
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

    /// Is it so of any edge in the cells that reach to within `reach` of the point? Edges are asked once for each cell.
    template <typename Test> [[nodiscard]] bool any_near(Point p, double reach, Test is_so) const {
        for (int r = row_of(p.y - reach); r <= row_of(p.y + reach); ++r)
            for (int c = column_of(p.x - reach); c <= column_of(p.x + reach); ++c)
                for (const std::uint32_t e : cell_at(c, r))
                    if (is_so(edges[e]))
                        return true;
        return false;
    }
    [[nodiscard]] int column_of(double x) const;
    [[nodiscard]] int row_of(double y) const;
    [[nodiscard]] const std::vector<std::uint32_t>& cell_at(int column, int row) const {
        return cells[static_cast<std::size_t>(row) * static_cast<std::size_t>(columns) +
                     static_cast<std::size_t>(column)];
    }
};

} // namespace fusuma
