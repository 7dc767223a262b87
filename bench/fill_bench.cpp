// Filling an A4 zone, beside libnest2d on the same outlines in the same wall time, and beside a plain grid on
// rectangles. Prints densities: area inside cut lines over area of the zone.
//
// usage: bench-fill SVG...   (tests/vector_pictures/*.svg)

#include "bench/figure.h"
#include "bench/libnest2d_reference.h"
#include "core/border/border.h"
#include "core/fill/fill.h"
#include "core/geometry/growth.h"
#include "core/geometry/measure.h"
#include "core/sheet/sheet.h"
#include "core/trace/trace.h"
#include "tests/support/vector_truth.h"

#include <chrono>
#include <cmath>
#include <cstdio>
#include <thread>

namespace {

using namespace fusuma;
using Clock = std::chrono::steady_clock;

constexpr double gap = 3;

double seconds_since(Clock::time_point start) {
    return std::chrono::duration<double>(Clock::now() - start).count();
}

/// A drawing as a sticker: `side` mm along its longer side with a 2 mm border round everything, about its middle.
Polygons sticker_of(const std::string& svg, double side) {
    constexpr int side_px = 400;
    const Outline outline = trace(test::rendered_alpha(svg, side_px), {}).outline;
    const double scale = side / side_px;
    const Border line = border(transformed(outline, Transform::scale(scale, scale)),
                               {.reach = 2, .holes = Holes::close, .one_border = true});
    Polygons polygons = flatten(line.line, 0.1);
    const Point middle = bounds(polygons).centre();
    for (Polygon& polygon : polygons)
        for (Point& p : polygon)
            p = p - middle;
    return polygons;
}

double area_of(const Polygons& polygons) {
    double sum = 0;
    for (const Polygon& polygon : polygons)
        sum += signed_area(polygon);
    return sum;
}

/// Density of libnest2d's first bin for the items and the time it took.
std::pair<double, double> nested(const std::vector<FillItem>& items, const Rect& bin) {
    std::vector<std::vector<std::pair<double, double>>> outlines;
    std::vector<double> areas;
    for (const FillItem& item : items)
        for (int i = 0; i < item.wanted; ++i) {
            auto& outline = outlines.emplace_back();
            for (const Point p : item.outline.front())
                outline.emplace_back(p.x, p.y);
            areas.push_back(area_of(item.outline));
        }
    const auto start = Clock::now();
    const std::vector<int> bins = bench::nested(outlines, bin.width(), bin.height(), gap);
    const double took = seconds_since(start);
    double covered = 0;
    for (std::size_t i = 0; i < bins.size(); ++i)
        if (bins[i] == 0)
            covered += areas[i];
    return {covered / (bin.width() * bin.height()), took};
}

/// Our layout after at most so many seconds.
Filled filled_for(double seconds, FillTask task, double& first_layout) {
    std::stop_source stop;
    const auto start = Clock::now();
    std::jthread timer([&](const std::stop_token& ended) {
        while (!ended.stop_requested() && seconds_since(start) < seconds)
            std::this_thread::sleep_for(std::chrono::milliseconds(5));
        stop.request_stop();
    });
    task.rounds = 1000000;
    first_layout = 0;
    return fill(task, {stop.get_token()}, [&](const Filled&) {
        if (first_layout == 0)
            first_layout = seconds_since(start);
    });
}

/// What share of the zone is taken when half the gap round every copy, and round the zone, is counted in: more than all
/// of it cannot be.
double share_with_gaps(const FillTask& task, const Filled& filled, const Rect& bin) {
    std::vector<double> with_gap;
    for (const FillItem& item : task.items)
        with_gap.push_back(area_of(grown(item.outline, {.width = gap / 2})));
    double sum = 0;
    for (const FilledCopy& copy : filled.copies)
        sum += with_gap[copy.item];
    return sum / ((bin.width() + gap) * (bin.height() + gap));
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fprintf(stderr, "usage: bench-fill SVG...   (tests/vector_pictures/*.svg)\n");
        return 2;
    }
    const Rect bin{{8, 8}, {202, 289}};
    FillTask task{.zone = {corners_of(bin)}, .gap = gap, .way = FillWay::turned, .turns = Turns::quarters};
    double first = 0;

    double sum_ours = 0, sum_theirs = 0;
    int sets = 0;
    for (const double size : {24.0, 34.0, 46.0}) { // sizes of stickers on a mixed sheet
        task.items.clear();
        for (int i = 1; i < argc; ++i)
            task.items.push_back({.outline = sticker_of(argv[i], size * (0.8 + 0.1 * (i % 5))),
                                  .wanted = static_cast<int>(std::lround(9000 / (size * size)))});
        const auto [theirs, took] = nested(task.items, bin);
        const Filled filled = filled_for(took, task, first);
        const double ours = filled.covered_mm2 / (bin.width() * bin.height());
        std::printf("mixed, about %2.0f mm: fusuma %.1f %%, libnest2d %.1f %% in %.1f s each (first layout %.2f s); "
                    "%.1f %% with the gaps\n",
                    size, 100 * ours, 100 * theirs, took, first, 100 * share_with_gaps(task, filled, bin));
        sum_ours += ours;
        sum_theirs += theirs;
        ++sets;
    }
    if (sets > 0)
        std::printf("difference fusuma - libnest2d = %.1f percentage points\n", 100 * (sum_ours - sum_theirs) / sets);

    for (const Size size : {Size{50.8, 25.4}, Size{38.1, 6.35}, Size{30, 30}}) {
        const Rect box{{-size.width / 2, -size.height / 2}, {size.width / 2, size.height / 2}};
        task.items = {{.outline = {corners_of(box)}}};
        task.rounds = 20;
        const std::size_t ours = fill(task).copies.size();
        const int grid = static_cast<int>((bin.width() + gap) / (size.width + gap)) *
                         static_cast<int>((bin.height() + gap) / (size.height + gap));
        std::printf("rectangles %g x %g mm: fusuma %zu, plain grid %d\n", size.width, size.height, ours, grid);
    }

    std::printf("one drawing at 50 mm, 10 s each:");
    std::size_t copies_of_all = 0;
    for (int i = 1; i < argc; ++i) {
        task.items = {{.outline = sticker_of(argv[i], 50)}};
        const std::size_t copies = filled_for(10, task, first).copies.size();
        std::printf(" %zu", copies);
        copies_of_all += copies;
    }
    std::printf(", %zu together\n", copies_of_all);

    Polygon wavy;
    for (int i = 0; i < 200; ++i) {
        const double t = -2 * std::acos(-1.0) * i / 200, r = 8 + 1.5 * std::sin(5 * t);
        wavy.push_back({r * std::cos(t), r * std::sin(t)});
    }
    task.items = {{.outline = {wavy}, .wanted = 100}};
    const auto start = Clock::now();
    const std::size_t copies = [&] {
        task.rounds = 0;
        return fill(task).copies.size();
    }();
    std::printf("100 copies of 200 vertices on A4: %zu placed in %.2f s\n", copies, seconds_since(start));
    if (sets > 0)
        bench::tell("libnest2d-density-over-fill", sum_theirs / sum_ours);
    return 0;
}
