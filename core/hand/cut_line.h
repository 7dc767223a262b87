#pragma once

#include "core/geometry/outline.h"

#include <optional>
#include <vector>

namespace fusuma {

/// One line of the cut in the form in which people edit it.
struct CutLine {
    Contour path; ///< when open, its last segment ends where it will, not at the start
    bool is_open = false;
    int follows = -1;       ///< which contour of the derived cut line it is; -1 for one that was drawn freely
    std::vector<char> kept; ///< for each segment: still the derived line's own
    bool operator==(const CutLine&) const = default;

    [[nodiscard]] std::size_t node_count() const { return path.segments.size() + (is_open ? 1 : 0); }
};
using CutLines = std::vector<CutLine>;

/// Closed lines as the region they bound.
[[nodiscard]] Outline closed_lines(const CutLines& lines);

// Nodes. Node k of a line is where its segment k begins; an open line has one more, where its last segment ends.

struct NodePlace {
    std::size_t line = 0, node = 0;
    auto operator<=>(const NodePlace&) const = default;
};

[[nodiscard]] Point node_at(const CutLine& line, std::size_t node);

/// The handles of a node: the curve's control point before it and the one behind it. None beside straight segments.
enum class HandleSide { before, behind };
[[nodiscard]] std::optional<Point> handle_at(const CutLine& line, std::size_t node, HandleSide side);
/// Do both handles lie on one line through the node, so that the curve runs smoothly through it?
[[nodiscard]] bool is_smooth(const CutLine& line, std::size_t node);

/// A place on a line between its nodes.
struct LinePlace {
    std::size_t line = 0, segment = 0;
    double t = 0; ///< 0–1 along the segment
    Point at;
    double distance = 0; ///< from the point asked about
};
/// The place nearest to a point; nothing when there are no lines.
[[nodiscard]] std::optional<LinePlace> nearest_place(const CutLines& lines, Point p);

// Edits. Each takes the lines and returns them changed; places that are not there change nothing.

[[nodiscard]] CutLines with_nodes_moved(CutLines lines, const std::vector<NodePlace>& nodes, Point by);
/// Puts a handle somewhere else. A smooth node stays smooth: its other handle turns along.
[[nodiscard]] CutLines with_handle_moved(CutLines lines, NodePlace node, HandleSide side, Point to);
/// The segments beside a node become one. A line that is left with a single node, or with no inside, goes altogether.
[[nodiscard]] CutLines with_nodes_deleted(CutLines lines, std::vector<NodePlace> nodes);
/// A node more, which leaves the curve as it is.
[[nodiscard]] CutLines with_node_inserted(CutLines lines, const LinePlace& place);
/// Lays a node's handles on one line; straight segments become curves.
[[nodiscard]] CutLines with_smooth_nodes(CutLines lines, const std::vector<NodePlace>& nodes);
/// Points a node's handles straight at its neighbours, so that the line turns sharply.
[[nodiscard]] CutLines with_corner_nodes(CutLines lines, const std::vector<NodePlace>& nodes);
/// The segment that begins at a node straightened, or made a curve that can be bent.
[[nodiscard]] CutLines with_segment_straight(CutLines lines, NodePlace begin);
[[nodiscard]] CutLines with_segment_curved(CutLines lines, NodePlace begin);
/// Opens a closed line at a node, or parts an open one in two.
[[nodiscard]] CutLines broken_at(CutLines lines, NodePlace node);
/// Joins two ends of open lines, which may be the same line's: ends within `tolerance` mm become one node, others are
/// joined by a straight segment.
[[nodiscard]] CutLines with_ends_joined(CutLines lines, NodePlace a, NodePlace b, double tolerance);
/// Is the node the first or the last of an open line?
[[nodiscard]] bool is_end(const CutLines& lines, NodePlace node);

/// A stroke of the hand as a smooth line, open or closed.
/// @param points     mm, at least 2
/// @param tolerance  mm, how far the line may stray from the points
[[nodiscard]] CutLine drawn_line(std::vector<Point> points, bool is_open, double tolerance);

} // namespace fusuma
