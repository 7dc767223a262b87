#include "core/trace/trace.h"

#include "core/geometry/measure.h"
#include "core/trace/contour.h"
#include "core/trace/fit.h"

#include <atomic>
#include <thread>

namespace fusuma {

Outline trace(const Coverage& coverage, const TraceSettings& settings) {
    const Polygons contours = iso_contours(coverage, settings.threshold);
    Outline outline;
    outline.contours.resize(contours.size());
    // Contours do not depend on each other, so every core takes the next one that is left.
    std::atomic<std::size_t> next{0};
    const auto work = [&] {
        for (std::size_t i; (i = next++) < contours.size();)
            outline.contours[i] =
                fit_closed(contours[i], blunted_corners(contours[i]),
                           {.tolerance = settings.detail_px, .line_tolerance = 0.7 * settings.detail_px});
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
