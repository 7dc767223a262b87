#include "core/trace/trace.h"

#include "core/geometry/measure.h"
#include "core/parallel.h"
#include "core/trace/contour.h"
#include "core/trace/fit.h"

#include <algorithm>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <optional>
#include <utility>

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
std::vector<Corner> staircase_corners(const Polygon& points, std::size_t span) {
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
            corners.push_back({i, points[i], static_cast<double>(span) / 6});
    }
    return corners;
}

/// Edges without soft pixels are staircases. Following every step would take a node a pixel and cut like a saw, so they
/// are evened out first and followed within half a pixel, which is all that such a picture knows of its edge.
Contour fitted_staircase(const Polygon& points, double detail_px) {
    const Polygon even = averaged(averaged(points, 2), 2);
    const double tolerance = std::max(detail_px, 0.4);
    return fit_closed(even, staircase_corners(even, 9),
                      {.tolerance = tolerance, .line_tolerance = 0.7 * tolerance, .even_out = false});
}

/// An edge that wobbles, as scanned ink does, evened out over a length. What averaging takes off round shapes is put
/// back by averaging what it took (Taubin's two steps, SIGGRAPH 1995, from memory, with equal weights).
Contour fitted_smoothly(const Polygon& points, const TraceSettings& settings) {
    double length = 0;
    for (std::size_t i = 0; i < points.size(); ++i)
        length += distance(points[i], points[(i + 1) % points.size()]);
    const double spacing = length / static_cast<double>(points.size());
    const auto reach = static_cast<std::size_t>(std::lround(settings.smoothing_px / spacing / 2));
    if (reach < 1 || 4 * reach + 2 > points.size())
        return fit_closed(points, {}, {.tolerance = settings.detail_px, .line_tolerance = 0.7 * settings.detail_px});
    const Polygon once = averaged(points, reach);
    Polygon taken(points.size());
    for (std::size_t i = 0; i < points.size(); ++i)
        taken[i] = points[i] - once[i];
    taken = averaged(taken, reach);
    Polygon even(points.size());
    for (std::size_t i = 0; i < points.size(); ++i)
        even[i] = once[i] + taken[i];
    const std::size_t span = std::max<std::size_t>(6, 2 * reach);
    std::vector<Corner> corners = 2 * span < points.size() ? staircase_corners(even, span) : std::vector<Corner>{};
    for (Corner& corner : corners)
        corner = {corner.index, points[corner.index], settings.smoothing_px / 2};
    const double tolerance = settings.detail_px + noise(even);
    return fit_closed(even, corners, {.tolerance = tolerance, .line_tolerance = 0.7 * tolerance, .even_out = false});
}

/// How much the curve may stray for the noise of single pixels. On short contours bends look like noise, so none.
double allowance_for_noise(const Polygon& points) {
    constexpr std::size_t too_short = 120;
    return points.size() < too_short ? 0 : std::min(3 * noise(points), 0.35);
}

Contour contour_fit(const Polygon& points, const Coverage& coverage, const TraceSettings& settings) {
    if (settings.smoothing_px > 0)
        return fitted_smoothly(points, settings);
    const bool is_hard = hard_share(points) > 0.6;
    const double tolerance = settings.detail_px + (is_hard ? 0 : allowance_for_noise(points));
    const Contour fine =
        fit_closed(points, blunted_corners(points, coverage), {.tolerance = tolerance, .line_tolerance = tolerance});
    constexpr std::size_t crowded = 7; // fewer points than this to a piece
    const bool is_saw = points.size() >= 40 && fine.segments.size() * crowded > points.size();
    return is_saw && is_hard ? fitted_staircase(points, settings.detail_px) : fine;
}

/// Every four pixels averaged into one.
Coverage halved(const Coverage& coverage) {
    Coverage half((coverage.width + 1) / 2, (coverage.height + 1) / 2);
    const auto value = [&](int x, int y) { return x < coverage.width && y < coverage.height ? coverage.row(y)[x] : 0; };
    for (int y = 0; y < half.height; ++y)
        for (int x = 0; x < half.width; ++x)
            half.row(y)[x] = static_cast<std::uint8_t>((value(2 * x, 2 * y) + value(2 * x + 1, 2 * y) +
                                                        value(2 * x, 2 * y + 1) + value(2 * x + 1, 2 * y + 1) + 2) /
                                                       4);
    return half;
}

/// Contours on their way to being fitted: found by one core, fitted by all, as soon as there are any.
class Fitting {
  public:
    Fitting(const Coverage& picture, const TraceSettings& trace_settings, const Work& the_work)
        : coverage(picture), settings(trace_settings), work(the_work) {}
    ~Fitting() { end(); }
    Fitting(const Fitting&) = delete;
    Fitting& operator=(const Fitting&) = delete;

    void add(Polygon&& points) {
        ++found;
        points_found += points.size();
        constexpr double tiny = 4; // px²; of these there can be millions
        const double area = std::abs(signed_area(points));
        if (found > most_contours && area < tiny)
            return;
        {
            const std::scoped_lock lock(mutex);
            contours.push_back({std::move(points), area});
        }
        if (!helpers)
            helpers.emplace([this] { fit_until_done(); });
        more.notify_one();
    }

    Tracing finish() {
        drop_smallest();
        end();
        fit_until_done();
        if (helpers)
            helpers->join();
        work.at(1);
        Tracing result;
        for (Item& item : contours)
            if (!item.is_dropped && !item.fit.segments.empty()) {
                nodes += item.fit.segments.size();
                result.outline.contours.push_back(std::move(item.fit));
            }
        result.left_out = found > most_contours ? found - most_contours : 0;
        return result;
    }

    [[nodiscard]] bool is_grain() const { return nodes > most_grain && 8 * nodes > points_found; }

  private:
    struct Item {
        Polygon points;  ///< belongs to whoever fits them from then on
        double area = 0; ///< px²
        bool is_dropped = false;
        Contour fit;
    };
    const Coverage& coverage;
    const TraceSettings& settings;
    const Work& work;
    std::deque<Item> contours; // a deque, so that items stay where they are while more are added
    std::size_t found = 0, points_found = 0, nodes = 0, next = 0;
    bool all_found = false;
    std::mutex mutex;
    std::condition_variable more;
    std::optional<Helpers> helpers; ///< since there was a first

    /// No more will be found; when asked to stop, none of those that wait is begun.
    void end() {
        {
            const std::scoped_lock lock(mutex);
            all_found = true;
            if (work.stop.stop_requested())
                next = contours.size();
        }
        more.notify_all();
    }

    /// Beyond the limit only the largest stay, those found first among equals, whatever is fitted by now.
    void drop_smallest() {
        const std::scoped_lock lock(mutex);
        if (contours.size() <= most_contours)
            return;
        std::vector<double> sorted;
        for (const Item& item : contours)
            sorted.push_back(item.area);
        const auto limit = sorted.begin() + most_contours;
        std::nth_element(sorted.begin(), limit, sorted.end(), std::greater<>());
        const double least = *limit;
        auto kept = static_cast<std::size_t>(
            std::ranges::count_if(contours, [least](const Item& item) { return item.area > least; }));
        for (Item& item : contours)
            item.is_dropped = item.area < least || (item.area == least && ++kept > most_contours);
    }

    void fit_until_done() {
        std::unique_lock lock(mutex);
        while (true) {
            more.wait(lock, [this] { return next < contours.size() || all_found; });
            if (next >= contours.size() || work.stop.stop_requested())
                return;
            Item& item = contours[next++];
            if (item.is_dropped)
                continue;
            lock.unlock();
            item.fit = contour_fit(std::exchange(item.points, {}), coverage, settings);
            lock.lock();
        }
    }
};

} // namespace

Tracing trace(const Coverage& coverage, const TraceSettings& settings, const Work& work) {
    Fitting fitting(coverage, settings, work);
    find_contours(coverage, settings.threshold, work.part(0, 0.5),
                  [&](Polygon&& contour) { fitting.add(std::move(contour)); });
    Tracing result = fitting.finish();
    if (!fitting.is_grain())
        return result;
    TraceSettings coarser = settings;
    coarser.smoothing_px /= 2;
    Tracing coarse = trace(halved(coverage), coarser, work);
    return {transformed(coarse.outline, Transform::scale(2, 2)), result.left_out + coarse.left_out,
            2 * coarse.coarsened};
}

Tracing sketch(const Coverage& coverage, const TraceSettings& settings, const Work& work) {
    const double stray = std::max(0.33, settings.detail_px); // px
    Tracing result;
    find_contours(coverage, settings.threshold, work, [&](Polygon&& contour) {
        if (result.outline.contours.size() < most_contours)
            result.outline.contours.push_back(straightened_run(contour, stray));
        else
            ++result.left_out;
    });
    return result;
}

Outline without_specks(const Outline& outline, double least) {
    Outline kept;
    for (const Contour& contour : outline.contours)
        if (std::abs(signed_area(contour)) >= least)
            kept.contours.push_back(contour);
    return kept;
}

} // namespace fusuma
