#pragma once

#include "core/geometry/outline.h"

#include <cstdint>
#include <optional>

namespace fusuma {

/// One piece of an area: an outer contour with the holes that lie in it, in straight lines.
///
/// Held as polygons in one canonical form: the outer one counter-clockwise on screen, holes clockwise, none with fewer
/// than three corners or without area. Never may contours cross, a hole lie outside, or one hole in another; what lies
/// in a hole is a region of its own. Debug builds check all this wherever a region is made.
///
/// Insideness is asked of regions and nowhere else. Their edges are sorted into bins by height once, so that a question
/// looks at the few edges that pass its height.
class Region {
  public:
    /// @param outer  either way round
    explicit Region(Polygon outer, Polygons holes = {});

    [[nodiscard]] const Polygon& outer() const { return contours.front(); }
    /// The outer contour, then the holes.
    [[nodiscard]] const Polygons& polygons() const { return contours; }
    [[nodiscard]] const Rect& box() const { return extent; }
    [[nodiscard]] double area() const { return inside; } ///< the outer contour's less the holes', > 0
    /// On the edge either answer may come.
    [[nodiscard]] bool contains(Point p) const;

  private:
    struct Edge {
        Point from, to;
    };
    Polygons contours;
    Rect extent;
    double inside = 0;
    std::vector<Edge> edges;            ///< by bin, one that passes several stands in each
    std::vector<std::uint32_t> bin_end; ///< of each bin, where in `edges` it ends
    [[nodiscard]] std::size_t bin_of(double y) const;
};

/// Does the region keep its rules?
[[nodiscard]] bool is_valid(const Region& region);

/// An area of any number of regions that do not overlap.
class Regions {
  public:
    Regions() = default;
    /// @param polygons  read by the even-odd rule; they may cross themselves and each other
    explicit Regions(const Polygons& polygons);

    [[nodiscard]] const std::vector<Region>& pieces() const { return all; }
    [[nodiscard]] bool empty() const { return all.empty(); }
    [[nodiscard]] double area() const;
    [[nodiscard]] bool contains(Point p) const { return piece_at(p) != nullptr; }
    /// The piece that contains a place; null when none does.
    [[nodiscard]] const Region* piece_at(Point p) const;

  private:
    std::vector<Region> all;
};

/// Which line lies directly in which: for each the smallest that goes round it, by index; nothing for those that lie in
/// none. Lines must not cross. This is the one place where holes find their outer contours.
/// @param is_open  for each line, when some are not closed: these lie in others, but nothing lies in them
[[nodiscard]] std::vector<std::optional<std::size_t>> nesting_of(const Polygons& lines,
                                                                 const std::vector<char>& is_open = {});

/// How many lines go round each, by what `nesting_of` returned.
[[nodiscard]] std::vector<int> depths_of(const std::vector<std::optional<std::size_t>>& nesting);

} // namespace fusuma
