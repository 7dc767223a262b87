#pragma once

#include "core/geometry/outline.h"
#include "core/raster/image.h"

#include <string>
#include <unordered_map>
#include <vector>

namespace fusuma::test {

/// The alpha of an SVG drawing as librsvg renders it, its longer side `side_px` pixels. Empty when it cannot be read.
[[nodiscard]] Coverage rendered_alpha(const std::string& svg_path, int side_px);

/// Where an SVG drawing's edge truly is: the half level of its alpha, rendered `finer` times finer than `side_px` and
/// told in pixels of the coarse picture. Shares no code with the tracer that it judges.
class VectorTruth {
  public:
    VectorTruth(const std::string& svg_path, int side_px, int finer);

    /// Distance in coarse pixels to the nearest edge, at most `farthest`.
    [[nodiscard]] double distance_to(Point p) const;
    [[nodiscard]] bool empty() const { return edges.empty(); }

    static constexpr double farthest = 3;

  private:
    struct Edge {
        Point from, to;
    };
    std::unordered_map<long, std::vector<Edge>> edges; // by coarse pixel

    void add(Edge edge);
};

/// How far an outline lies from the truth: over points every two pixels along it.
struct BoundaryDistance {
    double mean = 0, worst = 0;
};
[[nodiscard]] BoundaryDistance boundary_distance(const Outline& outline, const VectorTruth& truth);

} // namespace fusuma::test
