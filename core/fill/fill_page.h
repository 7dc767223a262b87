#pragma once

#include "core/fill/distance_field.h"
#include "core/fill/fill.h"
#include "core/geometry/region.h"
#include "core/geometry/transform.h"

#include <cstddef>
#include <memory>

namespace fusuma {

/// An item made ready for many quick questions.
struct ReadyItem {
    /// @param sight  as the page's, mm
    ReadyItem(const FillItem& item, double gap, double cell, double sight);

    Polygons outline;
    Regions inside;  ///< of the outline
    double need = 0; ///< mm to any other cut line
    double bleed = 0;
    double area = 0;            ///< mm²
    double radius = 0;          ///< mm from the middle to the farthest point
    DistanceField field;        ///< of the outline
    std::vector<Point> samples; ///< of its edge, and some inside
    PointRows edge;             ///< `spacing` mm apart or a little less
    PointRows rough_edge;       ///< the same `few_per` times as far apart
    double spacing = 0;

    static constexpr int few_per = 3;
};

/// A piece at one turn.
struct Posture {
    Posture(const ReadyItem& piece, std::size_t item, double turn);

    const ReadyItem* piece;
    std::size_t item;
    double turn;
    double cosine, sine;
    Polygons outline; ///< turned

    /// Does it cover a place, seen from its own middle?
    [[nodiscard]] bool covers(Point p) const {
        return piece->inside.contains({cosine * p.x + sine * p.y, -sine * p.x + cosine * p.y});
    }
    std::vector<Point> samples; ///< turned
    Rect box;                   ///< of the outline
};

/// The page while it is being filled: the zone, what stands on it, and how far every place is from it.
class FillPage {
  public:
    FillPage(const FillTask& task, double cell);

    /// Where the middle of a posture may lie at all.
    [[nodiscard]] Rect room_for(const Posture& posture) const;

    /// How a posture lies at a place.
    struct Fit {
        double clearance = 0; ///< mm farther from everything than it must be; negative when it is too near
        double snugness = 0;  ///< the share of its edge that lies close to something, 0–1
    };
    /// Stops looking once the clearance is known to be below `enough`.
    [[nodiscard]] Fit fit(const Posture& posture, Point at, double enough) const;
    /// How near the piece lies to everything, and to a place `beyond` mm before it.
    /// @param edge  of the piece
    [[nodiscard]] Nearness nearness(const Posture& posture, const PointRows& edge, Point at, double beyond) const;

    /// Does the posture keep every distance at this place, on the outlines themselves?
    [[nodiscard]] bool is_allowed(const Posture& posture, Point at) const;

    /// What a copy that stays where it is has in place of a posture.
    struct FixedShape {
        Regions inside;
        DistanceField field;
    };
    struct Standing {
        const Posture* posture = nullptr; ///< null for a fixed copy
        Point at;
        Polygons outline; ///< on the paper
        Rect box;
        double need = 0;
        std::shared_ptr<const FixedShape> fixed{}; ///< of a fixed copy only

        /// Does the copy cover a place of the paper?
        [[nodiscard]] bool covers(Point p) const;
    };
    void put(const Posture& posture, Point at);
    /// Takes copies away, given by rising indices; returns the box within which places may have come free.
    Rect take(const std::vector<std::size_t>& standing);
    [[nodiscard]] const std::vector<Standing>& standing() const { return all; }

    /// The farthest that anything looks round itself, mm: past the widest gap.
    [[nodiscard]] double sight() const { return far; }

    [[nodiscard]] const Rect& extent() const { return box; }
    [[nodiscard]] double cell_size() const { return cell; }
    /// How much farther from every copy than that needs, and from the zone's edge, a place is; negative where nothing
    /// may be.
    [[nodiscard]] double room_at(Point p) const;

  private:
    struct ZoneFor {
        Polygons zone;
        Regions inside;
        DistanceField field; ///< negative where lines may lie
    };
    double gap, cell, far;
    Rect box;
    struct Layer {
        std::shared_ptr<const ZoneFor> zone;
        std::vector<float> spare; ///< the least of the distances to copies, less what they need, and to the zone's edge
    };
    std::vector<std::pair<double, Layer>> layers; ///< by bleed
    std::vector<Standing> all;
    Point origin;
    int columns = 0, rows = 0;
    std::vector<float> to_copy; ///< distance to the nearest copy

    [[nodiscard]] const Layer& layer_for(double bleed) const;
    /// Four nodes, and where a place lies between them, 0–1.
    struct Cell {
        std::ptrdiff_t node = -1; ///< the top left one; negative outside the zone
        double across = 0, down = 0;
    };
    /// @param u, v  cells from the first node
    [[nodiscard]] Cell cell_at(double u, double v) const {
        if (!(u >= 0 && v >= 0 && u < columns - 1 && v < rows - 1))
            return {};
        const int c = static_cast<int>(u), r = static_cast<int>(v);
        return {static_cast<std::ptrdiff_t>(r) * columns + c, u - c, v - r};
    }
    [[nodiscard]] double between(const std::vector<float>& nodes, const Cell& place) const {
        if (place.node < 0)
            return -far; // outside the zone
        const float* top = nodes.data() + place.node;
        const float* bottom = top + columns;
        return (1 - place.down) * ((1 - place.across) * top[0] + place.across * top[1]) +
               place.down * ((1 - place.across) * bottom[0] + place.across * bottom[1]);
    }
    void stamp(const Standing& copy, const Rect& within);
};

} // namespace fusuma
