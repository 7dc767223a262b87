#pragma once

#include "core/geometry/outline.h"

#include <vector>

namespace fusuma {

/// A flattened line that can be entered anywhere and walked by its length. A closed one goes on round.
class Walk {
  public:
    Walk(std::vector<Point> line, bool closed); ///< closed lines end where they begin

    [[nodiscard]] double length() const { return along.back(); }
    [[nodiscard]] bool is_closed() const { return closed; }
    [[nodiscard]] Point at(double mm) const;
    /// From one place to another, 0 ≤ from < to; on a closed line `to` may lie past the end.
    [[nodiscard]] std::vector<Point> stretch(double from, double to) const;
    [[nodiscard]] const std::vector<Point>& line() const { return points; }

  private:
    std::vector<Point> points;
    std::vector<double> along; ///< mm up to each point
    bool closed;

    [[nodiscard]] std::size_t edge_at(double mm) const; ///< the edge that the place lies on
};

/// Places on a closed line where the blade may go in, mm along it: gentle stretches, away from thin tips and corners.
/// At least one; the line's own start for an open one.
[[nodiscard]] std::vector<double> gentle_starts(const Walk& walk);

} // namespace fusuma
