#include "core/trace/clean.h"

#include "core/geometry/boolean.h"
#include "core/geometry/edge_grid.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/trace/fit.h"

namespace fusuma {

namespace {

constexpr double clean_flat_mm = 0.002;
constexpr double bridge_overlap_mm = 0.01; // how far bridges reach into what they join

/// Does the piece touch the outline in two places or more, rather than fill a corner or a hole?
bool is_bridge(const Polygon& piece, const EdgeGrid& outline) {
    std::size_t changes = 0;
    bool was_touching = outline.is_near(piece.back(), bridge_overlap_mm);
    for (const Point p : piece) {
        const bool touches = outline.is_near(p, bridge_overlap_mm);
        changes += touches != was_touching;
        was_touching = touches;
    }
    return changes >= 4;
}

/// Points along the edges, so that no stretch between them goes unseen.
Polygon dense(const Polygon& polygon, double spacing) {
    Polygon result;
    for (std::size_t i = 0; i < polygon.size(); ++i) {
        const Point to = polygon[(i + 1) % polygon.size()];
        const int steps = std::clamp(static_cast<int>(distance(polygon[i], to) / spacing), 1, 1000);
        for (int k = 0; k < steps; ++k)
            result.push_back(lerp(polygon[i], to, static_cast<double>(k) / steps));
    }
    return result;
}

/// The contours as they were where joining left them alone, and curves fitted anew where it did not.
Outline refitted(const Polygons& joined, const Outline& before) {
    Outline result;
    std::vector<Rect> boxes;
    for (const Contour& contour : before.contours)
        boxes.push_back(bounds(contour));
    for (const Polygon& polygon : joined) {
        const Rect box = bounds(polygon);
        const auto same = std::find_if(boxes.begin(), boxes.end(), [&](const Rect& b) {
            return distance(b.min, box.min) < 2 * clean_flat_mm && distance(b.max, box.max) < 2 * clean_flat_mm;
        });
        const Contour* known =
            same == boxes.end() ? nullptr : &before.contours[static_cast<std::size_t>(same - boxes.begin())];
        const double area = signed_area(polygon);
        const bool unchanged = known && std::abs(signed_area(*known) - area) < clean_flat_mm * length(*known);
        result.contours.push_back(unchanged ? *known : fit_exact_polygon(polygon, 2 * clean_flat_mm));
    }
    return result;
}

} // namespace

Cleaned cleaned(const Outline& outline, const CleanUp& settings) {
    Cleaned result{settings.gaps > 0 ? bridged(outline, settings.gaps) : outline, {}};
    result.dropped = take_out_with_contents(result.outline, [&](const Contour& contour) {
        const double area = signed_area(contour);
        return area >= 0 ? area < settings.specks : settings.outer_only || -area < settings.holes;
    });
    return result;
}

Outline bridged(const Outline& outline, double gap) {
    const Polygons shape = flatten(outline, clean_flat_mm);
    const double reach = gap / 2;
    // Shrunk by a hair more than grown, so that nothing but real fillings is left over beside the shape.
    constexpr double hair = 0.004;
    const Polygons closed = grown(grown(shape, {.width = reach, .arc_tolerance = clean_flat_mm}),
                                  {.width = -reach - hair, .arc_tolerance = clean_flat_mm});
    const EdgeGrid edges(shape);
    Polygons bridges;
    for (const Polygon& piece : combine(closed, shape, Combine::take_out))
        if (signed_area(piece) > hair * reach && is_bridge(dense(piece, reach / 4), edges))
            bridges.push_back(piece);
    if (bridges.empty())
        return outline;
    return refitted(
        combine(shape, grown(bridges, {.width = bridge_overlap_mm, .arc_tolerance = clean_flat_mm}), Combine::join),
        outline);
}

std::optional<Thinnest> thinnest_place(const Outline& outline) {
    const Polygons shape = flatten(outline, 0.01);
    const EdgeGrid edges(shape);
    const Rect box = bounds(shape);
    double total = 0;
    for (std::size_t k = 0; k < shape.size(); ++k)
        total += edges.perimeter(k);
    if (box.empty() || total <= 0)
        return std::nullopt;
    constexpr double samples = 4000;
    constexpr double facing = -0.7;     // cosine between the two edges' inward directions
    constexpr double around_a_tip = 10; // widths; closer along the edge and it is the same tip
    const double spacing = std::max(0.02, total / samples);
    std::optional<Thinnest> best;
    double most = std::hypot(box.width(), box.height());
    for (std::size_t k = 0; k < shape.size(); ++k) {
        double along = 0, next = 0;
        for (std::size_t i = 0; i < shape[k].size(); ++i) {
            const Point from = shape[k][i], to = shape[k][(i + 1) % shape[k].size()];
            const double length = distance(from, to);
            const Point direction = unit(to - from);
            const Point inward{direction.y, -direction.x}; // outer contours run counter-clockwise on screen
            for (; next < along + length; next += spacing) {
                const Point p = from + (next - along) * direction;
                const auto hit = edges.first_hit(p, inward, 1e-6, most);
                if (!hit)
                    continue;
                const Point other = unit(hit->edge->to - hit->edge->from);
                if (dot(Point{other.y, -other.x}, inward) > facing)
                    continue;
                const Point at = p + hit->distance * inward;
                const double apart = std::abs(hit->edge->along + distance(hit->edge->from, at) - next);
                const double around = std::min(apart, edges.perimeter(k) - apart);
                if (hit->edge->polygon == k && around < around_a_tip * hit->distance && around < edges.perimeter(k) / 3)
                    continue;
                best = Thinnest{hit->distance, p, at};
                most = hit->distance;
            }
            along += length;
        }
    }
    return best;
}

} // namespace fusuma
