#include "core/border/ribbon.h"

#include "core/geometry/measure.h"

#include <algorithm>
#include <cmath>

namespace fusuma {

namespace {

constexpr double flat_mm = 0.01;
constexpr double most_ribbon_samples = 8'000;

/// The directions as they are over a third of a millimetre, so that the strip does not shake with every flattened side.
void smooth_normals(std::vector<RibbonSample>& samples, const RibbonRun& run, double spacing) {
    constexpr double over = 0.17; // mm to either side
    const std::size_t count = run.last - run.first;
    const std::size_t reach = std::min(count / 4, 1 + static_cast<std::size_t>(over / spacing));
    for (std::size_t i = 0; i < count; ++i) {
        const Point before = samples[run.first + (i + count - reach) % count].at,
                    after = samples[run.first + (i + reach) % count].at;
        if (const Point along = unit(after - before); norm(along) > 0)
            samples[run.first + i].outward = {-along.y, along.x};
    }
}

} // namespace

std::size_t Ribbon::sample_at(double along) const {
    for (const RibbonRun& run : runs)
        if (along < run.from + run.length || &run == &runs.back()) {
            const double share = std::clamp((along - run.from) / run.length, 0.0, 1.0);
            const auto count = run.last - run.first;
            return run.first + std::min(count - 1, static_cast<std::size_t>(share * static_cast<double>(count)));
        }
    return 0;
}

double Ribbon::along(std::size_t sample) const {
    for (const RibbonRun& run : runs)
        if (sample >= run.first && sample < run.last)
            return run.from +
                   run.length * static_cast<double>(sample - run.first) / static_cast<double>(run.last - run.first);
    return 0;
}

std::optional<std::size_t> Ribbon::nearest_to(Point p) const {
    const auto it = std::min_element(samples.begin(), samples.end(), [&](const RibbonSample& l, const RibbonSample& r) {
        return distance(l.at, p) < distance(r.at, p);
    });
    return it == samples.end() ? std::nullopt : std::optional(static_cast<std::size_t>(it - samples.begin()));
}

Flaw flaw_of(const RibbonSample& sample, const FlawLimits& limits) {
    constexpr double rounding = 0.08; // mm; previews are that coarse
    if (sample.art < std::min(0.0, limits.reach) - rounding)
        return Flaw::into_art;
    return limits.is_paper_seen && sample.art > rounding && sample.art < limits.slip ? Flaw::sliver : Flaw::none;
}

std::size_t stretches_with(const Ribbon& ribbon, Flaw flaw, const FlawLimits& limits) {
    std::size_t count = 0;
    for (const RibbonRun& run : ribbon.runs) {
        std::size_t beginnings = 0;
        bool was = flaw_of(ribbon.samples[run.last - 1], limits) == flaw, always = was;
        for (std::size_t i = run.first; i < run.last; ++i) {
            const bool is = flaw_of(ribbon.samples[i], limits) == flaw;
            beginnings += is && !was;
            always = always && is;
            was = is;
        }
        count += always ? 1 : beginnings;
    }
    return count;
}

MeasuredArt::MeasuredArt(const Outline& art) : edges(flatten(art, flat_mm)), grid(edges), inside(edges) {}

Ribbon ribbon_along(const Outline& cut, const MeasuredArt& art, double spacing) {
    Ribbon ribbon;
    std::vector<std::pair<double, const Contour*>> order;
    for (const Contour& contour : cut.contours)
        order.emplace_back(signed_area(contour), &contour);
    std::stable_sort(order.begin(), order.end(), [](const auto& l, const auto& r) {
        return (l.first > 0) != (r.first > 0) ? l.first > 0 : std::abs(l.first) > std::abs(r.first);
    });
    spacing = std::max(spacing, length(cut) / most_ribbon_samples);

    const Rect reach = bounds(art.edges);
    for (const auto& [area, contour] : order) {
        const Polygon points = flatten(*contour, flat_mm);
        double total = 0;
        for (std::size_t i = 0; i < points.size(); ++i)
            total += distance(points[i], points[(i + 1) % points.size()]);
        if (total <= 0)
            continue;
        RibbonRun run{ribbon.samples.size(), 0, ribbon.length, total, area < 0};
        const double count = std::max(8.0, std::ceil(total / spacing));
        double next = 0, passed = 0;
        for (std::size_t i = 0; i < points.size(); ++i) {
            const Point from = points[i], to = points[(i + 1) % points.size()];
            const double side = distance(from, to);
            const Point along = unit(to - from);
            for (; next < passed + side && ribbon.samples.size() - run.first < static_cast<std::size_t>(count);
                 next += total / count) {
                RibbonSample sample{from + (next - passed) * along, {-along.y, along.x}, 0};
                if (!art.edges.empty()) {
                    const double far = art.grid.distance_to(sample.at, std::hypot(reach.width(), reach.height()) + 100);
                    sample.art = art.inside.contains(sample.at) ? -far : far;
                }
                ribbon.samples.push_back(sample);
            }
            passed += side;
        }
        run.last = ribbon.samples.size();
        smooth_normals(ribbon.samples, run, spacing);
        ribbon.runs.push_back(run);
        ribbon.length += total;
    }
    if (!art.edges.empty() && !ribbon.samples.empty()) {
        const auto [least, most] =
            std::minmax_element(ribbon.samples.begin(), ribbon.samples.end(),
                                [](const RibbonSample& l, const RibbonSample& r) { return l.art < r.art; });
        ribbon.narrowest = static_cast<std::size_t>(least - ribbon.samples.begin());
        ribbon.widest = static_cast<std::size_t>(most - ribbon.samples.begin());
    }
    return ribbon;
}

} // namespace fusuma
