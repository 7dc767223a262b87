#include "core/trace/trace.h"

#include "core/geometry/measure.h"
#include "core/trace/contour.h"
#include "core/trace/fit.h"

#include <atomic>
#include <thread>

namespace fusuma {

namespace {

/// The share of points that lie exactly half-way between two pixel centres, as all do on edges without soft pixels.
double hard_share(const Polygon& points) {
    std::size_t hard = 0;
    for (const Point p : points)
        hard += 2 * p.x == std::floor(2 * p.x) && 2 * p.y == std::floor(2 * p.y);
    return static_cast<double>(hard) / static_cast<double>(points.size());
}

/// A running mean over `reach` points on either side, closed.
Polygon averaged(const Polygon& points, std::size_t reach) {
    const std::size_t n = points.size();
    Polygon result(n);
    Point sum;
    for (std::size_t k = 0; k <= 2 * reach; ++k)
        sum = sum + points[(n + k - reach) % n];
    for (std::size_t i = 0; i < n; ++i) {
        result[i] = (1.0 / static_cast<double>(2 * reach + 1)) * sum;
        sum = sum + points[(i + reach + 1) % n] - points[(i + n - reach) % n];
    }
    return result;
}

/// Corners of a staircase: where its two sides, seen over `span` points, turn clearly and more than around.
std::vector<Corner> staircase_corners(const Polygon& points) {
    constexpr std::size_t span = 9;
    constexpr double least_turn = 0.75; // 43°, more than a circle of 10 px radius turns over the span
    const std::size_t n = points.size();
    std::vector<double> turn(n);
    for (std::size_t i = 0; i < n; ++i) {
        const Point in = points[i] - points[(i + n - span) % n], out = points[(i + span) % n] - points[i];
        turn[i] = std::abs(std::atan2(cross(in, out), dot(in, out)));
    }
    std::vector<Corner> corners;
    for (std::size_t i = 0; i < n; ++i) {
        bool sharpest = turn[i] > least_turn;
        for (std::size_t k = 1; k < span && sharpest; ++k)
            sharpest = turn[i] >= turn[(i + k) % n] && turn[i] > turn[(i + n - k) % n];
        if (sharpest)
            corners.push_back({i, points[i]});
    }
    return corners;
}

/// Edges without soft pixels are staircases. Following every step would take a node a pixel and cut like a saw, so they
/// are evened out first and followed within half a pixel, which is all that such a picture knows of its edge.
Contour fitted_staircase(const Polygon& points, double detail_px) {
    const Polygon even = averaged(averaged(points, 2), 2);
    const double tolerance = std::max(detail_px, 0.4);
    return fit_closed(
        even, staircase_corners(even),
        {.tolerance = tolerance, .line_tolerance = 0.7 * tolerance, .corner_skip = 1.5, .even_out = false});
}

Contour fitted(const Polygon& points, double detail_px) {
    const Contour fine =
        fit_closed(points, blunted_corners(points), {.tolerance = detail_px, .line_tolerance = 0.7 * detail_px});
    constexpr std::size_t crowded = 7; // fewer points than this to a piece
    const bool is_saw = points.size() >= 40 && fine.segments.size() * crowded > points.size();
    return is_saw && hard_share(points) > 0.6 ? fitted_staircase(points, detail_px) : fine;
}

} // namespace

Outline trace(const Coverage& coverage, const TraceSettings& settings) {
    const Polygons contours = iso_contours(coverage, settings.threshold);
    Outline outline;
    outline.contours.resize(contours.size());
    // Contours do not depend on each other, so every core takes the next one that is left.
    std::atomic<std::size_t> next{0};
    const auto work = [&] {
        for (std::size_t i; (i = next++) < contours.size();)
            outline.contours[i] = fitted(contours[i], settings.detail_px);
    };
    std::size_t points = 0;
    for (const Polygon& contour : contours)
        points += contour.size();
    std::vector<std::jthread> helpers;
    constexpr std::size_t worth_a_thread = 4000; // points
    for (std::size_t cores = std::thread::hardware_concurrency(); cores > 1 && points > worth_a_thread; --cores)
        helpers.emplace_back(work);
    work();
    helpers.clear(); // waits for them
    return outline;
}

Outline without_specks(const Outline& outline, double least) {
    Outline kept;
    for (const Contour& contour : outline.contours)
        if (std::abs(signed_area(contour)) >= least)
            kept.contours.push_back(contour);
    return kept;
}

} // namespace fusuma
