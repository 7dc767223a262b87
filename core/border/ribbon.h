#pragma once

#include "core/geometry/edge_grid.h"
#include "core/geometry/outline.h"
#include "core/geometry/region.h"

#include <optional>
#include <vector>

namespace fusuma {

/// A place along the cut line.
struct RibbonSample {
    Point at;      ///< mm
    Point outward; ///< unit vector to the waste side
    double art =
        0; ///< mm from the cut line inward to the art's edge: paper or rim lies between. Negative: it cuts into art
};

/// One contour of the cut line.
struct RibbonRun {
    std::size_t first = 0, last = 0; ///< its samples are first … last − 1, evenly spaced
    double from = 0, length = 0;     ///< mm along the whole ribbon
    bool is_hole = false;
};

/// The cut line unrolled: sample by sample along the outer contours, the longest first, then along the holes.
struct Ribbon {
    std::vector<RibbonSample> samples;
    std::vector<RibbonRun> runs;
    double length = 0;                            ///< mm
    std::optional<std::size_t> narrowest, widest; ///< samples; none when there is no art

    /// The sample at a distance along the ribbon, mm.
    [[nodiscard]] std::size_t sample_at(double along) const;
    /// How far along the ribbon a sample is, mm.
    [[nodiscard]] double along(std::size_t sample) const;
    /// The sample nearest to a point, and nothing when there are no samples.
    [[nodiscard]] std::optional<std::size_t> nearest_to(Point p) const;
};

/// What may be wrong with a place.
enum class Flaw {
    none,
    sliver,  ///< so little paper lies between cut and art that a slip runs into the art
    into_art ///< the cut goes deeper into the art than the border asks
};
struct FlawLimits {
    double slip = 0.5;         ///< mm that the cut may lie off the print
    double reach = 0;          ///< mm from art to cut by the border; negative where it is to cut into the art
    bool is_paper_seen = true; ///< paper, not a printed rim, lies between art and cut
};
[[nodiscard]] Flaw flaw_of(const RibbonSample& sample, const FlawLimits& limits);
/// How many stretches of a ribbon have a flaw.
[[nodiscard]] std::size_t stretches_with(const Ribbon& ribbon, Flaw flaw, const FlawLimits& limits);

/// The outline of art made ready to be measured to, for all cut lines that go round it.
struct MeasuredArt {
    Polygons edges; ///< mm
    EdgeGrid grid;
    Regions inside;

    MeasuredArt(const Outline& art);
};

/// @param cut      closed contours, outer ones counter-clockwise on screen
/// @param spacing  mm between samples, > 0; wider on lines so long that there would be more than 8,000
[[nodiscard]] Ribbon ribbon_along(const Outline& cut, const MeasuredArt& art, double spacing);

} // namespace fusuma
